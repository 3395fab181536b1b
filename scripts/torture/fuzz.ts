import fc from "fast-check";
import {
  type CakeRequest,
  planAnswer,
  planCake,
  parseCakeInput,
  serveDetail,
  workRequest,
} from "../../src/core/plan";
import { pantryOf } from "../../src/core/pantry";
import { cautionText, issueText, METRIC, remarkText } from "../../src/words";
import { doingText } from "../../src/words/day";
import { buildRemarkText } from "../../src/words/finishing";
import { anyRequest } from "./any-request";

export type FuzzFigures = {
  readonly inputs: number;
  /** Refused before a plan was begun, in words. */
  readonly refusedAtOnce: number;
  /** Reached planning: a plan, or an issue of how its numbers go together. */
  readonly reached: number;
  readonly planned: number;
  /** Answered whole, with day, drawing of the bake and pieces. */
  readonly answered: number;
  /** What threw, or gave a number that is none. */
  readonly faults: readonly { readonly what: string; readonly input: string }[];
};

/**
 * The whole answer solves the heat in every tin, seconds for a big one: one tin's is asked for so
 * many plans.
 */
const PLANS_TO_AN_ANSWER = 400;
const MOST_FAULTS = 12;
const WORDS = {
  caution: (caution: Parameters<typeof cautionText>[0]) => cautionText(caution, METRIC),
  built: (remark: Parameters<typeof buildRemarkText>[0]) => buildRemarkText(remark, METRIC),
  remark: (remark: Parameters<typeof remarkText>[0]) => remarkText(remark, METRIC),
  doing: (doing: Parameters<typeof doingText>[0]) => doingText(doing, METRIC),
};

/** The path of the first figure in it that is no number, or null. */
function noNumber(value: unknown, path = ""): string | null {
  if (typeof value === "number") return Number.isNaN(value) ? path : null;
  if (typeof value !== "object" || value === null) return null;
  for (const [field, each] of Object.entries(value)) {
    const found = noNumber(each, `${path}.${field}`);
    if (found !== null) return found;
  }
  return null;
}

/**
 * Whether the request for its first tin alone has an answer.
 * @throws RangeError when a figure of it is no number
 */
function answers({ input, formula, made }: CakeRequest): boolean {
  const request = {
    input: { ...input, recipe: { ...input.recipe, alsoBaked: [] }, tins: input.tins.slice(0, 1) },
    formula,
    made,
  };
  const plan = planCake(request.input);
  const answer = plan.ok ? planAnswer(plan.value, request, WORDS) : plan;
  if (!answer.ok) {
    issueText(answer.issue, METRIC);
    return false;
  }
  const wrong = noNumber(answer.value);
  if (wrong !== null) throw new RangeError(`answer${wrong} is not a number`);
  return true;
}

/**
 * Plans as many requests as are needed for so many to reach planning, and counts what came of them.
 * @param seed the same seed makes the same requests
 */
export function fuzz(reaching: number, seed: number, tell: (done: number) => void): FuzzFigures {
  const pantry = pantryOf();
  const faults: { what: string; input: string }[] = [];
  let [inputs, refusedAtOnce, reached, planned, answered] = [0, 0, 0, 0, 0];
  for (let round = 0; reached < reaching && faults.length < MOST_FAULTS; round += 1) {
    for (const input of fc.sample(anyRequest, { seed: seed + round, numRuns: 200 })) {
      if (reached >= reaching) break;
      inputs += 1;
      try {
        const parsed = parseCakeInput(input);
        if (!parsed.ok) {
          refusedAtOnce += 1;
          issueText(parsed.issue, METRIC);
          continue;
        }
        const request = workRequest(parsed.value, pantry);
        reached += 1;
        if (reached % 1000 === 0) tell(reached);
        const plan = planCake(request.input);
        if (!plan.ok) {
          issueText(plan.issue, METRIC);
          continue;
        }
        planned += 1;
        const wrong = noNumber(plan.value);
        if (wrong !== null) throw new RangeError(`plan${wrong} is not a number`);
        serveDetail(request.input, plan.value);
        if (planned % PLANS_TO_AN_ANSWER === 1) answered += answers(request) ? 1 : 0;
      } catch (error) {
        faults.push({
          what:
            error instanceof Error
              ? (error.stack ?? error.message).split("\n").slice(0, 4).join(" | ")
              : String(error),
          input: JSON.stringify(input),
        });
      }
    }
  }
  return { inputs, refusedAtOnce, reached, planned, answered, faults };
}
