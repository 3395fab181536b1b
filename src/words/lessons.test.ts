import { describe, expect, it } from "vitest";
import type { Lesson } from "@/core/logbook";
import { heatWhileBakingText, lessonText } from "./lessons";
import { METRIC } from ".";

const plain = (text: string): string => text.replaceAll("\u00a0", " ").replaceAll("\u202f", " ");
const learnt = { mean: 1.1, sd: 0.09, count: 1, setAside: [] };
const said = (lesson: Partial<Lesson>): string =>
  plain(lessonText({ of: "frosting", kind: null, usual: 1, learnt, ...lesson }, METRIC));

describe("what pages teach, in words", () => {
  it.each<[Partial<Lesson>, string]>([
    [{}, "You use 10 % more frosting than planned, give or take 9 %; from 1 page."],
    [
      { of: "hands", learnt: { ...learnt, mean: 1, count: 3, setAside: [1] } },
      "Your hands take as much time as planned, give or take 9 %; from 3 pages, 1 set aside as too far from the others.",
    ],
    [
      { of: "massLoss", kind: "creamed", learnt: { ...learnt, mean: 0.11, sd: 0.01 } },
      "A creamed butter batter loses 11 % of its weight in your oven, give or take 1 %; from 1 page.",
    ],
    [
      { of: "yield", learnt: { ...learnt, mean: 0.96, sd: 0.02, count: 4 } },
      "4 % less batter than planned comes into your tins, give or take 2 %; from 4 pages.",
    ],
    [
      { of: "yield", learnt: { ...learnt, mean: 1 } },
      "As much batter as planned comes into your tins, give or take 9 %; from 1 page.",
    ],
    [
      { of: "gravity", usual: 0.86, learnt: { ...learnt, mean: 0.79, sd: 0.03 } },
      "Its batter weighs 0.79 g a millilitre, not 0.86, give or take 0.03; from 1 page.",
    ],
    [
      { of: "rise", usual: 1.75, learnt: { ...learnt, mean: 1.6, sd: 0.1 } },
      "It rises 1.60 times its batter, usual is 1.75, give or take 0.10; from 1 page.",
    ],
  ])("%#", (lesson, text) => {
    expect(said(lesson)).toBe(text);
  });

  it("tells what an oven read in the baker's degrees", () => {
    const heat = { oven: "kitchen oven", dialC: 180, trueC: 172, bakes: 2 };
    expect(plain(heatWhileBakingText(heat, METRIC))).toBe(
      "With the dial at 180 °C the kitchen oven read 172 °C while 2 cakes baked.",
    );
    expect(plain(heatWhileBakingText({ ...heat, bakes: 1 }, { ...METRIC, heat: "F" }))).toMatch(
      /355 °F .* 340 °F while a cake baked/u,
    );
  });
});
