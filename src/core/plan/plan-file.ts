import { good, type Result } from "../measure";
import { planAnswer } from "./answer";
import type { Answer, PlanWords } from "./answer-schema";
import { planCake } from "./plan";
import type { ReadDoubt } from "./reading-answer";
import { workRequest } from "./request";
import { parsePlanFile } from "./text-request";

/** The words of an answer to a file, which may be a text in doubt. */
type FileWords = PlanWords & { readonly doubt: (about: ReadDoubt) => string };

/** The answer to a request from a file, which may be a text. */
export function planFileAnswer(file: unknown, words: FileWords): Result<Answer> {
  const asked = parsePlanFile(file);
  if (!asked.ok) return asked;
  const { input, told } = asked.value;
  const request = workRequest(input);
  const plan = planCake(request.input);
  if (!plan.ok) return plan;
  const answer = planAnswer(plan.value, request, words);
  if (!answer.ok || told === null) return answer;
  const doubts = told.doubts.map((about) => ({ about, message: words.doubt(about) }));
  return good({ ...answer.value, doubts });
}
