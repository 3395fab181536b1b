import { volumeAt, wettedAreas, surfaceArea, type TinGeometry } from "../tin";
import { turnOut } from "./turn-out";
import type { BatterKind } from "../mix";

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
};

export type ColdMinutes = {
  /** From the oven to the rack, minutes; null when it stays in its tin until cold. */
  readonly turnOutMin: number | null;
  /** From the oven until its middle is within 3 °C of the room: likely, and as soon and as late as that may be. */
  readonly coldMin: number;
  readonly fromMin: number;
  readonly toMin: number;
};

const ROOM_C = 20;
const OUT_C = 97;
const WITHIN_C = 3;
/** Heat capacity of baked cake, J/kgK, and its conductivity, W/mK: a light crumb. Judgement from usual food tables. */
const HEAT_J_PER_KGK = 2600;
const CRUMB_W_PER_MK = 0.22;
/** What is left of the batter's weight after baking. Judgement: the usual loss of a tenth. */
export const BAKED_SHARE = 0.91;
/** Still air and radiation together on bare cake, W/m²K; less through a tin standing on the bench. Judgement. */
const BARE = 11;
const IN_TIN = 6;
/** A cake's own time is known about this well. */
const UNSURE = 0.25;

/**
 * When a cake is cold at its core: lumped capacity through its faces plus the crumb's own conduction, until within 3 °C of the room.
 * τ = m·c/(h·A) + ρ·c·(z/2)²·4/(π²·k), t = τ·ln((97-room)/3); on a rack from turning out on, in its tin until then. About ±25 %.
 * @throws RangeError for no batter, or a room as hot as the cake
 */
export function coldMinutes({ geometry, kind, batterG, heightMm, roomC = ROOM_C }: Cooling): ColdMinutes {
  if (!(batterG > 0) || !(heightMm > 0)) throw new RangeError(`a cake to cool needs batter and height, got ${batterG} g, ${heightMm} mm`);
  if (!(roomC < OUT_C - WITHIN_C)) throw new RangeError(`room must be below ${OUT_C - WITHIN_C} °C, got ${roomC}`);
  const out = turnOut(kind, geometry);
  const massKg = (BAKED_SHARE * batterG) / 1000;
  const wetted = wettedAreas(geometry, heightMm);
  const areaM2 = (wetted.floorMm2 + wetted.sideMm2 + wetted.tubeMm2 + surfaceArea(geometry, heightMm)) / 1e6;
  const volumeM3 = volumeAt(geometry, heightMm) / 1e6;
  // The thinnest way to the middle: half the height, or less in a ring or a cup.
  const halfM = Math.min(heightMm / 2000, (2 * volumeM3) / areaM2);
  const crumbS = ((massKg / volumeM3) * HEAT_J_PER_KGK * halfM * halfM * 4) / (Math.PI ** 2 * CRUMB_W_PER_MK);
  const tau = (h: number): number => (massKg * HEAT_J_PER_KGK) / (h * areaM2) + crumbS;
  const wayLeft = Math.log((OUT_C - roomC) / WITHIN_C);
  const inTinMin = out.when === "after" ? out.minutes : Infinity;
  const coldInTin = (tau(IN_TIN) * wayLeft) / 60;
  // What cooled in the tin need not cool on the rack.
  const coldMin = coldInTin <= inTinMin ? coldInTin : inTinMin + ((tau(BARE) * wayLeft) / 60) * (1 - inTinMin / coldInTin);
  return { turnOutMin: out.when === "after" ? out.minutes : null, coldMin: Math.round(coldMin), fromMin: Math.round(coldMin * (1 - UNSURE)), toMin: Math.round(coldMin * (1 + UNSURE)) };
}
