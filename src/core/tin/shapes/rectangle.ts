import * as z from "../../zod";
import { shared, width } from "./fields";
import {
  SHEET_DEPTH_MM,
  byLengthAndWidth,
  isOvenware,
  ofLengthAndWidth,
  straight,
  type ShapeRow,
} from "./row";

export const rectangleFields = z.strictObject({
  shape: z.literal("rectangle"),
  lengthMm: width,
  widthMm: width,
  ...shared,
});

/** An oblong layer, sheet or dish. */
export const rectangle: ShapeRow<z.infer<typeof rectangleFields>> = {
  wall: (tin) => {
    if (isOvenware(tin)) return straight("rectangle", 6, 12, [38, 30]);
    return tin.depthMm <= SHEET_DEPTH_MM
      ? straight("rectangle", 8, 5, [20, 16])
      : straight("rectangle", 4, 6, [22, 18]);
  },
  family: ({ depthMm }) => (depthMm <= SHEET_DEPTH_MM ? "sheet" : "layer"),
  size: ofLengthAndWidth,
  usualDepthMm: 50,
  read: /\brectang(?:les?|ular)\b|\boblongs?\b|\bsheets?\b|\btray\s?bakes?\b|\btrays?\b/,
  written: "rectangle",
  lengths: byLengthAndWidth,
  form: { needed: ["lengthMm", "widthMm"], usual: ["cornerMm"] },
  canLean: true,
  lining: "plan",
};
