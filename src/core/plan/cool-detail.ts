import {
  chilledMinutes,
  coldMinutes,
  coolingCurve,
  turnOut,
  turnsOf,
  warmMinutes,
  type ChilledMinutes,
  type ColdMinutes,
  type CoolingPoint,
  type TurnOut,
  type Turns,
  type WarmMinutes,
} from "../cool";
import type { TinFill } from "../fill";
import type { CakePlan } from "./plan";

/** How the cakes from one kind of tin cool. */
export type CooledTin = ColdMinutes &
  ChilledMinutes &
  WarmMinutes & { readonly out: TurnOut; readonly turned: Turns };

const coolingOf = (
  { mix, cool: asked }: CakePlan,
  { geometry, batterG, baked }: TinFill,
): Parameters<typeof coldMinutes>[0] => ({
  geometry,
  kind: mix.kind,
  batterG,
  heightMm: baked.crownTopMm,
  asked,
});

/**
 * When each kind of cake is turned out, until when it can be dressed warm, and when it is cold: on
 * the rack, in the fridge, in the freezer. In the order of the tins.
 */
export function coolDetail(plan: CakePlan): readonly CooledTin[] {
  return plan.fill.tins.map((tin) => {
    const cooling = coolingOf(plan, tin);
    const out = turnOut(plan.mix.kind, tin.geometry, plan.cool);
    return {
      ...coldMinutes(cooling),
      ...chilledMinutes(cooling),
      ...warmMinutes(cooling),
      out,
      turned: turnsOf(tin.geometry, out, plan.cool),
    };
  });
}

/** The middle and the faces of the cakes from one kind of tin, until they are cold and a little longer. */
export function coolCurve(plan: CakePlan, tin: TinFill): readonly CoolingPoint[] {
  const cooling = coolingOf(plan, tin);
  return coolingCurve(cooling, PAST_COLD * coldMinutes(cooling).coldMin);
}
const PAST_COLD = 1.2;

/** What may be done with a cake while it cools. */
export type CoolDoing = "in-tin" | "soak" | "melt" | "wrap" | "cut";

/** From when to when, minutes after the oven. */
export type CoolStretch = { readonly what: CoolDoing; readonly from: number; readonly to: number };

/**
 * What may be done with a cake when, while it cools: nothing is put on it in its tin where it leaves
 * that warm; what would take no time is left out.
 * @param untilMin how far it is told, min
 */
export function coolStretches(
  { soakUntilMin, meltsUntilMin, lukewarmMin, coldMin, out }: CooledTin,
  untilMin: number,
): readonly CoolStretch[] {
  const outMin = out.when === "after" ? out.minutes : 0;
  const all: readonly CoolStretch[] = [
    { what: "in-tin", from: 0, to: outMin },
    { what: "soak", from: outMin, to: soakUntilMin },
    { what: "melt", from: outMin, to: meltsUntilMin },
    { what: "wrap", from: lukewarmMin, to: coldMin },
    { what: "cut", from: coldMin, to: untilMin },
  ];
  return all.filter(({ from, to }) => to > from);
}
