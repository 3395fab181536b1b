// The other things a log teaches: small means, drawn towards what is usual while there are few.
import { KIND_FACTS, type BatterKind } from "../kind";
import { lostShare, type BakeRecord } from "./record";

/** A mean with what it rests on: how many, and σ of one about it. */
export type LearntMean = {
  readonly mean: number;
  readonly sd: number;
  readonly count: number;
  /** Left out as too far from the others: their places in what was given. */
  readonly setAside: readonly number[];
};

/** Values so many σ from their middle are left out, once there are three. */
const FAR = 2.5;
const ENOUGH = 3;

/**
 * A mean drawn towards what is usual: (n0·usual + Σ values)/(n0 + n), those too far from their own
 * middle left out.
 * @param weight n0, how many values what is usual counts for
 * @param sd σ of one value about its mean, in its own unit
 */
export function shrunkenMean(
  values: readonly number[],
  usual: number,
  weight: number,
  sd: number,
): LearntMean {
  const sorted = values.toSorted((a, b) => a - b);
  const half = Math.floor(sorted.length / 2);
  const middle =
    ((sorted[sorted.length % 2 === 0 ? half - 1 : half] ?? usual) + (sorted[half] ?? usual)) / 2;
  const setAside =
    values.length < ENOUGH
      ? []
      : values.flatMap((value, at) => (Math.abs(value - middle) > FAR * sd ? [at] : []));
  const kept = values.filter((_, at) => !setAside.includes(at));
  const count = kept.length;
  const sum = kept.reduce((all, value) => all + value, 0);
  return {
    mean: (weight * usual + sum) / (weight + count),
    sd: sd / Math.sqrt(weight + count),
    count,
    setAside,
  };
}

/** Frosting used over frosting asked for: prior 1.0 ± 0.15, worth two bakes. */
const FROSTING = { usual: 1, weight: 2, sd: 0.15 } as const;
/** Minutes of hands over those planned: σ 40 %, the plan worth three. */
const HANDS = { usual: 1, weight: 3, sd: 0.4 } as const;
/** Share of its weight a cake loses: σ of one about its kind's mean. Judgement. */
const LOSS = { weight: 1, sd: 0.02 } as const;

/** What a logbook says beside minutes; null for what no page tells of. */
export type OtherLearnt = {
  /** Frosting used, over what was asked for. */
  readonly frosting: LearntMean | null;
  /** Minutes of hands, over those planned. */
  readonly hands: LearntMean | null;
  /** Share of its batter's weight that a cake loses, by kind. */
  readonly loss: readonly { readonly kind: BatterKind; readonly learnt: LearntMean }[];
};

const told = (ratios: readonly (number | null)[]): readonly number[] =>
  ratios.filter((ratio): ratio is number => ratio !== null && Number.isFinite(ratio));

const over = (one: number | null, other: number | null): number | null =>
  one === null || other === null || other <= 0 ? null : one / other;

/** What pages of the logbook teach beside minutes; those left out of learning teach nothing. */
export function otherLearnt(records: readonly BakeRecord[]): OtherLearnt {
  const counted = records.filter(({ counts }) => counts !== "left-out");
  const mean = (
    values: readonly number[],
    { usual, weight, sd }: { readonly usual: number; readonly weight: number; readonly sd: number },
  ): LearntMean | null => (values.length === 0 ? null : shrunkenMean(values, usual, weight, sd));
  const kinds = [...new Set(counted.flatMap(({ batter }) => batter.kind ?? []))];
  return {
    frosting: mean(
      told(counted.map(({ frosting }) => over(frosting.usedG, frosting.askedG))),
      FROSTING,
    ),
    hands: mean(told(counted.map(({ handsMin }) => over(handsMin.took, handsMin.planned))), HANDS),
    loss: kinds.flatMap((kind) => {
      const lost = told(
        counted.filter(({ batter }) => batter.kind === kind).map((record) => lostShare(record)),
      ).filter((share) => share > 0 && share < 0.5);
      const learnt = mean(lost, { ...LOSS, usual: KIND_FACTS[kind].massLoss });
      return learnt === null ? [] : [{ kind, learnt }];
    }),
  };
}
