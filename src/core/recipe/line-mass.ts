import {
  EGG_WHITE_SHARE,
  EGGS_G,
  HEAPS,
  isSpoon,
  middle,
  unitSize,
  US_CUP_ML,
  type EggSize,
  type KitchenMeasures,
  type KitchenUnit,
  type CupWay,
} from "../measure";
import { cupGrams, type Ingredient } from "../pantry";
import type { Measure, ReadLine } from "./line";

/** What a line's weight rests on: best first. */
export type MassBasis = "weighed" | "written" | "beside" | "volume" | "piece" | "pack";

export type LineMass = {
  readonly massG: number;
  /** What the line's own range and the way of filling a cup make of it. */
  readonly rangeG: readonly [low: number, high: number];
  readonly basis: MassBasis;
  /** The way a cup was taken to be filled, when the line did not say and it matters. */
  readonly assumedWay: CupWay | null;
};

/** Why a line has no weight. */
export type NoMass = "no-amount" | "unknown-ingredient" | "not-by-volume" | "not-by-piece";

/** Ways differ by more than the eye sees only in powders. */
const POWDERS: readonly string[] = ["flour", "starch", "cocoa", "nut-meal", "oats"];

/**
 * Grams of a read line in a kitchen of given measures: what the baker weighed, else the weight
 * written, else the weight in brackets, else cups and spoons by the ingredient's own weight, else
 * pieces and packs. Exact when the line gives a weight; a cup of flour ranges from spooned to
 * dipped.
 * @param weighedG the baker's own weight, g; null when she has not weighed it
 */
export function lineMass(
  line: ReadLine,
  ingredient: Ingredient | null,
  measures: KitchenMeasures,
  weighedG: number | null = null,
): LineMass | NoMass {
  if (weighedG !== null)
    return { massG: weighedG, rangeG: [weighedG, weighedG], basis: "weighed", assumedWay: null };
  const isInMass =
    line.measures.length > 0 &&
    line.measures.every(({ unit }) => unitSize(unit, measures).of === "mass");
  if (isInMass) return summed(line.measures, "written", (measure) => massPer(measure, measures));
  if (line.stated !== null && unitSize(line.stated.unit, measures).of === "mass") {
    return summed([line.stated], "beside", (measure) => massPer(measure, measures));
  }
  if (line.measures.length === 0)
    return line.stated === null
      ? "no-amount"
      : lineMass({ ...line, measures: [line.stated], stated: null }, ingredient, measures);
  if (line.measures.some(({ unit }) => unit === "pack"))
    return packMass(line, ingredient, measures);
  if (ingredient === null) return "unknown-ingredient";
  if (line.measures.some(({ unit }) => unit === "piece")) {
    const eachG = pieceG(line, ingredient, measures);
    if (eachG !== null)
      return summed(line.measures, "piece", ({ unit }) => (unit === "piece" ? eachG : 0));
    return line.stated === null
      ? "not-by-piece"
      : lineMass({ ...line, measures: [line.stated], stated: null }, ingredient, measures);
  }
  // "A small cup (150 ml)": millilitres tell what the cup was.
  const inMl = line.stated !== null && METRIC_VOLUMES.has(line.stated.unit) ? line.stated : null;
  return inMl === null
    ? volumeMass(line, ingredient, measures)
    : volumeMass({ ...line, measures: [inMl], heap: null }, ingredient, measures);
}

const METRIC_VOLUMES: ReadonlySet<KitchenUnit> = new Set(["ml", "cl", "dl", "l"]);

function massPer({ unit }: Measure, measures: KitchenMeasures): number {
  const size = unitSize(unit, measures);
  return size.of === "mass" ? size.g : 0;
}

function summed(
  measures: readonly Measure[],
  basis: MassBasis,
  per: (measure: Measure) => number,
): LineMass {
  let [mid, low, high] = [0, 0, 0];
  for (const measure of measures) {
    const each = measure.sign * per(measure);
    mid += each * middle(measure.amount);
    low += each * (each > 0 ? measure.amount.low : measure.amount.high);
    high += each * (each > 0 ? measure.amount.high : measure.amount.low);
  }
  return {
    massG: Math.max(0, mid),
    rangeG: [Math.max(0, low), Math.max(0, high)],
    basis,
    assumedWay: null,
  };
}

