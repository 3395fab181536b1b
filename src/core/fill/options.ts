import * as z from "../zod";
import { numberIn } from "../measure";
import { laidMass, laidVolume, type OnBatter } from "./on-batter";
import type { Tin } from "../tin";

/** The schools of filling: never deeper than this share of the tin. */
export const FULL_AT_MOST = { half: 1 / 2, "two-thirds": 2 / 3, "three-quarters": 3 / 4 } as const;
export const CEILINGS = ["half", "two-thirds", "three-quarters"] as const;

/** What a baker may settle about filling; her batter's kind and her tins settle the rest. */
export const FillSchema = z.strictObject({
  fullAtMost: z.optional(z.enum(CEILINGS)),
  /** How far the crown may stand above the rim; negative keeps it below. */
  crowningMm: z.optional(numberIn(-10, 30, "mm")),
  /**
   * Fruit or the like laid on the floors or pressed in, in all tins together, on top of the batter.
   */
  fruitG: z.optional(numberIn(0, 10_000, "g")),
  /** Part of the batter with something stirred in, swirled through the rest in the tins. */
  marble: z.optional(
    z.strictObject({
      share: z.enum(["quarter", "third", "half"]),
      with: z.optional(z.string().check(z.maxLength(60))),
      massG: z.optional(numberIn(0, 2000, "g")),
    }),
  ),
});

/** Share of the batter that is made another colour and swirled in. */
export const MARBLED = { quarter: 1 / 4, third: 1 / 3, half: 1 / 2 } as const;

export type FillOptions = {
  /** Wet strips round the tins, which flatten the crown. */
  readonly hasStrips?: boolean | undefined;
  readonly fullAtMost?: (typeof CEILINGS)[number] | undefined;
  readonly crowningMm?: number | undefined;
  readonly fruitG?: number | undefined;
  /** What else lies under, in or on the batter. */
  readonly onBatter?: OnBatter | undefined;
  /** Share of the batter's volume that is pieces, which do not rise. */
  readonly piecesShare?: number | undefined;
  /** A sheet that is rolled up is meant to be thin. */
  readonly isRolled?: boolean | undefined;
  /** The most that the recipe's own tins let this batter rise. */
  readonly vouched?: Vouched | undefined;
  /** How far she found it to rise, cold cake over raw batter; the kind's and the recipe's else. */
  readonly rise?: number | undefined;
};

/**
 * A rise the recipe vouches for, over raw volume: in any tin, or only in tins like its own where
 * their depth was assumed.
 */
export type Vouched = { readonly rise: number; readonly onlyIn: readonly Tin[] | null };

/** Everything laid on the batter: the fruit, and what else there is. */
function laidOn({ fruitG = 0, onBatter = [] }: FillOptions): OnBatter {
  return fruitG === 0 ? onBatter : [{ where: "in", massG: fruitG }, ...onBatter];
}

/** Space that what is laid on takes, mL, and what it weighs, g. */
export function fruitOf(options: FillOptions): {
  readonly volumeMl: number;
  readonly massG: number;
} {
  const laid = laidOn(options);
  return { volumeMl: laidVolume(laid), massG: laidMass(laid) };
}
