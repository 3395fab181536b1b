import { spansAt, surfaceArea, volumeAt, wettedAreas, type TinGeometry } from "../tin";
import type { CoolRequest } from "./schema";
import { turnOut } from "./turn-out";
import { bakedMass, type BatterKind } from "../kind";

/** What cools: one cake, and how it stands. */
export type Cooling = {
  readonly geometry: TinGeometry;
  readonly kind: BatterKind;
  /** Batter in this one tin, g. */
  readonly batterG: number;
  /** Height of the baked cake, mm. */
  readonly heightMm: number;
  /** Room, °C. */
  readonly roomC?: number;
  readonly asked?: CoolRequest;
};

export type ColdMinutes = {
  /** From the oven to the rack, minutes; null when it stays in its tin until cold. */
  readonly turnOutMin: number | null;
  /**
   * From the oven until its middle is within 3 °C of the room: likely, and as soon and as late as
   * that may be.
   */
  readonly coldMin: number;
  readonly fromMin: number;
  readonly toMin: number;
};

const ROOM_C = 20;
const OUT_C = 97;
const WITHIN_C = 3;
/**
 * Heat capacity of baked cake, J/kgK, and its conductivity, W/mK: a light crumb. Judgement from
 * usual food tables.
 */
const HEAT_J_PER_KGK = 2600;
const CRUMB_W_PER_MK = 0.22;
/**
 * Still air and radiation together on bare cake, W/m²K; less through a tin standing on the bench.
 * Judgement.
 */
const BARE = 11;
const IN_TIN = 6;
/** What a cloth or a lid lets through of that. Judgement: it keeps the steam in. */
const COVERED_SHARE = 0.7;
/** Left until the next day: nobody comes back to it sooner, minutes. */
export const OVERNIGHT_MIN = 480;
/** A cake's own time is known about this well. */
const UNSURE = 0.25;

/**
 * How fast a cake loses its heat: its own time constants bare and in its tin, s, and the minutes it
 * stays in the tin.
 */
type Pace = {
  readonly bareS: number;
  readonly inTinS: number;
  readonly inTinMin: number;
  /** How much of the middle's warmth over the room its faces have. */
  readonly faceShare: number;
};

function paceOf({ geometry, kind, batterG, heightMm, asked }: Cooling): Pace {
  if (!(batterG > 0) || !(heightMm > 0))
    throw new RangeError(
      `a cake to cool needs batter and height, got ${batterG} g, ${heightMm} mm`,
    );
  const out = turnOut(kind, geometry, asked);
  const massKg = bakedMass(kind, batterG) / 1000;
  const wetted = wettedAreas(geometry, heightMm);
  const areaM2 =
    (wetted.floorMm2 + wetted.sideMm2 + wetted.tubeMm2 + surfaceArea(geometry, heightMm)) / 1e6;
  const volumeM3 = volumeAt(geometry, heightMm) / 1e6;
  const crumbS =
    ((massKg / volumeM3) * HEAT_J_PER_KGK) /
    (Math.PI ** 2 * CRUMB_W_PER_MK * inverseSquares(geometry, heightMm));
  const share = asked?.covered === true ? COVERED_SHARE : 1;
  const tau = (h: number): number => (massKg * HEAT_J_PER_KGK) / (share * h * areaM2) + crumbS;
  return {
    bareS: tau(BARE),
    inTinS: tau(IN_TIN),
    inTinMin: out.when === "after" ? out.minutes : Infinity,
    faceShare: 1 / (1 + (share * BARE * heightMm) / 2000 / CRUMB_W_PER_MK / 2),
  };
}

/** The square of a round's first radial root over π, twice: 4·2.405²/π². */
const ROUND = 2.344;

/**
 * Σ 1/L² over the ways heat leaves by, 1/m²: up and down, and out to the sides or to the tube; a
 * loaf and a ring have three and two.
 */
function inverseSquares(geometry: TinGeometry, heightMm: number): number {
  const inverse = (lengthMm: number): number => (1000 / lengthMm) ** 2;
  const spans = spansAt(geometry, heightMm / 2);
  const up = inverse(heightMm);
  if (spans.kind === "round") return up + ROUND * inverse(spans.diameterMm);
  return (
    up +
    (spans.kind === "ring"
      ? inverse(spans.troughMm)
      : inverse(spans.lengthMm) + inverse(spans.widthMm))
  );
}

/** Minutes from the oven until the core is at `untilC` in a room. */
function minutesTo({ bareS, inTinS, inTinMin }: Pace, untilC: number, roomC: number): number {
  const wayLeft = Math.log((OUT_C - roomC) / (untilC - roomC));
  const coldInTin = (inTinS * wayLeft) / 60;
  // What cooled in the tin need not cool on the rack.
  return coldInTin <= inTinMin
    ? coldInTin
    : inTinMin + ((bareS * wayLeft) / 60) * (1 - inTinMin / coldInTin);
}

