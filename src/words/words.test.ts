import { describe, expect, it } from "vitest";
import { SHAPES } from "@/core/tin";
import {
  areaText,
  cautionText,
  depthText,
  heatText,
  issueText,
  lengthText,
  METRIC,
  minutesText,
  percentText,
  remarkText,
  SHELVES,
  timesText,
  tinText,
  volumeText,
  weightText,
} from ".";
import { unitsOfRegion, type Units } from "./regions";

const US = unitsOfRegion("us");
const plain = (text: string): string => text.replaceAll(/[\u00a0\u202f]/gu, " ");

describe("quantities as a person says them", () => {
  it.each<[string, string]>([
    [weightText(654.7, METRIC), "650 g"],
    [weightText(1216, METRIC), "1 220 g"],
    [weightText(1216, US), "43 oz"],
    [weightText(120, US), "4.2 oz"],
    [volumeText(1422, METRIC), "1.4 L"],
    [volumeText(648, METRIC), "650 mL"],
    [volumeText(532, US), "2 1/4 cups"],
    [volumeText(20, US), "1 1/2 tbsp"],
    [volumeText(7, US), "1 1/2 tsp"],
    [volumeText(60, US), "1/4 cup"],
    [lengthText(229, METRIC), "23 cm"],
    [lengthText(229, US), "9 in"],
    [depthText(16.2, METRIC), "16 mm"],
    [depthText(16.2, US), "5/8 in"],
    [heatText(176.7, METRIC), "177 °C"],
    [heatText(162, US), "325 °F"],
    [minutesText(39), "39 min"],
    [minutesText(1.5), "90 s"],
    [minutesText(2), "2 min"],
    [minutesText(3.25), "3 min 15 s"],
    [minutesText(150), "2 h 30 min"],
    [percentText(0.324), "32 %"],
    [timesText(1.2685), "× 1.27"],
    [areaText(75_900, METRIC), "760 cm²"],
    [areaText(75_900, US), "118 sq in"],
    [
      tinText({ shape: "round", diameterMm: 203, depthMm: 51, count: 2 }, METRIC),
      "2 × round 20 × 5 cm",
    ],
    [
      tinText(
        { shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51, material: "glass" },
        US,
      ),
      "rectangle 13 × 9 × 2 in, glass",
    ],
    [tinText({ shape: "well", rimMm: 70, depthMm: 32, count: 12 }, METRIC), "12 cups 7 × 3 cm"],
  ])("%s", (text, expected) => {
    expect(plain(text)).toBe(expected);
  });
});

describe("issues name the value and what would be right", () => {
  it.each<[Parameters<typeof issueText>[0], Units, string]>([
    [
      { code: "out-of-range", path: "tins[0].depthMm", value: 5, min: 10, max: 200, unit: "mm" },
      METRIC,
      "Depth 5 mm is too shallow: 10 to 200 mm.",
    ],
    [
      { code: "out-of-range", path: "depthMm", value: 254, min: 10, max: 200, unit: "mm" },
      US,
      "Depth 10 in is too deep: 0.39 to 7.87 in.",
    ],
    [
      { code: "out-of-range", path: "heat.ovenC", value: 400, min: 100, max: 260, unit: "°C" },
      US,
      "Oven temperature 752 °F is too high: 212 to 500 °F.",
    ],
    [
      {
        code: "out-of-range",
        path: "tubeMm",
        value: 190,
        min: 10,
        max: 130,
        unit: "mm",
        because: "tube-wider-than-tin",
      },
      METRIC,
      "Tube 190 mm is too large: 10 to 130 mm; the tube leaves no space for batter.",
    ],
    [
      {
        code: "out-of-range",
        path: "oven.readsC",
        value: -90,
        min: -60,
        max: 60,
        unit: "°C difference",
      },
      METRIC,
      "Oven error −90 °C is too low: −60 to 60 °C.",
    ],
    [
      { code: "not-whole", path: "count", value: 1.5, min: 1, max: 99 },
      METRIC,
      "Number of tins 1.5 is not a whole number: 1 to 99.",
    ],
    [
      { code: "not-a-choice", path: "scale", value: "dbl", allowed: ["keep", "same-depth"] },
      METRIC,
      "Scale “dbl” is not known: keep, same-depth.",
    ],
    [
      { code: "missing", path: "tins", expected: "tins" },
      METRIC,
      "No tin yet: choose at least one.",
    ],
    [
      { code: "unreadable", path: "ovenC", value: "hot", expected: "heat" },
      METRIC,
      "“hot” can't be read: write a temperature like 180 °C or 350 °F.",
    ],
    [
      { code: "missing", path: "ovenC", expected: "number" },
      METRIC,
      "Oven temperature is missing: write a temperature like 180 °C or 350 °F.",
    ],
    [
      { code: "unreadable", path: "size", value: "zonk", expected: "size" },
      METRIC,
      "“zonk” can't be read: write a size like 23 cm, 9 in or 33 x 23 x 5 cm.",
    ],
    [
      { code: "unknown-field", path: "colour", value: "colour" },
      METRIC,
      "“colour” is not a field that is known here.",
    ],
    [
      { code: "too-many", path: "tins", value: 21, max: 20 },
      METRIC,
      "Tins: 21 are too many, at most 20.",
    ],
    [
      { code: "wrong-type", path: "recipe.batter.massG", value: "lots", expected: "number" },
      METRIC,
      "Weight of batter “lots” can't be read: a number is needed.",
    ],
  ])("%j", (issue, units, expected) => {
    expect(issueText(issue, units)).toBe(expected);
  });
});

describe("cautions and remarks say what to do", () => {
  it("takes out a weight for a number of cups", () => {
    expect(
      plain(
        cautionText(
          { code: "tray-underneath", takeOutG: 304, cups: { count: 7, eachMl: 50 } },
          METRIC,
        ),
      ),
    ).toBe("Put a tray underneath, or take out 305 g of batter: it makes 7 cups of 7 cm.");
  });

  it("shows rule and forecast apart when they differ by over 5 °C, and together when they don't", () => {
    const glass = {
      code: "other-material",
      material: "glass",
      ruleLessC: 15,
      modelLessC: 4,
    } as const;
    expect(plain(remarkText(glass, METRIC))).toContain(
      "bakers set the oven 15 °C down, the forecast would say 4 °C down",
    );
    expect(plain(remarkText({ ...glass, modelLessC: 11 }, METRIC))).toContain(
      "the forecast agrees",
    );
    expect(plain(remarkText({ ...glass, ruleLessC: -15, modelLessC: -1 }, US))).toContain(
      "25 °F up, the forecast would say no change",
    );
  });

  it("offers the kinds that would fit a weight", () => {
    const text = remarkText(
      {
        code: "unusual-gravity",
        kind: "creamed",
        specificGravity: 0.43,
        low: 0.8,
        high: 0.92,
        kinds: ["whisked", "chiffon"],
      },
      METRIC,
    );
    expect(text).toBe(
      "0.43 g per mL does not suit a creamed butter batter, usually 0.8 to 0.92. Check weight and volume, or is it whisked sponge or chiffon?",
    );
  });
});

describe("the cupboard's shelves", () => {
  it("hold every shape of tin once", () => {
    expect(SHELVES.flatMap(({ shapes }) => shapes).toSorted()).toEqual([...SHAPES].sort());
  });
});
