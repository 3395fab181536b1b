import { KIND_FACTS, type BatterKind } from "../kind";
import type { HeatSource } from "../recipe";
import { MAKING, type Made } from "./making";
import type { Doing } from "./task";

/** A step of a recipe's own method. */
export type MethodStep = {
  readonly text: string;
  /** Null when it does not say. */
  readonly minutes: number | null;
  /** Whether it is only waited for. */
  readonly isWait: boolean;
  readonly usesMixer: boolean;
  /** The oven's heat for what is toasted in it, °C; null for all else. */
  readonly ovenC: number | null;
};

/**
 * A part of the recipe that something is made by: its lines to weigh, so many times what is
 * written, and its steps.
 */
export type OwnPart = {
  readonly id: string;
  readonly name: string;
  readonly lines: number;
  readonly times: number;
  readonly steps: readonly MethodStep[];
  /** Whether the recipe makes it when the cake is in the oven or out of it, and no earlier. */
  readonly isAfterOven?: boolean;
};

/** Something made besides the batter. */
export type DayPart = {
  /**
   * Where it goes: on before the oven, onto the warm cake, between slices or into them, over the
   * cold cake, poured over that, put on at a time of its own, or on top in the end; or where the
   * recipe's own steps put it, on the hot cake or the cold one.
   */
  readonly goes:
    | "before-oven"
    | "onto-warm"
    | "inside"
    | "over"
    | "poured"
    | "dressed"
    | "on-top"
    | "for-hot"
    | "for-cold";
} &
  /** Made the usual way. */
  (
    | { readonly what: Made; readonly massG: number; readonly own: null }
    /**
     * By a part of the recipe; what that is only its steps know where the plan did not ask for it.
     */
    | {
        readonly what: Made | null;
        readonly own: OwnPart;
        /** Whether it spoils in the room, by what it is made of. */ readonly spoils?: boolean;
        /**
         * How much of it is made the usual way from the recipe's lines, g, where the recipe has no
         * step for that.
         */
        readonly usuallyMadeG?: number;
      }
  );

/**
 * What a recipe says of soft butter, tins, oven, filling, baking and cooling; empty for what it
 * does not speak of.
 */
export type RecipeWords = {
  readonly soften: string;
  readonly tins: string;
  readonly warmUp: string;
  readonly fill: string;
  readonly bake: string;
  readonly offOven: string;
  readonly cool: string;
  /** Of leaving it until the next day. */
  readonly left: string;
  readonly build: string;
  readonly finish: string;
};
export const NO_WORDS: RecipeWords = {
  soften: "",
  tins: "",
  warmUp: "",
  fill: "",
  bake: "",
  offOven: "",
  cool: "",
  left: "",
  build: "",
  finish: "",
};

/** Something put on the cake at a time of its own. */
export type Dressed = {
  readonly doing: Extract<Doing, { do: "dress" }>;
  /** Between these minutes after the oven; null for what goes on the cold cake. */
  readonly afterOvenMin: readonly [least: number, most: number] | null;
  /** Under the frosting. */
  readonly isUnder: boolean;
};

/** Something done to what is in the oven, minutes after it went in. */
export type InOven = {
  readonly atMin: number;
  readonly doing: Pick<Extract<Doing, { do: "in-oven" }>, "what" | "dialC" | "called" | "ifNeeded">;
};

