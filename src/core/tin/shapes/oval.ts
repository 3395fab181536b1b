import * as z from "../../zod";
import { shared, width } from "./fields";
import { byLengthAndWidth, ofLengthAndWidth, straight, type ShapeRow } from "./row";

export const ovalFields = z.strictObject({
  shape: z.literal("oval"),
  lengthMm: width,
  widthMm: width,
  ...shared,
});

/** An ellipse. */
export const oval: ShapeRow<z.infer<typeof ovalFields>> = {
  wall: () => straight("oval", 3, 3),
  family: () => "layer",
  size: ofLengthAndWidth,
  usualDepthMm: 50,
  read: /\bovals?\b/,
  written: "oval",
  lengths: byLengthAndWidth,
  form: { needed: ["lengthMm", "widthMm"], usual: [] },
  canLean: true,
  lining: "plan",
};
