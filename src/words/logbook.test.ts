import { describe, expect, it } from "vitest";
import { LAYERS_RECORD } from "@/core/logbook/record.test-data";
import { METRIC } from ".";
import {
  cameOutText,
  lastTimeText,
  learntText,
  lookSeenText,
  nextToLearnText,
  wantedText,
} from "./logbook";

const plain = (text: string): string => text.replaceAll(/[\u00a0\u202f]/gu, " ");
const NOW = new Date(2026, 10, 30);

describe("what the logbook says", () => {
  it.each([
    [{}, "Last time, 14 Nov, 2 × round 20 × 5 cm."],
    [
      { minutes: 47, verdict: "over", change: "5 °C less" },
      "Last time, 14 Nov, 2 × round 20 × 5 cm: 47 min, a little dry. You wanted “5 °C less”.",
    ],
    [
      { minutes: 36, verdict: "under", nextTimeMin: 3 },
      "Last time, 14 Nov, 2 × round 20 × 5 cm: 36 min, underbaked. You wanted 3 min more.",
    ],
    [{ madeOn: "2025-12-06", minutes: 36 }, "Last time, 6 Dec 2025, 2 × round 20 × 5 cm: 36 min."],
  ] as const)("of last time: %j", (changes, said) => {
    expect(plain(lastTimeText({ ...LAYERS_RECORD, ...changes }, METRIC, NOW))).toBe(said);
  });

  it("of what she wanted, in her words and minutes", () => {
    const wanted = { ...LAYERS_RECORD, change: " turn it ", nextTimeMin: -2 };
    expect(plain(wantedText(wanted))).toBe("“turn it”, 2 min less");
    expect(wantedText({ ...LAYERS_RECORD, nextTimeMin: 0 })).toBe("");
    expect(cameOutText(LAYERS_RECORD)).toBe("");
  });

  it("of what bakes teach, with how sure that is", () => {
    expect(plain(learntText({ logRatio: Math.log(1.08), sd: 0.04 }, 4, "recipe"))).toBe(
      "From 4 bakes of this recipe: it takes 8 % longer here, give or take 4 %.",
    );
    expect(plain(learntText({ logRatio: Math.log(0.95), sd: 0.1 }, 1, "kitchen"))).toBe(
      "From 1 bake: it takes 5 % less time here, give or take 11 %.",
    );
    expect(plain(learntText({ logRatio: 0.001, sd: 0.05 }, 2, "recipe"))).toMatch(
      /the forecast is as it comes out/u,
    );
  });

  it("of what would teach most next", () => {
    expect(nextToLearnText({ readings: 0, untold: 1, hasOven: true })).toMatch(/^One bake of it/u);
    expect(nextToLearnText({ readings: 0, untold: 0, hasOven: true })).toMatch(/thermometer/u);
    expect(nextToLearnText({ readings: 3, untold: 0, hasOven: true })).toMatch(/^One more bake/u);
  });

  it("of a look", () => {
    expect(lookSeenText({}, METRIC)).toBe("no sign told");
    expect(plain(lookSeenText({ tester: "clean", colour: 3, coreC: 97 }, METRIC))).toBe(
      "clean, colour 3 of 5, 97 °C in the middle",
    );
  });
});
