import type { Laid } from "../build";
import type { ToppingAmount } from "./schema";

/**
 * Usual, in g/cm²; where bakers differ as measured, light and heavy too. From chips on a judgement:
 * chips so that they melt to a coat of 2 mm.
 */
const LAID_ON: Readonly<Record<Laid, number | Readonly<Record<ToppingAmount, number>>>> = {
  crumble: { light: 0.25, usual: 0.4, heavy: 0.6 },
  "crumb-base": { light: 0.35, usual: 0.5, heavy: 0.65 },
  nuts: 0.2,
  strands: 0.22,
  "tiny-balls": 0.32,
  scatter: 0.04,
  "full-top": 0.25,
  "jam-film": 0.1,
  "dusting-sugar": 0.015,
  chips: 0.22,
  curls: 0.12,
  shavings: 0.06,
  coconut: 0.1,
  praline: 0.15,
  "grated-carrot": 0.12,
  glitter: 0.001,
};
/** Light and heavy over usual where no measure is known. Judgement. */
const TIMES: Readonly<Record<ToppingAmount, number>> = { light: 0.7, usual: 1, heavy: 1.4 };

/** What a topping weighs, g/cm². @example laidOn("crumble", "heavy") // 0.6 */
export function laidOn(what: Laid, amount: ToppingAmount): number {
  const known = LAID_ON[what];
  return typeof known === "number" ? known * TIMES[amount] : known[amount];
}
