import * as z from "../../zod";
import { shared, width } from "./fields";
import { byDiameter, ofDiameter, straight, type ShapeRow } from "./row";

export const skilletFields = z.strictObject({
  shape: z.literal("skillet"),
  diameterMm: width,
  ...shared,
});

/** A pan of the hob, whose wall leans. */
export const skillet: ShapeRow<z.infer<typeof skilletFields>> = {
  wall: () => straight("round", 20, 8),
  family: () => "layer",
  size: ofDiameter,
  usualDepthMm: 50,
  read: /\bskillets?\b/,
  written: "skillet",
  lengths: byDiameter,
  form: { needed: ["diameterMm"], usual: [] },
  canLean: true,
  lining: "plan",
};
