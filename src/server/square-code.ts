import { create } from "qrcode";

/** A square code as one path, a unit a module, and how many modules it is wide. */
export type SquareCode = { readonly size: number; readonly path: string };

/** The square code of a text. */
export function squareCode(text: string): SquareCode {
  const { size, data } = create(text, { errorCorrectionLevel: "M" }).modules;
  const path = Array.from(data)
    .map((dark, at) => (dark === 0 ? "" : `M${at % size} ${Math.floor(at / size)}h1v1h-1z`))
    .join("");
  return { size, path };
}
