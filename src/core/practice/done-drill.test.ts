import { describe, expect, it } from "vitest";
import { afterLook, bakeInside, doneness } from "../bake";
import type { BatterKind } from "../kind";
import type { Tin } from "../tin";
import { doneBakes, doneCase, doneJudged, doneKinds, lookCostsMin, probeAt, seenAt } from ".";
import type { DoneCase, DoneInsides } from ".";

const TINS: readonly Tin[] = [
  { shape: "round", diameterMm: 203, depthMm: 51 },
  { shape: "rectangle", lengthMm: 380, widthMm: 255, depthMm: 25 },
  { shape: "loaf", lengthMm: 216, widthMm: 114, depthMm: 65 },
  { shape: "fluted", diameterMm: 250, depthMm: 90, material: "dark" },
  { shape: "well", rimMm: 70, floorMm: 52, depthMm: 32, count: 12 },
];
const KINDS = doneKinds(TINS);

function solved(of: DoneCase): DoneInsides {
  const { asTold, real } = doneBakes(of);
  return { asTold: bakeInside(asTold), real: bakeInside(real) };
}

const CASES = Array.from({ length: 72 }, (_, at) => {
  const of = doneCase((at * 7919 + 13) % 999_999, KINDS[at % KINDS.length] ?? "creamed", TINS);
  return { of, insides: solved(of) };
});

/** Looks when the recipe says to, and does what the look at the bench advises. */
function bySigns(of: DoneCase, insides: DoneInsides): { minute: number; looks: number } {
  let minute = of.minutes.firstLookMin;
  for (let looks = 1; looks < 20; looks += 1) {
    const seen = seenAt(of, insides, minute, looks - 1);
    const advice = afterLook(of.kind, seen, minute, of.minutes);
    if (advice.verdict === "out") return { minute, looks: looks - 1 };
    minute += advice.moreMin;
  }
  throw new Error("never out");
}

describe("is it done?", () => {
  it("is the same case for the same seed, and another for another", () => {
    expect(doneCase(7, "creamed", TINS)).toEqual(doneCase(7, "creamed", TINS));
    expect(doneCase(8, "creamed", TINS).hidden).not.toEqual(doneCase(7, "creamed", TINS).hidden);
    expect(() =>
      doneCase(7, "pound", [{ shape: "well", rimMm: 70, floorMm: 52, depthMm: 32, count: 12 }]),
    ).toThrow(RangeError);
  });

  it("whoever follows the signs gets it right far oftener than whoever follows the clock", () => {
    const of = { signs: { right: 0, off: 0 }, clock: { right: 0, off: 0 } };
    for (const { of: each, insides } of CASES) {
      const { minute, looks } = bySigns(each, insides);
      const signs = doneJudged(each, insides, minute, looks);
      const clock = doneJudged(each, insides, each.minutes.likelyMin, 0);
      for (const [who, judged] of [
        ["signs", signs],
        ["clock", clock],
      ] as const) {
        of[who].right += judged.verdict === "right" ? 1 / CASES.length : 0;
        of[who].off += Math.abs(judged.log) / CASES.length;
      }
    }
    expect(of.signs.right).toBeGreaterThan(0.7);
    expect(of.clock.right).toBeLessThan(0.5);
    expect(of.signs.off).toBeLessThan(of.clock.off / 3);
  });

  it("a cake out a good deal too early is raw in its middle, one too late has a rim long done", () => {
    for (const { of, insides } of CASES) {
      const { rightFromMin, rightToMin } = doneJudged(of, insides, 10, 0);
      const early = doneJudged(of, insides, rightFromMin * 0.85, 0);
      const late = doneJudged(of, insides, rightToMin * 1.1, 0);
      expect(early).toMatchObject({ verdict: "early" });
      expect(early.log).toBeCloseTo(Math.log(0.85), 6);
      expect(early.rawShare).toBeGreaterThan(0.02);
      expect(early.advice.verdict === "wait" || early.advice.because === "past").toBe(true);
      expect(late).toMatchObject({ verdict: "late", rawShare: 0 });
      expect(late.rimOverMin).toBeGreaterThan(early.rimOverMin);
      expect(doneJudged(of, insides, (rightFromMin + rightToMin) / 2, 0).verdict).toBe("right");
    }
  });

  it("the probe is at the kind's own heat where the bake is right, but for its own error", () => {
    for (const { of, insides } of CASES) {
      const { rightFromMin } = doneJudged(of, insides, 10, 0);
      const from = doneness(of.kind).coreC.from;
      const reads = probeAt(of, insides, rightFromMin, 0) - of.hidden.probeOffC;
      expect(Math.abs(reads - from)).toBeLessThan(1.5);
    }
  });

  it("what is seen at a look is what comes out with it", () => {
    for (const { of, insides } of CASES) {
      const { minute, looks } = bySigns(of, insides);
      expect(doneJudged(of, insides, minute, looks).seen).toEqual(
        seenAt(of, insides, minute, looks),
      );
    }
  });

  it("long after its end it is as it was at its end", () => {
    for (const { of, insides } of CASES.slice(0, 9)) {
      const end = probeAt(of, insides, 300, 0) - of.hidden.probeOffC;
      expect(end).toBe(insides.real.moments.at(-1)?.coldestC);
    }
  });

  it("each look costs the heat of an opened door, and nothing is seen of it by the clock", () => {
    const [first] = CASES;
    if (first === undefined) throw new Error("no case");
    const { of, insides } = first;
    // 35 °C for 2.5 min at 175 °C: 87.5 / 104.2.
    expect(lookCostsMin({ ...of, dialC: 175, hidden: { ...of.hidden, offC: 0 } })).toBeCloseTo(
      0.84,
      2,
    );
    const none = doneJudged(of, insides, 20, 0);
    const three = doneJudged(of, insides, 20, 3);
    expect(three.rightFromMin - none.rightFromMin).toBeCloseTo(3 * lookCostsMin(of), 6);
  });

  it("signs only ever go on, minute by minute", () => {
    const order = [
      "wet",
      "moist-crumbs",
      "clean",
      "dent-stays",
      "springs-back",
      "all",
      "middle",
      "none",
    ];
    for (const { of, insides } of CASES) {
      let before = seenAt(of, insides, 1, 0);
      for (let minute = 2; minute < of.minutes.notPastMin * 1.3; minute += 1) {
        const seen = seenAt(of, insides, minute, 0);
        for (const sign of ["tester", "spring", "wobble"] as const)
          if (seen[sign] !== undefined)
            expect(order.indexOf(seen[sign])).toBeGreaterThanOrEqual(
              order.indexOf(before[sign] ?? "wet"),
            );
        expect(seen.colour ?? 1).toBeGreaterThanOrEqual(before.colour ?? 1);
        before = seen;
      }
    }
  });

  it("has every kind her tins are for, and no other", () => {
    const kinds: readonly BatterKind[] = doneKinds([
      { shape: "loaf", lengthMm: 216, widthMm: 114, depthMm: 65 },
    ]);
    expect(kinds).toEqual(["pound", "quick-loaf"]);
    expect(doneKinds([])).toEqual([]);
  });
});
