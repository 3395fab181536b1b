import type { LinerPage, LinerPiece, Tin } from "@/core/tin";
import { tinText } from "./quantities";
import type { Units } from "./regions";

/** What each piece of a liner is called. */
export const LINER_NAMES: Readonly<Record<LinerPiece["kind"], string>> = {
  disc: "Disc for the floor",
  "ring-disc": "Ring for the floor",
  "side-strip": "Strip for the side",
  sector: "Curved strip for the side",
  sheet: "Sheet for floor and sides",
  sling: "Sling",
  "end-strip": "Strip for the ends",
};

const TIMES = ["", "", "twice", "three times"];

/**
 * The words on a page to print: what it is, what to do with it, and how to know that it is true.
 */
export function linerLines(
  piece: LinerPiece,
  page: LinerPage,
  tin: Tin,
  units: Units,
): readonly string[] {
  const { folded, tile } = page;
  const cut = piece.count > 1 ? `: cut ${piece.count}` : "";
  return [
    `${LINER_NAMES[piece.kind]}${cut}`,
    tinText({ ...tin, count: 1 }, units)
      .replaceAll(/[\u00a0\u202f]/gu, " ")
      .replaceAll("×", "x"),
    ...(folded === 0
      ? []
      : [
          `Fold the paper${folded === 1 ? "" : ` ${TIMES[folded] ?? ""}`}; ${piece.kind === "sector" ? "straight ends on the folds" : "dotted edge on the fold"}.`,
        ]),
    ...(tile === null
      ? []
      : [
          `Part ${tile.row * tile.columns + tile.column + 1} of ${tile.rows * tile.columns}; edges overlap by 10 mm.`,
        ]),
    ...(piece.slits === "" ? [] : ["Cut in along the short lines."]),
    "Print at 100 %: the square is 50 mm.",
  ];
}
