import { levelFor, surfaceArea, tinGeometry, wettedAreas, type Tin } from "../tin";
import { closedFormMinutes, type BakeCase } from "./closed-form";
import { solvedMinutes } from "./solver/tin-case";

/** A bake whose usual minutes are known: what recipes and tins' makers agree on, as a range. */
export type UsualTime = {
  readonly name: string;
  readonly tin: Tin;
  readonly batterMl: number;
  readonly ovenC: number;
  readonly fromMin: number;
  readonly toMin: number;
};

const inch = (n: number): number => Math.round(n * 25.4);
const usual = (
  name: string,
  tin: Tin,
  batterMl: number,
  fromMin: number,
  toMin: number,
  ovenC = 177,
): UsualTime => ({ name, tin, batterMl, ovenC, fromMin, toMin });

/**
 * 1.2 L of an ordinary creamed batter in bright tins: the bake all others are compared with, then
 * the others.
 */
export const USUAL_TIMES: readonly UsualTime[] = [
  usual("two 8 in rounds", { shape: "round", diameterMm: inch(8), depthMm: 51 }, 600, 33, 36),
  usual("two 9 in rounds", { shape: "round", diameterMm: inch(9), depthMm: 51 }, 600, 28, 31),
  usual(
    "one 13 × 9 in",
    { shape: "rectangle", lengthMm: inch(13), widthMm: inch(9), depthMm: 51 },
    1200,
    32,
    36,
  ),
  usual(
    "one 15 × 10 × 1 in",
    { shape: "rectangle", lengthMm: inch(15), widthMm: inch(10), depthMm: 25 },
    1200,
    18,
    22,
  ),
  usual("cups", { shape: "well", rimMm: 70, depthMm: 32 }, 50, 18, 21),
  usual("small cups", { shape: "well", rimMm: 45, depthMm: 20 }, 18, 10, 13),
  usual(
    "a 12-cup fluted ring",
    { shape: "fluted", diameterMm: inch(10), depthMm: 89 },
    1200,
    38,
    43,
  ),
  usual(
    "a loaf of 950 mL",
    { shape: "loaf", lengthMm: 216, widthMm: 114, depthMm: 70 },
    950,
    55,
    65,
  ),
  usual("one deep 8 in", { shape: "round", diameterMm: inch(8), depthMm: 76 }, 1200, 50, 60, 171),
  usual("one 10 in", { shape: "round", diameterMm: inch(10), depthMm: 51 }, 1200, 35, 40),
];

/** A forecast of a usual time, and by how much it misses the range; 0 inside it. */
export type Comparison = {
  readonly usual: UsualTime;
  readonly closedFormMin: number;
  readonly solvedMin: number;
  readonly missMin: number;
};

/** Our forecast of each usual time from the first of them, by both models. */
export function usualComparison(): readonly Comparison[] {
  const cases = USUAL_TIMES.map(caseOf);
  const [first] = cases;
  const [reference] = USUAL_TIMES;
  if (first === undefined || reference === undefined) return [];
  const referenceMin = (reference.fromMin + reference.toMin) / 2;
  const [closed, solved] = [
    referenceMin / closedFormMinutes(first),
    referenceMin / solvedMinutes(first),
  ];
  return cases.map((bake, index) => {
    const usualTime = USUAL_TIMES[index] ?? reference;
    const closedFormMin = closed * closedFormMinutes(bake);
    return {
      usual: usualTime,
      closedFormMin,
      solvedMin: solved * solvedMinutes(bake),
      missMin: Math.max(0, usualTime.fromMin - closedFormMin, closedFormMin - usualTime.toMin),
    };
  });
}

/** A way to carry minutes from one tin to another. */
export type Rule =
  "simulation" | "closed-form" | "volume-over-surface-power" | "volume-over-surface" | "depth";

/** How far a rule is off, between any two of the usual bakes, as shares of the usual minutes. */
export type RuleError = { readonly rule: Rule; readonly mean: number; readonly worst: number };

/** Power of volume over surface that suits cakes best among hand rules. */
const POWER = 1.22;

/** The rules a baker may go by, from every usual bake to every other one: mean and worst error. */
export function ruleErrors(): readonly RuleError[] {
  const cases = USUAL_TIMES.map(caseOf);
  const minutes = USUAL_TIMES.map(({ fromMin, toMin }) => (fromMin + toMin) / 2);
  const rules: readonly (readonly [Rule, (bake: BakeCase) => number])[] = [
    ["simulation", (bake) => solvedMinutes(bake)],
    ["closed-form", closedFormMinutes],
    ["volume-over-surface-power", (bake) => volumeOverSurface(bake) ** POWER],
    ["volume-over-surface", volumeOverSurface],
    ["depth", ({ geometry, batterMl }) => levelFor(geometry, batterMl)],
  ];
  return rules.map(([rule, of]) => {
    const values = cases.map(of);
    const errors = values.flatMap((from, i) =>
      values.flatMap((to, j) =>
        i === j ? [] : [Math.abs(((minutes[i] ?? 0) * to) / from / (minutes[j] ?? 1) - 1)],
      ),
    );
    return {
      rule,
      mean: errors.reduce((sum, error) => sum + error, 0) / errors.length,
      worst: Math.max(...errors),
    };
  });
}

/** Batter over all its faces, mm. */
function volumeOverSurface({ geometry, batterMl }: BakeCase): number {
  const heightMm = levelFor(geometry, batterMl);
  const { floorMm2, sideMm2, tubeMm2 } = wettedAreas(geometry, heightMm);
  return (1000 * batterMl) / (floorMm2 + sideMm2 + tubeMm2 + surfaceArea(geometry, heightMm));
}

/** A usual time as a bake. @throws RangeError for a tin that is none */
function caseOf({ name, tin, batterMl, ovenC }: UsualTime): BakeCase {
  const geometry = tinGeometry(tin);
  if (!geometry.ok) throw new RangeError(`${name} is not a tin`);
  return { geometry: geometry.value, batterMl, ovenC, isFan: false };
}
