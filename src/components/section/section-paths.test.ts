import { describe, expect, it } from "vitest";
import { tinGeometry, type Tin, type TinGeometry } from "@/core/tin";
import { cakePaths, emptyTinPath, LIP_MM, pouredPaths } from "./section-paths";

function geometryOf(tin: Tin): TinGeometry {
  const geometry = tinGeometry(tin);
  if (!geometry.ok) throw new Error(JSON.stringify(geometry.issue));
  return geometry.value;
}

const STRAIGHT = geometryOf({ shape: "round", diameterMm: 200, depthMm: 60, taperDeg: 0 });
const RING = geometryOf({ shape: "tube", diameterMm: 230, depthMm: 90, tubeMm: 60 });

type Corner = readonly [x: number, y: number];

/** The corners of each closed straight shape of a path. */
function shapesOf(path: string): readonly (readonly Corner[])[] {
  return [...path.matchAll(/M([^MZ]+)Z/gu)].map(([, corners = ""]) =>
    corners.split("L").map((corner): Corner => {
      const [x = Number.NaN, y = Number.NaN] = corner.split(" ").map(Number);
      return [x, y];
    }),
  );
}

/** Area of a closed shape by its corners (the shoelace formula). */
const areaOf = (corners: readonly Corner[]): number =>
  Math.abs(
    corners.reduce((sum, [x, y], index) => {
      const [nextX, nextY] = corners[(index + 1) % corners.length] ?? [0, 0];
      return sum + x * nextY - nextX * y;
    }, 0),
  ) / 2;

const numbersOf = (path: string): readonly number[] =>
  [...path.matchAll(/-?\d+(?:\.\d+)?/gu)].map(([number]) => Number(number));

describe("a section's paths", () => {
  it("fill a straight tin with a rectangle, but for its fillet", () => {
    const { poured, widthMm, heightMm } = pouredPaths(STRAIGHT, 40);
    const [shape = [], ...others] = shapesOf(poured);
    expect(others).toEqual([]);
    const full = 200 * 40;
    expect(areaOf(shape)).toBeLessThanOrEqual(full);
    expect(areaOf(shape)).toBeGreaterThan(0.97 * full);
    expect(Math.min(...shape.map(([, y]) => y))).toBeCloseTo(-40, 2);
    expect(widthMm).toBeCloseTo(200 + 2 * LIP_MM, 1);
    expect(heightMm).toBe(60);
  });

  it("give what is poured over the rim its own height", () => {
    expect(pouredPaths(STRAIGHT, 72).heightMm).toBe(72);
  });

  it("stand a ring on both sides of its tube, as mirrors of each other", () => {
    const [right = [], left = [], ...others] = shapesOf(pouredPaths(RING, 50).poured);
    expect(others).toEqual([]);
    expect(left).toEqual(right.map(([x, y]) => [-x, y]));
    expect(Math.min(...right.map(([x]) => x))).toBeGreaterThan(20);
  });

  it("draw a tin from lip to lip", () => {
    const { path, widthMm } = emptyTinPath(STRAIGHT);
    const corners = path
      .slice(1)
      .split("L")
      .map((corner) => corner.split(" ").map(Number));
    const [first, last] = [corners[0], corners.at(-1)];
    expect(first?.[0]).toBeCloseTo(-widthMm / 2, 1);
    expect(last?.[0]).toBeCloseTo(widthMm / 2, 1);
    expect([first?.[1], last?.[1]]).toEqual([-60, -60]);
  });

  it("arch a crown through its top half-way between its ends", () => {
    const { top } = cakePaths(STRAIGHT, { edgeMm: 40, crownTopMm: 55 }, true);
    const [fromX = 0, fromY = 0, , overY = 0, toX = 0, toY = 0] = numbersOf(top);
    expect([fromX, fromY, toX, toY]).toEqual([-100, -40, 100, -40]);
    expect((fromY + 2 * overY + toY) / 4).toBeCloseTo(-55, 2);
  });

  it("cut a crown level when there is none", () => {
    const { top, heightMm } = cakePaths(STRAIGHT, { edgeMm: 40, crownTopMm: 55 }, false);
    expect(numbersOf(top).filter((_, index) => index % 2 === 1)).toEqual([-40, -40, -40]);
    expect(heightMm).toBe(40);
  });

  it.each([
    ["a round", STRAIGHT, 1],
    ["a ring", RING, 2],
  ] as const)("lay a coat of one thickness on %s", (_, geometry, sides) => {
    const { coat, heightMm } = cakePaths(geometry, { edgeMm: 40, crownTopMm: 50 }, true, 6);
    const shapes = coat.split("Z").filter((shape) => shape !== "");
    expect(shapes).toHaveLength(sides);
    for (const shape of shapes) {
      const [aX, aY, , bY = 0, cX, cY, lowX, lowY, , overY = 0, backX, backY] = numbersOf(shape);
      expect([aY, cY, lowY, backY]).toEqual([-46, -46, -40, -40]);
      expect([lowX, backX]).toEqual([cX, aX]);
      expect(overY - bY).toBeCloseTo(6, 2);
    }
    expect(heightMm).toBe(56);
  });
});
