import { KIND_FACTS } from "../kind";
import { shelfPieces, shelfPlan } from "../bake";
import {
  MADE,
  NO_WORDS,
  SOFT_BUTTER,
  type DayCake,
  type DayPart,
  type Made,
  type MethodStep,
  type OwnPart,
  type RecipeWords,
} from "../day";
import { POUR_WINDOWS } from "../finish";
import {
  batterPart,
  readStep,
  spoilsInRoom,
  type Formula,
  type FormulaRow,
  type PartFormula,
  type Step,
  type StepKind,
} from "../recipe";
import { coolDetail } from "./cool-detail";
import { laidFruit } from "./finish-detail";
import type { CakeInput } from "./input";
import type { CakePlan } from "./plan";

const WARM_UP_MIN = 15;
/** A step that says a range takes the middle of it. */
const middle = ({ low, high }: { readonly low: number; readonly high: number }): number =>
  Math.max(1, Math.round((low + high) / 2));
/**
 * Beaten by the machine, by its words; batters that are only stirred need it where a step names it.
 */
const BEATEN = /\b(?:beat|whip|whisk|cream)\b/iu;
const BY_MACHINE = /\b(?:mixer|beaters|(?:low|medium|high) speed)\b/iu;
/** A step that begins so is only a wait; another has something to do before it. */
const WAITS_AT_ONCE =
  /^\s*(?:then )?(?:soak|steep|rest|chill|leave|let|stand|refrigerate|freeze|cover|cool|put)\b/iu;

/** What is only to be brought out some time before: nobody stands by while it warms. */
const OUT_AHEAD =
  /\b(?:take|bring|get|have|let|leave)\b[^.]*\b(?:out|room temperature)\b[^.]*\b(?:before|ahead|beforehand|hours?|minutes)\b/iu;

const isAhead = (kind: StepKind, text: string): boolean =>
  (kind === "prepare" || kind === "other") && OUT_AHEAD.test(text);

/**
 * A part's method as far as its steps tell. What is toasted in the oven needs no hands; what is
 * beaten needs the mixer.
 */
function stepsOf(steps: readonly Step[], beaten: RegExp): readonly MethodStep[] {
  return steps.flatMap((step): readonly MethodStep[] => {
    const { kind, minutes, wait, waitText, tempC } = readStep(step);
    const plain = { text: step.text, usesMixer: false, ovenC: null };
    if (isAhead(kind, step.text) && minutes !== null)
      return [{ ...plain, minutes: middle(minutes), isWait: true }];
    if (wait !== null && (kind === "rest" || kind === "cool") && WAITS_AT_ONCE.test(step.text))
      return [{ ...plain, minutes: middle(wait), isWait: true }];
    const waits: readonly MethodStep[] =
      wait === null
        ? []
        : [
            {
              ...plain,
              text: sentence(waitText ?? step.text),
              minutes: middle(wait),
              isWait: true,
            },
          ];
    const isToasted = kind === "melt" && tempC !== null && /\b(?:toast|roast)/iu.test(step.text);
    return [
      {
        ...plain,
        minutes: minutes === null ? null : middle(minutes),
        isWait: isToasted,
        usesMixer:
          kind !== "melt" &&
          (BY_MACHINE.test(step.text) || (kind !== "fold" && beaten.test(step.text))),
        ovenC: isToasted ? tempC : null,
      },
      ...waits,
    ];
  });
}

const sentence = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/**
 * A bake shorter than this only browns a base or toasts; the cake's own comes later, minutes.
 * Judgement.
 */
const LEAST_BAKE_MIN = 12;
const OF_TINS = /\b(?:tins?|pans?|moulds?|molds?|cases|sheet|dish|skillet|ramekins?|tray|ring)\b/iu;

/**
 * The steps of a batter as the day takes them: what makes it, what goes on it in its tins, what is
 * done to the cake hot and cold, and what is said of the program's own tasks.
 */
type Stages = {
  readonly steps: readonly Step[];
  readonly filled: readonly Step[];
  readonly hot: readonly Step[];
  readonly cold: readonly Step[];
  readonly words: RecipeWords;
  /** Of warming the oven. */ readonly warmUpMin: number | null;
};

/** Which of the tasks that a step may speak of the program plans by itself. */
type Has = { readonly soften: boolean; readonly build: boolean; readonly finish: boolean };

/**
 * The batter's steps by where the oven is: nothing that stands after the bake comes before it, and
 * no step is dropped. What the program plans by itself (tins, oven, filling, baking, cooling, and
 * building and finishing where it has them) carries the words.
 */
