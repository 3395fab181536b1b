export { hasAct } from "./chunks";
export type { Mark } from "./marks";
export { bakeTold } from "./bakes-of-text";
export { readAnyRecipe, type AnyReading, type MarkedRow } from "./read-any";
export { tinOfSize, usualTin } from "./told-tin";
export type { ToldDoubt } from "./doubts-told";
export { heardLines, readText, type ToldRecipe } from "./read-text";
export type { ToldStep } from "./steps-told";
