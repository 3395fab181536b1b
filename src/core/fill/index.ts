export { canWearStrips } from "./crown";
export type { Cups } from "./cups";
export { fillTins, type CakeHeights, type Fill, type TinFill, type Verdict } from "./fill";
export { fillLimit, type FillLimit } from "./limit";
export { scaleFactor, ScaleSchema, type Scale } from "./scale";
export { commonDepth, shareBasis, type ShareBasis } from "./share";
