export { AnswerSchema, planAnswer, type Answer, type PlanWords } from "./answer";
export { CakeInputSchema, parseCakeInput, RecipeSchema, type CakeInput, type Recipe } from "./input";
export { planCake, type Bake, type CakePlan } from "./plan";
export type { Remark } from "./remarks";
