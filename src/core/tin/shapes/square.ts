import * as z from "../../zod";
import { shared, width } from "./fields";
import { SHEET_DEPTH_MM, isOvenware, straight, type ShapeRow } from "./row";

export const squareFields = z.strictObject({
  shape: z.literal("square"),
  sideMm: width,
  ...shared,
});

/** A square layer or sheet. */
export const square: ShapeRow<z.infer<typeof squareFields>> = {
  wall: (tin) =>
    isOvenware(tin)
      ? straight("rectangle", 6, 10, [32, 26])
      : straight("rectangle", 3, 5, [15, 12]),
  family: ({ depthMm }) => (depthMm <= SHEET_DEPTH_MM ? "sheet" : "layer"),
  size: ({ sideMm }) => ({ lengthMm: sideMm, widthMm: sideMm }),
  usualDepthMm: 50,
  read: /\bsquares?\b/,
  written: "square",
  lengths: {
    most: 3,
    fields: (sideMm, second, third) => ({
      sideMm,
      depthMm: third ?? (second === sideMm ? undefined : second),
    }),
    of: ({ sideMm }) => [sideMm, sideMm],
  },
  form: { needed: ["sideMm"], usual: ["cornerMm"] },
  canLean: true,
  lining: "plan",
};
