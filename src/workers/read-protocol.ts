import type { Ingredient } from "@/core/pantry";
import type { Result } from "@/core/measure";
import type { AnyReading } from "@/core/reading";
import type { Correction } from "@/core/recipe";

/** What a kitchen knows beyond the catalogue, as it crosses to the worker. */
export type KitchenWords = {
  readonly own: readonly Ingredient[];
  readonly learnt: readonly (readonly [string, string])[];
};

export type ReadRequest = {
  readonly id: number;
  readonly text: string;
  readonly pantry: KitchenWords;
  readonly corrections: readonly Correction[];
};
export type ReadReply = { readonly id: number; readonly reading: Result<AnyReading> };

/** A text that takes longer than this is no recipe, ms: its reading is stopped. */
export const READING_MS = 4000;
