export { arranged, PACKING_THRESHOLDS, SQUEEZE, type Ground, type PiecePlace } from "./arrange";
export { colourBowls } from "./colours";
export {
  ganacheConsistency,
  nextSpoon,
  sugarConsistency,
  type Consistency,
  type NextSpoon,
} from "./consistency";
export { isCounted, isFreshPiece, isUnderFrosting, meltsAway, piecesToBuy } from "./dressed";
export { fruitLayout, type FruitLayout } from "./fruit";
export {
  scaledFormula,
  sharedNeeds,
  USUAL_FORMULA,
  type FormulaLine,
  type ScaledFormula,
} from "./formulas";
export {
  borderLength,
  finishCakes,
  USUAL_FROSTING,
  USUAL_MARGIN,
  type Batch,
  type Finish,
  type FinishedCake,
} from "./finish";
export type { FinishedTier } from "./coat";
export { drawnBeads, swirlCount, swirlSize } from "./piping";
export { dripLength, POUR_WINDOWS, type PourWindow } from "./pours";
export { ROLLED_MM } from "./rolled";
export {
  AMOUNTS,
  BORDER_PLACES,
  BorderSchema,
  COVERS,
  DRESSED_WHEN,
  DRESSINGS,
  DressSchema,
  FEELS,
  FinishSchema,
  FRUIT_PLACES,
  FruitSchema,
  LAID_PLACES,
  MOST_DRESSED,
  PATTERNS,
  PIPED,
  POUR_SIDES,
  PourSchema,
  ROUNDINGS,
  SWIRLS,
  SwirlsSchema,
  ToppingSchema,
  type ToppingAmount,
  type Cover,
  type Dress,
  type DressedWhen,
  type Dressing,
  type FinishRequest,
  type Pattern,
  type Piped,
  type Rounding,
  type Swirl,
} from "./schema";
