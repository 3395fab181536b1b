export { bakedAgain } from "./again";
export { chosenPieces, withPieces } from "./chosen-tins";
export { type BuildBoxes, colourBoxes, type FinishBoxes } from "./finish-boxes";
export { AS_RECIPE, coversFor, partsMadeFor, USUAL_WAY } from "./frosted-boxes";
export { SCALES, SCHOOLS, TURN_CHOICES, WAYS_OUT } from "./question-choices";
export { parseQuestion, type Question, QuestionSchema } from "./question-schema";
export { FIRST_QUESTION, readQuestion, type ReadQuestion } from "./question";
export { askAboutRecipe, recipeBoxes } from "./recipe-boxes";
export type { ReadingHabit } from "./reading-habit";
