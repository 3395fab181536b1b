export { chosenPieces, withPieces } from "./chosen-tins";
export { AnswerSchema, planAnswer } from "./answer";
export { CakeInputSchema, parseCakeInput, type CakeInput } from "./input";
export { makeTimes, MAKES, settledScaling, type MakeRequest, type Scaling } from "./make";
export { planCake, type CakePlan } from "./plan";
export { recipeFacts, RecipeFactsSchema, recipeSearchText, workRecipe, type RecipeFacts, type WorkedRecipe } from "./recipe-facts";
export type { Remark } from "./remarks";
export { weighLines } from "./weigh-lines";
export {
  askAboutRecipe, FIRST_QUESTION, parseQuestion, readQuestion, SCALES, SCHOOLS, type Question, type ReadQuestion,
} from "./question";
