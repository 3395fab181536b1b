import { gasMarkC } from "./gas-marks";
import { readAmount } from "./number-text";
import { cFromFahrenheit } from "./units";

/** Bare numbers that are a heat of an oven in Fahrenheit and none in Celsius. */
const FAHRENHEIT_FROM = 280;
const FAHRENHEIT_TO = 550;

/** °C or °F. */
export type DegreeScale = "C" | "F";

/**
 * Heat in °C from what a baker writes: `180`, `180 C`, `350F`, `350 °F`, `gas 4`. Null when it
 * can't be read. Without a letter the dial of the baker's choice decides, except that 280 to 550
 * can only be Fahrenheit.
 * @example readTempC("350F", "C") // 176.66…
 */
export function readTempC(text: string, scale: DegreeScale): number | null {
  const gas = /^\s*gas(?:\s*mark)?\s*(\S+)\s*$/iu.exec(text)?.[1];
  if (gas !== undefined) return gasMarkC(gas);
  const amount = readAmount(text);
  if (amount === null) return null;
  const letter = /^(?:°|º|deg(?:rees?)?)?\s*([cf])?(?:elsius|ahrenheit)?$/iu.exec(
    amount.rest.trim(),
  );
  if (letter === null) return null;
  const said =
    letter[1]?.toUpperCase() ??
    (amount.value >= FAHRENHEIT_FROM && amount.value <= FAHRENHEIT_TO ? "F" : scale);
  return said === "F" ? cFromFahrenheit(amount.value) : amount.value;
}
