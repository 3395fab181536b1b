// The heat of an oven as it is told.
import { gasMarkC } from "./gas-marks";
import { remembered } from "./remembered";
import { cFromFahrenheit } from "./units";

/** An oven's heat as a text tells it. */
export type ToldHeat = { readonly tempC: number; readonly isFan: boolean };

/** A heat with where it stands. */
type HeatPlace = { readonly heat: ToldHeat; readonly at: number; readonly end: number };

const HEAT =
  /(?:\bgas(?: mark)?\s*(\d|½|¼)(?!\d))|(\d{2,3})(?:\s*(?:-|–|to)\s*(\d{2,3}))?\s*(°|º|o(?=[cf]\b)|degrees?|deg\b)?\s*(c(?:elsius|entigrade)?|f(?:ahrenheit)?)?\b(?!\s*(?:g\b|grams?|ml|min|%|cm|mm|inch|in\b|x\b|kcal|people|calor|hours?|hrs?|lit|kg|watts?|w\b|sec|days?|ounces?|oz|lb|pounds?|cups?|eggs?))/giu;

const OVEN_BEFORE =
  /\b(?:oven\p{L}*|preheat\w*|pre-heat\w*|bak(?:e[sd]?|ing)|heat(?:ed)? (?:it |the oven |your oven )?to|turn(?:ed)? (?:it |the oven )?(?:down|up|back|to)|otg|temp\w*|reduce\w*|lower\w*|drop|raise|or|fan|convection)\b[^.\d]{0,30}$/iu;

const OVEN_AFTER =
  /^\s*-?\s*(?:degrees?|oven|fan|on the oven|in the oven|\(\d{3}|,? or \d{3}|for\b|[-–]\s*\d{2}\s*(?:min|-)|\/\s*\d)/iu;

/**
 * All heats of an oven in a text, in order: `350`, `180C/160 fan/gas 4`, `at three fifty` in
 * figures.
 * @param isOven whether the text tells of the oven, so that a bare figure is its heat
 */
export const heatsTold = (text: string, isOven = false): readonly ToldHeat[] =>
  heatPlaces(text, isOven).map(({ heat }) => heat);

/** The {@link heatsTold} of a text, each with where it stands. */
export const heatPlaces = (text: string, isOven = false): readonly HeatPlace[] =>
  isOven ? placesOfOven(text) : placesOfAny(text);

const placesOfOven = remembered((text) => placesIn(text, true));
const placesOfAny = remembered((text) => placesIn(text, false));

function placesIn(text: string, isOven: boolean): readonly HeatPlace[] {
  const found: HeatPlace[] = [];
  for (const match of text.matchAll(HEAT)) {
    const [whole, gas, low, high, degree, scale] = match;
    const place = { at: match.index, end: match.index + whole.trimEnd().length };
    if (gas !== undefined) {
      const tempC = gasMarkC(gas);
      if (tempC !== null && found.length === 0)
        found.push({ heat: { tempC, isFan: false }, ...place });
      continue;
    }
    const value = high === undefined ? Number(low) : (Number(low) + Number(high)) / 2;
    const before = text.slice(Math.max(0, match.index - 48), match.index);
    const after = text.slice(match.index + whole.length, match.index + whole.length + 26);
    const isBare = degree === undefined && scale === undefined;
    if (isBare && value % 5 !== 0) continue;
    if (isBare && !isOven && !OVEN_BEFORE.test(before) && !OVEN_AFTER.test(after)) continue;
    const isF = scale === undefined ? value > 265 : /^f/iu.test(scale);
    if (isBare && (isF ? value < 275 || value > 475 : value < 120)) continue;
    const tempC = isF ? cFromFahrenheit(value) : value;
    if (tempC < 90 || tempC > 290) continue;
    found.push({ heat: { tempC, isFan: isFanned(before, after) }, ...place });
  }
  return found;
}

/** "Fan 160" is the fan's, "160 fan" too; in "180 fan 160" the fan has the second. */
function isFanned(before: string, after: string): boolean {
  if (/^\W{0,3}(?:without|no fan|fan off|conventional)\b/iu.test(after)) return false;
  if (
    /\b(?:fan|convection|ventilated)(?:[- ](?:forced|oven|bake|one))*[\s:,/-]{0,3}$/iu.test(before)
  )
    return true;
  const next = /^(?:[^\d.]{0,14}?)\b(?:fan|convection|ventilated)\b(.*)$/iu.exec(after);
  const upTo = after.slice(0, after.length - (next?.[1]?.length ?? 0));
  if (next === null || /\b(?:without|off|not|no|or)\b/iu.test(upTo.slice(0, 14))) return false;
  return !/^(?:[- ](?:forced|oven|bake))*[\s:,/-]{0,3}\d/u.test(next[1] ?? "");
}

const OVENS_IN_WORDS: readonly (readonly [RegExp, number])[] = [
  [/\bvery (?:slow|cool|low) oven\b/iu, 130],
  [/\b(?:moderately slow|slow|cool|low) oven\b/iu, 150],
  [/\bmoderately hot oven\b/iu, 195],
  [/\b(?:quick|hot) oven\b/iu, 215],
  [/\b(?:moderate|medium|middling) oven\b/iu, 178],
];

/** The heat of "a moderate oven", °C, as cookery books used to have it; null where none is named. */
export function ovenInWords(text: string): ToldHeat | null {
  const found = OVENS_IN_WORDS.find(([pattern]) => pattern.test(text));
  return found === undefined ? null : { tempC: found[1], isFan: false };
}

/** The conventional heat among those told beside one another, else the fan's. */
export function mainHeat(heats: readonly ToldHeat[]): ToldHeat | null {
  return heats.find(({ isFan }) => !isFan) ?? heats[0] ?? null;
}
