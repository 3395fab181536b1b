import type { RecipeFacts } from "@/core/cake";
import type { Tin } from "@/core/tin";

/** A recipe of the kitchen to ask about. */
export type RecipeChoice = { readonly id: string; readonly name: string; readonly facts: RecipeFacts };

/** A tin of the cupboard to take. */
export type TinChoice = { readonly id: string; readonly name: string; readonly tin: Tin; readonly owned: number };
