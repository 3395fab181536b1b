import * as z from "zod/mini";
import { numberIn } from "../measure";

/** The schools of filling: never deeper than this share of the tin. */
export const FULL_AT_MOST = { half: 1 / 2, "two-thirds": 2 / 3, "three-quarters": 3 / 4 } as const;
export const CEILINGS = ["half", "two-thirds", "three-quarters"] as const;

/** What a baker may settle about filling; her batter's kind and her tins settle the rest. */
export const FillSchema = z.strictObject({
  fullAtMost: z.optional(z.enum(CEILINGS)),
  /** How far the crown may stand above the rim; negative keeps it below. */
  crowningMm: z.optional(numberIn(-10, 30, "mm")),
  /** Fruit or the like laid on the floors or pressed in, in all tins together, on top of the batter. */
  fruitG: z.optional(numberIn(0, 10_000, "g")),
});

export type FillOptions = {
  /** Wet strips round the tins, which flatten the crown. */
  readonly hasStrips?: boolean | undefined;
  readonly fullAtMost?: (typeof CEILINGS)[number] | undefined;
  readonly crowningMm?: number | undefined;
  readonly fruitG?: number | undefined;
};

/** Weight of laid fruit by the space it takes from the batter, g/mL: fresh fruit is a little lighter than water. Judgement. */
const FRUIT_G_PER_ML = 0.95;

/** Space that fruit takes, mL. */
export function fruitVolume({ fruitG = 0 }: FillOptions): number {
  return fruitG / FRUIT_G_PER_ML;
}
