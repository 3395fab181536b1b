import { describe, expect, it } from "vitest";
import { bake, ROUND } from "../any-bake.test-data";
import { closedFormMinutes } from "../closed-form";
import { bakeInside, comparedInsides, setShare, solvingInside } from "./inside";
import { maskMesh } from "./mesh";
import { solvedMinutes } from "./tin-case";

const EIGHT = bake(ROUND, 600);
const inside = bakeInside(EIGHT);

describe("the inside of one bake", () => {
  it("tells how far it is before each step, and is done when the solver alone is", () => {
    const work = solvingInside({ ...EIGHT, hasStrips: false, doneC: 96, goesOn: 1.2 });
    let share = 0;
    for (;;) {
      const next = work.next();
      if (next.done === true) {
        expect(next.value.doneMinute).toBeCloseTo(solvedMinutes(EIGHT), 1);
        break;
      }
      expect(next.value).toBeGreaterThanOrEqual(share);
      expect(next.value).toBeLessThan(1);
      share = next.value;
    }
    expect(share).toBeGreaterThan(0.8);
  });

  it("sets its rim before its middle, and goes on past the end", () => {
    expect(inside.rimDoneMinute ?? 99).toBeLessThan(inside.doneMinute ?? 0);
    expect((inside.moments.at(-1)?.seconds ?? 0) / 60).toBeGreaterThan(
      1.25 * (inside.doneMinute ?? 99),
    );
    for (const [index, { coldestC, seconds }] of inside.moments.entries()) {
      expect(seconds).toBe(40 * index);
      expect(coldestC).toBeGreaterThanOrEqual((inside.moments[index - 1]?.coldestC ?? 0) - 1e-9);
    }
  });

  it("shows a section as high as the batter is, and as wide as the tin", () => {
    const start = inside.moments[0];
    const column = Array.from(start?.heightsM.slice(0, inside.layers) ?? []).reduce(
      (sum, each) => sum + each,
      0,
    );
    // 600 mL over a floor 203 mm across with a small fillet.
    expect(column).toBeGreaterThan(0.017);
    expect(column).toBeLessThan(0.021);
    expect(inside.sectionEdgesMm.at(-1)).toBeCloseTo(101.5, 0);
    expect(start?.tempsC).toHaveLength((inside.sectionEdgesMm.length - 1) * inside.layers);
  });

  it("is set by area: none at first, then more, all of it when its coldest part is", () => {
    const shares = inside.moments.map((moment) => setShare(inside, moment, 96));
    expect(shares[0]).toBe(0);
    // What is raw still rises beside what is set, so that its share may give a little.
    for (const [index, share] of shares.entries())
      expect(share).toBeGreaterThan((shares[index - 1] ?? 0) - 0.005);
    for (const [index, { coldestC }] of inside.moments.entries())
      expect((shares[index] ?? 0) > 1 - 1e-12).toBe(coldestC >= 96);
    // A section of two columns, one of them three times as wide and half as high, in one layer
    // each.
    const two = { ...inside, layers: 1, sectionEdgesMm: [0, 10, 40] };
    const [moment] = inside.moments;
    if (moment === undefined) throw new Error("no moment");
    expect(
      setShare(
        two,
        {
          ...moment,
          tempsC: Float32Array.from([97, 95]),
          heightsM: Float32Array.from([0.02, 0.01]),
        },
        96,
      ),
    ).toBeCloseTo(0.4, 6);
  });

  it("never sets in an oven that is too cool, and says so by having no end", () => {
    const { doneMinute, rimDoneMinute } = bakeInside(
      bake({ shape: "springform", diameterMm: 203, depthMm: 120 }, 2600, 100),
    );
    expect([doneMinute, rimDoneMinute]).toEqual([null, null]);
  });

  it("is done sooner at a lower core", () => {
    expect(bakeInside({ ...EIGHT, doneC: 90 }).doneMinute ?? 99).toBeLessThan(
      inside.doneMinute ?? 0,
    );
  });
});

describe("one inside against another", () => {
  it("is the same as itself", () => {
    expect(comparedInsides(inside, inside)).toEqual({ crown: "same", crust: "same" });
  });

  it.each([
    ["low and slow", { ...EIGHT, ovenC: 147 }, { crown: "less", crust: "less" }],
    ["in wet strips", { ...EIGHT, hasStrips: true }, { crown: "less" }],
    [
      "deep, at the same heat",
      bake({ shape: "round", diameterMm: 203, depthMm: 76 }, 1100),
      { crown: "more", crust: "more" },
    ],
    ["hotter", { ...EIGHT, ovenC: 197 }, { crown: "more", crust: "more" }],
  ] as const)("%s", (_name, other, expected) => {
    expect(comparedInsides(bakeInside(other), inside)).toMatchObject(expected);
  });
});

describe("plans by a mask", () => {
  const disc = (isQuartered: boolean): Parameters<typeof maskMesh>[0] => ({
    halfLengthMm: 100,
    halfWidthMm: 100,
    isQuartered,
    isInside: (x, y) => Math.hypot(x, y) <= 100,
  });

  it("have their own area within a few per cent, and half is about twice a quarter", () => {
    const [quarter, half] = [maskMesh(disc(true)), maskMesh(disc(false))].map(({ areasM2 }) =>
      areasM2.reduce((sum, each) => sum + each, 0),
    );
    expect(Math.abs((4 * (quarter ?? 0)) / (Math.PI * 0.01) - 1)).toBeLessThan(0.05);
    expect(Math.abs((half ?? 0) / (quarter ?? 1) - 2)).toBeLessThan(0.05);
  });

  it("bake an oval that is nearly round in the minutes of the round", () => {
    const oval = solvedMinutes(
      bake({ shape: "oval", lengthMm: 204, widthMm: 202, depthMm: 51 }, 600),
    );
    expect(Math.abs(oval / solvedMinutes(EIGHT) - 1)).toBeLessThan(0.05);
  });

  it("bake a heart and a hexagon within a tenth of the round of their area", () => {
    for (const shape of ["heart", "hexagon"] as const) {
      const own = bake({ shape, widthMm: 220, depthMm: 51 }, 650);
      expect(Math.abs(solvedMinutes(own) / closedFormMinutes(own) - 1)).toBeLessThan(0.1);
    }
    const sail = bake({ shape: "triangle", sideMm: 260, depthMm: 51 }, 500);
    expect(Math.abs(solvedMinutes(sail) / closedFormMinutes(sail) - 1)).toBeLessThan(0.12);
  });
});
