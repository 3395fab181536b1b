import { KitchenOvenSchema } from "../bake";
import { QuestionSchema } from "../ask";
import { PortionsDocSchema } from "../freezer";
import { RecipeDocSchema } from "../recipe";
import { RecordSchema } from "../logbook";
import { TinSchema } from "../tin";
import { BakeDocSchema } from "./bake-doc";
import { CopiedRecipeSchema } from "./cake-doc";
import { storedKind } from "./stored";

// Every document the kitchen's file holds. A schema that takes less, or means something else by a
// field, than the one before needs an upgrade here, and a stored example of the version before in
// `stored/`. A cake holds a question and a recipe, a bake whole cakes: their upgrades are theirs
// too.
export const STORED_TIN = storedKind(TinSchema);
export const STORED_OVEN = storedKind(KitchenOvenSchema);
export const STORED_RECIPE = storedKind(RecipeDocSchema);
/** A cake's question. */
export const STORED_QUESTION = storedKind(QuestionSchema);
/** A cake's own copy of the recipe it was planned from. */
export const STORED_COPY = storedKind(CopiedRecipeSchema);
export const STORED_BAKE = storedKind(BakeDocSchema);
/** A page of the logbook. */
export const STORED_RECORD = storedKind(RecordSchema);
/** Portions in freezer, fridge or tin. */
export const STORED_PORTIONS = storedKind(PortionsDocSchema);