function volumeMass(
  line: ReadLine,
  ingredient: Ingredient,
  measures: KitchenMeasures,
): LineMass | NoMass {
  const { cupG } = ingredient;
  if (cupG === null) return "not-by-volume";
  const usual = usualWay(ingredient, measures);
  const way = line.way ?? usual;
  const heap = line.heap ?? measures.heap;
  const perCup =
    (by: CupWay) =>
    (measure: Measure): number => {
      const size = unitSize(measure.unit, measures);
      if (size.of !== "volume") return massPer(measure, measures);
      // A spoon's heap only stands on what does not run.
      const heaped = isSpoon(measure.unit) && !isRunny(ingredient) ? HEAPS[heap] : 1;
      return (size.ml / US_CUP_ML) * cupGrams(cupG, by) * heaped;
    };
  const mass = summed(line.measures, "volume", perCup(way));
  const isOpen =
    line.way === null &&
    POWDERS.includes(ingredient.group) &&
    line.measures.some(({ unit }) => unit === "cup");
  if (!isOpen) return mass;
  const dipped = summed(line.measures, "volume", perCup("dipped"));
  const spooned = summed(line.measures, "volume", perCup("spooned"));
  return {
    ...mass,
    rangeG: [
      Math.min(spooned.rangeG[0], mass.rangeG[0]),
      Math.max(dipped.rangeG[1], mass.rangeG[1]),
    ],
    assumedWay: way,
  };
}

/** Brown sugar is packed wherever it is measured; powders go by the kitchen's school. */
function usualWay({ group }: Ingredient, measures: KitchenMeasures): CupWay {
  if (group === "brown-sugar") return "packed";
  return POWDERS.includes(group) ? measures.flour : "spooned";
}

function isRunny({ group }: Ingredient): boolean {
  return [
    "syrup",
    "oil",
    "egg",
    "egg-white",
    "egg-yolk",
    "milk",
    "cultured-milk",
    "cream",
    "water",
    "acid-liquid",
    "flavouring",
  ].includes(group);
}

function pieceG(line: ReadLine, ingredient: Ingredient, measures: KitchenMeasures): number | null {
  const whole = eggG(line.name, measures);
  if (ingredient.group === "egg") return whole;
  if (ingredient.group === "egg-white") return whole * EGG_WHITE_SHARE;
  if (ingredient.group === "egg-yolk") return whole * (1 - EGG_WHITE_SHARE);
  return ingredient.eachG ?? null;
}

/**
 * One egg as the line calls it: the kitchen's own weight, else the size it names within the
 * kitchen's table, g.
 */
function eggG(name: string, measures: KitchenMeasures): number {
  return measures.ownEggG ?? EGGS_G[eggSize(name, measures.egg)];
}

function eggSize(name: string, usual: EggSize): EggSize {
  const table = usual.startsWith("us") ? "us" : "eu";
  const said = /\b(extra[- ]large|large|medium|small)\b/iu
    .exec(name)?.[1]
    ?.toLowerCase()
    .replace(" ", "-");
  const size = `${table}-${said ?? ""}`;
  if (size in EGGS_G) return size as EggSize;
  return said === "extra-large" ? "eu-large" : usual;
}

function packMass(
  line: ReadLine,
  ingredient: Ingredient | null,
  measures: KitchenMeasures,
): LineMass | NoMass {
  const { packSize } = line;
  if (packSize !== null) {
    const one = lineMass(
      { ...line, measures: [packSize], packSize: null, stated: null },
      ingredient,
      measures,
    );
    return typeof one === "string" ? one : summed(line.measures, "pack", () => one.massG);
  }
  if (ingredient === null) return "unknown-ingredient";
  const packG = ingredient.sachetG ?? ingredient.packG;
  return packG === undefined ? "not-by-piece" : summed(line.measures, "pack", () => packG);
}
