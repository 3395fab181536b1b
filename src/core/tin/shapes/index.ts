import * as z from "../../zod";
import { parseWith, type Result } from "../../measure";
import { dome, domeFields } from "./dome";
import { drawn, drawnFields } from "./drawn";
import { fluted, flutedFields } from "./fluted";
import { heart, heartFields } from "./heart";
import { hexagon, hexagonFields } from "./hexagon";
import { loaf, loafFields } from "./loaf";
import { mug, mugFields } from "./mug";
import { odd, oddDepth, oddFields } from "./odd";
import { oval, ovalFields } from "./oval";
import { ramekin, ramekinFields } from "./ramekin";
import { rectangle, rectangleFields } from "./rectangle";
import { ring, ringFields } from "./ring";
import { round, roundFields } from "./round";
import { skillet, skilletFields } from "./skillet";
import { springform, springformFields } from "./springform";
import { square, squareFields } from "./square";
import { triangle, triangleFields } from "./triangle";
import { tube, tubeFields } from "./tube";
import { well, wellFields } from "./well";
import type { ShapeRow } from "./row";

/**
 * A tin by its sizes, in mm: inside and at the rim unless `sizes` and `sizesAt` say otherwise;
 * depth is always inside. `count` is how many of them, or how many wells; 1 when it is left out.
 * `brimMl` and `halfMl` are what it holds to the brim and to half of its depth, measured with
 * water: of cups one well, or the whole tray when that is what fits.
 */
export const TinSchema = z.discriminatedUnion("shape", [
  roundFields,
  springformFields,
  domeFields,
  skilletFields,
  ramekinFields,
  mugFields,
  squareFields,
  rectangleFields,
  loafFields,
  ovalFields,
  heartFields,
  hexagonFields,
  triangleFields,
  ringFields,
  tubeFields,
  flutedFields,
  wellFields,
  drawnFields,
  oddFields,
]);
export type Tin = z.infer<typeof TinSchema>;
export type Shape = Tin["shape"];

/** A row a shape, in the order their words are looked for: longer names before what they contain. */
const ROWS: { readonly [S in Shape]: ShapeRow<Extract<Tin, { shape: S }>> } = {
  odd,
  drawn,
  springform,
  fluted,
  tube,
  ring,
  loaf,
  well,
  ramekin,
  mug,
  skillet,
  dome,
  oval,
  heart,
  hexagon,
  triangle,
  square,
  rectangle,
  round,
};
export const SHAPES = Object.keys(ROWS) as readonly Shape[];

/** What is known of a shape. */
export function shapeRow(shape: Shape): ShapeRow<Tin> {
  // Each row is given tins of its own shape alone, which the compiler can't follow.
  return ROWS[shape] as unknown as ShapeRow<Tin>;
}

/**
 * A tin from outside the program, checked field by field; `tinGeometry` checks that the fields fit
 * together.
 */
export function parseTin(input: unknown): Result<Tin> {
  return parseWith(TinSchema, input);
}

/** How many of this tin, or how many of its wells. */
export function tinCount(tin: Tin): number {
  return tin.count ?? 1;
}

/** How deep a tin is inside, mm. */
export function tinDepth(tin: Tin): number {
  return tin.shape === "odd" ? oddDepth(tin) : tin.depthMm;
}
