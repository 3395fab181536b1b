import {
  fahrenheitFromC,
  fahrenheitSteps,
  INCH_MM,
  roundTo,
  type Issue,
  type Expected,
  type RangeReason,
  type Unit,
} from "@/core/measure";
import { sayIn, type Say } from "./vocabulary";
import type { Units } from "./regions";

/** Fields as a baker would name them; the last part of a path decides. */
const FIELD_NAMES: Readonly<Record<string, string>> = {
  depthMm: "Depth",
  diameterMm: "Width across",
  lengthMm: "Length",
  widthMm: "Width",
  rimMm: "Rim of the cup",
  floorMm: "Floor of the cup",
  tubeMm: "Tube",
  taperDeg: "Lean of the wall",
  cornerMm: "Corner",
  brimMl: "Water to the brim",
  halfMl: "Water to half the depth",
  heightMm: "Height",
  rimLengthMm: "Length at the rim",
  sizesAt: "Where it was measured",
  count: "Number of tins",
  left: "How many are left",
  eachG: "Weight of one",
  ovenC: "Oven temperature",
  minutes: "Minutes",
  look: "Start checking",
  checkAtMin: "Start checking",
  massG: "Weight of batter",
  volumeMl: "Volume of batter",
  specificGravity: "Weight per mL of batter",
  scale: "Scale",
  make: "Amount to make",
  heat: "Oven temperature",
  ownHeat: "Oven temperature",
  dialC: "Dial",
  trueC: "Thermometer",
  coreC: "Core",
  minute: "Minute",
  warmUpMin: "Warm-up",
  step: "Dial marks",
  atOnce: "Shelves at once",
  clearMm: "Space above a shelf",
  readsC: "Oven error",
  dialStepC: "Dial marks",
  topMm: "Frosting on the top",
  sideMm: "Side",
  firstMm: "First coat",
  marginFraction: "Extra",
  splits: "Slices to a layer",
  fillingMm: "Filling",
  damMm: "Dam",
  soakMlPerKg: "Soak",
  heightsMm: "Measured height",
  rolledMm: "Fondant",
  dressName: "Its name",
  layMuch: "How much",
  duringAt: "Its minute",
  duringTo: "The temperature from then on",
  dressMuch: "How much",
  drips: "Drips",
  overlap: "Overlap",
  each: "Slices to a fruit",
  share: "Share",
  shape: "Shape",
  material: "Material",
  kind: "Kind of batter",
  tins: "Tins",
  size: "Size",
  frosting: "Frosting",
  cover: "Cover",
  lines: "Ingredient lines",
  name: "Name",
  recipeText: "The text",
  portions: "Portions",
  parcel: "Portions in a parcel",
  firstPlace: "First place",
  weighedG: "Weighed amount",
  weighedGravity: "Weight of 1 mL of batter",
  ownMl: "Own cup",
  times: "Times the recipe",
  fillDepth: "Depth of the batter",
  guests: "Guests",
  inTinMin: "Minutes in the tin",
  offOvenMin: "Minutes in the switched-off oven",
  fruitG: "Fruit",
  recipeEggs: "Eggs in the recipe",
  pieces: "Pieces",
  fullAtMost: "How full",
  crowningMm: "Crown above the rim",
};

const REASONS: Readonly<Record<RangeReason, string>> = {
  "base-would-close": "the floor would close up",
  "corner-rounder-than-side": "a corner can't be rounder than half the short side",
  "fillet-deeper-than-tin": "the rounded foot of the wall is deeper than the tin",
  "tube-wider-than-tin": "the tube leaves no space for batter",
  "floor-wider-than-rim": "a cup is no wider below than above",
  "half-disagrees-with-brim": "half-full and full disagree by over 15 %: measure again",
  "profile-goes-from-floor-to-rim": "the first width is at the floor, 0 mm, the last at the rim",
  "profile-rises": "each width stands higher than the one before",
  "water-disagrees-with-size": "the water and the sizes disagree by over 15 %: measure again",
  "hole-would-close": "the hole of the ring would close",
  "split-too-thin": "slices under 12 mm tear",
  "dam-leaves-no-room": "it would leave no space for the filling",
  "coat-wider-than-ledge": "the coat would be wider than the ledge between the tiers",
  "fruit-wider-than-cake": "a piece has to fit on the cake",
  "heat-never-sets": "below that the middle never sets, above it the rim burns first",
};

