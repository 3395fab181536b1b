import * as z from "../../zod";
import { shared, width } from "./fields";
import { straight, type ShapeRow } from "./row";

export const wellFields = z.strictObject({
  shape: z.literal("well"),
  rimMm: width,
  floorMm: z.optional(width),
  ...shared,
});

/** A cup of a tray; its count is how many wells. */
export const well: ShapeRow<z.infer<typeof wellFields>> = {
  wall: () => straight("round", 13, 3),
  family: () => "cup",
  size: ({ rimMm }) => ({ lengthMm: rimMm, widthMm: rimMm }),
  usualDepthMm: 32,
  usualWidthMm: 70,
  read: /\b(?:cup\s?cakes?|muffins?)(?:\s+(?:cups?|wells?))?\b|\bcups?\b|\bwells?\b/,
  written: "cups",
  lengths: {
    most: 3,
    fields: (rimMm, second, third) =>
      third === undefined ? { rimMm, depthMm: second } : { rimMm, floorMm: second, depthMm: third },
    of: ({ rimMm, floorMm }) => (floorMm === undefined ? [rimMm] : [rimMm, floorMm]),
  },
  form: { needed: ["rimMm"], usual: ["floorMm"] },
  canLean: false,
  lining: "none",
};
