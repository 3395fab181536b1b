import {
  chilledMinutes,
  coldMinutes,
  turnOut,
  type ChilledMinutes,
  type ColdMinutes,
  type TurnOut,
} from "../cool";
import type { CakePlan } from "./plan";

/** How the cakes from one kind of tin cool. */
export type CooledTin = ColdMinutes & ChilledMinutes & { readonly out: TurnOut };

/**
 * When each kind of cake is turned out, and when it is cold: on the rack, in the fridge, in the
 * freezer. In the order of the tins.
 */
export function coolDetail({ fill, mix, cool: asked }: CakePlan): readonly CooledTin[] {
  return fill.tins.map(({ geometry, batterG, baked }) => {
    const cooling = { geometry, kind: mix.kind, batterG, heightMm: baked.crownTopMm, asked };
    return {
      ...coldMinutes(cooling),
      ...chilledMinutes(cooling),
      out: turnOut(mix.kind, geometry, asked),
    };
  });
}
