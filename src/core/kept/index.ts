export { type BakeDoc, bakeDoc, bakeTime, parseBakeDoc, REHEARSAL_SPEEDS } from "./bake-doc";
export { type CakeDoc, mergedCake, parseCakeDoc } from "./cake-doc";
export { plannedCake, type PlannedCake } from "./planned-cake";
