import type { RecipeFacts } from "@/core/plan";
import type { KitchenOven } from "@/core/bake";
import type { Tin } from "@/core/tin";

/** A recipe of the kitchen to ask about. */
export type RecipeChoice = { readonly id: string; readonly name: string };

/** The recipes to choose from; what one says is fetched when it is chosen, null when it is gone. */
export type RecipeChoices = {
  readonly all: readonly RecipeChoice[];
  readonly factsOf: (id: string) => Promise<RecipeFacts | null>;
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
