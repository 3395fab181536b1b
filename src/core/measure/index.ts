export { assertNever, bad, good, issueAt, type Issue, type RangeReason, type Result, type Unit } from "./issue";
export { readMassG, readMinutes, readVolumeMl } from "./measured-text";
export { readAmount } from "./number-text";
export { risingRoot } from "./rising-root";
export { kitchenGrams, kitchenMl, roundTo } from "./rounding";
export { numberIn, parseWith, wholeIn } from "./schema";
export { readTempC, type DegreeScale } from "./temperature-text";
export { cFromFahrenheit, fahrenheitFromC, fahrenheitSteps, INCH_MM, mlFromMm3, OUNCE_G, US_CUP_ML, ZERO_C_IN_KELVIN } from "./units";
