// Where in a shown line of a text its facts stand, and what of them the recipe has.
import { heatPlaces, inFigures, middle, timesTold } from "../measure";
import type { Pantry } from "../pantry";
import type { Line, RecipeDoc, Stage } from "../recipe";
import { mentionsIn } from "./mentions";
import { benchTin, tinsTold } from "../tin";

export const MARK_KINDS = ["ingredient", "tin", "heat", "minutes", "look", "time"] as const;

/** A stretch of a line that tells something. */
export type Mark = {
  /** Its place in the line's characters, the end not in it. */
  readonly from: number;
  readonly to: number;
  /** `minutes` are the bake's, `look` is when to look first, `time` any other. */
  readonly is: (typeof MARK_KINDS)[number];
  /** Whether the recipe's bake has it, or one of its lines. */
  readonly isUsed: boolean;
  /** The recipe's line, of an ingredient. */
  readonly id: string | null;
};

/** What of a recipe a text's marks are held against. */
export type Marked = {
  readonly bake: RecipeDoc["bake"];
  readonly checkAtMin: number | null;
  /** The recipe's lines that are told here. */
  readonly lines: readonly Pick<Line, "id" | "text">[];
  readonly stage: Stage | null;
};

/**
 * The marks of a line, in order, none over another.
 * @example marksOf("Bake at 180 °C for 40 minutes.", …) // heat 8..14, minutes 19..29
 */
export function marksOf(written: string, of: Marked, pantry: Pantry): readonly Mark[] {
  const { text, from } = inFigures(written);
  const marks = [...tinMarks(text, of), ...ovenMarks(text, of), ...lineMarks(text, of, pantry)];
  const apart: Mark[] = [];
  for (const mark of marks
    .map((each) => ({ ...each, from: from(each.from), to: wordsEnd(written, from(each.to)) }))
    .toSorted((a, b) => a.from - b.from || b.to - a.to))
    if (mark.from >= (apart.at(-1)?.to ?? 0) && mark.to > mark.from) apart.push(mark);
  return apart;
}

const MOST_STOPS = 40;
/** Where words end, a stop after them not in it. */
const wordsEnd = (text: string, to: number): number =>
  to - (/[\s.,;:]+$/u.exec(text.slice(Math.max(0, to - MOST_STOPS), to))?.[0].length ?? 0);

function tinMarks(text: string, { bake }: Marked): readonly Mark[] {
  return tinsTold(text).map(({ tin, at, end }) => {
    const own = benchTin(tin);
    return {
      from: at,
      to: end,
      is: "tin",
      isUsed: bake.tins.some((each) => JSON.stringify(each) === JSON.stringify(own)),
      id: null,
    };
  });
}

function ovenMarks(text: string, { bake, checkAtMin, stage }: Marked): readonly Mark[] {
  const isOven = stage === "oven";
  const heats = heatPlaces(text, isOven).map(({ heat, at, end }): Mark => ({
    from: at,
    to: end,
    is: "heat",
    isUsed: Math.round(heat.tempC) === bake.ovenC,
    id: null,
  }));
  const times = timesTold(text).map(({ amount, at, end }): Mark => {
    const isBake = isOven && Math.abs(middle(amount) - (bake.minutes ?? 0)) <= 0.5;
    const isLook = isOven && !isBake && amount.low === checkAtMin;
    const is = isBake ? "minutes" : isLook ? "look" : "time";
    return { from: at, to: end, is, isUsed: isBake || isLook, id: null };
  });
  return [...heats, ...times];
}

function lineMarks(text: string, { lines }: Marked, pantry: Pantry): readonly Mark[] {
  const open = [...lines];
  return mentionsIn(text, pantry).flatMap(({ at, end, line }): readonly Mark[] => {
    const own = open.findIndex((each) => each.text === line);
    const found = own >= 0 ? open.splice(own, 1)[0] : lines.length === 1 ? open.shift() : undefined;
    return found === undefined
      ? []
      : [{ from: at, to: end, is: "ingredient", isUsed: true, id: found.id }];
  });
}
