import { foldName, type Ingredient } from "@/core/pantry";
import {
  assertNever,
  weighedGrams,
  type EggSize,
  type KitchenMeasure,
  type KitchenMeasures,
  type CupWay,
} from "@/core/measure";
import type { KindReason } from "@/core/mix";
import type {
  BalanceRemark,
  EggChoice,
  FormulaRow,
  LineDoubt,
  NoMass,
  PartRole,
  ReadingProblem,
  RowKind,
  Stage,
  StepKind,
  SwapEffect,
  SwapId,
} from "@/core/recipe";
import { hasOtherNames, foodName } from "./vocabulary";
import { fraction, gramsText, weightText } from "./quantities";
import type { Units } from "./regions";

/** 3/4 cup + 2 tbsp. */
export function kitchenText({ pieces, error }: KitchenMeasure): string {
  const text = pieces
    .map(({ count, unit }) => `${fraction(count)} ${unit}${unit === "cup" && count > 1 ? "s" : ""}`)
    .join(" + ");
  // A person should know when spoons can't give the amount.
  return Math.abs(error) > 0.03
    ? `${text} (${error > 0 ? "+" : "−"}${Math.round(Math.abs(error) * 100)} %)`
    : text;
}

export const WAY_NAMES: Readonly<Record<CupWay, string>> = {
  spooned: "spooned and levelled",
  dipped: "dipped and swept",
  packed: "packed",
  sifted: "sifted",
};

export const CUP_NAMES: Readonly<Record<Extract<KitchenMeasures["cup"], string>, string>> = {
  us: "US cup, 237 mL",
  "us-legal": "US label cup, 240 mL",
  metric: "metric cup, 250 mL",
  imperial: "half-pint cup, 284 mL",
  small: "small cup, 200 mL",
};

export const EGG_NAMES: Readonly<Record<EggSize, string>> = {
  "us-small": "US small, 42 g",
  "us-medium": "US medium, 47 g",
  "us-large": "US large, 50 g",
  "us-extra-large": "US extra large, 56 g",
  "eu-small": "EU small, 43 g",
  "eu-medium": "EU medium, 50 g",
  "eu-large": "EU large, 58 g",
};

export const ROLE_NAMES: Readonly<Record<PartRole, string>> = {
  batter: "batter",
  filling: "filling",
  frosting: "frosting",
  topping: "topping",
  syrup: "syrup",
  soak: "soak",
};

export const STEP_NAMES: Readonly<Record<StepKind, string>> = {
  prepare: "prepare",
  melt: "melt or cook",
  cream: "cream",
  whisk: "whisk",
  fold: "fold",
  mix: "mix",
  heat: "warm the oven",
  rest: "rest",
  fill: "fill",
  bake: "bake",
  cool: "cool",
  build: "build",
  finish: "finish",
  other: "step",
};

/** When a step is done, as a heading over the steps of its time. */
export const STAGE_NAMES: Readonly<Record<Stage, string>> = {
  before: "Before the oven",
  oven: "In the oven",
  hot: "While it is hot",
  cold: "When it is cold",
  serve: "At the table",
  keep: "What is left",
};

export const ROW_NAMES: Readonly<Record<RowKind, string>> = {
  title: "name",
  heading: "heading",
  part: "part",
  ingredient: "ingredient",
  step: "step",
  tins: "tins",
  heat: "heat",
  minutes: "minutes",
  yield: "makes",
  note: "note",
  source: "source",
  blank: "",
  "second-recipe": "another recipe",
  unread: "not understood",
};

export const DOUBT_WORDS: Readonly<Record<LineDoubt, string>> = {
  "no-amount": "no amount given",
  "no-number": "a unit without a number",
  "two-things": "two things in one line: split it",
  "which-part": "which part it is for is not certain",
  "which-time": "when it is done is not certain",
  alternative: "a choice: the first is taken",
  negative: "less than nothing: the minus is left out",
  huge: "a huge amount: check it",
  "no-name": "no ingredient named",
};

