// What is done to a cake while it is in the oven.
import * as z from "../zod";
import {
  capitalised,
  heatsTold,
  inFigures,
  mainHeat,
  middle,
  numberIn,
  timesTold,
} from "../measure";
import { BAKE_LIMITS, type Part } from "./schema";
import { stepStages } from "./step-stages";

/**
 * Tins turned round, shelves swapped, foil laid over or taken off, the oven set to another heat, or
 * something put on.
 */
export const DURING = ["turn", "swap", "foil", "uncover", "heat", "add"] as const;
export type DuringWhat = (typeof DURING)[number];
export const MOST_DURING = 8;
const MOST_NAME = 120;

/** Something done at a minute of the bake, in the oven. */
export const DuringOneSchema = z.strictObject({
  do: z.enum(DURING),
  atMin: numberIn(1, BAKE_LIMITS.mostMin, "min"),
  /** What the oven is set to from then on, true °C. */
  ovenC: z.optional(numberIn(BAKE_LIMITS.leastC, BAKE_LIMITS.mostC, "°C")),
  /** What is put on, as it is told. */
  name: z.optional(z.string().check(z.maxLength(MOST_NAME))),
  /** Only where the cake wants it: foil over what is dark already. */
  ifNeeded: z.optional(z.literal(true)),
});
export const DuringSchema = z.array(DuringOneSchema).check(z.maxLength(MOST_DURING));
const isDuring = (each: unknown): boolean => DuringOneSchema.safeParse(each).success;
export type During = readonly Readonly<z.infer<typeof DuringSchema>[number]>[];

const WITH_FOIL = String.raw`(?:(?:tin ?|kitchen |aluminium |aluminum |double |sheet of |piece of |bit of |some )*foil|(?:(?:baking|brown|butter|parchment) )?paper(?! cases?)|parchment|greaseproof)`;

/** The first that matches decides. */
const DOINGS: readonly (readonly [RegExp, DuringWhat])[] = [
  [
    /\b(?:swap|switch|chang|exchang|rotat|mov)\w*\b[^.;]*\b(?:shel(?:f|ves)|racks?|places|positions|top and bottom|top to bottom)\b/iu,
    "swap",
  ],
  [
    /\brotat\w+\b|\bturn(?:ing|ed)?\b (?:(?:the|your|both|all|each) )?(?:(?:cake|loaf|muffin|baking) )?(?:tins?|pans?|trays?|sheets?|skillet|dish|cakes?|it|them|loa(?:f|ves))\b[^.;,]{0,24}\b(?:round|around|180|front to back|back to front|other way|half ?way|after|at \d)/iu,
    "turn",
  ],
  [
    new RegExp(
      String.raw`\buncover(?:ed|ing)?\b|\b(?:remov|tak|lift|peel|discard)\w*\b[^.;,]{0,20}\b(?:${WITH_FOIL}|lid|cover)\b`,
      "iu",
    ),
    "uncover",
  ],
  [
    new RegExp(
      String.raw`\b(?:cover|tent|lay|drape|shield|put|pop|place|hat of)\w*\b[^.;]*\b${WITH_FOIL}\b|\b${WITH_FOIL} (?:over|on)\b`,
      "iu",
    ),
    "foil",
  ],
  [
    /\b(?:lower|reduc|drop|decreas|increas|rais|turn)\w*\b[^.;]{0,40}(?:\d{2,3}\s*(?:°|º|deg|[CF]\b)|\bgas (?:mark )?\d)/iu,
    "heat",
  ],
  [
    /(?:^\W*|[,:]\s*|\b(?:and|then|you|i|we|to|quickly|when|once)\s+)(?:(?:scatter|sprinkle|strew|spoon|spread|brush|drizzle|pour|lay|arrange|dot|crumble|dust|add)(?:ing)?|top (?:with|it|them|the))\b|\b(?:scatter|sprinkl|strew|spoon|brush|drizzl|arrang)ing\b/iu,
    "add",
  ],
];

/** Where one thing that is told ends and the next begins, within a sentence too. */
const TURNS_OF_SPEECH =
  /[.;!](?!\d)|,\s*(?=(?:then|and then|turn|rotat|swap|cover|tent|uncover|remov|scatter|sprinkl|lower|reduc|brush|bake)\w*\b)|\b(?:and )?then\b|\band (?=(?:bake|cook|uncover|return|continue)\b)/giu;
const HALFWAY = /\bhalf[- ]?way\b|\bmid-?way\b|\bhalf the time\b|\bat half time\b/iu;
const AT_THE_END =
  /\b(?:for|in|during|over) the (?:last|final)\s+(?:about\s+)?$|\b(?:with|when)\s+(?:about\s+)?$/iu;
