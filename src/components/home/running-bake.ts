import type { Doing } from "@/core/day";

/** A bake that goes on, as far as another page tells of it. Instants by the machine's clock. */
export type RunningBake = {
  readonly id: string;
  readonly name: string;
  readonly cakeIds: readonly string[];
  readonly isRehearsal: boolean;
  /** Clocks, the first to ring first, ms since 1970. */
  readonly timers: readonly {
    readonly doing: Doing;
    readonly isStanding: boolean;
    readonly endsAtMs: number;
  }[];
  /** What is next to be done by hand; null while there is only waiting. */
  readonly next: Doing | null;
};
