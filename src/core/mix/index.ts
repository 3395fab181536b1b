export {
  ASSUMED_FILL, batterFrom, batterFromTins, BatterSchema, scaledBatter, unusualGravity, USUAL_KIND, type Batter, type GivenBatter,
} from "./batter";
export { BATTER_KINDS, KIND_FACTS, type BatterKind, type Spread } from "./kinds";
