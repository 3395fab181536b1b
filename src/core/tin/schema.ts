import * as z from "zod";
import { numberIn, parseWith, wholeIn, type Result } from "../measure";

/** Inside sizes a tin may have. */
export const TIN_LIMITS = {
  depthMm: { min: 10, max: 200 },
  widthMm: { min: 20, max: 700 },
  count: { min: 1, max: 99 },
} as const;

const width = numberIn(TIN_LIMITS.widthMm.min, TIN_LIMITS.widthMm.max, "mm");

export const MATERIALS = ["bright", "dark", "glass", "ceramic", "silicone", "cast-iron"] as const;
const MaterialSchema = z.enum(MATERIALS);
export type Material = z.infer<typeof MaterialSchema>;

const shared = {
  depthMm: numberIn(TIN_LIMITS.depthMm.min, TIN_LIMITS.depthMm.max, "mm"),
  count: wholeIn(TIN_LIMITS.count.min, TIN_LIMITS.count.max).optional(),
  material: MaterialSchema.optional(),
  taperDeg: numberIn(0, 45, "°").optional(),
  cornerMm: numberIn(0, 350, "mm").optional(),
  brimMl: numberIn(10, 60_000, "mL").optional(),
};

const byDiameter = z.strictObject({
  shape: z.enum(["round", "springform", "dome", "skillet", "ramekin", "mug"]),
  diameterMm: width,
  ...shared,
});
const bySide = z.strictObject({ shape: z.literal("square"), sideMm: width, ...shared });
const byLengthAndWidth = z.strictObject({ shape: z.enum(["rectangle", "loaf", "oval"]), lengthMm: width, widthMm: width, ...shared });
const byWidth = z.strictObject({ shape: z.enum(["heart", "hexagon"]), widthMm: width, ...shared });
const withTube = z.strictObject({
  shape: z.enum(["ring", "tube", "fluted"]),
  diameterMm: width,
  tubeMm: numberIn(10, 400, "mm").optional(),
  ...shared,
});
const well = z.strictObject({ shape: z.literal("well"), rimMm: width, floorMm: width.optional(), ...shared });

/**
 * A tin by its inside sizes, in mm, at the rim. `count` is how many of them, or how many wells; 1 when it is left out.
 * `brimMl` is what it holds to the brim, measured with water.
 */
export const TinSchema = z.discriminatedUnion("shape", [byDiameter, bySide, byLengthAndWidth, byWidth, withTube, well]);
export type Tin = z.infer<typeof TinSchema>;
export type Shape = Tin["shape"];

/** A tin from outside the program, checked field by field; {@link tinGeometry} checks that the fields fit together. */
export function parseTin(input: unknown): Result<Tin> {
  return parseWith(TinSchema, input);
}

/** How many of this tin, or how many of its wells. */
export function tinCount(tin: Tin): number {
  return tin.count ?? 1;
}
