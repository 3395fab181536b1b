/**
 * How long hands take. Judgement from household practice; what this baker takes is learnt in time.
 */
export const TAKES = {
  prepareTinMin: 3,
  tinS: 40,
  cupS: 8,
  layMin: 2,
  divideBatterMin: 3,
  swirlMin: 1,
  inOvenMin: 1,
  takeOutMin: 1,
  turnOutTinMin: 2,
  splitMin: 2,
  fillGapMin: 3,
  firstCoatMin: 8,
  chillCoatMin: 20,
  chillCoatFreezerMin: 8,
  finalCoatMin: 12,
  topMin: 6,
  pieceS: 5,
  pourWarmTinMin: 2,
  pourMin: 5,
  dressMin: 1,
  intoFridgeMin: 1,
  meltMin: 5,
  toastMin: 10,
  coolIngredientMin: 20,
} as const;
