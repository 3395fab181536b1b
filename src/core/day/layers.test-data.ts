import type { DayRequest } from "./activity-network";
import { NO_WORDS, type DayCake } from "./day-cake";
import { tasksOf } from "./tasks";

/** Two layers with a filling, a first and a final coat and forty shells. */
export const LAYERS: DayCake = {
  kind: "creamed",
  lines: 8,
  prepares: [],
  tins: 2,
  ovenC: 177,
  warmUpMin: 15,
  steps: [],
  loads: [{ tins: 2, firstLookMin: 28, likelyMin: 34 }],
  tooLarge: [],
  isMug: false,
  offOvenMin: 0,
  turnOutMin: 10,
  isTurnedOnce: false,
  cools: { covered: false, overnight: false },
  coldMin: 105,
  coldFridgeMin: 70,
  coldFreezerMin: 60,
  gaps: 1,
  splits: 1,
  dressed: [],
  coatedSteps: [],
  parts: [{ goes: "over", what: "butter-and-sugar", massG: 700, own: null }],
  hasFirstCoat: true,
  hasCoat: true,
  pieces: 40,
  pourAfterMin: null,
  words: NO_WORDS,
  filledSteps: [],
  hotSteps: [],
  coldSteps: [],
  serveSteps: [],
  keep: [],
  floorPieces: 0,
  keptCold: null,
};

const KINDS = ["creamed", "oil", "pound"] as const;
const LONG_METHOD: DayCake["steps"] = Array.from({ length: 23 }, () => ({
  text: "",
  minutes: 2,
  isWait: false,
  usesMixer: true,
  ovenC: null,
}));

/** So many cakes wanted half an hour apart, with one oven and one bowl. */
export const cakesInTurn = (count: number, steps = LONG_METHOD): DayRequest => ({
  tasks: Array.from({ length: count }, (_, cake) =>
    tasksOf({ ...LAYERS, kind: KINDS[cake % KINDS.length] ?? "creamed", steps }, cake, true),
  ).flat(),
  wantedAt: Array.from({ length: count }, (_, cake) => 10_000 + 30 * cake),
});
