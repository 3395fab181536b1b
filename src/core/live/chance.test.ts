import { expect, it } from "vitest";
import { drawnNumber, drawnNormal, type Chance } from "./chance";

/** So many numbers in a row. */
function many(
  draw: (chance: Chance) => readonly [value: number, next: Chance],
  count: number,
  seed: number,
): readonly number[] {
  let chance: Chance = { seed };
  return Array.from({ length: count }, () => {
    const [value, next] = draw(chance);
    chance = next;
    return value;
  });
}

const COUNT = 20_000;
const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / values.length;

it("is the same again from the same seed, and another from another", () => {
  expect(many(drawnNumber, 5, 7)).toEqual(many(drawnNumber, 5, 7));
  expect(many(drawnNumber, 5, 7)).not.toEqual(many(drawnNumber, 5, 8));
});

it("is spread evenly from 0 to 1", () => {
  const values = many(drawnNumber, COUNT, 7);
  expect(Math.min(...values)).toBeGreaterThanOrEqual(0);
  expect(Math.max(...values)).toBeLessThan(1);
  // Ten boxes of 2000 each, σ 42: four of that.
  for (let box = 0; box < 10; box += 1)
    expect(
      Math.abs(values.filter((value) => Math.floor(value * 10) === box).length - COUNT / 10),
    ).toBeLessThan(170);
});

it("is normal with σ 1: as many within one σ, two and three as there should be", () => {
  const values = many(drawnNormal, COUNT, 7);
  expect(Math.abs(mean(values))).toBeLessThan(4 / Math.sqrt(COUNT));
  expect(mean(values.map((value) => value * value))).toBeCloseTo(1, 1);
  for (const [within, share] of [
    [1, 0.6827],
    [2, 0.9545],
    [3, 0.9973],
  ] as const)
    expect(values.filter((value) => Math.abs(value) < within).length / COUNT).toBeCloseTo(share, 2);
});
