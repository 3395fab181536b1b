import type { HeatPotential } from "./batter-physics";
import { columnHeightM, rawCells, reshape, type Cells, type PlanAt } from "./cells";
import {
  reshapeFaces,
  throughTin,
  throughTop,
  tinFaces,
  topFaces,
  type Faces,
  type Surroundings,
} from "./faces";
import type { Mesh } from "./mesh";

/** What a bake is solved for; SI units but for temperatures in °C. */
export type SolverCase = Pick<Surroundings, "convection" | "wall" | "hasStrips"> & {
  readonly mesh: Mesh;
  readonly layersM: readonly number[];
  readonly planAt: (heightM: number) => PlanAt;
  readonly ovenC: number;
  readonly physics: Physics;
};

/** What takes part: all of it in a cake, little of it where a series solution is to be met. */
export type Physics = Pick<
  Surroundings,
  "evaporates" | "radiates" | "contactM2KPerW" | "topEmissivity"
> & {
  readonly potential: HeatPotential;
  readonly rises: boolean;
  readonly startC: number;
  /**
   * How far the oven is below its dial when the door shuts, °C, made up with a time constant of 180
   * s.
   */
  readonly doorDropC: number;
};

/**
 * One moment of a bake; temperatures and heights are those of the columns along the mesh's section,
 * floor first.
 */
export type Moment = {
  readonly seconds: number;
  readonly coldestC: number;
  readonly middleC: number;
  readonly rimC: number;
  /** (highest - edge) / edge of the batter. */
  readonly crownIndex: number;
  /** ∫2^((Ts-140)/10) dt of the top's surface above 100 °C, s, the mean over the top. */
  readonly browning: number;
  /** Layer by layer for each column of the section. */
  readonly tempsC: Float32Array;
  readonly heightsM: Float32Array;
};

export type Solved = {
  /** When the coldest cell reached the wanted temperature, s; null when it did not in time. */
  readonly doneSeconds: number | null;
  readonly moments: readonly Moment[];
  /**
   * Heat taken in through all faces less what left as steam, added up step by step, and what the
   * cells hold more at the end than at the start, J.
   */
  readonly energyInJ: number;
  readonly energyGainedJ: number;
  readonly tempsC: Float64Array;
};

/** Everything that changes slowly is worked out anew so often, s; a moment is kept each time. */
const BLOCK_S = 20;
const SAFETY = 0.9;
const RECOVERY_S = 180;
const BROWNS_FROM_C = 100;
const BROWNING_AT_C = 140;

/** {@link solving} to its end. */
export function solve(given: SolverCase, untilC: number, mostSeconds: number): Solved {
  const work = solving(given, untilC, mostSeconds);
  for (;;) {
    const next = work.next();
    if (next.done === true) return next.value;
  }
}

/**
 * Heats a tin of batter until its coldest cell reaches `untilC`, or for `mostSeconds`: conduction
 * between cells of rising columns, walls with their own heat, a top that dries, browns and boils.
 * Explicit steps no longer than the fastest cell allows. Yields before the first and after each
 * twenty seconds of the bake, a fraction of a millisecond's work, so that whoever drives it may
 * stop.
 */
export function* solving(
  given: SolverCase,
  untilC: number,
  mostSeconds: number,
): Generator<Moment, Solved, void> {
  const { mesh, physics, planAt } = given;
  const cells = rawCells(mesh, given.layersM, planAt, physics.startC);
  const oven: Oven = {
    given,
    cells,
    around: { ...given, ...physics },
    tin: tinFaces(cells, mesh, given.hasStrips, physics.startC),
    top: topFaces(cells, physics.startC),
    flow: new Float64Array(cells.count),
    phis: new Float64Array(cells.count),
    ks: new Float64Array(cells.count),
    tally: { browning: 0, energyInJ: 0, coldestC: physics.startC },
  };
  const { tally } = oven;
  reshape(cells, mesh, planAt, physics.rises);
  const first = momentOf(0, cells, mesh, 0);
  const moments: Moment[] = [first];
  yield first;
  let doneSeconds: number | null = physics.startC >= untilC ? 0 : null;
  // Counted in whole blocks: a sum of steps would miss the end by its rounding.
  for (let block = 0; block * BLOCK_S < mostSeconds && doneSeconds === null; block += 1) {
    doneSeconds = heatBlock(oven, block * BLOCK_S, untilC);
    const moment = momentOf((block + 1) * BLOCK_S, cells, mesh, tally.browning);
    moments.push(moment);
    yield moment;
  }
  return {
    doneSeconds,
    moments,
    energyInJ: tally.energyInJ,
    energyGainedJ: heatHeld(cells, physics.startC),
    tempsC: cells.tempsC,
  };
}

/** All that is at work on one cake, with room to work in. */
type Oven = {
  readonly given: SolverCase;
  readonly cells: Cells;
  readonly around: Surroundings;
  readonly tin: Faces;
  readonly top: Faces;
  readonly flow: Float64Array;
  readonly phis: Float64Array;
  readonly ks: Float64Array;
  readonly tally: { browning: number; energyInJ: number; coldestC: number };
};

/**
 * Twenty seconds of the bake.
 * @returns the second at which the coldest cell reached `untilC`, where it stops; null when it did
 * not
 */
