import * as z from "../../zod";
import { shared, width } from "./fields";
import { byDiameter, ofDiameter, straight, type ShapeRow } from "./row";

export const roundFields = z.strictObject({
  shape: z.literal("round"),
  diameterMm: width,
  ...shared,
});

/** A layer tin with an upright wall. */
export const round: ShapeRow<z.infer<typeof roundFields>> = {
  wall: () => straight("round", 0, 3),
  family: () => "layer",
  size: ofDiameter,
  usualDepthMm: 50,
  read: /\brounds?\b|\bcircular\b/,
  written: "round",
  lengths: byDiameter,
  form: { needed: ["diameterMm"], usual: [] },
  canLean: true,
  lining: "plan",
};
