import { INCH_MM, roundTo } from "../measure";
import { tinCount, type Tin } from "./schema";

/**
 * A tin as text that {@link readTin} reads back to the same tin: the one written form used in addresses and boxes.
 * @example writeTin({ shape: "round", diameterMm: 200, depthMm: 50, count: 2 }) // "2 x 20 x 5 cm round"
 */
export function writeTin(tin: Tin): string {
  const lengths = planLengths(tin);
  const count = tinCount(tin);
  const isCup = tin.shape === "well" || tin.shape === "ramekin" || tin.shape === "mug";
  // "10 x 12 cm round" reads as ten of them, so one that is deeper than wide says that it is one.
  const isPlainlyOne = count === 1 && !isCup && tin.depthMm <= (lengths[0] ?? 0);
  const parts = [
    isPlainlyOne ? "" : isCup ? String(count) : `${count} x`,
    isCup ? NAMES[tin.shape] : "",
    inBestUnit([...lengths, tin.depthMm]),
    isCup ? "" : NAMES[tin.shape],
    tin.material === undefined || tin.material === "bright" ? "" : tin.material.replace("-", " "),
    "tubeMm" in tin && tin.tubeMm !== undefined ? `hole ${plain(tin.tubeMm)} mm` : "",
    tin.taperDeg === undefined ? "" : `taper ${plain(tin.taperDeg)}°`,
    tin.cornerMm === undefined ? "" : `corner ${plain(tin.cornerMm)} mm`,
    tin.brimMl === undefined ? "" : `holds ${plain(tin.brimMl)} ml`,
  ];
  return parts.filter((part) => part !== "").join(" ");
}

const NAMES: Readonly<Record<Tin["shape"], string>> = {
  round: "round", springform: "springform", square: "square", rectangle: "rectangle", loaf: "loaf", oval: "oval", heart: "heart",
  hexagon: "hexagon", dome: "dome", ring: "ring", tube: "tube", fluted: "fluted ring", well: "cups", skillet: "skillet",
  ramekin: "ramekins", mug: "mugs",
};

function planLengths(tin: Tin): readonly number[] {
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
  const all = (text: (mm: number) => string, unit: string): string => `${lengthsMm.map(text).join(" x ")} ${unit}`;
  if (lengthsMm.every((mm) => Number.isInteger(mm))) return all((mm) => String(mm / 10), "cm");
  const eighths = lengthsMm.map((mm) => (mm / INCH_MM) * 8);
  if (eighths.every((eighth) => Math.abs(eighth - Math.round(eighth)) < 2e-3)) {
    return all((mm) => String(Math.round((mm / INCH_MM) * 8) / 8), "in");
  }
  return all(plain, "mm");
}
