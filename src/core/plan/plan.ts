import { type Keeping, KIND_FACTS, type Spread } from "../kind";
import {
  blocksAir,
  chosenHeat,
  dialSetting,
  forecast,
  OVEN_LIMITS_C,
  ovenOffset,
  thicknessRatio,
  type BakeCase,
  type Dial,
  type HeatReason,
  type Minutes,
  type ReferenceBake,
} from "../bake";
import { buildCakes, type Build } from "../build";
import { cautionsFor, type Caution } from "../caution";
import type { CoolRequest } from "../cool";
import {
  canWearStrips,
  depthRatio,
  fillTins,
  laidMass,
  scaleFactor,
  vouchedRise,
  type Fill,
  type FillOptions,
  type OnBatter,
} from "../fill";
import {
  finishCakes,
  fruitLayout,
  USUAL_FROSTING,
  type Cover,
  type Finish,
  type FinishRequest,
} from "../finish";
import { bad, EGGS_G, good, issueAt, type Result } from "../measure";
import {
  ASSUMED_FILL,
  batterFrom,
  batterFromTins,
  scaledBatter,
  USUAL_KIND,
  type Batter,
} from "../mix";
import { settleEggs, type EggChoice, type Holds } from "../recipe";
import { keepingOf, type ColdBecause } from "../serve";
import { tinFamily, tinGeometry, volumeAt, type Tin, type TinGeometry } from "../tin";
import type { CakeInput, Recipe } from "./input";
import { remarksFor, type Remark } from "./remarks";

export type BakePlan = Minutes & {
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
};

export type CakePlan = {
  readonly scale: number;
  /** How many times were asked for, before the eggs were settled. */
  readonly asked: number;
  /** How odd eggs were settled; null when nobody asked, or nothing was scaled. */
  readonly egg: EggChoice | null;
  /** The recipe's batter as written. */
  readonly own: Batter;
  /** Everything laid under, in or on the batter, in all tins, g. */
  readonly fruitG: number;
  /** How its tins are filled: her choices, and what the recipe shows. */
  readonly options: FillOptions;
  /** The recipe's own tins, filled with the recipe's batter. */
  readonly reference: Fill;
  readonly mix: Batter;
  readonly fill: Fill;
  readonly bake: BakePlan;
  /** How it is asked to come out of its tin. */
  readonly cool: CoolRequest;
  readonly build: Build;
  readonly finish: Finish;
  /** How long it keeps once it is finished, and why it must be kept cold. */
  readonly keeping: Keeping & { readonly because: ColdBecause | null };
  readonly cautions: readonly Caution[];
  readonly remarks: readonly Remark[];
};

/** How a cake of each cover usually stands, and whether its crown is cut off. */
const USUAL_BUILD: Readonly<
  Record<Cover, { readonly standing: "apart" | "stacked"; readonly isLevel: boolean }>
> = {
  none: { standing: "apart", isLevel: false },
  top: { standing: "apart", isLevel: false },
  "top-and-sides": { standing: "stacked", isLevel: true },
  "half-naked": { standing: "stacked", isLevel: true },
  naked: { standing: "stacked", isLevel: true },
};

/** A cake is as it comes out of its tin unless its finish is asked for. */
const NOTHING_ON_IT: FinishRequest = { cover: "none" };

/** How many times a recipe may be made. */
const MADE = { min: 0.01, max: 50 } as const;

/**
 * The whole plan of a cake: the recipe's batter in the wanted tins, what it does there, how long it
 * bakes and what covers it. Pure; the same input always gives the same plan. Fails with the first
 * contradiction in the input, its path leading to the field.
 */
