import * as z from "../../zod";
import { shared, width } from "./fields";
import { byWidth, ofWidth, straight, type ShapeRow } from "./row";

export const hexagonFields = z.strictObject({
  shape: z.literal("hexagon"),
  widthMm: width,
  ...shared,
});

/** A hexagon, by its width across the flats. */
export const hexagon: ShapeRow<z.infer<typeof hexagonFields>> = {
  wall: () => straight("hexagon", 1, 3, [5, 5]),
  family: () => "layer",
  size: ofWidth,
  usualDepthMm: 50,
  read: /\bhexagons?\b/,
  written: "hexagon",
  lengths: byWidth,
  form: { needed: ["widthMm"], usual: ["cornerMm"] },
  canLean: true,
  lining: "plan",
};
