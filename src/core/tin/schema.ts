import * as z from "zod/mini";
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

const depth = numberIn(TIN_LIMITS.depthMm.min, TIN_LIMITS.depthMm.max, "mm");
const water = numberIn(
  5,
  60_000,
  "mL",
  "Measured with water, mL. Of cups it is one well's; the whole tray's is taken as such where that fits the sizes.",
);

/** What any tin may have, whatever its shape. */
const common = {
  count: z.optional(wholeIn(TIN_LIMITS.count.min, TIN_LIMITS.count.max)),
  material: z.optional(MaterialSchema),
  looseBase: z.optional(z.boolean()),
  lid: z.optional(z.boolean()),
  /** Nobody said how deep it is: the depth is the usual one of its shape. */
  depthAssumed: z.optional(z.boolean()),
};
const shared = {
  depthMm: depth,
  ...common,
  taperDeg: z.optional(numberIn(0, 45, "°")),
  cornerMm: z.optional(numberIn(0, 350, "mm")),
  brimMl: z.optional(water),
  halfMl: z.optional(water),
  sizes: z.optional(z.enum(["inside", "outside"])),
  sizesAt: z.optional(z.enum(["rim", "floor"])),
};

const byDiameter = z.strictObject({
  shape: z.enum(["round", "springform", "dome", "skillet", "ramekin", "mug"]),
  diameterMm: width,
  ...shared,
});
const bySide = z.strictObject({ shape: z.literal("square"), sideMm: width, ...shared });
const byLengthAndWidth = z.strictObject({
  shape: z.enum(["rectangle", "loaf", "oval"]),
  lengthMm: width,
  widthMm: width,
  ...shared,
});
const byWidth = z.strictObject({ shape: z.enum(["heart", "hexagon"]), widthMm: width, ...shared });
const withTube = z.strictObject({
  shape: z.enum(["ring", "tube", "fluted"]),
  diameterMm: width,
  tubeMm: z.optional(numberIn(10, 400, "mm")),
  ...shared,
});
const well = z.strictObject({
  shape: z.literal("well"),
  rimMm: width,
  floorMm: z.optional(width),
  ...shared,
});

/** Width at a height above the floor, for a wall that is neither straight nor a usual curve. */
const profilePoint = z.strictObject({
  heightMm: numberIn(0, TIN_LIMITS.depthMm.max, "mm"),
  widthMm: numberIn(5, TIN_LIMITS.widthMm.max, "mm"),
});
const drawn = z.strictObject({
  shape: z.literal("drawn"),
  depthMm: depth,
  profile: z.array(profilePoint).check(z.minLength(2), z.maxLength(40)),
  /** At the rim, for one that is longer than wide; round when left out. */
  rimLengthMm: z.optional(width),
  ...common,
  brimMl: z.optional(water),
  halfMl: z.optional(water),
});
const odd = z.strictObject({
  shape: z.literal("odd"),
  brimMl: water,
  depthMm: z.optional(depth),
  ...common,
});

/**
 * A tin by its sizes, in mm: inside and at the rim unless `sizes` and `sizesAt` say otherwise;
 * depth is always inside. `count` is how many of them, or how many wells; 1 when it is left out.
 * `brimMl` and `halfMl` are what it holds to the brim and to half of its depth, measured with
 * water: of cups one well, or the whole tray when that is what fits. A `drawn` tin gives its width
 * at several heights, floor and rim among them; an `odd` one is known by its water alone.
 */
export const TinSchema = z.discriminatedUnion("shape", [
  byDiameter,
  bySide,
  byLengthAndWidth,
  byWidth,
  withTube,
  well,
  drawn,
  odd,
]);
export type Tin = z.infer<typeof TinSchema>;
export type Shape = Tin["shape"];

/**
 * A tin from outside the program, checked field by field; {@link tinGeometry} checks that the
 * fields fit together.
 */
export function parseTin(input: unknown): Result<Tin> {
  return parseWith(TinSchema, input);
}

/** How many of this tin, or how many of its wells. */
export function tinCount(tin: Tin): number {
  return tin.count ?? 1;
}

/**
 * How deep a tin is inside, mm. One known only by its water is taken to be a quarter as deep as
 * wide, like most tins.
 */
export function tinDepth(tin: Tin): number {
  if (tin.shape !== "odd") return tin.depthMm;
  return (
    tin.depthMm ?? Math.max(TIN_LIMITS.depthMm.min, Math.cbrt((tin.brimMl * 1000) / (4 * Math.PI)))
  );
}
