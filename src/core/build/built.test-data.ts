import { fillTins, type TinFill } from "../fill";
import { batterFrom } from "../mix";
import type { BatterKind } from "../kind";
import { tinGeometry, type Tin } from "../tin";
import { buildCakes, type Build, type BuildRequest } from ".";

/**
 * Tins filled so that their cakes' edges come out `edgeMm` high, as far as halving the batter
 * tells.
 */
export function baked(tin: Tin, edgeMm: number, kind: BatterKind = "creamed"): TinFill {
  const geometry = tinGeometry(tin);
  if (!geometry.ok) throw new Error(JSON.stringify(geometry.issue));
  let [low, high] = [20, 20_000];
  let found: TinFill | undefined;
  for (let step = 0; step < 50; step += 1) {
    const batter = batterFrom({ kind, volumeMl: (low + high) / 2 });
    if (!batter.ok || batter.value === null) throw new Error("no batter");
    found = fillTins(batter.value, [geometry.value]).tins[0];
    if ((found?.baked.edgeMm ?? 0) > edgeMm) high = (low + high) / 2;
    else low = (low + high) / 2;
  }
  if (found === undefined) throw new Error("no fill");
  return found;
}

/** Built as a coated cake usually is, or as one that is frosted on top alone. */
export function built(
  request: BuildRequest,
  tins: readonly TinFill[],
  isStacked = true,
  kind: BatterKind = "creamed",
): Build {
  const result = buildCakes(request, tins, {
    kind,
    frosting: "butter-and-sugar",
    standing: isStacked ? "stacked" : "apart",
    isLevel: isStacked,
  });
  if (!result.ok) throw new Error(JSON.stringify(result.issue));
  return result.value;
}
