// The bake of a plan: its heat, its dial, and the minutes of each tin.
import {
  CARRIED_BY_MASS,
  chosenHeat,
  dialSetting,
  forecast,
  learntForecast,
  otherMinutes,
  OVEN_LIMITS_C,
  ovenOffset,
  thicknessRatio,
  type BakeCase,
  type Dial,
  type HeatReason,
  type Minutes,
  type OtherHeat,
  type ReferenceBake,
} from "../bake";
import { canWearStrips, fillTins, type Fill } from "../fill";
import { SIGMA_BAKE } from "../logbook";
import { bad, good, type Result } from "../measure";
import type { Batter } from "../mix";
import { BAKE_LIMITS, type HeatSource } from "../recipe";
import type { CakeInput, Recipe } from "./input";
import { learntBakes, type LearntBakes } from "./learnt-bakes";
import { bakeCase, geometries, ownOnBatter } from "./own-batter";

export type BakePlan = Minutes & {
  /** What heats it; the heat and the dial are an oven's, and say nothing of a pot or a microwave. */
  readonly source: HeatSource;
  /** True heat of the oven, °C. */
  readonly ovenC: number;
  readonly dialC: number;
  /** The mark of a gas oven's dial. */
  readonly dialMark: string | null;
  /** How the oven's dial is marked; null when no oven was named. */
  readonly dialScale: Dial["scale"] | null;
  /** True heat minus dial, °C, as far as it is known. */
  readonly readsC: number;
  readonly reason: HeatReason;
  /** In the order of the wanted tins. */
  readonly tins: readonly Minutes[];
  /** What her own bakes teach; null without a log. */
  readonly learnt: LearntBakes | null;
};

type BakeAndCases = {
  readonly bake: BakePlan;
  readonly cases: readonly BakeCase[];
  readonly references: readonly ReferenceBake[];
};

/** A difference between wanted and settable heat that shows in the minutes, °C. */
const SETTABLE_C = 2;

/**
 * The other bakes a recipe vouches for, each tin with the recipe's whole batter shared among them.
 */
function alsoBaked(recipe: Recipe, batter: Batter): Result<readonly ReferenceBake[]> {
  const found: ReferenceBake[] = [];
  for (const [index, { tins, ovenC, fan = false, minutes = null, checkAtMin, onTop }] of (
    recipe.alsoBaked ?? []
  ).entries()) {
    const built = geometries(tins, `recipe.alsoBaked[${index}].tins`);
    if (!built.ok) return built;
    // What lies on the recipe's own batter lies on this too, unless it says otherwise.
    const fills = fillTins(batter, built.value, { onBatter: onTop ?? ownOnBatter(recipe) }).tins;
    found.push({
      cases: fills.map((each) => bakeCase(each, { ovenC, isFan: fan })),
      minutes,
      checkAtMin,
    });
  }
  return good(found);
}

/** How an oven's dial is marked, and how far its heat is from a setting, °C. */
export function dialIn({ oven = {} }: CakeInput): {
  readonly dial: Dial;
  readonly readsAt: (dialC: number) => number;
} {
  return {
    dial: oven.dial ?? { scale: "C", step: oven.dialStepC ?? 1 },
    readsAt: (dialC) => oven.readsC ?? ovenOffset(oven.readings ?? [], dialC)?.readsC ?? 0,
  };
}

/**
 * The heat, the dial and the minutes of a cake's tins, from the recipe's own bakes and what a log
 * teaches.
 */
