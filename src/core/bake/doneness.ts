import type { BatterKind } from "../mix";

/**
 * What a baker looks at: the tester, the spring of the top, the edge against the wall, the colour,
 * a probe in the middle.
 */
export const SIGNS = ["tester", "spring", "edge", "colour", "core"] as const;
export type Sign = (typeof SIGNS)[number];

export type Doneness = {
  /** The middle is done from here to here, °C. */
  readonly coreC: { readonly from: number; readonly to: number };
  /** What a tester says of a done cake of this kind; null where it tells nothing. */
  readonly tester: "clean" | "moist-crumbs" | null;
  /** The two to trust, most telling first. */
  readonly trust: readonly [Sign, Sign];
  /**
   * Signs that say nothing of this kind, so that they never speak against it: a brownie's dent
   * always stays.
   */
  readonly silent?: readonly Sign[];
};

const butter = { from: 96, to: 98 } as const;
const dense = { from: 93, to: 96 } as const;
const sponge = { from: 98, to: 99 } as const;

/**
 * How each kind shows that it is done: core temperatures by the usual ranges for butter cakes,
 * dense and custard-rich ones and sponges; the rest is judgement. A brownie is taken out before its
 * middle sets hard; a baked cheese cake as soon as its eggs are safe, the middle still trembling,
 * since it sets as it cools.
 */
const DONENESS: Readonly<Record<BatterKind, Doneness>> = {
  creamed: { coreC: butter, tester: "clean", trust: ["tester", "spring"] },
  oil: { coreC: butter, tester: "clean", trust: ["tester", "spring"] },
  "hot-liquid": { coreC: butter, tester: "moist-crumbs", trust: ["tester", "edge"] },
  whisked: { coreC: sponge, tester: "clean", trust: ["spring", "edge"] },
  chiffon: { coreC: sponge, tester: "clean", trust: ["spring", "tester"] },
  "white-foam": { coreC: sponge, tester: "clean", trust: ["spring", "colour"] },
  "folded-whites": { coreC: dense, tester: "moist-crumbs", trust: ["tester", "edge"] },
  pound: { coreC: butter, tester: "clean", trust: ["tester", "core"] },
  "quick-loaf": { coreC: butter, tester: "clean", trust: ["tester", "core"] },
  muffin: { coreC: butter, tester: "clean", trust: ["tester", "spring"] },
  "rich-fruit": { coreC: dense, tester: "clean", trust: ["tester", "core"] },
  brownie: {
    coreC: { from: 88, to: 93 },
    tester: "moist-crumbs",
    trust: ["tester", "edge"],
    silent: ["spring"],
  },
  "baked-cheese": {
    coreC: { from: 71, to: 74 },
    tester: null,
    trust: ["edge", "core"],
    silent: ["spring"],
  },
  // Its starch and its roots have to be cooked through, not only its egg.
  "set-pudding": {
    coreC: dense,
    tester: "moist-crumbs",
    trust: ["edge", "tester"],
    silent: ["spring"],
  },
};

/** What tells that a cake of this kind is done. */
export function doneness(kind: BatterKind): Doneness {
  return DONENESS[kind];
}

/** Long bakes brown before they set: foil is laid over once the colour is right. Judgement. */
const FOIL_FOR_MINUTES = 50;
const FOIL_LOOK = 0.6;

/**
 * The minute at which a long bake's colour decides whether foil goes over it; null for a bake too
 * short to need it.
 */
export function foilLookMinute(likelyMin: number, doorShutUntilMin: number): number | null {
  return likelyMin >= FOIL_FOR_MINUTES
    ? Math.max(doorShutUntilMin, Math.round(likelyMin * FOIL_LOOK))
    : null;
}
