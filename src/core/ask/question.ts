import * as z from "../zod";
import { CoolSchema } from "../cool";
import { FillSchema, type Scale } from "../fill";
import {
  bad,
  boxed,
  good,
  issueAt,
  numberIn,
  readNumber,
  readLengthMm,
  readMassG,
  readMinutes,
  readTempC,
  readVolumeMl,
  wholeIn,
  type Issue,
  type Result,
} from "../measure";
import { BatterSchema } from "../mix";
import { readTin, type ReadTin, type SizeHabit } from "../tin";
import { readFinish, type FinishBox } from "./finish-boxes";
import { BakeMinutesSchema, parseCakeInput, ReferenceSchema, type CakeInput } from "../plan";
import { coolAsked } from "./cool-boxes";
import { readMarble, readOnBatter } from "./on-batter-boxes";
import { readDuring } from "./during-boxes";
import { coverAsked, fillingAsked } from "./frosted-boxes";
import { CROWNINGS } from "./question-choices";
import type { Question } from "./question-schema";
import type { ReadingHabit } from "./reading-habit";

/** Boxes of the question that can be wrong by themselves. */
export type QuestionBox =
  | "from"
  | "heat"
  | "minutes"
  | "look"
  | "weight"
  | "volume"
  | "amount"
  | "fruit"
  | "recipeFruit"
  | "recipeEggs"
  | "ownHeat"
  | "inTin"
  | "offOven"
  | "during"
  | "onBatter"
  | "marble"
  | "also"
  | "pieces"
  | "guests"
  | FinishBox;

export type ReadQuestion = {
  readonly from: readonly ReadTin[];
  /** One for each wanted tin, in order. */
  readonly tins: readonly Result<ReadTin>[];
  /** What is wrong with a box, by its name. */
  readonly issues: Partial<Readonly<Record<QuestionBox, Issue>>>;
  /** Everything together; the first thing wrong when it can't be planned. */
  readonly input: Result<CakeInput>;
};

/**
 * The question read: sizes, heat, minutes and batter from their texts, each box's own issue, and
 * the input of a plan when all of it makes sense. Empty minutes, weight or volume mean that they
 * are not known.
 * @param ofLooker what numbers without a unit mean where the question itself does not say
 */
