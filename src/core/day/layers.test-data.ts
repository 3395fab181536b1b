import { NO_WORDS, type DayCake } from ".";

/** Two layers with a filling, a first and a final coat and forty shells. */
export const LAYERS: DayCake = {
  kind: "creamed", lines: 8, prepares: [], tins: 2, ovenC: 177, warmUpMin: 15, steps: [], loads: [{ tins: 2, firstLookMin: 28, likelyMin: 34 }], tooLarge: [], turnOutMin: 10, coldMin: 105, coldFridgeMin: 70, coldFreezerMin: 60,
  gaps: 1, splits: 1, parts: [{ goes: "over", what: "butter-and-sugar", massG: 700, own: null }], hasFirstCoat: true, hasCoat: true, pieces: 40, pourAfterMin: null, words: NO_WORDS, filledSteps: [], hotSteps: [], coldSteps: [], floorPieces: 0, keptCold: null,
};
