export {
  ASSUMED_FILL,
  type Batter,
  batterFrom,
  batterFromTins,
  BATTER_LIMITS,
  BatterSchema,
  foundBatter,
  type GivenBatter,
  scaledBatter,
  unusualGravity,
  USUAL_KIND,
} from "./batter";
export {
  type BakedIn,
  balanceRules,
  batterOfLines,
  type KindReason,
  type LinesBatter,
  MOST_GAS,
  type RecognisedKind,
  kindByName,
  recogniseKind,
} from "./from-lines";
