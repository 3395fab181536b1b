import type { Keeping } from "../kind";

/** What is put away. */
export const PUT_AWAY = ["cake", "layers", "batter", "frosting", "vegetables", "other"] as const;
export type PutAwayWhat = (typeof PUT_AWAY)[number];

/** From so many hours to so many. */
type Hours = { readonly from: number; readonly to: number };

/** What is usual for a kind of thing that is put away. */
export type PutAwayRow = {
  /** How long it keeps where nothing is known of its recipe. */
  readonly keeping: Keeping;
  /** Thawed in the room; null for what has to thaw in the fridge. */
  readonly inRoom: Hours | null;
  readonly inFridge: Hours;
  /** What is done with it once it is thawed. */
  readonly then: "warm" | "frost" | "bake" | "beat" | "squeeze" | "nothing";
};

const keeping = (roomHours: number, fridgeDays: number, freezerMonths: number): Keeping => ({
  roomHours,
  fridgeDays,
  freezerMonths,
});

/**
 * A row each: months for wrapped sponge after usual food-safety advice; the other months, and the
 * hours of thawing for what is wrapped and no thicker than a layer, are judgements.
 */
export const PUT_AWAY_ROWS: Readonly<Record<PutAwayWhat, PutAwayRow>> = {
  /** Pieces of a finished cake. */
  cake: {
    keeping: keeping(72, 6, 3),
    inRoom: { from: 1, to: 2 },
    inFridge: { from: 6, to: 10 },
    then: "warm",
  },
  /** Bare layers, whole. */
  layers: {
    keeping: keeping(72, 5, 3),
    inRoom: { from: 2, to: 3 },
    inFridge: { from: 8, to: 12 },
    then: "frost",
  },
  /** Raw: its leavening goes on working until it is frozen. */
  batter: {
    keeping: keeping(1, 1, 1),
    inRoom: null,
    inFridge: { from: 10, to: 16 },
    then: "bake",
  },
  frosting: {
    keeping: keeping(24, 5, 2),
    inRoom: null,
    inFridge: { from: 8, to: 12 },
    then: "beat",
  },
  /** Peeled or grated roots. */
  vegetables: {
    keeping: keeping(2, 4, 8),
    inRoom: null,
    inFridge: { from: 8, to: 12 },
    then: "squeeze",
  },
  other: {
    keeping: keeping(2, 3, 2),
    inRoom: null,
    inFridge: { from: 8, to: 12 },
    then: "nothing",
  },
};
