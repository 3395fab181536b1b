import { KIND_FACTS } from "../kind";
import { shelfPieces, shelfPlan } from "../bake";
import { OVERNIGHT_MIN } from "../cool";
import { NO_WORDS, SOFT_BUTTER, type DayCake, type Dressed, type RecipeWords } from "../day";
import { laidMass } from "../fill";
import { POUR_WINDOWS } from "../finish";
import { batterPart, type Formula, type FormulaRow, type PartFormula, type Step } from "../recipe";
import { coolDetail } from "./cool-detail";
import { dressDetail } from "./dress-detail";
import { duringDetail, type DuringDetail } from "./during-detail";
import { laidFruit } from "./finish-detail";
import type { CakeInput } from "./input";
import { BEATEN, BY_MACHINE, methodSteps, stagedMethod } from "./method";
import { laidParts } from "./recipe-on-batter";
import { partsOfDay, USUAL_WAYS, type PartsMade } from "./parts-of-day";
import { planCake, type CakePlan } from "./plan";

const WARM_UP_MIN = 15;
/** What is eaten from its mug stands so long first: steam burns. Judgement. */
const EATEN_AFTER_MIN = 3;
const wholeMinute = (minutes: number): number => Math.max(1, Math.round(minutes));

/** What lines say has to be melted or toasted first, where no step does it. */
function preparesOf({ rows, part }: PartFormula): DayCake["prepares"] {
  const isDone = (word: RegExp): boolean => part.steps.some(({ text }) => word.test(text));
  return rows.flatMap(({ ingredient, read: { name, note } }: FormulaRow): DayCake["prepares"] => {
    const how =
      /\bmelted\b/iu.test(note) && !isDone(/\bmelt\b/iu)
        ? "melt"
        : /\b(?:toasted|roasted)\b/iu.test(note) && !isDone(/\b(?:toast|roast)\b/iu)
          ? "toast"
          : null;
    return how === null
      ? []
      : [{ how, name: ingredient?.name ?? name, cools: how === "toast" || /\bcool/iu.test(note) }];
  });
}

/** What the batter's steps say of filling and coating, and after it what those of the parts do. */
const withWords = (
  words: RecipeWords,
  { build, finish }: Pick<RecipeWords, "build" | "finish">,
): RecipeWords => ({
  ...words,
  build: `${words.build} ${build}`.trim(),
  finish: `${words.finish} ${finish}`.trim(),
});

/** The batter with what is done to its cake, in the order of the day's stages. */
const withSteps = (batter: PartFormula, steps: readonly Step[]): PartFormula => ({
  ...batter,
  part: { ...batter.part, steps: [...batter.part.steps, ...steps] },
});

/**
 * What a recipe's own frosting and filling weigh that are put on by the recipe's own steps, g by
 * their parts; null where the plan fills and coats the cake by itself.
 */
function putOnByRecipe(
  { recipe: { frosted, filled, split }, finish, build }: CakeInput,
  plan: CakePlan,
  formula: Formula | null,
  made: PartsMade,
): ReadonlyMap<string, number> | null {
  // Steps that don't say when they are done are the plan's to place.
  const saysWhen = (id: string): boolean =>
    formula?.parts.some(
      ({ part }) => part.id === id && part.steps.some(({ stage }) => stage !== undefined),
    ) === true;
  const filling = plan.finish.batches.find(({ called }) => called === plan.build.called);
  const on = [
    ...(frosted === undefined
      ? []
      : [
          {
            massG: plan.finish.massG,
            id: frosted.part,
            isAsIs: finish?.cover === undefined && made.part === frosted.part,
          },
        ]),
    ...(filled === undefined || plan.build.called === undefined || filling === undefined
      ? []
      : [
          {
            massG: filling.massG,
            id: filled.part,
            isAsIs: isNotCoated(finish) && made.fillingPart === filled.part,
          },
        ]),
  ].filter(({ massG }) => massG > 0);
  const isSplitOtherwise = build?.splits !== undefined && build.splits !== (split ?? 1);
  const isHers = build?.filling !== undefined || isSplitOtherwise;
  return isHers || on.length === 0 || !on.every(({ id, isAsIs }) => isAsIs && saysWhen(id))
    ? null
    : new Map(on.map(({ id, massG }) => [id, massG]));
}

const isNotCoated = (finish: CakeInput["finish"]): boolean =>
  finish?.cover === undefined || finish.cover === "none";

/** The plan of a cake that its recipe's steps fill and coat: nothing is put on twice. */
function withoutCoat(input: CakeInput, planned: CakePlan): CakePlan {
  const bare = planCake({
    ...input,
    recipe: { ...input.recipe, filled: undefined, rolled: undefined, split: undefined },
    cool: planned.cool,
    finish: { ...input.finish, cover: "none" },
  });
  return bare.ok ? bare.value : planned;
}