export function readQuestion(question: Question, ofLooker: ReadingHabit): ReadQuestion {
  const habit = question.habit ?? ofLooker;
  const tins = question.tins.map((text) => readTin(text, habit.size));
  const from = readTins(question.from, habit.size);
  const { ovenC, minutes: bakeMinutes, checkAtMin } = ReferenceSchema.shape;
  const { massG, volumeMl } = BatterSchema.shape;
  // The heat of a pot or a microwave is nothing that an oven's dial says.
  const heat =
    question.source === "oven"
      ? boxed("ovenC", question.heat, (text) => readTempC(text, habit.heat), ovenC, "heat")
      : good(NO_OVEN_C);
  const minutes = boxed(
    "minutes",
    question.minutes,
    readMinutes,
    question.source === "oven" ? z.optional(BakeMinutesSchema) : bakeMinutes,
    "minutes",
  );
  const look = boxed("look", question.look, readMinutes, checkAtMin, "minutes");
  const weight = boxed("massG", question.weight, readMassG, massG, "weight");
  const volume = boxed("volumeMl", question.volume, readVolumeMl, volumeMl, "volume");
  const amount = readScale(question, habit);
  const fruit = boxed("fruitG", question.fruit, readMassG, FillSchema.shape.fruitG, "weight");
  const recipeFruit = boxed(
    "recipeFruit",
    question.recipeFruit,
    readMassG,
    FillSchema.shape.fruitG,
    "weight",
  );
  const recipeEggs = boxed("recipeEggs", question.recipeEggs, readNumber, EggsSchema, "amount");

  const ownHeat =
    question.school === "own"
      ? boxed(
          "ownHeat",
          question.ownHeat,
          (text) => readTempC(text, habit.heat),
          OwnHeatSchema,
          "heat",
        )
      : good(undefined);
  const inTin =
    question.cooling === "after"
      ? boxed("inTinMin", question.inTin, readMinutes, CoolSchema.shape.inTinMin, "minutes")
      : good(undefined);
  const offOven = boxed(
    "offOvenMin",
    question.offOven,
    readMinutes,
    CoolSchema.shape.offOvenMin,
    "minutes",
  );
  const during = question.during === null ? good(undefined) : readDuring(question.during, habit);
  const onBatter = readOnBatter(question.onBatter);
  const marble = readMarble(question.marble);
  const also = readAlso(question, habit);
  const pieces = boxed("pieces", question.pieces, readNumber, PiecesSchema, "amount");
  const guests = boxed("guests", question.guests, readNumber, z.optional(GuestsSchema), "amount");

  const boxes = {
    from,
    heat,
    minutes,
    look,
    weight,
    volume,
    amount,
    fruit,
    recipeFruit,
    recipeEggs,
    ownHeat,
    inTin,
    offOven,
    during,
    onBatter,
    marble,
    also,
    pieces,
    guests,
  };
  const on = readFinish(question.build, question.finish, habit);
  const issues: Partial<Record<QuestionBox, Issue>> = { ...on.issues };
  for (const box of QUESTION_BOXES) {
    const result = boxes[box];
    if (!result.ok) issues[box] = result.issue;
  }
  const read = { from: from.ok ? from.value : [], tins };
  const firstIssue = Object.values(issues)[0] ?? firstOf(tins);
  if (firstIssue !== null) return { ...read, issues, input: bad(firstIssue) };
  if (
    !from.ok ||
    !heat.ok ||
    !minutes.ok ||
    !look.ok ||
    !weight.ok ||
    !volume.ok ||
    !amount.ok ||
    !fruit.ok ||
    !recipeFruit.ok ||
    !recipeEggs.ok ||
    !ownHeat.ok ||
    !inTin.ok ||
    !offOven.ok ||
    !during.ok ||
    !onBatter.ok ||
    !marble.ok ||
    !also.ok ||
    !pieces.ok ||
    !guests.ok
  )
    throw new RangeError("a box without an issue was not read");

  const input = parseCakeInput({
    recipe: {
      ...(question.recipe === "" ? {} : { name: question.recipe }),
      batter: {
        kind: question.kind,
        ...given("massG", weight.value),
        ...given("volumeMl", volume.value),
        ...(question.piecesMl === 0 ? {} : { piecesMl: question.piecesMl }),
      },
      ...(question.holds === null ? {} : { holds: question.holds }),
      ...(question.recipeOn.length === 0 || question.isRecipeOnLeftOff
        ? {}
        : { onBatter: question.recipeOn }),
      ...(question.frosted === null ? {} : { frosted: question.frosted }),
      ...(question.filled === null ? {} : { filled: question.filled }),
      ...(question.rolled === null ? {} : { rolled: question.rolled }),
      ...(question.split === null ? {} : { split: question.split }),
      ...(question.worn.length === 0 ? {} : { worn: question.worn }),
      ...(question.recipeDuring.length === 0 ? {} : { during: question.recipeDuring }),
      ...(question.recipePortions === 0 ? {} : { portions: question.recipePortions }),
      ...given("eggs", recipeEggs.value),
      ...(question.eggG === 0 ? {} : { eggG: question.eggG }),
      reference: {
        tins: from.value.map(({ tin }) => tin),
        ovenC: heat.value,
        fan: question.recipeFan,
        ...(question.source === "oven" ? {} : { source: question.source }),
        ...given("minutes", minutes.value),
        ...given("checkAtMin", look.value),
        ...(recipeFruit.value === undefined
          ? {}
          : { onTop: [{ where: "in" as const, massG: recipeFruit.value }] }),
      },
      ...(also.value.length === 0 ? {} : { alsoBaked: also.value }),
    },
    tins: tins.flatMap((tin) => (tin.ok ? [tin.value.tin] : [])),
    scale: amount.value,
    eggs: question.eggs,
    fill: {
      ...(question.fullAtMost === "kind" ? {} : { fullAtMost: question.fullAtMost }),
      ...given("crowningMm", CROWNINGS[question.crowning]),
      ...given("fruitG", fruit.value),
      ...(marble.value === undefined ? {} : { marble: marble.value }),
    },
    ...(onBatter.value.length === 0 ? {} : { onBatter: [...onBatter.value] }),
    // Her own heat that is still empty is what the recipe says.
    heat:
      question.school !== "own"
        ? question.school
        : ownHeat.value === undefined
          ? "as-written"
          : { ovenC: ownHeat.value },
    oven: ovenOf(question),
    strips: question.strips,
    lined: question.lined,
    ...(question.learnsFrom === "nothing" || question.log.length === 0
      ? {}
      : { log: question.log }),
    ...(Object.keys(question.taught).length === 0 ? {} : { taught: question.taught }),
    ...(during.value === undefined ? {} : { during: during.value }),
    ...coolAsked(question, inTin.value, offOven.value),
    build: { ...on.build, ...fillingAsked(question) },
    finish: { ...coverAsked(question), frosting: question.frosting, ...on.finish },
    serve: {
      ...(question.cut === "usual" ? {} : { cut: question.cut }),
      size: question.pieceSize,
      ...given("pieces", pieces.value),
      ...given("guests", guests.value),
    },
  });
  return { ...read, issues, input };
}

