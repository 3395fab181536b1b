import * as z from "../../zod";
import { shared, width } from "./fields";
import { byDiameter, ofDiameter, straight, type ShapeRow } from "./row";

export const springformFields = z.strictObject({
  shape: z.literal("springform"),
  diameterMm: width,
  ...shared,
});

/** A round with a clip and a loose floor, which meets its wall at an edge. */
export const springform: ShapeRow<z.infer<typeof springformFields>> = {
  wall: () => straight("round", 0, 0),
  family: () => "layer",
  size: ofDiameter,
  usualDepthMm: 65,
  read: /\bspring[\s-]?forms?\b/,
  written: "springform",
  lengths: byDiameter,
  form: { needed: ["diameterMm"], usual: [] },
  canLean: true,
  lining: "plan",
};
