import { expect, it } from "vitest";
import { METRIC } from "@/words";
import { boxText, withUnit } from "./thick-text";
import { unitsOfRegion } from "@/words";

const US = unitsOfRegion("us");

it("writes a thickness as the kitchen measures", () => {
  expect([boxText(6.3, METRIC), boxText(6.35, US)]).toEqual(["6.5 mm", "0.26 in"]);
});

it("gives a bare number the unit it was meant in, and leaves everything else as it was written", () => {
  expect(["3/8", " 6 ", "1 1/2"].map((text) => withUnit(text, US))).toEqual([
    "3/8 in",
    "6 in",
    "1 1/2 in",
  ]);
  expect(["8", "0.9 cm", "wide", "", "8 mm"].map((text) => withUnit(text, METRIC))).toEqual([
    "8 mm",
    "0.9 cm",
    "wide",
    "",
    "8 mm",
  ]);
});
