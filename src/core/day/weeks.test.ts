import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { addDays, formatISO, getDay, parseISO } from "date-fns";
import { wantedOnDay, weeksShown } from "./weeks";

describe("the days a calendar shows", () => {
  it("of a month begin and end with whole weeks", () => {
    const weeks = weeksShown("2026-12-05", "month", 1);
    expect([weeks.length, weeks[0]?.[0], weeks.at(-1)?.at(-1)]).toEqual([
      5,
      "2026-11-30",
      "2027-01-03",
    ]);
    const american = weeksShown("2026-12-05", "month", 0);
    expect([american[0]?.[0], american.at(-1)?.at(-1)]).toEqual(["2026-11-29", "2027-01-02"]);
  });

  it("are four weeks where a month fits them exactly, and six where it must", () => {
    expect(weeksShown("2027-02-10", "month", 1)).toHaveLength(4);
    expect(weeksShown("2026-08-10", "month", 1)).toHaveLength(6);
  });

  it("of a week hold the day, on its last day too", () => {
    expect(weeksShown("2026-12-06", "week", 1)).toEqual([
      [30, 1, 2, 3, 4, 5, 6].map((day) => (day === 30 ? "2026-11-30" : `2026-12-0${String(day)}`)),
    ]);
    expect(weeksShown("2026-12-06", "week", 0)[0]?.[0]).toBe("2026-12-06");
  });

  it("follow each other without a gap, across the change of the clocks too", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 4000 }),
        fc.constantFrom(0 as const, 1 as const),
        (days, firstDay) => {
          const on = formatISO(addDays(parseISO("2024-01-01"), days), { representation: "date" });
          const all = weeksShown(on, "month", firstDay).flat();
          expect(all).toContain(on);
          expect(getDay(parseISO(all[0] ?? ""))).toBe(firstDay);
          all.forEach((day, index) => {
            const next = formatISO(addDays(parseISO(all[0] ?? ""), index), {
              representation: "date",
            });
            expect(day).toBe(next);
          });
          expect(all.length % 7).toBe(0);
        },
      ),
      { numRuns: 200 },
    );
  });

  it("are those of a date", () => {
    expect(() => weeksShown("soon", "week", 1)).toThrow(
      "the day of a calendar must be a date, got soon",
    );
  });
});

describe("a cake put on another day", () => {
  it("keeps its hour, and is wanted at noon where it had none", () => {
    expect(wantedOnDay("2026-12-05T15:30", "2027-01-01")).toBe("2027-01-01T15:30");
    expect(wantedOnDay("", "2027-01-01")).toBe("2027-01-01T12:00");
  });
});
