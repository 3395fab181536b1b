export { learntFrom, type BakeMade, type LearntRatio } from "./learn";
export type { BakePlace } from "./latents";
export { LogSchema, THIS_RECIPE, type LoggedBake } from "./schema";
export { BAKE_VERDICTS, SIGMA_BAKE, type BakeVerdict } from "./verdicts";
