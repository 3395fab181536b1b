export { cautionText } from "./cautions";
export {
  CEILING_NAMES,
  crowningChoices,
  dividedText,
  DIVIDING_NAMES,
  fitReason,
  FORM_NAMES,
  laidText,
  leftoverText,
  limitText,
  PORTION_NAMES,
} from "./filling";
export { issueText } from "./issues";
export {
  FROSTING_NAMES,
  SPREAD_NAMES,
  HEAT_WORDS,
  KIND_NAMES,
  SCALE_NAMES,
  SCHOOL_NAMES,
  VERDICT_WORDS,
} from "./kinds";
export {
  areaText,
  depthText,
  dialText,
  exactLengthText,
  fraction,
  gramsText,
  bareHeatText,
  heatStepText,
  heatText,
  lengthText,
  ovenText,
  minutesText,
  materialName,
  percentText,
  exactWeightText,
  extraText,
  piecesText,
  shapeName,
  timesText,
  tinText,
  volumeText,
  weightText,
} from "./quantities";
export { LINER_NAMES, linerLines } from "./liners";
export { remarkText } from "./remarks";
export {
  balanceText,
  CUP_NAMES,
  DOUBT_WORDS,
  EGG_NAMES,
  eggText,
  ingredientText,
  KIND_REASONS,
  kitchenText,
  MISSING_WORDS,
  problemText,
  ROLE_NAMES,
  ROW_NAMES,
  STAGE_NAMES,
  STEP_NAMES,
  SWAP_NAMES,
  swapText,
  WAY_NAMES,
} from "./recipes";
export {
  CHOICE_NAMES,
  DOUBTED_MARK,
  factChoice,
  MARK_NAMES,
  markedWords,
  markText,
  PASTE_DOUBTS,
} from "./reading-marks";
export { brimText, LENGTH_NAMES, SHELVES, trustText } from "./tins";
export { storageText } from "./storage";
export {
  METRIC,
  REGION_ROWS,
  KITCHEN_REGIONS,
  unitsOfRegion,
  type Region,
  type Units,
} from "./regions";
export { foodName, sayIn, type Say } from "./vocabulary";
