import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { BATTER_KINDS, type BatterKind } from "../kind";
import { afterLook, doneness, foilLookMinute, type Look, type LookAdvice } from ".";

const TIMES = { likelyMin: 40, notPastMin: 48 };

describe("what to do after a look", () => {
  it.each<[string, BatterKind, Look, number, Partial<LookAdvice>]>([
    [
      "a clean tester and a springing top agree",
      "creamed",
      { tester: "clean", spring: "springs-back" },
      36,
      { verdict: "out", because: "two-signs" },
    ],
    [
      "wet batter waits an eighth of the time",
      "creamed",
      { tester: "wet" },
      36,
      { verdict: "wait", moreMin: 5 },
    ],
    [
      "one sign is nearly enough",
      "creamed",
      { tester: "clean", spring: "dent-stays" },
      36,
      { verdict: "wait", moreMin: 2 },
    ],
    [
      "moist crumbs are done for a thin hot batter",
      "hot-liquid",
      { tester: "moist-crumbs", edge: "pulls" },
      36,
      { verdict: "out" },
    ],
    [
      "but not for a creamed one",
      "creamed",
      { tester: "moist-crumbs", edge: "pulls" },
      36,
      { verdict: "wait" },
    ],
    [
      "wet batter outranks two other signs",
      "creamed",
      { tester: "wet", spring: "springs-back", edge: "pulls" },
      45,
      { verdict: "wait" },
    ],
    [
      "a core at the top of its range is enough",
      "creamed",
      { coreC: 98.5 },
      36,
      { verdict: "out", because: "core" },
    ],
    [
      "a core three degrees short waits for them",
      "creamed",
      { coreC: 93 },
      36,
      { verdict: "wait", moreMin: 3 },
    ],
    [
      "long past, one sign will do",
      "creamed",
      { spring: "springs-back" },
      50,
      { verdict: "out", because: "past" },
    ],
    [
      "a baked cheese cake trembles, its tester says nothing",
      "baked-cheese",
      { tester: "wet", edge: "pulls", coreC: 72 },
      55,
      { verdict: "out" },
    ],
    [
      "dark and not done goes under foil",
      "pound",
      { tester: "wet", colour: 5 },
      40,
      { verdict: "wait", foil: true },
    ],
    [
      "signs that contradict each other wait, however many say done",
      "hot-liquid",
      { tester: "moist-crumbs", spring: "dent-stays", edge: "holds" },
      36,
      { verdict: "wait" },
    ],
    [
      "moist crumbs, a dent and an edge that holds wait for a creamed one",
      "creamed",
      { tester: "moist-crumbs", spring: "dent-stays", edge: "holds" },
      36,
      { verdict: "wait" },
    ],
    [
      "moist crumbs at half the time wait longer",
      "creamed",
      { tester: "moist-crumbs" },
      20,
      { verdict: "wait", moreMin: 12 },
    ],
    [
      "pale but done is done",
      "creamed",
      { tester: "clean", spring: "springs-back", colour: 1 },
      36,
      { verdict: "out", isPale: true },
    ],
    [
      "a cheesecake that wobbles all over waits, whatever its edge does",
      "baked-cheese",
      { wobble: "all", edge: "pulls", colour: 3 },
      36,
      { verdict: "wait" },
    ],
    [
      "a cheesecake whose middle alone trembles is done by that",
      "baked-cheese",
      { wobble: "middle" },
      36,
      { verdict: "out", because: "two-signs", signs: ["wobble"] },
    ],
    [
      "it is not by its probe alone saying less",
      "baked-cheese",
      { wobble: "middle", coreC: 62 },
      36,
      { verdict: "wait" },
    ],
    [
      "a wobble says nothing of a sponge",
      "creamed",
      { wobble: "none" },
      20,
      { verdict: "wait", signs: [] },
    ],
  ])("%s", (_name, kind, look, minute, expected) => {
    expect(afterLook(kind, look, minute, TIMES)).toMatchObject(expected);
  });

  it("never waits less than two minutes nor more than fifteen, and never takes wet batter out", () => {
    const look = fc.record({
      tester: fc.constantFrom("wet", "moist-crumbs", "clean", undefined),
      spring: fc.constantFrom("dent-stays", "springs-back", undefined),
      edge: fc.constantFrom("holds", "pulls", undefined),
      wobble: fc.constantFrom("all", "middle", "none", undefined),
      colour: fc.constantFrom(1, 2, 3, 4, 5, undefined),
      coreC: fc.option(fc.integer({ min: 20, max: 99 }), { nil: undefined }),
    });
    fc.assert(
      fc.property(
        fc.constantFrom(...BATTER_KINDS),
        look,
        fc.integer({ min: 0, max: 200 }),
        fc.integer({ min: 10, max: 180 }),
        (kind, seen, minute, likelyMin) => {
          const advice = afterLook(kind, seen, minute, {
            likelyMin,
            notPastMin: Math.round(1.2 * likelyMin),
          });
          if (advice.verdict === "wait") {
            expect(advice.moreMin).toBeGreaterThanOrEqual(2);
            expect(advice.moreMin).toBeLessThanOrEqual(15);
          } else if (kind === "baked-cheese") expect(seen.wobble).not.toBe("all");
          else expect(seen.tester).not.toBe("wet");
        },
      ),
    );
  });

  it("asks for five minutes more where eight of twenty-eight are left", () => {
    expect(
      afterLook("creamed", { tester: "moist-crumbs" }, 20, { likelyMin: 28, notPastMin: 33 }),
    ).toMatchObject({ verdict: "wait", moreMin: 5 });
  });

  it("refuses a minute before the bake", () => {
    expect(() => afterLook("creamed", {}, -1, TIMES)).toThrow("minute must be 0 or more, got -1");
  });
});

describe("signs of being done", () => {
  it.each([
    ["creamed", 96, 98],
    ["rich-fruit", 93, 96],
    ["whisked", 98, 99],
    ["baked-cheese", 71, 74],
  ] as const)("%s has a core of %d to %d °C", (kind, from, to) => {
    expect(doneness(kind).coreC).toEqual({ from, to });
  });

  it.each(BATTER_KINDS)("%s trusts two different ones, none that says nothing", (kind) => {
    const { trust, tester } = doneness(kind);
    expect(new Set(trust).size).toBe(2);
    if (tester === null) expect(trust).not.toContain("tester");
  });

  it("looks for foil at six tenths of a long bake, not in a short one", () => {
    expect(foilLookMinute(60, 42)).toBe(42);
    expect(foilLookMinute(90, 40)).toBe(54);
    expect(foilLookMinute(49, 30)).toBeNull();
  });
});
