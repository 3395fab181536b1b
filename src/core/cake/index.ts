export { chosenPieces, withPieces } from "./chosen-tins";
export { AnswerSchema, planAnswer, type Answer, type PlanWords } from "./answer";
export { CakeInputSchema, parseCakeInput, parseRecipe, type CakeInput, type Recipe } from "./input";
export { planCake, type Bake, type CakePlan } from "./plan";
export type { Remark } from "./remarks";
export {
  askAboutRecipe, FIRST_QUESTION, parseQuestion, QuestionSchema, readQuestion, SCALES, SCHOOLS, type Question, type QuestionBox, type ReadQuestion,
} from "./question";
