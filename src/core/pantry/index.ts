export { CATALOGUE, SOURCES } from "./catalogue";
export { cupGrams, IngredientSchema, type Allergen, type Composition, type Group, type Ingredient } from "./ingredient";
export { foldName, matchIngredient, pantryOf, searchPantry, type MatchedBy, type Pantry } from "./match";
