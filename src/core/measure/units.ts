/** Exact definitions unless a comment says otherwise. */
export const INCH_MM = 25.4;
export const OUNCE_G = 28.349523125;
export const US_CUP_ML = 236.5882365;
const MM3_PER_ML = 1000;
/** 0 °C in kelvin. */
export const ZERO_C_IN_KELVIN = 273.15;
/** Instants are kept in ms since 1970, the day is reckoned in whole or part minutes of it. */
export const MS_PER_MIN = 60_000;

/**
 * Volume in mL of a volume in mm³.
 * @example mlFromMm3(1_000_000) // 1000
 */
export function mlFromMm3(volumeMm3: number): number {
  return volumeMm3 / MM3_PER_ML;
}

/**
 * A temperature on the Fahrenheit dial for one in °C. For differences use {@link fahrenheitSteps}.
 * @example fahrenheitFromC(100) // 212
 */
export function fahrenheitFromC(tempC: number): number {
  return tempC * 1.8 + 32;
}

/**
 * A temperature in °C for one in °F.
 * @example cFromFahrenheit(350) // 176.66…
 */
export function cFromFahrenheit(tempF: number): number {
  return (tempF - 32) / 1.8;
}

/**
 * A temperature *difference* in °F for one in °C: no 32 is added, which is why this is not the
 * function above.
 * @example fahrenheitSteps(15) // 27
 */
export function fahrenheitSteps(differenceC: number): number {
  return differenceC * 1.8;
}
