import { ZERO_C_IN_KELVIN } from "../../measure";
import { STEFAN_BOLTZMANN } from "../heat-transfer";
import {
  BATTER,
  EVAPORATION_J_PER_KG,
  saturationPa,
  WATER_ACTIVITY,
  WATER_SHARE,
} from "./batter-physics";
import type { Cells } from "./cells";
import type { Mesh } from "./mesh";

const BOILING_C = 100;
const CRUST_W_PER_MK = 0.08;
/** A top with this much crust is dry, m. */
const DRY_FROM_M = 1e-4;
/** ω: the share of a wet surface that gives vapour off freely. */
const WET_SHARE = 0.3;
/**
 * Evaporation per W/m²K of convection, J/kg · (kg/m³) / (W/m²K), from the likeness of heat and
 * vapour transfer.
 */
const VAPOUR_PER_HEAT = 2614;
const VAPOUR_J_PER_KGK = 461.5;
/** Heat reaches a tube less than the outer wall, and a side in wet strips much less. */
const TUBE_SHARE = 0.7;
const STRIPS_SHARE = 0.25;

/** Water of the crumb has to boil off before a crust grows, J/m³ of raw batter. */
const BOIL_OFF_J_PER_M3 = BATTER.densityKgPerM3 * WATER_SHARE * EVAPORATION_J_PER_KG;

/** How heat comes to the outside, and what the tin holds back. SI units. */
export type Surroundings = {
  /** Convection, W/m²K. */
  readonly convection: number;
  readonly wall: {
    readonly emissivity: number;
    readonly heatJPerM2K: number;
    readonly resistanceM2KPerW: number;
  };
  readonly hasStrips: boolean;
  readonly evaporates: boolean;
  readonly radiates: boolean;
  /** Between batter and tin, m²K/W. */
  readonly contactM2KPerW: number;
  readonly topEmissivity: number;
};

/**
 * Faces of cells that touch tin or air, with the state of each: wall or surface temperature, °C,
 * and crust, m.
 */
export type Faces = {
  readonly cell: Int32Array;
  readonly share: Float64Array;
  /** Plan length of a side, m; zero for a floor or a top, whose area is its cell's. */
  readonly lengthM: Float64Array;
  /** From face to the middle of its cell, m, and area, m²; reshaped with the cells. */
  readonly halfM: Float64Array;
  readonly areaM2: Float64Array;
  /** Coefficient of convection and radiation together, W/m²K, as of the last reshaping. */
  readonly h: Float64Array;
  readonly outsideC: Float64Array;
  readonly crustM: Float64Array;
};

function emptyFaces(count: number, startC: number): Faces {
  const zeros = (): Float64Array => new Float64Array(count);
  return {
    cell: new Int32Array(count),
    share: zeros().fill(1),
    lengthM: zeros(),
    halfM: zeros(),
    areaM2: zeros(),
    h: zeros(),
    outsideC: zeros().fill(startC),
    crustM: zeros(),
  };
}

/** Floor and sides of the batter, against the tin. */
export function tinFaces(
  { columns, layers }: Cells,
  mesh: Mesh,
  hasStrips: boolean,
  startC: number,
): Faces {
  const faces = emptyFaces(columns + mesh.walls.length * layers, startC);
  for (let column = 0; column < columns; column += 1) faces.cell[column] = column * layers;
  mesh.walls.forEach(({ column, lengthM, halfM, isTube }, wall) => {
    for (let layer = 0; layer < layers; layer += 1) {
      const face = columns + wall * layers + layer;
      faces.cell[face] = column * layers + layer;
      faces.lengthM[face] = lengthM;
      faces.halfM[face] = halfM;
      faces.share[face] = isTube ? TUBE_SHARE : hasStrips ? STRIPS_SHARE : 1;
    }
  });
  return faces;
}

/** The top of the batter, against the air. */
export function topFaces({ columns, layers }: Cells, startC: number): Faces {
  const faces = emptyFaces(columns, startC);
  for (let column = 0; column < columns; column += 1)
    faces.cell[column] = (column + 1) * layers - 1;
  return faces;
}

/** Works out anew what changes slowly of faces: distance, area, coefficient. */
export function reshapeFaces(
  faces: Faces,
  cells: Cells,
  around: Surroundings,
  emissivity: number,
  ovenC: number,
): void {
  const { cell, lengthM, halfM, areaM2, h, share, outsideC } = faces;
  for (let face = 0; face < cell.length; face += 1) {
    const at = cell[face] as number;
    const length = lengthM[face] as number;
    if (length === 0) {
      halfM[face] = (cells.heightsM[at] as number) / 2;
      areaM2[face] = cells.areasM2[at] as number;
    } else areaM2[face] = length * (cells.wall[at] as number) * (cells.heightsM[at] as number);
    h[face] =
      (share[face] as number) *
      (around.convection +
        (around.radiates ? radiation(emissivity, ovenC, outsideC[face] as number) : 0));
  }
}

