import { describe, expect, it } from "vitest";
import type {
  DoneCase,
  DoneJudged,
  Judgement,
  OtherTinCase,
  PracticeAnswer,
} from "@/core/practice";
import {
  doneLesson,
  doneVerdictText,
  doneWhenText,
  guessText,
  hiddenText,
  judgementText,
  lookText,
  otherTinLesson,
} from "./practice";
import { METRIC } from "./regions";

const plain = (text: string): string => text.replaceAll("\u00a0", " ");
const JUDGED: DoneJudged = {
  verdict: "early",
  rightFromMin: 39.4,
  rightToMin: 43.2,
  log: -0.2,
  rawShare: 0.55,
  rimOverMin: 4,
  seen: { tester: "wet", spring: "dent-stays", edge: "holds", colour: 3 },
  advice: { verdict: "wait", moreMin: 4, signs: ["colour"], foil: false },
};

describe("how a cake came out", () => {
  it("is told by minutes and by its cut", () => {
    expect(plain(doneVerdictText(JUDGED, 34))).toBe(
      "5 min too early: its middle is raw, and it sinks.",
    );
    expect(plain(doneVerdictText({ ...JUDGED, rawShare: 0.1 }, 38))).toBe(
      "1 min too early: its middle is gummy.",
    );
    expect(plain(doneVerdictText({ ...JUDGED, verdict: "late" }, 52))).toBe(
      "9 min too late: its rim is dry.",
    );
    expect(plain(doneWhenText(JUDGED))).toBe(
      "It was right from 40 to 43 min. 55 % of the cut is not set.",
    );
    expect(plain(doneWhenText({ ...JUDGED, rawShare: 0, rimOverMin: 21.7 }))).toBe(
      "It was right from 40 to 43 min. All of the cut is set, the rim for 22 min already.",
    );
  });

  it("names what was seen, and nothing that was not looked for", () => {
    expect(lookText(JUDGED.seen)).toBe("tester: wet batter, dent stays, holds to the wall, golden");
    expect(lookText({ wobble: "middle" })).toBe("only the middle trembles");
    expect(lookText({})).toBe("");
  });

  it("says what nobody could know", () => {
    const of = { dialC: 175, hidden: { pace: 1.062, offC: -7.8, probeOffC: 0 } } as DoneCase;
    expect(plain(hiddenText(of, 3, 0.9, METRIC))).toBe(
      "The oven was 167 °C, not 175 °C. This batter takes 6 % longer than its recipe says. Your 3 looks cost 2 1/2 min of heat.",
    );
    const true_ = { dialC: 175, hidden: { pace: 1, offC: 0.2, probeOffC: 0 } } as DoneCase;
    expect(hiddenText(true_, 0, 0.9, METRIC)).toBe("The oven kept its word.");
  });

  it("ends with one sentence that fits what happened", () => {
    expect(doneLesson(JUDGED, 1)).toMatch(/^A wet tester/u);
    expect(doneLesson({ ...JUDGED, seen: { tester: "moist-crumbs" } }, 1)).toMatch(
      /^One sign alone/u,
    );
    expect(doneLesson(JUDGED, 0)).toMatch(/by the clock/u);
    expect(doneLesson({ ...JUDGED, verdict: "right" }, 6)).toMatch(/two looks less/u);
    expect(doneLesson({ ...JUDGED, verdict: "right" }, 2)).toMatch(/^Two signs that agreed/u);
  });
});

it("a guess is told against the band, and why the other tin takes what it takes", () => {
  const asked = {
    minutes: { doorShutUntilMin: 15, firstLookMin: 18, likelyMin: 22, notPastMin: 27 },
    scale: 1.23,
  } as OtherTinCase;
  expect(plain(guessText({ verdict: "late", log: 1 }, asked))).toBe(
    "Too long: likely 22 min, from 18 to 27 min.",
  );
  expect(plain(guessText({ verdict: "right", log: 0 }, asked))).toMatch(/^Inside the band/u);
  expect(plain(otherTinLesson(44, asked))).toMatch(
    /^50 % of the time in its own tin\. .+ It takes 1\.25 times the batter\.$/u,
  );
  expect(plain(otherTinLesson(20, { ...asked, scale: 1 }))).toMatch(/^110 % .+ the tin is\.$/u);
});

it("judgement is told once there is enough to tell it by", () => {
  const answers = Array.from({ length: 5 }, () => ({}) as PracticeAnswer);
  const of = (rest: Partial<Judgement>) =>
    plain(judgementText({ answers, bias: 0.08, spread: 0.05, rightShare: 0.6, ...rest }));
  expect(of({})).toBe("3 of the last 5 right. On the whole 8 % late, give or take 5 %.");
  expect(of({ bias: -0.12 })).toContain("12 % early");
  expect(of({ bias: 0.004 })).toContain("neither early nor late");
  expect(of({ answers: answers.slice(0, 1), rightShare: 0 })).toBe(
    "The first answer was not right.",
  );
});
