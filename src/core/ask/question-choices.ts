import { TURNS } from "../cool";

export const SCALES = ["keep", "same-depth", "fill-limit", "times", "depth", "guests"] as const;
/** How far the crown may stand above the rim, mm; `usual` for the tin. */
export const CROWNINGS = { usual: undefined, inside: -3, level: 0, above: 6, high: 12 } as const;
/** How a cake comes out of its tin; `dish` for one that is served from it. */
export const WAYS_OUT = ["usual", "after", "cold", "dish"] as const;
/** Which bakes of the logbook are in a cake's minutes. */
export const LEARNS_FROM = ["nothing", "recipe", "kitchen"] as const;
/** How often it is turned over out of its tin. */
export const TURN_CHOICES = ["usual", ...TURNS] as const;
export const SCHOOLS = ["gentler", "as-written", "low", "own"] as const;
