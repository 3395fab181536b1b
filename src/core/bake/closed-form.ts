import { ZERO_C_IN_KELVIN } from "../measure";
import { levelFor, spansAt, surfaceArea, wettedAreas, type Spans, type TinGeometry } from "../tin";
import { CONVECTION, STEFAN_BOLTZMANN } from "./heat-transfer";
import { MATERIAL_FACTS } from "./materials";

/** One tin of batter in the oven. */
export type BakeCase = {
  readonly geometry: TinGeometry;
  readonly batterMl: number;
  /** True heat of the air, °C. */
  readonly ovenC: number;
  readonly isFan: boolean;
  /** Lined with paper where the reference is not. */
  readonly isLined?: boolean | undefined;
};

/** ρ0, cp and kl of batter: effective values for flour batters, kg/m³, J/kgK, W/mK. */
const DENSITY = 950;
const HEAT_CAPACITY = 2900;
const CONDUCTIVITY = 0.5;
/** Raw volume to mean volume over the bake, for which the fit was made. */
const MEAN_RISE = 2.256;
/** Between tin and batter, m²K/W. */
const CONTACT = 0.002;
/** A layer of baking paper, m²K/W. */
export const PAPER_M2K_PER_W = 0.003;

/** Nothing thinner than this is baked, mm: a smear is reckoned as a film. */
const FILM_MM = 1;

const squareMetres = (mm2: number): number => mm2 / 1e6;
const metres = (mm: number): number => mm / 1000;

/**
 * Coefficients of ln t = ℓ + c·(1, b, b², b³, θ, θb, θ², ℓ, r, rb), fitted to bakes simulated at
 * 145 to 200 °C. `npm run fit` solves 700 random bakes, writes their errors to docs/closed-form.md
 * and the coefficients that would be best today: these stay while a refit gains less than half a
 * per cent on bakes it was not fitted to.
 */
export const COEFFICIENTS: readonly number[] = [
  0.2869, 0.2718, 0.115, 0.021, -0.9488, 0.1639, -0.112, -0.0566, 0.1943, -0.0256,
];

/**
 * Minutes until the middle of one tin of batter is set, by a closed form that stands in for the
 * solver at once. Only the ratio between two cases means anything: see `forecast`. Lumped time tL,
 * heat through the surface, and conduction time tD, heat through the crumb, give b = ln(tD/tL); θ =
 * ln((T-70.8)/100), ℓ = ln tL in minutes, r = the top's share of the heat taken in.
 * @throws RangeError for an oven that never sets a middle (under 100 °C), or no batter
 */
export function closedFormMinutes(bake: BakeCase): number {
  const { lumped, terms } = closedFormTerms(bake);
  return Math.exp(
    terms.reduce((sum, term, index) => sum + term * (COEFFICIENTS[index] ?? 0), lumped),
  );
}

/** What the closed form is linear in: ℓ, and the terms its coefficients multiply. */
export function closedFormTerms({ geometry, batterMl, ovenC, isFan, isLined = false }: BakeCase): {
  readonly lumped: number;
  readonly terms: readonly number[];
} {
  if (!(ovenC >= 100)) throw new RangeError(`oven must be 100 °C or more, got ${ovenC}`);
  if (!(batterMl > 0)) throw new RangeError(`batter must be above 0 mL, got ${batterMl}`);
  const wall = MATERIAL_FACTS[geometry.material];
  const { floor, side, tube, top, perSquareM2 } = batterShape(geometry, batterMl);

  const moved = isFan ? CONVECTION.fan : CONVECTION.still;
  const radiated = 4 * STEFAN_BOLTZMANN * ((ovenC + 100) / 2 + ZERO_C_IN_KELVIN) ** 3;
  const throughTop = 0.25 * moved + 0.622 * radiated;
  const throughWall =
    1 /
    (1 / (moved + wall.emissivity * radiated) +
      wall.resistanceM2KPerW +
      CONTACT +
      (isLined ? PAPER_M2K_PER_W : 0));
  const uptake = throughTop * top + throughWall * (floor + 0.872 * side + 1.139 * tube);

  const heat =
    DENSITY * HEAT_CAPACITY * (batterMl / 1e6) + 0.767 * wall.heatJPerM2K * (floor + side + tube);
  const lumpedSeconds = heat / uptake;
  const conductionSeconds = (DENSITY * HEAT_CAPACITY) / (CONDUCTIVITY * perSquareM2);

  const b = Math.log(conductionSeconds / lumpedSeconds);
  const theta = Math.log((ovenC - 70.8) / 100);
  const lumped = Math.log(lumpedSeconds / 60);
  const r = (throughTop * top) / uptake;
  return {
    lumped,
    terms: [1, b, b * b, b ** 3, theta, theta * b, theta * theta, lumped, r, r * b],
  };
}

/** Batter in the middle of its bake as far as heat goes through it: areas in m². */
type BatterShape = {
  readonly batterMl: number;
  readonly floor: number;
  readonly side: number;
  readonly tube: number;
  readonly top: number;
  readonly perSquareM2: number;
};

/** The last asked of each tin: the same batter is forecast at many heats. */
const lastShapes = new WeakMap<TinGeometry, BatterShape>();

function batterShape(geometry: TinGeometry, batterMl: number): BatterShape {
  const last = lastShapes.get(geometry);
  if (last?.batterMl === batterMl) return last;
  const heightMm = bakedHeight(geometry, batterMl);
  const wetted = wettedAreas(geometry, heightMm);
  const shape: BatterShape = {
    batterMl,
    floor: squareMetres(wetted.floorMm2),
    side: squareMetres(wetted.sideMm2),
    tube: squareMetres(wetted.tubeMm2),
    top: squareMetres(surfaceArea(geometry, heightMm)),
    perSquareM2: inverseSquareM2(heightMm, spansAt(geometry, heightMm / 2)),
  };
  lastShapes.set(geometry, shape);
  return shape;
}

/** How high the batter stands in the middle of its bake, mm. */
function bakedHeight(geometry: TinGeometry, batterMl: number): number {
  return Math.max(FILM_MM, levelFor(geometry, MEAN_RISE * batterMl));
}

/**
 * 4/z² for the way in from floor and top, and the plan's part for the way in from the sides, 1/m².
 */
function inverseSquareM2(heightMm: number, spans: Spans): number {
  return 4 / metres(heightMm) ** 2 + 1.236 * sideways(spans);
}

function sideways(spans: Spans): number {
  switch (spans.kind) {
    case "round":
      return 10.95 / metres(spans.diameterMm) ** 2;
    case "rectangle":
      return 4 / metres(spans.lengthMm) ** 2 + 4 / metres(spans.widthMm) ** 2;
    case "ring":
      // D - d is twice the trough: 16/(D-d)² = 4/w².
      return 4 / metres(spans.troughMm) ** 2;
  }
}

/**
 * How thick the batter is to the heat, mm: the slab that takes as long to warm to the middle. A
 * wide layer's is nearly its height; a ring's or a cup's is less, since heat comes in from its
 * sides too.
 */
export function heatPathMm(geometry: TinGeometry, batterMl: number): number {
  const heightMm = bakedHeight(geometry, batterMl);
  return 2000 / Math.sqrt(inverseSquareM2(heightMm, spansAt(geometry, heightMm / 2)));
}
