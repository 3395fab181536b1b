// Heat and minutes of the oven, as they are told.
import { cFromFahrenheit, gasMarkC, type Amount } from "../measure";

/** An oven's heat as a text tells it. */
export type ToldHeat = { readonly tempC: number; readonly isFan: boolean };

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
export function heatsTold(text: string, isOven = false): readonly ToldHeat[] {
  const found: ToldHeat[] = [];
  for (const match of text.matchAll(HEAT)) {
    const [whole, gas, low, high, degree, scale] = match;
    if (gas !== undefined) {
      const tempC = gasMarkC(gas);
      if (tempC !== null && found.length === 0) found.push({ tempC, isFan: false });
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
    found.push({ tempC, isFan: isFanned(before, after) });
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
  if (next === null || /\b(?:without|off|not|no|or)\b/iu.test(after.slice(0, 14))) return false;
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

const TIME =
  /(\d+(?:[.,]\d+)?(?:\s+\d\/\d|\s?[½¼¾])?|[½¼¾]|\ban?)(?:\s*(?:-|–|—|to|or)\s*(\d+(?:[.,]\d+)?(?:\s?[½¼¾])?|an))?\s*-?\s*(hours?|hrs?|h(?=\d|\b)|minutes?|mins?|min|m(?=\b)|seconds?|secs?|days?|weeks?)(?:\b|(?<=h)(?=\d))\.?(?:\s*(?:and\s+)?(\d{1,2})(?:\s*(?:-|–|to)\s*(\d{1,2})(?![.,]\d|\s*(?:hour|hr)))?\s*(?:minutes?|mins?|m)?\b(?!\s*(?:°|deg|hours?|g\b|inch|cm)))?/giu;

export type ToldTime = {
  readonly amount: Amount;
  readonly at: number;
  readonly end: number;
  readonly unit: string;
};

const PER: Readonly<Record<string, number>> = { h: 60, m: 1, s: 1 / 60, d: 1440, w: 10_080 };
const figure = (text: string): number => {
  if (/^an?$/iu.test(text)) return 1;
  const [whole = "", share] = text
    .replace(",", ".")
    .trim()
    .split(/\s+(?=\d\/)/u);
  const sign = { "½": 0.5, "¼": 0.25, "¾": 0.75 }[whole.slice(-1)] ?? 0;
  const [over = "0", under = "1"] = (share ?? "0/1").split("/");
  return Number(whole.replace(/[½¼¾]/u, "") || 0) + sign + Number(over) / Number(under);
};

/** Every length of time in a text, minutes: `1 hour and 45 minutes`, `45 minutes to 1 hour`, `1h45`. */
export function timesTold(text: string): readonly ToldTime[] {
  const found: ToldTime[] = [];
  for (const match of text.matchAll(TIME)) {
    const [whole, first = "", second, unit = "m", more, moreHigh] = match;
    const kind = unit.charAt(0).toLowerCase();
    const per = PER[kind] ?? 1;
    const low = figure(first) * per;
    const said = second === undefined ? low : figure(second) * per;
    // "350 - 25 min" is a heat and its minutes.
    const high = said;
    const isHour = kind === "h" && more !== undefined;
    const extra = isHour ? Number(more) : 0;
    const extraHigh = isHour ? Number(moreHigh ?? more) : 0;
    const end =
      match.index +
      (isHour || more === undefined
        ? whole.length
        : whole.length - whole.slice(whole.lastIndexOf(more)).length);
    const amount =
      high < low
        ? { low: high, high }
        : { low: low + extra, high: Math.max(low + extra, high + extraHigh) };
    const before = found.at(-1);
    const between = before === undefined ? "" : text.slice(before.end, match.index);
    if (
      before !== undefined &&
      /^\s*(?:to|or|-|–|—|and)\s*(?:about\s*)?$/u.test(between) &&
      amount.high > before.amount.high &&
      !/and/u.test(between)
    ) {
      found[found.length - 1] = {
        ...before,
        amount: { low: before.amount.low, high: amount.high },
        end,
      };
      continue;
    }
    found.push({
      amount: withMaybe(amount, text.slice(end), per),
      at: match.index,
      end,
      unit: kind,
    });
  }
  return found;
}

/** "Forty minutes, maybe forty five": said after the minutes, and a little more than they. */
function withMaybe(amount: Amount, after: string, per: number): Amount {
  const more =
    /^[,.]?\s*(?:or\s+)?(?:maybe|perhaps|it might want|might want|at most|it took|up to|to)?\s*(\d{1,3}(?:\.\d+)?)\b(?!\s*(?:°|deg|g\b|grams|cm|c\b|f\b|ml|%))/iu.exec(
      after,
    )?.[1];
  const high = Number(more) * per;
  return high > amount.high && high <= 1.3 * amount.high ? { low: amount.low, high } : amount;
}

const LOOKS =
  /\b(?:check\w*|look\w*|peek\w*|peep\w*|test\w*|poke|gander|door|open\w*|touch|tap|see at|first look|eye on|undisturbed|prick)\b/iu;
const FROM =
  /\b(?:at|after|from|till|until|before|by|around|about|minute|is|first|(?:check|look|test)(?:ing|s)?)\s+(?:about\s+|the\s+|first\s+)*$/iu;

/**
 * When the cake is first to be looked at, minutes; null when a sentence says nothing of it.
 * @param most the bake's own minutes: no first look is later
 */
export function checkTold(sentence: string, most: number): number | null {
  const times = timesTold(sentence);
  const bare = [...sentence.matchAll(/\b\d{1,3}\b(?!\s*(?:°|deg|c\b|f\b|cm|%|g\b|watts))/giu)]
    .filter(({ index }) => !times.some(({ at, end }) => index >= at && index < end))
    .map((match) => ({
      at: match.index,
      end: match.index + match[0].length,
      value: Number(match[0]),
    }));
  const hours = [...sentence.matchAll(/\bthe hour\b/giu)].map((match) => ({
    at: match.index,
    end: match.index + match[0].length,
    value: 60,
  }));
  const all = [
    ...times.map(({ at, end, amount }) => ({ at, end, value: amount.low })),
    ...bare,
    ...hours,
  ].toSorted((a, b) => a.at - b.at);
  for (const { at, end, value } of all) {
    if (value < 1 || value > most || !FROM.test(sentence.slice(Math.max(0, at - 30), at))) continue;
    if (LOOKS.test(sentence.slice(Math.max(0, at - 60), Math.min(sentence.length, end + 45))))
      return value;
  }
  return null;
}
