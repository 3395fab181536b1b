export { CATALOGUE, SOURCES } from "./catalogue";
export { ALLERGENS, cupGrams, GROUPS, IngredientSchema, type Allergen, type Composition, type Group, type Ingredient } from "./ingredient";
export { foldName, matchIngredient, pantryOf, searchPantry, type Match, type MatchedBy, type Pantry } from "./match";
