"use server";

import type { RecipeFacts } from "@/core/plan";
import { findRecipeFacts, kitchenDatabase } from "@/data";
import { idOf } from "@/server/id-of";

/** What the bench needs of a recipe; null when it is not in the kitchen. */
export async function recipeFactsOf(recipeId: string): Promise<RecipeFacts | null> {
  return findRecipeFacts(kitchenDatabase(), idOf(recipeId));
}
