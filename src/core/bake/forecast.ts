import { KIND_FACTS, type BatterKind } from "../kind";
import { closedFormMinutes, heatPathMm, type BakeCase } from "./closed-form";
import { generalClockFactor } from "./usual-bakes";
import { tinFamily } from "../tin";

/** A bake the recipe vouches for. */
export type ReferenceBake = {
  /** Its tins; the slowest of them is the one its minutes belong to. At least one. */
  readonly cases: readonly BakeCase[];
  /** Null when the recipe does not say. */
  readonly minutes: number | null;
  /** When the recipe says to look first; left out or null when it does not say. */
  readonly checkAtMin?: number | null;
};

export type Minutes = {
  readonly doorShutUntilMin: number;
  readonly firstLookMin: number;
  readonly likelyMin: number;
  readonly notPastMin: number;
};

/** Wet strips keep the wall cool: 5 to 10 % longer for shallow tins, the usual rule's middle. */
const STRIPS_LONGER = 1.075;
/**
 * σ of the logarithm of actual over forecast minutes, another tin; it grows with the distance from
 * the reference.
 */
const SIGMA = 0.15;
const SIGMA_PER_LOG = 0.08;
/**
 * A foam baked in a tube tin says little of how it bakes without one: those forecasts come 30 to 40
 * % late.
 */
const SIGMA_FOAM_WITHOUT_TUBE = 0.25;
/** Without a bake to go by. */
const SIGMA_GENERAL = 0.25;
/**
 * A flat tin filled this much thicker than the reference: usual times there contradict any smooth
 * law. Judgement.
 */
const MUCH_THICKER = 1.4;
const SIGMA_MUCH_THICKER = 0.2;
/** Sizes this close count as the same tin. */
const SAME_SIZE = 0.15;

/**
 * Several bakes of one recipe never narrow the band below this: they share the model's own error.
 * Judgement.
 */
const SIGMA_SHARED = 0.09;

/**
 * What a reference says of the recipe's clock: its minutes over the model's, for its slowest tin;
 * null when it names none.
 */
function ownFactor({ cases, minutes }: ReferenceBake): number | null {
  return minutes === null ? null : minutes / Math.max(...cases.map(closedFormMinutes));
}

/**
 * The recipe's clock as seen from one bake, and how sure it is: σ of the logarithm of actual over
 * forecast minutes.
 */
type Clock = { readonly factor: number; readonly sigma: number };

/**
 * One clock factor for the recipe from all its reference bakes: the mean of their logarithms, those
 * nearer to the wanted bake counting more (by 1/σ²); where they disagree the band is wider. Without
 * any minutes the kind's general factor.
 */
function clock(bake: BakeCase, references: readonly ReferenceBake[], kind: BatterKind): Clock {
  const known = references.flatMap((reference) => {
    const factor = ownFactor(reference);
    if (factor === null || reference.minutes === null) return [];
    const farther =
      SIGMA_PER_LOG * Math.log((factor * closedFormMinutes(bake)) / reference.minutes);
    const sigma = Math.hypot(sigmaFrom(reference, bake, kind), farther);
    return [{ log: Math.log(factor), sigma, weight: 1 / sigma ** 2 }];
  });
  const [first] = known;
  if (first === undefined) return { factor: generalClockFactor(kind), sigma: SIGMA_GENERAL };
  if (known.length === 1) return { factor: Math.exp(first.log), sigma: first.sigma };
  const weights = known.reduce((sum, { weight }) => sum + weight, 0);
  const mean = known.reduce((sum, { log, weight }) => sum + weight * log, 0) / weights;
  const disagreement =
    known.reduce((sum, { log, weight }) => sum + weight * (log - mean) ** 2, 0) /
    weights /
    (known.length - 1);
  return {
    factor: Math.exp(mean),
    sigma: Math.hypot(Math.max(SIGMA_SHARED, Math.sqrt(1 / weights)), Math.sqrt(disagreement)),
  };
}

/**
 * How unsure one bake is of another of the same size and heat: σ of the logarithm of actual over
 * forecast minutes.
 */
function sigmaFrom(reference: ReferenceBake, bake: BakeCase, kind: BatterKind): number {
  const isRing = ({ geometry }: BakeCase): boolean => tinFamily(geometry.tin) === "ring";
  if (KIND_FACTS[kind].isFoam && reference.cases.every(isRing) && !isRing(bake))
    return SIGMA_FOAM_WITHOUT_TUBE;
  return isMuchThicker(bake, [reference]) ? SIGMA_MUCH_THICKER : SIGMA;
}

/**
 * When the recipe's own look comes in another bake, minutes: the look carried as its minutes are,
 * t_look x model / model of the reference; null when no reference tells one.
 */
function carriedLook(bake: BakeCase, references: readonly ReferenceBake[]): number | null {
  const looks = references.flatMap(({ cases, checkAtMin = null }) =>
    checkAtMin === null
      ? []
      : [(checkAtMin * closedFormMinutes(bake)) / Math.max(...cases.map(closedFormMinutes))],
  );
  return looks.length === 0 ? null : Math.min(...looks);
}

/** The clock factor a recipe's reference bakes give for one bake; see {@link forecast}. */
export function clockFactor(
  bake: BakeCase,
  references: readonly ReferenceBake[],
  kind: BatterKind,
): number {
  return clock(bake, references, kind).factor;
}

/** How thick the batter of one case is to the heat, over the thickest of the references'. */
export function thicknessRatio(bake: BakeCase, references: readonly ReferenceBake[]): number {
  const own = Math.max(
    ...references.flatMap(({ cases }) =>
      cases.map(({ geometry, batterMl }) => heatPathMm(geometry, batterMl)),
    ),
  );
  return heatPathMm(bake.geometry, bake.batterMl) / own;
}

