import type { RecipeFacts } from "@/core/plan";
import type { KitchenOven } from "@/core/bake";
import type { Tin } from "@/core/tin";

/** A recipe of the kitchen to ask about. */
export type RecipeChoice = {
  readonly id: string;
  readonly name: string;
  readonly facts: RecipeFacts;
};

/** An oven of the kitchen to bake in. */
export type OvenChoice = { readonly id: string; readonly name: string; readonly spec: KitchenOven };

/** A tin of the cupboard to take. */
export type TinChoice = {
  readonly id: string;
  readonly name: string;
  readonly tin: Tin;
  readonly owned: number;
};
