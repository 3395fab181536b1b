import { expect, it } from "vitest";
import { pantryOf } from "../pantry";
import { otherChoice } from "./other-choice";

const pantry = pantryOf();

it.each([
  ["100 g raisins or sultanas", "100 g sultanas", "100 g sultanas (or 100 g raisins)"],
  ["100 g raisins or 80 g sultanas", "80 g sultanas", "80 g sultanas (or 100 g raisins)"],
  ["115 g butter, melted (or 100 ml oil)", "100 ml oil", "100 ml oil (or 115 g butter, melted)"],
  [
    "1 cup walnuts or pecans, chopped",
    "1 cup pecans, chopped",
    "1 cup pecans, chopped (or 1 cup walnuts)",
  ],
  ["2 tbsp rum or orange juice", "2 tbsp orange juice", "2 tbsp orange juice (or 2 tbsp rum)"],
])("%j offers %j, and can be turned back", (text, line, turned) => {
  expect(otherChoice(text, pantry)).toMatchObject({ line, turned });
  const back = otherChoice(turned, pantry);
  expect(back?.own).toBe(line);
  expect(back?.turned.startsWith(turned.split(" (or ")[1]?.slice(0, -1) ?? "-")).toBe(true);
});

it.each([
  "200 g flour",
  "1 or 2 tbsp milk",
  "3/4 cup or 150 g sugar",
  "2 eggs (or as many as it takes)",
  "or",
  "",
])("%j offers nothing else", (text) => {
  expect(otherChoice(text, pantry)).toBeNull();
});
