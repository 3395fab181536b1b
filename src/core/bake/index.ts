export { closedFormMinutes, type BakeCase } from "./closed-form";
export { clockFactor, forecast, isMuchThicker, thicknessRatio, type Minutes, type ReferenceBake } from "./forecast";
export {
  chosenHeat, dialFor, HeatSchema, materialAdvice, OVEN_LIMITS_C, OvenSchema, type HeatReason, type MaterialAdvice,
} from "./heat";
