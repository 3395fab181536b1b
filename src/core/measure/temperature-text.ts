import { readAmount } from "./number-text";
import { cFromFahrenheit } from "./units";

/** °C or °F. */
export type DegreeScale = "C" | "F";

/**
 * Heat in °C from what a baker writes: `180`, `180 C`, `350F`, `350 °F`. Null when it can't be read.
 * Without a letter the dial of the baker's choice decides, except that 280 and up can only be Fahrenheit.
 * @example readTempC("350F", "C") // 176.66…
 */
export function readTempC(text: string, scale: DegreeScale): number | null {
  const amount = readAmount(text);
  if (amount === null) return null;
  const letter = /^(?:°|º|deg(?:rees?)?)?\s*([cf])?(?:elsius|ahrenheit)?$/iu.exec(amount.rest.trim());
  if (letter === null) return null;
  const said = letter[1]?.toUpperCase() ?? (amount.value >= 280 ? "F" : scale);
  return said === "F" ? cFromFahrenheit(amount.value) : amount.value;
}
