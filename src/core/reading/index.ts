export { hasAct } from "./chunks";
export { bakeTold, readAnyRecipe, tinOfSize, usualTin } from "./read-any";
export type { ToldDoubt } from "./doubts-told";
export { readText, type ToldRecipe } from "./read-text";
export type { ToldStep } from "./steps-told";