/**
 * Whether a flat tin is filled so much thicker than any reference that its minutes are only a rough
 * guide.
 */
export function isMuchThicker(bake: BakeCase, references: readonly ReferenceBake[]): boolean {
  const isFlat = ["layer", "sheet"].includes(tinFamily(bake.geometry.tin));
  return isFlat && thicknessRatio(bake, references) > MUCH_THICKER;
}

/** The band of a forecast reaches so many σ before its minute and after it. Judgement. */
export const EARLY_SIGMAS = 1.6;
export const LATE_SIGMAS = 1.5;

/**
 * When to look and when it is likely done, in minutes: t = clock factor x model. The band is
 * e^(-1.6σ) to e^(+1.5σ) of t with σ² = 0.15² + (0.08·ln(t/t_ref))², 0.25 in place of 0.15 for a
 * foam that leaves its tube tin; 0.90 to 1.12 of t for a reference's own tin at another heat, or
 * wider where several bakes in it disagree. Bakes in the wanted tin count alone, all of them alike.
 * A look that the recipe tells is the first look in its own tin; in others it only brings it forward.
 * @param references the recipe's bakes, the one it was written for first; at least one
 */
export function forecast(
  bake: BakeCase,
  references: readonly ReferenceBake[],
  kind: BatterKind,
  hasStrips: boolean,
): Minutes {
  const same = references.filter(
    ({ cases, minutes }) => minutes !== null && cases.some((own) => isSameTin(bake, own)),
  );
  const { factor, sigma } = same.length > 0 ? clockOfSame(same) : clock(bake, references, kind);
  const band = [Math.exp(-EARLY_SIGMAS * sigma), Math.exp(LATE_SIGMAS * sigma)] as const;
  return minutesAround(
    { bake, references, kind, hasStrips },
    factor,
    same.length === 0 ? band : [Math.min(0.9, band[0]), Math.max(1.12, band[1])],
  );
}

/**
 * The minutes of a bake after what a log of bakes taught: those of the recipe's own bake carried,
 * times e^mean; the band is that of σ alone, e^(-1.6σ) to e^(+1.5σ), in its own tin too.
 * @param learnt mean of the logarithm of the minutes over those forecast, and σ of one more bake
 */
export function learntForecast(
  bake: BakeCase,
  references: readonly ReferenceBake[],
  kind: BatterKind,
  hasStrips: boolean,
  { logRatio, sigma }: { readonly logRatio: number; readonly sigma: number },
): Minutes {
  return minutesAround(
    { bake, references, kind, hasStrips },
    ownClock(references, kind) * Math.exp(logRatio),
    [Math.exp(-EARLY_SIGMAS * sigma), Math.exp(LATE_SIGMAS * sigma)],
    Math.exp(logRatio),
  );
}

/** The clock factor of the bake a recipe was written for alone; its kind's where it names none. */
export function ownClock([own]: readonly ReferenceBake[], kind: BatterKind): number {
  return (own === undefined ? null : ownFactor(own)) ?? generalClockFactor(kind);
}

/** @param pace of her own bakes against the recipe's, by which the recipe's look moves too */
function minutesAround(
  {
    bake,
    references,
    kind,
    hasStrips,
  }: {
    readonly bake: BakeCase;
    readonly references: readonly ReferenceBake[];
    readonly kind: BatterKind;
    readonly hasStrips: boolean;
  },
  factor: number,
  [early, late]: readonly [number, number],
  pace = 1,
): Minutes {
  const longer = hasStrips ? STRIPS_LONGER : 1;
  const minutes = factor * closedFormMinutes(bake) * longer;
  const inThisTin = references.filter(({ cases }) => cases.some((own) => isSameTin(bake, own)));
  const lookOf = (from: readonly ReferenceBake[]): number | null => {
    const look = carriedLook(bake, from);
    return look === null ? null : look * pace * longer;
  };
  const look = lookOf(inThisTin) ?? Math.min(minutes * early, lookOf(references) ?? Infinity);
  const firstLookMin = Math.max(1, Math.floor(Math.min(look, minutes)));
  return {
    doorShutUntilMin: Math.min(firstLookMin, Math.floor(minutes * KIND_FACTS[kind].doorShutShare)),
    firstLookMin,
    likelyMin: Math.round(minutes),
    notPastMin: Math.round(minutes * late),
  };
}

/**
 * The clock of bakes in the wanted tin: the mean of their logarithms, and how far they are from
 * each other.
 */
function clockOfSame(same: readonly ReferenceBake[]): Clock {
  const logs = same.flatMap((reference) => {
    const factor = ownFactor(reference);
    return factor === null ? [] : [Math.log(factor)];
  });
  const mean = logs.reduce((sum, log) => sum + log, 0) / logs.length;
  const spread = logs.reduce((sum, log) => sum + (log - mean) ** 2, 0) / logs.length;
  return { factor: Math.exp(mean), sigma: Math.sqrt(spread) };
}

function isSameTin(a: BakeCase, b: BakeCase): boolean {
  if (a.geometry.tin.shape !== b.geometry.tin.shape || a.geometry.material !== b.geometry.material)
    return false;
  const near = (x: number, y: number): boolean => Math.abs(x / y - 1) <= SAME_SIZE;
  const size = (bake: BakeCase): Readonly<Record<string, unknown>> => bake.geometry.tin;
  const widths = ["diameterMm", "sideMm", "lengthMm", "widthMm", "rimMm"].filter(
    (field) => field in size(a),
  );
  return (
    widths.every((field) => near(Number(size(a)[field]), Number(size(b)[field]))) &&
    near(heatPathMm(a.geometry, a.batterMl), heatPathMm(b.geometry, b.batterMl))
  );
}