/** Where all tins are cups of one kind, what goes into each; null for others. */
function cupsOf({ fill }: CakePlan): DayCake["cups"] {
  const [first, ...others] = fill.tins;
  if (first?.geometry.tin.shape !== "well" || others.length > 0) return null;
  return {
    count: first.geometry.count,
    eachG: Math.round(first.batterG),
    eachMl: Math.round(first.batterMl),
  };
}

/** Batter that is marbled in, as the day does it. */
function marbledOnDay({ fill }: CakeInput, { marbledG }: CakePlan): DayCake["marbled"] {
  if (fill?.marble === undefined) return null;
  const { with: called, massG } = fill.marble;
  return {
    batterG: marbledG,
    ...(called === undefined ? {} : { called }),
    ...(massG === undefined ? {} : { massG }),
  };
}

/** What is put on at a time of its own, as the day does it. */
function dressedOnDay(plan: CakePlan): readonly Dressed[] {
  return dressDetail(plan).map(({ dress, massG, pieces, afterOvenMin, isUnderFrosting }) => ({
    doing: {
      do: "dress",
      what: dress.what,
      when: dress.when,
      massG,
      pieces,
      ...(dress.name === undefined ? {} : { called: dress.name }),
      ...(dress.poked === true ? { isPoked: true } : {}),
    },
    afterOvenMin,
    isUnder: isUnderFrosting,
  }));
}

/** What is done to a load in the oven, at the same share of its own bake. */
function inOven(
  during: readonly DuringDetail[],
  stretch: number,
): Pick<DayCake["loads"][number], "during"> {
  return during.length === 0
    ? {}
    : {
        during: during.map(({ do: what, atMin, dial, name, ifNeeded }) => ({
          atMin: wholeMinute(atMin * stretch),
          doing: {
            what,
            ...(dial === null ? {} : { dialC: dial.dialC }),
            ...(name === null ? {} : { called: name }),
            ...(ifNeeded ? { ifNeeded } : {}),
          },
        })),
      };
}

/**
 * A plan as far as its day goes: its method, its loads, how it cools, and what is put on it.
 * @param formula the recipe's; null where the cake has none of its own
 * @param made the parts of it that frosting and filling are made by
 */
