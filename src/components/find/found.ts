import * as z from "@/core/zod";

/** The kinds of things of a kitchen that are found by words. */
export const FOUND_KINDS = ["cake", "recipe", "bake", "tin", "oven"] as const;

/** Something found: where it is, its name, and a line about it. */
export const FoundSchema = z.object({
  kind: z.enum(FOUND_KINDS),
  href: z.string(),
  name: z.string(),
  note: z.string(),
});
export type Found = z.infer<typeof FoundSchema>;

/** What the kitchen answers to words. */
export const FoundAnswerSchema = z.object({ found: z.array(FoundSchema) });