const QUESTION_BOXES = [
  "from",
  "heat",
  "minutes",
  "look",
  "weight",
  "volume",
  "amount",
  "fruit",
  "recipeFruit",
  "recipeEggs",
  "ownHeat",
  "inTin",
  "offOven",
  "during",
  "onBatter",
  "marble",
  "also",
  "pieces",
  "guests",
] as const;
/** Stands for the heat where there is no oven, °C; nothing is worked out from it. */
const NO_OVEN_C = 177;
const PiecesSchema = z.optional(wholeIn(1, 200));
const OwnHeatSchema = z.optional(ReferenceSchema.shape.ovenC);
const EggsSchema = z.optional(numberIn(0.5, 200, "count"));
const TimesSchema = numberIn(0.05, 20, "times");
const DepthSchema = numberIn(5, 200, "mm");
const GuestsSchema = wholeIn(1, 500);

/** The oven of the question: its dial, readings and shelf, blowing or still as far as it can. */
function ovenOf({ oven, fan }: Question): CakeInput["oven"] {
  if (oven === null) return { fan };
  const { air, dial, readings, shelf, warmUpMin } = oven.spec;
  return { fan: air === "either" ? fan : air === "fan", dial, readings, shelf, warmUpMin };
}

/** The other bakes, each read like the recipe's own; heat left empty is the recipe's. */
function readAlso(
  { also, heat, source, recipeFan }: Question,
  habit: ReadingHabit,
): Result<NonNullable<CakeInput["recipe"]["alsoBaked"]>> {
  const found: NonNullable<CakeInput["recipe"]["alsoBaked"]>[number][] = [];
  for (const [index, bake] of also.entries()) {
    if (bake.from.trim() === "" && bake.minutes.trim() === "") continue;
    const tins = readTins(bake.from, habit.size);
    if (!tins.ok) return bad({ ...tins.issue, path: `also[${index}].${lastOf(tins.issue.path)}` });
    const ovenC = boxed(
      `also[${index}].ovenC`,
      bake.heat.trim() === "" ? heat : bake.heat,
      (text) => readTempC(text, habit.heat),
      ReferenceSchema.shape.ovenC,
      "heat",
    );
    if (!ovenC.ok) return ovenC;
    const minutes = boxed(
      `also[${index}].minutes`,
      bake.minutes,
      readMinutes,
      BakeMinutesSchema,
      "minutes",
    );
    if (!minutes.ok) return minutes;
    found.push({
      tins: tins.value.map(({ tin }) => tin),
      ovenC: ovenC.value,
      fan: bake.fan ?? recipeFan,
      minutes: minutes.value,
      source,
    });
  }
  return good(found);
}

const lastOf = (path: string): string => path.split(".").at(-1) ?? path;

/** The scale with the amount it asks for; while that is still empty the recipe is kept as it is. */
function readScale({ scale, amount, portion }: Question, habit: ReadingHabit): Result<Scale> {
  if (scale === "keep" || scale === "same-depth" || scale === "fill-limit") return good(scale);
  if (amount.trim() === "") return good("keep");
  switch (scale) {
    case "times":
      return boxed("times", amount, readNumber, TimesSchema, "amount");
    case "depth": {
      const depthMm = boxed(
        "fillDepth",
        amount,
        (text) => readLengthMm(text, habit.size === "us" ? "in" : "cm"),
        DepthSchema,
        "length",
      );
      return depthMm.ok ? good({ depthMm: depthMm.value }) : depthMm;
    }
    case "guests": {
      const guests = boxed("guests", amount, readNumber, GuestsSchema, "amount");
      return guests.ok ? good({ guests: guests.value, portion }) : guests;
    }
  }
}

/** The tins of a recipe, several joined by a plus: `20 cm round + 12 cups`. */
function readTins(text: string, habit: SizeHabit): Result<readonly ReadTin[]> {
  const found = text.split(/\s\+\s|\s+and\s+/u).map((part) => readTin(part, habit));
  const issue = firstOf(found);
  return issue === null ? good(found.flatMap((tin) => (tin.ok ? [tin.value] : []))) : bad(issue);
}

function firstOf(results: readonly Result<unknown>[]): Issue | null {
  for (const [index, result] of results.entries())
    if (!result.ok) return issueAt(`tins[${index}]`, result.issue);
  return null;
}

function given(field: string, value: number | undefined): Readonly<Record<string, number>> {
  return value === undefined ? {} : { [field]: value };
}
