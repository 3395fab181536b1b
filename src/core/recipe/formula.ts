import type { KitchenMeasures } from "../measure";
import {
  matchIngredient,
  type Allergen,
  type Composition,
  type FoodGroup,
  type Ingredient,
  type MatchedBy,
  type Pantry,
} from "../pantry";
import { readLine, type LineDoubt, type ReadLine } from "./line";
import { lineMass, type MassBasis, type NoMass } from "./line-mass";
import type { Line, Part, RecipeDoc } from "./schema";

/** One line with everything that follows from its words. */
export type FormulaRow = {
  readonly line: Line;
  readonly read: ReadLine;
  readonly ingredient: Ingredient | null;
  readonly matchedBy: MatchedBy | null;
  /** Null when the line has no weight; `missing` then says why. */
  readonly massG: number | null;
  readonly rangeG: readonly [low: number, high: number] | null;
  readonly basis: MassBasis | null;
  readonly assumedWay: string | null;
  readonly missing: NoMass | null;
  /** Of the part's flour; null without flour or weight. */
  readonly percent: number | null;
  readonly doubts: readonly LineDoubt[];
};

/** A part's lines weighed, with what they come to. */
export type PartFormula = {
  readonly part: Part;
  readonly rows: readonly FormulaRow[];
  readonly massG: number;
  readonly flourG: number;
  /** Grams of water, fat, sugar, protein, starch and salt in all. */
  readonly totals: Composition;
};

export type Formula = {
  readonly parts: readonly PartFormula[];
  readonly allergens: readonly Allergen[];
};

/** Ingredients that count as flour in baker's percentages. */
const FLOURS: readonly FoodGroup[] = ["flour", "starch", "oats"];

/**
 * A recipe weighed: each line's ingredient and grams, baker's percentages (flour of the part 100),
 * totals and allergens.
 * @param measures what a cup, a spoon and an egg are here
 */
export function formulaOf(
  doc: Pick<RecipeDoc, "parts">,
  pantry: Pantry,
  measures: KitchenMeasures,
): Formula {
  const parts = doc.parts.map((part) => partFormula(part, pantry, measures));
  const allergens = [
    ...new Set(
      parts.flatMap(({ rows }) => rows.flatMap(({ ingredient }) => ingredient?.allergens ?? [])),
    ),
  ].sort();
  return { parts, allergens };
}

/** One part weighed. */
export function partFormula(part: Part, pantry: Pantry, measures: KitchenMeasures): PartFormula {
  const weighed = part.lines.map((line) => weigh(line, pantry, measures));
  const flourG = weighed.filter(isFlour).reduce((sum, { massG }) => sum + (massG ?? 0), 0);
  const rows = weighed.map((row) => ({
    ...row,
    percent: row.massG === null || flourG === 0 ? null : (100 * row.massG) / flourG,
  }));
  return {
    part,
    rows,
    flourG,
    massG: rows.reduce((sum, { massG }) => sum + (massG ?? 0), 0),
    totals: totalsOf(rows),
  };
}

function weigh(line: Line, pantry: Pantry, measures: KitchenMeasures): FormulaRow {
  const read = readLine(line.text);
  const chosen = line.ingredient === undefined ? undefined : pantry.byId.get(line.ingredient);
  const match = chosen === undefined ? matchOf(read.name, pantry) : null;
  const ingredient = chosen ?? match?.ingredient ?? null;
  const mass = lineMass(read, ingredient, measures, line.weighedG ?? null);
  const shared = {
    line,
    read,
    ingredient,
    matchedBy: chosen === undefined ? (match?.by ?? null) : "chosen",
    percent: null,
    doubts: read.doubts,
  } as const;
  if (typeof mass === "string")
    return { ...shared, massG: null, rangeG: null, basis: null, assumedWay: null, missing: mass };
  return {
    ...shared,
    massG: mass.massG,
    rangeG: mass.rangeG,
    basis: mass.basis,
    assumedWay: mass.assumedWay,
    missing: null,
  };
}

/** Whether a flour carries its own baking powder, 5 % of it. */
export function isSelfRaising(ingredient: Ingredient | null): boolean {
  return ingredient?.id === "self-raising-flour" || ingredient?.id === "self-rising-flour";
}

