import type { LinerPiece } from "./liner";
import { sectorPath, type Box } from "./paths";

export const PAPERS = ["a4", "letter"] as const;
export type Paper = (typeof PAPERS)[number];

/** Sheets of paper upright, mm. */
const SHEET_MM: Readonly<Record<Paper, { readonly width: number; readonly height: number }>> = {
  a4: { width: 210, height: 297 },
  letter: { width: 215.9, height: 279.4 },
};
/** What a printer leaves white all round, and what tiles share with their neighbours, mm. */
const MARGIN_MM = 6;
const TILE_OVERLAP_MM = 10;
/** The square that shows whether a page was printed at its true size, mm. */
export const CHECK_SQUARE_MM = 50;
/** Paper folded more often than this can't be cut. */
const MOST_FOLDS = 3;

/** One page to print: a window on a piece, placed on the paper. */
export type LinerPage = {
  readonly widthMm: number;
  readonly heightMm: number;
  /** What is cut out, and the part of it that is shown, in the piece's own mm. */
  readonly outline: string;
  readonly window: Box;
  /** Where its corner lies on the page. */
  readonly xMm: number;
  readonly yMm: number;
  /** How often the baking paper is folded before it is cut along this template. */
  readonly folded: number;
  /** Which edges of the window lie on the folds. */
  readonly foldLeft: boolean;
  readonly foldTop: boolean;
  /** Which tile of how many, when one page is not enough. */
  readonly tile: {
    readonly row: number;
    readonly column: number;
    readonly rows: number;
    readonly columns: number;
  } | null;
  readonly checkSquare: Box;
};

type Live = { readonly width: number; readonly height: number };

/**
 * The pages of one piece at true size: whole when it fits, else on one fold, on two, or for a strip
 * on up to three; tiles that overlap by 10 mm only when no fold will do. A4 takes a whole disc for
 * tins to 200 mm and half a disc to 287, Letter 205 and 269.
 */
export function linerPages(piece: LinerPiece, paper: Paper): readonly LinerPage[] {
  const { width, height } = SHEET_MM[paper];
  const live = { width: width - 2 * MARGIN_MM, height: height - 2 * MARGIN_MM };
  for (const { outline = piece.outline, window, folded, foldLeft, foldTop } of foldings(piece)) {
    const upright = fits(window, live);
    if (!upright && !fits(window, { width: live.height, height: live.width })) continue;
    const page = upright
      ? { widthMm: width, heightMm: height }
      : { widthMm: height, heightMm: width };
    return [placed(page, outline, window, { folded, foldLeft, foldTop })];
  }
  return tiles(piece, live, { widthMm: width, heightMm: height });
}

const ROUNDING_MM = 1e-6;

function fits({ width, height }: Box, live: Live): boolean {
  return width <= live.width + ROUNDING_MM && height <= live.height + ROUNDING_MM;
}

type Folding = Pick<LinerPage, "window" | "folded" | "foldLeft" | "foldTop"> & {
  readonly outline?: string;
};

function foldings({ box, symmetry }: LinerPiece): readonly Folding[] {
  const whole: Folding = { window: box, folded: 0, foldLeft: false, foldTop: false };
  const middle = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  const right: Folding = {
    window: { ...box, x: middle.x, width: box.width / 2 },
    folded: 1,
    foldLeft: true,
    foldTop: false,
  };
  if (typeof symmetry === "object") {
    const { fan } = symmetry;
    return [
      whole,
      ...Array.from({ length: MOST_FOLDS }, (_, index): Folding => {
        // Folded upon itself a fan is a narrower fan; its straight ends lie on the folds.
        const { path, box: narrower } = sectorPath({ ...fan, angle: fan.angle / 2 ** (index + 1) });
        return {
          outline: path,
          window: narrower,
          folded: index + 1,
          foldLeft: false,
          foldTop: false,
        };
      }),
    ];
  }
  switch (symmetry) {
    case "over-one":
      return [whole, right];
    case "over-both":
      return [
        whole,
        right,
        {
          window: { x: middle.x, y: middle.y, width: box.width / 2, height: box.height / 2 },
          folded: 2,
          foldLeft: true,
          foldTop: true,
        },
      ];
    case "strip":
      return [
        whole,
        ...Array.from({ length: MOST_FOLDS }, (_, index): Folding => {
          const width = box.width / 2 ** (index + 1);
          return {
            window: { ...box, x: box.x + box.width - width, width },
            folded: index + 1,
            foldLeft: true,
            foldTop: false,
          };
        }),
      ];
  }
}

function placed(
  page: { readonly widthMm: number; readonly heightMm: number },
  outline: string,
  window: Box,
  fold: Omit<Folding, "window" | "outline">,
): LinerPage {
  return {
    ...page,
    outline,
    window,
    xMm: MARGIN_MM,
    yMm: MARGIN_MM,
    ...fold,
    tile: null,
    checkSquare: checkSquare(page, window),
  };
}

/** Beside the piece where there is room, else in its middle. */
function checkSquare(
  { widthMm, heightMm }: { readonly widthMm: number; readonly heightMm: number },
  window: Box,
): Box {
  const size = { width: CHECK_SQUARE_MM, height: CHECK_SQUARE_MM };
  const corner = {
    x: widthMm - MARGIN_MM - CHECK_SQUARE_MM,
    y: heightMm - MARGIN_MM - CHECK_SQUARE_MM,
  };
  const isFree = MARGIN_MM + window.width <= corner.x || MARGIN_MM + window.height <= corner.y;
  if (isFree) return { ...corner, ...size };
  return {
    x: MARGIN_MM + (window.width - CHECK_SQUARE_MM) / 2,
    y: MARGIN_MM + (window.height - CHECK_SQUARE_MM) / 2,
    ...size,
  };
}

function tiles(
  { box, outline }: LinerPiece,
  live: Live,
  page: { readonly widthMm: number; readonly heightMm: number },
): readonly LinerPage[] {
  const [stepX, stepY] = [live.width - TILE_OVERLAP_MM, live.height - TILE_OVERLAP_MM];
  const columns = Math.ceil((box.width - TILE_OVERLAP_MM) / stepX);
  const rows = Math.ceil((box.height - TILE_OVERLAP_MM) / stepY);
  return Array.from({ length: rows * columns }, (_, index) => {
    const [row, column] = [Math.floor(index / columns), index % columns];
    const window = {
      x: box.x + column * stepX,
      y: box.y + row * stepY,
      width: Math.min(live.width, box.width - column * stepX),
      height: Math.min(live.height, box.height - row * stepY),
    };
    return {
      ...placed(page, outline, window, { folded: 0, foldLeft: false, foldTop: false }),
      tile: { row, column, rows, columns },
    };
  });
}
