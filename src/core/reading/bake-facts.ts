import type { RecipeDoc } from "../recipe";

type Bake = RecipeDoc["bake"];

/** The heat of a bake, nothing where none is told. */
export const heatOf = ({ ovenC, fan }: Bake): Pick<Bake, "ovenC" | "fan"> =>
  ovenC === undefined ? {} : { ovenC, ...(fan === undefined ? {} : { fan }) };

/** The minutes of a bake, nothing where none are told. */
export const minutesOf = ({ minutes }: Bake): Pick<Bake, "minutes"> =>
  minutes === undefined ? {} : { minutes };

/** Whether two bakes are in the same tins. */
export const areSameTins = (one: Bake["tins"], other: Bake["tins"]): boolean =>
  JSON.stringify(one) === JSON.stringify(other);
