import { SHEET_DEPTH_MM } from "./defaults";
import type { Tin } from "./schema";

/** An odd tin or one drawn by its baker is a cup when it is smaller than these. Judgement. */
const CUP_ML = 250;
const CUP_MM = 110;

/**
 * What a tin is to its baker: layers and sheets bake flat, rings have a tube, loaves are deep, cups
 * are eaten whole.
 */
export type TinFamily = "layer" | "sheet" | "ring" | "loaf" | "cup";

/** The {@link TinFamily} of a tin. A rectangle or square up to 30 mm deep is a sheet. */
export function tinFamily(tin: Tin): TinFamily {
  switch (tin.shape) {
    case "ring":
    case "tube":
    case "fluted":
      return "ring";
    case "loaf":
      return "loaf";
    case "well":
    case "ramekin":
    case "mug":
      return "cup";
    case "rectangle":
    case "square":
      return tin.depthMm <= SHEET_DEPTH_MM ? "sheet" : "layer";
    case "odd":
      return tin.brimMl < CUP_ML ? "cup" : "layer";
    case "drawn":
      return Math.max(...tin.profile.map(({ widthMm }) => widthMm)) < CUP_MM ? "cup" : "layer";
    case "round":
    case "springform":
    case "dome":
    case "oval":
    case "heart":
    case "hexagon":
    case "skillet":
      return "layer";
  }
}
