import type { BatterKind } from "../kind";
import { tinGeometry, type Tin } from "../tin";
import { closedFormMinutes } from "./closed-form";

type UsualBake = {
  readonly tin: Tin;
  readonly batterMl: number;
  readonly ovenC: number;
  readonly minutes: number;
};

/**
 * One ordinary bake of each kind, conventional oven, bright tin. Judgement; only used when a recipe
 * names no minutes.
 */
const USUAL_BAKES: Readonly<Record<BatterKind, UsualBake>> = {
  creamed: {
    tin: { shape: "round", diameterMm: 203, depthMm: 51 },
    batterMl: 600,
    ovenC: 177,
    minutes: 34,
  },
  oil: {
    tin: { shape: "round", diameterMm: 203, depthMm: 51 },
    batterMl: 650,
    ovenC: 177,
    minutes: 35,
  },
  "hot-liquid": {
    tin: { shape: "round", diameterMm: 230, depthMm: 50 },
    batterMl: 850,
    ovenC: 175,
    minutes: 36,
  },
  whisked: {
    tin: { shape: "round", diameterMm: 200, depthMm: 50 },
    batterMl: 800,
    ovenC: 180,
    minutes: 25,
  },
  chiffon: {
    tin: { shape: "tube", diameterMm: 250, depthMm: 100 },
    batterMl: 2000,
    ovenC: 165,
    minutes: 55,
  },
  "white-foam": {
    tin: { shape: "tube", diameterMm: 250, depthMm: 100 },
    batterMl: 2200,
    ovenC: 170,
    minutes: 42,
  },
  "folded-whites": {
    tin: { shape: "springform", diameterMm: 230, depthMm: 65 },
    batterMl: 1100,
    ovenC: 175,
    minutes: 40,
  },
  pound: {
    tin: { shape: "loaf", lengthMm: 216, widthMm: 114, depthMm: 65 },
    batterMl: 950,
    ovenC: 165,
    minutes: 65,
  },
  "quick-loaf": {
    tin: { shape: "loaf", lengthMm: 216, widthMm: 114, depthMm: 65 },
    batterMl: 950,
    ovenC: 177,
    minutes: 58,
  },
  muffin: { tin: { shape: "well", rimMm: 70, depthMm: 32 }, batterMl: 65, ovenC: 190, minutes: 21 },
  "rich-fruit": {
    tin: { shape: "round", diameterMm: 200, depthMm: 75 },
    batterMl: 1600,
    ovenC: 150,
    minutes: 150,
  },
  brownie: {
    tin: { shape: "square", sideMm: 200, depthMm: 50 },
    batterMl: 900,
    ovenC: 177,
    minutes: 32,
  },
  "baked-cheese": {
    tin: { shape: "springform", diameterMm: 230, depthMm: 65 },
    batterMl: 1400,
    ovenC: 160,
    minutes: 58,
  },
  "set-pudding": {
    tin: { shape: "square", sideMm: 230, depthMm: 50, material: "glass" },
    batterMl: 1700,
    ovenC: 177,
    minutes: 65,
  },
};

/**
 * The general clock factor of a kind: minutes it usually takes over the model's minutes for the
 * same bake. Stands in for a recipe that names no minutes; within about ±25 %.
 */
export function generalClockFactor(kind: BatterKind): number {
  const { tin, batterMl, ovenC, minutes } = USUAL_BAKES[kind];
  const geometry = tinGeometry(tin);
  if (!geometry.ok) throw new RangeError(`the usual tin of ${kind} is not a tin`);
  return minutes / closedFormMinutes({ geometry: geometry.value, batterMl, ovenC, isFan: false });
}
