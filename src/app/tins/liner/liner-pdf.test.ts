import { PDFDocument } from "pdf-lib";
import { describe, expect, it } from "vitest";
import { linerPages, linerPieces, tinGeometry, type Tin } from "@/core/tin";
import { linerPdf } from "./liner-pdf";

async function sizes(
  tin: Tin,
  paper: "a4" | "letter",
): Promise<readonly (readonly [number, number])[]> {
  const geometry = tinGeometry(tin);
  if (!geometry.ok) throw new Error(JSON.stringify(geometry.issue));
  const sheets = linerPieces(geometry.value).flatMap((piece) =>
    linerPages(piece, paper).map((page) => ({ piece, page, lines: ["words for the page"] })),
  );
  const pdf = await PDFDocument.load(await linerPdf("liner", sheets));
  return pdf
    .getPages()
    .map((page) => [(page.getWidth() / 72) * 25.4, (page.getHeight() / 72) * 25.4]);
}

const rounded = (all: readonly (readonly [number, number])[]): readonly (readonly number[])[] =>
  all.map((each) => each.map((value) => Math.round(value * 10) / 10));

describe("paper lining as PDF", () => {
  it("has pages of the paper's own size, upright or across as the piece lies best", async () => {
    const oval: Tin = { shape: "oval", lengthMm: 250, widthMm: 150, depthMm: 50 };
    expect(rounded(await sizes(oval, "a4"))).toEqual([
      [297, 210],
      [210, 297],
    ]);
    expect(rounded(await sizes(oval, "letter"))).toEqual([
      [279.4, 215.9],
      [215.9, 279.4],
    ]);
  });

  it("has a page for each tile", async () => {
    const huge: Tin = { shape: "rectangle", lengthMm: 600, widthMm: 400, depthMm: 50 };
    const pages = await sizes(huge, "a4");
    expect(pages.length).toBeGreaterThan(4);
    expect(new Set(rounded(pages).map(String))).toEqual(new Set(["210,297"]));
  });
});
