export { coolingOfParts, saysOffOven, saysOvernight, saysTurnedOut } from "./cooling-told";
export {
  DURING,
  DuringOneSchema,
  DuringSchema,
  duringTold,
  MOST_DURING,
  type During,
  type DuringWhat,
} from "./during";
export { settleEggs, type EggChoice } from "./eggs";
export { altitudeChanges, type AltitudeChanges } from "./altitude";
export { balanceRemarks, suggestedAmount, type BalanceRemark, type BalanceRules } from "./balance";
export {
  batterPart,
  formulaOf,
  isSelfRaising,
  isWideRange,
  massOfGroups,
  missingMain,
  partFormula,
  type Formula,
  type FormulaRow,
  type PartFormula,
} from "./formula";
export { readLine, type LineDoubt, type ReadLine } from "./line";
export { lineMass, type NoMass } from "./line-mass";
export { otherChoice } from "./other-choice";
export { measuresOf } from "./measures-of";
export type { PageLine, ReadingRow } from "./read-page";
export {
  pageLines,
  problemsOf,
  readLines,
  readRecipe,
  recipeLines,
  type ReadingProblem,
  type RecipeReading,
} from "./read-recipe";
export { beginsMethod, beginsNotes, unmarked, unnumbered, type RowKind } from "./row-kind";
export {
  eggsIn,
  grossOf,
  leavenerTimes,
  scaledRow,
  scaleTimes,
  shortfall,
  totalMass,
  type LeaveningSchool,
} from "./scale";
export { HEAT_SOURCES, type HeatSource } from "./heat-sources";
export { holdsOf, spoilsInRoom } from "./holds";
export { HoldsSchema, type Hazard, type Holds } from "./holds-schema";
export {
  BAKE_LIMITS,
  BakeSchema,
  CorrectionSchema,
  emptyRecipe,
  freshId,
  PART_ROLES,
  parseRecipeDoc,
  RECIPE_LIMITS,
  RecipeDocSchema,
  ROLES_BESIDES,
  ROW_CHOICES,
  STAGES,
  STEP_KINDS,
  type Correction,
  type Line,
  type Part,
  type PartRole,
  type RecipeDoc,
  type Stage,
  type Step,
  type StepKind,
} from "./schema";
export { madeAndUsed } from "./onto-cake";
export { piecesTold } from "./pieces-told";
export { namedPart, partRole, partSpokenOf, speaksOf, toldFor } from "./part-role";
export { mergedRecipe } from "./merge";
export { withSharedPart } from "./shared-part";
export { stepStages } from "./step-stages";
export { durationsIn, heatIn, readStep, stepPieces } from "./step";
export { applySwap, SWAP_IDS, swapsFor, undoSwap, type SwapEffect, type SwapId } from "./swap";
export { writeCsv, writeJsonLd, writeMarkdown } from "./write-recipe";
