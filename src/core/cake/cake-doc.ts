import * as z from "zod/mini";
import { parseWith, type Result } from "../measure";
import { RecipeDocSchema } from "../recipe";
import { QuestionSchema, type Question } from "./question-schema";

/**
 * A kept cake: its question, and its own copy of the recipe it was planned from, so that neither a changed recipe nor a tin
 * taken out of the cupboard changes the cake.
 */
export const CakeDocSchema = z.strictObject({
  question: QuestionSchema,
  recipe: z.nullable(z.strictObject({ id: z.string().check(z.minLength(1), z.maxLength(100)), doc: RecipeDocSchema })),
});
export type CakeDoc = z.infer<typeof CakeDocSchema>;

/** A cake from outside the program. */
export function parseCakeDoc(input: unknown): Result<CakeDoc> {
  return parseWith(CakeDocSchema, input);
}

/**
 * Two changes of one cake brought together: each box keeps what was changed in it. Null when both changed the same box to
 * different things, which only the baker can settle.
 * @param base what both began from
 */
export function mergedCake(base: CakeDoc, mine: CakeDoc, theirs: CakeDoc): CakeDoc | null {
  const question: Record<string, unknown> = { ...base.question };
  for (const box of Object.keys(QuestionSchema.shape) as readonly (keyof Question)[]) {
    const merged = isBoxes(box) ? mergedBoxes(base.question[box], mine.question[box], theirs.question[box]) : mergedPart(base.question[box], mine.question[box], theirs.question[box]);
    if (merged === null) return null;
    question[box] = merged.value;
  }
  const recipe = mergedPart(base.recipe, mine.recipe, theirs.recipe);
  return recipe === null ? null : { question: question as Question, recipe: recipe.value };
}

const isBoxes = (box: keyof Question): box is "build" | "finish" | "day" => box === "build" || box === "finish" || box === "day";

/** Boxes within a box, each merged by itself. */
function mergedBoxes<T extends Question["build"] | Question["finish"] | Question["day"]>(base: T, mine: T, theirs: T): { readonly value: T } | null {
  const boxes: Record<string, unknown> = { ...base };
  for (const box of Object.keys(base)) {
    const part = (of: T): unknown => (of as Readonly<Record<string, unknown>>)[box];
    const merged = mergedPart(part(base), part(mine), part(theirs));
    if (merged === null) return null;
    boxes[box] = merged.value;
  }
  return { value: boxes as T };
}

function mergedPart<T>(base: T, mine: T, theirs: T): { readonly value: T } | null {
  const [was, own, other] = [base, mine, theirs].map((part) => JSON.stringify(part));
  if (own === other || other === was) return { value: mine };
  return own === was ? { value: theirs } : null;
}
