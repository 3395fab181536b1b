// A sheet rolled up round its filling.
import { spansAt, tinGeometry, type TinGeometry } from "../tin";

/** Which side of the sheet the rolling begins at: from the short one it is thick, from the long one long. */
export const ROLLED_FROM = ["short", "long"] as const;
export type RolledFrom = (typeof ROLLED_FROM)[number];

/** What is left bare at the end, mm: filling is pushed ahead as it is rolled. Judgement. */
const BARE_END_MM = 20;

/** A sheet as it is rolled up. */
export type Roll = {
  /** Of the finished roll, mm. */
  readonly lengthMm: number;
  readonly diameterMm: number;
  /** How often the sheet goes round. */
  readonly turns: number;
  /** How thick the sheet is, mm. */
  readonly layerMm: number;
  /** What is spread of it, mm². */
  readonly spreadMm2: number;
};

/** Whether a tin's cake can be rolled up: a flat oblong. */
export const canBeRolled = ({ tin }: TinGeometry): boolean =>
  tin.shape === "rectangle" || tin.shape === "square";

/**
 * A sheet rolled up: its section is that of the strip it is rolled from, so that π/4·D² = s·(t + f)
 * for s mm of sheet t thick under f of filling; it goes round D/2(t + f) times.
 * @param alongMm of the sheet, in the direction it is rolled
 * @param acrossMm as long as the roll becomes
 * @example rolledUp(330, 230, 15, 6).diameterMm // 93.9…
 */
export function rolledUp(
  alongMm: number,
  acrossMm: number,
  layerMm: number,
  fillingMm: number,
): Roll {
  const pitchMm = layerMm + fillingMm;
  const diameterMm = 2 * Math.sqrt((alongMm * pitchMm) / Math.PI);
  return {
    lengthMm: acrossMm,
    diameterMm,
    turns: diameterMm / (2 * pitchMm),
    layerMm,
    spreadMm2: Math.max(0, alongMm - BARE_END_MM) * acrossMm,
  };
}

/** A thinner sheet tears and a thicker one cracks, mm. Judgement. */
const ROLLS_MM = { min: 5, max: 40 } as const;
/** A roll is no thinner and no thicker than this, as wide as the box it is taken for, mm. */
const BOX_MM = { min: 20, max: 200 } as const;

/**
 * A tin's cake of such a thickness rolled up; null for one that is no flat oblong, or does not bend.
 */
export function rollFrom(
  geometry: TinGeometry,
  from: RolledFrom,
  layerMm: number,
  fillingMm: number,
): Roll | null {
  const spans = spansAt(geometry, layerMm);
  if (!canBeRolled(geometry) || spans.kind !== "rectangle") return null;
  if (layerMm < ROLLS_MM.min || layerMm > ROLLS_MM.max) return null;
  const [short, long] = [
    Math.min(spans.lengthMm, spans.widthMm),
    Math.max(spans.lengthMm, spans.widthMm),
  ];
  const [along, across] = from === "short" ? [long, short] : [short, long];
  const roll = rolledUp(along, across, layerMm, fillingMm);
  const sideMm = boxSide(roll);
  return sideMm < BOX_MM.min || sideMm > BOX_MM.max ? null : roll;
}

const boxSide = ({ diameterMm }: Pick<Roll, "diameterMm">): number =>
  (diameterMm * Math.sqrt(Math.PI)) / 2;

/**
 * A box as long as the roll whose section has the same area: what coat, toppings and knife take it
 * for. Its open sides are 6 % more than a round's that stands on a fifth of itself.
 */
export function rollBox(roll: Roll): TinGeometry {
  const { lengthMm, diameterMm } = roll;
  const sideMm = boxSide(roll);
  const box = tinGeometry({
    shape: "loaf",
    lengthMm: Math.max(lengthMm, sideMm),
    widthMm: sideMm,
    depthMm: sideMm,
    taperDeg: 0,
    cornerMm: 0,
  });
  if (!box.ok) throw new RangeError(`a roll of ${lengthMm} by ${diameterMm} mm is no box`);
  return box.value;
}
