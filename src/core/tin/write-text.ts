import { INCH_MM, roundTo } from "../measure";
import { shapeRow, tinCount, tinDepth, type Tin } from "./shapes";

/**
 * A tin as text that {@link readTin} reads back to the same tin: the one written form used in
 * addresses and boxes.
 * @example writeTin({ shape: "round", diameterMm: 200, depthMm: 50, count: 2 }) // "2 x 20 x 5 cm round"
 */
export function writeTin(tin: Tin): string {
  const count = tinCount(tin);
  const { usualWidthMm, lengths, written } = shapeRow(tin.shape);
  const isCup = usualWidthMm !== undefined;
  const sized =
    lengths === null ? null : [...lengths.of(tin), ...(isUsualDepth(tin) ? [] : [tinDepth(tin)])];
  // "10 x 12 cm round" reads as ten of them, so one that is deeper than wide says that it is one.
  const isPlainlyOne =
    count === 1 && !isCup && (sized === null || tinDepth(tin) <= (sized[0] ?? 0));
  const parts = [
    isPlainlyOne ? "" : isCup ? String(count) : `${count} x`,
    isCup ? (tin.shape === "mug" && count === 1 ? "mug" : written) : "",
    sized === null ? "" : inBestUnit(sized),
    isCup ? "" : written,
    tin.shape === "drawn" ? profileText(tin.profile) : "",
    tin.shape === "drawn" && tin.rimLengthMm !== undefined
      ? `long ${plain(tin.rimLengthMm)} mm`
      : "",
    tin.shape === "odd" && tin.depthMm !== undefined ? `deep ${plain(tin.depthMm)} mm` : "",
    tin.material === undefined || tin.material === "bright" ? "" : tin.material.replace("-", " "),
    "sizes" in tin && tin.sizes === "outside" ? "outside" : "",
    "sizesAt" in tin && tin.sizesAt === "floor" ? "at the floor" : "",
    tin.looseBase === true ? "loose base" : "",
    tin.lid === true ? "lid" : "",
    "tubeMm" in tin && tin.tubeMm !== undefined ? `hole ${plain(tin.tubeMm)} mm` : "",
    "taperDeg" in tin && tin.taperDeg !== undefined ? `taper ${plain(tin.taperDeg)}°` : "",
    "cornerMm" in tin && tin.cornerMm !== undefined ? `corner ${plain(tin.cornerMm)} mm` : "",
    tin.brimMl === undefined ? "" : `holds ${plain(tin.brimMl)} ml`,
    "halfMl" in tin && tin.halfMl !== undefined ? `half ${plain(tin.halfMl)} ml` : "",
  ];
  return parts.filter((part) => part !== "").join(" ");
}

/** A depth nobody gave is not written either, so that it is still known to be assumed. */
function isUsualDepth(tin: Tin): boolean {
  return (
    tin.depthAssumed === true &&
    (tin.depthMm === shapeRow(tin.shape).usualDepthMm || tin.shape === "dome")
  );
}

/** `0:180 20:200 50:230`: height and width, in mm. */
function profileText(
  profile: readonly { readonly heightMm: number; readonly widthMm: number }[],
): string {
  return profile.map(({ heightMm, widthMm }) => `${plain(heightMm)}:${plain(widthMm)}`).join(" ");
}

function plain(value: number): string {
  return String(roundTo(value, 0.01));
}

/** Whole millimetres are written in cm, whole eighths of an inch in inches, anything else in mm. */
function inBestUnit(lengthsMm: readonly number[]): string {
  const all = (text: (mm: number) => string, unit: string): string =>
    `${lengthsMm.map(text).join(" x ")} ${unit}`;
  if (lengthsMm.every((mm) => Number.isInteger(mm))) return all((mm) => String(mm / 10), "cm");
  const eighths = lengthsMm.map((mm) => (mm / INCH_MM) * 8);
  if (eighths.every((eighth) => Math.abs(eighth - Math.round(eighth)) < 2e-3)) {
    return all((mm) => String(Math.round((mm / INCH_MM) * 8) / 8), "in");
  }
  return all(plain, "mm");
}
