import { describe, expect, it } from "vitest";
import { clockMinutes, localMinute, minuteOf } from "./nights";

describe("times as people say them", () => {
  it.each([
    ["13:30", 810],
    ["13", 780],
    ["1pm", 780],
    ["1:30 pm", 810],
    ["1:30 p.m.", 810],
    ["12 am", 0],
    ["12pm", 720],
    ["noon", 720],
    ["Midday", 720],
    ["midnight", 1440],
    ["7.15", 435],
    ["9h30", 570],
    ["3 o'clock", 180],
    ["24:00", 1440],
    ["0:00", 0],
  ])("%j is minute %d", (text, minute) => {
    expect(clockMinutes(text)).toBe(minute);
  });

  it.each(["25", "13pm", "0 am", "12:60", "24:01", "soon", "", "-1", "1:3"])(
    "%j is no time",
    (text) => {
      expect(clockMinutes(text)).toBeNull();
    },
  );
});

describe("a day with its hour", () => {
  it.each([
    ["2026-12-05T15:00", "2026-12-05T15:00"],
    ["2026-12-05 3pm", "2026-12-05T15:00"],
    ["2026-12-05T15:00:00", "2026-12-05T15:00"],
    ["2028-02-29T12:00", "2028-02-29T12:00"],
    ["2026-12-05 noon", "2026-12-05T12:00"],
  ])("%j", (text, local) => {
    expect(localMinute(minuteOf(text) ?? NaN)).toBe(local);
  });

  it.each([
    "5",
    "9e15",
    "2026-02-31T12:00",
    "2027-02-29T12:00",
    "2026-13-01T12:00",
    "2026-12-05",
    "+275760-09-13T00:00",
    "9999-12-31T12:00",
    "2026-12-05T25:00",
    "tomorrow",
  ])("%j is none", (text) => {
    expect(minuteOf(text)).toBeNull();
  });
});
