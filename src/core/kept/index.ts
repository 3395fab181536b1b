export { type BakeDoc, bakeDoc, bakeTime, parseBakeDoc, REHEARSAL_SPEEDS } from "./bake-doc";
export { type CakeDoc, mergedCake, parseCakeDoc } from "./cake-doc";
export {
  STORED_BAKE,
  STORED_COPY,
  STORED_OVEN,
  STORED_QUESTION,
  STORED_RECIPE,
  STORED_TIN,
} from "./stored-kinds";
export { plannedCake, type PlannedCake } from "./planned-cake";
