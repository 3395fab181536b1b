import { INCH_MM, roundTo } from "../measure";
import { USUAL_DEPTH_MM } from "./read-text";
import { tinCount, tinDepth, type Tin } from "./schema";

/**
 * A tin as text that {@link readTin} reads back to the same tin: the one written form used in
 * addresses and boxes.
 * @example writeTin({ shape: "round", diameterMm: 200, depthMm: 50, count: 2 }) // "2 x 20 x 5 cm round"
 */
export function writeTin(tin: Tin): string {
  const count = tinCount(tin);
  const isCup = tin.shape === "well" || tin.shape === "ramekin" || tin.shape === "mug";
  const sized =
    tin.shape === "drawn" || tin.shape === "odd"
      ? null
      : [...planLengths(tin), ...(isUsualDepth(tin) ? [] : [tin.depthMm])];
  // "10 x 12 cm round" reads as ten of them, so one that is deeper than wide says that it is one.
  const isPlainlyOne =
    count === 1 && !isCup && (sized === null || tinDepth(tin) <= (sized[0] ?? 0));
  const parts = [
    isPlainlyOne ? "" : isCup ? String(count) : `${count} x`,
    isCup ? NAMES[tin.shape] : "",
    sized === null ? "" : inBestUnit(sized),
    isCup ? "" : NAMES[tin.shape],
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
function isUsualDepth(tin: Exclude<Tin, { shape: "drawn" | "odd" }>): boolean {
  return (
    tin.depthAssumed === true && (tin.depthMm === USUAL_DEPTH_MM[tin.shape] || tin.shape === "dome")
  );
}

/** `0:180 20:200 50:230`: height and width, in mm. */
function profileText(
  profile: readonly { readonly heightMm: number; readonly widthMm: number }[],
): string {
  return profile.map(({ heightMm, widthMm }) => `${plain(heightMm)}:${plain(widthMm)}`).join(" ");
}

const NAMES: Readonly<Record<Tin["shape"], string>> = {
  round: "round",
  springform: "springform",
  square: "square",
  rectangle: "rectangle",
  loaf: "loaf",
  oval: "oval",
  heart: "heart",
  hexagon: "hexagon",
  dome: "dome",
  ring: "ring",
  tube: "tube",
  fluted: "fluted ring",
  well: "cups",
  skillet: "skillet",
  ramekin: "ramekins",
  mug: "mugs",
  drawn: "drawn",
  odd: "odd shape",
};

function planLengths(tin: Exclude<Tin, { shape: "drawn" | "odd" }>): readonly number[] {
  if ("diameterMm" in tin) return [tin.diameterMm];
  if ("sideMm" in tin) return [tin.sideMm, tin.sideMm];
  if ("lengthMm" in tin) return [tin.lengthMm, tin.widthMm];
  if ("rimMm" in tin) return tin.floorMm === undefined ? [tin.rimMm] : [tin.rimMm, tin.floorMm];
  return [tin.widthMm];
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
