export { mergedFields, mergedList, mergedValue, type Merged } from "./merge";
export { boxed } from "./boxed";
export { EGG_WHITE_SHARE, EGGS_G, type EggSize } from "./egg-sizes";
export { capitalised } from "./capitalised";
export { middle, readSpan, type Amount } from "./amount-text";
export {
  assertNever,
  bad,
  good,
  issueAt,
  type Expected,
  type Issue,
  type RangeReason,
  type Result,
  type Unit,
} from "./issue";
export {
  CUPS_ML,
  cupMl,
  eggWeight,
  HEAPS,
  REGION_MEASURES,
  REGIONS,
  spoonsMl,
  KitchenMeasuresSchema,
  METRIC_MEASURES,
  SPOONS_ML,
  US_MEASURES,
  CUP_WAYS,
  type Heap,
  type KitchenMeasures,
  type CupWay,
} from "./kitchen-measures";
export { GAS_MARKS, gasMarkC } from "./gas-marks";
export { heatPlaces, heatsTold, mainHeat, ovenInWords, type ToldHeat } from "./heats-told";
export { inFigures } from "./in-figures";
export { lengthsTold, MM_PER, type LengthUnit, type ToldLength } from "./lengths-told";
export { isSpoon, readUnit, unitSize, type KitchenUnit } from "./kitchen-units";
export { kitchenMeasure, type KitchenMeasure } from "./kitchen-writing";
export { readLengthMm, readMassG, readMinutes, readVolumeMl } from "./measured-text";
export { readAmount, readNumber } from "./number-text";
export { remembered } from "./remembered";
export { risingRoot } from "./rising-root";
export { kitchenGrams, kitchenMl, roundTo, weighedGrams } from "./rounding";
export { numberIn, parseWith, wholeIn } from "./schema";
export { readTempC, type DegreeScale } from "./temperature-text";
export { timesTold } from "./times-told";
export {
  cFromFahrenheit,
  fahrenheitFromC,
  fahrenheitSteps,
  INCH_MM,
  mlFromMm3,
  MS_PER_MIN,
  OUNCE_G,
  US_CUP_ML,
  ZERO_C_IN_KELVIN,
} from "./units";
