// What pages of the logbook teach beside minutes, each as a small mean that she takes over or not.
import { flatGroup, median } from "d3-array";
import { cakeVolume } from "../fill";
import { KIND_FACTS, type BatterKind } from "../kind";
import { tinGeometry, volumeAt } from "../tin";
import { lostShare, recipeKey, type BakeRecord } from "./record";
import { shrunkenMean, type LearntMean } from "./shrunken";
import { TAUGHT_RANGES, type Taught } from "./taught-schema";

/** One thing that pages teach. */
export type Lesson = {
  readonly of: keyof Taught;
  /** Of this kind of batter alone; null for any. */
  readonly kind: BatterKind | null;
  /** What is taken without it. */
  readonly usual: number;
  readonly learnt: LearntMean;
};

type Prior = { readonly usual: number; readonly weight: number; readonly sd: number };

/** Frosting used over frosting asked for: prior 1.0 ± 0.15, worth two bakes. */
const FROSTING: Prior = { usual: 1, weight: 2, sd: 0.15 };
/** Minutes of hands over those planned: σ 40 %, the plan worth three. */
const HANDS: Prior = { usual: 1, weight: 3, sd: 0.4 };
/** Share of its weight a cake loses: σ of one about its kind's mean. Judgement. */
const LOSS = { weight: 1, sd: 0.02 } as const;
/** Volume of the cold cake over that of its batter: σ 12 %. */
const RISE = { weight: 1, share: 0.12 } as const;
/** Batter poured over what its lines weigh, and what a millilitre of it weighs. Judgement. */
const YIELD: Prior = { usual: 1, weight: 1, sd: 0.03 };
const GRAVITY = { weight: 1, share: 0.06 } as const;

/** What all pages teach of this kitchen: frosting, hands, and what each kind loses. */
export function lessonsOfKitchen(records: readonly BakeRecord[]): readonly Lesson[] {
  const counted = records.filter(counts);
  const kinds = [...new Set(counted.flatMap(({ batter }) => batter.kind ?? []))];
  return [
    ...lesson("frosting", counted.map(frostingRatio), FROSTING),
    ...lesson("hands", counted.map(handsRatio), HANDS),
    ...kinds.flatMap((kind) =>
      lesson(
        "massLoss",
        counted.filter(({ batter }) => batter.kind === kind).map((record) => lostShare(record)),
        { ...LOSS, usual: KIND_FACTS[kind].massLoss },
        kind,
      ),
    ),
  ];
}

/**
 * What the pages of one recipe teach of it: how much batter it gives, what that weighs, how far it
 * rises.
 * @param key the recipe's `recipeKey`
 */
export function lessonsOfRecipe(records: readonly BakeRecord[], key: string): readonly Lesson[] {
  const own = records.filter((record) => counts(record) && recipeKey(record) === key);
  const kind = own[0]?.batter.kind;
  if (kind === undefined) return [];
  const { specificGravity, rise } = KIND_FACTS[kind];
  const { massG, volumeMl } = own[0]?.batter ?? {};
  const written =
    massG === undefined || volumeMl === undefined ? specificGravity.mid : massG / volumeMl;
  return [
    ...lesson("yield", own.map(yieldOf), YIELD),
    ...lesson("gravity", own.flatMap(gravitiesOf), {
      usual: written,
      weight: GRAVITY.weight,
      sd: GRAVITY.share * written,
    }),
    ...lesson("rise", own.flatMap(risesOf), {
      usual: rise.mid,
      weight: RISE.weight,
      sd: RISE.share * rise.mid,
    }),
  ];
}

const counts = ({ counts: how }: BakeRecord): boolean => how !== "left-out";

/** Nothing is taught by no value, nor by one that no kitchen has. */
function lesson(
  of: keyof Taught,
  values: readonly (number | null)[],
  { usual, weight, sd }: Prior,
  kind: BatterKind | null = null,
): readonly Lesson[] {
  const { min, max } = TAUGHT_RANGES[of];
  const known = values.filter(
    (value): value is number => value !== null && value >= min && value <= max,
  );
  return known.length === 0
    ? []
    : [{ of, kind, usual, learnt: shrunkenMean(known, usual, weight, sd) }];
}

const over = (one: number | null | undefined, other: number | null | undefined): number | null =>
  one == null || other == null || other <= 0 ? null : one / other;

/** A ratio to what was planned, with what the plan had taken over by then. */
const times = (ratio: number | null, before: number | undefined): number | null =>
  ratio === null ? null : ratio * (before ?? 1);

const frostingRatio = ({ frosting, taught }: BakeRecord): number | null =>
  times(over(frosting.usedG, frosting.askedG), taught?.frosting);

const handsRatio = ({ handsMin, taught }: BakeRecord): number | null =>
  times(over(handsMin.took, handsMin.planned), taught?.hands);

function yieldOf({ tins, batter, scale }: BakeRecord): number | null {
  if (!tins.every(({ isWeighed }) => isWeighed)) return null;
  const pouredG = tins.reduce((sum, { batterG }) => sum + (batterG ?? 0), 0);
  return over(pouredG, (batter.massG ?? 0) * scale);
}

/** Weighed batter that stood so high in its tin, g/mL. */
function gravitiesOf({ tins }: BakeRecord): readonly number[] {
  return tins.flatMap(({ tin, batterG, isWeighed, levelMm = null }) => {
    const geometry = tinGeometry(tin);
    if (!geometry.ok || !isWeighed || batterG === null || levelMm === null) return [];
    return [batterG / (geometry.value.count * volumeAt(geometry.value, levelMm))];
  });
}

/** Cold cakes measured at rim and middle, their volume over that of their batter as written. */
function risesOf({ tins, batter }: BakeRecord): readonly number[] {
  const gPerMl = over(batter.massG, batter.volumeMl);
  return tins.flatMap(({ tin, batterG, edgeMm, crownMm }) => {
    const geometry = tinGeometry(tin);
    if (!geometry.ok || gPerMl === null || batterG === null || edgeMm === null || crownMm === null)
      return [];
    const { count } = geometry.value;
    const cakeMl = count * cakeVolume(geometry.value, edgeMm, Math.max(0, crownMm - edgeMm));
    return [cakeMl / (batterG / gPerMl)];
  });
}

/** True heat at a setting of an oven's dial, as a thermometer read it while cakes baked, °C. */
export type HeatWhileBaking = {
  readonly oven: string;
  readonly dialC: number;
  readonly trueC: number;
  readonly bakes: number;
};

/** What ovens read while cakes baked, setting by setting; the middle of each bake counts once. */
export function heatsWhileBaking(records: readonly BakeRecord[]): readonly HeatWhileBaking[] {
  const read = records.flatMap((record) => {
    const { oven, dialC = null, readC } = record;
    const trueC = median(readC);
    return dialC === null || trueC === undefined || !counts(record) ? [] : [{ oven, dialC, trueC }];
  });
  return flatGroup(
    read,
    ({ oven }) => oven,
    ({ dialC }) => dialC,
  )
    .map(([oven, dialC, bakes]) => ({
      oven,
      dialC,
      trueC: Math.round(median(bakes, ({ trueC }) => trueC) ?? dialC),
      bakes: bakes.length,
    }))
    .toSorted((one, other) => one.dialC - other.dialC);
}