export function planCake(input: CakeInput): Result<CakePlan> {
  const { source = "oven" } = input.recipe.reference;
  if (source !== "oven") return bad({ code: "not-extrapolated", path: "tins", source });
  const hasStrips = input.strips ?? false;
  const reference = geometries(input.recipe.reference.tins, "recipe.reference.tins");
  if (!reference.ok) return reference;
  const wanted = geometries(input.tins, "tins");
  if (!wanted.ok) return wanted;
  const batter = recipeBatter(input.recipe, reference.value);
  if (!batter.ok) return batter;
  const ownOnBatter = input.recipe.reference.onTop ?? [];
  const vouched = vouchedBy(batter.value, reference.value);
  const piecesShare = batter.value.piecesMl / batter.value.volumeMl;
  const options: FillOptions = {
    ...input.fill,
    onBatter: [...(input.onBatter ?? []), ...onFloors(input, wanted.value)],
    hasStrips,
    piecesShare,
    vouched,
  };

  const asked = scaleFactor(
    input.scale ?? "keep",
    batter.value,
    reference.value,
    wanted.value,
    options,
    ownOnBatter,
  );
  if (asked < MADE.min || asked > MADE.max)
    return bad({ code: "out-of-range", path: "scale", value: asked, ...MADE, unit: "times" });
  const egg = settledEggs(input, batter.value, wanted.value, options, asked);
  const scale = egg?.times ?? asked;
  const mix = scaledBatter(batter.value, scale);
  const basis = input.scale === "fill-limit" ? "limit" : undefined;
  const fill = fillTins(mix, wanted.value, options, basis);
  const ownFill = fillTins(batter.value, reference.value, {
    piecesShare,
    vouched,
    onBatter: ownOnBatter,
  });
  const bake = bakeFor(input, batter.value, ownFill, fill, mix);
  if (!bake.ok) return bake;
  const onIt = input.finish ?? NOTHING_ON_IT;
  const { cover = "top", frosting = USUAL_FROSTING } = onIt;
  const build = buildCakes(input.build ?? {}, fill.tins, {
    kind: mix.kind,
    frosting,
    ...USUAL_BUILD[cover],
  });
  if (!build.ok) return build;
  const finish = finishCakes(onIt, build.value);
  if (!finish.ok) return finish;

  const stuffs = finish.value.batches.map(({ stuff }) => stuff);
  const holds = input.recipe.holds ?? NOTHING_KNOWN;
  const keeping = keepingOf({
    kind: mix.kind,
    on: stuffs,
    hasFreshFruit: input.finish?.fruit?.at === "top" && input.finish.fruit.syrup !== true,
    hasColdPart: holds.hazards.includes("cold-part"),
  });
  const { shelf } = input.oven ?? {};
  return good({
    scale,
    asked,
    egg,
    own: batter.value,
    fruitG: (options.fruitG ?? 0) + laidMass(options.onBatter ?? []),
    options,
    reference: ownFill,
    mix,
    fill,
    bake: bake.value.bake,
    cool: input.cool ?? {},
    build: build.value,
    finish: finish.value,
    keeping,
    cautions: cautionsFor({
      fill,
      stuffs,
      cold: keeping.because,
      cooksSyrup: input.finish?.fruit?.syrup === true,
      tiers: Math.max(...build.value.cakes.map(({ tiers }) => tiers.length)),
      hasStrips: hasStrips && wanted.value.some(canWearStrips),
      isAirBlocked:
        shelf !== undefined && wanted.value.some((geometry) => blocksAir(geometry, shelf)),
      holds,
    }),
    remarks: remarksFor({
      input,
      mix,
      fill,
      ownFill,
      vouched,
      cases: bake.value.cases,
      references: bake.value.references,
      bake: bake.value.bake,
    }),
  });
}

const NOTHING_KNOWN: Holds = { allergens: [], hazards: [] };

/**
 * How far the recipe's own tins let its batter rise; where their depth was only assumed that counts
 * in tins like them alone.
 */
function vouchedBy(batter: Batter, own: readonly TinGeometry[]): FillOptions["vouched"] {
  const rise = vouchedRise(batter, own);
  if (rise === null) return undefined;
  const isAssumed = own.some(({ tin }) => tin.depthAssumed === true);
  return { rise, onlyIn: isAssumed ? own.map(({ tin }) => tin) : null };
}

/**
 * Fruit that is laid out on the floors of the tins lies under the batter; where no piece fits the
 * layout says so.
 */
function onFloors(input: CakeInput, wanted: readonly TinGeometry[]): OnBatter {
  const fruit = input.finish?.fruit;
  if (fruit?.at !== "floor") return [];
  return wanted.flatMap((geometry): OnBatter => {
    const layout = tinFamily(geometry.tin) === "cup" ? null : fruitLayout(fruit, geometry, 0);
    return layout?.ok === true
      ? [{ where: "floor", massG: geometry.count * layout.value.massG }]
      : [];
  });
}

/**
 * How far from the asked depth whole eggs may move a cake, as a ratio. Judgement: a millimetre or
 * two in a layer.
 */
const EGG_DEPTH = 1.1;

/**
 * Whole eggs where the depth allows them; never more batter than the tins take when they are to be
 * as full as is safe.
 */
