import { roundTo, weighedGrams } from "../measure";
import type { Allergen, FoodGroup, Ingredient, Pantry } from "../pantry";
import type { Formula, FormulaRow } from "./formula";
import { freshId, type Line, type RecipeDoc } from "./schema";

export const SWAP_IDS = [
  "butter-to-oil",
  "butter-to-oil-by-volume",
  "oil-to-butter",
  "salted-to-unsalted",
  "unsalted-to-salted",
  "buttermilk-to-milk-and-acid",
  "self-raising-to-plain",
  "cake-flour-to-plain",
  "powder-to-soda",
  "soda-to-powder",
  "egg-to-yoghurt",
  "egg-to-flax",
  "egg-to-condensed-milk",
  "milk-to-plant-milk",
] as const;
export type SwapId = (typeof SWAP_IDS)[number];

/** Ingredient and grams of one line that comes in. */
type Incoming = { readonly ingredient: string; readonly massG: number };
type SwapRule = {
  readonly takes: (ingredient: Ingredient) => boolean;
  readonly gives: (massG: number, of: Ingredient) => readonly Incoming[];
};

const isId =
  (...ids: readonly string[]) =>
  ({ id }: Ingredient): boolean =>
    ids.includes(id);
const isGroup =
  (group: FoodGroup) =>
  (ingredient: Ingredient): boolean =>
    ingredient.group === group;
const OIL_G_PER_ML = 0.915;
const BUTTER_G_PER_ML = 0.96;
const EGG_G = 50;
/** Salt in salted butter. */
const BUTTER_SALT = 0.016;

/** Salt that self-rising flour is sold with, a share of the plain flour in it. */
const SELF_RISING_SALT = 0.012;

function selfRaising(massG: number, salt: number): readonly Incoming[] {
  const flourG = massG / (1.05 + salt);
  return [
    { ingredient: "plain-flour", massG: flourG },
    { ingredient: "baking-powder", massG: 0.05 * flourG },
    ...(salt === 0 ? [] : [{ ingredient: "salt", massG: salt * flourG }]),
  ];
}

/**
 * The exchanges, by weight of what goes out. Butter is 82 % fat and 16 % water; a part of soda does
 * the work of four of powder; self-raising flour carries 5 % powder; a cup of milk takes a
 * tablespoon of acid; two tablespoons in each cup of plain flour make way for starch. Egg-free per
 * 50 g egg: 60 g yoghurt; 7 g flax and 40 g water; 60 g condensed milk.
 */
const RULES: Readonly<Record<SwapId, SwapRule>> = {
  "butter-to-oil": {
    takes: isGroup("butter"),
    gives: (g) => [
      { ingredient: "vegetable-oil", massG: 0.82 * g },
      { ingredient: "water", massG: 0.16 * g },
    ],
  },
  "butter-to-oil-by-volume": {
    takes: isGroup("butter"),
    gives: (g) => [{ ingredient: "vegetable-oil", massG: (g / BUTTER_G_PER_ML) * OIL_G_PER_ML }],
  },
  "oil-to-butter": {
    takes: isId("vegetable-oil", "olive-oil", "coconut-oil"),
    gives: (g) => [{ ingredient: "unsalted-butter", massG: g / 0.82 }],
  },
  "salted-to-unsalted": {
    takes: isId("salted-butter"),
    gives: (g) => [
      { ingredient: "unsalted-butter", massG: g * (1 - BUTTER_SALT) },
      { ingredient: "salt", massG: BUTTER_SALT * g },
    ],
  },
  "unsalted-to-salted": {
    takes: isId("unsalted-butter"),
    gives: (g) => [{ ingredient: "salted-butter", massG: g }],
  },
  "buttermilk-to-milk-and-acid": {
    takes: isId("buttermilk"),
    gives: (g) => [
      { ingredient: "whole-milk", massG: g * (15 / 16) },
      { ingredient: "lemon-juice", massG: g / 16 },
    ],
  },
  "self-raising-to-plain": {
    takes: isId("self-raising-flour", "self-rising-flour"),
    gives: (g, { id }) => selfRaising(g, id === "self-rising-flour" ? SELF_RISING_SALT : 0),
  },
  "cake-flour-to-plain": {
    takes: isId("cake-flour"),
    gives: (g) => [
      { ingredient: "plain-flour", massG: (g * 14) / 16 },
      { ingredient: "cornflour", massG: (g * 2) / 16 },
    ],
  },
  "powder-to-soda": {
    takes: isId("baking-powder"),
    gives: (g) => [
      { ingredient: "bicarbonate", massG: g / 4 },
      { ingredient: "cream-of-tartar", massG: g / 2 },
    ],
  },
  "soda-to-powder": {
    takes: isGroup("soda"),
    gives: (g) => [{ ingredient: "baking-powder", massG: 4 * g }],
  },
  "egg-to-yoghurt": {
    takes: isGroup("egg"),
    gives: (g) => [{ ingredient: "yoghurt", massG: (60 * g) / EGG_G }],
  },
  "egg-to-flax": {
    takes: isGroup("egg"),
    gives: (g) => [
      { ingredient: "ground-flax", massG: (7 * g) / EGG_G },
      { ingredient: "water", massG: (40 * g) / EGG_G },
    ],
  },
  "egg-to-condensed-milk": {
    takes: isGroup("egg"),
    gives: (g) => [{ ingredient: "condensed-milk", massG: (60 * g) / EGG_G }],
  },
  "milk-to-plant-milk": {
    takes: isId("whole-milk"),
    gives: (g) => [{ ingredient: "soya-milk", massG: g }],
  },
};

