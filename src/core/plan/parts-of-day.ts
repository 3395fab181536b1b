import { MADE, type DayPart, type Made, type OwnPart, type RecipeWords } from "../day";
import type { Thing } from "../build";
import { madeAndUsed, spoilsInRoom, type Formula, type PartFormula, type Step } from "../recipe";
import { BEATEN, methodSteps } from "./method";
import type { CakePlan } from "./plan";

/** The recipe's parts that frosting and filling are made by; empty for the usual ways. */
export type PartsMade = {
  readonly part: string;
  readonly fillingPart: string;
  /**
   * The recipe's own frosting and filling, which the plan's stand for; all parts of their kind where
   * the recipe spreads none.
   */
  readonly standsFor?: { readonly frosting?: string; readonly filling?: string };
};
export const USUAL_WAYS: PartsMade = { part: "", fillingPart: "" };

/**
 * What is made besides the batter, and what the recipe's steps do with it to the cake: as tasks of
 * their own, or as the words of filling and coating, which the day has by itself.
 */
type PartsOfDay = {
  readonly parts: readonly DayPart[];
  readonly onto: readonly Step[];
  readonly words: Pick<RecipeWords, "build" | "finish">;
};

type MadeByPlan = {
  readonly stuff: Made;
  readonly massG: number;
  readonly goes: "inside" | "over" | "poured" | "dressed";
  /** The recipe's part it is made by; empty for the usual way. */ readonly id: string;
};

/** What a plan has made for the cake, where it goes, and by which of the recipe's parts. */
export function madeByPlan({ build, finish }: CakePlan, made: PartsMade): readonly MadeByPlan[] {
  const stuffs = new Set<string>(MADE);
  const isMade = (stuff: string): stuff is Made => stuffs.has(stuff);
  return finish.batches.flatMap(({ stuff, called, massG }): readonly MadeByPlan[] => {
    if (!isMade(stuff) || !(massG > 0)) return [];
    const isOnly = (things: readonly Thing[]): boolean =>
      finish.quantities.every(
        (each) => each.stuff !== stuff || each.called !== called || things.includes(each.thing),
      );
    const isFilling = called !== undefined && called === build.called;
    const goes = isOnly(["filling", "dam", "soak"])
      ? "inside"
      : isOnly(["dressing"])
        ? "dressed"
        : stuff === finish.frosting
          ? "over"
          : "poured";
    const isFrosting = stuff === finish.frosting && !isFilling;
    const id = isFrosting ? made.part : stuff === build.filling ? made.fillingPart : "";
    return [{ stuff, massG, goes, id }];
  });
}

/**
 * Whether what the plan makes stands for a recipe's part: for the frosting that it spreads or the
 * filling; a second frosting, a drip over the first, stays the recipe's.
 */
function takesPlaceOf(
  { goes, id: madeBy }: Pick<MadeByPlan, "goes" | "id">,
  { id, role }: PartFormula["part"],
  { standsFor = {} }: PartsMade,
): boolean {
  const isOf = (own: string | undefined): boolean =>
    own === undefined ? madeBy === "" : own === id;
  return (
    (role === "frosting" && goes === "over" && isOf(standsFor.frosting)) ||
    (role === "filling" && goes === "inside" && isOf(standsFor.filling))
  );
}

/** A part that a recipe puts on by its own steps, as much of it as it is made, g. */
type OwnPutOn = { readonly part: PartFormula["part"]; readonly massG: number };

/**
 * The parts besides the batter that the recipe puts on the cake itself, in its own amounts times
 * the plan's: those that nothing of the plan takes the place of, or is made by.
 */
export function ownPutOn(plan: CakePlan, formula: Formula, made: PartsMade): readonly OwnPutOn[] {
  return ownParts(plan, formula, made)
    .filter(({ massG }) => massG > 0)
    .map(({ part, massG }) => ({ part, massG: massG * plan.scale }));
}

/** The same parts as their recipe has them, those without a weight too. */
export function ownParts(
  plan: CakePlan,
  formula: Formula,
  made: PartsMade,
): readonly PartFormula[] {
  const byPlan = madeByPlan(plan, made);
  return formula.parts.filter(
    ({ part }) =>
      part.role !== "batter" &&
      !byPlan.some((each) => each.id === part.id || takesPlaceOf(each, part, made)),
  );
}

/** What comes after the oven. */
const AFTER_OVEN: readonly Step["stage"][] = ["hot", "cold", "serve", "keep"];

