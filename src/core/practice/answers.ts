// What was answered in practice, and what that says: what to practise next, and which way she errs.
import { deviation, mean } from "d3-array";
import { createEmptyCard, fsrs, Rating, type Card, type Grade } from "ts-fsrs";
import * as z from "../zod";
import { parseWith, type Result } from "../measure";

/** What can be practised. */
export const DRILLS = ["done", "other-tin"] as const;
export type Drill = (typeof DRILLS)[number];

export const DRILL_VERDICTS = ["early", "right", "late"] as const;
export type DrillVerdict = (typeof DRILL_VERDICTS)[number];

/** No seed is larger. */
export const MOST_SEED = 999_999;

/** Nobody is off by more, as a logarithm. */
export const MOST_LOG = 5;

/** One answer. `log` is the logarithm of her minutes over the best ones: above 0 too late. */
export const PracticeAnswerSchema = z.strictObject({
  id: z.string().check(z.minLength(1), z.maxLength(60)),
  drill: z.enum(DRILLS),
  /** What it was about, such as a family of tins: what is got wrong comes again sooner. */
  about: z.string().check(z.minLength(1), z.maxLength(60)),
  /** The case can be told again from it. */
  seed: z.int().check(z.gte(0), z.lte(MOST_SEED)),
  verdict: z.enum(DRILL_VERDICTS),
  log: z.number().check(z.gte(-MOST_LOG), z.lte(MOST_LOG)),
  /** Ms since 1970. */
  at: z.number().check(z.nonnegative()),
});
export type PracticeAnswer = z.infer<typeof PracticeAnswerSchema>;

/** An answer from outside the program. */
export const parsePracticeAnswer = (input: unknown): Result<PracticeAnswer> =>
  parseWith(PracticeAnswerSchema, input);

/** Off by less than this, as a logarithm, a wrong answer is nearly right. Judgement: a tenth. */
const NEARLY = 0.1;

function gradeOf({ verdict, log }: PracticeAnswer): Grade {
  if (verdict === "right") return Rating.Good;
  return Math.abs(log) < NEARLY ? Rating.Hard : Rating.Again;
}

const SCHEDULER = fsrs({ enable_fuzz: false });

/** When something is worth practising again. */
export type Due = { readonly about: string; readonly at: number };

/**
 * When each thing of a drill is due, by spaced repetition (FSRS) over all answers, whatever order
 * they come in; the first due first.
 */
export function practiceDue(answers: readonly PracticeAnswer[], drill: Drill): readonly Due[] {
  const cards = new Map<string, Card>();
  for (const answer of inOrder(answers, drill)) {
    const at = new Date(answer.at);
    const card: Card = cards.get(answer.about) ?? createEmptyCard(at);
    cards.set(answer.about, SCHEDULER.next(card, at, gradeOf(answer)).card);
  }
  return [...cards]
    .map(([about, { due }]) => ({ about, at: due.getTime() }))
    .toSorted((one, other) => one.at - other.at || one.about.localeCompare(other.about));
}

/**
 * What to practise now: what is due longest, else what was never tried, else what is due first.
 * @param all everything there is to practise, in a settled order; at least one
 */
export function nextAbout(
  answers: readonly PracticeAnswer[],
  drill: Drill,
  all: readonly string[],
  now: number,
): string | null {
  const due = practiceDue(answers, drill).filter(({ about }) => all.includes(about));
  const [first] = due;
  if (first !== undefined && first.at <= now) return first.about;
  const tried = new Set(due.map(({ about }) => about));
  return all.find((about) => !tried.has(about)) ?? first?.about ?? null;
}

/** Which way she errs, by her last answers. */
export type Judgement = {
  readonly answers: readonly PracticeAnswer[];
  /** Shares of the minutes: 0.08 is a twelfth too late on the whole, minus too early. */
  readonly bias: number;
  /** How far answers scatter about that; null for one alone. */
  readonly spread: number | null;
  readonly rightShare: number;
};

/** As many of the last answers tell how she judges now. */
const LAST = 20;

/** Her judgement in a drill by its last twenty answers, the oldest first; null before the first. */
export function judgementOf(answers: readonly PracticeAnswer[], drill: Drill): Judgement | null {
  const last = inOrder(answers, drill).slice(-LAST);
  const logs = last.map(({ log }) => log);
  const middle = mean(logs);
  if (middle === undefined) return null;
  return {
    answers: last,
    bias: Math.expm1(middle),
    spread: deviation(logs) ?? null,
    rightShare: last.filter(({ verdict }) => verdict === "right").length / last.length,
  };
}

const inOrder = (answers: readonly PracticeAnswer[], drill: Drill): readonly PracticeAnswer[] =>
  answers.filter((each) => each.drill === drill).toSorted((one, other) => one.at - other.at);