const BEFORE_END =
  /^\.?\s*(?:before (?:the end|it(?:'s| is) (?:done|ready|due)|time)|left|to go)\b/iu;
const AFTER =
  /\b(?:after|at|for|first)(?:\s+(?:the|about|first|around|a further|another))*\s*$|\bwhen it has (?:had|been in)(?: for)?\s*$/iu;
const INTO = /^\.?\s*(?:in|into (?:the bake|baking|cooking)|have (?:gone|passed))\b/iu;
const BAKES = /\b(?:bak(?:e|es|ing)|cook(?:s|ing)?|in the oven|goes in|return)\b/iu;
/** What is only to be looked at, or baked when it is not done. */
const LOOKS = /\b(?:check|test|look|peek|skewer|tester|toothpick|done|ready)\b/iu;
/** What is told not to be done. */
const NEVER = /\b(?:don't|do not|never|without)\b/iu;
const FURTHER =
  /\b(?:another|further|bake[sd]? (?:it |them )?(?:on|for)|return|back in)\b|\bmore\b/iu;
/** A bare number of minutes: "turning it round after 30". */
const BARE =
  /\b(?:after|at)\s+(?:about\s+)?(\d{1,3})\b(?!\s*(?:°|º|deg|[CF]\b|cm|mm|g\b|%|min|hour|hr|sec))/iu;

/** One thing told of the oven: with its numbers in figures, and as it is written. */
type Told = {
  readonly text: string;
  readonly written: string;
  readonly does: DuringWhat | null;
};

function toldOf(steps: readonly string[]): readonly Told[] {
  return steps.flatMap((step): readonly Told[] => {
    const { text, from } = inFigures(step);
    const ends = [...text.matchAll(TURNS_OF_SPEECH)].map(({ index, 0: { length } }) => ({
      end: index,
      next: index + length,
    }));
    return [0, ...ends.map(({ next }) => next)].flatMap((start, at): readonly Told[] => {
      const end = ends[at]?.end ?? text.length;
      const told = text.slice(start, end).trim();
      if (told === "") return [];
      return [
        {
          text: told,
          written: step.slice(from(start), from(end)).trim(),
          does: DOINGS.find(([says]) => says.test(told))?.[1] ?? null,
        },
      ];
    });
  });
}

/** What is put on, without when: "after the first half hour, lay the strips across". */
const nameOf = (written: string): string =>
  capitalised(
    written.replace(/^\W*(?:about |after |at |when |with )[^,]{3,40},\s*/iu, "").trim(),
  ).slice(0, MOST_NAME);

/**
 * What a recipe does to its cake in the oven, at which of its own minutes: told outright, halfway,
 * before the end, or between two stretches of the bake. What has no minute, or only follows from a
 * look, is left to its words.
 * @param minutes the whole bake's, where they are known
 * @example duringTold([{ steps: [step("Bake for 40 minutes, turning the tin round halfway.")] }], 40)
 * // [{ do: "turn", atMin: 20 }]
 */
export function duringTold(
  parts: readonly Pick<Part, "role" | "steps">[],
  minutes: number | null,
): During {
  const steps = parts.flatMap(({ role, steps: own }) => {
    const stages = stepStages(own);
    return own.flatMap(({ text, stage }, at) =>
      stages[at] === "oven" && (role === "batter" || stage !== undefined) ? [text] : [],
    );
  });
  const told = toldOf(steps);
  const total = minutes ?? 0;
  const found: During[number][] = [];
  let baked = 0;
  for (const [at, { text, written, does }] of told.entries()) {
    if (does !== null && !NEVER.test(text)) {
      const goesOn = told.slice(at).some((later) => FURTHER.test(later.text));
      const atMin = minuteOf(text, total, goesOn && !/\bif\b/iu.test(text) ? baked : 0);
      if (atMin !== null && atMin >= 1 && (total === 0 || atMin < total)) {
        const ovenC = does === "heat" ? mainHeat(heatsTold(text, true))?.tempC : undefined;
        found.push({
          do: does,
          atMin,
          ...(ovenC === undefined ? {} : { ovenC }),
          ...(does === "add" ? { name: nameOf(written) } : {}),
          ...(does === "foil" && /\bif\b/iu.test(text) ? { ifNeeded: true as const } : {}),
        });
      }
    }
    baked += stretchOf(text, does);
  }
  return found
    .filter((each) => (each.do !== "heat" || each.ovenC !== undefined) && isDuring(each))
    .toSorted((one, other) => one.atMin - other.atMin)
    .slice(0, MOST_DURING);
}

/** The minute that a clause says itself, or where the stretches told before it end. */
function minuteOf(text: string, total: number, baked: number): number | null {
  if (HALFWAY.test(text)) return total > 0 ? Math.round(total / 2) : null;
  for (const { at, end, amount } of timesTold(text)) {
    const told = Math.round(middle(amount));
    if (AT_THE_END.test(text.slice(0, at)) || BEFORE_END.test(text.slice(end)))
      return total > 0 ? total - told : null;
    if (AFTER.test(text.slice(0, at)) || INTO.test(text.slice(end))) return told;
  }
  const bare = BARE.exec(text)?.[1];
  if (bare !== undefined) return Number(bare);
  return baked > 0 ? baked : null;
}

/** Minutes that a clause bakes for. */
function stretchOf(text: string, does: DuringWhat | null): number {
  if (!BAKES.test(text) || (does === null && LOOKS.test(text) && !/\bbak/iu.test(text))) return 0;
  const [time] = timesTold(text);
  return time === undefined || AT_THE_END.test(text.slice(0, time.at))
    ? 0
    : Math.round(middle(time.amount));
}
