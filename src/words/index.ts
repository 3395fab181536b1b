export { cautionText } from "./cautions";
export { issueText } from "./issues";
export { FROSTING_NAMES, HEAT_WORDS, KIND_NAMES, VERDICT_WORDS } from "./kinds";
export {
  areaText, depthText, exactLengthText, gramsText, heatStepText, heatText, lengthText, METRIC, minutesText, percentText, timesText, tinText, volumeText, weightText, type Units,
} from "./quantities";
export { remarkText } from "./remarks";
export {
  balanceText, CUP_NAMES, DOUBT_WORDS, EGG_NAMES, KIND_REASONS, kitchenText, MISSING_WORDS, problemText, ROLE_NAMES, ROW_NAMES, STEP_NAMES, SWAP_NAMES, swapText, WAY_NAMES,
} from "./recipes";
export { storageText } from "./storage";
