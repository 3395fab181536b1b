import * as z from "../../zod";
import { shared, TIN_LIMITS, width } from "./fields";
import { byDiameter, ofDiameter, type ShapeRow } from "./row";

export const domeFields = z.strictObject({
  shape: z.literal("dome"),
  diameterMm: width,
  ...shared,
});

/** Part of a ball, its rim the widest. */
export const dome: ShapeRow<z.infer<typeof domeFields>> = {
  wall: () => ({ wall: "dome" }),
  family: () => "layer",
  size: ofDiameter,
  usualDepthMm: 80,
  read: /\bdomes?\b/,
  written: "dome",
  lengths: {
    ...byDiameter,
    fields: (diameterMm, depthMm) => ({
      diameterMm,
      depthMm: depthMm ?? Math.min(diameterMm / 2, TIN_LIMITS.depthMm.max),
    }),
  },
  form: { needed: ["diameterMm"], usual: [] },
  canLean: false,
  lining: "plan",
};
