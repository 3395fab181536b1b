import * as z from "zod";
import { parseWith, type Result } from "../measure";
import { RecipeDocSchema } from "../recipe";
import { QuestionSchema, type Question } from "./question-schema";

/**
 * A kept cake: its question, and its own copy of the recipe it was planned from, so that neither a changed recipe nor a tin
 * taken out of the cupboard changes the cake.
 */
export const CakeDocSchema = z.strictObject({
  question: QuestionSchema,
  recipe: z.strictObject({ id: z.string().min(1).max(100), doc: RecipeDocSchema }).nullable(),
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
    const merged = mergedPart(base.question[box], mine.question[box], theirs.question[box]);
    if (merged === null) return null;
    question[box] = merged.value;
  }
  const recipe = mergedPart(base.recipe, mine.recipe, theirs.recipe);
  return recipe === null ? null : { question: question as Question, recipe: recipe.value };
}

function mergedPart<T>(base: T, mine: T, theirs: T): { readonly value: T } | null {
  const [was, own, other] = [base, mine, theirs].map((part) => JSON.stringify(part));
  if (own === other || other === was) return { value: mine };
  return own === was ? { value: theirs } : null;
}
