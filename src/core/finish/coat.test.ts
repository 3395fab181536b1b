import { describe, expect, it } from "vitest";
import { buildCakes, type BuildRequest } from "../build";
import { baked, built } from "../build/built.test-data";
import type { TinFill } from "../fill";
import type { Tin } from "../tin";
import { finishCakes, type Finish, type FinishRequest } from ".";

const US_CUP = 236.5882365;

function finished(
  request: FinishRequest,
  tins: readonly TinFill[],
  build: BuildRequest = {},
): Finish {
  const { cover = "top" } = request;
  const result = finishCakes(request, built(build, tins, cover !== "none" && cover !== "top"));
  if (!result.ok) throw new Error(JSON.stringify(result.issue));
  return result.value;
}
const frosting = (request: FinishRequest, ...tins: readonly TinFill[]): Finish =>
  finished(request, tins);

describe("frosting against usual guidance, US cups", () => {
  it.each<[string, Tin, number, FinishRequest, number, number]>([
    [
      "8 in, two layers of 35 mm",
      { shape: "springform", diameterMm: 203, depthMm: 65, count: 2 },
      35,
      { cover: "top-and-sides" },
      4.15,
      4.4,
    ],
    [
      "9 in, two of 32 mm",
      { shape: "springform", diameterMm: 229, depthMm: 65, count: 2 },
      32,
      { cover: "top-and-sides" },
      4.8,
      5.05,
    ],
    [
      "9 in, two of 40 mm",
      { shape: "springform", diameterMm: 229, depthMm: 65, count: 2 },
      40,
      { cover: "top-and-sides" },
      5.2,
      5.6,
    ],
    [
      "8 in, three of 28 mm",
      { shape: "springform", diameterMm: 203, depthMm: 65, count: 3 },
      28,
      { cover: "top-and-sides" },
      5.3,
      6,
    ],
    [
      "the top of a 13 x 9 in",
      { shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51 },
      30,
      { cover: "top" },
      2.9,
      3.5,
    ],
    [
      "24 cups, spread",
      { shape: "well", rimMm: 70, depthMm: 32, count: 24 },
      26,
      { cover: "top" },
      2,
      3,
    ],
  ])("%s", (_name, tin, edgeMm, request, least, most) => {
    const cups = frosting(request, baked(tin, edgeMm)).volumeMl / US_CUP;
    expect(cups).toBeGreaterThan(least);
    expect(cups).toBeLessThan(most);
  });
});

describe("frosting by hand", () => {
  const round = baked({ shape: "springform", diameterMm: 200, depthMm: 65 }, 40);

  it("coats a cylinder: π/4·216²·48 less π/4·200²·40", () => {
    const { volumeMl, massG, layers } = frosting(
      { cover: "top-and-sides", marginFraction: 0 },
      round,
    );
    const coat = (Math.PI / 4) * (216 ** 2 * 48 - 200 ** 2 * 40);
    expect(volumeMl).toBeCloseTo(coat / 1000, 3);
    expect(massG).toBeCloseTo((coat / 1000) * 0.8, 3);
    expect(layers).toBe(1);
  });

  it("covers a ring's hole wall too: π/4((D+2c)² - (d-2c)²)(H+c) - A·H", () => {
    const ring = baked(
      { shape: "tube", diameterMm: 240, depthMm: 120, tubeMm: 70, taperDeg: 0 },
      60,
      "chiffon",
    );
    const { volumeMl } = frosting(
      { cover: "top-and-sides", topMm: 4, sideMm: 4, firstMm: 0, marginFraction: 0 },
      ring,
    );
    const coat = (Math.PI / 4) * ((248 ** 2 - 62 ** 2) * 64 - (240 ** 2 - 70 ** 2) * 60);
    expect(volumeMl).toBeCloseTo(coat / 1000, 3);
  });

  it("refuses a coat that would close the hole, on both sides of the threshold", () => {
    const ring = baked(
      { shape: "tube", diameterMm: 200, depthMm: 120, tubeMm: 20, taperDeg: 0 },
      60,
      "chiffon",
    );
    expect(finishCakes({ cover: "top-and-sides", sideMm: 10 }, built({}, [ring]))).toMatchObject({
      ok: false,
      issue: { path: "finish.sideMm", value: 10, max: 9.5, because: "hole-would-close" },
    });
    expect(finishCakes({ cover: "top-and-sides", sideMm: 9.9 }, built({}, [ring])).ok).toBe(true);
    // A wall that stays bare has no coat to close it.
    expect(
      finishCakes({ cover: "top-and-sides", sideMm: 14, innerWall: false }, built({}, [ring])).ok,
    ).toBe(true);
  });

  it("covers a dome: (1 + (10/100)²) of the disc, 9 mm thick, with 12 % to spare", () => {
    expect(frosting({}, round).volumeMl).toBeCloseTo(
      (Math.PI * 100 * 100 * 1.01 * 9 * 1.12) / 1000,
      3,
    );
  });

  it("covers cups on top only, and nothing when nothing is asked", () => {
    const cups = baked({ shape: "well", rimMm: 70, depthMm: 32, count: 12 }, 26);
    expect(frosting({ cover: "top-and-sides" }, cups).volumeMl).toBeCloseTo(
      frosting({ cover: "top" }, cups).volumeMl,
      9,
    );
    expect(frosting({ cover: "none" }, cups).massG).toBe(0);
  });

  it("takes a lighter frosting by weight, not by volume", () => {
    const butter = frosting({}, round);
    const cream = frosting({ frosting: "whipped-cream" }, round);
    expect(cream.volumeMl).toBe(butter.volumeMl);
    expect(cream.massG / butter.massG).toBeCloseTo(0.47 / 0.8, 9);
  });
});

