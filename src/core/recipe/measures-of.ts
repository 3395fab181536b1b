import { METRIC_MEASURES, US_MEASURES, type KitchenMeasures } from "../measure";
import type { RecipeDoc } from "./schema";

/** What only a US recipe says. */
const US_WORDS =
  /\d\s*(?:°|º|degrees?)\s*F\b|\b\d{3}\s*F\b|\bfahrenheit\b|\d\s*sticks?\b|\bsticks? of butter\b|\ball[- ]purpose\b|\bcornstarch\b|\b(?:confectioners|powdered) ?'?s? sugar\b|\bheavy (?:whipping )?cream\b|\bhalf[- ]and[- ]half\b|\bgraham\b|\bkosher salt\b/iu;
/** Pounds and ounces are US too, unless the recipe speaks British. */
const POUNDS = /\d\s*(?:lbs?|ozs?|pounds?|ounces?)\b/iu;
const BRITISH_WORDS =
  /\bcaster\b|\bicing sugar\b|\bplain flour\b|\bself[- ]raising\b|\bcornflour\b|\bbicarbonate\b|\bgas (?:mark )?\d|\btreacle\b|\bsultanas?\b|\bdouble cream\b|\bgolden syrup\b|\d\s*(?:kg|g|grams?|ml|cl|dl|litres?)\b|\d\s*°?\s*C\b/iu;

/** "1 cup is 240 ml", "a 250 ml cup". */
const CUP_SAID =
  /\b(?:cups?|glass(?:es)?)\s*(?:is|are|=|of|holds?|measures?|\()\s*(\d{3})\s*ml\b|\b(\d{3})\s*-?\s*ml\s+(?:measuring\s+)?(?:cups?|glass)\b/iu;
/** A cup is no smaller and no larger than this, mL. */
const CUP_RANGE = { min: 150, max: 300 } as const;

/** What a text says its cup holds, mL; null when it says nothing of it. */
function statedCup(words: string): number | null {
  const found = CUP_SAID.exec(words);
  const ml = Number(found?.[1] ?? found?.[2]);
  return ml >= CUP_RANGE.min && ml <= CUP_RANGE.max ? ml : null;
}

/**
 * What a recipe's cups and spoons are taken to be: what was chosen for it, else US customary when
 * it speaks of °F, sticks, all-purpose flour and the like, or of pounds and ounces and nothing
 * British or metric; else the kitchen's own.
 */
export function measuresOf(
  doc: Pick<RecipeDoc, "measures" | "original" | "parts">,
  kitchen: KitchenMeasures = METRIC_MEASURES,
): KitchenMeasures {
  if (doc.measures !== undefined) return doc.measures;
  const words = [
    doc.original,
    ...doc.parts.flatMap(({ lines, steps }) => [...lines, ...steps].map(({ text }) => text)),
  ].join("\n");
  const own = statedCup(words);
  if (own !== null) return { ...US_MEASURES, cup: { ownMl: own } };
  if (US_WORDS.test(words)) return US_MEASURES;
  return POUNDS.test(words) && !BRITISH_WORDS.test(words) ? US_MEASURES : kitchen;
}
