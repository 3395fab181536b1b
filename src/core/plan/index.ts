export { offBy, type PastForecast, pastForecasts } from "./past-forecasts";
export { planWithLog } from "./plan-with-log";
export { ownPutOn, type PartsMade } from "./parts-of-day";
export { planAnswer } from "./answer";
export { AnswerSchema } from "./answer-schema";
export { bakeDetail, type BakeDetail, insideCases, type SolvedTin, solvedTin } from "./bake-detail";
export {
  coolCurve,
  coolDetail,
  coolStretches,
  type CoolDoing,
  type CooledTin,
  type CoolStretch,
} from "./cool-detail";
export { type DuringDetail, isAmiss } from "./during-detail";
export { dressDetail, type DressDetail } from "./dress-detail";
export { dayCake } from "./day-detail";
export { laidFruit, type LaidFruit, madeSpread, type MadeSpread } from "./finish-detail";
export {
  BakeMinutesSchema,
  type CakeInput,
  CakeInputSchema,
  EGG_SCHOOLS,
  parseCakeInput,
  ReferenceSchema,
  TextInputSchema,
} from "./input";
export { type Filled, FilledSchema } from "./recipe-filling";
export { type Frosted, FrostedSchema } from "./recipe-frosting";
export { type RecipeWear, WornSchema } from "./recipe-worn";
export { needsOf } from "./needs";
export { type MakeRequest, MAKES, makeTimes, type Scaling, settledScaling } from "./make";
export { type CakePlan, planCake } from "./plan";
export {
  recipeFacts,
  type RecipeFacts,
  RecipeFactsSchema,
  recipeSearchText,
  type WorkedRecipe,
  workRecipe,
} from "./recipe-facts";
export type { Remark } from "./remarks";
export { type CakeRequest, workRequest } from "./request";
export { type ServedCake, serveDetail, type ServeDetail } from "./serve-detail";
export { type ReadDoubt, readingAnswer } from "./reading-answer";
export { planFileAnswer } from "./plan-file";