function stagesOf({ part }: PartFormula, has: Has): Stages {
  const read = part.steps.map((step) => ({ step, ...readStep(step) }));
  const bakes = read.flatMap(({ kind, minutes }, at) =>
    kind === "bake" ? [{ at, isLong: minutes === null || minutes.high >= LEAST_BAKE_MIN }] : [],
  );
  const bakeAt = (bakes.find(({ isLong }) => isLong) ?? bakes[0])?.at ?? read.length;
  const fillAt = read.findLastIndex(({ kind }, at) => kind === "fill" && at < bakeAt);
  const said: Record<keyof RecipeWords, string[]> = {
    soften: [],
    tins: [],
    warmUp: [],
    fill: [],
    bake: [],
    cool: [],
    build: [],
    finish: [],
  };
  const into: Record<"steps" | "filled" | "hot" | "cold", Step[]> = {
    steps: [],
    filled: [],
    hot: [],
    cold: [],
  };
  let warmUpMin: number | null = null;
  let isCooling = false;
  for (const [at, { step, kind, minutes }] of read.entries()) {
    const isOver = at > bakeAt;
    const word = wordFor(kind, step.text, at, { bakeAt, fillAt, has });
    if (kind === "heat" && minutes !== null) warmUpMin = middle(minutes);
    if (word !== null) said[word].push(step.text);
    else
      into[
        !isOver ? (fillAt >= 0 && at > fillAt ? "filled" : "steps") : isCooling ? "cold" : "hot"
      ].push(step);
    if (isOver && kind === "cool") isCooling = true;
  }
  const words = Object.fromEntries(
    Object.entries(said).map(([name, texts]) => [name, texts.join(" ")]),
  ) as RecipeWords;
  return { ...into, words, warmUpMin };
}

/** Which of the program's own tasks a step speaks of; null where it is a task of its own. */
function wordFor(
  kind: StepKind,
  text: string,
  at: number,
  { bakeAt, fillAt, has }: { readonly bakeAt: number; readonly fillAt: number; readonly has: Has },
): keyof RecipeWords | null {
  const isOver = at > bakeAt;
  if (at === bakeAt) return "bake";
  if (kind === "heat") return "warmUp";
  if (!isOver && has.soften && isAhead(kind, text) && /\bbutter\b/iu.test(text)) return "soften";
  if (!isOver)
    return kind === "prepare" && OF_TINS.test(text) ? "tins" : at === fillAt ? "fill" : null;
  if (kind === "cool" || kind === "bake") return kind;
  if (kind === "build" && has.build) return "build";
  return kind === "finish" && has.finish ? "finish" : null;
}

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

/** The recipe's parts that frosting and filling are made by; empty for the usual ways. */
export type PartsMade = { readonly part: string; readonly fillingPart: string };
export const USUAL_WAYS: PartsMade = { part: "", fillingPart: "" };

/**
 * What is made besides the batter: all the plan needs, by the recipe's own parts where she says so,
 * and the recipe's syrups and toppings.
 */
function partsOf(
  { build, finish }: CakePlan,
  scale: number,
  formula: Formula | null,
  made: PartsMade,
): readonly DayPart[] {
  const ownOf = (part: PartFormula | undefined, massG: number | null): OwnPart | null => {
    if (part === undefined || part.part.steps.length === 0) return null;
    return {
      id: part.part.id,
      name: part.part.name,
      lines: part.rows.length,
      times: massG === null || !(part.massG > 0) ? scale : massG / part.massG,
      steps: stepsOf(part.part.steps, BEATEN),
    };
  };
  const parts = formula?.parts ?? [];
  const stuffs = new Set<string>(MADE);
  const isMade = (stuff: string): stuff is Made => stuffs.has(stuff);
  const isInside = (stuff: string): boolean =>
    finish.quantities.every(
      (each) => each.stuff !== stuff || ["filling", "dam", "soak"].includes(each.thing),
    );
  const ofPlan = finish.batches.flatMap(({ stuff, massG }): readonly DayPart[] => {
    if (!isMade(stuff) || !(massG > 0)) return [];
    const goes = isInside(stuff) ? "inside" : stuff === finish.frosting ? "over" : "poured";
    const id =
      stuff === finish.frosting ? made.part : stuff === build.filling ? made.fillingPart : "";
    const of = parts.find(({ part }) => part.id === id);
    const own = ownOf(of, massG);
    return [
      own === null
        ? { goes, what: stuff, massG, own }
        : { goes, what: stuff, own, spoils: of !== undefined && spoilsInRoom(of) },
    ];
  });
  const used = new Set(ofPlan.flatMap(({ own }) => own?.id ?? []));
  const ofRecipe = parts.flatMap((part): readonly DayPart[] => {
    const goes = placeOf(part);
    const own = ownOf(part, null);
    return goes === null || own === null || used.has(part.part.id)
      ? []
      : [{ goes, what: null, own, spoils: spoilsInRoom(part) }];
  });
  return [...ofPlan, ...ofRecipe];
}