/** What a swap does, in numbers; the words are the interface's. */
export type SwapEffect = {
  readonly id: SwapId;
  readonly incoming: readonly { readonly ingredient: Ingredient; readonly massG: number }[];
  /** Change of the whole line, g. */
  readonly saltG: number;
  readonly sugarG: number;
  readonly waterG: number;
  readonly gains: readonly Allergen[];
  readonly loses: readonly Allergen[];
};

/**
 * The swaps a line can take, each with what it does; none for a line without weight or one that is
 * a swap already.
 */
export function swapsFor(row: FormulaRow, formula: Formula, pantry: Pantry): readonly SwapEffect[] {
  const { ingredient, massG, line } = row;
  if (ingredient === null || massG === null || line.swap !== undefined) return [];
  return SWAP_IDS.filter((id) => RULES[id].takes(ingredient)).flatMap((id) => {
    const incoming = RULES[id]
      .gives(massG, ingredient)
      .flatMap(({ ingredient: each, massG: grams }) => {
        const found = pantry.byId.get(each);
        return found === undefined ? [] : [{ ingredient: found, massG: grams }];
      });
    const change = (of: "salt" | "sugar" | "water"): number =>
      roundTo(
        incoming.reduce((sum, each) => sum + (each.massG * each.ingredient.per100[of]) / 100, 0) -
          (massG * ingredient.per100[of]) / 100,
        0.1,
      );
    const others = formula.parts
      .flatMap(({ rows }) => rows)
      .filter((other) => other.line.id !== line.id)
      .flatMap((other) => other.ingredient?.allergens ?? []);
    const after = new Set([...others, ...incoming.flatMap((each) => each.ingredient.allergens)]);
    const before = new Set([...others, ...ingredient.allergens]);
    return [
      {
        id,
        incoming,
        saltG: change("salt"),
        sugarG: change("sugar"),
        waterG: change("water"),
        gains: [...after].filter((allergen) => !before.has(allergen)),
        loses: [...before].filter((allergen) => !after.has(allergen)),
      },
    ];
  });
}

/**
 * What a swap brings too much of, and the lines that it is taken off: a line of the part that has
 * enough of it.
 */
const TAKEN_OFF: Partial<
  Readonly<
    Record<
      SwapId,
      { readonly too: "salt" | "sugar" | "water"; readonly groups: readonly FoodGroup[] }
    >
  >
> = {
  "unsalted-to-salted": { too: "salt", groups: ["salt"] },
  "egg-to-condensed-milk": { too: "sugar", groups: ["sugar", "brown-sugar"] },
  "oil-to-butter": { too: "water", groups: ["water", "milk"] },
};

/**
 * The line that makes up for what a swap brings, with what is left of it, g; null when none can.
 */
