import * as z from "../zod";
import { bad, good, numberIn, type Result } from "../measure";
import { BatterKindSchema, KIND_FACTS, type BatterKind, type Spread } from "../kind";

export const BATTER_LIMITS = {
  massG: { min: 20, max: 30_000 },
  volumeMl: { min: 20, max: 60_000 },
  /** No batter is lighter than beaten egg white or heavier than packed fruit, g/mL. */
  specificGravity: { min: 0.15, max: 1.5 },
} as const;

export const BatterSchema = z.strictObject({
  kind: z.optional(BatterKindSchema),
  massG: z.optional(numberIn(BATTER_LIMITS.massG.min, BATTER_LIMITS.massG.max, "g")),
  volumeMl: z.optional(numberIn(BATTER_LIMITS.volumeMl.min, BATTER_LIMITS.volumeMl.max, "mL")),
  /** Of that volume, what stays in pieces and does not rise: nuts, fruit, chips. */
  piecesMl: z.optional(numberIn(0, BATTER_LIMITS.volumeMl.max, "mL")),
});
export type GivenBatter = z.infer<typeof BatterSchema>;

/** What the batter's figures rest on. */
export type BatterBasis = "weight-and-volume" | "weight" | "volume" | "lines" | "tins";

export type Batter = {
  readonly kind: BatterKind;
  readonly massG: number;
  readonly volumeMl: number;
  /** The volume's likely range, mL; both ends equal the volume when it was given. */
  readonly volumeRangeMl: readonly [low: number, high: number];
  readonly specificGravity: number;
  /** Of the volume, pieces that do not rise, mL. */
  readonly piecesMl: number;
  readonly basis: BatterBasis;
};

/** The kind taken for a batter nobody described. */
export const USUAL_KIND: BatterKind = "creamed";

/**
 * Where no batter is given its tins are taken to be this full, as shares of the kind's usual
 * ceiling. Judgement.
 */
export const ASSUMED_FILL: Spread = { low: 0.6, mid: 0.8, high: 1 };

/**
 * The batter from what is known of it: weight (g), volume (mL) or both; the missing one follows
 * from the kind's specific gravity. Null when neither is known. Fails when either is more than any
 * batter, and when together they make one lighter than foam or heavier than packed fruit.
 * @example batterFrom({ kind: "creamed", massG: 860 }) // 1000 mL, 935 to 1075
 */
export function batterFrom(given: GivenBatter): Result<Batter | null> {
  const kind = given.kind ?? USUAL_KIND;
  const { low, mid, high } = KIND_FACTS[kind].specificGravity;
  const { massG, volumeMl } = given;
  // Lines can come to more than anybody can type.
  for (const [path, value, unit] of [
    ["massG", massG, "g"],
    ["volumeMl", volumeMl, "mL"],
  ] as const) {
    const { min, max } = BATTER_LIMITS[path];
    if (value !== undefined && value > max)
      return bad({ code: "out-of-range", path, value, min, max, unit });
  }
  // Never more pieces than batter, whatever was typed.
  const pieces = (ofMl: number): number => Math.min(given.piecesMl ?? 0, ofMl);
  if (massG !== undefined && volumeMl !== undefined) {
    const specificGravity = massG / volumeMl;
    const { min, max } = BATTER_LIMITS.specificGravity;
    if (specificGravity < min || specificGravity > max) {
      return bad({
        code: "out-of-range",
        path: "specificGravity",
        value: specificGravity,
        min,
        max,
        unit: "g/mL",
      });
    }
    return good({
      kind,
      massG,
      volumeMl,
      volumeRangeMl: [volumeMl, volumeMl],
      piecesMl: pieces(volumeMl),
      specificGravity,
      basis: "weight-and-volume",
    });
  }
  if (massG !== undefined) {
    return good({
      kind,
      massG,
      volumeMl: massG / mid,
      piecesMl: pieces(massG / mid),
      volumeRangeMl: [massG / high, massG / low],
      specificGravity: mid,
      basis: "weight",
    });
  }
  if (volumeMl !== undefined) {
    return good({
      kind,
      massG: volumeMl * mid,
      volumeMl,
      piecesMl: pieces(volumeMl),
      volumeRangeMl: [volumeMl, volumeMl],
      specificGravity: mid,
      basis: "volume",
    });
  }
  return good(null);
}

/**
 * The batter for a recipe of which only the tins are known.
 * @param volumesMl what those tins hold in all when filled to the low, usual and high share of
 * {@link ASSUMED_FILL}, mL
 */
export function batterFromTins(kind: BatterKind, volumesMl: Spread): Batter {
  const specificGravity = KIND_FACTS[kind].specificGravity.mid;
  return {
    kind,
    massG: volumesMl.mid * specificGravity,
    volumeMl: volumesMl.mid,
    volumeRangeMl: [volumesMl.low, volumesMl.high],
    specificGravity,
    piecesMl: 0,
    basis: "tins",
  };
}

/** The same batter, `factor` times as much. */
export function scaledBatter(batter: Batter, factor: number): Batter {
  const [low, high] = batter.volumeRangeMl;
  return {
    ...batter,
    massG: batter.massG * factor,
    volumeMl: batter.volumeMl * factor,
    piecesMl: batter.piecesMl * factor,
    volumeRangeMl: [low * factor, high * factor],
  };
}

/**
 * A batter further than this from its kind's usual specific gravity, as a ratio, is probably
 * another kind. Judgement.
 */
const GRAVITY_SLACK = 1.08;

/**
 * The kinds whose usual specific gravity a weighed batter fits, when it does not fit its own; null
 * when it does.
 * @example unusualGravity({ kind: "creamed", … 0.43 g/mL }) // { low: 0.8, high: 0.92, kinds: ["whisked", "chiffon"] }
 */
export function unusualGravity(
  batter: Batter,
): { readonly low: number; readonly high: number; readonly kinds: readonly BatterKind[] } | null {
  const fits = (kind: BatterKind, slack: number): boolean => {
    const { low, high } = KIND_FACTS[kind].specificGravity;
    return batter.specificGravity >= low / slack && batter.specificGravity <= high * slack;
  };
  if (fits(batter.kind, GRAVITY_SLACK)) return null;
  const { low, high } = KIND_FACTS[batter.kind].specificGravity;
  return { low, high, kinds: BatterKindSchema.options.filter((kind) => fits(kind, 1)) };
}

/**
 * A batter as its baker found it: so much of what its lines weigh comes into the tins, and a
 * millilitre of it weighs so much.
 * @param gravity g/mL; as it was when left out
 */
export function foundBatter(
  batter: Batter,
  yieldShare = 1,
  gravity = batter.specificGravity,
): Batter {
  const massG = batter.massG * yieldShare;
  const by = massG / gravity / batter.volumeMl;
  const [low, high] = batter.volumeRangeMl;
  return {
    ...batter,
    massG,
    specificGravity: gravity,
    volumeMl: batter.volumeMl * by,
    // Never more pieces than batter.
    piecesMl: Math.min(batter.piecesMl * yieldShare, batter.volumeMl * by),
    volumeRangeMl:
      gravity === batter.specificGravity
        ? [low * by, high * by]
        : [batter.volumeMl * by, batter.volumeMl * by],
  };
}
