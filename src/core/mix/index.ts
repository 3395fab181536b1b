export {
  ASSUMED_FILL,
  batterFrom,
  batterFromTins,
  BatterSchema,
  scaledBatter,
  unusualGravity,
  USUAL_KIND,
  type Batter,
  type GivenBatter,
} from "./batter";
export {
  balanceRules,
  batterOfLines,
  MOST_GAS,
  recogniseKind,
  type BakedIn,
  type KindReason,
  type LinesBatter,
  type RecognisedKind,
} from "./from-lines";
export {
  bakedMass,
  BATTER_KINDS,
  BatterKindSchema,
  KIND_FACTS,
  type BatterKind,
  type Spread,
} from "./kinds";
