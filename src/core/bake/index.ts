export { closedFormMinutes, type BakeCase } from "./closed-form";
export {
  clockFactor,
  forecast,
  isMuchThicker,
  learntForecast,
  ownClock,
  thicknessRatio,
  type Minutes,
  type ReferenceBake,
} from "./forecast";
export { dialSetting, nearestMark, type Dial } from "./dial";
export { doneness, foilLookMinute } from "./doneness";
export {
  chosenHeat,
  HeatSchema,
  materialAdvice,
  OVEN_LIMITS_C,
  OvenSchema,
  type HeatReason,
  type MaterialAdvice,
} from "./heat";
export {
  coreCurve,
  CURVE_SIGMA_C,
  curveThrough,
  insideCurve,
  stretchOf,
  type CoreCurve,
} from "./curve";
export { refitted, type CoreReading, type Refit } from "./refit";
export { afterLook, CORE_RANGE_C, LookSchema, type Look, type LookAdvice } from "./look";
export {
  AIRS,
  DialSchema,
  KitchenOvenSchema,
  minutesAsSet,
  OVEN_SOURCES,
  ovenOffset,
  parseOven,
  OvenReadingSchema,
  ShelfSchema,
  USUAL_OVEN,
  type KitchenOven,
  type OvenOffset,
  type OvenReading,
  type Shelf,
} from "./oven";
export {
  AIR_MM,
  blocksAir,
  footprint,
  gapMm,
  shelfPieces,
  shelfPlan,
  type ShelvedTin,
  type ShelfPlan,
} from "./shelves";
export {
  bakeInside,
  solvingInside,
  comparedInsides,
  setShare,
  type BakeInside,
  type InsideCompared,
  type InsideCase,
} from "./solver/inside";
export {
  ruleErrors,
  USUAL_TIMES,
  usualComparison,
  type Comparison,
  type Rule,
  type RuleError,
} from "./usual-times";
export { CARRIED_BY_MASS, isOwnMass, otherMinutes, type OtherHeat } from "./other-heat";
