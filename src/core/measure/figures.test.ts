import { describe, expect, it } from "vitest";
import {
  readAmount,
  readLengthMm,
  readMassG,
  readMinutes,
  readSpan,
  readTempC,
  readVolumeMl,
} from ".";

describe("figures as the app and people write them", () => {
  it.each([
    ["1 220 g", 1220],
    ["1\u00a0220 g", 1220],
    ["1\u202f220\u00a0g", 1220],
    ["1,200 g", 1200],
    ["1,5 kg", 1500],
    ["0,125 kg", 125],
    ["12 000 g", 12_000],
    ["2 lb 4 oz", 1020.58],
    ["950", 950],
  ])("%j is %d g", (text, grams) => {
    expect(readMassG(text)).toBeCloseTo(grams, 1);
  });

  it("does not run two numbers together that are two", () => {
    expect(readSpan("2 400 g tins peaches")?.amount).toEqual({ low: 2, high: 2 });
    expect(readAmount("1 1/2")?.value).toBe(1.5);
    expect(readAmount("2 200")?.value).toBe(2200);
    expect(readVolumeMl("1,200 ml")).toBe(1200);
  });

  it.each([
    ["1 hr 10 min", 70],
    ["45-50 min", 48],
    ["45 to 50", 48],
    ["1h45", 105],
    ["1 hour and 45 minutes", 105],
    ["1 h", 60],
    ["34", 34],
    ["90 m", 90],
  ])("%j is %d min", (text, minutes) => {
    expect(readMinutes(text)).toBe(minutes);
  });

  it.each<[string, number | null, number]>([
    ["an hour and a quarter", readMinutes("an hour and a quarter"), 75],
    ["twenty-five to thirty minutes", readMinutes("twenty-five to thirty minutes"), 28],
    ["half a kilo", readMassG("half a kilo"), 500],
    ["a pound and a half", readMassG("a pound and a half"), 680.4],
    ["two sticks", readMassG("two sticks"), 226.8],
    ["1 kg and 200 g", readMassG("1 kg and 200 g"), 1200],
    ["a cup and a half", readVolumeMl("a cup and a half"), 354.9],
    ["nine inches", readLengthMm("nine inches", "cm"), 228.6],
    ["three fifty", readTempC("three fifty", "C"), 176.7],
    ["180 C fan", readTempC("180 C fan", "C"), 180],
    ["350 degrees F", readTempC("350 degrees F", "C"), 176.7],
    ["2 1/2 in", readLengthMm("2 1/2 in", "cm"), 63.5],
  ])("a box takes %j as a recipe says it", (_text, read, value) => {
    expect(read).toBeCloseTo(value, 1);
  });

  it.each(["1 hour of", "soon", "50-45 min", "-5"])("%j is no time", (text) => {
    expect(readMinutes(text)).toBeNull();
  });

  it.each([
    ["half a dozen eggs", 6],
    ["half-dozen eggs", 6],
    ["a dozen eggs", 12],
    ["half an egg", 0.5],
    ["half a cup", 0.5],
  ])("%j is %d", (text, count) => {
    expect(readSpan(text)?.amount).toEqual({ low: count, high: count });
  });
});
