import * as z from "../../zod";
import { shared, width } from "./fields";
import { byDiameter, ofDiameter, straight, type ShapeRow } from "./row";

export const mugFields = z.strictObject({ shape: z.literal("mug"), diameterMm: width, ...shared });

/** A drinking cup. */
export const mug: ShapeRow<z.infer<typeof mugFields>> = {
  wall: () => straight("round", 2, 6),
  family: () => "cup",
  size: ofDiameter,
  usualDepthMm: 90,
  usualWidthMm: 80,
  read: /\bmugs?\b/,
  written: "mugs",
  lengths: byDiameter,
  form: { needed: ["diameterMm"], usual: [] },
  canLean: true,
  lining: "none",
};
