import type { Frosting } from "../build";
import type { Feel } from "./schema";

export type Consistency = "stiff" | "spreading" | "pouring";

/**
 * What makes a frosting stiffer and what makes it softer, by name and what a teaspoon of it weighs,
 * g.
 */
type Cure = {
  readonly stiffer: Spoon | "chill" | "whip" | "boil";
  readonly softer: Spoon | "warm";
};
type Spoon = {
  readonly name: string;
  readonly tspG: number;
  /** Teaspoons for each 100 g. */ readonly per100G: number;
};

const spoon = (name: string, tspG: number, per100G: number): Spoon => ({ name, tspG, per100G });

/** Judgement from household practice: little of what softens, more of what stiffens. */
const CURES: Readonly<Record<Frosting, Cure>> = {
  "butter-and-sugar": { stiffer: spoon("icing sugar", 2.6, 1.5), softer: spoon("milk", 5, 0.25) },
  "cream-cheese": { stiffer: "chill", softer: spoon("milk", 5, 0.2) },
  "whipped-cream": { stiffer: "whip", softer: spoon("cream, unwhipped", 5, 1) },
  "meringue-butter": { stiffer: "chill", softer: "warm" },
  "whipped-ganache": { stiffer: "chill", softer: spoon("warm cream", 5, 0.5) },
  "boiled-fudge": { stiffer: "boil", softer: spoon("hot milk", 5, 0.3) },
  "water-icing": { stiffer: spoon("icing sugar", 2.6, 2), softer: spoon("water", 5, 0.12) },
  marshmallow: { stiffer: "whip", softer: spoon("hot water", 5, 0.3) },
};

export type NextSpoon =
  | {
      readonly do: "add";
      readonly name: string;
      readonly teaspoons: number;
      readonly massG: number;
      /** Added so far, this one not counted. */ readonly soFarTsp: number;
    }
  | { readonly do: "chill" | "whip" | "boil" | "warm" };

/** Teaspoons come in quarters. */
const QUARTER = 0.25;

/**
 * What to do next with a frosting that is too soft or too stiff, and what went in so far. Each
 * spoonful is sized for the batch; once she has gone past what she wanted, it is half of the last,
 * so that it closes in.
 * @param told what she found so far, oldest first, the newest last
 * @throws RangeError for a batch of nothing, or nothing told
 */
export function nextSpoon(frosting: Frosting, massG: number, told: readonly Feel[]): NextSpoon {
  if (!(massG > 0) || told.length === 0)
    throw new RangeError(
      `a frosting of ${massG} g and ${told.length} answers has no next spoonful`,
    );
  const soFar: Record<Feel, number> = { "too-soft": 0, "too-stiff": 0 };
  let share = 1;
  for (const [index, feel] of told.entries()) {
    if (index > 0 && told[index - 1] !== feel) share /= 2;
    const cure = feel === "too-soft" ? CURES[frosting].stiffer : CURES[frosting].softer;
    const isNewest = index === told.length - 1;
    if (typeof cure === "string") {
      if (isNewest) return { do: cure };
      continue;
    }
    const teaspoons = Math.max(
      QUARTER,
      Math.round((cure.per100G * massG * share) / 100 / QUARTER) * QUARTER,
    );
    if (isNewest)
      return {
        do: "add",
        name: cure.name,
        teaspoons,
        massG: teaspoons * cure.tspG,
        soFarTsp: soFar[feel],
      };
    soFar[feel] += teaspoons;
  }
  throw new RangeError("the newest answer was passed over");
}

/**
 * Free water over sugar, by weight, from which on a sugar frosting spreads, and from which on it
 * pours. Judgement.
 */
const SPREADS_FROM = 0.04;
const POURS_FROM = 0.15;
/** Water that butter brings is bound in it: so much to its fat. */
const BOUND_TO_FAT = 0.2;
/** Cream over chocolate: dark, and milk or white, which set softer. */
const GANACHE = {
  dark: { pours: 0.85, spreads: 0.58 },
  milk: { pours: 0.6, spreads: 0.4 },
} as const;

/**
 * What a sugar frosting will be like at room temperature, by the water in it that no fat binds
 * against its sugar.
 */
export function sugarConsistency(sugarG: number, waterG: number, fatG: number): Consistency {
  const ratio = Math.max(0, waterG - BOUND_TO_FAT * fatG) / sugarG;
  return ratio >= POURS_FROM ? "pouring" : ratio >= SPREADS_FROM ? "spreading" : "stiff";
}

/** What cream and chocolate become: 1:1 pours, 1:1.5 spreads, 1:2 is firm with dark chocolate. */
export function ganacheConsistency(
  creamG: number,
  chocolateG: number,
  chocolate: keyof typeof GANACHE,
): Consistency {
  const ratio = creamG / chocolateG;
  return ratio >= GANACHE[chocolate].pours
    ? "pouring"
    : ratio >= GANACHE[chocolate].spreads
      ? "spreading"
      : "stiff";
}
