import { Printer } from "lucide-react";
import {
  linerPages,
  linerPieces,
  paperNeeded,
  writeTin,
  type LinerPiece,
  type TinGeometry,
} from "@/core/tin";
import { exactLengthText, lengthText, LINER_NAMES, type Units } from "@/words";

/** The paper that lines a tin: each piece as it is cut, and its pages to print. */
export function LinerList({
  geometry,
  units,
}: {
  readonly geometry: TinGeometry;
  readonly units: Units;
}) {
  const pieces = linerPieces(geometry);
  const paper = units.measure === "us" ? "letter" : "a4";
  const other = paper === "a4" ? "letter" : "a4";
  const href = (as: "pdf" | "svg", on: string, page = 1): string =>
    `/tins/liner?${new URLSearchParams({ tin: writeTin({ ...geometry.tin, count: 1 }), paper: on, as, ...(page === 1 ? {} : { page: String(page) }) })}`;
  const names = { a4: "A4", letter: "Letter" };
  // Where each piece's first page stands in the file of all pages.
  const pages = pieces.map((piece) => linerPages(piece, paper));
  const first = (index: number): number =>
    1 + pages.slice(0, index).reduce((sum, each) => sum + each.length, 0);
  return (
    <section aria-labelledby="liner" className="panel px-4 py-3">
      <div className="flex flex-wrap items-center justify-between gap-2">
        <h2 id="liner" className="text-[19px]">
          Paper lining
        </h2>
        {pieces.length > 0 && (
          <span className="flex flex-wrap items-center gap-3">
            <a className="button" href={href("pdf", paper)} target="_blank" rel="noreferrer">
              <Printer size={17} aria-hidden /> Print on {names[paper]}
            </a>
            <a
              className="text-[14px] underline underline-offset-3"
              href={href("pdf", other)}
              target="_blank"
              rel="noreferrer"
            >
              on {names[other]}
            </a>
          </span>
        )}
      </div>
      {pieces.length === 0 ? (
        <p className="mt-1 text-[15px] text-ink-2">
          This shape is not lined. Grease it and flour it into every crease, or trace its floor.
        </p>
      ) : (
        <>
          <ul className="mt-2 flex flex-wrap gap-x-6 gap-y-3">
            {pieces.map((piece, index) => (
              <li key={piece.kind} className="flex items-center gap-3">
                <PieceDrawing piece={piece} />
                <span className="text-[14px]">
                  <span className="block font-semibold">
                    {LINER_NAMES[piece.kind]}
                    {piece.count > 1 ? `, ${piece.count} of them` : ""}
                  </span>
                  <span className="block text-ink-2">
                    {exactLengthText(piece.box.width, units)}
                    {piece.kind === "disc" && piece.box.width === piece.box.height
                      ? " across"
                      : ` × ${exactLengthText(piece.box.height, units)}`}
                    {foldedText(pages[index]?.[0]?.folded ?? 0, pages[index]?.length ?? 1)}
                  </span>
                  <a
                    className="text-ink-2 underline underline-offset-3"
                    href={href("svg", paper, first(index))}
                    target="_blank"
                    rel="noreferrer"
                  >
                    as SVG<span className="sr-only">: {LINER_NAMES[piece.kind]}</span>
                  </a>
                </span>
              </li>
            ))}
          </ul>
          <p className="mt-2 text-[14px] text-ink-2">
            Takes {lengthText(paperNeeded(pieces), units)} of paper from a roll{" "}
            {lengthText(380, units)} wide. Print at 100 % and check the square before you cut.
          </p>
        </>
      )}
    </section>
  );
}

function foldedText(folded: number, pages: number): string {
  if (pages > 1) return `, ${pages} pages`;
  return folded === 0 ? "" : `, cut on ${folded === 1 ? "a fold" : `${folded} folds`}`;
}

function PieceDrawing({ piece }: { readonly piece: LinerPiece }) {
  const { x, y, width, height } = piece.box;
  return (
    <svg
      viewBox={`${x} ${y} ${width} ${height}`}
      className="h-14 w-20 shrink-0 overflow-visible"
      aria-hidden="true"
      fillRule="evenodd"
    >
      <path
        d={piece.outline}
        className="fill-cream stroke-steel"
        strokeWidth="1.5"
        vectorEffect="non-scaling-stroke"
      />
      <path
        d={`${piece.slits}${piece.folds}`}
        fill="none"
        className="stroke-steel"
        strokeWidth="1"
        strokeDasharray="3 2"
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  );
}
