export { CATALOGUE, SOURCES } from "./catalogue";
export { ALLERGENS, HAZARDS_OF_FOOD, type Allergen } from "./harms";
export {
  cupGrams,
  IngredientSchema,
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
