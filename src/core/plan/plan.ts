import { sum } from "d3-array";
import type { Keeping } from "../kind";
import { blocksAir } from "../bake";
import {
  buildCakes,
  canBeRolled,
  type Build,
  type BuildHabit,
  type FilledHabit,
  type SlicedHabit,
  type Standing,
  type Stuff,
} from "../build";
import { cautionsFor, type Caution } from "../caution";
import { oneWayOut, type CoolRequest } from "../cool";
import {
  canWearStrips,
  depthRatio,
  fillTins,
  laidMass,
  MARBLED,
  scaleFactor,
  settledOn,
  timesLaid,
  vouchedRise,
  type Fill,
  type FillOptions,
  type OnBatter,
  type OnBatterThing,
} from "../fill";
import {
  finishCakes,
  fruitLayout,
  isFreshPiece,
  USUAL_FROSTING,
  type Cover,
  type Finish,
  type FinishRequest,
} from "../finish";
import { bad, EGGS_G, good, issueAt, type Result } from "../measure";
import { scaledBatter, type Batter } from "../mix";
import { settleEggs, type EggChoice, type Holds } from "../recipe";
import { keepingOf, type ColdBecause } from "../serve";
import { surfaceArea, tinFamily, type TinGeometry } from "../tin";
import { bakeFor, type BakePlan } from "./bake-plan";
import type { CakeInput } from "./input";
import { batterIn, geometries, ownOnBatter } from "./own-batter";
import { filledMm } from "./recipe-filling";
import { coatOfRecipe, spareOf } from "./recipe-coat";
import { coverIn } from "./recipe-frosting";
import { wornBeside, type RecipeWear } from "./recipe-worn";
import { remarksFor, type Remark } from "./remarks";
import { asFound, riseOf } from "./taught-batter";

