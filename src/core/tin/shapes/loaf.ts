import * as z from "../../zod";
import { shared, width } from "./fields";
import { byLengthAndWidth, ofLengthAndWidth, straight, type ShapeRow } from "./row";

export const loafFields = z.strictObject({
  shape: z.literal("loaf"),
  lengthMm: width,
  widthMm: width,
  ...shared,
});

/** A deep narrow oblong. */
export const loaf: ShapeRow<z.infer<typeof loafFields>> = {
  wall: () => straight("rectangle", 7, 6, [14, 10]),
  family: () => "loaf",
  size: ofLengthAndWidth,
  usualDepthMm: 65,
  read: /\bloaf\b|\bloaves\b|\bloafs\b/,
  written: "loaf",
  lengths: byLengthAndWidth,
  form: { needed: ["lengthMm", "widthMm"], usual: ["cornerMm"] },
  canLean: true,
  lining: "sling",
};
