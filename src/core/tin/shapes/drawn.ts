import * as z from "../../zod";
import { numberIn } from "../../measure";
import { common, depth, TIN_LIMITS, water, width } from "./fields";
import type { ShapeRow } from "./row";

/** A cup is narrower than this. Judgement. */
const CUP_MM = 110;

/** Width at a height above the floor, for a wall that is neither straight nor a usual curve. */
const profilePoint = z.strictObject({
  heightMm: numberIn(0, TIN_LIMITS.depthMm.max, "mm"),
  widthMm: numberIn(5, TIN_LIMITS.widthMm.max, "mm"),
});

export const drawnFields = z.strictObject({
  shape: z.literal("drawn"),
  depthMm: depth,
  profile: z.array(profilePoint).check(z.minLength(2), z.maxLength(40)),
  /** At the rim, for one that is longer than wide; round when left out. */
  rimLengthMm: z.optional(width),
  ...common,
  brimMl: z.optional(water),
  halfMl: z.optional(water),
});

/** A tin drawn by its baker: its width at several heights, floor and rim among them. */
export const drawn: ShapeRow<z.infer<typeof drawnFields>> = {
  wall: () => ({ wall: "profile" }),
  family: ({ profile }) =>
    Math.max(...profile.map(({ widthMm }) => widthMm)) < CUP_MM ? "cup" : "layer",
  size: () => {
    throw new RangeError("a drawn tin's rim stands in its profile");
  },
  usualDepthMm: 50,
  read: /\bdrawn\b/,
  written: "drawn",
  lengths: null,
  form: { needed: [], usual: ["rimLengthMm"] },
  canLean: false,
  lining: "plan",
};
