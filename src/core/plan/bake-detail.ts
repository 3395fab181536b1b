import type { Doneness } from "../kind";
import {
  closedFormMinutes,
  comparedInsides,
  doneness,
  foilLookMinute,
  OVEN_LIMITS_C,
  shelfPlan,
  type BakeInside,
  type InsideCompared,
  type InsideCase,
  type ShelfPlan,
} from "../bake";
import { canWearStrips } from "../fill";
import type { CakeInput } from "./input";
import { duringDetail, type DuringDetail } from "./during-detail";
import { bakeCase } from "./own-batter";
import { planCake, type CakePlan } from "./plan";

/** What a plan says of its bake beyond heat and minutes. */
export type BakeDetail = {
  /**
   * The same tins at other heats, the chosen one in the middle: true °C, and minutes until the last
   * is likely done.
   */
  readonly otherHeats: readonly { readonly ovenC: number; readonly likelyMin: number }[];
  readonly doneness: Doneness;
  /** What is done to it in the oven. */
  readonly during: readonly DuringDetail[];
  /**
   * When a long bake is looked at for foil; null when it is too short for that, or foil is told.
   */
  readonly foilLookMin: number | null;
  /**
   * Tins by their place in the plan, the first to come out first; those within a minute of each
   * other come out together.
   */
  readonly outOrder: readonly (readonly number[])[];
  /** Null when nothing is known of the oven's shelf. */
  readonly shelves: ShelfPlan | null;
};

/** The {@link BakeDetail} of a plan. */
export function bakeDetail(input: CakeInput, plan: CakePlan): BakeDetail {
  const { bake, fill, mix } = plan;
  const { oven } = input;
  const during = duringDetail(input, plan);
  const isFoilTold = during.some((each) => each.do === "foil" || each.do === "uncover");
  return {
    during,
    otherHeats: otherHeats(input, plan),
    doneness: doneness(mix.kind),
    foilLookMin:
      bake.source === "oven" && !isFoilTold
        ? foilLookMinute(bake.likelyMin, bake.doorShutUntilMin)
        : null,
    outOrder: outOrder(bake.tins.map(({ likelyMin }) => likelyMin)),
    shelves:
      bake.source !== "oven" || oven?.shelf === undefined
        ? null
        : shelfPlan(
            fill.tins.map(({ geometry }) => geometry),
            oven.shelf,
          ),
  };
}

/** Steps to either side of the chosen heat, °C. */
const HEAT_STEPS_C = [-20, -10, 0, 10, 20];

function otherHeats(input: CakeInput, { bake }: CakePlan): BakeDetail["otherHeats"] {
  if (bake.source !== "oven") return [];
  return HEAT_STEPS_C.flatMap((step) => {
    if (step === 0) return [{ ovenC: bake.ovenC, likelyMin: bake.likelyMin }];
    const ovenC = bake.ovenC + step;
    if (ovenC < OVEN_LIMITS_C.min || ovenC > OVEN_LIMITS_C.max) return [];
    // True heats, whatever marks the dial has.
    const plan = planCake({ ...input, heat: { ovenC }, oven: { fan: input.oven?.fan } });
    return plan.ok ? [{ ovenC, likelyMin: plan.value.bake.likelyMin }] : [];
  });
}

function outOrder(likelyMins: readonly number[]): readonly (readonly number[])[] {
  const order = likelyMins
    .map((_, tin) => tin)
    .sort((a, b) => (likelyMins[a] ?? 0) - (likelyMins[b] ?? 0) || a - b);
  const groups: number[][] = [];
  for (const tin of order) {
    const group = groups.at(-1);
    const first = group?.[0];
    if (
      group !== undefined &&
      first !== undefined &&
      (likelyMins[tin] ?? 0) - (likelyMins[first] ?? 0) <= 1
    )
      group.push(tin);
    else groups.push([tin]);
  }
  return groups;
}

/**
 * What the solver needs of a plan: the recipe's own bake, its slowest tin, and each wanted tin's.
 */
export type InsideCases = { readonly reference: InsideCase; readonly tins: readonly InsideCase[] };

/** The curve of a wanted tin is followed a little past when it must be out. */
const PAST = 1.05;
const REFERENCE_GOES_ON = 1.1;

/** The {@link InsideCases} of a plan; null without an oven, or when the recipe's own tins hold nothing. */
export function insideCases(input: CakeInput, plan: CakePlan): InsideCases | null {
  const { bake, fill, mix } = plan;
  if (bake.source !== "oven") return null;
  const doneC = doneness(mix.kind).coreC.from;
  const { ovenC, fan = false } = input.recipe.reference;
  // The one its minutes belong to.
  const [slowest] = plan.reference.tins
    .map((each) => bakeCase(each, { ovenC, isFan: fan }))
    .sort((a, b) => closedFormMinutes(b) - closedFormMinutes(a));
  if (slowest === undefined) return null;
  return {
    reference: { ...slowest, hasStrips: false, doneC, goesOn: REFERENCE_GOES_ON },
    tins: fill.tins.map((each, index) => {
      const minutes = bake.tins[index];
      return {
        ...bakeCase(each, {
          ovenC: bake.ovenC,
          isFan: input.oven?.fan ?? false,
          isLined: input.lined ?? false,
        }),
        doneC,
        hasStrips: (input.strips ?? false) && canWearStrips(each.geometry),
        goesOn: minutes === undefined ? PAST : PAST * (minutes.notPastMin / minutes.likelyMin),
      };
    }),
  };
}

/** What the solver says of one tin against the recipe's own bake, on the forecast's clock. */
export type SolvedTin = {
  readonly crown: InsideCompared;
  readonly crust: InsideCompared;
  /**
   * Minutes the solver alone would forecast; null when the middle or the recipe's own never sets.
   */
  readonly minutes: number | null;
  /** How long before the middle the rim is set, minutes. */
  readonly rimAheadMin: number | null;
};

/**
 * A solved tin against the solved reference. Its minutes rest on the recipe's, like the forecast's;
 * without those it has none.
 * @param likelyMin the forecast of the tin
 */
export function solvedTin(
  own: BakeInside,
  reference: BakeInside,
  referenceMinutes: number | null,
  likelyMin: number,
): SolvedTin {
  const { doneMinute, rimDoneMinute } = own;
  const stretch = doneMinute === null ? 1 : likelyMin / doneMinute;
  return {
    ...comparedInsides(own, reference),
    minutes:
      doneMinute === null || reference.doneMinute === null || referenceMinutes === null
        ? null
        : Math.round((referenceMinutes * doneMinute) / reference.doneMinute),
    rimAheadMin:
      doneMinute === null || rimDoneMinute === null
        ? null
        : Math.max(0, Math.round((doneMinute - rimDoneMinute) * stretch)),
  };
}
