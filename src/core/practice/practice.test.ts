import { describe, expect, it } from "vitest";
import fc from "fast-check";
import { planCake } from "../plan";
import { tinFamily, type Tin } from "../tin";
import { practiceDue } from "./answers";
import {
  guessJudged,
  judgementOf,
  nextAbout,
  otherTinCase,
  otherTinFamilies,
  parsePracticeAnswer,
  type DrillRecipe,
  type PracticeAnswer,
} from ".";

const DAY = 86_400_000;
const NOW = Date.UTC(2026, 10, 28, 9);

const answer = (of: Partial<PracticeAnswer> = {}): PracticeAnswer => ({
  id: "a",
  drill: "done",
  about: "creamed",
  seed: 7,
  verdict: "right",
  log: 0,
  at: NOW,
  ...of,
});

describe("what to practise next", () => {
  const all = ["creamed", "pound", "muffin"];

  it("is what was never tried, then what was got wrong, which comes again sooner", () => {
    expect(nextAbout([], "done", all, NOW)).toBe("creamed");
    const right = answer();
    expect(nextAbout([right], "done", all, NOW)).toBe("pound");
    const wrong = answer({ id: "b", about: "pound", verdict: "late", log: 0.3 });
    const [first, second] = practiceDue([right, wrong], "done");
    expect(first?.about).toBe("pound");
    expect(first?.at).toBeLessThan(second?.at ?? 0);
    const muffin = answer({ id: "c", about: "muffin" });
    expect(nextAbout([right, wrong, muffin], "done", all, NOW + DAY)).toBe("pound");
    expect(nextAbout([right], "done", [], NOW)).toBeNull();
    expect(nextAbout([wrong], "other-tin", all, NOW)).toBe("creamed");
  });

  it("waits longer each time it is right, and does not depend on the order answers arrive in", () => {
    const first = answer({ at: NOW });
    const gap = (answers: readonly PracticeAnswer[]) =>
      (practiceDue(answers, "done")[0]?.at ?? 0) - Math.max(...answers.map(({ at }) => at));
    const second = answer({ id: "b", at: NOW + 3 * DAY });
    const third = answer({ id: "c", at: NOW + 20 * DAY });
    expect(gap([first, second, third])).toBeGreaterThan(gap([first, second]));
    expect(practiceDue([third, first, second], "done")).toEqual(
      practiceDue([first, second, third], "done"),
    );
  });
});

describe("judgement", () => {
  it("is which way she errs on the whole, and how far she scatters about that", () => {
    expect(judgementOf([], "done")).toBeNull();
    const logs = [0.1, 0.2, 0.3];
    const judged = judgementOf(
      logs.map((log, at) => answer({ id: String(at), log, verdict: "late", at: NOW + at })),
      "done",
    );
    expect(judged?.bias).toBeCloseTo(Math.exp(0.2) - 1, 9);
    expect(judged?.spread).toBeCloseTo(0.1, 9);
    expect(judged?.rightShare).toBe(0);
    expect(judgementOf([answer()], "done")).toMatchObject({ bias: 0, spread: null, rightShare: 1 });
  });

  it("goes by the last twenty answers", () => {
    const old = Array.from({ length: 30 }, (_, at) =>
      answer({ id: `o${at}`, at: NOW - DAY + at, log: 1, verdict: "late" }),
    );
    const now = Array.from({ length: 20 }, (_, at) => answer({ id: `n${at}`, at: NOW + at }));
    expect(judgementOf([...now, ...old], "done")).toMatchObject({ bias: 0, rightShare: 1 });
  });
});

it("an answer from outside is one, whole, or none", () => {
  expect(parsePracticeAnswer(answer()).ok).toBe(true);
  for (const wrong of [
    { log: 9 },
    { log: Number.NaN },
    { seed: 1.5 },
    { drill: "soufflé" },
    { about: "" },
  ])
    expect(parsePracticeAnswer({ ...answer(), ...wrong }).ok).toBe(false);
  fc.assert(
    fc.property(fc.anything(), (input) => {
      expect(parsePracticeAnswer(input).ok).toBe(false);
    }),
  );
});

describe("another tin", () => {
  const ROUND: Tin = { shape: "round", diameterMm: 203, depthMm: 51, count: 2 };
  const TINS: readonly Tin[] = [
    { shape: "well", rimMm: 70, floorMm: 52, depthMm: 32, count: 12 },
    { shape: "loaf", lengthMm: 216, widthMm: 114, depthMm: 65 },
    { shape: "round", diameterMm: 203, depthMm: 51 },
  ];
  const LAYERS: DrillRecipe = {
    name: "Blackcurrant and poppy seed layers",
    recipe: {
      batter: { kind: "creamed", volumeMl: 1400 },
      reference: { tins: [ROUND], ovenC: 175, minutes: 30 },
    },
  };

  it("asks for the minutes the plan forecasts, and not of a tin that takes as long as its own", () => {
    expect(otherTinFamilies(TINS)).toEqual(["cup", "loaf", "layer"]);
    for (const family of ["cup", "loaf"] as const) {
      const asked = otherTinCase(11, family, [LAYERS], TINS);
      if (asked === null) throw new Error("no case");
      expect(tinFamily(asked.tin)).toBe(family);
      const plan = planCake({ recipe: asked.recipe, tins: [asked.tin], scale: "same-depth" });
      expect(plan.ok && plan.value.bake.tins[0]).toEqual(asked.minutes);
      expect(otherTinCase(11, family, [LAYERS], TINS)).toEqual(asked);
      for (const { verdict } of plan.ok ? plan.value.fill.tins : [])
        expect(verdict).toMatch(/fits|crowns/u);
    }
    expect(otherTinCase(11, "layer", [LAYERS], TINS)).toBeNull();
    expect(otherTinCase(11, "cup", [], TINS)).toBeNull();
    expect(otherTinCase(11, "ring", [LAYERS], TINS)).toBeNull();
  });

  it("is right anywhere in the band, early before it, late after it", () => {
    const asked = otherTinCase(11, "cup", [LAYERS], TINS);
    if (asked === null) throw new Error("no case");
    const { firstLookMin, likelyMin, notPastMin } = asked.minutes;
    expect(guessJudged(asked, firstLookMin).verdict).toBe("right");
    expect(guessJudged(asked, notPastMin).verdict).toBe("right");
    expect(guessJudged(asked, likelyMin).log).toBe(0);
    expect(guessJudged(asked, firstLookMin - 1)).toMatchObject({ verdict: "early" });
    expect(guessJudged(asked, 2 * notPastMin).log).toBeCloseTo(
      Math.log((2 * notPastMin) / likelyMin),
      9,
    );
  });
});