describe("coats", () => {
  const pair = baked({ shape: "springform", diameterMm: 200, depthMm: 65, count: 2 }, 40);

  it("are a thin one and the rest: 2 mm all round, then up to 8", () => {
    const { quantities } = frosting(
      { cover: "top-and-sides" },
      baked({ shape: "springform", diameterMm: 200, depthMm: 65 }, 40),
    );
    const cylinder = (diameter: number, height: number): number =>
      ((Math.PI / 4) * diameter ** 2 * height) / 1000;
    const of = (thing: string): number =>
      quantities.find((each) => each.thing === thing)?.volumeMl ?? 0;
    expect(of("first-coat")).toBeCloseTo(cylinder(204, 42) - cylinder(200, 40), 3);
    expect(of("first-coat") + of("final-coat")).toBeCloseTo(
      cylinder(216, 48) - cylinder(200, 40),
      3,
    );
  });

  it("of a naked cake are its filling and its top alone; half-naked adds 1.5 mm of side", () => {
    const naked = frosting({ cover: "naked", marginFraction: 0 }, pair);
    expect(naked.quantities.map(({ thing }) => thing)).toEqual(["filling", "top"]);
    expect(naked.volumeMl).toBeCloseTo((Math.PI * 100 * 100 * (6 + 6)) / 1000, 3);
    const half = frosting({ cover: "half-naked", marginFraction: 0 }, pair);
    expect(half.volumeMl - Math.PI * 10 * 10 * 0.6).toBeCloseTo(
      ((Math.PI / 4) * (203 ** 2 * 92 - 200 ** 2 * 86)) / 1000,
      3,
    );
  });

  it("of a ring may leave the wall of its hole bare: its hole then keeps its width", () => {
    const ring = baked(
      { shape: "tube", diameterMm: 240, depthMm: 120, tubeMm: 70, taperDeg: 0 },
      60,
      "chiffon",
    );
    const { volumeMl } = frosting(
      {
        cover: "top-and-sides",
        topMm: 4,
        sideMm: 4,
        firstMm: 0,
        innerWall: false,
        marginFraction: 0,
      },
      ring,
    );
    expect(volumeMl).toBeCloseTo(
      ((Math.PI / 4) * ((248 ** 2 - 70 ** 2) * 64 - (240 ** 2 - 70 ** 2) * 60)) / 1000,
      3,
    );
  });

  it("over a crown that was left follow its curve: never less than over a level top", () => {
    const domed = finished({ cover: "top-and-sides" }, [pair], { top: "domed" });
    expect(domed.massG).toBeGreaterThan(frosting({ cover: "top-and-sides" }, pair).massG);
  });

  it("grow with every thickness, and what is made is what is spread and the margin", () => {
    for (let thickMm = 2; thickMm < 20; thickMm += 1) {
      const [thin, thick] = [thickMm, thickMm + 1].map((topMm) =>
        frosting({ cover: "top-and-sides", topMm, sideMm: topMm }, pair),
      );
      expect(thick?.massG ?? 0).toBeGreaterThan(thin?.massG ?? 0);
      const spread = thin?.quantities.reduce((sum, { massG }) => sum + massG, 0) ?? 0;
      expect(thin?.massG).toBeCloseTo(spread * 1.12, 6);
    }
  });

  it("on tiers leave out what the tier above hides, and may not be wider than the ledge", () => {
    const tiers = [
      baked({ shape: "springform", diameterMm: 240, depthMm: 65 }, 40),
      baked({ shape: "springform", diameterMm: 160, depthMm: 65 }, 40),
    ];
    const together = finished({ cover: "top-and-sides", marginFraction: 0 }, tiers, {
      standing: "tiers",
    });
    const apart = finished({ cover: "top-and-sides", marginFraction: 0 }, tiers);
    // 8 mm under the upper tier, 160 mm across.
    expect(apart.volumeMl - together.volumeMl).toBeCloseTo(
      ((Math.PI / 4) * 160 ** 2 * 8) / 1000,
      3,
    );
    const close = [
      baked({ shape: "springform", diameterMm: 200, depthMm: 65 }, 40),
      baked({ shape: "springform", diameterMm: 200, depthMm: 65 }, 41),
    ];
    const build = buildCakes({ standing: "tiers" }, close, {
      kind: "creamed",
      frosting: "butter-and-sugar",
      standing: "stacked",
      isLevel: true,
    });
    if (!build.ok) throw new Error("no build");
    expect(finishCakes({ cover: "top-and-sides", sideMm: 8 }, build.value).ok).toBe(true);
  });
});
