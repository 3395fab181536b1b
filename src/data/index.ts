export { addBake, eventsSince, findBake, giveUpBake, listOpenBakes, tellBake } from "./bakes";
export {
  addCake,
  deleteCake,
  duplicateCake,
  eatCake,
  findCake,
  lastBakedOn,
  listCakesBetween,
  listCakesOf,
  listOthers,
  listUndatedCakes,
  nameCake,
  nextWantedOn,
  restoreCake,
  saveCake,
  type Cake,
} from "./cakes";
export { archivedThings, bringIn, compareThings } from "./archive";
export { CAKE_ORDERS, LAST_CHANGED, listCakes } from "./cake-list";
export { backUp, backUpWhenDue, compareBackup, listBackups, restoreBackup } from "./backups";
export { BIN_KINDS, type BinKind, bringBackFromBin, emptyBin, listBin } from "./bin";
export { bringDemoBack } from "./seed";
export { emptyKitchen } from "./start-over";
export { databaseUrl, kitchenDatabase } from "./connection";
export { lookIn } from "./look-in";
export {
  addTin,
  changeTin,
  countTin,
  deleteTin,
  findTin,
  listTins,
  restoreTin,
  type CupboardTin,
  type OpenedTin,
} from "./cupboard";
export {
  addOven,
  changeOven,
  deleteOven,
  findOven,
  listOvens,
  restoreOven,
  type OpenedOven,
} from "./ovens";
export {
  addPortions,
  changePortions,
  deletePortions,
  findPortions,
  listPortions,
  restorePortions,
  withPortions,
  type OpenedPortions,
} from "./portions";
export {
  addHouseKey,
  HOUSE_RIGHTS,
  listHouseKeys,
  removeHouseKey,
  findShownKey,
  type HouseKey,
  type HouseRight,
} from "./house-keys";
export { findPicture, keepPicture, listPictures } from "./pictures";
export { addPracticeAnswer, listPracticeAnswers } from "./practice";
export { findPantry, keepIngredient, learnName } from "./pantry";
export {
  addRecipe,
  deleteRecipe,
  findRecipe,
  findRecipeFacts,
  listRecipeChoices,
  listSharableParts,
  markBaked,
  reindexRecipes,
  restoreRecipe,
  saveRecipe,
  searchRecipes,
  type KeptRecipe,
  type RecipeIndex,
} from "./recipes";
export {
  addRecords,
  changeRecord,
  deleteRecord,
  EVERY_RECORD,
  findRecord,
  listRecords,
  newestRecordOf,
  type OpenedRecord,
  recordChoices,
  recordEndedBakes,
  restoreRecord,
} from "./records";
export { addVersion, findVersion, listVersions } from "./recipe-versions";
export { keepGot, listGot } from "./shopping";
export { listLarder, moveLarder } from "./larder";
export type { Saved } from "./saved";
export { loggable, stored, storageIssue, type StorageIssue } from "./storage-issue";
