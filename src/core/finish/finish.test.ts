import { describe, expect, it } from "vitest";
import { stackHeight } from "../build";
import { fillTins, type TinFill } from "../fill";
import { batterFrom, type BatterKind } from "../mix";
import { tinGeometry, type Tin } from "../tin";
import { frostingFor, type Finish, type FinishRequest } from ".";

const US_CUP = 236.5882365;

/** Tins filled so that their cakes' edges come out `edgeMm` high, as far as halving the batter tells. */
function baked(tin: Tin, edgeMm: number, kind: BatterKind = "creamed"): TinFill {
  const geometry = tinGeometry(tin);
  if (!geometry.ok) throw new Error(JSON.stringify(geometry.issue));
  let [low, high] = [20, 20_000];
  let found: TinFill | undefined;
  for (let step = 0; step < 50; step += 1) {
    const batter = batterFrom({ kind, volumeMl: (low + high) / 2 });
    if (!batter.ok || batter.value === null) throw new Error("no batter");
    found = fillTins(batter.value, [geometry.value]).tins[0];
    if ((found?.baked.edgeMm ?? 0) > edgeMm) high = (low + high) / 2;
    else low = (low + high) / 2;
  }
  if (found === undefined) throw new Error("no fill");
  return found;
}

function frosting(request: FinishRequest, ...tins: readonly TinFill[]): Finish {
  const result = frostingFor(request, tins);
  if (!result.ok) throw new Error(JSON.stringify(result.issue));
  return result.value;
}

describe("frosting against usual guidance, US cups", () => {
  it.each<[string, Tin, number, FinishRequest, number, number]>([
    ["8 in, two layers of 35 mm", { shape: "springform", diameterMm: 203, depthMm: 65, count: 2 }, 35, { cover: "top-and-sides" }, 4.15, 4.4],
    ["9 in, two of 32 mm", { shape: "springform", diameterMm: 229, depthMm: 65, count: 2 }, 32, { cover: "top-and-sides" }, 4.8, 5.05],
    ["9 in, two of 40 mm", { shape: "springform", diameterMm: 229, depthMm: 65, count: 2 }, 40, { cover: "top-and-sides" }, 5.2, 5.6],
    ["8 in, three of 28 mm", { shape: "springform", diameterMm: 203, depthMm: 65, count: 3 }, 28, { cover: "top-and-sides" }, 5.3, 6],
    ["the top of a 13 x 9 in", { shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51 }, 30, { cover: "top" }, 2.9, 3.5],
    ["24 cups, spread", { shape: "well", rimMm: 70, depthMm: 32, count: 24 }, 26, { cover: "top" }, 2, 3],
  ])("%s", (_name, tin, edgeMm, request, least, most) => {
    const cups = frosting(request, baked(tin, edgeMm)).volumeMl / US_CUP;
    expect(cups).toBeGreaterThan(least);
    expect(cups).toBeLessThan(most);
  });
});

describe("frosting by hand", () => {
  const round = baked({ shape: "springform", diameterMm: 200, depthMm: 65 }, 40);

  it("coats a cylinder: π/4·216²·48 less π/4·200²·40", () => {
    const { volumeMl, massG, layers } = frosting({ cover: "top-and-sides", marginFraction: 0 }, round);
    const coat = (Math.PI / 4) * (216 ** 2 * 48 - 200 ** 2 * 40);
    expect(volumeMl).toBeCloseTo(coat / 1000, 3);
    expect(massG).toBeCloseTo((coat / 1000) * 0.8, 3);
    expect(layers).toBe(1);
  });

  it("covers a ring's hole wall too: π/4((D+2c)² - (d-2c)²)(H+c) - A·H", () => {
    const ring = baked({ shape: "tube", diameterMm: 240, depthMm: 120, tubeMm: 70, taperDeg: 0 }, 60, "chiffon");
    const { volumeMl } = frosting({ cover: "top-and-sides", thicknessMm: 4, marginFraction: 0 }, ring);
    const coat = (Math.PI / 4) * ((248 ** 2 - 62 ** 2) * 64 - (240 ** 2 - 70 ** 2) * 60);
    expect(volumeMl).toBeCloseTo(coat / 1000, 3);
  });

  it("refuses a coat that would close the hole, on both sides of the threshold", () => {
    const ring = baked({ shape: "tube", diameterMm: 200, depthMm: 120, tubeMm: 20, taperDeg: 0 }, 60, "chiffon");
    expect(frostingFor({ cover: "top-and-sides", thicknessMm: 10 }, [ring])).toMatchObject({
      ok: false, issue: { path: "finish.thicknessMm", value: 10, max: 10, because: "hole-would-close" },
    });
    expect(frostingFor({ cover: "top-and-sides", thicknessMm: 9.9 }, [ring]).ok).toBe(true);
  });

  it("covers a dome: (1 + (10/100)²) of the disc, 9 mm thick, with 12 % to spare", () => {
    expect(frosting({}, round).volumeMl).toBeCloseTo(Math.PI * 100 * 100 * 1.01 * 9 * 1.12 / 1000, 3);
  });

  it("covers cups on top only, and nothing when nothing is asked", () => {
    const cups = baked({ shape: "well", rimMm: 70, depthMm: 32, count: 12 }, 26);
    expect(frosting({ cover: "top-and-sides" }, cups).volumeMl).toBeCloseTo(frosting({ cover: "top" }, cups).volumeMl, 9);
    expect(frosting({ cover: "none" }, cups).massG).toBe(0);
  });

  it("takes a lighter frosting by weight, not by volume", () => {
    const butter = frosting({}, round);
    const cream = frosting({ frosting: "whipped-cream" }, round);
    expect(cream.volumeMl).toBe(butter.volumeMl);
    expect(cream.massG / butter.massG).toBeCloseTo(0.47 / 0.8, 9);
  });
});

describe("stacks", () => {
  it("stand n·t + (n-1)·f high", () => {
    expect(stackHeight(1, 40, 6)).toBe(40);
    expect(stackHeight(3, 28, 6)).toBe(96);
    expect(() => stackHeight(0, 28, 6)).toThrow("layers must be 1 or more, got 0");
  });
});