export const MISSING_WORDS: Readonly<Record<NoMass, string>> = {
  "no-amount": "no amount",
  "unknown-ingredient": "not in the pantry: choose what it is",
  "not-by-volume": "not measured by the cup: weigh it",
  "not-by-piece": "weight of one is not known: weigh it",
};

/** Why a batter was taken for its kind. */
export const KIND_REASONS: Readonly<Record<KindReason, string>> = {
  set: "no flour and no leavener: it sets, it does not rise",
  "cream-cheese": "it is mostly soft cheese",
  "dried-fruit": "it is mostly dried fruit",
  "chocolate-little-flour": "much chocolate, little flour",
  "whites-only": "whipped whites alone",
  "whipped-eggs-oil": "whipped whites folded into oil and yolks",
  "whipped-eggs": "whipped eggs carry it",
  "whites-folded": "whites are whipped apart and folded in",
  "hot-liquid": "hot liquid thins it",
  oil: "its fat is oil",
  melted: "its butter is melted: it holds no air",
  "melted-sweet": "melted butter, much sugar, little to thin it",
  "creamed-heavy": "butter, sugar, eggs and flour in equal weights",
  creamed: "butter is creamed with sugar",
  muffin: "stirred, into cups",
  quick: "stirred, into a loaf tin",
  name: "its name says so",
  usual: "nothing tells otherwise",
};

/** What a reader should look at first. */
export function problemText(problem: ReadingProblem): string {
  switch (problem.code) {
    case "no-ingredients":
      return "No ingredient line was found.";
    case "second-recipe":
      return `There seem to be two recipes here. The first is read; ${problem.rows} lines of the other are kept in the original.`;
    case "no-steps":
      return "No steps were found.";
    case "no-tins":
      return `No tin with a size is named: add it, or it can't be compared with yours.`;
    case "no-heat":
      return "No oven temperature is named.";
    case "no-minutes":
      return "No baking minutes are named.";
    case "minutes-range":
      return `The minutes are a range, ${problem.minutes.low} to ${problem.minutes.high}: the middle is taken.`;
    case "unread":
      return problem.rows === 1
        ? "One line was not understood; it is kept in the original."
        : `${problem.rows} lines were not understood; they are kept in the original.`;
    default:
      return assertNever(problem);
  }
}

/** A proportion out of what is usual, with the reason it matters. */
export function balanceText({ code, value, low, high }: BalanceRemark): string {
  const shown = (percent: number): string =>
    `${percent < 10 ? Math.round(percent * 10) / 10 : Math.round(percent)} %`;
  const range = `usually ${shown(low)} to ${shown(high)} of the flour`;
  switch (code) {
    case "sugar":
      return `Sugar ${shown(value)}, ${range}: ${value < low ? "a tighter, paler crumb" : "it may sink and stick"}.`;
    case "egg-under-fat":
      return `Egg ${shown(value)} under fat ${shown(low)} of the flour: it may eat greasy and crumble.`;
    case "liquid-under-sugar":
      return `Liquid ${shown(value)} under sugar ${shown(low)} of the flour: it may set heavy.`;
    case "powder":
      return `Baking powder ${shown(value)}, ${range}: ${value < low ? "it may stay low" : "it may rise, fall and taste of it"}.`;
    case "soda":
      return `Soda ${shown(value)}, ${range}: ${value < low ? "it may stay low" : "it may taste of soap"}.`;
    case "salt":
      return `Salt ${shown(value)}, ${range}: ${value < low ? "it may taste flat" : "it may taste salty"}.`;
    case "soda-without-acid":
      return "Soda with nothing sour to work on: it needs buttermilk, natural cocoa, brown sugar, honey or fruit, or baking powder instead.";
    default:
      return assertNever(code);
  }
}

export const SWAP_NAMES: Readonly<Record<SwapId, string>> = {
  "butter-to-oil": "Oil and water for butter, by weight",
  "butter-to-oil-by-volume": "Oil for butter, 1 to 1 by volume",
  "oil-to-butter": "Butter for oil, less liquid",
  "salted-to-unsalted": "Unsalted butter and salt",
  "unsalted-to-salted": "Salted butter, less salt",
  "buttermilk-to-milk-and-acid": "Milk and lemon for buttermilk",
  "self-raising-to-plain": "Plain flour and baking powder",
  "cake-flour-to-plain": "Plain flour and starch",
  "powder-to-soda": "Soda and cream of tartar",
  "soda-to-powder": "Baking powder for soda",
  "egg-to-yoghurt": "Yoghurt for eggs",
  "egg-to-flax": "Ground flax in water for eggs",
  "egg-to-condensed-milk": "Condensed milk for eggs, less sugar",
  "milk-to-plant-milk": "Soya milk for milk",
};

