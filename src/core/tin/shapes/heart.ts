import * as z from "../../zod";
import { shared, width } from "./fields";
import { byWidth, ofWidth, straight, type ShapeRow } from "./row";

export const heartFields = z.strictObject({ shape: z.literal("heart"), widthMm: width, ...shared });

/** A heart, by its width. */
export const heart: ShapeRow<z.infer<typeof heartFields>> = {
  wall: () => straight("heart", 1, 3),
  family: () => "layer",
  size: ofWidth,
  usualDepthMm: 50,
  read: /\bhearts?\b/,
  written: "heart",
  lengths: byWidth,
  form: { needed: ["widthMm"], usual: [] },
  canLean: true,
  lining: "plan",
};