export type CakePlan = {
  readonly scale: number;
  /** How many times were asked for, before the eggs were settled. */
  readonly asked: number;
  /** How odd eggs were settled; null when nobody asked, or nothing was scaled. */
  readonly egg: EggChoice | null;
  /** The recipe's batter as written. */
  readonly own: Batter;
  /** The same as she found it to come out; as written where nothing of her pages is taken over. */
  readonly found: Batter;
  /** What she lays under, in or on the batter herself, each with its weight. */
  readonly laid: OnBatter;
  /** Batter that is marbled into the rest, g; 0 for none. */
  readonly marbledG: number;
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
  /** What else the recipe's own steps put on it, as it shows. */
  readonly worn: readonly RecipeWear[];
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

/** Whether its sheets are rolled up: she says so, or the recipe does. */
const isRolled = ({ build, recipe }: CakeInput, wanted: readonly TinGeometry[]): boolean =>
  build?.standing === undefined
    ? rollsByItself(recipe, wanted)
    : build.standing === "rolled" && wanted.every(canBeRolled);

const rollsByItself = ({ rolled }: CakeInput["recipe"], wanted: readonly TinGeometry[]): boolean =>
  rolled !== undefined && wanted.every(canBeRolled);

/** A recipe that rolls its sheet does so; one with a filling has its layers on one another. */
function usualBuild(
  cover: Cover,
  recipe: CakeInput["recipe"],
  wanted: readonly TinGeometry[],
): { readonly standing: Standing; readonly isLevel: boolean } {
  if (rollsByItself(recipe, wanted)) return { ...USUAL_BUILD[cover], standing: "rolled" };
  return recipe.filled === undefined
    ? USUAL_BUILD[cover]
    : { ...USUAL_BUILD[cover], standing: "stacked" };
}

const filledHabit = (
  { filled, rolled, split }: CakeInput["recipe"],
  ownFill: Fill,
): FilledHabit | undefined =>
  filled === undefined
    ? undefined
    : {
        stuff: filled.like,
        called: filled.name,
        gPerMl: filled.gPerMl ?? null,
        thickMm: filledMm(filled, ownFill, { rolledFrom: rolled ?? null, split: split ?? 1 }),
      };

/** How a recipe splits its own cakes; one with nothing to go between its slices stays whole. */
function slicedHabit(
  { split, filled }: CakeInput["recipe"],
  cover: Cover,
  ownFill: Fill,
): SlicedHabit | undefined {
  const own = ownFill.tins.find(({ geometry }) => tinFamily(geometry.tin) !== "cup");
  return split === undefined || own === undefined || (filled === undefined && cover === "none")
    ? undefined
    : { slices: split, edgeMm: own.baked.edgeMm };
}

/** A cake is as it comes out of its tin unless its finish is asked for. */
const NOTHING_ON_IT: FinishRequest = { cover: "none" };

/** What goes on: as it is asked for, and where it is not, as the recipe frosts its own cake. */
function finishAsked(
  { finish, recipe: { frosted } }: CakeInput,
  wanted: readonly TinGeometry[],
): FinishRequest {
  // What only goes on hot, warm or by the piece asks for no frosting.
  const isDressed = finish?.dress !== undefined && Object.keys(finish).length === 1;
  if (frosted === undefined)
    return isDressed ? { ...finish, ...NOTHING_ON_IT } : (finish ?? NOTHING_ON_IT);
  return { cover: coverIn(frosted, wanted), frosting: frosted.like, ...finish };
}

/** Fruit that was not cooked spoils on a cake. */
const wearsFreshFruit = ({ fruit, dress = [] }: FinishRequest = NOTHING_ON_IT): boolean =>
  (fruit?.at === "top" && fruit.syrup !== true) || dress.some(isFreshPiece);

/** How many times a recipe may be made. */
const MADE = { min: 0.01, max: 50 } as const;

/**
 * The whole plan of a cake: the recipe's batter in the wanted tins, what it does there, how long it
 * bakes and what covers it. Pure; the same input always gives the same plan. Fails with the first
 * contradiction in the input, its path leading to the field.
 */
export function planCake(input: CakeInput): Result<CakePlan> {
  const { source = "oven" } = input.recipe.reference;
  const hasStrips = source === "oven" && (input.strips ?? false);
  const reference = geometries(input.recipe.reference.tins, "recipe.reference.tins");
  if (!reference.ok) return reference;
  const wanted = geometries(input.tins, "tins");
  if (!wanted.ok) return wanted;
  const { taught = {} } = input;
  const told = batterIn(input.recipe.batter ?? {}, reference.value, "recipe.batter");
  if (!told.ok) return told;
  const batter = asFound(told.value, taught);
  const ownOn = ownOnBatter(input.recipe);
  const piecesShare = batter.piecesMl / batter.volumeMl;
  const rise = riseOf(taught, told.value, batter);
  const unvouched = fillTins(batter, reference.value, { piecesShare, rise, onBatter: ownOn });
  const vouched = vouchedBy(batter, unvouched, ownOn);
  const laid = settledOn(input.onBatter ?? [], batterArea(wanted.value));
  const { marble, ...filling } = input.fill ?? {};
  const optionsAt = (times: number): FillOptions => ({
    // What boils up in a mug needs as much room again.
    ...(source === "microwave" ? { fullAtMost: "half" } : {}),
    ...filling,
    onBatter: [
      ...laid,
      ...(marble?.massG === undefined ? [] : [{ where: "in" as const, massG: marble.massG }]),
      ...onFloors(input, wanted.value),
      ...timesLaid(input.recipe.onBatter ?? [], times),
    ],
    hasStrips,
    piecesShare,
    vouched,
    ...(rise === undefined ? {} : { rise }),
    ...(isRolled(input, wanted.value) ? { isRolled: true } : {}),
  });

  const cool = oneWayOut(input.cool ?? {});
  if (!cool.ok) return bad(issueAt("cool", cool.issue));
  // What the recipe lays on takes room by how often it is made, and that may hang on the room.
  const rounds = (input.recipe.onBatter ?? []).length === 0 ? 1 : SCALE_ROUNDS;
  let asked = 1;
  for (let round = 0; round < rounds; round += 1)
    asked = scaleFactor(
      input.scale ?? "keep",
      batter,
      reference.value,
      wanted.value,
      optionsAt(asked),
      ownOn,
    );
  if (asked < MADE.min || asked > MADE.max)
    return bad({ code: "out-of-range", path: "scale", value: asked, ...MADE, unit: "times" });
  const egg = settledEggs(input, batter, wanted.value, optionsAt(asked), asked);
  const scale = egg?.times ?? asked;
  const options = optionsAt(scale);
  const mix = scaledBatter(batter, scale);
  const basis = input.scale === "fill-limit" ? "limit" : undefined;
  const fill = fillTins(mix, wanted.value, options, basis);
  const ownFill =
    vouched === undefined
      ? unvouched
      : fillTins(batter, reference.value, { piecesShare, rise, vouched, onBatter: ownOn });
  const bake = bakeFor(input, batter, ownFill, fill, mix);
  if (!bake.ok) return bake;
  const onIt = finishAsked(input, wanted.value);
  const { cover = "top", frosting = USUAL_FROSTING } = onIt;
  const habitOf = (
    worn: Cover,
    tins: readonly TinGeometry[],
    frostingTimes: number | undefined,
  ): BuildHabit => ({
    kind: mix.kind,
    frosting,
    ...usualBuild(worn, input.recipe, tins),
    filled: filledHabit(input.recipe, ownFill),
    rolledFrom: input.recipe.rolled,
    sliced: slicedHabit(input.recipe, worn, ownFill),
    massLoss: taught.massLoss,
    frostingTimes,
  });
  const times = coatOfRecipe(input, ownFill, (worn, each) => habitOf(worn, reference.value, each));
  const build = buildCakes(input.build ?? {}, fill.tins, habitOf(cover, wanted.value, times));
  if (!build.ok) return build;
  const finish = finishCakes(
    { ...spareOf(taught, times !== undefined), ...onIt },
    build.value,
    times,
  );
  if (!finish.ok) return finish;

  const stuffs = finish.value.batches.map(({ stuff }) => stuff);
  const holds = input.recipe.holds ?? NOTHING_KNOWN;
  const keeping = keepingOf({
    kind: mix.kind,
    on: stuffs,
    hasFreshFruit: wearsFreshFruit(input.finish),
    hasColdPart: holds.hazards.includes("cold-part"),
  });
  const { shelf } = input.oven ?? {};
  return good({
    scale,
    asked,
    egg,
    own: told.value,
    found: batter,
    laid,
    marbledG: marble === undefined ? 0 : Math.round(mix.massG * MARBLED[marble.share]),
    fruitG: (options.fruitG ?? 0) + laidMass(options.onBatter ?? []),
    options,
    reference: ownFill,
    mix,
    fill,
    bake: bake.value.bake,
    cool: outAtOnce(turnedFor(cool.value, options), options),
    build: build.value,
    finish: finish.value,
    worn: wornBeside(input.recipe, cover),
    keeping,
    cautions: cautionsFor({
      fill,
      stuffs: [...stuffs, ...laid.flatMap(({ what }) => LIKE_STUFF[what ?? "own"] ?? [])],
      cold: keeping.because,
      cooksSyrup: input.finish?.fruit?.syrup === true,
      tiers: Math.max(...build.value.cakes.map(({ tiers }) => tiers.length)),
      hasStrips: hasStrips && wanted.value.some(canWearStrips),
      isAirBlocked:
        source === "oven" &&
        shelf !== undefined &&
        wanted.value.some((geometry) => blocksAir(geometry, shelf)),
      holds,
      source,
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

/** What brings the same allergens with it on a finished cake. */
const LIKE_STUFF: Partial<Readonly<Record<OnBatterThing, Stuff>>> = {
  nuts: "nuts",
  crumble: "crumble",
  "soft-cheese": "cream-cheese",
  custard: "cream-cheese",
};

/** Batter that something can be put on in all tins, mm²: at half their depth. */
const batterArea = (tins: readonly TinGeometry[]): number =>
  sum(tins, (geometry) => geometry.count * surfaceArea(geometry, geometry.depthMm / 2));

/** What lies on the floor of its tin is the top of the cake: it is turned over once, while it is warm. */
const FLOOR_IN_TIN_MIN = 5;
function turnedFor(cool: CoolRequest, { onBatter = [] }: FillOptions): CoolRequest {
  const hasWay = cool.stays === true || cool.until !== undefined || cool.inTinMin !== undefined;
  if (!onBatter.some(({ where }) => where === "floor") || cool.stays === true) return cool;
  return { turned: "once", ...(hasWay ? {} : { inTinMin: FLOOR_IN_TIN_MIN }), ...cool };
}

/** A sheet that is rolled up leaves its tin while it bends. Judgement. */
const SHEET_IN_TIN_MIN = 2;
const outAtOnce = (cool: CoolRequest, { isRolled = false }: FillOptions): CoolRequest =>
  isRolled && cool.stays !== true && cool.until === undefined && cool.inTinMin === undefined
    ? { ...cool, inTinMin: SHEET_IN_TIN_MIN }
    : cool;

/** Rounds after which a scale that hangs on what is laid on moves no more. */
const SCALE_ROUNDS = 6;

const NOTHING_KNOWN: Holds = { allergens: [], hazards: [] };

/**
 * How far the recipe's own tins let its batter rise; where their depth was only assumed that counts
 * in tins like them alone.
 */
function vouchedBy(batter: Batter, own: Fill, ownOn: OnBatter): FillOptions["vouched"] {
  const rise = vouchedRise(batter, own, ownOn);
  if (rise === null) return undefined;
  const tins = own.tins.map(({ geometry }) => geometry.tin);
  return { rise, onlyIn: tins.some(({ depthAssumed }) => depthAssumed === true) ? tins : null };
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
