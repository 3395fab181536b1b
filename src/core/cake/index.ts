export { chosenPieces, withPieces } from "./chosen-tins";
export { AnswerSchema, planAnswer, type Answer } from "./answer";
export { bakeDetail, insideCases, solvedTin, type BakeDetail, type SolvedTin } from "./bake-detail";
export { mergedCake, parseCakeDoc, type CakeDoc } from "./cake-doc";
export { colourBoxes, type BuildBoxes, type FinishBoxes } from "./finish-boxes";
export { coolDetail } from "./cool-detail";
export { readDay, SPLITS, USUAL_HOURS, type DayBoxes } from "./day-boxes";
export { dayCake } from "./day-detail";
export {
  bakeDoc,
  bakeTime,
  benchDay,
  parseBakeDoc,
  REHEARSAL_SPEEDS,
  type BakeDoc,
} from "./bake-doc";
export { dayPlan, waysOut, type CakeOfDay, type DayPlan, type WayOut } from "./day-plan";
export { bakedMinutes, ovenLoads, revisedBy, type OvenLoad } from "./oven-load";
export { plannedCake, type PlannedCake } from "./planned-cake";
export { laidFruit, madeSpread, type LaidFruit, type MadeSpread } from "./finish-detail";
export { CakeInputSchema, parseCakeInput, type CakeInput } from "./input";
export { makeTimes, MAKES, settledScaling, type MakeRequest, type Scaling } from "./make";
export { planCake, type CakePlan } from "./plan";
export {
  recipeFacts,
  RecipeFactsSchema,
  recipeSearchText,
  workRecipe,
  type RecipeFacts,
  type WorkedRecipe,
} from "./recipe-facts";
export type { Remark } from "./remarks";
export { serveDetail, type ServeDetail, type ServedCake } from "./serve-detail";
export { workRequest, type CakeRequest } from "./request";
export { askAboutRecipe, FIRST_QUESTION, readQuestion, type ReadQuestion } from "./question";
export { SCALES, SCHOOLS } from "./question-choices";
export { parseQuestion, type Question } from "./question-schema";