function heatBlock(
  { given, cells, around, tin, top, flow, phis, ks, tally }: Oven,
  fromS: number,
  untilC: number,
): number | null {
  const { physics } = given;
  const airC = ovenAt(given, fromS);
  reshape(cells, given.mesh, given.planAt, physics.rises);
  reshapeFaces(tin, cells, around, given.wall.emissivity, airC);
  reshapeFaces(top, cells, around, physics.topEmissivity, airC);
  physics.potential.fill(cells.tempsC, ks, phis);
  const steps = Math.ceil(BLOCK_S / longestStep(cells, tin, top, ks, flow));
  const dt = BLOCK_S / steps;
  for (let step = 0; step < steps; step += 1) {
    const seconds = fromS + step * dt;
    const ovenC = ovenAt(given, seconds);
    physics.potential.fill(cells.tempsC, ks, phis);
    flow.fill(0);
    conduct(cells, phis, flow);
    tally.energyInJ +=
      dt *
      (throughTin(tin, cells, around, ks, ovenC, dt, flow) +
        throughTop(top, cells, around, ks, ovenC, dt, flow));
    warm(cells, flow, dt);
    tally.browning += dt * browningRate(top);
    const before = tally.coldestC;
    const now = coldest(cells);
    tally.coldestC = now;
    if (now >= untilC) return seconds + dt - (dt * (now - untilC)) / Math.max(1e-9, now - before);
  }
  return null;
}

function ovenAt({ ovenC, physics }: SolverCase, seconds: number): number {
  return ovenC - physics.doorDropC * Math.exp(-seconds / RECOVERY_S);
}

function conduct({ linkA, linkB, linkM }: Cells, phis: Float64Array, flow: Float64Array): void {
  for (let link = 0; link < linkA.length; link += 1) {
    const a = linkA[link] as number;
    const b = linkB[link] as number;
    const watts = (linkM[link] as number) * ((phis[b] as number) - (phis[a] as number));
    flow[a] = (flow[a] as number) + watts;
    flow[b] = (flow[b] as number) - watts;
  }
}

/** Warms each cell by what flowed into it. */
function warm({ tempsC, capacityJPerK }: Cells, flow: Float64Array, dt: number): void {
  for (let cell = 0; cell < flow.length; cell += 1)
    tempsC[cell] =
      (tempsC[cell] as number) + (dt * (flow[cell] as number)) / (capacityJPerK[cell] as number);
}

/** What all cells hold more than at `fromC`, J. */
function heatHeld({ tempsC, capacityJPerK }: Cells, fromC: number): number {
  let held = 0;
  for (let cell = 0; cell < tempsC.length; cell += 1)
    held += (capacityJPerK[cell] as number) * ((tempsC[cell] as number) - fromC);
  return held;
}

function coldest({ tempsC }: Cells): number {
  let least = Infinity;
  for (let cell = 0; cell < tempsC.length; cell += 1)
    if ((tempsC[cell] as number) < least) least = tempsC[cell] as number;
  return least;
}

function browningRate({ outsideC, areaM2 }: Faces): number {
  let sum = 0;
  let area = 0;
  for (let face = 0; face < outsideC.length; face += 1) {
    const hot = outsideC[face] as number;
    if (hot > BROWNS_FROM_C) sum += (areaM2[face] as number) * 2 ** ((hot - BROWNING_AT_C) / 10);
    area += areaM2[face] as number;
  }
  return sum / area;
}

/**
 * The longest step that keeps every cell between its neighbours, s; `conductance` is only scratch.
 */
function longestStep(
  cells: Cells,
  tin: Faces,
  top: Faces,
  ks: Float64Array,
  conductance: Float64Array,
): number {
  const { linkA, linkB, linkM, capacityJPerK } = cells;
  conductance.fill(0);
  for (let link = 0; link < linkA.length; link += 1) {
    const a = linkA[link] as number;
    const b = linkB[link] as number;
    const most = (linkM[link] as number) * Math.max(ks[a] as number, ks[b] as number);
    conductance[a] = (conductance[a] as number) + most;
    conductance[b] = (conductance[b] as number) + most;
  }
  for (const faces of [tin, top]) {
    for (let face = 0; face < faces.cell.length; face += 1) {
      const at = faces.cell[face] as number;
      conductance[at] =
        (conductance[at] as number) +
        ((faces.areaM2[face] as number) * (ks[at] as number)) / (faces.halfM[face] as number);
    }
  }
  let step = BLOCK_S;
  for (let cell = 0; cell < cells.count; cell += 1)
    step = Math.min(
      step,
      (SAFETY * (capacityJPerK[cell] as number)) / (conductance[cell] as number),
    );
  return step;
}

function momentOf(seconds: number, cells: Cells, mesh: Mesh, browning: number): Moment {
  const edgeColumn = mesh.section.at(-1) ?? 0;
  const { layers, tempsC, heightsM, columns } = cells;
  const middle = Math.floor(layers / 2);
  const edgeM = columnHeightM(cells, edgeColumn);
  let highestM = edgeM;
  for (let column = 0; column < columns; column += 1)
    highestM = Math.max(highestM, columnHeightM(cells, column));
  const shown = mesh.section.length * layers;
  const [temps, heights] = [new Float32Array(shown), new Float32Array(shown)];
  mesh.section.forEach((column, index) => {
    for (let layer = 0; layer < layers; layer += 1) {
      temps[index * layers + layer] = tempsC[column * layers + layer] as number;
      heights[index * layers + layer] = heightsM[column * layers + layer] as number;
    }
  });
  const coldestC = coldest(cells);
  // The middle is wherever it is coldest: off the centre in a ring.
  return {
    seconds,
    coldestC,
    middleC: coldestC,
    rimC: tempsC[edgeColumn * layers + middle] as number,
    crownIndex: (highestM - edgeM) / edgeM,
    browning,
    tempsC: temps,
    heightsM: heights,
  };
}
