import { KIND_FACTS, type BatterKind, type Doneness } from "../kind";

/** What tells that a cake of this kind is done. */
export function doneness(kind: BatterKind): Doneness {
  return KIND_FACTS[kind].doneness;
}

/** Long bakes brown before they set: foil is laid over once the colour is right. Judgement. */
const FOIL_FOR_MINUTES = 50;
const FOIL_LOOK = 0.6;

/**
 * The minute at which a long bake's colour decides whether foil goes over it; null for a bake too
 * short to need it.
 */
export function foilLookMinute(likelyMin: number, doorShutUntilMin: number): number | null {
  return likelyMin >= FOIL_FOR_MINUTES
    ? Math.max(doorShutUntilMin, Math.round(likelyMin * FOIL_LOOK))
    : null;
}
