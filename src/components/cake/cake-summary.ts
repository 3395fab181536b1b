import { sayIn } from "@/words";
import { worstFill } from "@/core/fill";
import { planCake, type CakePlan } from "@/core/plan";
import { readQuestion, type Question } from "@/core/ask";
import { dialText, minutesText, tinText, VERDICT_WORDS, weightText, type Units } from "@/words";

export type CakeSummary = {
  readonly tins: string;
  readonly facts: string;
  readonly plan: CakePlan | null;
};

/** A cake in two lines: into which tins, and what matters when baking it. */
export function cakeSummary(question: Question | null, units: Units): CakeSummary {
  const say = sayIn(units);
  if (question === null)
    return { tins: "What it was planned from can't be read", facts: "", plan: null };
  const { input } = readQuestion(question, { size: units.measure, heat: units.heat });
  const plan = input.ok ? planCake(input.value) : input;
  if (!input.ok || !plan.ok)
    return {
      tins: question.tins.join(", ") || say`no tin yet`,
      facts: "not finished yet",
      plan: null,
    };
  const { bake, finish, fill } = plan.value;
  const worst = worstFill(fill.tins);
  const facts = [
    dialText(bake, units),
    `start checking at ${minutesText(bake.firstLookMin)}`,
    finish.massG === 0 ? say`no frosting` : say`${weightText(finish.massG, units)} frosting`,
    ...(worst === undefined || worst.verdict === "fits" ? [] : [VERDICT_WORDS[worst.verdict]]),
  ];
  return {
    tins: fill.tins.map(({ geometry }) => tinText(geometry.tin, units)).join(" and "),
    facts: facts.join(" · "),
    plan: plan.value,
  };
}
