export { learntFrom, type BakeMade, type LearntRatio } from "./learn";
export type { BakePlace } from "./latents";
export {
  COUNTINGS,
  type BakeRecord,
  logFor,
  lostShare,
  mergedRecord,
  type NotCounted,
  parseRecord,
  type RecordedTin,
  recipeKey,
  RecordedTinSchema,
  RecordSchema,
  whyNotCounted,
} from "./record";
export type { LearntMean } from "./shrunken";
export {
  heatsWhileBaking,
  type HeatWhileBaking,
  type Lesson,
  lessonsOfKitchen,
  lessonsOfRecipe,
} from "./taught";
export { TaughtSchema, type Taught } from "./taught-schema";
export { LoggedBakeSchema, LogSchema, THIS_RECIPE, type LoggedBake } from "./schema";
export { BAKE_VERDICTS, SIGMA_BAKE, type BakeVerdict } from "./verdicts";
