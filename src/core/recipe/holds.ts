import { ALLERGENS, ingredientsNamedIn, type Allergen, type Pantry } from "../pantry";
import {
  batterPart,
  missingMain,
  type Formula,
  type FormulaRow,
  type PartFormula,
} from "./formula";
import { HAZARDS, type Hazard, type Holds } from "./holds-schema";
import type { RecipeDoc } from "./schema";

/** Whatever is cooked in a part makes its egg and its flour safe to eat. */
const HEATED =
  /\b(?:boil|simmer|bubbl|cook|bake|baking|roast|toast|heat|steam|poach|scald|°|degrees)/iu;
/** Strewn on raw batter or baked by itself. */
const BAKED =
  /\b(?:crumble|streusel|before (?:it )?bak|into the oven|and bake|on the batter|over the batter)\b/iu;
const PREPARED_NUTS =
  /\b(?:chopp|ground|flak|sliver|slic|crush|piece|meal|bits|powder|butter|nibbed)/iu;

const WORDS: readonly (readonly [Hazard, RegExp])[] = [
  [
    "hot-sugar",
    /\bcarameli[sz]e|\bcaramel until|\bsoft[- ]ball|\bhard[- ]crack|\bsugar\b[^.\n]{0,60}\b(?:boil|simmer|bubbl)|\b(?:boil|simmer)[^.\n]{0,60}\b(?:sugar|syrup|treacle|molasses|honey)\b/iu,
  ],
  [
    "sharp-tools",
    /\b(?:grat|shred|peel|chop|dice|slice)\w*\b[^.\n]{0,40}\b(?:carrots?|cassava|beetroots?|beets?|parsnips?|pumpkin|squash|sweet potato(?:es)?|coconut|courgettes?|zucchini)\b|\b(?:carrots?|cassava|beetroots?|parsnips?|pumpkin|squash|sweet potato(?:es)?)\b[^.\n]{0,20}\b(?:grated|shredded|peeled|chopped|diced)\b/iu,
  ],
  [
    "not-food",
    /\b(?:dowels?|wires?|toothpicks?|cocktail sticks?|skewers?)\b(?![^.\n]{0,40}\b(?:clean|comes? out|inserted|test))|\b(?:glitter|dry ice|sparklers?|fresh flowers|edible flowers|petals)\b/iu,
  ],
  ["freezing", /\bfreez(?:e|er|es|ing)\b/iu],
  ["selling", /\b(?:sell|selling|sold|bake sale|cake stall|f[eê]te|for the fair)\b/iu],
];
const TESTED_WITH =
  /\b(?:skewer|toothpick|cocktail stick|tester)s?\b[^.\n]{0,60}\b(?:clean|comes? out|crumbs?)\b|\b(?:insert|test)[^.\n]{0,40}\b(?:skewer|toothpick|cocktail stick)\b/giu;
const MICROWAVE = /\bmicrowav/iu;

/**
 * What a recipe holds, from its ingredients (both of "dried fruits or nuts"), its parts' steps and
 * its words. Recognised by rules: a pack's own label comes first.
 */
export function holdsOf(
  doc: Pick<RecipeDoc, "name" | "notes" | "bake">,
  formula: Formula,
  pantry: Pantry,
): Holds {
  const rows = formula.parts.flatMap((part) => part.rows);
  const named = rows.flatMap((row) => ingredientsOf(row, pantry));
  const allergens = new Set<Allergen>([
    ...formula.allergens,
    ...named.flatMap((ingredient) => ingredient.allergens),
  ]);
  const hazards = new Set<Hazard>(named.flatMap((ingredient) => ingredient.hazards ?? []));
  for (const part of formula.parts) for (const hazard of hazardsOfPart(part)) hazards.add(hazard);
  if (rows.some(isWholeNut)) hazards.add("whole-nuts");
  const words = wordsOf(doc, formula).replaceAll(TESTED_WITH, "");
  for (const [hazard, pattern] of WORDS) if (pattern.test(words)) hazards.add(hazard);
  if ((doc.bake.source ?? "oven") !== "microwave" && MICROWAVE.test(words))
    hazards.add("microwave-melting");
  const missing = missingMain(batterPart(formula)).map((name) => name.slice(0, 200));
  return {
    allergens: ALLERGENS.filter((each) => allergens.has(each)),
    hazards: HAZARDS.filter((each) => hazards.has(each)),
    ...(missing.length === 0 ? {} : { missing }),
  };
}

/**
 * The ingredient of a line, and all others that its name speaks of; only its own where the baker
 * chose it.
 */
function ingredientsOf(
  { ingredient, matchedBy, read }: FormulaRow,
  pantry: Pantry,
): ReturnType<typeof ingredientsNamedIn> {
  const own = ingredient === null ? [] : [ingredient];
  return matchedBy === "chosen" ? own : [...own, ...ingredientsNamedIn(read.name, pantry)];
}

function hazardsOfPart(part: PartFormula): readonly Hazard[] {
  if (part.part.role === "batter") return [];
  const steps = part.part.steps.map(({ text }) => text).join(" ");
  const isHeated = HEATED.test(steps) || BAKED.test(`${part.part.name} ${steps}`);
  const has = (...groups: readonly string[]): boolean =>
    part.rows.some(({ ingredient }) => ingredient !== null && groups.includes(ingredient.group));
  const found: Hazard[] = [];
  if (!isHeated && has("egg", "egg-white", "egg-yolk")) found.push("raw-egg-part");
  if (!isHeated && has("flour")) found.push("raw-flour-part");
  if (spoilsInRoom(part)) found.push("cold-part");
  return found;
}

/** Cream with half as much chocolate is a ganache, which stands in the room. */
const GANACHE = 0.5;

/**
 * Whether a part spoils in a warm room: cream, cream cheese, a custard of egg and milk, fresh
 * fruit.
 */
export function spoilsInRoom({ part, rows }: PartFormula): boolean {
  if (
    part.role === "batter" ||
    /\bfloor\b/iu.test(part.name) ||
    BAKED.test(`${part.name} ${part.steps.map(({ text }) => text).join(" ")}`)
  )
    return false;
  const grams = (...groups: readonly string[]): number =>
    rows.reduce(
      (sum, { ingredient, massG }) =>
        sum + (ingredient !== null && groups.includes(ingredient.group) ? (massG ?? 1) : 0),
      0,
    );
  const isNamed = rows.some(({ ingredient }) => ingredient?.id === "lemon-curd");
  const cream = grams("cream", "soft-cheese");
  if (isNamed || (cream > 0 && grams("chocolate") < GANACHE * cream)) return true;
  if (grams("egg", "egg-yolk") > 0 && grams("milk") > 0) return true;
  return (
    part.role !== "syrup" &&
    part.role !== "soak" &&
    grams("fresh-fruit") > 0 &&
    grams("sugar") < grams("fresh-fruit") / 2
  );
}

const NUTS: readonly string[] = ["nuts", "peanut"];

function isWholeNut({ ingredient, line }: FormulaRow): boolean {
  if (
    ingredient === null ||
    ingredient.group !== "nuts" ||
    !ingredient.allergens.some((each) => NUTS.includes(each))
  )
    return false;
  return ingredient.id !== "flaked-almonds" && !PREPARED_NUTS.test(line.text);
}

function wordsOf({ name, notes }: Pick<RecipeDoc, "name" | "notes">, { parts }: Formula): string {
  const written = parts.flatMap(({ part }) => [
    part.name,
    ...part.lines.map(({ text }) => text),
    ...part.steps.map(({ text }) => text),
  ]);
  return [name, ...written, notes].join("\n");
}
