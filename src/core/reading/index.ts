export { hasAct } from "./chunks";
export { readAnyRecipe, tinOfSize } from "./read-any";
export type { ToldDoubt } from "./doubts-told";
export { readText, type ToldRecipe } from "./read-text";
export type { ToldStep } from "./steps-told";
export type { ToldTin } from "./tins-told";
