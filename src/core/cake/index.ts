export { chosenPieces, withPieces } from "./chosen-tins";
export { AnswerSchema, planAnswer } from "./answer";
export { CakeInputSchema, parseCakeInput, parseRecipe, type CakeInput, type Recipe } from "./input";
export { planCake, type CakePlan } from "./plan";
export type { Remark } from "./remarks";
export {
  askAboutRecipe, FIRST_QUESTION, parseQuestion, readQuestion, SCALES, SCHOOLS, type Question, type ReadQuestion,
} from "./question";
