import { METRIC_MEASURES, US_MEASURES, type KitchenMeasures } from "../measure";
import type { RecipeDoc } from "./schema";

/**
 * What a recipe's cups and spoons are taken to be: what was chosen for it, else US customary when it speaks of °F or of
 * sticks, else the kitchen's own.
 */
export function measuresOf(doc: Pick<RecipeDoc, "measures" | "original" | "parts">, kitchen: KitchenMeasures = METRIC_MEASURES): KitchenMeasures {
  if (doc.measures !== undefined) return doc.measures;
  const words = [doc.original, ...doc.parts.flatMap(({ lines, steps }) => [...lines, ...steps].map(({ text }) => text))].join("\n");
  return /\d\s*(?:°|º|degrees?)\s*F\b|\b\d{3}\s*F\b|\bfahrenheit\b|\d\s*sticks?\b/iu.test(words) ? US_MEASURES : kitchen;
}
