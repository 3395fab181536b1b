export type { Mark } from "./marks";
export { bakeTold } from "./bakes-of-text";
export { readAnyRecipe, type AnyReading, type MarkedRow } from "./read-any";
export type { ToldDoubt } from "./doubts-told";
export { heardLines, readText, type ToldRecipe } from "./read-text";
export { isTask } from "./tasks-told";
export type { ToldStep } from "./steps-told";
