import * as z from "../../zod";
import { numberIn, wholeIn } from "../../measure";

/** Inside sizes a tin may have. */
export const TIN_LIMITS = {
  depthMm: { min: 10, max: 200 },
  widthMm: { min: 20, max: 700 },
  count: { min: 1, max: 99 },
} as const;

/** A length, a width or a diameter, mm. */
export const width = numberIn(TIN_LIMITS.widthMm.min, TIN_LIMITS.widthMm.max, "mm");

export const MATERIALS = ["bright", "dark", "glass", "ceramic", "silicone", "cast-iron"] as const;
const MaterialSchema = z.enum(MATERIALS);
export type Material = z.infer<typeof MaterialSchema>;

export const depth = numberIn(TIN_LIMITS.depthMm.min, TIN_LIMITS.depthMm.max, "mm");
export const water = numberIn(
  5,
  60_000,
  "mL",
  "Measured with water, mL. Of cups it is one well's; the whole tray's is taken as such where that fits the sizes.",
);

/** What any tin may have, whatever its shape. */
export const common = {
  count: z.optional(wholeIn(TIN_LIMITS.count.min, TIN_LIMITS.count.max)),
  material: z.optional(MaterialSchema),
  looseBase: z.optional(z.boolean()),
  lid: z.optional(z.boolean()),
  /** Nobody said how deep it is: the depth is the usual one of its shape. */
  depthAssumed: z.optional(z.boolean()),
};

/** What any tin of known depth and plan may have. */
export const shared = {
  depthMm: depth,
  ...common,
  taperDeg: z.optional(numberIn(0, 45, "°")),
  cornerMm: z.optional(numberIn(0, 350, "mm")),
  brimMl: z.optional(water),
  halfMl: z.optional(water),
  sizes: z.optional(z.enum(["inside", "outside"])),
  sizesAt: z.optional(z.enum(["rim", "floor"])),
};
