export { CATALOGUE, SOURCES } from "./catalogue";
export {
  ALLERGENS,
  cupGrams,
  HAZARDS_OF_FOOD,
  IngredientSchema,
  type Allergen,
  type Composition,
  type FoodGroup,
  type Ingredient,
} from "./ingredient";
export {
  foldName,
  ingredientsNamedIn,
  matchIngredient,
  pantryOf,
  searchPantry,
  type KitchenPantry,
  type MatchedBy,
  type Pantry,
} from "./match";
