/** What is left of the batter's weight after baking. Judgement: the usual loss of a tenth. */
export const BAKED_SHARE = 0.91;