/** The middle of a cake and its faces, °C, so many minutes after the oven. */
export type CoolingPoint = {
  readonly minute: number;
  readonly middleC: number;
  readonly faceC: number;
};

/**
 * How a cake cools: its middle falls as {@link coldMinutes} has it, its faces are nearer the room by
 * 1 + h·L/2k, L half its height (a parabola through the crumb). About ±25 % in time.
 * @param untilMin to where it is told, min
 * @throws RangeError for no batter
 */
export function coolingCurve(cooling: Cooling, untilMin: number): readonly CoolingPoint[] {
  const { roomC = ROOM_C } = cooling;
  const { bareS, inTinS, inTinMin, faceShare } = paceOf(cooling);
  return Array.from({ length: POINTS + 1 }, (_, index) => {
    const minute = (untilMin * index) / POINTS;
    const inTin = Math.min(minute, inTinMin);
    const left = Math.exp((-60 * inTin) / inTinS - (60 * (minute - inTin)) / bareS);
    const over = (OUT_C - roomC) * left;
    return { minute, middleC: roomC + over, faceC: roomC + faceShare * over };
  });
}
const POINTS = 60;

/** Faces as warm as this drink what is brushed or poured on, and melt what is spread, °C. Judgement. */
const SOAKS_C = 50;
const MELTS_C = 38;

/** Until when a cake can be dressed hot or warm, minutes after the oven. */
export type WarmMinutes = { readonly soakUntilMin: number; readonly meltsUntilMin: number };

/**
 * How long its faces stay warm enough to soak, above 50 °C, and to melt what is spread on them, above
 * 38 °C. About ±25 %.
 * @throws RangeError for no batter
 */
export function warmMinutes(cooling: Cooling): WarmMinutes {
  const { roomC = ROOM_C } = cooling;
  const pace = paceOf(cooling);
  const until = (faceC: number): number => {
    const middleC = roomC + (faceC - roomC) / pace.faceShare;
    return middleC >= OUT_C ? 0 : Math.round(minutesTo(pace, middleC, roomC));
  };
  return { soakUntilMin: until(SOAKS_C), meltsUntilMin: until(MELTS_C) };
}

/**
 * When a cake is cold at its core: lumped capacity through its faces plus the crumb's own
 * conduction, until within 3 °C of the room. τ = m·c/(h·A) + ρ·c/(π²·k·Σ 1/L²) over the directions,
 * t = τ·ln((97-room)/3); on a rack from turning out on, in its tin until then. About ±25 %.
 * @throws RangeError for no batter, or a room as hot as the cake
 */
export function coldMinutes(cooling: Cooling): ColdMinutes {
  const { roomC = ROOM_C } = cooling;
  if (!(roomC < OUT_C - WITHIN_C))
    throw new RangeError(`room must be below ${OUT_C - WITHIN_C} °C, got ${roomC}`);
  const pace = paceOf(cooling);
  const coldMin = minutesTo(pace, roomC + WITHIN_C, roomC);
  return {
    turnOutMin: Number.isFinite(pace.inTinMin) ? pace.inTinMin : null,
    coldMin: Math.round(coldMin),
    fromMin: Math.round(coldMin * (1 - UNSURE)),
    toMin: Math.round(coldMin * (1 + UNSURE)),
  };
}

/**
 * Lukewarm enough for a fridge or a freezer, °C; cold enough to split after it; and how cold those
 * are.
 */
const LUKEWARM_C = 35;
const SPLIT_C = 20;
const FRIDGE_C = 5;
const FREEZER_C = -18;

/**
 * From the oven until a cake can be split and frosted, lukewarm on the rack first and then where it
 * is cold, minutes.
 */
export type ChilledMinutes = {
  readonly lukewarmMin: number;
  readonly fridgeMin: number;
  readonly freezerMin: number;
};

/**
 * How much sooner a cake is cold in the fridge or the freezer: on the rack until 35 °C, then
 * τ·ln((35-T)/(20-T)). About ±25 %.
 * @throws RangeError for no batter
 */
export function chilledMinutes(cooling: Cooling): ChilledMinutes {
  const pace = paceOf(cooling);
  const lukewarm = minutesTo(pace, LUKEWARM_C, cooling.roomC ?? ROOM_C);
  const after = (airC: number): number =>
    (pace.bareS * Math.log((LUKEWARM_C - airC) / (SPLIT_C - airC))) / 60;
  return {
    lukewarmMin: Math.round(lukewarm),
    fridgeMin: Math.round(lukewarm + after(FRIDGE_C)),
    freezerMin: Math.round(lukewarm + after(FREEZER_C)),
  };
}
