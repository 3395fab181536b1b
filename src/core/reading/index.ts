export { readAnyRecipe } from "./read-any";
export { readText, type ToldRecipe } from "./read-text";