/** What a box takes, by the field it fills. */
const EXAMPLES: Readonly<Record<string, string>> = {
  size: "a size like 23 cm, 9 in or 33 x 23 x 5 cm",
  ovenC: "a temperature like 180 °C or 350 °F",
  ownHeat: "a temperature like 165 °C or 325 °F",
  dialC: "a temperature like 180 °C, 350 °F or gas 4",
  trueC: "a temperature like 174 °C or 345 °F",
  coreC: "a temperature like 96 °C or 205 °F",
  minute: "minutes like 34",
  step: "degrees like 5",
  warmUpMin: "minutes like 15",
  minutes: "minutes like 34 min or 1 h 10 min",
  look: "minutes like 25 min",
  massG: "a weight like 1030 g or 2 lb 4 oz",
  volumeMl: "a volume like 1.2 L or 5 cups",
  recipeText: "the text of a recipe",
  times: "an amount like 1.5",
  fillDepth: "a depth like 2.5 cm or 1 in",
  guests: "a number like 24",
  wantedAt: "a day and an hour",
  dayFrom: "a time like 7:00",
  dayTo: "a time like 22:00, after the beginning",
  outFrom: "a time like 12:00",
  outTo: "a time like 13:30, after leaving",
  fruitG: "a weight like 300 g",
  pieces: "a number like 12",
  fillingMm: "a thickness like 6 mm or 1/4 in",
  damMm: "a width like 12 mm or 1/2 in",
  topMm: "a thickness like 8 mm or 3/8 in",
  firstMm: "a thickness like 2 mm",
  rolledMm: "a thickness like 4 mm",
  dressName: "a word like sugared almonds",
  layMuch: "a weight like 80 g",
  duringAt: "minutes like 25 min",
  duringTo: "a temperature like 160 °C",
  dressMuch: "a weight like 80 g, or a number of pieces like 12",
  heightsMm: "a height like 38 mm or 1 1/2 in",
  soakMlPerKg: "a number like 80",
  marginFraction: "a share like 12 %",
  overlap: "a share like 20 %",
  share: "a share like 1/3",
  drips: "a number like 20",
  each: "a number like 6",
  recipeEggs: "a number like 4",
  portions: "an amount like 18",
  eggs: "an amount like 3",
  line: "a weight like 640 g",
  depthMm: "a depth like 5 cm or 2 in",
  taperDeg: "degrees like 5",
  profile: "lines like 0 cm: 18 cm, from the floor up to the rim",
  brimMl: "a volume like 1.6 L, or the weight of the water like 1590 g",
  halfMl: "a volume like 0.8 L, or the weight of the water like 795 g",
  count: "a number like 12",
};

/** The same for a field without an example of its own. */
const EXPECTED: Readonly<Record<Expected, string>> = {
  amount: "an amount like 1.5",
  heat: "a temperature like 180 °C or 350 °F",
  length: "a length like 20 cm or 8 in",
  minutes: "minutes like 34",
  number: "a number like 4",
  profile: "a height and a width",
  share: "a share like 12 %",
  size: "a size like 23 cm, 9 in or 33 x 23 x 5 cm",
  text: "text",
  thickness: "a thickness like 8 mm or 3/8 in",
  time: "a time like 7:00",
  volume: "a volume like 1.2 L or 5 cups",
  weight: "a weight like 300 g",
};

/** What a recipe has to say before it can be scaled that way. */
const NOTHING_TO_GO_BY: Readonly<Record<string, string>> = {
  portions: "The recipe does not say how many it serves: write it under Serves.",
  eggs: "No eggs are counted in the batter.",
  line: "Choose the ingredient it is.",
  tinsOfRecipe: "The recipe names no tin to compare with: write it under Its tins.",
};

/**
 * What is wrong and what would be right, for people: names the value and the allowed range in their
 * own units.
 * @example issueText({ code: "out-of-range", path: "depthMm", value: 5, min: 10, max: 200, unit: "mm" }, METRIC)
 * // "Depth 5 mm is too shallow: 10 to 200 mm."
 */
