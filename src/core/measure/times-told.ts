// Lengths of time as they are told.
import type { Amount } from "./amount-text";
import { readAmount } from "./number-text";
import { remembered } from "./remembered";

const TIME =
  /((?<!\d)\d+(?:[.,]\d+)?(?:\s+\d\/\d|\s?[½¼¾])?|[½¼¾]|\ban?)(?:\s*(?:-|–|—|to|or|(?:or )?maybe)\s*(\d+(?:[.,]\d+)?(?:\s?[½¼¾])?|an))?\s*-?\s*(hours?|hrs?|h(?=\d|\b)|minutes?|mins?|min|m(?=\b)|seconds?|secs?|days?|weeks?)(?:\b|(?<=h)(?=\d))\.?(?:\s*(?:and\s+)?(\d{1,2})(?:\s*(?:-|–|to)\s*(\d{1,2})(?![.,]\d|\s*(?:hour|hr)))?\s*(?:minutes?|mins?|m)?\b(?!\s*(?:°|deg|hours?|g\b|inch|cm)))?/giu;

export type ToldTime = {
  readonly amount: Amount;
  readonly at: number;
  readonly end: number;
  readonly unit: string;
};

const PER: Readonly<Record<string, number>> = { h: 60, m: 1, s: 1 / 60, d: 1440, w: 10_080 };

const figure = (text: string): number =>
  /^an?$/iu.test(text) ? 1 : (readAmount(text)?.value ?? Number.NaN);

/** Every length of time in a text, minutes: `1 hour and 45 minutes`, `45 minutes to 1 hour`, `1h45`. */
export const timesTold = remembered((text): readonly ToldTime[] => {
  const found: ToldTime[] = [];
  for (const match of text.matchAll(TIME)) {
    const [whole, first = "", second, unit = "m", more, moreHigh] = match;
    const kind = unit.charAt(0).toLowerCase();
    const per = PER[kind] ?? 1;
    const low = figure(first) * per;
    const high = second === undefined ? low : figure(second) * per;
    const isHour = kind === "h" && more !== undefined;
    const extra = isHour ? Number(more) : 0;
    const extraHigh = isHour ? Number(moreHigh ?? more) : 0;
    const end =
      match.index +
      (isHour || more === undefined
        ? whole.length
        : whole.length - whole.slice(whole.lastIndexOf(more)).length);
    // "350 - 25 min" is a heat and its minutes.
    const amount =
      high < low
        ? { low: high, high }
        : { low: low + extra, high: Math.max(low + extra, high + extraHigh) };
    const before = found.at(-1);
    const between = before === undefined ? "" : text.slice(before.end, match.index);
    if (
      before !== undefined &&
      /^\s*(?:to|or|-|–|—|and|,? (?:or )?maybe)\s*(?:about\s*)?$/u.test(between) &&
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
});

/** "Forty minutes, maybe forty five": said after the minutes, and a little more than they. */
const MAYBE =
  /^[,.]?\s*(?:or|or maybe|maybe|perhaps|it might want|might want|at most|it took|up to)\s+(\d{1,3}(?:\.\d+)?)\b(?!\s*(?:°|deg|g\b|grams|cm|c\b|f\b|ml|%))/iu;
/** "Forty five minutes, forty eight, have a look". */
const AND_MORE = /^,\s*(\d{1,3}(?:\.\d+)?)(?=\s*(?:minutes?\b|mins?\b|at the\b|,|\.(?!\d)|$))/iu;
/** More than this share over what was said is not a range. */
const MOST_OVER = 1.3;

function withMaybe(amount: Amount, after: string, per: number): Amount {
  const high = Number((MAYBE.exec(after) ?? AND_MORE.exec(after))?.[1]) * per;
  return high > amount.high && high <= MOST_OVER * amount.high ? { low: amount.low, high } : amount;
}
