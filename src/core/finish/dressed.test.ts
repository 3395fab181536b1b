import { describe, expect, it } from "vitest";
import type { Quantity } from "../build";
import { baked, built } from "../build/built.test-data";
import {
  finishCakes,
  meltsAway,
  piecesToBuy,
  type Dress,
  type Finish,
  type FinishRequest,
} from ".";

const ROUND = baked({ shape: "springform", diameterMm: 200, depthMm: 65 }, 60);
const CUPS = baked({ shape: "well", rimMm: 70, floorMm: 60, depthMm: 32, count: 24 }, 26);

function finished(dress: readonly Dress[], tins = [ROUND], marginFraction = 0.12): Finish {
  const request: FinishRequest = { cover: "none", marginFraction, dress: [...dress] };
  const result = finishCakes(request, built({}, tins, false));
  if (!result.ok) throw new Error(JSON.stringify(result.issue));
  return result.value;
}
const put = (dress: Dress, tins = [ROUND]): readonly Quantity[] =>
  finished([dress], tins).quantities.filter(({ thing }) => thing === "dressing");

describe("what is put on hot, warm or cold", () => {
  it("is soaked by the cake's weight: 80 mL a kg of syrup at 1.2 g/mL", () => {
    const [syrup] = put({ what: "syrup", when: "hot" });
    const cakeG = built({}, [ROUND], false).cakes[0]?.tiers[0]?.cakeG ?? 0;
    expect(cakeG).toBeGreaterThan(500);
    expect(syrup?.massG).toBeCloseTo(cakeG * 0.08 * 1.2, 6);
  });

  it("is spread over the top: 4 mm of boiled fudge, a film of jam of 0.1 g/cm²", () => {
    const topCm2 = finished([]).topMm2 / 100;
    expect(put({ what: "boiled-fudge", when: "warm" })[0]?.massG).toBeCloseTo(
      topCm2 * 0.4 * 1.25,
      6,
    );
    const jamG = put({ what: "jam", when: "hot" })[0]?.massG ?? 0;
    expect(jamG / topCm2).toBeCloseTo(0.1, 2);
  });

  it("is counted on each cake, and bought whole", () => {
    expect(put({ what: "fig-quarters", when: "cold", count: 10 })[0]).toMatchObject({
      count: 10,
      massG: 120,
      volumeMl: null,
    });
    expect(piecesToBuy("fig-quarters", 10)).toBe(3);
    expect(piecesToBuy("jam", 10)).toBeNull();
    // One on each cup.
    expect(put({ what: "raspberries", when: "cold" }, [CUPS])[0]).toMatchObject({
      count: 1,
      times: 24,
      massG: 96,
    });
  });

  it("weighs what its baker says, in all, however many tins; and nothing is added to that", () => {
    const of: Dress = { what: "curd", when: "cold", massG: 300 };
    const { batches, quantities } = finished([of], [ROUND, CUPS]);
    const curd = quantities.filter(({ stuff }) => stuff === "curd");
    expect(curd).toHaveLength(2);
    expect(curd.reduce((sum, { massG }) => sum + massG, 0)).toBeCloseTo(300, 6);
    expect(batches.find(({ stuff }) => stuff === "curd")?.massG).toBeCloseTo(300, 6);
    const usual = finished([{ what: "curd", when: "cold" }]).batches[0];
    expect((usual?.massG ?? 0) / (usual?.neededG ?? 1)).toBeCloseTo(1.12, 6);
  });

  it("is a number on a tier that another hides altogether", () => {
    const tiers = [ROUND, baked({ shape: "springform", diameterMm: 200, depthMm: 65 }, 60)];
    const request: FinishRequest = {
      cover: "none",
      dress: [
        { what: "jam", when: "warm", massG: 40 },
        { what: "curd", when: "cold" },
      ],
    };
    const result = finishCakes(request, built({ standing: "tiers", top: "level" }, tiers, false));
    if (!result.ok) throw new Error(JSON.stringify(result.issue));
    for (const { massG, volumeMl, thing } of result.value.quantities.filter(
      (each) => each.thing === "dressing",
    ))
      expect([thing, Number.isFinite(massG), Number.isFinite(volumeMl)]).toEqual([
        "dressing",
        true,
        true,
      ]);
    expect(
      result.value.quantities
        .filter(({ stuff }) => stuff === "jam")
        .reduce((sum, { massG }) => sum + massG, 0),
    ).toBeCloseTo(40, 6);
  });

  it("is not counted where it is weighed: 500 g of cherries are no dozen", () => {
    expect(put({ what: "cherries", when: "cold", massG: 500 })[0]).toMatchObject({
      count: null,
      massG: 500,
    });
    expect(put({ what: "cherries", when: "cold", massG: 500, count: 60 })[0]?.count).toBe(60);
  });

  it("has the name its baker gives it, and two of them are kept apart", () => {
    const { batches } = finished([
      { what: "own", name: "sugared almonds", when: "cold", massG: 80 },
      { what: "own", name: "a paper boat", when: "cold", count: 2 },
    ]);
    expect(batches).toMatchObject([
      { stuff: "own", called: "sugared almonds", massG: 80 },
      { stuff: "own", called: "a paper boat", massG: 0 },
    ]);
  });

  it.each([
    [{ what: "own", when: "cold", massG: 80 }, "finish.dress[0].name"],
    [{ what: "own", when: "cold", name: "almonds" }, "finish.dress[0].massG"],
  ] as const)("of her own needs a name and how much: %o", (dress, path) => {
    const result = finishCakes({ cover: "none", dress: [dress] }, built({}, [ROUND], false));
    expect(result).toMatchObject({ ok: false, issue: { code: "missing", path } });
  });

  it.each([
    ["whipped-cream", "warm", true],
    ["whipped-cream", "cold", false],
    ["dusting-sugar", "hot", true],
    ["dusting-sugar", "warm", false],
    ["boiled-fudge", "hot", false],
  ] as const)("%s on a %s cake: melts away %s", (what, when, melts) => {
    expect(meltsAway(what, when)).toBe(melts);
  });
});