export function issueText(issue: Issue, units: Units): string {
  const say = sayIn(units);
  const field = fieldName(issue.path, say);
  switch (issue.code) {
    case "out-of-range": {
      const shown = (value: number): string => measured(value, issue.unit, units);
      const direction = directionWords(issue.path, issue.unit)[issue.value < issue.min ? 0 : 1];
      const because = issue.because === undefined ? "" : say(`; ${REASONS[issue.because]}`);
      const unit = unitName(issue.unit, units);
      return `${field} ${shown(issue.value)}${unit} is ${direction}: ${shown(issue.min)} to ${shown(issue.max)}${unit}${because}.`;
    }
    case "not-whole":
      return `${field} ${issue.value} is not a whole number: ${issue.min} to ${issue.max}.`;
    case "not-a-choice":
      return `${field} “${issue.value}” is not known: ${issue.allowed.join(", ")}.`;
    case "wrong-type":
      return `${field} “${issue.value}” can't be read: ${expectedText(issue.expected)} is needed.`;
    case "missing": {
      if (issue.path in NOTHING_TO_GO_BY) return say(NOTHING_TO_GO_BY[issue.path] ?? "");
      if (issue.path === "tins" || issue.path.endsWith(".tins"))
        return say`No tin yet: choose at least one.`;
      const example = EXAMPLES[last(issue.path)];
      return example === undefined
        ? `${field} is missing.`
        : `${field} is missing: write ${example}.`;
    }
    case "not-extrapolated":
      return `${issue.source === "microwave" ? "This recipe is for a microwave" : say`This recipe is for a closed pot on the hob`}: heat reaches it another way than in an oven, so its minutes can't be carried to this. Choose a vessel like its own, with ${issue.min} to ${issue.max} times as much in it.`;
    case "unknown-field":
      return `“${issue.value}” is not a field that is known here.`;
    case "unreadable": {
      const example = EXAMPLES[last(issue.path)] ?? EXPECTED[issue.expected];
      if (issue.path === "recipeText")
        return "This is a program's or a picture's file, not a text: paste the words of the recipe instead.";
      return issue.value === ""
        ? `Write ${example}.`
        : `“${issue.value}” can't be read: write ${example}.`;
    }
    case "too-many":
      if (issue.path === "recipeText")
        return `The text is ${issue.value} characters long: at most ${issue.max}. Nothing of it was changed; paste a shorter part.`;
      if (issue.path === "recipeLines")
        return `The text has ${issue.value} lines: at most ${issue.max}. Nothing of it was changed; paste a shorter part.`;
      if (issue.path === "size")
        return `${issue.value} numbers are too many for a size: at most ${issue.max}.`;
      return `${field}: ${issue.value} are too many, at most ${issue.max}.`;
    case "contradicts":
      return `“${last(issue.path)}” and “${issue.with}” can't both be: give one of them.`;
  }
}

function directionWords(path: string, unit: Unit): readonly [under: string, over: string] {
  if (path.endsWith("depthMm")) return ["too shallow", "too deep"];
  if (path === "firstPlace") return ["too low", "too high"];
  switch (unit) {
    case "mm":
      return ["too small", "too large"];
    case "°C":
    case "°C difference":
      return ["too low", "too high"];
    case "min":
      return ["too short", "too long"];
    case "count":
      return ["too few", "too many"];
    case "mL/kg":
      return ["too little", "too much"];
    case "g/mL":
      return ["too light", "too heavy"];
    case "mL":
    case "g":
    case "°":
    case "times":
      return ["too little", "too much"];
  }
}

function last(path: string): string {
  return (
    path
      .split(".")
      .at(-1)
      ?.replace(/\[\d+\]$/u, "") ?? ""
  );
}

function fieldName(path: string, say: Say): string {
  // A tin has sides, and so has a coat.
  if (/^(?:sideMm|finish\.sideMm)$/u.test(path)) return say`Frosting on the sides`;
  const field = last(path);
  return say(FIELD_NAMES[field] ?? (field === "" ? "The request" : field));
}

function expectedText(expected: string): string {
  return (
    {
      number: "a number",
      object: "a list of named fields",
      array: "a list",
      string: "text",
      boolean: "true or false",
    }[expected] ?? expected
  );
}

function unitName(unit: Unit, units: Units): string {
  switch (unit) {
    case "mm":
      return units.measure === "us" ? " in" : " mm";
    case "°C":
    case "°C difference":
      return ` °${units.heat}`;
    case "count":
      return "";
    case "times":
      return " times";
    case "°":
      return "°";
    case "mL":
    case "g":
    case "g/mL":
    case "mL/kg":
    case "min":
      return ` ${unit}`;
  }
}

function measured(value: number, unit: Unit, units: Units): string {
  const shown = (converted: number, step: number): string =>
    String(roundTo(converted, step)).replace("-", "−");
  if (unit === "mm" && units.measure === "us") return shown(value / INCH_MM, 0.01);
  if (unit === "°C" && units.heat === "F") return shown(fahrenheitFromC(value), 1);
  if (unit === "°C difference" && units.heat === "F") return shown(fahrenheitSteps(value), 1);
  return shown(value, 0.01);
}
