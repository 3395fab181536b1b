import { describe, expect, it } from "vitest";
import { pantryOf } from "../pantry";
import { mentionsIn } from "./mentions";

const pantry = pantryOf();
const told = (text: string): readonly string[] => mentionsIn(text, pantry).map(({ line }) => line);

describe("words that are food in one place and none in another", () => {
  it.each([
    ["freeze them in a bag with the date on it", []],
    ["stir in the date paste", ["date"]],
    ["150 g chopped dates", ["150 g chopped dates"]],
    ["sprinkle it over the top", []],
    ["throw on sprinkles", ["sprinkles"]],
    ["simmer 4 lime leaves in the cream", ["4 lime leaves", "cream"]],
    ["turn it out and peel off the paper", []],
    ["50 g candied peel", ["50 g candied peel"]],
    ["for the regatta tea table", []],
    ["pour over 300 ml strong tea", ["300 ml strong tea"]],
    ["cream the butter well", ["butter"]],
    ["whip the cream", ["cream"]],
    ["butter the tins and flour them", []],
    ["beat until pale and white", []],
    ["stand it in a water bath", []],
  ])("%j tells of %j", (text, names) => {
    expect(told(text)).toEqual(names);
  });
});
