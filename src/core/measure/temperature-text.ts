import { gasMarkC } from "./gas-marks";
import { heatPlaces } from "./heats-told";
import { inFigures } from "./in-figures";
import { readAmount } from "./number-text";
import { cFromFahrenheit } from "./units";

/** Bare numbers that are a heat of an oven in Fahrenheit and none in Celsius. */
const FAHRENHEIT_FROM = 280;
const FAHRENHEIT_TO = 550;

/** °C or °F. */
export type DegreeScale = "C" | "F";

/**
 * Heat in °C from what a baker writes: `180`, `180 C`, `350F`, `three fifty`, `180 fan`, `gas 4`. Null when it
 * can't be read. Without a letter the dial of the baker's choice decides, except that 280 to 550
 * can only be Fahrenheit.
 * @example readTempC("350F", "C") // 176.66…
 */
export function readTempC(written: string, scale: DegreeScale): number | null {
  const text = inFigures(written).text.trim();
  const gas = /^\s*gas(?:\s*mark)?\s*(\S+)\s*$/iu.exec(text)?.[1];
  if (gas !== undefined) return gasMarkC(gas);
  const amount = readAmount(text);
  if (amount === null) return null;
  const letter = /^(?:°|º|deg(?:rees?)?)?\s*([cf])?(?:elsius|ahrenheit)?$/iu.exec(
    amount.rest.trim(),
  );
  if (letter === null) return heatTold(text);
  const said =
    letter[1]?.toUpperCase() ??
    (amount.value >= FAHRENHEIT_FROM && amount.value <= FAHRENHEIT_TO ? "F" : scale);
  return said === "F" ? cFromFahrenheit(amount.value) : amount.value;
}

/** An oven's heat that is the whole of a text, as recipes tell it: `180 fan`, `350 degrees F`. */
function heatTold(text: string): number | null {
  const [place] = heatPlaces(text, true);
  return place?.at === 0 && /^(?:\s*\(?(?:fan|convection)?\)?)$/iu.test(text.slice(place.end))
    ? place.heat.tempC
    : null;
}
