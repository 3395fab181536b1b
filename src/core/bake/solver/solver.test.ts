import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { tinGeometry, type Tin, type TinGeometry } from "../../tin";
import { closedFormMinutes, type BakeCase } from "../closed-form";
import { conductivity, expansion, heatPotential } from "./batter-physics";
import { blockMesh, layerHeights, roundMesh, widthsFromWall, type Mesh } from "./mesh";
import { solve, type Physics, type SolverCase } from "./solve";
import { DONE_C, solvedMinutes, solverCase } from "./tin-case";

function tin(spec: Tin): TinGeometry {
  const result = tinGeometry(spec);
  if (!result.ok) throw new Error(JSON.stringify(result.issue));
  return result.value;
}

const H = 15;
const K = 0.5;
const ALPHA = K / (950 * 2900);
const PLAIN: Physics = {
  potential: heatPotential(() => K),
  rises: false,
  evaporates: false,
  radiates: false,
  contactM2KPerW: 1e-9,
  topEmissivity: 0,
  startC: 20,
  doorDropC: 0,
};

/** Constant properties, convection alone on all faces: what series solutions describe. */
function plainCase(mesh: Mesh, heightM: number, finer: number): SolverCase {
  return {
    mesh,
    layersM: layerHeights(heightM, finer),
    planAt: () => ({ area: 1, wall: 1, link: 1 }),
    ovenC: 120,
    convection: H,
    wall: { emissivity: 0, heatJPerM2K: 0, resistanceM2KPerW: 0 },
    hasStrips: false,
    physics: PLAIN,
  };
}

function root(of: (x: number) => number, low: number, high: number): number {
  let [a, b] = [low, high];
  for (let step = 0; step < 80; step += 1) {
    const middle = (a + b) / 2;
    if (of(a) * of(middle) <= 0) b = middle;
    else a = middle;
  }
  return (a + b) / 2;
}

/** Unfinished share of the way from start to oven at `x` from the middle of a slab 2·half thick. */
function slab(x: number, half: number, seconds: number): number {
  const biot = (H * half) / K;
  let sum = 0;
  for (let n = 0; n < 12; n += 1) {
    const z = root(
      (zeta) => zeta * Math.sin(zeta) - biot * Math.cos(zeta),
      n * Math.PI,
      n * Math.PI + Math.PI / 2,
    );
    sum +=
      ((4 * Math.sin(z)) / (2 * z + Math.sin(2 * z))) *
      Math.exp((-z * z * ALPHA * seconds) / half ** 2) *
      Math.cos((z * x) / half);
  }
  return sum;
}

/** Bessel's J of order n by its integral, which the midpoint rule takes exactly. */
function bessel(n: number, x: number): number {
  let sum = 0;
  for (let step = 0; step < 200; step += 1) {
    const turn = (Math.PI * (step + 0.5)) / 200;
    sum += Math.cos(n * turn - x * Math.sin(turn));
  }
  return sum / 200;
}

/** The same at radius `r` of a long cylinder. */
function cylinder(r: number, radius: number, seconds: number): number {
  const biot = (H * radius) / K;
  let sum = 0;
  for (let n = 0; n < 12; n += 1) {
    const z = root(
      (zeta) => zeta * bessel(1, zeta) - biot * bessel(0, zeta),
      n * Math.PI + 1e-9,
      (n + 1) * Math.PI - 0.3,
    );
    sum +=
      ((2 / z) *
        bessel(1, z) *
        Math.exp((-z * z * ALPHA * seconds) / radius ** 2) *
        bessel(0, (z * r) / radius)) /
      (bessel(0, z) ** 2 + bessel(1, z) ** 2);
  }
  return sum;
}

const SECONDS = 2400;
const HEIGHT = 0.05;

/** The middles of layers, from the middle of the height, m. */
function layerMiddles(finer: number): readonly number[] {
  let z = -HEIGHT / 2;
  return layerHeights(HEIGHT, finer).map((height) => {
    z += height;
    return z - height / 2;
  });
}

/** The worst difference of any cell from the exact answer, as a share of the drive of 100 °C. */
function worstError(
  mesh: Mesh,
  finer: number,
  exact: (column: number, z: number) => number,
): number {
  const { tempsC } = solve(plainCase(mesh, HEIGHT, finer), Infinity, SECONDS);
  const layers = layerMiddles(finer);
  return Math.max(
    ...Array.from(tempsC, (tempC, cell) =>
      Math.abs(
        (120 - tempC) / 100 -
          exact(Math.floor(cell / layers.length), layers[cell % layers.length] ?? 0),
      ),
    ),
  );
}

