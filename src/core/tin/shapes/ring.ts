import * as z from "../../zod";
import { numberIn } from "../../measure";
import { shared, width } from "./fields";
import { byDiameter, ofDiameter, type ShapeRow } from "./row";

export const ringFields = z.strictObject({
  shape: z.literal("ring"),
  diameterMm: width,
  tubeMm: z.optional(numberIn(10, 400, "mm")),
  ...shared,
});

/** A plain trough round a tube. */
export const ring: ShapeRow<z.infer<typeof ringFields>> = {
  wall: () => ({
    wall: "trough",
    bulge: 2.2,
    outerShare: 0.5,
    tubeFraction: 0.36,
    fluteDepth: 0,
    flutes: 0,
  }),
  family: () => "ring",
  size: ofDiameter,
  usualDepthMm: 75,
  read: /\brings?\b/,
  written: "ring",
  lengths: byDiameter,
  form: { needed: ["diameterMm"], usual: ["tubeMm"] },
  canLean: false,
  lining: "plan",
};
