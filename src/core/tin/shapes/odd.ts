import * as z from "../../zod";
import { common, depth, TIN_LIMITS, water } from "./fields";
import { straight, type ShapeRow } from "./row";

/** A cup holds less than this. Judgement. */
const CUP_ML = 250;

export const oddFields = z.strictObject({
  shape: z.literal("odd"),
  brimMl: water,
  depthMm: z.optional(depth),
  ...common,
});

/**
 * How deep a tin known only by its water is, mm: where nobody said, a quarter as deep as wide, like
 * most tins.
 */
export function oddDepth({ depthMm, brimMl }: z.infer<typeof oddFields>): number {
  return depthMm ?? Math.max(TIN_LIMITS.depthMm.min, Math.cbrt((brimMl * 1000) / (4 * Math.PI)));
}

/** A tin of any shape, known by its water alone: it is reckoned as an upright round. */
export const odd: ShapeRow<z.infer<typeof oddFields>> = {
  wall: () => straight("round", 0, 0),
  family: ({ brimMl }) => (brimMl < CUP_ML ? "cup" : "layer"),
  size: (tin) => {
    const diameterMm = Math.sqrt((4 * tin.brimMl * 1000) / (Math.PI * oddDepth(tin)));
    return { lengthMm: diameterMm, widthMm: diameterMm };
  },
  usualDepthMm: 50,
  read: /\bodd(?:\s+shapes?)?\b/,
  written: "odd shape",
  lengths: null,
  form: { needed: [], usual: [] },
  canLean: false,
  lining: "none",
};