/**
 * Where a syrup or a topping of a recipe goes, by the words of its steps; null for what the plan
 * asks for by itself.
 */
function placeOf({ part: { role, steps } }: PartFormula): DayPart["goes"] | null {
  const says = (words: RegExp): boolean => steps.some(({ text }) => words.test(text));
  if (role === "topping")
    return says(/\b(?:before (?:it )?bak|into the oven|and bake)/iu) ? "before-oven" : "on-top";
  if (role !== "syrup" && role !== "soak") return null;
  return says(
    /\b(?:warm|hot) (?:cakes?|loa(?:f|ves)|ring|sponges?|cups?|layers?|squares)\b|\bwhile .{0,40}(?:warm|hot)\b/iu,
  )
    ? "onto-warm"
    : "inside";
}

/**
 * A plan as far as its day goes: its method, its loads, how it cools, and what is put on it.
 * @param formula the recipe's; null where the cake has none of its own
 * @param made the parts of it that frosting and filling are made by
 */
export function dayCake(
  input: CakeInput,
  plan: CakePlan,
  formula: Formula | null = null,
  made: PartsMade = USUAL_WAYS,
): DayCake {
  const { bake, build, finish, fill, mix } = plan;
  const batter = formula === null ? null : batterPart(formula);
  const gaps = build.cakes.reduce(
    (sum, { cakes, tiers }) => sum + cakes * tiers.reduce((own, { layers }) => own + layers - 1, 0),
    0,
  );
  const stages =
    batter === null
      ? null
      : stagesOf(batter, {
          soften: SOFT_BUTTER.includes(mix.kind),
          build: gaps > 0,
          finish: finish.batches.some(({ massG }) => massG > 0),
        });
  const beaten = KIND_FACTS[mix.kind].isBeaten ? BEATEN : BY_MACHINE;
  const cooled = coolDetail(plan);
  const { shelf } = input.oven ?? {};
  const onShelf =
    shelf === undefined
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
      sum + (thing === "drips" || count === null ? 0 : count * times),
    0,
  );
  const window =
    finish.wears.pour === undefined ? null : POUR_WINDOWS[finish.wears.pour.what].minutesAfterOven;
  const turnOuts = cooled.map(({ turnOutMin }) => turnOutMin);
  return {
    kind: mix.kind,
    lines: batter === null ? 0 : batter.rows.length,
    prepares: batter === null ? [] : preparesOf(batter),
    tins: fill.tins.reduce((sum, { geometry }) => sum + shelfPieces(geometry), 0),
    ovenC: bake.dialC,
    // What she knows of her oven stands over the recipe's word, and that over what is usual.
    warmUpMin: input.oven?.warmUpMin ?? stages?.warmUpMin ?? WARM_UP_MIN,
    steps: stepsOf(stages?.steps ?? [], beaten),
    filledSteps: stepsOf(stages?.filled ?? [], BY_MACHINE),
    hotSteps: stepsOf(stages?.hot ?? [], BY_MACHINE),
    coldSteps: stepsOf(stages?.cold ?? [], BY_MACHINE),
    words: stages?.words ?? NO_WORDS,
    floorPieces: laid("floor"),
    keptCold:
      plan.keeping.because === null ? null : plan.keeping.because === "kind" ? "cake" : "finish",
    tooLarge,
    loads: loads.map((load) => {
      const minutes = load.flatMap((tin) => bake.tins[tin] ?? []);
      return {
        tins: load.length,
        firstLookMin: Math.min(...minutes.map(({ firstLookMin }) => firstLookMin)),
        likelyMin: Math.max(...minutes.map(({ likelyMin }) => likelyMin)),
      };
    }),
    // The last to leave its tin decides.
    turnOutMin: turnOuts.includes(null)
      ? null
      : Math.max(...turnOuts.map((minutes) => minutes ?? 0)),
    coldMin: Math.max(...cooled.map(({ coldMin }) => coldMin)),
    coldFridgeMin: Math.max(...cooled.map(({ fridgeMin }) => fridgeMin)),
    coldFreezerMin: Math.max(...cooled.map(({ freezerMin }) => freezerMin)),
    gaps,
    splits: input.build?.splits ?? 1,
    parts: partsOf(plan, plan.scale, formula, made),
    hasFirstCoat: finish.quantities.some(({ thing }) => thing === "first-coat"),
    hasCoat: finish.coat.sideMm > 0,
    pieces: pieces + laid("top"),
    pourAfterMin: window === null ? null : [window[0], window[1]],
  };
}
