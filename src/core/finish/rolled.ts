import { spansAt, type Outline, type TinGeometry } from "../tin";

/** To spare all round before it is cut off, mm. */
const TRIM_MM = 25;
/** A rolled sheet, g/mL, and how thick it is usually rolled, mm. */
export const ROLLED_DENSITY = 1.35;
export const ROLLED_MM = 4;

/** A sheet rolled to cover a cake: a round one for a round cake, else a rectangle; mm. */
export type RolledSheet = {
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly isRound: boolean;
  readonly areaMm2: number;
};

/** The sheet that covers a cake in one piece: its size plus twice its height plus the trim. */
export function rolledSheet(
  geometry: TinGeometry,
  outline: Outline,
  layerMm: number,
  heightMm: number,
  coatMm: number,
): RolledSheet {
  const more = 2 * coatMm + 2 * heightMm + TRIM_MM;
  const spans = spansAt(geometry, layerMm);
  if (spans.kind === "rectangle") {
    const [lengthMm, widthMm] = [spans.lengthMm + more, spans.widthMm + more];
    return { lengthMm, widthMm, isRound: false, areaMm2: lengthMm * widthMm };
  }
  const acrossMm = 2 * Math.sqrt(outline.areaMm2 / Math.PI) + more;
  return {
    lengthMm: acrossMm,
    widthMm: acrossMm,
    isRound: true,
    areaMm2: (Math.PI * acrossMm * acrossMm) / 4,
  };
}
