// What tins hold: a recipe's own, where nothing else tells its batter, and any to the heat.
import type { BakeCase } from "../bake";
import type { OnBatter, TinFill } from "../fill";
import { KIND_FACTS, type BatterKind, type Spread } from "../kind";
import { bad, good, issueAt, type Result } from "../measure";
import {
  ASSUMED_FILL,
  batterFrom,
  batterFromTins,
  USUAL_KIND,
  type Batter,
  type GivenBatter,
} from "../mix";
import { tinGeometry, volumeAt, type Tin, type TinGeometry } from "../tin";
import type { Recipe } from "./input";

/** The solids of some tins, or what is wrong with the first that is none. */
export function geometries(tins: readonly Tin[], path: string): Result<readonly TinGeometry[]> {
  const found: TinGeometry[] = [];
  for (const [index, tin] of tins.entries()) {
    const geometry = tinGeometry(tin);
    if (!geometry.ok) return bad(issueAt(`${path}[${index}]`, geometry.issue));
    found.push(geometry.value);
  }
  return good(found);
}

/** A batter as it is given; of its tins filled as is usual where neither weight nor volume is. */
export function batterIn(
  given: GivenBatter,
  tins: readonly TinGeometry[],
  path: string,
): Result<Batter> {
  const known = batterFrom(given);
  if (!known.ok) return bad(issueAt(path, known.issue));
  const kind = given.kind ?? USUAL_KIND;
  return good(known.value ?? batterFromTins(kind, usualVolumes(kind, tins)));
}

function usualVolumes(kind: BatterKind, tins: readonly TinGeometry[]): Spread {
  const heldAt = (share: number): number =>
    tins.reduce(
      (sum, geometry) =>
        sum +
        geometry.count * volumeAt(geometry, share * KIND_FACTS[kind].fullAtMost * geometry.depthMm),
      0,
    );
  return {
    low: heldAt(ASSUMED_FILL.low),
    mid: heldAt(ASSUMED_FILL.mid),
    high: heldAt(ASSUMED_FILL.high),
  };
}

/** A filled tin as the heat meets it: what lies in its batter has to be heated like it. */
export function bakeCase(
  { geometry, batterMl, fruitMl }: TinFill,
  air: Omit<BakeCase, "geometry" | "batterMl">,
): BakeCase {
  return { geometry, batterMl: batterMl + fruitMl, ...air };
}

/** What lies on a recipe's batter in its own tins. */
export const ownOnBatter = ({ onBatter = [], reference: { onTop = [] } }: Recipe): OnBatter => [
  ...onTop,
  ...onBatter,
];
