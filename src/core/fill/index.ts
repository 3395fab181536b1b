export { canWearStrips, type CakeHeights } from "./crown";
export type { Cups } from "./cups";
export { fillTins, type Fill, type TinFill, type Verdict } from "./fill";
export { fillLimit } from "./limit";
export { scaleFactor, ScaleSchema } from "./scale";
export { shareBasis } from "./share";
