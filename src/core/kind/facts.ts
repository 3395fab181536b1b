/** A usual value with the low and the high end of what is usual. */
export type Spread = { readonly low: number; readonly mid: number; readonly high: number };

/**
 * What a baker looks at: the tester, the spring of the top, the edge against the wall, the colour,
 * a probe in the middle.
 */
export const SIGNS = ["tester", "spring", "edge", "wobble", "colour", "core"] as const;
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

/**
 * How long a cake keeps, from when it is finished: hours in the room, days in the fridge, months in
 * the freezer; 0 for not there.
 */
export type Keeping = {
  readonly roomHours: number;
  readonly fridgeDays: number;
  readonly freezerMonths: number;
};

/**
 * What is usual for one kind of batter. Judgement from general kitchen practice; what a baker
 * weighs or logs replaces it.
 */
export type KindFacts = {
  /** Specific gravity of the batter as it goes into the tin, g/mL. */
  readonly specificGravity: Spread;
  /** Volume of the cooled cake over that of its batter. */
  readonly rise: Spread;
  /** Share of its highest volume that the cake loses on cooling. */
  readonly settle: number;
  /** δ: crown height over width for a plain layer. */
  readonly crown: number;
  /**
   * How full a tin of this batter is filled at most, by the usual kitchen rule, as a share of its
   * depth.
   */
  readonly fullAtMost: number;
  /** Share of the batter's weight that the oven takes. */
  readonly massLoss: number;
  /** How far its top may stand above the rim of a cup, mm; negative keeps it below. */
  readonly overCupMm: number;
  /** Whether beaten air alone lifts it: out of a tube tin its minutes are hard to tell. */
  readonly isFoam: boolean;
  /** Share of the likely minutes for which the door stays shut. */
  readonly doorShutShare: number;
  /**
   * How it shows that it is done: core temperatures by the usual ranges for butter cakes, dense and
   * custard-rich ones and sponges; the rest is judgement. A brownie is taken out before its middle
   * sets hard; a baked cheese cake as soon as its eggs are safe, the middle still trembling, since
   * it sets as it cools.
   */
  readonly doneness: Doneness;
  /** Out of its tin still warm, quite cold, or from a tube tin hung upside down until cold. */
  readonly turnOut: "warm" | "cold" | "hung-in-tube";
  /** How long it keeps plain and wrapped; local food rules come first. */
  readonly keeping: Keeping;
  /** Whether it spoils in the room by itself. */
  readonly spoils: boolean;
  /** Creaming, whisking or stirring, when the recipe's own steps are not known, minutes. */
  readonly mixMin: number;
  /** Whether it is beaten, and so made in the mixer's bowl; the others are stirred. */
  readonly isBeaten: boolean;
  /** Minutes it may stand before the oven without losing its lift. */
  readonly waitsMin: number;
  /**
   * Soak for a kilogram of cake, mL: close crumbs take little, foams much, within the usual 60 to
   * 120.
   */
  readonly soakMlPerKg: number;
};