function settledEggs(
  { recipe, eggs, scale = "keep" }: CakeInput,
  batter: Batter,
  wanted: readonly TinGeometry[],
  options: FillOptions,
  asked: number,
): EggChoice | null {
  if (eggs !== "whole" || recipe.eggs === undefined || scale === "keep") return null;
  const allows = (times: number, than: number): boolean => {
    const deeper = depthRatio(batter, wanted, options, times, than);
    return deeper <= (scale === "fill-limit" ? 1 : EGG_DEPTH) && deeper >= 1 / EGG_DEPTH;
  };
  return settleEggs(recipe.eggs, asked, recipe.eggG ?? EGGS_G["us-large"], allows);
}

function geometries(tins: readonly Tin[], path: string): Result<readonly TinGeometry[]> {
  const found: TinGeometry[] = [];
  for (const [index, tin] of tins.entries()) {
    const geometry = tinGeometry(tin);
    if (!geometry.ok) return bad(issueAt(`${path}[${index}]`, geometry.issue));
    found.push(geometry.value);
  }
  return good(found);
}

function recipeBatter(recipe: Recipe, tins: readonly TinGeometry[]): Result<Batter> {
  const given = recipe.batter ?? {};
  const known = batterFrom(given);
  if (!known.ok) return bad(issueAt("recipe.batter", known.issue));
  if (known.value !== null) return good(known.value);
  const kind = given.kind ?? USUAL_KIND;
  const heldAt = (share: number): number =>
    tins.reduce(
      (sum, geometry) =>
        sum +
        geometry.count * volumeAt(geometry, share * KIND_FACTS[kind].fullAtMost * geometry.depthMm),
      0,
    );
  const volumes: Spread = {
    low: heldAt(ASSUMED_FILL.low),
    mid: heldAt(ASSUMED_FILL.mid),
    high: heldAt(ASSUMED_FILL.high),
  };
  return good(batterFromTins(kind, volumes));
}

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
    const fills = fillTins(batter, built.value, { onBatter: onTop ?? recipe.reference.onTop }).tins;
    found.push({
      cases: fills.map((each) => ({
        geometry: each.geometry,
        batterMl: each.batterMl + each.fruitMl,
        ovenC,
        isFan: fan,
      })),
      minutes,
      checkAtMin,
    });
  }
  return good(found);
}

function bakeFor(
  input: CakeInput,
  own: Batter,
  ownFill: Fill,
  fill: Fill,
  mix: Batter,
): Result<BakeAndCases> {
  const written = {
    ovenC: input.recipe.reference.ovenC,
    isFan: input.recipe.reference.fan ?? false,
  };
  const oven = input.oven ?? {};
  const isFan = oven.fan ?? false;
  const reference: ReferenceBake = {
    cases: ownFill.tins.map(({ geometry, batterMl, fruitMl }) => ({
      geometry,
      batterMl: batterMl + fruitMl,
      ...written,
    })),
    minutes: input.recipe.reference.minutes ?? null,
    checkAtMin: input.recipe.reference.checkAtMin ?? null,
  };
  const others = alsoBaked(input.recipe, own);
  if (!others.ok) return others;
  const references = [reference, ...others.value];
  // Fruit has to be heated like the batter it lies in.
  const at = (ovenC: number): readonly BakeCase[] =>
    fill.tins.map(({ geometry, batterMl, fruitMl }) => ({
      geometry,
      batterMl: batterMl + fruitMl,
      ovenC,
      isFan,
      isLined: input.lined ?? false,
    }));
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
  const readsAt = (dialC: number): number =>
    oven.readsC ?? ovenOffset(oven.readings ?? [], dialC)?.readsC ?? 0;
  const setting = dialSetting(
    trueC,
    readsAt,
    oven.dial ?? { scale: "C", step: oven.dialStepC ?? 1 },
  );
  const settableC = setting.dialC + readsAt(setting.dialC);
  // A dial with few marks bakes at what it can be set to, not at what was wanted.
  const ovenC =
    Math.abs(settableC - trueC) > SETTABLE_C && settableC >= OVEN_LIMITS_C.min ? settableC : trueC;
  const cases = at(ovenC);
  const tins = cases.map((bake) =>
    forecast(bake, references, mix.kind, (input.strips ?? false) && canWearStrips(bake.geometry)),
  );
  const earliest = (of: (minutes: Minutes) => number): number => Math.min(...tins.map(of));
  const latest = (of: (minutes: Minutes) => number): number => Math.max(...tins.map(of));
  return good({
    references,
    cases,
    bake: {
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
    },
  });
}
