import { recipeCautions } from "../caution";
import { good, type Result } from "../measure";
import type { ToldRecipe } from "../reading";
import { planAnswer } from "./answer";
import { dayAnswer } from "./answer-day";
import type { Answer, PlanWords, ToldAnswer } from "./answer-schema";
import { planCake } from "./plan";
import type { ReadDoubt } from "./reading-answer";
import { workRequest, type CakeRequest } from "./request";
import { parsePlanFile } from "./text-request";

/** The words of an answer to a file, which may be a text in doubt. */
type FileWords = PlanWords & { readonly doubt: (about: ReadDoubt) => string };

/**
 * The answer to a request from a file. A text whose cake is baked in a pot or a microwave is planned
 * as it is told, in its own vessel; nothing of it is forecast.
 */
export function planFileAnswer(file: unknown, words: FileWords): Result<Answer | ToldAnswer> {
  const asked = parsePlanFile(file);
  if (!asked.ok) return asked;
  const { input, told } = asked.value;
  const request = workRequest(input);
  const { source = "oven" } = input.recipe.reference;
  const doubts = told?.doubts.map((about) => ({ about, message: words.doubt(about) }));
  const withDoubts = <T extends object>(answer: Result<T>): Result<T> =>
    answer.ok && doubts !== undefined ? good({ ...answer.value, doubts }) : answer;
  if (source !== "oven" && told?.isInOwnTins === true)
    return withDoubts(toldAnswer(request, told.recipe, source, words));
  const plan = planCake(request.input);
  return plan.ok ? withDoubts(planAnswer(plan.value, request, words)) : plan;
}

function toldAnswer(
  request: CakeRequest,
  { minutes }: ToldRecipe,
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
