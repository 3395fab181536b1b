export { addCake, changeCake, deleteCake, duplicateCake, findCake, listCakes, restoreCake } from "./cakes";
export { kitchenDatabase } from "./connection";
export { listTins } from "./cupboard";
export { listRecipes } from "./recipes";
export { stored } from "./storage-issue";
