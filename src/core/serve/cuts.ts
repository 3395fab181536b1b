/**
 * Ways to cut a top: from the middle, in strips and across, a ring round a core, rows and columns,
 * slices.
 */
export const CUTS = ["wedges", "strips", "core", "grid", "slices"] as const;
export type CutStyle = (typeof CUTS)[number];

/** What a guest is given: a small piece at a party, a larger one for dessert. */
export const PIECE_SIZES = ["party", "dessert"] as const;
export type PieceSize = (typeof PIECE_SIZES)[number];
