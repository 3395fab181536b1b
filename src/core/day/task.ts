/** What one worker in one kitchen has one of. A load has the oven to itself; warming up counts as a load. */
export const RESOURCES = ["hands", "mixer", "oven"] as const;
export type Resource = (typeof RESOURCES)[number];

/** What is done, with what its words need. */
export type Doing =
  | { readonly do: "soften-butter"; readonly for: "batter" | "frosting" }
  | { readonly do: "warm-up"; readonly ovenC: number }
  | { readonly do: "prepare-tins"; readonly tins: number }
  | { readonly do: "weigh"; readonly lines: number }
  | { readonly do: "step"; readonly text: string; readonly isWait: boolean }
  | { readonly do: "fill"; readonly tins: number }
  | { readonly do: "bake"; readonly tins: number; readonly load: number; readonly loads: number }
  | { readonly do: "look-and-bake-on"; readonly load: number; readonly loads: number }
  | { readonly do: "take-out"; readonly load: number; readonly loads: number }
  | { readonly do: "turn-out"; readonly tins: number }
  | { readonly do: "cool" }
  | { readonly do: "pour-warm" }
  | { readonly do: "make-frosting"; readonly massG: number }
  | { readonly do: "split-and-fill"; readonly gaps: number }
  | { readonly do: "first-coat" }
  | { readonly do: "chill-coat" }
  | { readonly do: "final-coat" }
  | { readonly do: "decorate"; readonly pieces: number };

export type Station = "mix" | "fill" | "bake" | "cool" | "build" | "finish" | "serve";

/** When a task may begin after another has ended, minutes. */
export type Link = { readonly id: string; readonly leastMin: number; /** As long after as may be when null. */ readonly mostMin: number | null };

/** One piece of the day's work. Whole minutes. */
export type Task = {
  readonly id: string;
  /** The cake's place among the day's. */
  readonly cake: number;
  readonly station: Station;
  readonly doing: Doing;
  readonly minutes: number;
  /** Held from beginning to end. */
  readonly needs: readonly Resource[];
  readonly after: readonly Link[];
};
