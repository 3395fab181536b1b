import { describe, expect, it } from "vitest";
import type { LoggedBake } from "../logbook";
import type { Tin } from "../tin";
import { offBy, pastForecasts } from "./past-forecasts";

const ROUND: Tin = { shape: "round", diameterMm: 203, depthMm: 51, count: 2 };
const baked = (minutes: number, changes: Partial<LoggedBake> = {}): LoggedBake => ({
  recipe: "layers",
  reference: { tins: [ROUND], ovenC: 177, minutes: 34 },
  batter: { kind: "creamed", massG: 1030, volumeMl: 1200 },
  tins: [ROUND],
  ovenC: 177,
  minutes,
  verdict: "right",
  ...changes,
});

describe("past bakes against their forecasts", () => {
  it("are forecast by their recipe alone at first, then nearer with each bake", () => {
    const past = pastForecasts([baked(39), baked(39), baked(39), baked(39)]);
    for (const { bareMin } of past) expect(bareMin).toBeCloseTo(34, 6);
    expect(past[0]?.learntMin).toBeCloseTo(34, 6);
    const off = past.map(({ learntMin }) => Math.abs(learntMin - 39));
    for (let at = 1; at < off.length; at += 1)
      expect(off[at]).toBeLessThan(off[at - 1] ?? Infinity);
    expect(offBy(past, "learntMin") ?? 1).toBeLessThan(offBy(past, "bareMin") ?? 0);
  });

  it("learn nothing from a bake that comes after", () => {
    const [first] = pastForecasts([baked(39)]);
    expect(pastForecasts([baked(39), baked(90)])[0]).toEqual(first);
  });

  it("count what she wanted more as what it took, and a raw one not at all", () => {
    const past = pastForecasts([
      baked(30, { verdict: "under" }),
      baked(36, { verdict: "under", nextTimeMin: 2 }),
    ]);
    expect(past.map(({ at, tookMin }) => [at, tookMin])).toEqual([[1, 38]]);
  });

  it("leave out what names no bake to compare with", () => {
    const bare = baked(39, { reference: undefined });
    expect(pastForecasts([bare, { ...bare, recipe: "same" }])).toEqual([]);
    expect(offBy([], "bareMin")).toBeNull();
  });
});
