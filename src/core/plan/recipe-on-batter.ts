// What a recipe lays under or on its own batter before the oven: crumble, nuts, fruit on the floor.
import type { OnBatter } from "../fill";
import { US_CUP_ML } from "../measure";
import { cupGrams, type Ingredient } from "../pantry";
import {
  coolingOfParts,
  stepStages,
  type Formula,
  type FormulaRow,
  type PartFormula,
  type Stage,
} from "../recipe";
import { isOnBeforeOven } from "./parts-of-day";

const ONTO_FLOOR =
  /\b(?:bottom|floor|base) of (?:the|your|a|each)\b|\b(?:in|into|over|across|on) the (?:base|bottom|floor|(?:\w+ )?(?:tins?|pans?|skillet|dish))\b|\bline the (?:tin|pan|skillet|dish) with (?:the )?(?!paper|parchment|greaseproof|baking|foil)/iu;
const ONTO_BATTER =
  /\b(?:over|on|onto|across) (?:the |each )?(?:top|tops|batter|mixture|cakes?|cups?|loaf|unbaked)\b|\b(?:scatter|sprinkle|strew|press|push|dot)\b/iu;

/** What is done with a part to put it there. */
const PUTS =
  /\b(?:scatter|sprinkle|strew|spread|pour|spoon|lay|arrange|press|push|top|cover|tip|drop|dot|put|place|pile|dust)\b/iu;

/** A part of a recipe that lies under or on its batter, and how. */
type LaidPart = { readonly part: PartFormula; readonly laid: OnBatter[number] };

/**
 * The toppings that a recipe puts on its batter before the oven, in its own amounts. Space by the
 * cups of what they are made of, as it lies loose.
 */
export function laidParts({ parts }: Formula): readonly LaidPart[] {
  const isTurned = coolingOfParts(parts.map(({ part }) => part))?.turned === "once";
  const steps = parts.flatMap((of): readonly PlacedStep[] => {
    const stages = stepStages(of.part.steps);
    return of.part.steps.map(({ text, stage }, at) => ({
      of,
      text,
      stage: stages[at] ?? "before",
      isStaged: stage !== undefined || of.part.role === "batter",
    }));
  });
  return parts.flatMap((part): readonly LaidPart[] => {
    if (part.part.role !== "topping") return [];
    const rows = part.rows.filter((row) => !isServedWith(row, steps));
    const massG = rows.reduce((sum, row) => sum + (row.massG ?? 0), 0);
    const named = nameOf(part);
    const byName = steps.filter(({ text }) => named.test(text) && PUTS.test(text));
    const own = steps.filter(({ of, text }) => of === part && PUTS.test(text));
    // A topping's own steps that don't say when are judged by their words.
    const put = (byName.length > 0 ? byName : own).filter(({ isStaged }) => isStaged);
    // What is put on at two times is left to her; what sticks to its tin is put back after.
    const isBefore =
      put.length === 0
        ? isOnBeforeOven(part)
        : put.every((each, at) => isEarly(each) || (isTurned && at > 0 && each.stage === "hot"));
    if (!isBefore || !(massG > 0)) return [];
    const said = [...byName, ...own].filter(isEarly).map(({ text }) => text);
    const isFloor = FLOOR_NAMES.test(part.part.name) || isOnFloor(said, isTurned);
    const volumeMl = Math.round(looseMl(rows));
    return [
      { part, laid: { where: isFloor ? "floor" : "top", massG: Math.round(massG), volumeMl } },
    ];
  });
}

/** What they weigh and take, for the plan. */
export const laidByRecipe = (formula: Formula): OnBatter =>
  laidParts(formula).map(({ laid }) => laid);

const FLOOR_NAMES = /\b(?:base|floor|bottom)\b/iu;

/** A step with the part it stands with, and when it is done. */
type PlacedStep = {
  readonly of: PartFormula;
  readonly text: string;
  readonly stage: Stage;
  readonly isStaged: boolean;
};

const isEarly = ({ stage }: PlacedStep): boolean => stage === "before" || stage === "oven";

/** Whether something of a part is only put beside the cake at the table: "warm, with cream". */
function isServedWith({ ingredient, read }: FormulaRow, steps: readonly PlacedStep[]): boolean {
  const names = [read.name, ingredient?.name ?? ""].filter((name) => name.length > 2);
  const said = steps.filter(({ text }) =>
    names.some((name) => text.toLowerCase().includes(name.toLowerCase())),
  );
  return said.length > 0 && said.every(({ stage }) => stage === "serve");
}

/** What its steps call a part: the last word of its name, "topping" where that says nothing. */
function nameOf({ part: { name } }: PartFormula): RegExp {
  const [last = "topping"] = /\p{L}+(?=\W*$)/u.exec(name) ?? [];
  return new RegExp(String.raw`\b(?:${last.replace(/s$/u, "")}|topping)`, "iu");
}

/** Whether it is laid on the tin's floor; a cake that is turned over has its top there. */
function isOnFloor(said: readonly string[], isTurned: boolean): boolean {
  const says = (words: RegExp): boolean => said.some((text) => words.test(text));
  return isTurned || (says(ONTO_FLOOR) && !says(ONTO_BATTER));
}

/** Of what has no cup: a little lighter than water. Judgement, as for all that is laid on. */
const USUAL_CUP_G = 0.95 * US_CUP_ML;

const cupOf = (ingredient: Ingredient | null): number =>
  ingredient?.cupG == null ? USUAL_CUP_G : cupGrams(ingredient.cupG, "spooned");

const looseMl = (rows: readonly FormulaRow[]): number =>
  rows.reduce(
    (sum, { massG, ingredient }) => sum + ((massG ?? 0) / cupOf(ingredient)) * US_CUP_ML,
    0,
  );
