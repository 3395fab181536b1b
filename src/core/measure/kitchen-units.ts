import { assertNever } from "./issue";
import { cupMl, spoonsMl, type KitchenMeasures } from "./kitchen-measures";
import { OUNCE_G, US_CUP_ML } from "./units";

/**
 * Units a recipe is written in. `piece` is the thing itself: 3 eggs; `pack` is as it is sold: 1
 * can.
 */
export type KitchenUnit =
  | "g"
  | "kg"
  | "mg"
  | "oz"
  | "lb"
  | "ml"
  | "cl"
  | "dl"
  | "l"
  | "fl-oz"
  | "pint"
  | "quart"
  | "cup"
  | "tbsp"
  | "dessertspoon"
  | "tsp"
  | "pinch"
  | "dash"
  | "drop"
  | "stick"
  | "knob"
  | "handful"
  | "piece"
  | "pack";

/** How units are written; the first form in the text that matches whole words is taken. */
const UNIT_WORDS: readonly (readonly [RegExp, KitchenUnit])[] = [
  [/^(?:kg|kgs|kilos?|kilograms?|kilogrammes?)\b\.?/iu, "kg"],
  [/^(?:mg|milligrams?)\b\.?/iu, "mg"],
  [/^(?:g|gs|gr|grs|gm|gms|grams?|grammes?)\b\.?/iu, "g"],
  [/^(?:fl\.?\s*oz|fluid\s+ounces?)\b\.?/iu, "fl-oz"],
  [/^(?:oz|ozs|ounces?)\b\.?/iu, "oz"],
  [/^(?:lb|lbs|pounds?)\b\.?/iu, "lb"],
  [/^(?:ml|mls|mL|mils?|cc|millilit(?:re|er)s?)\b\.?/iu, "ml"],
  [/^(?:cl|centilit(?:re|er)s?)\b\.?/iu, "cl"],
  [/^(?:dl|decilit(?:re|er)s?)\b\.?/iu, "dl"],
  [/^(?:l|lt|ltr|lit(?:re|er)s?)\b\.?/iu, "l"],
  [/^(?:pints?|pt)\b\.?/iu, "pint"],
  [/^(?:quarts?|qt)\b\.?/iu, "quart"],
  [/^(?:cups?|cupfuls?|cupsful|c)\b\.?/iu, "cup"],
  [/^(?:dessert\s?spoons?(?:fuls?)?|dsp)\b\.?/iu, "dessertspoon"],
  [/^(?:table[\s-]?spoons?(?:fuls?)?|tbsps?|tbs|tblsps?|tbls)\b\.?/iu, "tbsp"],
  [/^T\b\.?/u, "tbsp"],
  [/^(?:tea[\s-]?spoons?(?:fuls?)?|tsps?)\b\.?/iu, "tsp"],
  [/^t\b\.?/u, "tsp"],
  [/^(?:pinch(?:es)?)\b/iu, "pinch"],
  [/^(?:dash(?:es)?|splash(?:es)?)\b/iu, "dash"],
  [/^(?:drops?)\b/iu, "drop"],
  [/^(?:sticks?)\b(?!\s+of\s+cinnamon)/iu, "stick"],
  [/^(?:knobs?)\b/iu, "knob"],
  [/^(?:handfuls?)\b/iu, "handful"],
  [/^(?:bulbs?|balls?)\b(?=\s+(?:of\s+)?(?:stem|preserved|candied)\b)/iu, "piece"],
  [
    /^(?:cans?|tins?|jars?|packs?|packets?|pkts?|packages?|pkgs?|box(?:es)?|bags?|bottles?|cartons?|tubs?|blocks?|bars?|sachets?|envelopes?|pots?|punnets?)\b\.?/iu,
    "pack",
  ],
];

/**
 * The unit at the start of a text with what follows it, a joining `of` dropped; null when none
 * stands there.
 */
export function readUnit(
  text: string,
): { readonly unit: KitchenUnit; readonly rest: string } | null {
  const start = text.trimStart();
  for (const [pattern, unit] of UNIT_WORDS) {
    const found = pattern.exec(start);
    if (found !== null)
      return {
        unit,
        rest: start
          .slice(found[0].length)
          .trimStart()
          .replace(/^of\s+/iu, ""),
      };
  }
  return null;
}

export type UnitSize =
  | { readonly of: "mass"; readonly g: number }
  | { readonly of: "volume"; readonly ml: number }
  | { readonly of: "count" };

/** A US liquid pint, quart or fluid ounce in a US kitchen, the imperial one elsewhere. */
function fluid(measures: KitchenMeasures, usMl: number, imperialMl: number): UnitSize {
  return {
    of: "volume",
    ml: measures.cup === "us" || measures.cup === "us-legal" ? usMl : imperialMl,
  };
}

/** What one of a unit is in a kitchen: grams, millilitres, or a number of things. */
export function unitSize(unit: KitchenUnit, measures: KitchenMeasures): UnitSize {
  const spoon = spoonsMl(measures);
  switch (unit) {
    case "g":
      return { of: "mass", g: 1 };
    case "kg":
      return { of: "mass", g: 1000 };
    case "mg":
      return { of: "mass", g: 0.001 };
    case "oz":
      return { of: "mass", g: OUNCE_G };
    case "lb":
      return { of: "mass", g: 16 * OUNCE_G };
    case "ml":
      return { of: "volume", ml: 1 };
    case "cl":
      return { of: "volume", ml: 10 };
    case "dl":
      return { of: "volume", ml: 100 };
    case "l":
      return { of: "volume", ml: 1000 };
    case "fl-oz":
      return fluid(measures, US_CUP_ML / 8, 28.4130625);
    case "pint":
      return fluid(measures, 2 * US_CUP_ML, 568.26125);
    case "quart":
      return fluid(measures, 4 * US_CUP_ML, 1136.5225);
    case "cup":
      return { of: "volume", ml: cupMl(measures) };
    case "tbsp":
      return { of: "volume", ml: spoon.tbsp };
    case "dessertspoon":
      return { of: "volume", ml: 10 };
    case "tsp":
      return { of: "volume", ml: spoon.tsp };
    // The small ones are what fingers and bottles give. Judgement.
    case "pinch":
      return { of: "mass", g: 0.3 };
    case "dash":
      return { of: "volume", ml: 0.6 };
    case "drop":
      return { of: "volume", ml: 0.05 };
    case "stick":
      return { of: "mass", g: 113.4 };
    case "knob":
      return { of: "mass", g: 15 };
    case "handful":
      return { of: "mass", g: 30 };
    case "piece":
    case "pack":
      return { of: "count" };
    default:
      return assertNever(unit);
  }
}

/** Whether a unit's spoon or cup can be rounded or heaped. */
export function isSpoon(unit: KitchenUnit): boolean {
  return unit === "tbsp" || unit === "tsp" || unit === "dessertspoon";
}
