export { outlineAt, rimWidth, spansAt, wettedAreas, type Outline, type Spans } from "./areas";
export { tinFamily, type TinFamily } from "./family";
export {
  canLean,
  isSameTin,
  readTinForm,
  SHAPE_FIELDS,
  SHAPES,
  tinForm,
  type LengthField,
  type TinForm,
} from "./form";
export type { TinGeometry } from "./geometry";
export { linerPieces, paperNeeded, type LinerPiece } from "./liner";
export { linerPages, PAPERS, type LinerPage } from "./liner-pages";
export { isWhole, linerSvg, TEXT_MM, textPlace } from "./liner-svg";
export { planMask, type PlanMask } from "./mask";
export { inRadius, movedArea, solidArea } from "./moved-outline";
export { readTin, type Assumed, type ReadTin, type SizeHabit } from "./read-text";
export {
  MATERIALS,
  parseTin,
  tinCount,
  tinDepth,
  TinSchema,
  type Material,
  type Shape,
  type Tin,
} from "./schema";
export { sectionAt, tinSection, type SectionPoint } from "./section";
export { brimVolume, levelFor, surfaceArea, volumeAt } from "./volume";
export { tinGeometry, volumeTrust, waterMl, type VolumeTrust } from "./water";
export { writeTin } from "./write-text";