export function bakeFor(
  input: CakeInput,
  own: Batter,
  ownFill: Fill,
  fill: Fill,
  mix: Batter,
): Result<BakeAndCases> {
  const { source = "oven", minutes: writtenMin } = input.recipe.reference;
  const least = BAKE_LIMITS.leastMin;
  if (source === "oven" && writtenMin !== undefined && writtenMin < least)
    return bad({
      code: "out-of-range",
      path: "recipe.reference.minutes",
      value: writtenMin,
      min: least,
      max: BAKE_LIMITS.mostMin,
      unit: "min",
    });
  const written = {
    ovenC: input.recipe.reference.ovenC,
    isFan: input.recipe.reference.fan ?? false,
  };
  const oven = input.oven ?? {};
  const isFan = oven.fan ?? false;
  const reference: ReferenceBake = {
    cases: ownFill.tins.map((each) => bakeCase(each, written)),
    minutes: input.recipe.reference.minutes ?? null,
    checkAtMin: input.recipe.reference.checkAtMin ?? null,
  };
  const others = alsoBaked(input.recipe, own);
  if (!others.ok) return others;
  const references = [reference, ...others.value];
  const at = (ovenC: number): readonly BakeCase[] =>
    fill.tins.map((each) => bakeCase(each, { ovenC, isFan, isLined: input.lined ?? false }));
  const thickness = Math.max(...at(written.ovenC).map((bake) => thicknessRatio(bake, [reference])));
  const { trueC, reason } = chosenHeat(input.heat ?? "gentler", written, isFan, thickness);
  if (trueC < OVEN_LIMITS_C.min || trueC > OVEN_LIMITS_C.max) {
    return bad({
      code: "out-of-range",
      path: "heat",
      value: trueC,
      ...OVEN_LIMITS_C,
      unit: "°C",
      because: "heat-never-sets",
    });
  }
  const { readsAt, dial } = dialIn(input);
  const setting = dialSetting(trueC, readsAt, dial);
  const settableC = setting.dialC + readsAt(setting.dialC);
  // A dial with few marks bakes at what it can be set to, not at what was wanted.
  const ovenC =
    Math.abs(settableC - trueC) > SETTABLE_C && settableC >= OVEN_LIMITS_C.min ? settableC : trueC;
  const cases = at(ovenC);
  const learnt = learntBakes(input, own, { cases, references, kind: mix.kind });
  if (!learnt.ok) return learnt;
  const byOven = cases.map((bake, index) => {
    const hasStrips = (input.strips ?? false) && canWearStrips(bake.geometry);
    const ratio = learnt.value?.bakes === 0 ? undefined : learnt.value?.tins[index];
    return ratio === undefined
      ? forecast(bake, references, mix.kind, hasStrips)
      : learntForecast(bake, references, mix.kind, hasStrips, {
          logRatio: ratio.logRatio,
          sigma: Math.hypot(ratio.sd, SIGMA_BAKE),
        });
  });
  const byOther =
    source === "oven" ? good(byOven) : minutesElsewhere(input, source, ownFill, fill, byOven);
  if (!byOther.ok) return byOther;
  const tins = byOther.value;
  const earliest = (of: (minutes: Minutes) => number): number => Math.min(...tins.map(of));
  const latest = (of: (minutes: Minutes) => number): number => Math.max(...tins.map(of));
  return good({
    references,
    cases,
    bake: {
      source,
      ovenC,
      dialC: setting.dialC,
      dialMark: setting.mark,
      dialScale: oven.dial?.scale ?? null,
      readsC: readsAt(setting.dialC),
      reason,
      // With tins of different sizes the door opens for the quickest and the last comes out with
      // the slowest.
      doorShutUntilMin: earliest((minutes) => minutes.doorShutUntilMin),
      firstLookMin: earliest((minutes) => minutes.firstLookMin),
      likelyMin: latest((minutes) => minutes.likelyMin),
      notPastMin: latest((minutes) => minutes.notPastMin),
      tins,
      learnt: learnt.value,
    },
  });
}

/**
 * Minutes of tins in a pot or a microwave: of vessels like the recipe's own, by what is in each. No
 * other tin's minutes follow from them, nor an oven's.
 * @param usual what an oven would take, for a pot whose recipe does not say
 */
function minutesElsewhere(
  { recipe: { reference } }: CakeInput,
  source: OtherHeat,
  ownFill: Fill,
  fill: Fill,
  usual: readonly Minutes[],
): Result<readonly Minutes[]> {
  const found: Minutes[] = [];
  for (const [index, { geometry, batterG }] of fill.tins.entries()) {
    const own = ownFill.tins.find((each) => each.geometry.tin.shape === geometry.tin.shape);
    const ratio = own === undefined || own.batterG === 0 ? 0 : batterG / own.batterG;
    if (own === undefined || ratio < CARRIED_BY_MASS.min || ratio > CARRIED_BY_MASS.max)
      return bad({ code: "not-extrapolated", path: `tins[${index}]`, source, ...CARRIED_BY_MASS });
    found.push(
      otherMinutes(
        source,
        batterG,
        {
          massG: own.batterG,
          minutes: reference.minutes ?? null,
          checkAtMin: reference.checkAtMin ?? null,
        },
        usual[index]?.likelyMin ?? 0,
      ),
    );
  }
  return good(found);
}