/** Of "dried fruit or nuts" the first is taken. */
function matchOf(name: string, pantry: Pantry): ReturnType<typeof matchIngredient> {
  const [first = name, ...others] = name.split(/\s(?:or|and\/or)\s/iu);
  const match = others.length === 0 ? null : matchIngredient(first, pantry);
  return match ?? matchIngredient(name, pantry);
}

function isFlour({ ingredient }: FormulaRow): boolean {
  return ingredient !== null && FLOURS.includes(ingredient.group);
}

function totalsOf(rows: readonly FormulaRow[]): Composition {
  const total = (of: keyof Composition): number =>
    rows.reduce(
      (sum, { ingredient, massG }) => sum + ((massG ?? 0) * (ingredient?.per100[of] ?? 0)) / 100,
      0,
    );
  return {
    water: total("water"),
    fat: total("fat"),
    sugar: total("sugar"),
    protein: total("protein"),
    starch: total("starch"),
    salt: total("salt"),
  };
}

/** Nobody weighs flour closer than this share. */
const NARROW = 0.05;

/**
 * Whether a line's weight ranges so widely that it should be said: a cup of flour, 200 to 250 g.
 */
export function isWideRange({ massG, rangeG }: FormulaRow): boolean {
  return massG !== null && massG > 0 && rangeG !== null && (rangeG[1] - rangeG[0]) / massG > NARROW;
}

/** Grams of all lines whose ingredient is of one of the groups. */
export function massOfGroups({ rows }: PartFormula, groups: readonly FoodGroup[]): number {
  return rows.reduce(
    (sum, { ingredient, massG }) =>
      sum + (ingredient !== null && groups.includes(ingredient.group) ? (massG ?? 0) : 0),
    0,
  );
}

/**
 * The part the cake is made of: all batters of a recipe together ("dry ingredients", "wet
 * ingredients"), else its first part.
 */
export function batterPart(formula: Formula): PartFormula {
  const batters = formula.parts.filter(({ part }) => part.role === "batter");
  const [first = formula.parts[0], ...others] = batters;
  if (first === undefined) throw new RangeError("a recipe has at least one part");
  if (others.length === 0) return first;
  const flourG = batters.reduce((sum, each) => sum + each.flourG, 0);
  const rows = batters
    .flatMap((each) => each.rows)
    .map((row) => ({
      ...row,
      percent: row.massG === null || flourG === 0 ? null : (100 * row.massG) / flourG,
    }));
  const part = {
    ...first.part,
    lines: batters.flatMap((each) => each.part.lines),
    steps: batters.flatMap((each) => each.part.steps),
  };
  return {
    part,
    rows,
    flourG,
    massG: batters.reduce((sum, each) => sum + each.massG, 0),
    totals: totalsOf(rows),
  };
}

/** Families of ingredients a batter can't be without when it names them. */
const MAIN: readonly (readonly FoodGroup[])[] = [
  ["flour"],
  ["sugar", "brown-sugar"],
  ["butter", "oil"],
  ["egg", "egg-white", "egg-yolk"],
  ["soft-cheese"],
  ["nut-meal"],
  ["puree"],
];
const ASIDE =
  /\b(?:greas|dust|sprinkl|brush|line|tins?|pans?|top|topping|decorat|serv|finish|roll|extra|little|optional|taste)\w*/iu;

/**
 * Names of main ingredients of a batter that no line gives a weight for, as they stand in their
 * lines: a cake planned without them is no cake. Flour for dusting is none.
 */
export function missingMain({ rows }: PartFormula): readonly string[] {
  return MAIN.flatMap((family) => {
    const of = rows.filter(
      ({ ingredient }) => ingredient !== null && family.includes(ingredient.group),
    );
    if (of.some(({ massG }) => massG !== null && massG > 0)) return [];
    return of
      .filter(({ line }) => !ASIDE.test(line.text))
      .slice(0, 1)
      .map(({ read, ingredient }) => (read.name === "" ? (ingredient?.name ?? "") : read.name));
  });
}
