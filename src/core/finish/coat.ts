import * as z from "zod";
import { FILLING_MM, stackHeight } from "../build";
import { canWearStrips, type TinFill } from "../fill";
import { bad, good, numberIn, type Result } from "../measure";
import { outlineAt, rimWidth, tinFamily, type Outline } from "../tin";
import { FROSTING_DENSITY, FrostingSchema, type Frosting } from "./frostings";

export const COVERS = ["none", "top", "top-and-sides"] as const;

export const FinishSchema = z.strictObject({
  cover: z.enum(COVERS).optional(),
  frosting: FrostingSchema.optional(),
  thicknessMm: numberIn(1, 30, "mm").optional(),
  marginFraction: numberIn(0, 1, "times").optional(),
});
export type FinishRequest = z.infer<typeof FinishSchema>;
export type Cover = (typeof COVERS)[number];

export type Finish = {
  readonly cover: Cover;
  readonly frosting: Frosting;
  /** Area of the tops, mm², domed as they bake when only the top is covered. */
  readonly topMm2: number;
  /** On the top; on the sides of a coated cake it is the same. */
  readonly thicknessMm: number;
  /** Layers to each cake, with filling of the same frosting between them. */
  readonly layers: number;
  readonly marginFraction: number;
  /** To make, margin included. */
  readonly volumeMl: number;
  readonly massG: number;
};

/** Thin first coat and final coat of a covered cake, mm. */
const COAT_MM = 2 + 6;
/** On the top only: layers and sheets carry a thick one, small and tall cakes less, mm. */
const FLAT_TOP_MM = 9;
const OTHER_TOP_MM = 6;
const USUAL_MARGIN = 0.12;

/**
 * Frosting for the cakes as they come out of their tins. The top only: each top's area, grown by its dome, times the
 * thickness. Top and sides: flat tins of one kind are stacked into one cake with filling between; the coat is
 * A(outset)·(H + coat) - A·H. Cups are covered on top whichever is asked.
 * Fails when the coat would close a ring's hole.
 */
export function frostingFor(request: FinishRequest, tins: readonly TinFill[]): Result<Finish> {
  const cover = request.cover ?? "top";
  const frosting = request.frosting ?? "butter-and-sugar";
  const marginFraction = request.marginFraction ?? USUAL_MARGIN;
  const first = tins[0];
  if (first === undefined) throw new RangeError("frosting needs at least one tin");
  const coats = tins.map((fill) => coatOf(fill, cover, request.thicknessMm));
  const closed = coats.find(({ value }) => value === null);
  if (closed !== undefined) {
    const most = closed.holeMm / 2;
    return bad({
      code: "out-of-range", path: "finish.thicknessMm", value: closed.thicknessMm, min: 1, max: Math.floor(most), unit: "mm",
      because: "hole-would-close",
    });
  }
  const total = (of: (coat: Coat) => number): number => coats.reduce((sum, { value }) => sum + (value === null ? 0 : of(value)), 0);
  const volumeMl = (total((coat) => coat.volumeMm3) / 1000) * (1 + marginFraction);
  return good({
    cover,
    frosting,
    topMm2: total((coat) => coat.topMm2),
    thicknessMm: coats[0]?.thicknessMm ?? 0,
    layers: cover === "top-and-sides" ? layersOf(first) : 1,
    marginFraction,
    volumeMl,
    massG: volumeMl * FROSTING_DENSITY[frosting],
  });
}

type Coat = { readonly topMm2: number; readonly volumeMm3: number };
type CoatOfTins = { readonly value: Coat | null; readonly thicknessMm: number; readonly holeMm: number };

/** Flat tins of one kind make the layers of one cake. */
function layersOf(fill: TinFill): number {
  return canWearStrips(fill.geometry) ? fill.geometry.count : 1;
}

function coatOf(fill: TinFill, cover: Cover, givenMm: number | undefined): CoatOfTins {
  const { geometry, baked } = fill;
  const outline = outlineAt(geometry, baked.edgeMm);
  const holeMm = outline.tubePerimeterMm / Math.PI;
  const isCoated = cover === "top-and-sides" && tinFamily(geometry.tin) !== "cup";
  const usualTopMm = canWearStrips(geometry) ? FLAT_TOP_MM : OTHER_TOP_MM;
  const thicknessMm = cover === "none" ? 0 : (givenMm ?? (isCoated ? COAT_MM : usualTopMm));
  if (!isCoated) {
    const topMm2 = geometry.count * (outline.areaMm2 - outline.tubeAreaMm2) * domeStretch(fill);
    return { value: { topMm2, volumeMm3: topMm2 * thicknessMm }, thicknessMm, holeMm };
  }
  if (holeMm > 0 && holeMm <= 2 * thicknessMm) return { value: null, thicknessMm, holeMm };
  const layers = layersOf(fill);
  const cakes = geometry.count / layers;
  const heightMm = stackHeight(layers, baked.edgeMm, FILLING_MM);
  const areaMm2 = outline.areaMm2 - outline.tubeAreaMm2;
  const coatMm3 = grownArea(outline, thicknessMm) * (heightMm + thicknessMm) - areaMm2 * heightMm;
  const fillingMm3 = (layers - 1) * FILLING_MM * areaMm2;
  return { value: { topMm2: cakes * areaMm2, volumeMm3: cakes * (coatMm3 + fillingMm3) }, thicknessMm, holeMm };
}

/** Area of a spherical cap over that of its base: 1 + (c/a)², a half the width. */
function domeStretch({ geometry, baked }: TinFill): number {
  return 1 + (2 * (baked.crownTopMm - baked.edgeMm) / rimWidth(geometry)) ** 2;
}

/** Area of an outline moved out by t: A + P·t + πt² (Steiner, convex outlines); a tube's hole shrinks likewise. */
function grownArea(outline: Outline, byMm: number): number {
  const corners = Math.PI * byMm * byMm;
  const outer = outline.areaMm2 + outline.perimeterMm * byMm + corners;
  if (outline.tubeAreaMm2 === 0) return outer;
  return outer - (outline.tubeAreaMm2 - outline.tubePerimeterMm * byMm + corners);
}
