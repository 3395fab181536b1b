export { altitudeChanges, type AltitudeChanges } from "./altitude";
export { balanceRemarks, suggestedAmount, type BalanceRemark, type BalanceRules, type Suggestion } from "./balance";
export { batterPart, formulaOf, massOfGroups, partFormula, type Formula, type FormulaRow, type PartFormula } from "./formula";
export { readLine, type LineDoubt, type Measure, type ReadLine } from "./line";
export { lineMass, type LineMass, type MassBasis, type NoMass } from "./line-mass";
export type { ReadingRow } from "./read-page";
export type { RowKind } from "./row-kind";
export { measuresOf } from "./measures-of";
export { readRecipe, type ReadingProblem, type RecipeReading } from "./read-recipe";
export {
  eggsIn, grossOf, leavenerTimes, scaledRow, scaleTimes, settleEggs, shortfall, type EggChoice, type LeaveningSchool, type ScaleBy, type ScaleChoices, type ScaledRow,
} from "./scale";
export {
  BakeSchema, emptyRecipe, freshId, PART_ROLES, parseRecipeDoc, RECIPE_LIMITS, RecipeDocSchema, STEP_KINDS, type Line, type Part, type PartRole, type RecipeBake, type RecipeDoc,
  type Step, type StepKind,
} from "./schema";
export { durationsIn, heatIn, readStep, stepMinutes, stepPieces, type StepFacts, type StepPiece } from "./step";
export { applySwap, SWAP_IDS, swapsFor, undoSwap, type SwapEffect, type SwapId } from "./swap";
export { tinsIn } from "./tins-in-text";
export { writeCsv, writeJsonLd, writeMarkdown } from "./write-recipe";
