import { dialSetting, type Minutes } from "../bake";
import type { DuringWhat } from "../recipe";
import { dialIn } from "./bake-plan";
import type { CakeInput } from "./input";
import type { CakePlan } from "./plan";

/** Something done to the cake in the oven, at a minute of this bake. */
export type DuringDetail = {
  readonly do: DuringWhat;
  readonly atMin: number;
  /** The oven's true heat from then on, °C; null where it stays. */
  readonly trueC: number | null;
  /** What the dial is set to, °C, and a gas oven's mark; null where the heat stays. */
  readonly dial: { readonly dialC: number; readonly mark: string | null } | null;
  readonly name: string | null;
  /** Only where the cake wants it. */
  readonly ifNeeded: boolean;
};

/**
 * Whether something is to be done before the door may be opened without harm, or after the cake is
 * out; null where neither.
 */
export function isAmiss(
  { do: what, atMin }: Pick<DuringDetail, "do" | "atMin">,
  { doorShutUntilMin, notPastMin }: Pick<Minutes, "doorShutUntilMin" | "notPastMin">,
): "early" | "late" | null {
  if (atMin >= notPastMin) return "late";
  return atMin < doorShutUntilMin && what !== "heat" ? "early" : null;
}

/**
 * What is done to a cake in the oven, the first first: as she asked for it, else as the recipe has
 * it, at the same share of the bake; another heat as far from the plan's as from the recipe's own.
 */
export function duringDetail(input: CakeInput, { bake }: CakePlan): readonly DuringDetail[] {
  const { recipe } = input;
  if (bake.source !== "oven") return [];
  const { readsAt, dial } = dialIn(input);
  const own = input.during === undefined;
  const minutes = recipe.reference.minutes ?? bake.likelyMin;
  const stretch = own ? bake.likelyMin / minutes : 1;
  const shiftC = own ? bake.ovenC - recipe.reference.ovenC : 0;
  return (input.during ?? recipe.during ?? [])
    .map(({ do: what, atMin, ovenC, name, ifNeeded }): DuringDetail => {
      const at = Math.max(1, Math.round(atMin * stretch));
      return {
        do: what,
        atMin: at,
        trueC: ovenC === undefined ? null : ovenC + shiftC,
        dial: ovenC === undefined ? null : dialSetting(ovenC + shiftC, readsAt, dial),
        name: name ?? null,
        ifNeeded: ifNeeded ?? false,
      };
    })
    .filter((each) => isAmiss(each, bake) !== "late")
    .toSorted((one, other) => one.atMin - other.atMin);
}