const SWAP_TEXTURE: Readonly<Record<SwapId, string>> = {
  "butter-to-oil": "moister and softer, no creaming: less rise",
  "butter-to-oil-by-volume": "simpler, richer: a sixth more fat, less rise",
  "oil-to-butter": "firmer when cold, tastes of butter",
  "salted-to-unsalted": "the same cake",
  "unsalted-to-salted": "the same cake",
  "buttermilk-to-milk-and-acid": "a little thinner; stand 5 min before use",
  "self-raising-to-plain": "the same cake",
  "cake-flour-to-plain": "nearly as soft",
  "powder-to-soda": "works at once: bake without waiting",
  "soda-to-powder": "paler, and the sour stays sour",
  "egg-to-yoghurt": "denser and moist, paler, about a fifth less rise",
  "egg-to-flax": "nutty, holds together, about a quarter less rise",
  "egg-to-condensed-milk": "sweet and tender, browns fast; its sugar is taken off the recipe's",
  "milk-to-plant-milk": "the same cake, a little paler",
};

/** What a swap puts in, and what it changes. */
export function swapText(effect: SwapEffect): string {
  const signed = (grams: number): string =>
    `${grams > 0 ? "+" : "−"}${gramsText(weighedGrams(Math.abs(grams), true))}`;
  const changes = (
    [
      ["salt", effect.saltG, 0.5],
      ["sugar", effect.sugarG, 3],
      ["water", effect.waterG, 5],
    ] as const
  )
    .filter(([, grams, least]) => Math.abs(grams) >= least)
    .map(([name, grams]) => `${name} ${signed(grams)}`);
  const parts = [
    SWAP_TEXTURE[effect.id],
    ...changes,
    ...(effect.gains.length > 0 ? [`brings ${effect.gains.join(" and ")}`] : []),
    ...(effect.loses.length > 0 ? [`no ${effect.loses.join(" or ")} any more`] : []),
  ];
  return parts.join("; ");
}

/** What happened to the eggs, and what moved with them. */
export function eggText(
  { wanted, eggs: settled, how, liquidG }: EggChoice,
  written: number,
  units: Units,
): string {
  const asked = `${Math.round(wanted * 100) / 100} eggs`;
  switch (how) {
    case "exact":
      return `${settled} eggs instead of ${written}.`;
    case "whole":
      return `${asked} became ${settled}; everything else moved with them.`;
    case "half":
      return `${asked} became ${settled}: beat one and weigh half of it; everything else moved with them.`;
    case "eggs-only":
      return `${asked} became ${settled}, alone: ${liquidG < 0 ? "leave out" : "add"} ${weightText(Math.abs(liquidG), units)} of liquid for it.`;
  }
}

/**
 * What a line is of, by its shortest name: the kitchen's, or what was read, or else all of it. What
 * is called otherwise elsewhere keeps the recipe's own name: heavy cream is not shown as double
 * cream.
 */
export function ingredientText({ ingredient, read, line }: FormulaRow, units: Units): string {
  if (ingredient === null) return read.name === "" ? line.text : read.name;
  return (
    (hasOtherNames(ingredient.name) ? nameInLine(ingredient, read.name) : null) ??
    foodName(ingredient.name, units)
  );
}

/** The longest of an ingredient's names that a line has; no bare word, which says less than hers. */
function nameInLine({ name, also }: Ingredient, written: string): string | null {
  const words = ` ${foldName(written)} `;
  const found = [name, ...also].filter(
    (each) => /[ -]/u.test(each) && words.includes(` ${foldName(each)} `),
  );
  return found.toSorted((a, b) => b.length - a.length)[0] ?? null;
}
