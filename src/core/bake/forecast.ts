import type { BatterKind } from "../mix";
import { closedFormMinutes, heatPathMm, type BakeCase } from "./closed-form";
import { generalClockFactor } from "./usual-bakes";
import { tinFamily } from "../tin";

/** A bake the recipe vouches for. */
export type ReferenceBake = {
  /** Its tins; the slowest of them is the one its minutes belong to. At least one. */
  readonly cases: readonly BakeCase[];
  /** Null when the recipe does not say. */
  readonly minutes: number | null;
};

export type Minutes = {
  readonly doorShutUntilMin: number;
  readonly firstLookMin: number;
  readonly likelyMin: number;
  readonly notPastMin: number;
};

/** Wet strips keep the wall cool: 5 to 10 % longer for shallow tins, the usual rule's middle. */
const STRIPS_LONGER = 1.075;
/** σ of the logarithm of actual over forecast minutes, another tin; it grows with the distance from the reference. */
const SIGMA = 0.12;
const SIGMA_PER_LOG = 0.08;
/** Without a bake to go by. */
const SIGMA_GENERAL = 0.25;
/** A flat tin filled this much thicker than the reference: usual times there contradict any smooth law. Judgement. */
const MUCH_THICKER = 1.4;
const SIGMA_MUCH_THICKER = 0.2;
/** Sizes this close count as the same tin. */
const SAME_SIZE = 0.15;

/** One clock factor for the recipe: its minutes over the model's, for its slowest tin; else the kind's general one. */
export function clockFactor(reference: ReferenceBake, kind: BatterKind): number {
  if (reference.minutes === null) return generalClockFactor(kind);
  return reference.minutes / Math.max(...reference.cases.map(closedFormMinutes));
}

/** How thick the batter of one case is to the heat, over the thickest of the reference. */
export function thicknessRatio(bake: BakeCase, reference: ReferenceBake): number {
  const own = Math.max(...reference.cases.map(({ geometry, batterMl }) => heatPathMm(geometry, batterMl)));
  return heatPathMm(bake.geometry, bake.batterMl) / own;
}

/** Whether a flat tin is filled so much thicker than the reference that its minutes are only a rough guide. */
export function isMuchThicker(bake: BakeCase, reference: ReferenceBake): boolean {
  const isFlat = ["layer", "sheet"].includes(tinFamily(bake.geometry.tin));
  return isFlat && thicknessRatio(bake, reference) > MUCH_THICKER;
}

/**
 * When to look and when it is likely done, in minutes: t = clock factor x model. The band is e^(-1.6σ) to e^(+1.5σ) of t
 * with σ² = 0.12² + (0.08·ln(t/t_ref))²; 0.90 to 1.12 of t for the same tin at another heat. Measured coverage 68-78 %.
 */
export function forecast(bake: BakeCase, reference: ReferenceBake, kind: BatterKind, hasStrips: boolean): Minutes {
  const factor = clockFactor(reference, kind);
  const minutes = factor * closedFormMinutes(bake) * (hasStrips ? STRIPS_LONGER : 1);
  const [early, late] = band(minutes, bake, reference);
  const doorShut = kind === "whisked" || kind === "white-foam" ? 0.8 : 0.7;
  const firstLookMin = Math.floor(minutes * early);
  return {
    doorShutUntilMin: Math.min(firstLookMin, Math.floor(minutes * doorShut)),
    firstLookMin,
    likelyMin: Math.round(minutes),
    notPastMin: Math.round(minutes * late),
  };
}

function band(minutes: number, bake: BakeCase, reference: ReferenceBake): readonly [number, number] {
  if (reference.minutes !== null && reference.cases.some((own) => isSameTin(bake, own))) return [0.9, 1.12];
  const sigma = reference.minutes === null
    ? SIGMA_GENERAL
    : Math.hypot(isMuchThicker(bake, reference) ? SIGMA_MUCH_THICKER : SIGMA, SIGMA_PER_LOG * Math.log(minutes / reference.minutes));
  return [Math.exp(-1.6 * sigma), Math.exp(1.5 * sigma)];
}

function isSameTin(a: BakeCase, b: BakeCase): boolean {
  if (a.geometry.tin.shape !== b.geometry.tin.shape || a.geometry.material !== b.geometry.material) return false;
  const near = (x: number, y: number): boolean => Math.abs(x / y - 1) <= SAME_SIZE;
  const size = (bake: BakeCase): Readonly<Record<string, unknown>> => bake.geometry.tin;
  const widths = ["diameterMm", "sideMm", "lengthMm", "widthMm", "rimMm"].filter((field) => field in size(a));
  return (
    widths.every((field) => near(Number(size(a)[field]), Number(size(b)[field]))) &&
    near(heatPathMm(a.geometry, a.batterMl), heatPathMm(b.geometry, b.batterMl))
  );
}
