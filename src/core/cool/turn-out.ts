import { KIND_FACTS, type BatterKind } from "../kind";
import { tinFamily, type TinGeometry } from "../tin";
import type { CoolRequest, Turns } from "./schema";

/**
 * Minutes in the tin before it is turned out; `cold` ones stay until quite cold, upside down where
 * their crumb would sink; `never` ones are served from their dish.
 */
export type TurnOut =
  | { readonly when: "after"; readonly minutes: number }
  | { readonly when: "never" }
  | { readonly when: "cold"; readonly isUpsideDown: boolean };

/**
 * Usual minutes by family. Judgement: long enough to firm, short enough that the paper does not
 * sweat.
 */
const MINUTES = { layer: 10, ring: 10, loaf: 15, cup: 5 } as const;

/**
 * When a cake comes out of its tin: as is asked, else as usual. A mug is eaten from, sheets may stay in theirs; soft and
 * custardy ones are turned out quite cold; foams hang upside down in a tube tin until cold.
 * @example turnOut("creamed", roundTin) // { when: "after", minutes: 10 }
 */
export function turnOut(
  kind: BatterKind,
  geometry: TinGeometry,
  { stays, until, inTinMin }: CoolRequest = {},
): TurnOut {
  const usual = KIND_FACTS[kind].turnOut;
  const isUpsideDown = usual === "hung-in-tube" && geometry.tin.shape === "tube";
  if (stays === true) return { when: "never" };
  if (until === "cold") return { when: "cold", isUpsideDown };
  if (inTinMin !== undefined) return { when: "after", minutes: inTinMin };
  const family = tinFamily(geometry.tin);
  if (geometry.tin.shape === "mug") return { when: "never" };
  if (isUpsideDown || usual === "cold" || family === "sheet") return { when: "cold", isUpsideDown };
  return { when: "after", minutes: MINUTES[family] };
}

/**
 * How often a cake is turned over out of its tin: rings stand as they fall and cups are lifted out;
 * all others go over onto a board and back, so that they stand on their floor. One that stays in its
 * tin is not turned.
 */
export function turnsOf(geometry: TinGeometry, out: TurnOut, { turned }: CoolRequest = {}): Turns {
  if (out.when === "never") return "no";
  if (turned !== undefined) return turned;
  const family = tinFamily(geometry.tin);
  if (family === "cup" || geometry.tin.shape === "springform" || family === "sheet") return "no";
  return family === "ring" ? "once" : "twice";
}
