import type { Ingredient } from "../ingredient";
import { DRY_GOODS } from "./dry";
import { FRUIT_AND_NUTS } from "./fruit-and-nuts";
import { LESS_USUAL } from "./less-usual";
import { RICH_GOODS } from "./rich";
import { SWEET_GOODS } from "./sweet";

export { SOURCES } from "./row";

/** The pantry every kitchen starts with. */
export const CATALOGUE: readonly Ingredient[] = [
  ...DRY_GOODS,
  ...SWEET_GOODS,
  ...RICH_GOODS,
  ...FRUIT_AND_NUTS,
  ...LESS_USUAL,
];
