export { addCake, changeCake, deleteCake, duplicateCake, findCake, listCakes, restoreCake } from "./cakes";
export { kitchenDatabase } from "./connection";
export { listTins } from "./cupboard";
export { findPantry, keepIngredient, learnName, type KitchenPantry } from "./pantry";
export {
  addRecipe, deleteRecipe, findRecipe, listBenchRecipes, listVersions, markBaked, reindexRecipes, restoreRecipe, saveRecipe, searchRecipes, type KeptRecipe, type ListedRecipe, type RecipeIndex, type RecipeVersion,
} from "./recipes";
export { stored } from "./storage-issue";