export function dayCake(
  input: CakeInput,
  planned: CakePlan,
  formula: Formula | null = null,
  made: PartsMade = USUAL_WAYS,
): DayCake {
  const byRecipe = putOnByRecipe(input, planned, formula, made);
  const plan = byRecipe === null ? planned : withoutCoat(input, planned);
  const { bake, build, finish, fill, mix } = plan;
  const batter = formula === null ? null : batterPart(formula);
  const rolls = build.cakes.reduce(
    (sum, { cakes, tiers }) => sum + (tiers.some(({ roll }) => roll !== null) ? cakes : 0),
    0,
  );
  const isRolledByRecipe = rolls > 0 && input.recipe.rolled !== undefined;
  const gaps = build.cakes.reduce(
    (sum, { cakes, tiers }) => sum + cakes * tiers.reduce((own, { layers }) => own + layers - 1, 0),
    isRolledByRecipe ? 0 : rolls,
  );
  const {
    parts,
    onto,
    words: said,
  } = partsOfDay(
    plan,
    byRecipe,
    formula,
    made,
    gaps > 0,
    new Set((formula === null ? [] : laidParts(formula)).map(({ part }) => part.part.id)),
  );
  const cooled = coolDetail(plan);
  const plans = {
    soften: SOFT_BUTTER.includes(mix.kind),
    turnOut: cooled.every(({ turnOutMin }) => turnOutMin !== null),
    offOven: (plan.cool.offOvenMin ?? 0) > 0,
    overnight: plan.cool.overnight === true,
    build: gaps > 0,
    finish: parts.some(({ goes }) => goes === "over"),
  };
  const stages = batter === null ? null : stagedMethod(withSteps(batter, onto), plans);
  const beaten = KIND_FACTS[mix.kind].isBeaten ? BEATEN : BY_MACHINE;
  const { shelf } = input.oven ?? {};
  const onShelf =
    shelf === undefined || bake.source !== "oven"
      ? null
      : shelfPlan(
          fill.tins.map(({ geometry }) => geometry),
          shelf,
        );
  const tooLarge = onShelf?.tooLarge ?? [];
  const stands = (tin: number): readonly number[] => {
    const geometry = fill.tins[tin]?.geometry;
    return Array.from(
      { length: geometry === undefined || geometry.tin.shape === "well" ? 1 : geometry.count },
      () => tin,
    );
  };
  const loads =
    onShelf === null
      ? [fill.tins.flatMap((_, tin) => stands(tin))]
      : [
          ...onShelf.loads.map((load) => load.flat().map(({ tin }) => tin)),
          tooLarge.flatMap(stands),
        ].filter((load) => load.length > 0);
  const fruit = laidFruit(input, plan);
  const laid = (at: "top" | "floor"): number =>
    fruit.ok && input.finish?.fruit?.at === at
      ? fruit.value.reduce((sum, { cakes, layout }) => sum + cakes * layout.places.length, 0)
      : 0;
  const pieces = finish.quantities.reduce(
    (sum, { count, times, thing }) =>
      sum + (thing === "drips" || thing === "dressing" || count === null ? 0 : count * times),
    0,
  );
  const window =
    finish.wears.pour === undefined ? null : POUR_WINDOWS[finish.wears.pour.what].minutesAfterOven;
  const during = duringDetail(input, plan);
  const isMug =
    bake.source === "microwave" && fill.tins.every(({ geometry }) => geometry.tin.shape === "mug");
  const turnOuts = cooled.map(({ turnOutMin }) => turnOutMin);
  return {
    kind: mix.kind,
    lines: batter === null ? 0 : batter.rows.length,
    prepares: batter === null ? [] : preparesOf(batter),
    tins: fill.tins.reduce((sum, { geometry }) => sum + shelfPieces(geometry), 0),
    cups: cupsOf(plan),
    ovenC: bake.dialC,
    ...(bake.source === "oven" ? {} : { heatedBy: bake.source }),
    // What she knows of her oven stands over the recipe's word, and that over what is usual.
    warmUpMin: input.oven?.warmUpMin ?? stages?.warmUpMin ?? WARM_UP_MIN,
    steps: methodSteps(stages?.steps ?? [], beaten),
    filledSteps: methodSteps(stages?.filled ?? [], BY_MACHINE),
    hotSteps: methodSteps(stages?.hot ?? [], BY_MACHINE),
    coldSteps: methodSteps(stages?.cold ?? [], BY_MACHINE),
    coatedSteps: methodSteps(stages?.coated ?? [], BY_MACHINE),
    serveSteps: methodSteps(stages?.serve ?? [], BY_MACHINE),
    keep: stages?.keep.map(({ text }) => text) ?? [],
    words: withWords(stages?.words ?? NO_WORDS, said),
    laid: plan.laid.map(({ where, what, name, massG, volumeMl }) => ({
      where,
      ...(what === undefined ? {} : { what }),
      ...(name === undefined ? {} : { called: name }),
      massG: laidMass([{ where, what, massG, volumeMl }]),
    })),
    marbled: marbledOnDay(input, plan),
    floorPieces: laid("floor"),
    keptCold:
      planned.keeping.because === null
        ? null
        : planned.keeping.because === "kind"
          ? "cake"
          : "finish",
    tooLarge,
    loads: loads.map((load) => {
      const minutes = load.flatMap((tin) => bake.tins[tin] ?? []);
      return {
        tins: load.length,
        // In a microwave it may be less than a minute.
        firstLookMin: wholeMinute(Math.min(...minutes.map(({ firstLookMin }) => firstLookMin))),
        likelyMin: wholeMinute(Math.max(...minutes.map(({ likelyMin }) => likelyMin))),
        ...inOven(during, Math.max(...minutes.map(({ likelyMin }) => likelyMin)) / bake.likelyMin),
      };
    }),
    // The last to leave its tin decides.
    turnOutMin: turnOuts.includes(null)
      ? null
      : Math.max(...turnOuts.map((minutes) => minutes ?? 0)),
    isMug,
    isTurnedOnce: cooled.every(({ turned }) => turned === "once"),
    offOvenMin: Math.round(plan.cool.offOvenMin ?? 0),
    cools: { covered: plan.cool.covered ?? false, overnight: plan.cool.overnight ?? false },
    coldMin: isMug
      ? EATEN_AFTER_MIN
      : Math.max(
          plan.cool.overnight === true ? OVERNIGHT_MIN : 0,
          ...cooled.map(({ coldMin }) => coldMin),
        ),
    coldFridgeMin: Math.max(...cooled.map(({ fridgeMin }) => fridgeMin)),
    coldFreezerMin: Math.max(...cooled.map(({ freezerMin }) => freezerMin)),
    gaps,
    rolls: isRolledByRecipe ? 0 : rolls,
    splits: Math.max(...build.cakes.flatMap(({ tiers }) => tiers.map(({ slices }) => slices))),
    parts,
    ...(input.taught?.hands === undefined ? {} : { handsRatio: input.taught.hands }),
    dressed: dressedOnDay(plan),
    hasFirstCoat: finish.quantities.some(({ thing }) => thing === "first-coat"),
    hasCoat: finish.coat.sideMm > 0,
    pieces: pieces + laid("top"),
    pourAfterMin: window === null ? null : [window[0], window[1]],
  };
}
