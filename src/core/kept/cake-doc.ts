import * as z from "../zod";
import { mergedFields, mergedValue, parseWith, type Result } from "../measure";
import { RecipeDocSchema } from "../recipe";
import { QuestionSchema, type Question } from "../ask";

/** A cake's own copy of a recipe, and the recipe's id in the kitchen. */
export const CopiedRecipeSchema = z.strictObject({
  id: z.string().check(z.minLength(1), z.maxLength(100)),
  doc: RecipeDocSchema,
});

/**
 * A kept cake: its question, and its own copy of the recipe it was planned from, so that neither a
 * changed recipe nor a tin taken out of the cupboard changes the cake.
 */
export const CakeDocSchema = z.strictObject({
  question: QuestionSchema,
  recipe: z.nullable(CopiedRecipeSchema),
});
export type CakeDoc = z.infer<typeof CakeDocSchema>;

/** A cake from outside the program. */
export function parseCakeDoc(input: unknown): Result<CakeDoc> {
  return parseWith(CakeDocSchema, input);
}

/**
 * Two changes of one cake brought together: each box keeps what was changed in it. Null when both
 * changed the same box to different things, which only the baker can settle.
 * @param base what both began from
 */
export function mergedCake(base: CakeDoc, mine: CakeDoc, theirs: CakeDoc): CakeDoc | null {
  const question: Record<string, unknown> = {};
  for (const box of Object.keys(QuestionSchema.shape) as readonly (keyof Question)[]) {
    const merge = isBoxes(box) ? mergedFields<object> : mergedValue<unknown>;
    const merged = merge(
      base.question[box] as object,
      mine.question[box] as object,
      theirs.question[box] as object,
    );
    if (merged === null) return null;
    question[box] = merged.value;
  }
  const recipe = mergedValue(base.recipe, mine.recipe, theirs.recipe);
  return recipe === null ? null : { question: question as Question, recipe: recipe.value };
}

const isBoxes = (box: keyof Question): boolean =>
  box === "build" || box === "finish" || box === "day";
