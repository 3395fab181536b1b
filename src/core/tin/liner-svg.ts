import type { LinerPiece } from "./liner";
import type { Box } from "./paths";
import type { LinerPage } from "./liner-pages";

const escaped = (text: string): string =>
  text.replaceAll("&", "&amp;").replaceAll("<", "&lt;").replaceAll(">", "&gt;");
const boxText = ({ x, y, width, height }: Box): string =>
  `x="${x}" y="${y}" width="${width}" height="${height}"`;

/** Whether a page shows all of its outline; else the rest has to be hidden. */
export function isWhole({ foldLeft, foldTop, tile }: LinerPage): boolean {
  return !foldLeft && !foldTop && tile === null;
}

/** Height of a line of the page's text, mm. */
export const TEXT_MM = 4;

/** Where the page's words stand, mm: under the piece where there is room, else inside it. */
export function textPlace(
  { heightMm, yMm, xMm, window }: LinerPage,
  lines: number,
): { readonly xMm: number; readonly yMm: number } {
  const below = yMm + window.height + 2 * TEXT_MM;
  const isFree = below + lines * 1.5 * TEXT_MM < heightMm - yMm;
  return isFree
    ? { xMm: xMm + 2, yMm: below }
    : { xMm: xMm + 10, yMm: yMm + window.height / 2 - 2 * lines * TEXT_MM };
}

/**
 * One page of a liner as an SVG file at true size: cut along the solid line and the slits, fold
 * along the dashed ones; the dotted edge lies on the fold of the baking paper.
 * @param lines words for the page
 */
export function linerSvg(piece: LinerPiece, page: LinerPage, lines: readonly string[]): string {
  const { widthMm, heightMm, window, xMm, yMm, foldLeft, foldTop, checkSquare } = page;
  const text = textPlace(page, lines.length);
  const fold = [
    foldLeft ? `M${xMm} ${yMm}v${window.height}` : "",
    foldTop ? `M${xMm} ${yMm}h${window.width}` : "",
  ].join("");
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${widthMm}mm" height="${heightMm}mm" viewBox="0 0 ${widthMm} ${heightMm}" fill="none" stroke="#000" stroke-width="0.4">`,
    `<svg x="${xMm}" y="${yMm}" width="${window.width}" height="${window.height}" viewBox="${window.x} ${window.y} ${window.width} ${window.height}" overflow="${isWhole(page) ? "visible" : "hidden"}">`,
    `<path d="${page.outline}"/>`,
    piece.slits === "" ? "" : `<path d="${piece.slits}"/>`,
    piece.folds === "" ? "" : `<path d="${piece.folds}" stroke-dasharray="4 3"/>`,
    `</svg>`,
    fold === "" ? "" : `<path d="${fold}" stroke-width="0.6" stroke-dasharray="0.8 2"/>`,
    `<rect ${boxText(checkSquare)}/>`,
    `<text x="${checkSquare.x + checkSquare.width / 2}" y="${checkSquare.y + checkSquare.height / 2}" font-family="sans-serif" font-size="${TEXT_MM}" text-anchor="middle" fill="#000" stroke="none">50 mm</text>`,
    ...lines.map(
      (line, index) =>
        `<text x="${text.xMm}" y="${text.yMm + index * 1.5 * TEXT_MM}" font-family="sans-serif" font-size="${TEXT_MM}" fill="#000" stroke="none">${escaped(line)}</text>`,
    ),
    `</svg>`,
  ]
    .filter((part) => part !== "")
    .join("\n");
}
