import { readAmount } from "./number-text";
import { INCH_MM, OUNCE_G, US_CUP_ML } from "./units";

const GRAMS: Readonly<Record<string, number>> = {
  g: 1,
  gram: 1,
  grams: 1,
  kg: 1000,
  oz: OUNCE_G,
  ounce: OUNCE_G,
  ounces: OUNCE_G,
  lb: 16 * OUNCE_G,
  lbs: 16 * OUNCE_G,
};
const MILLILITRES: Readonly<Record<string, number>> = {
  ml: 1,
  l: 1000,
  litre: 1000,
  litres: 1000,
  liter: 1000,
  liters: 1000,
  cup: US_CUP_ML,
  cups: US_CUP_ML,
  tbsp: US_CUP_ML / 16,
  tablespoon: US_CUP_ML / 16,
  tablespoons: US_CUP_ML / 16,
  tsp: US_CUP_ML / 48,
  teaspoon: US_CUP_ML / 48,
  teaspoons: US_CUP_ML / 48,
};
const MILLIMETRES: Readonly<Record<string, number>> = {
  mm: 1,
  cm: 10,
  in: INCH_MM,
  inch: INCH_MM,
  inches: INCH_MM,
};
const MINUTES: Readonly<Record<string, number>> = {
  min: 1,
  mins: 1,
  minute: 1,
  minutes: 1,
  m: 1,
  h: 60,
  hr: 60,
  hrs: 60,
  hour: 60,
  hours: 60,
};

/**
 * The sum of amount-and-unit pairs that make up a whole text: `1 h 10 min`; null when anything else
 * stands in it.
 */
function readSum(
  text: string,
  units: Readonly<Record<string, number>>,
  bare: string,
): number | null {
  let rest = text.trim().toLowerCase();
  let sum: number | null = null;
  while (rest !== "") {
    const amount = readAmount(rest);
    const unit = /^[a-z]*\.?/u.exec(amount?.rest ?? "")?.[0] ?? "";
    const factor = units[unit.replace(".", "") || bare];
    if (amount === null || factor === undefined) return null;
    sum = (sum ?? 0) + amount.value * factor;
    rest = amount.rest.slice(unit.length).trimStart();
  }
  return sum;
}

/**
 * Grams from `1030`, `1030 g`, `1.2 kg`, `2 lb 4 oz`; a bare number is grams. Null when it can't be
 * read.
 * @example readMassG("1.2 kg") // 1200
 */
export function readMassG(text: string): number | null {
  return readSum(text, GRAMS, "g");
}

/**
 * Millilitres from `1200`, `1.2 L`, `5 cups`, `3 tbsp`, `1/2 tsp` (US); a bare number is mL. Null when it can't be read.
 * @example readVolumeMl("1.2 L") // 1200
 */
export function readVolumeMl(text: string): number | null {
  return readSum(text, MILLILITRES, "ml");
}

/**
 * Millimetres from `23 cm`, `9in`, `9"`, `51 mm`; a bare number is in the unit the kitchen uses.
 * Null when it can't be read.
 * @example readLengthMm("9 in", "cm") // 228.6
 */
export function readLengthMm(text: string, bare: "cm" | "mm" | "in"): number | null {
  const lengthMm = readSum(text.replace(/["”″]|''/u, " in"), MILLIMETRES, bare);
  // The binary tail of 0.1 x 10 is no part of a size.
  return lengthMm === null ? null : Number(lengthMm.toFixed(3));
}

/**
 * Minutes from `34`, `34 min`, `1 h 10 min`, `1 hr 10`, `1h45`, `1 hour and 10 minutes`; the middle
 * of a range like `45-50 min`; a bare number is minutes. Null when it can't be read.
 * @example readMinutes("1 h 10 min") // 70
 */
export function readMinutes(text: string): number | null {
  const plain = text
    .replace(/\band\b/giu, " ")
    .replace(/(\d\s*h(?:rs?|ours?)?)(?=\s*\d)/giu, "$1 ")
    .trim();
  const range = /^([\d.,]+)\s*(?:-|–|—|to|or)\s*([\d.,]+)\s*([a-z]*)\.?$/iu.exec(plain);
  if (range === null) return readSum(plain, MINUTES, "min");
  const [low, high] = [
    readSum(`${range[1] ?? ""} ${range[3] ?? ""}`, MINUTES, "min"),
    readSum(`${range[2] ?? ""} ${range[3] ?? ""}`, MINUTES, "min"),
  ];
  return low === null || high === null || high <= low ? null : Math.round((low + high) / 2);
}
