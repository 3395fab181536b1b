export { cautionText } from "./cautions";
export { issueText } from "./issues";
export { FROSTING_NAMES, HEAT_WORDS, KIND_NAMES, VERDICT_WORDS } from "./kinds";
export {
  areaText, depthText, exactLengthText, heatText, lengthText, METRIC, minutesText, percentText, timesText, tinText, volumeText, weightText, type Units,
} from "./quantities";
export { remarkText } from "./remarks";
export { storageText } from "./storage";
