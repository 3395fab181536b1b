import { recipeCautions } from "../caution";
import { good, type Result } from "../measure";
import { planAnswer } from "./answer";
import { dayAnswer } from "./answer-day";
import type { Answer, PlanWords, ToldAnswer } from "./answer-schema";
import { planCake } from "./plan";
import { workRequest, type CakeRequest } from "./request";
import { parsePlanFile, type PlanFile } from "./text-request";

/**
 * The answer to a request from a file. A text whose cake is baked in a pot or a microwave is planned
 * as it is told, in its own vessel; nothing of it is forecast.
 */
export function planFileAnswer(file: unknown, words: PlanWords): Result<Answer | ToldAnswer> {
  const asked = parsePlanFile(file);
  if (!asked.ok) return asked;
  const { input, told } = asked.value;
  const request = workRequest(input);
  const { source = "oven" } = input.recipe.reference;
  if (source !== "oven" && told !== null) return toldAnswer(request, told, source, words);
  const plan = planCake(request.input);
  return plan.ok ? planAnswer(plan.value, request, words) : plan;
}

function toldAnswer(
  request: CakeRequest,
  { minutes }: NonNullable<PlanFile["told"]>,
  source: ToldAnswer["source"] & ("closed-pot" | "microwave"),
  words: PlanWords,
): Result<ToldAnswer> {
  const { recipe } = request.input;
  const { tins, ovenC } = recipe.reference;
  // Its day is an oven's but for what heats it and how long.
  const asBaked = {
    ...request,
    input: { ...request.input, recipe: { ...recipe, reference: { tins, ovenC } } },
  };
  const plan = planCake(asBaked.input);
  if (!plan.ok) return plan;
  const day = dayAnswer(asBaked, plan.value, words, {
    heatedBy: source,
    ...(minutes === null
      ? {}
      : { loads: [{ tins: 1, firstLookMin: minutes.low, likelyMin: minutes.high }] }),
  });
  if (!day.ok) return day;
  const holds = recipe.holds ?? { allergens: [], hazards: [] };
  return good({
    source,
    minutes: minutes === null ? null : [minutes.low, minutes.high],
    ...(day.value === null ? {} : { day: day.value }),
    contains: [...holds.allergens],
    cautions: recipeCautions(holds, source).map((caution) => ({
      code: caution.code,
      text: words.caution(caution),
    })),
  });
}