function madeUpBy(
  row: FormulaRow,
  effect: SwapEffect,
  formula: Formula,
): {
  readonly line: Line;
  readonly massG: number;
  readonly name: string;
  readonly isFine: boolean;
} | null {
  const rule = TAKEN_OFF[effect.id];
  if (rule === undefined) return null;
  const tooMuchG = { salt: effect.saltG, sugar: effect.sugarG, water: effect.waterG }[rule.too];
  const rows =
    formula.parts.find(({ rows: own }) => own.some(({ line }) => line.id === row.line.id))?.rows ??
    [];
  const found = rows.find(
    ({ ingredient, massG, line }) =>
      line.id !== row.line.id &&
      ingredient !== null &&
      rule.groups.includes(ingredient.group) &&
      massG !== null &&
      massG >= tooMuchG,
  );
  if (found?.massG == null || found.ingredient === null || tooMuchG <= 0) return null;
  return {
    line: found.line,
    massG: found.massG - tooMuchG,
    name: found.ingredient.name,
    isFine: rule.too === "salt",
  };
}

/**
 * The recipe with one line swapped: the lines that come in stand in its place, and the first of
 * them remembers what went out. Salt, sugar or water that comes with them is taken off the part's
 * own where there is enough of it, so that the total stays.
 * @throws RangeError when the recipe has no such line
 */
export function applySwap(
  doc: RecipeDoc,
  row: FormulaRow,
  effect: SwapEffect,
  formula: Formula,
): RecipeDoc {
  const taken = doc.parts.flatMap(({ lines }) => lines.map(({ id }) => id));
  if (!taken.includes(row.line.id)) throw new RangeError(`no line ${row.line.id} in this recipe`);
  const less = madeUpBy(row, effect, formula);
  const was = [row.line, ...(less === null ? [] : [less.line])].map(remembered);
  const incoming = effect.incoming.map(({ ingredient: each, massG }, index): Line => {
    const isFine = each.group === "leavener" || each.group === "soda" || each.group === "salt";
    const fresh = freshId("l", taken);
    taken.push(fresh);
    return {
      id: fresh,
      text: `${weighedGrams(massG, isFine)} g ${each.name}`,
      ingredient: each.id,
      swap: { id: effect.id, of: row.line.id, was: index === 0 ? was : [] },
    };
  });
  return mapLines(doc, (line) => {
    if (line.id === row.line.id) return incoming;
    return line.id === less?.line.id
      ? [
          {
            ...line,
            text: `${weighedGrams(less.massG, less.isFine)} g ${less.name}`,
            weighedG: undefined,
          },
        ]
      : [line];
  });
}

function remembered({ id, text, ingredient, weighedG }: Line): Omit<Line, "swap"> {
  return {
    id,
    text,
    ...(ingredient === undefined ? {} : { ingredient }),
    ...(weighedG === undefined ? {} : { weighedG }),
  };
}

/**
 * The recipe with a swap taken back, wherever its lines stand by now: those that came in go, those
 * that went out return to the place of the first of them.
 */
export function undoSwap(doc: RecipeDoc, lineId: string): RecipeDoc {
  const lines = doc.parts.flatMap((part) => part.lines);
  const swap = lines.find(({ id }) => id === lineId)?.swap;
  if (swap === undefined) return doc;
  const came = new Set(
    (swap.of === undefined
      ? standingTogether(doc, lineId)
      : lines.filter((line) => line.swap?.of === swap.of)
    ).map(({ id }) => id),
  );
  const keeper = lines.find((line) => came.has(line.id) && (line.swap?.was.length ?? 0) > 0);
  const [back, ...changed] = keeper?.swap?.was ?? [];
  // What remembers it is gone: nothing can be brought back, so nothing goes.
  if (keeper === undefined || back === undefined) return doc;
  return mapLines(doc, (line) => {
    if (line.id === keeper.id) return [back];
    return came.has(line.id) ? [] : [changed.find(({ id }) => id === line.id) ?? line];
  });
}

/**
 * Swaps kept before their lines named each other: from the one that remembers to the last that came
 * with it.
 */
function standingTogether(doc: RecipeDoc, lineId: string): readonly Line[] {
  const lines = doc.parts.find((part) => part.lines.some(({ id }) => id === lineId))?.lines ?? [];
  const at = lines.findIndex(({ id }) => id === lineId);
  const id = lines[at]?.swap?.id;
  let first = at;
  while (first > 0 && lines[first]?.swap?.was.length === 0) first -= 1;
  let last = first + 1;
  while (lines[last]?.swap?.id === id && lines[last]?.swap?.was.length === 0) last += 1;
  return lines.slice(first, last);
}

function mapLines(doc: RecipeDoc, change: (line: Line) => readonly Line[]): RecipeDoc {
  return {
    ...doc,
    parts: doc.parts.map((part) => ({ ...part, lines: part.lines.flatMap(change) })),
  };
}
