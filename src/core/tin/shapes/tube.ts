import * as z from "../../zod";
import { numberIn } from "../../measure";
import { shared, width } from "./fields";
import { byDiameter, ofDiameter, straight, type ShapeRow } from "./row";

export const tubeFields = z.strictObject({
  shape: z.literal("tube"),
  diameterMm: width,
  tubeMm: z.optional(numberIn(10, 400, "mm")),
  ...shared,
});

/** A tall upright tin round a tube, for foams. */
export const tube: ShapeRow<z.infer<typeof tubeFields>> = {
  wall: () => ({ ...straight("round", 5, 3), tubeFraction: 0.24 }),
  family: () => "ring",
  size: ofDiameter,
  usualDepthMm: 100,
  read: /\btubes?\b/,
  written: "tube",
  lengths: byDiameter,
  form: { needed: ["diameterMm"], usual: ["tubeMm"] },
  canLean: true,
  lining: "plan",
};
