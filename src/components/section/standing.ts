import type { ReactNode } from "react";

/**
 * Something standing on a bench line, drawn in mm: x from its middle, y downwards from the bench.
 */
export type Figure = {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly drawing: ReactNode;
};
