import * as z from "zod";
import { bad, good, issueAt, parseWith, readMassG, readMinutes, readTempC, readVolumeMl, type DegreeScale, type Issue, type Result } from "../measure";
import { BATTER_KINDS, BatterSchema } from "../mix";
import { COVERS, FROSTINGS } from "../finish";
import { readTin, writeTin, type ReadTin, type SizeHabit } from "../tin";
import { parseCakeInput, ReferenceSchema, type CakeInput } from "./input";
import type { RecipeFacts } from "./recipe-facts";

const line = z.string().max(200);

export const SCALES = ["keep", "same-depth", "fill-limit"] as const;
export const SCHOOLS = ["gentler", "as-written", "low"] as const;

/**
 * The baker's question as she wrote it: what the recipe says, and the tins she has. Every box is text, so that a
 * half-typed one is kept; {@link readQuestion} makes sense of it.
 */
export const QuestionSchema = z.strictObject({
  /** The recipe's name; empty when only its tins are known. */
  recipe: line,
  from: line,
  heat: line,
  recipeFan: z.boolean(),
  minutes: line,
  kind: z.enum(BATTER_KINDS),
  weight: line,
  volume: line,
  tins: z.array(line).max(20),
  scale: z.enum(SCALES),
  school: z.enum(SCHOOLS),
  fan: z.boolean(),
  cover: z.enum(COVERS),
  frosting: z.enum(FROSTINGS),
});
export type Question = z.infer<typeof QuestionSchema>;

/** What the bench opens with: the question bakers ask most. */
export const FIRST_QUESTION: Question = {
  recipe: "",
  from: "2 x 20 x 5 cm round",
  heat: "180 °C",
  recipeFan: false,
  minutes: "34 min",
  kind: "creamed",
  weight: "",
  volume: "",
  tins: ["33 x 23 x 5 cm rectangle"],
  scale: "keep",
  school: "gentler",
  fan: false,
  cover: "top",
  frosting: "butter-and-sugar",
};

/** Boxes of the question that can be wrong by themselves. */
export type QuestionBox = "from" | "heat" | "minutes" | "weight" | "volume";

export type ReadQuestion = {
  readonly from: readonly ReadTin[];
  /** One for each wanted tin, in order. */
  readonly tins: readonly Result<ReadTin>[];
  /** What is wrong with a box, by its name. */
  readonly issues: Partial<Readonly<Record<QuestionBox, Issue>>>;
  /** Everything together; the first thing wrong when it can't be planned. */
  readonly input: Result<CakeInput>;
};

/** The kitchen's habits, for numbers written without a unit. */
export type ReadingHabit = { readonly size: SizeHabit; readonly heat: DegreeScale };

/** A question from outside the program. */
export function parseQuestion(input: unknown): Result<Question> {
  return parseWith(QuestionSchema, input);
}

/**
 * The question read: sizes, heat, minutes and batter from their texts, each box's own issue, and the input of a plan
 * when all of it makes sense. Empty minutes, weight or volume mean that they are not known.
 */
export function readQuestion(question: Question, habit: ReadingHabit): ReadQuestion {
  const tins = question.tins.map((text) => readTin(text, habit.size));
  const from = readTins(question.from, habit.size);
  const { ovenC, minutes: bakeMinutes } = ReferenceSchema.shape;
  const { massG, volumeMl } = BatterSchema.shape;
  const heat = boxed("ovenC", question.heat, (text) => readTempC(text, habit.heat), ovenC, "a heat");
  const minutes = boxed("minutes", question.minutes, readMinutes, bakeMinutes, "minutes");
  const weight = boxed("massG", question.weight, readMassG, massG, "a weight");
  const volume = boxed("volumeMl", question.volume, readVolumeMl, volumeMl, "a volume");

  const boxes = { from, heat, minutes, weight, volume };
  const issues: Partial<Record<QuestionBox, Issue>> = {};
  for (const box of ["from", "heat", "minutes", "weight", "volume"] as const) {
    const result = boxes[box];
    if (!result.ok) issues[box] = result.issue;
  }
  const read = { from: from.ok ? from.value : [], tins };
  const firstIssue = Object.values(issues)[0] ?? firstOf(tins);
  if (firstIssue !== null) return { ...read, issues, input: bad(firstIssue) };
  if (!from.ok || !heat.ok || !minutes.ok || !weight.ok || !volume.ok) throw new RangeError("a box without an issue was not read");

  const input = parseCakeInput({
    recipe: {
      ...(question.recipe === "" ? {} : { name: question.recipe }),
      batter: { kind: question.kind, ...given("massG", weight.value), ...given("volumeMl", volume.value) },
      reference: {
        tins: from.value.map(({ tin }) => tin),
        ovenC: heat.value,
        fan: question.recipeFan,
        ...given("minutes", minutes.value),
      },
    },
    tins: tins.flatMap((tin) => (tin.ok ? [tin.value.tin] : [])),
    scale: question.scale,
    heat: question.school,
    oven: { fan: question.fan },
    finish: { cover: question.cover, frosting: question.frosting },
  });
  return { ...read, issues, input };
}

/** The tins of a recipe, several joined by a plus: `20 cm round + 12 cups`. */
function readTins(text: string, habit: SizeHabit): Result<readonly ReadTin[]> {
  const found = text.split(/\s\+\s|\s+and\s+/u).map((part) => readTin(part, habit));
  const issue = firstOf(found);
  return issue === null ? good(found.flatMap((tin) => (tin.ok ? [tin.value] : []))) : bad(issue);
}

function firstOf(results: readonly Result<unknown>[]): Issue | null {
  for (const [index, result] of results.entries()) if (!result.ok) return issueAt(`tins[${index}]`, result.issue);
  return null;
}

/** A box read and held to the range of the field it fills; an empty one is what the field makes of nothing. */
function boxed<T>(path: string, text: string, read: (text: string) => number | null, schema: z.ZodType<T>, expected: string): Result<T> {
  const value = text.trim() === "" ? undefined : read(text);
  if (value === null) return bad({ code: "unreadable", path, value: text.trim(), expected });
  const parsed = parseWith(schema, value);
  return parsed.ok ? parsed : bad({ ...parsed.issue, path });
}

function given(field: string, value: number | undefined): Readonly<Record<string, number>> {
  return value === undefined ? {} : { [field]: value };
}

/** The question with a recipe's own tins, heat, minutes and batter written into its boxes; what it does not say is left empty. */
export function askAboutRecipe(question: Question, name: string, { batter, bake }: RecipeFacts): Question {
  return {
    ...question,
    recipe: name.slice(0, 200),
    from: bake.tins.map(writeTin).join(" + "),
    heat: bake.ovenC === undefined ? "" : `${Math.round(bake.ovenC)} °C`,
    recipeFan: bake.fan ?? false,
    minutes: bake.minutes === undefined ? "" : `${bake.minutes} min`,
    kind: batter.kind ?? question.kind,
    weight: batter.massG === undefined ? "" : `${batter.massG} g`,
    volume: batter.volumeMl === undefined ? "" : `${batter.volumeMl} mL`,
  };
}
