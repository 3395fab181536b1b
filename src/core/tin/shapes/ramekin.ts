import * as z from "../../zod";
import { shared, width } from "./fields";
import { byDiameter, ofDiameter, straight, type ShapeRow } from "./row";

export const ramekinFields = z.strictObject({
  shape: z.literal("ramekin"),
  diameterMm: width,
  ...shared,
});

/** A cup that is baked and served in. */
export const ramekin: ShapeRow<z.infer<typeof ramekinFields>> = {
  wall: () => straight("round", 3, 4),
  family: () => "cup",
  size: ofDiameter,
  usualDepthMm: 45,
  usualWidthMm: 90,
  read: /\bramekins?\b/,
  written: "ramekins",
  lengths: byDiameter,
  form: { needed: ["diameterMm"], usual: [] },
  canLean: true,
  lining: "plan",
};
