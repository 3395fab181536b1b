import type { KitchenMeasures } from "../measure";
import { matchIngredient, type Allergen, type Composition, type Group, type Ingredient, type MatchedBy, type Pantry } from "../pantry";
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

export type Formula = { readonly parts: readonly PartFormula[]; readonly allergens: readonly Allergen[] };

/** Ingredients that count as flour in baker's percentages. */
const FLOURS: readonly Group[] = ["flour", "starch", "oats"];

/**
 * A recipe weighed: each line's ingredient and grams, baker's percentages (flour of the part 100), totals and allergens.
 * @param measures what a cup, a spoon and an egg are here
 */
export function formulaOf(doc: Pick<RecipeDoc, "parts">, pantry: Pantry, measures: KitchenMeasures): Formula {
  const parts = doc.parts.map((part) => partFormula(part, pantry, measures));
  const allergens = [...new Set(parts.flatMap(({ rows }) => rows.flatMap(({ ingredient }) => ingredient?.allergens ?? [])))].sort();
  return { parts, allergens };
}

/** One part weighed. */
export function partFormula(part: Part, pantry: Pantry, measures: KitchenMeasures): PartFormula {
  const weighed = part.lines.map((line) => weigh(line, pantry, measures));
  const flourG = weighed.filter(isFlour).reduce((sum, { massG }) => sum + (massG ?? 0), 0);
  const rows = weighed.map((row) => ({ ...row, percent: row.massG === null || flourG === 0 ? null : (100 * row.massG) / flourG }));
  return { part, rows, flourG, massG: rows.reduce((sum, { massG }) => sum + (massG ?? 0), 0), totals: totalsOf(rows) };
}

function weigh(line: Line, pantry: Pantry, measures: KitchenMeasures): FormulaRow {
  const read = readLine(line.text);
  const chosen = line.ingredient === undefined ? undefined : pantry.byId.get(line.ingredient);
  const match = chosen === undefined ? matchIngredient(read.name, pantry) : null;
  const ingredient = chosen ?? match?.ingredient ?? null;
  const mass = lineMass(read, ingredient, measures, line.weighedG ?? null);
  const shared = { line, read, ingredient, matchedBy: chosen === undefined ? (match?.by ?? null) : "chosen", percent: null, doubts: read.doubts } as const;
  if (typeof mass === "string") return { ...shared, massG: null, rangeG: null, basis: null, assumedWay: null, missing: mass };
  return { ...shared, massG: mass.massG, rangeG: mass.rangeG, basis: mass.basis, assumedWay: mass.assumedWay, missing: null };
}

function isFlour({ ingredient }: FormulaRow): boolean {
  return ingredient !== null && FLOURS.includes(ingredient.group);
}

function totalsOf(rows: readonly FormulaRow[]): Composition {
  const total = (of: keyof Composition): number => rows.reduce((sum, { ingredient, massG }) => sum + ((massG ?? 0) * (ingredient?.per100[of] ?? 0)) / 100, 0);
  return { water: total("water"), fat: total("fat"), sugar: total("sugar"), protein: total("protein"), starch: total("starch"), salt: total("salt") };
}

/** Nobody weighs flour closer than this share. */
const NARROW = 0.05;

/** Whether a line's weight ranges so widely that it should be said: a cup of flour, 200 to 250 g. */
export function isWideRange({ massG, rangeG }: FormulaRow): boolean {
  return massG !== null && massG > 0 && rangeG !== null && (rangeG[1] - rangeG[0]) / massG > NARROW;
}

/** Grams of all lines whose ingredient is of one of the groups. */
export function massOfGroups({ rows }: PartFormula, groups: readonly Group[]): number {
  return rows.reduce((sum, { ingredient, massG }) => sum + (ingredient !== null && groups.includes(ingredient.group) ? (massG ?? 0) : 0), 0);
}

/** The part the cake is made of: the first batter, else the first part. */
export function batterPart(formula: Formula): PartFormula {
  const found = formula.parts.find(({ part }) => part.role === "batter") ?? formula.parts[0];
  if (found === undefined) throw new RangeError("a recipe has at least one part");
  return found;
}
