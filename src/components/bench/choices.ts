import type { Recipe } from "@/core/cake";
import type { Tin } from "@/core/tin";

/** A recipe of the kitchen to ask about. */
export type RecipeChoice = { readonly id: string; readonly name: string; readonly recipe: Recipe };

/** A tin of the cupboard to take. */
export type TinChoice = { readonly id: string; readonly name: string; readonly tin: Tin; readonly owned: number };

/** What came of changing something in the kitchen; the message says what kept it from happening. */
export type Outcome = { readonly ok: true } | { readonly ok: false; readonly message: string };

/** The same for something new. */
export type Kept = { readonly ok: true; readonly id: string } | { readonly ok: false; readonly message: string };
