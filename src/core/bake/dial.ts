import { cFromFahrenheit, fahrenheitFromC, GAS_MARKS, roundTo } from "../measure";

export const DIAL_SCALES = ["C", "F", "gas"] as const;

/** How an oven's dial is marked: in degrees so far apart, or in gas marks. */
export type Dial = { readonly scale: (typeof DIAL_SCALES)[number]; readonly step: number };

/** A place the dial can be set to, by what it stands for, °C; `mark` only for gas. */
export type DialSetting = { readonly dialC: number; readonly mark: string | null };

/** The mark of a dial nearest to a heat. */
export function nearestMark(dialC: number, { scale, step }: Dial): DialSetting {
  if (scale === "C") return { dialC: roundTo(dialC, step), mark: null };
  if (scale === "F")
    return { dialC: cFromFahrenheit(roundTo(fahrenheitFromC(dialC), step)), mark: null };
  const [mark, tempC] = GAS_MARKS.reduce((best, each) =>
    Math.abs(each[1] - dialC) < Math.abs(best[1] - dialC) ? each : best,
  );
  return { dialC: tempC, mark };
}

/**
 * The dial's mark that comes nearest to a true heat in an oven whose error differs along its dial.
 * @param readsAt true heat minus dial at a dial setting, °C
 * @example dialSetting(165, () => -6, { scale: "C", step: 1 }) // { dialC: 171, mark: null }
 */
export function dialSetting(
  trueC: number,
  readsAt: (dialC: number) => number,
  dial: Dial,
): DialSetting {
  const guess = trueC - readsAt(trueC - readsAt(trueC));
  return nearestMark(guess, dial);
}
