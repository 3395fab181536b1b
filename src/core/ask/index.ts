export { chosenPieces, withPieces } from "./chosen-tins";
export { type BuildBoxes, colourBoxes, type FinishBoxes } from "./finish-boxes";
export { SCALES, SCHOOLS, WAYS_OUT } from "./question-choices";
export { parseQuestion, type Question, QuestionSchema } from "./question-schema";
export {
  askAboutRecipe,
  FIRST_QUESTION,
  readQuestion,
  recipeBoxes,
  type ReadQuestion,
} from "./question";
export type { ReadingHabit } from "./reading-habit";
