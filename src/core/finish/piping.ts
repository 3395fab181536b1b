import type { Border, FinishRequest, Piped, Swirl } from "./schema";

/**
 * Section of a line of piping over the square of its bead's width, or of the nozzle's opening for
 * star and round.
 */
const SECTION: Readonly<Record<Piped, number>> = {
  shell: 0.5,
  rope: 0.6,
  pearl: 0.35,
  ruffle: 0.3,
  star: (0.72 * Math.PI) / 4,
  round: (1.1 * Math.PI) / 4,
};
/**
 * From one to the next over the width, for what is piped one by one. Judgement: shells sit on one
 * another's tails.
 */
const PITCH: Partial<Readonly<Record<Piped, number>>> = { shell: 0.8, pearl: 1 };

/** Base and height of a swirl, mm, and how much fuller it is than a cone: π·b²/12·h times this. */
const SWIRL: Readonly<
  Record<Swirl, { readonly baseMm: number; readonly heightMm: number; readonly fullness: number }>
> = {
  flat: { baseMm: 58, heightMm: 12, fullness: 1.3 },
  low: { baseMm: 58, heightMm: 32, fullness: 1.1 },
  medium: { baseMm: 60, heightMm: 35, fullness: 1.1 },
  tall: { baseMm: 62, heightMm: 42, fullness: 1.1 },
};

/** Section of a border's line, mm². @example borderSection("shell", 12) // 72 */
export function borderSection(style: Piped, widthMm: number): number {
  return SECTION[style] * widthMm * widthMm;
}

/** How many shells or pearls go round, whole; null for what is piped in one go. */
export function borderCount({ style, widthMm }: Border, lengthMm: number): number | null {
  const pitch = PITCH[style];
  return pitch === undefined ? null : Math.max(1, Math.round(lengthMm / (pitch * widthMm)));
}

/**
 * Beads a stretch of border is drawn with: those that are piped one by one, else the waves of what
 * is piped in one go.
 */
export function drawnBeads(border: Border, lengthMm: number): number {
  return (
    borderCount(border, lengthMm) ??
    Math.max(1, Math.round(lengthMm / (DRAWN_PITCH * border.widthMm)))
  );
}

/** Over the width. A judgement of looks. */
const DRAWN_PITCH = 0.8;

/** How many swirls stand on a cake when nobody says. Judgement. */
const USUAL_SWIRLS = 12;

/** How many swirls a cake has on its top. */
export function swirlCount({ count }: NonNullable<FinishRequest["swirls"]>): number {
  return count ?? USUAL_SWIRLS;
}

/** One swirl, mL. @example swirlMl("low") // 31 */
export function swirlMl(style: Swirl): number {
  const { baseMm, heightMm, fullness } = SWIRL[style];
  return (((Math.PI * baseMm * baseMm) / 12) * heightMm * fullness) / 1000;
}

/** Base and height of a swirl, for drawing it, mm. */
export function swirlSize(style: Swirl): { readonly baseMm: number; readonly heightMm: number } {
  return SWIRL[style];
}
