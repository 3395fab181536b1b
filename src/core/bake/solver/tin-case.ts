import { levelFor, outlineAt, planMask, spansAt } from "../../tin";
import { PAPER_M2K_PER_W, type BakeCase } from "../closed-form";
import { CONVECTION } from "../heat-transfer";
import { MATERIAL_FACTS } from "../materials";
import { conductivity, heatPotential } from "./batter-physics";
import type { PlanAt } from "./cells";
import { blockMesh, layerHeights, maskMesh, roundMesh, type Mesh } from "./mesh";
import { solve, type Physics, type SolverCase } from "./solve";

const POTENTIAL = heatPotential(conductivity);

/** Everything that takes part in the bake of a cake. */
export const CAKE_PHYSICS: Physics = {
  potential: POTENTIAL,
  rises: true,
  evaporates: true,
  radiates: true,
  contactM2KPerW: 0.002,
  topEmissivity: 0.9,
  startC: 21,
  doorDropC: 25,
};

/** Heights for which a tin's plan is worked out ahead, mm apart. */
const PLAN_STEP_MM = 1;

/**
 * One tin of batter as the solver takes it: rounds and rings in annuli, blocks as a quarter; ovals,
 * hexagons and hearts by a mask, with their true area and perimeter.
 * @param finer how many times finer than usual the cells are
 */
export function solverCase(
  { geometry, batterMl, ovenC, isFan, isLined = false }: BakeCase,
  hasStrips = false,
  finer = 1,
): SolverCase {
  const depthMm = levelFor(geometry, batterMl);
  const referenceMm = depthMm / 2;
  const { mesh, symmetry } = meshOf(geometry, referenceMm, finer);
  const outline = outlineAt(geometry, referenceMm);
  const [trueArea, meshArea] = [
    outline.areaMm2 - outline.tubeAreaMm2,
    symmetry * 1e6 * mesh.areasM2.reduce((sum, each) => sum + each, 0),
  ];
  const outerLength =
    symmetry *
    1e3 *
    mesh.walls.reduce((sum, { lengthM, isTube }) => sum + (isTube ? 0 : lengthM), 0);
  return {
    mesh: {
      ...mesh,
      areasM2: mesh.areasM2.map((each) => (each * trueArea) / meshArea),
      walls: mesh.walls.map((face) =>
        face.isTube
          ? face
          : { ...face, lengthM: (face.lengthM * outline.perimeterMm) / outerLength },
      ),
    },
    layersM: layerHeights(depthMm / 1000, finer),
    planAt: tabulatedPlan(geometry, referenceMm),
    ovenC,
    convection: isFan ? CONVECTION.fan : CONVECTION.still,
    wall: MATERIAL_FACTS[geometry.material],
    hasStrips,
    physics: isLined
      ? { ...CAKE_PHYSICS, contactM2KPerW: CAKE_PHYSICS.contactM2KPerW + PAPER_M2K_PER_W }
      : CAKE_PHYSICS,
  };
}

function meshOf(
  geometry: BakeCase["geometry"],
  heightMm: number,
  finer: number,
): { readonly mesh: Mesh; readonly symmetry: number } {
  const mask = planMask(geometry, heightMm);
  if (mask !== null) return { mesh: maskMesh(mask, finer), symmetry: mask.isQuartered ? 4 : 2 };
  const spans = spansAt(geometry, heightMm);
  switch (spans.kind) {
    case "round":
      return { mesh: roundMesh(spans.diameterMm / 2000, 0, finer), symmetry: 1 };
    case "ring": {
      const { areaMm2, tubeAreaMm2 } = outlineAt(geometry, heightMm);
      return {
        mesh: roundMesh(
          Math.sqrt(areaMm2 / Math.PI) / 1000,
          Math.sqrt(tubeAreaMm2 / Math.PI) / 1000,
          finer,
        ),
        symmetry: 1,
      };
    }
    case "rectangle":
      return { mesh: blockMesh(spans.lengthMm / 2000, spans.widthMm / 2000, finer), symmetry: 4 };
  }
}

/** The tin's plan at each millimetre of height, against its plan at `referenceMm`. */
function tabulatedPlan(
  geometry: BakeCase["geometry"],
  referenceMm: number,
): (heightM: number) => PlanAt {
  const at = (heightMm: number) => {
    const { areaMm2, tubeAreaMm2, perimeterMm } = outlineAt(geometry, heightMm);
    return {
      area: areaMm2 - tubeAreaMm2,
      perimeter: perimeterMm,
      trough: Math.sqrt(areaMm2 / Math.PI) - Math.sqrt(tubeAreaMm2 / Math.PI),
      isRing: tubeAreaMm2 > 0,
    };
  };
  const reference = at(referenceMm);
  const steps = Math.ceil((2.5 * geometry.depthMm) / PLAN_STEP_MM) + 2;
  const table = Array.from({ length: steps }, (_, index): PlanAt => {
    const heightMm = (index + 0.5) * PLAN_STEP_MM;
    const here = at(heightMm);
    const [below, above] = [at(Math.max(0, heightMm - 1)), at(heightMm + 1)];
    // How far the wall leans out per unit of height: the area's growth over the perimeter.
    const slope = (above.area - below.area) / (Math.min(2, heightMm + 1) * here.perimeter);
    return {
      area: Math.max(1e-3, here.area / reference.area),
      wall: (here.perimeter / reference.perimeter) * Math.hypot(1, slope),
      link: here.isRing ? Math.min(3, reference.trough / Math.max(1, here.trough)) : 1,
    };
  });
  const last: PlanAt = table[steps - 1] ?? { area: 1, wall: 1, link: 1 };
  return (heightM) => table[Math.floor((heightM * 1000) / PLAN_STEP_MM)] ?? last;
}

/** The coldest cell of an ordinary batter is set at this, °C; the closed form was fitted to it. */
export const DONE_C = 96;
const MOST_MINUTES = 300;

/**
 * Minutes until the coldest part of one tin of batter is set, solved; infinite when it is not
 * within five hours. Like `closedFormMinutes`, only the ratio between two cases means anything.
 */
export function solvedMinutes(bake: BakeCase, hasStrips = false): number {
  const { doneSeconds } = solve(solverCase(bake, hasStrips), DONE_C, MOST_MINUTES * 60);
  return doneSeconds === null ? Infinity : doneSeconds / 60;
}
