import * as z from "../../zod";
import { numberIn } from "../../measure";
import { shared, width } from "./fields";
import { byDiameter, ofDiameter, type ShapeRow } from "./row";

export const flutedFields = z.strictObject({
  shape: z.literal("fluted"),
  diameterMm: width,
  tubeMm: z.optional(numberIn(10, 400, "mm")),
  ...shared,
});

/** A fluted trough round a tube. */
export const fluted: ShapeRow<z.infer<typeof flutedFields>> = {
  wall: () => ({
    wall: "trough",
    bulge: 2,
    outerShare: 0.62,
    tubeFraction: 0.3,
    fluteDepth: 0.04,
    flutes: 12,
  }),
  family: () => "ring",
  size: ofDiameter,
  usualDepthMm: 85,
  read: /\bfluted(?:\s+(?:rings?|tubes?))?\b/,
  written: "fluted ring",
  lengths: byDiameter,
  form: { needed: ["diameterMm"], usual: ["tubeMm"] },
  canLean: false,
  lining: "plan",
};