/** Radiation as a coefficient, W/m²K. */
function radiation(emissivity: number, hotC: number, coldC: number): number {
  const hot = hotC + ZERO_C_IN_KELVIN;
  const cold = coldC + ZERO_C_IN_KELVIN;
  return emissivity * STEFAN_BOLTZMANN * (hot * hot + cold * cold) * (hot + cold);
}

/**
 * Adds to `flow` what comes in through the tin over `dt` seconds, W; moves the wall's temperature
 * (implicitly, its heat included) and lets a crust grow where the face has come to the boil.
 * @returns all of it, W
 */
export function throughTin(
  faces: Faces,
  cells: Cells,
  around: Surroundings,
  ks: Float64Array,
  ovenC: number,
  dt: number,
  flow: Float64Array,
): number {
  const { cell, halfM, areaM2, h, outsideC, crustM } = faces;
  const { tempsC, expanded } = cells;
  const { evaporates } = around;
  const stored = around.wall.heatJPerM2K / dt;
  const bare = around.wall.resistanceM2KPerW + around.contactM2KPerW;
  let taken = 0;
  for (let face = 0; face < cell.length; face += 1) {
    const at = cell[face] as number;
    const cellC = tempsC[at] as number;
    const outer = bare + (crustM[face] as number) / CRUST_W_PER_MK;
    const inner = (halfM[face] as number) / (ks[at] as number);
    const through = 1 / (outer + inner);
    const given = stored * (outsideC[face] as number) + (h[face] as number) * ovenC;
    const held = stored + (h[face] as number);
    let next = (given + through * cellC) / (held + through);
    let flux = (next - cellC) * through;
    if (evaporates && cellC + flux * inner > BOILING_C) {
      next = (given + BOILING_C / outer) / (held + 1 / outer);
      flux = (BOILING_C - cellC) / inner;
      const surplus = (next - BOILING_C) / outer - flux;
      if (surplus > 0)
        crustM[face] =
          (crustM[face] as number) + (surplus * (expanded[at] as number) * dt) / BOIL_OFF_J_PER_M3;
    }
    outsideC[face] = next;
    const watts = (areaM2[face] as number) * flux;
    flow[at] = (flow[at] as number) + watts;
    taken += watts;
  }
  return taken;
}

/** The same through the top, which is wet until it has a crust and gives off vapour while it is. */
export function throughTop(
  faces: Faces,
  cells: Cells,
  around: Surroundings,
  ks: Float64Array,
  ovenC: number,
  dt: number,
  flow: Float64Array,
): number {
  const { cell, halfM, areaM2, h, outsideC, crustM } = faces;
  const { tempsC, expanded } = cells;
  const { evaporates, convection } = around;
  let taken = 0;
  for (let face = 0; face < cell.length; face += 1) {
    const at = cell[face] as number;
    const cellC = tempsC[at] as number;
    const surfaceC = outsideC[face] as number;
    const hot = h[face] as number;
    const crust = (crustM[face] as number) / CRUST_W_PER_MK;
    const inner = (halfM[face] as number) / (ks[at] as number);
    const through = 1 / (crust + inner);
    let lost = 0;
    if (evaporates && (crustM[face] as number) < DRY_FROM_M) {
      const vapour =
        (WET_SHARE * convection * VAPOUR_PER_HEAT * WATER_ACTIVITY * saturationPa(surfaceC)) /
        (VAPOUR_J_PER_KGK * (surfaceC + ZERO_C_IN_KELVIN));
      lost = Math.min(vapour, 0.9 * hot * Math.max(0, ovenC - surfaceC));
    }
    let next = (hot * ovenC - lost + cellC * through) / (hot + through);
    let flux = (next - cellC) * through;
    if (evaporates && cellC + flux * inner > BOILING_C) {
      next = crust > 0 ? (hot * ovenC + BOILING_C / crust) / (hot + 1 / crust) : BOILING_C;
      flux = (BOILING_C - cellC) / inner;
      const surplus = hot * (ovenC - next) - flux;
      if (surplus > 0)
        crustM[face] =
          (crustM[face] as number) + (surplus * (expanded[at] as number) * dt) / BOIL_OFF_J_PER_M3;
    }
    outsideC[face] = next;
    const watts = (areaM2[face] as number) * flux;
    flow[at] = (flow[at] as number) + watts;
    taken += watts;
  }
  return taken;
}
