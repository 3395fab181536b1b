import { shapeRow, type Tin } from "./shapes";
import type { TinFamily } from "./shapes/row";

/** The {@link TinFamily} of a tin. A rectangle or square up to 30 mm deep is a sheet. */
export function tinFamily(tin: Tin): TinFamily {
  return shapeRow(tin.shape).family(tin);
}
