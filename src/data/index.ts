export { addCake, changeCake, deleteCake, duplicateCake, findCake, listCakes, restoreCake } from "./cakes";
export { kitchenDatabase } from "./connection";
export { listTins } from "./cupboard";
export { findPantry, keepIngredient, learnName } from "./pantry";
export {
  addRecipe, deleteRecipe, findRecipe, listBenchRecipes, listSharableParts, listVersions, markBaked, reindexRecipes, restoreRecipe, saveRecipe, searchRecipes, type RecipeIndex,
} from "./recipes";
export { stored } from "./storage-issue";
