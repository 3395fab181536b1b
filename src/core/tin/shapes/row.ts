import type { PlanKind } from "../plans";
import type { Material } from "./fields";

/**
 * A wall that leans straight from floor to rim. Corner radii at rim and floor, fillet where wall
 * meets floor.
 */
export type StraightDefaults = {
  readonly wall: "straight";
  readonly plan: PlanKind;
  readonly taperDeg: number;
  readonly cornerMm: readonly [rim: number, floor: number];
  readonly filletMm: number;
  /**
   * Tube at the rim as a fraction of the tin's diameter; it widens downwards by the wall's taper.
   */
  readonly tubeFraction?: number;
};

/** A curved trough round a tube: a ring or a fluted ring. */
export type TroughDefaults = {
  readonly wall: "trough";
  /** Exponent m of the trough's profile: 2 is half an ellipse, more is boxier. */
  readonly bulge: number;
  /** λ: the share of the trough's narrowing taken from the outer wall. */
  readonly outerShare: number;
  readonly tubeFraction: number;
  /** ε: depth of the flutes as a fraction of the radius. */
  readonly fluteDepth: number;
  readonly flutes: number;
};

export type WallDefaults =
  StraightDefaults | TroughDefaults | { readonly wall: "dome" } | { readonly wall: "profile" };

/** A straight wall; corners are sharp and the floor meets it at an edge unless it says otherwise. */
export const straight = (
  plan: PlanKind,
  taperDeg: number,
  filletMm: number,
  cornerMm: readonly [number, number] = [0, 0],
): StraightDefaults => ({ wall: "straight", plan, taperDeg, cornerMm, filletMm });

/**
 * What a tin is to its baker: layers and sheets bake flat, rings have a tube, loaves are deep, cups
 * are eaten whole.
 */
export type TinFamily = "layer" | "sheet" | "ring" | "loaf" | "cup";

/** A sheet tin is up to this deep, mm. */
export const SHEET_DEPTH_MM = 30;

export const isOvenware = ({ material }: { readonly material?: Material | undefined }): boolean =>
  material === "glass" || material === "ceramic";

export type LengthField =
  | "diameterMm"
  | "sideMm"
  | "lengthMm"
  | "widthMm"
  | "rimMm"
  | "floorMm"
  | "tubeMm"
  | "cornerMm"
  | "rimLengthMm";

export type RimSize = { readonly lengthMm: number; readonly widthMm: number };

/** Lengths as they are written one after the other, and the fields of the tin they are. */
export type WrittenLengths<T> = {
  /** So many lengths at most, its depth the last. */
  readonly most: 2 | 3;
  /** Null while one is missing; a depth that is not written is the usual one. */
  readonly fields: (
    first: number,
    second?: number,
    third?: number,
  ) => Readonly<Record<string, number | undefined>> | null;
  /** The lengths of its plan, in the order they are written. */
  readonly of: (tin: T) => readonly number[];
};

/**
 * All that is known of a shape of tin. Usual walls and depths are judgement, from pressed and
 * folded tins as commonly sold; a measured taper, corner or water fill replaces them.
 */
export type ShapeRow<T> = {
  /** The wall of a tin of which nothing else was measured. */
  readonly wall: (tin: T) => WallDefaults;
  readonly family: (tin: T) => TinFamily;
  /** Length and width as given, mm. */
  readonly size: (tin: T) => RimSize;
  /** Depth of one whose depth was not written, mm. */
  readonly usualDepthMm: number;
  /** Width of one whose size was not written, mm: cups. */
  readonly usualWidthMm?: number;
  /** Words it is read by. */
  readonly read: RegExp;
  /** The word it is written with. */
  readonly written: string;
  /** Null for one whose plan has no lengths of its own. */
  readonly lengths: WrittenLengths<T> | null;
  /** Lengths it is described by besides its depth; the second ones may be left to what is usual. */
  readonly form: {
    readonly needed: readonly LengthField[];
    readonly usual: readonly LengthField[];
  };
  /** Whether the wall's lean and where it was measured mean anything. */
  readonly canLean: boolean;
  /** Paper it is lined with: cut to its plan, a sling with two ends, or none. */
  readonly lining: "plan" | "sling" | "none";
};

/** Lengths of a tin with one diameter. */
export const byDiameter = {
  most: 2,
  fields: (diameterMm: number, depthMm?: number) => ({ diameterMm, depthMm }),
  of: ({ diameterMm }: { readonly diameterMm: number }) => [diameterMm],
} as const;

/** Lengths of a tin that is longer than wide, whichever is written first. */
export const byLengthAndWidth = {
  most: 3,
  fields: (first: number, second?: number, depthMm?: number) =>
    second === undefined
      ? null
      : { lengthMm: Math.max(first, second), widthMm: Math.min(first, second), depthMm },
  of: ({ lengthMm, widthMm }: { readonly lengthMm: number; readonly widthMm: number }) => [
    lengthMm,
    widthMm,
  ],
} as const;

/** Lengths of a tin with one width. */
export const byWidth = {
  most: 2,
  fields: (widthMm: number, depthMm?: number) => ({ widthMm, depthMm }),
  of: ({ widthMm }: { readonly widthMm: number }) => [widthMm],
} as const;

export const ofDiameter = ({ diameterMm }: { readonly diameterMm: number }): RimSize => ({
  lengthMm: diameterMm,
  widthMm: diameterMm,
});

export const ofWidth = ({ widthMm }: { readonly widthMm: number }): RimSize => ({
  lengthMm: widthMm,
  widthMm,
});

export const ofLengthAndWidth = (tin: RimSize): RimSize => ({
  lengthMm: Math.max(tin.lengthMm, tin.widthMm),
  widthMm: Math.min(tin.lengthMm, tin.widthMm),
});
