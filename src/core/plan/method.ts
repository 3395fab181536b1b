import { NO_WORDS, type MethodStep, type RecipeWords } from "../day";
import { capitalised, middle, type Amount } from "../measure";
import {
  readStep,
  saysOffOven,
  saysOvernight,
  saysTurnedOut,
  stepStages,
  type PartFormula,
  type Stage,
  type Step,
  type StepKind,
} from "../recipe";

/** A step that says a range takes the middle of it, in whole minutes. */
const wholeMinutes = (amount: Amount): number => Math.max(1, Math.round(middle(amount)));
/**
 * Beaten by the machine, by its words; batters that are only stirred need it where a step names it.
 */
export const BEATEN = /\b(?:beat|whip|whisk|cream)\b/iu;
export const BY_MACHINE = /\b(?:mixer|beaters|(?:low|medium|high) speed)\b/iu;
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
export function methodSteps(steps: readonly Step[], beaten: RegExp): readonly MethodStep[] {
  return steps.flatMap((step): readonly MethodStep[] => {
    const { kind, minutes, wait, waitText, tempC } = readStep(step);
    const plain = { text: step.text, usesMixer: false, ovenC: null };
    if (isAhead(kind, step.text) && minutes !== null)
      return [{ ...plain, minutes: wholeMinutes(minutes), isWait: true }];
    if (wait !== null && (kind === "rest" || kind === "cool") && WAITS_AT_ONCE.test(step.text))
      return [{ ...plain, minutes: wholeMinutes(wait), isWait: true }];
    const waits: readonly MethodStep[] =
      wait === null
        ? []
        : [
            {
              ...plain,
              text: capitalised(waitText ?? step.text),
              minutes: wholeMinutes(wait),
              isWait: true,
            },
          ];
    const isToasted = kind === "melt" && tempC !== null && /\b(?:toast|roast)/iu.test(step.text);
    return [
      {
        ...plain,
        minutes: minutes === null ? null : wholeMinutes(minutes),
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

const OF_TINS = /\b(?:tins?|pans?|moulds?|molds?|cases|sheet|dish|skillet|ramekins?|tray|ring)\b/iu;

const IN_ITS_TIN =
  /^\W*(?:let|leave|rest|stand|cool)\b[^.;]*\bin (?:(?:the|its|their) )?(?:tins?|pans?|moulds?|molds?|dish)\b[^.;]*\W*$/iu;

const MINUTES_IN_TIN =
  /^\W*(?:for )?(?:\p{L}+|\d+)(?:\s*(?:to|-|–)\s*\d+)?\s*min\w*\s+in (?:(?:the|its|their) )?(?:tins?|pans?|moulds?|molds?|dish)\b/iu;

/** No oven is warm sooner, minutes: what says less speaks of something else. Judgement. */
const LEAST_WARM_UP_MIN = 5;

/** Where steps of the recipe's own stand in the day. */
const PLACES = ["steps", "filled", "hot", "cold", "coated", "serve", "keep"] as const;
type Place = (typeof PLACES)[number];

/**
 * The steps of a batter as the day takes them: what makes it, what goes on it in its tins, what is
 * done to the cake hot, cold, once the plan has put it together and coated it, at the table and with
 * what is left, and what is said of the program's own tasks.
 */
export type StagedMethod = Readonly<Record<Place, readonly Step[]>> & {
  readonly words: RecipeWords;
  /** Of warming the oven. */ readonly warmUpMin: number | null;
};

/** Which of the tasks that a step may speak of the program plans by itself. */
export type PlansItself = {
  readonly soften: boolean;
  /** Turning it out while it is warm. */
  readonly turnOut: boolean;
  /** Leaving it in the switched-off oven, and until the next day. */
  readonly offOven: boolean;
  readonly overnight: boolean;
  readonly build: boolean;
  readonly finish: boolean;
};

/** A step with what its words say, and when it is done. */
type Staged = { readonly step: Step; readonly kind: StepKind; readonly stage: Stage };

/**
 * The batter's steps by where the oven is: nothing that stands after the bake comes before it, and
 * no step is dropped. What the program plans by itself (tins, oven, filling, baking, cooling, and
 * building and finishing where it has them) carries the words. A step that says its stage has it;
 * others have theirs by their place.
 */
export function stagedMethod({ part }: PartFormula, plans: PlansItself): StagedMethod {
  const stages = stepStages(part.steps);
  const staged = part.steps.flatMap((step, at) => {
    const stage = stages[at] ?? "before";
    const pieces = stage === "before" ? piecesOf(step) : [step];
    return pieces.map((piece) => ({ ...readStep(piece), step: piece, stage }));
  });
  const fillAt = staged.findLastIndex(({ kind, stage }) => kind === "fill" && stage === "before");
  const said = Object.fromEntries(
    Object.keys(NO_WORDS).map((word) => [word, [] as string[]]),
  ) as Record<keyof RecipeWords, string[]>;
  const into = Object.fromEntries(PLACES.map((place) => [place, [] as Step[]])) as Record<
    Place,
    Step[]
  >;
  let warmUpMin: number | null = null;
  for (const [at, { step, kind, stage, minutes }] of staged.entries()) {
    if (kind === "heat" && minutes !== null && minutes.low >= LEAST_WARM_UP_MIN)
      warmUpMin = wholeMinutes(minutes);
    const word = wordFor({ step, kind, stage }, at === fillAt, plans);
    if (word !== null) said[word].push(step.text);
    else if (stage === "cold" && (said.build.length > 0 || said.finish.length > 0))
      into.coated.push(step);
    else if (stage === "before") into[fillAt >= 0 && at > fillAt ? "filled" : "steps"].push(step);
    else into[stage === "oven" ? "hot" : stage].push(step);
  }
  const words = Object.fromEntries(
    Object.entries(said).map(([name, texts]) => [name, texts.join(" ")]),
  ) as RecipeWords;
  return { ...into, words, warmUpMin };
}

const SENTENCES = /(?<=[.;!?])\s+(?=\p{Lu})/u;
/** Sentences of these kinds are words of the program's own tasks. */
const APART: readonly StepKind[] = ["heat", "fill"];

/**
 * A step before the oven by what its sentences do: "Heat the oven. Beat everything. Pour it into the
 * tin." is three things; sentences that only make the batter stay together. One whose minutes the
 * baker gave stays whole.
 */
function piecesOf(step: Step): readonly Step[] {
  if (step.minutes !== undefined || step.kind !== undefined) return [step];
  const pieces: { readonly kind: StepKind | null; readonly text: string }[] = [];
  for (const text of step.text.split(SENTENCES)) {
    const own = readStep({ text }).kind;
    const isTins = own === "prepare" && OF_TINS.test(text);
    const kind = APART.includes(own) ? own : isTins ? "prepare" : null;
    const last = pieces.at(-1);
    if (last !== undefined && last.kind === kind)
      pieces[pieces.length - 1] = { kind, text: `${last.text} ${text}` };
    else pieces.push({ kind, text });
  }
  return pieces.map(({ text }) => ({ ...step, text }));
}

/** "Two eight inch tins, greased and lined": tins, and what is done to them. */
const ONLY_TINS =
  /^[^.;]{0,60}\b(?:tins?|pans?|moulds?|dish|skillet)\b[^.;]{0,30}\b(?:greased|buttered|oiled|lined|floured)\b[^.;]{0,24}\W*$/iu;

/** "180 C, a greased 20 cm square tin." */
const OVEN_FIRST = /^\W*(?:oven\b\W*)?(?:\d{2,3}\s*(?:°\s*)?[CF]\b|gas (?:mark )?\d)/iu;

/** "… and leave until cold": the program's own cooling. */
const ONLY_COOLS =
  /^\W*(?:and )?(?:then )?(?:leave|let|cool|stand)\b(?: (?:it|them|the cakes?|there|to (?:cool|stand)|so|rolled(?: up)?))* (?:until|till|to) (?:it is |they are )?(?:quite |completely |stone )?(?:cold|cool)\W*$/iu;

const PUT_TOGETHER =
  /\b(?:sandwich|stack)\b|\bfill (?:and|the (?:cake|layers))\b|\b(?:pop|put|set|place|lay)\b[^.;]{0,20}\b(?:other|second)\b[^.;]{0,16}\b(?:on|over|back)\b/iu;

/** Which of the program's own tasks a step speaks of; null where it is a task of its own. */
function wordFor(
  { step: { text, stage: said }, kind, stage }: Staged,
  isFill: boolean,
  plans: PlansItself,
): keyof RecipeWords | null {
  const isOvenOff = saysOffOven(text);
  if (
    kind === "heat" &&
    !isOvenOff &&
    (said === undefined || stage === "before" || stage === "oven")
  )
    return "warmUp";
  switch (stage) {
    case "before":
      if (kind === "other" && OVEN_FIRST.test(text)) return "warmUp";
      if (plans.soften && isAhead(kind, text) && /\bbutter\b/iu.test(text)) return "soften";
      if (!isFill && ONLY_TINS.test(text)) return "tins";
      return kind === "prepare" && OF_TINS.test(text) ? "tins" : isFill ? "fill" : null;
    case "oven":
      return plans.offOven && isOvenOff ? "offOven" : "bake";
    case "hot":
    case "cold":
      if (plans.offOven && isOvenOff) return "offOven";
      if (plans.overnight && (kind === "rest" || kind === "cool") && saysOvernight(text))
        return "left";
      if (kind === "bake" && said === undefined) return "bake";
      if (kind === "cool" && (said === undefined || stage === "hot")) return "cool";
      if (kind === "rest" && ONLY_COOLS.test(text)) return "cool";
      if (plans.turnOut && stage === "hot" && kind === "rest" && saysTurnedOut(text)) return "cool";
      // The program's own cooling begins in the tin.
      if (said === "hot" && kind === "rest" && (IN_ITS_TIN.test(text) || MINUTES_IN_TIN.test(text)))
        return "cool";
      if (plans.build && (kind === "build" || (stage === "cold" && PUT_TOGETHER.test(text))))
        return "build";
      return kind === "finish" && plans.finish ? "finish" : null;
    case "serve":
    case "keep":
      return null;
  }
}
