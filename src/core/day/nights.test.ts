import { afterEach, describe, expect, it } from "vitest";
import { clockMinutes, isOvernight, nightsBefore } from "./nights";

const zone = process.env["TZ"];
afterEach(() => {
  if (zone === undefined) delete process.env["TZ"];
  else process.env["TZ"] = zone;
});

const minutes = (text: string): number => new Date(text).getTime() / 60_000;

it.each([
  ["7", 420],
  ["07:30", 450],
  ["18.15", 1095],
  ["24", 1440],
  ["24:01", null],
  ["25", null],
  ["7:75", null],
  ["noonish", null],
  ["", null],
] as const)("reads “%s” by the clock", (text, expected) => {
  expect(clockMinutes(text)).toBe(expected);
});

describe("nights before a cake is wanted", () => {
  it("reach from the evening to the morning, back over three days, and after closing time nothing is done", () => {
    process.env["TZ"] = "UTC";
    const away = nightsBefore(minutes("2026-11-28T15:00Z"), 7 * 60, 22 * 60);
    expect(away[0]).toEqual({ from: minutes("2026-11-28T22:00Z"), to: Infinity });
    expect(away[1]).toEqual({
      from: minutes("2026-11-27T22:00Z"),
      to: minutes("2026-11-28T07:00Z"),
    });
    expect(away.at(-1)).toEqual({ from: -Infinity, to: minutes("2026-11-25T07:00Z") });
  });

  it("are an hour longer or shorter where the clocks change", () => {
    process.env["TZ"] = "Europe/Berlin";
    const night = (wanted: string): number => {
      const found = nightsBefore(minutes(wanted), 7 * 60, 22 * 60)[1];
      return found === undefined ? 0 : found.to - found.from;
    };
    expect([
      night("2026-10-24T15:00"),
      night("2026-10-25T15:00"),
      night("2026-03-29T15:00"),
    ]).toEqual([9 * 60, 10 * 60, 8 * 60]);
  });

  it("are told from hours out by day, however long those are, by the midnight in them", () => {
    process.env["TZ"] = "Europe/Berlin";
    const wanted = minutes("2026-11-28T15:00");
    const kinds = (fromMin: number, toMin: number): readonly boolean[] =>
      nightsBefore(wanted, fromMin, toMin, { fromMin: 540, toMin: 1080 }).map(isOvernight);
    expect(kinds(420, 1320)).toEqual([true, true, true, true, true, true, false]);
    // Her days end at midnight: the night begins with the next day.
    expect(kinds(420, 1440)).toEqual([true, true, true, true, true, true, false]);
  });

  it("take in what she is out for", () => {
    process.env["TZ"] = "UTC";
    expect(
      nightsBefore(minutes("2026-11-28T15:00Z"), 420, 1320, { fromMin: 720, toMin: 780 }),
    ).toContainEqual({ from: minutes("2026-11-28T12:00Z"), to: minutes("2026-11-28T13:00Z") });
    expect(
      nightsBefore(minutes("2026-11-28T15:00Z"), 0, 1440).every(
        ({ from, to }) => to === Infinity || from === -Infinity,
      ),
    ).toBe(true);
  });
});
