export { readText, type ToldRecipe } from "./read-text";
