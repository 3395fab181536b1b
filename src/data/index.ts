export { addBake, eventsSince, findBake, giveUpBake, listOpenBakes, tellBake } from "./bakes";
export { addCake, deleteCake, duplicateCake, findCake, listCakes, nameCake, restoreCake, saveCake, type Cake } from "./cakes";
export { kitchenDatabase } from "./connection";
export { addTin, changeTin, deleteTin, findTin, listTins, restoreTin, type CupboardTin } from "./cupboard";
export { addOven, changeOven, deleteOven, findOven, listOvens, restoreOven } from "./ovens";
export { findPantry, keepIngredient, learnName } from "./pantry";
export {
  addRecipe, deleteRecipe, findRecipe, listBenchRecipes, listSharableParts, listVersions, markBaked, reindexRecipes, restoreRecipe, saveRecipe, searchRecipes, type RecipeIndex,
} from "./recipes";
export { loggable, stored, storageIssue, type StorageIssue } from "./storage-issue";
