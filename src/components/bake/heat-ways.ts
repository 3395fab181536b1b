import { insideCases, planCake, solvedTin, type CakePlan, type SolvedTin } from "@/core/plan";
import { readQuestion, SCHOOLS, type Question } from "@/core/ask";
import type { InsideCase } from "@/core/bake";
import type { Units } from "@/words";
import { type BakeSpec } from "@/workers/bake-protocol";
import type { Insides } from "./use-insides";

/** A school of heat with the plan it makes; null when there is none. */
export type HeatPlan = {
  readonly school: Question["school"];
  readonly plan: CakePlan | null;
  readonly bake: BakeSpec | null;
};

/** The same with what the solver says of it, once it has. */
export type HeatWay = HeatPlan & { readonly solved: SolvedTin | null };

/** The case of a solver as it goes to the worker. */
export function specOf({ geometry, ...bake }: InsideCase): BakeSpec {
  return { ...bake, tin: { ...geometry.tin, count: 1 } };
}

/** The plan of each school for the question; those of her own heat only while it is chosen. */
export function heatPlans(question: Question, tin: number, units: Units): readonly HeatPlan[] {
  return SCHOOLS.filter((school) => school !== "own" || question.school === "own").map((school) => {
    const { input } = readQuestion(
      { ...question, school },
      { size: units.measure, heat: units.heat },
    );
    const plan = input.ok ? planCake(input.value) : input;
    if (!input.ok || !plan.ok) return { school, plan: null, bake: null };
    const bake = insideCases(input.value, plan.value)?.tins[tin];
    return { school, plan: plan.value, bake: bake === undefined ? null : specOf(bake) };
  });
}

/** What the solver has said of one tin of a plan, against the recipe's own bake. */
export function solvedOf(
  plan: CakePlan,
  tin: number,
  bake: BakeSpec | null,
  reference: BakeSpec | null,
  minutes: number | null,
  insides: Insides,
): SolvedTin | null {
  const own = bake === null ? null : insides.of(bake);
  const against = reference === null ? null : insides.of(reference);
  const likely = plan.bake.tins[tin]?.likelyMin;
  return own === null || against === null || likely === undefined
    ? null
    : solvedTin(own, against, minutes, likely);
}