/**
 * What is made besides the batter: all the plan needs, by the recipe's own parts where she says so,
 * and the recipe's other parts whose steps say when they are made, its syrups and its toppings.
 * @param laid parts that lie under or on the batter before the oven, by their ids
 * @param byRecipe what has to be made of the parts that the recipe puts on by its own steps, g
 */
export function partsOfDay(
  plan: CakePlan,
  byRecipe: ReadonlyMap<string, number> | null,
  formula: Formula | null,
  made: PartsMade,
  hasGaps: boolean,
  laid: ReadonlySet<string>,
): PartsOfDay {
  const ownOf = (part: PartFormula, massG: number | null): OwnPart => {
    const steps = madeAndUsed(part.part.steps).made;
    return {
      id: part.part.id,
      name: part.part.name,
      lines: part.rows.length,
      times: massG === null || !(part.massG > 0) ? plan.scale : massG / part.massG,
      steps: methodSteps(steps, BEATEN),
      isAfterOven: steps.some(({ stage }) => AFTER_OVEN.includes(stage)),
    };
  };
  const parts = formula?.parts ?? [];
  const byPlan = madeByPlan(plan, made);
  const ofPlan = byPlan.map(({ stuff, massG, goes, id }): DayPart => {
    const of = parts.find(({ part }) => part.id === id);
    const own = of === undefined ? null : ownOf(of, massG);
    if (of === undefined || own === null || own.lines + own.steps.length === 0)
      return { goes, what: stuff, massG, own: null };
    const spoils = spoilsInRoom(of);
    return own.steps.length === 0
      ? { goes, what: stuff, own, spoils, usuallyMadeG: massG }
      : { goes, what: stuff, own, spoils };
  });
  const used = new Set(ofPlan.flatMap(({ own }) => own?.id ?? []));
  const isReplaced = ({ part }: PartFormula): boolean =>
    !used.has(part.id) && byPlan.some((each) => takesPlaceOf(each, part, made));
  const besides = parts.filter(({ part: { role, id } }) => role !== "batter" && !used.has(id));
  const ofRecipe = besides.flatMap((part): readonly DayPart[] => {
    const { id } = part.part;
    const goes =
      laid.has(id) || (part.part.role === "topping" && part.part.steps.length === 0)
        ? "before-oven"
        : placeOf(part);
    const own = ownOf(part, byRecipe?.get(id) ?? null);
    // What is only put on by steps of the cake is weighed for them.
    const isDone = own.steps.length + own.lines === 0;
    return goes === null || isDone || isReplaced(part)
      ? []
      : [{ goes, what: null, own, spoils: spoilsInRoom(part) }];
  });
  const placeInPlan = (id: string): DayPart["goes"] | undefined =>
    ofPlan.find(({ own }) => own?.id === id)?.goes;
  const put = parts
    .filter((part) => part.part.role !== "batter" && !isReplaced(part))
    .map(({ part }) => ({ goes: placeInPlan(part.id), steps: madeAndUsed(part.steps).onto }));
  const isSaid = ({ goes }: (typeof put)[number]): boolean =>
    goes === "over" || (goes === "inside" && hasGaps);
  const saidOf = (place: DayPart["goes"]): string =>
    put
      .filter((each) => isSaid(each) && each.goes === place)
      .flatMap(({ steps }) => steps.map(({ text }) => text))
      .join(" ");
  return {
    parts: [...ofPlan, ...ofRecipe],
    onto: put.filter((each) => !isSaid(each)).flatMap(({ steps }) => steps),
    words: { build: saidOf("inside"), finish: saidOf("over") },
  };
}

/** Whether a part of a recipe is put on its batter before the oven. */
export const isOnBeforeOven = (part: PartFormula): boolean => placeOf(part) === "before-oven";

/**
 * Where a part of a recipe goes that the plan does not ask for by itself, by the stages or the words
 * of its steps; null for one that says nothing of it.
 */
function placeOf({ part: { role, steps } }: PartFormula): DayPart["goes"] | null {
  if (steps.some(({ stage }) => stage !== undefined)) {
    const isEarly = steps.every(({ stage }) => !AFTER_OVEN.includes(stage));
    if (role === "topping" && isEarly) return "before-oven";
    const isHot = steps.some(({ stage }) => stage === "hot");
    const isCold = steps.some(({ stage }) => stage === "cold");
    return isHot || ((role === "syrup" || role === "soak") && !isCold) ? "for-hot" : "for-cold";
  }
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
