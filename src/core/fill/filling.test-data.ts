import { batterFrom, type Batter } from "../mix";
import type { BatterKind } from "../kind";
import { tinGeometry, type Tin, type TinGeometry } from "../tin";
import type { Fill, TinFill } from "./fill";

/** A tin that has to be one. */
export function tin(spec: Tin): TinGeometry {
  const result = tinGeometry(spec);
  if (!result.ok) throw new Error(JSON.stringify(result.issue));
  return result.value;
}

/** Batter as its kind usually is. */
export function batter(kind: BatterKind, volumeMl: number): Batter {
  const result = batterFrom({ kind, volumeMl });
  if (!result.ok || result.value === null) throw new Error("no batter");
  return result.value;
}

/** The first of the filled tins. */
export function only(fill: Fill): TinFill {
  const [first] = fill.tins;
  if (first === undefined) throw new Error("no tins");
  return first;
}
