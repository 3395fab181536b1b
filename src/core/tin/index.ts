export { outlineAt, rimWidth, spansAt, wettedAreas, type Outline, type Spans } from "./areas";
export { tinFamily } from "./family";
export { isSameTin, readTinForm, tinForm, type TinForm } from "./form";
export type { TinGeometry } from "./geometry";
export { linerPieces, paperNeeded, type LinerPiece } from "./liner";
export { linerPages, PAPERS, type LinerPage } from "./liner-pages";
export { isWhole, linerSvg, TEXT_MM, textPlace } from "./liner-svg";
export { planMask } from "./mask";
export type { PlanMask } from "./plans";
export { inRadius, movedArea, solidArea } from "./moved-outline";
export { readTin, type Assumed, type ReadTin, type SizeHabit } from "./read-text";
export {
  shapeRow,
  SHAPES,
  tinCount,
  tinDepth,
  TinSchema,
  type Shape,
  type Tin,
} from "./shapes";
export { MATERIALS, type Material } from "./shapes/fields";
export type { LengthField, TinFamily } from "./shapes/row";
export { sectionAt, tinSection, type SectionPoint } from "./section";
export { brimVolume, levelFor, surfaceArea, volumeAt } from "./volume";
export { tinGeometry, volumeTrust, waterMl, type VolumeTrust } from "./water";
export { writeTin } from "./write-text";