const one: Mesh = {
  areasM2: Float64Array.of(1),
  links: [],
  walls: [],
  section: [0],
  sectionEdgesM: [0, 1],
};
const slabError = (finer: number): number =>
  worstError(one, finer, (_, z) => slab(z, HEIGHT / 2, SECONDS));

function discError(finer: number): number {
  const widths = widthsFromWall(0.1, finer).toReversed();
  let r = 0;
  const middles = widths.map((width) => {
    r += width;
    return r - width / 2;
  });
  const across = middles.map((middle) => cylinder(middle, 0.1, SECONDS));
  return worstError(
    roundMesh(0.1, 0, finer),
    finer,
    (column, z) => slab(z, HEIGHT / 2, SECONDS) * (across[column] ?? NaN),
  );
}

function blockError(finer: number): number {
  const widths = widthsFromWall(0.08, finer).toReversed();
  let x = 0;
  const middles = widths.map((width) => {
    x += width;
    return x - width / 2;
  });
  const at = (index: number): number => slab(middles[index] ?? 0, 0.08, SECONDS);
  return worstError(
    blockMesh(0.08, 0.08, finer),
    finer,
    (column, z) =>
      slab(z, HEIGHT / 2, SECONDS) *
      at(Math.floor(column / widths.length)) *
      at(column % widths.length),
  );
}

describe("constant properties against series solutions", () => {
  it("a slab is within 0.6 % of the drive on the usual grid, and closer by the square of a finer one", () => {
    expect(slabError(1)).toBeLessThan(0.006);
    // Three times finer is nine times closer when the order is two; 5 leaves room for uneven
    // layers.
    expect(slabError(1) / slabError(3)).toBeGreaterThan(5);
  });

  it("a disc, slab by cylinder", () => {
    expect(discError(1)).toBeLessThan(0.012);
    expect(discError(1) / discError(3)).toBeGreaterThan(4);
  });

  it("a block, slab by slab by slab", () => {
    expect(blockError(1)).toBeLessThan(0.012);
    expect(blockError(1) / blockError(2)).toBeGreaterThan(2.5);
  });

  it("a block is the same along its length and its width", () => {
    const { tempsC } = solve(plainCase(blockMesh(0.08, 0.08), HEIGHT, 1), Infinity, SECONDS);
    const columns = widthsFromWall(0.08).length;
    const layers = layerHeights(HEIGHT).length;
    for (let i = 0; i < columns; i += 1) {
      for (let j = 0; j < i; j += 1)
        expect(tempsC[(i * columns + j) * layers]).toBeCloseTo(
          tempsC[(j * columns + i) * layers] ?? 0,
          9,
        );
    }
  });
});

describe("batter", () => {
  it.each([
    [20, 0.4],
    [60, 0.51],
    [80, 0.98],
    [90, 1.47],
    [97, 2.02],
  ])("at %d °C conducts %d W/mK", (tempC, expected) => {
    expect(conductivity(tempC)).toBeCloseTo(expected, 2);
  });

  it("rises from 30 to 90 °C, half-way at 60, to 1.95 times", () => {
    expect([20, 30, 60, 90, 99].map(expansion)).toEqual([1, 1, 1.475, 1.95, 1.95]);
  });

  it("has a potential that is the integral of its conductivity", () => {
    const { phi, k } = heatPotential((tempC) => 0.4 + 0.01 * tempC);
    expect(phi(80) - phi(20)).toBeCloseTo(0.4 * 60 + 0.005 * (6400 - 400), 6);
    expect(k(50)).toBeCloseTo(0.9, 9);
  });
});

