import * as z from "../../zod";
import { shared, width } from "./fields";
import { straight, type ShapeRow } from "./row";

export const triangleFields = z.strictObject({
  shape: z.literal("triangle"),
  sideMm: width,
  ...shared,
});

/** Three equal sides: a slice of a big cake, a sail, half a roof. */
export const triangle: ShapeRow<z.infer<typeof triangleFields>> = {
  wall: () => straight("triangle", 1, 3, [5, 5]),
  family: () => "layer",
  size: ({ sideMm }) => ({ lengthMm: sideMm, widthMm: (sideMm * Math.sqrt(3)) / 2 }),
  usualDepthMm: 50,
  read: /\btriang(?:les?|ular)\b/,
  written: "triangle",
  lengths: {
    most: 2,
    fields: (sideMm, depthMm) => ({ sideMm, depthMm }),
    of: ({ sideMm }) => [sideMm],
  },
  form: { needed: ["sideMm"], usual: ["cornerMm"] },
  canLean: true,
  lining: "plan",
};
