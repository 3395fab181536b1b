export { cakeVolume, canWearStrips, type CakeHeights } from "./crown";
export type { Cups } from "./cups";
export { divided, DIVIDING, type Divided, type Dividing } from "./divide";
export { fillTins, type Fill, type TinFill, type FillVerdict } from "./fill";
export { type Form, formOf, type FormSets, tinSetsByForm } from "./forms";
export { fillLimit } from "./limit";
export {
  hasUsualOnBatter,
  laidMass,
  LaidOnBatterSchema,
  ON_BATTER,
  ON_BATTER_THINGS,
  OnBatterSchema,
  settledOn,
  timesLaid,
  type OnBatter,
  type OnBatterThing,
} from "./on-batter";
export { CEILINGS, FillSchema, MARBLED, type FillOptions } from "./options";
export { depthRatio, PORTIONS, scaleFactor, ScaleSchema, timesForDepth, type Scale } from "./scale";
export { shareBasis } from "./share";
export type { StockTin } from "./stock";
export { vouchedRise } from "./vouched";
export { worstFill } from "./worst";
export type { TinSet } from "./tin-sets";
export { timesFilled } from "./times-filled";
