import type { LengthField, Shape, TinGeometry, VolumeTrust } from "@/core/tin";
import { sayIn } from "./vocabulary";
import { percentText, volumeText } from "./quantities";
import type { Units } from "./regions";

/** What each length of a tin is called on its form. */
export const LENGTH_NAMES: Readonly<Record<LengthField, string>> = {
  diameterMm: "Across",
  sideMm: "Side",
  lengthMm: "Length",
  widthMm: "Width",
  rimMm: "Rim of a cup",
  floorMm: "Floor of a cup",
  tubeMm: "Tube",
  cornerMm: "Corner radius",
  rimLengthMm: "Length at the rim",
};

/** Shelves of the cupboard, in their order, and what stands on each. */
export const SHELVES: readonly { readonly name: string; readonly shapes: readonly Shape[] }[] = [
  { name: "Rounds", shapes: ["round", "springform", "skillet", "dome"] },
  { name: "Squares and rectangles", shapes: ["square", "rectangle"] },
  { name: "Loaf tins", shapes: ["loaf"] },
  { name: "Rings", shapes: ["fluted", "ring", "tube"] },
  { name: "Cups", shapes: ["well", "ramekin", "mug"] },
  { name: "Other shapes", shapes: ["oval", "heart", "hexagon", "triangle", "drawn", "odd"] },
];

/** What a tin's volumes rest on, how far they may be off, and what would make them surer. */
export function trustText({ basis, unsure, waterOverSizes }: VolumeTrust, units: Units): string {
  const say = sayIn(units);
  const off = `give or take ${percentText(unsure)}`;
  const remark =
    waterOverSizes === null
      ? ""
      : ` The water says ${percentText(Math.abs(waterOverSizes - 1))} ${waterOverSizes > 1 ? "more" : "less"} than the sizes; the water is believed.`;
  switch (basis) {
    case "sizes":
      return say`Judged from its sizes, ${off}. A jug of water makes it 1 %.`;
    case "water":
      return `Measured with water, ${off}.${remark}`;
    case "water-scaled":
      return `Measured with water, ${off} below the brim; a second fill to half its depth makes it 1 %.${remark}`;
    case "water-alone":
      return `Known by its water alone: depths in it are a guess, ${off}.`;
  }
}

/** 1.6 L to the brim; for a tray each of its wells. */
export function brimText({ count, tin }: TinGeometry, brimMl: number, units: Units): string {
  return `${volumeText(brimMl, units)} to the brim${tin.shape === "well" && count > 1 ? " in each" : ""}`;
}