/** A cake as far as its day goes; all of it follows from its plan. */
export type DayCake = {
  readonly kind: BatterKind;
  /** Ingredient lines to weigh; 0 when they are not known. */
  readonly lines: number;
  /** What has to be melted or toasted first, as its line says. */
  readonly prepares: readonly {
    readonly how: "melt" | "toast";
    readonly name: string;
    readonly cools: boolean;
  }[];
  readonly tins: number;
  /** Where all of them are cups, how many and what goes into each; null or left out for others. */
  readonly cups?: {
    readonly count: number;
    readonly eachG: number;
    readonly eachMl: number;
  } | null;
  readonly ovenC: number;
  /** An oven when left out; nothing else is warmed up by a task of its own. */
  readonly heatedBy?: Exclude<HeatSource, "oven">;
  readonly warmUpMin: number;
  /** The batter's method up to the tins; the usual one when empty. */
  readonly steps: readonly MethodStep[];
  /** What is put on the batter in its tins, before the oven. */
  readonly filledSteps: readonly MethodStep[];
  /** In the order they go in. */
  readonly loads: readonly {
    readonly tins: number;
    readonly firstLookMin: number;
    readonly likelyMin: number;
    /** What is done to it in the oven, the first first. */
    readonly during?: readonly InOven[];
  }[];
  /**
   * Tins of the plan that the oven's shelf has no room for; they stand in a load of their own, and
   * it has to be said.
   */
  readonly tooLarge: readonly number[];
  /** The recipe's own words for what the program plans by itself. */
  readonly words: RecipeWords;
  /**
   * What the recipe does with the cake out of the oven besides: while it is hot, and when it is
   * cold.
   */
  readonly hotSteps: readonly MethodStep[];
  readonly coldSteps: readonly MethodStep[];
  /** What it does after the plan's own filling and coating. */
  readonly coatedSteps: readonly MethodStep[];
  /** What it does at the table, and says of what is left. */
  readonly serveSteps: readonly MethodStep[];
  readonly keep: readonly string[];
  /** What she lays under, in or on the batter herself. */
  readonly laid?: readonly Omit<Extract<Doing, { do: "lay" }>, "do">[];
  /** Batter that is marbled into the rest; null or left out for none. */
  readonly marbled?: Omit<Extract<Doing, { do: "divide-batter" }>, "do"> | null;
  /** Pieces of fruit laid on the floors of the tins before the batter. */
  readonly floorPieces: number;
  /**
   * Whether the cake itself spoils in the room, so that it goes to the fridge within two hours;
   * `finish` for what is on it.
   */
  readonly keptCold: "cake" | "finish" | null;
  /** Mixed, cooked and eaten warm in its own mug. */
  readonly isMug: boolean;
  /** Left in the switched-off oven, minutes; 0 when it comes out at once. */
  readonly offOvenMin: number;
  /** Null when it stays in its tin until cold. */
  readonly turnOutMin: number | null;
  /** Whether it stays as it falls out of its tin. */
  readonly isTurnedOnce: boolean;
  /** Under a cloth or a lid, and until the next day. */
  readonly cools: { readonly covered: boolean; readonly overnight: boolean };
  readonly coldMin: number;
  /** The same with the fridge or the freezer once it is lukewarm. */
  readonly coldFridgeMin: number;
  readonly coldFreezerMin: number;
  /** Gaps between slices on all cakes. */
  readonly gaps: number;
  /** Sheets rolled up warm, and round their filling once they are cold; none by the recipe's own steps. */
  readonly rolls?: number;
  readonly splits: number;
  /** Minutes of her hands over what is usual, as she found them; 1 when left out. */
  readonly handsRatio?: number;
  readonly parts: readonly DayPart[];
  /** In the order it is put on. */
  readonly dressed: readonly Dressed[];
  readonly hasFirstCoat: boolean;
  /** Whether its sides are coated too. */
  readonly hasCoat: boolean;
  /** Shells, swirls, drips and pieces of fruit that are put on one by one. */
  readonly pieces: number;
  /** Poured over the cake while it is warm, minutes after the oven; null for what is not. */
  readonly pourAfterMin: readonly [least: number, most: number] | null;
};

/** A cake's own method, or the usual making as one step. */
export function methodOf({ steps, kind }: DayCake): readonly MethodStep[] {
  return steps.length > 0
    ? steps
    : [
        {
          text: "",
          minutes: KIND_FACTS[kind].mixMin,
          isWait: false,
          usesMixer: KIND_FACTS[kind].isBeaten,
          ovenC: null,
        },
      ];
}

/** Whether a part is made in the mixer's bowl; what is brushed on warm is put there without it. */
export function needsBowl(part: DayPart): boolean {
  if (part.own === null) return MAKING[part.what].usesMixer;
  const { goes, own, what, usuallyMadeG } = part;
  if (usuallyMadeG !== undefined && what !== null) return MAKING[what].usesMixer;
  return (goes === "onto-warm" ? own.steps.slice(0, -1) : own.steps).some(
    ({ usesMixer }) => usesMixer,
  );
}

/**
 * How often a cake needs the mixer's bowl: for its batter, and for each part that is made in it.
 */
export function usesOfBowl(day: DayCake): number {
  return (
    day.parts.filter(needsBowl).length + (methodOf(day).some(({ usesMixer }) => usesMixer) ? 1 : 0)
  );
}

/** Batter for a later load waits at least this long, minutes. */
const LOAD_MIN = 20;

/** Whether the batter of a cake may wait for its later loads; also true when it has none. */
export function mayWait({ kind, loads }: DayCake): boolean {
  return loads.length < 2 || KIND_FACTS[kind].waitsMin >= LOAD_MIN;
}
