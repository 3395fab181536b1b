import { LAYERS_AND_SHEETS } from "./layers-and-sheets";
import { LOAVES_RINGS_AND_CUPS } from "./loaves-rings-and-cups";

/** The recipes the demo kitchen starts with: an id, and the text they are read from. */
export const DEMO_RECIPE_TEXTS: readonly (readonly [id: string, text: string])[] = [...LAYERS_AND_SHEETS, ...LOAVES_RINGS_AND_CUPS];