describe("a cake in its tin", () => {
  const bake = (spec: Tin, batterMl: number, ovenC = 177, isFan = false): BakeCase => ({
    geometry: tin(spec),
    batterMl,
    ovenC,
    isFan,
  });
  const EIGHT = bake({ shape: "round", diameterMm: 203, depthMm: 51 }, 600);

  it("holds at the end just the heat that came in through its faces", () => {
    for (const each of [
      EIGHT,
      bake({ shape: "fluted", diameterMm: 250, depthMm: 90 }, 1100),
      bake({ shape: "loaf", lengthMm: 216, widthMm: 114, depthMm: 65 }, 900),
    ]) {
      const given = solverCase(each);
      const [still, rising] = [false, true].map((rises) => {
        const { energyInJ, energyGainedJ } = solve(
          { ...given, physics: { ...given.physics, rises } },
          DONE_C,
          4 * 3600,
        );
        return energyInJ / energyGainedJ;
      });
      expect(still).toBeCloseTo(1, 9);
      // Raw batter that levels out takes the warmth of its new place, not its own: a hundredth.
      expect(Math.abs((rising ?? 0) - 1)).toBeLessThan(0.015);
    }
  });

  it("takes the minutes of the closed form that was fitted to bakes like it, within 8 %", () => {
    const cases: readonly BakeCase[] = [
      EIGHT,
      bake({ shape: "round", diameterMm: 229, depthMm: 51 }, 600),
      bake({ shape: "well", rimMm: 70, depthMm: 32 }, 50),
      bake({ shape: "well", rimMm: 46, depthMm: 20 }, 18),
      bake({ shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51 }, 1200),
      bake({ shape: "loaf", lengthMm: 216, widthMm: 114, depthMm: 65 }, 950),
      bake({ shape: "fluted", diameterMm: 254, depthMm: 89 }, 1200),
      bake({ shape: "round", diameterMm: 203, depthMm: 76 }, 1200),
      bake(
        { shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51, material: "glass" },
        1200,
      ),
      bake({ shape: "round", diameterMm: 203, depthMm: 51, material: "dark" }, 600, 163),
      bake({ shape: "round", diameterMm: 203, depthMm: 51 }, 600, 190, true),
    ];
    const logs = cases.map((each) => Math.log(solvedMinutes(each) / closedFormMinutes(each)));
    for (const log of logs) expect(Math.abs(log)).toBeLessThan(0.08);
    const rms = Math.sqrt(logs.reduce((sum, log) => sum + log * log, 0) / logs.length);
    expect(rms).toBeLessThan(0.035);
  });

  it("is quicker when hotter, and slower when there is more of it", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 120, max: 260 }),
        fc.integer({ min: 12, max: 32 }),
        fc.integer({ min: 150, max: 190 }),
        (diameterMm, depthMm, ovenC) => {
          const ml = (Math.PI * diameterMm ** 2 * depthMm) / 4000;
          const minutes = (volumeMl: number, heatC: number): number =>
            solvedMinutes(bake({ shape: "springform", diameterMm, depthMm: 80 }, volumeMl, heatC));
          const usual = minutes(ml, ovenC);
          expect(minutes(ml, ovenC + 10)).toBeLessThan(usual);
          expect(minutes(ml * 1.15, ovenC)).toBeGreaterThan(usual);
        },
      ),
      { numRuns: 10 },
    );
  });

  it("keeps the kitchen's rules: 350 to 325 °F takes 1.13 to 1.20 times, a fan at the same dial 0.80 to 0.89", () => {
    const at = (ovenC: number, isFan = false): number => solvedMinutes({ ...EIGHT, ovenC, isFan });
    expect(at(162.8) / at(176.7)).toBeGreaterThan(1.13);
    expect(at(162.8) / at(176.7)).toBeLessThan(1.2);
    expect(at(176.7, true) / at(176.7)).toBeGreaterThan(0.8);
    expect(at(176.7, true) / at(176.7)).toBeLessThan(0.89);
  });

  it("crowns more in a deep tin than in a shallow one, and less in strips", () => {
    const crown = (each: BakeCase, hasStrips = false): number =>
      solve(solverCase(each, hasStrips), DONE_C, 4 * 3600).moments.at(-1)?.crownIndex ?? NaN;
    expect(crown(bake({ shape: "round", diameterMm: 203, depthMm: 76 }, 1100))).toBeGreaterThan(
      crown(EIGHT),
    );
    expect(crown(EIGHT, true)).toBeLessThan(crown(EIGHT));
  });

  it("never sets in an oven that is too cool, and says so", () => {
    expect(solve(solverCase({ ...EIGHT, ovenC: 90 }), DONE_C, 3 * 3600).doneSeconds).toBeNull();
  });
});
