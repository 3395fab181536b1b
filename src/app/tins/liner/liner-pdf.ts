import {
  clip,
  endPath,
  PDFDocument,
  popGraphicsState,
  pushGraphicsState,
  rectangle,
  rgb,
  StandardFonts,
} from "pdf-lib";
import { isWhole, TEXT_MM, textPlace, type LinerPage, type LinerPiece } from "@/core/tin";

const POINTS_PER_MM = 72 / 25.4;
const INK = rgb(0, 0, 0);
const LINE_MM = 0.4;

export type LinerSheet = {
  readonly piece: LinerPiece;
  readonly page: LinerPage;
  readonly lines: readonly string[];
};

/** The pages of a liner as one PDF at true size, drawn as their SVG is. */
export async function linerPdf(title: string, sheets: readonly LinerSheet[]): Promise<Uint8Array> {
  const pdf = await PDFDocument.create();
  pdf.setTitle(title);
  const font = await pdf.embedFont(StandardFonts.Helvetica);
  for (const { piece, page, lines } of sheets) {
    const { widthMm, heightMm, window, xMm, yMm, foldLeft, foldTop, checkSquare } = page;
    const sheet = pdf.addPage([widthMm * POINTS_PER_MM, heightMm * POINTS_PER_MM]);
    // A PDF's y grows upwards from the foot of the page.
    const x = (value: number): number => value * POINTS_PER_MM;
    const y = (value: number): number => (heightMm - value) * POINTS_PER_MM;
    const stroke = { scale: POINTS_PER_MM, borderColor: INK, borderWidth: LINE_MM };
    sheet.pushOperators(pushGraphicsState());
    if (!isWhole(page)) {
      sheet.pushOperators(
        rectangle(
          x(xMm),
          y(yMm + window.height),
          window.width * POINTS_PER_MM,
          window.height * POINTS_PER_MM,
        ),
        clip(),
        endPath(),
      );
    }
    const origin = { x: x(xMm - window.x), y: y(yMm - window.y) };
    sheet.drawSvgPath(page.outline, { ...origin, ...stroke });
    if (piece.slits !== "") sheet.drawSvgPath(piece.slits, { ...origin, ...stroke });
    if (piece.folds !== "")
      sheet.drawSvgPath(piece.folds, { ...origin, ...stroke, borderDashArray: [4, 3] });
    sheet.pushOperators(popGraphicsState());
    const dotted = { ...stroke, x: 0, y: y(0), borderWidth: 0.6, borderDashArray: [0.8, 2] };
    if (foldLeft) sheet.drawSvgPath(`M${xMm} ${yMm}v${window.height}`, dotted);
    if (foldTop) sheet.drawSvgPath(`M${xMm} ${yMm}h${window.width}`, dotted);
    sheet.drawRectangle({
      x: x(checkSquare.x),
      y: y(checkSquare.y + checkSquare.height),
      width: x(checkSquare.width),
      height: x(checkSquare.height),
      borderColor: INK,
      borderWidth: LINE_MM * POINTS_PER_MM,
    });
    const size = TEXT_MM * POINTS_PER_MM;
    sheet.drawText("50 mm", {
      x: x(checkSquare.x + checkSquare.width / 2) - font.widthOfTextAtSize("50 mm", size) / 2,
      y: y(checkSquare.y + checkSquare.height / 2),
      size,
      font,
    });
    const text = textPlace(page, lines.length);
    lines.forEach((line, index) => {
      sheet.drawText(line, { x: x(text.xMm), y: y(text.yMm + index * 1.5 * TEXT_MM), size, font });
    });
  }
  return pdf.save();
}
