export { CUTS, PIECE_SIZES, type CutStyle, type PieceSize } from "./cuts";
export {
  cutsFor,
  cutTop,
  usualPieces,
  type Cutting,
  type CuttingIssue,
  type Stroke,
} from "./cutting";
export { areaOf } from "./areas";
export { sizesForGuests, type SizeForGuests } from "./guests";
export { COLD_ROOM_HOURS, keepingOf, type ColdBecause, type KeepingOf } from "./keeping";
export { cakeTop, discTop, type CakeTop } from "./outline";
