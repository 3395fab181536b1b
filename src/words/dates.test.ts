import { expect, it } from "vitest";
import { clockText, dateText, dayText, monthText, weekdayText } from "./dates";
import { METRIC, unitsOfRegion } from "./regions";

const date = new Date(2026, 11, 5, 9, 5);
const [US, AUSTRALIA] = [unitsOfRegion("us"), unitsOfRegion("australia")];

it("says days and hours the same everywhere in a region", () => {
  expect([
    dayText(date, "long", METRIC),
    dayText(date, "short", METRIC),
    clockText(date, METRIC),
  ]).toEqual(["Saturday 5 December", "Sat 5 Dec", "09:05"]);
  expect(clockText(date.getTime(), METRIC)).toBe("09:05");
});

it("puts the month first, and counts twelve hours, where that is usual", () => {
  expect([dayText(date, "long", US), dayText(date, "short", US), clockText(date, US)]).toEqual([
    "Saturday, December 5",
    "Sat, Dec 5",
    "9:05\u00a0AM",
  ]);
  expect(clockText(new Date(2026, 11, 5, 0, 30), US)).toBe("12:30\u00a0AM");
  expect(clockText(new Date(2026, 11, 5, 12, 30), US)).toBe("12:30\u00a0PM");
  expect(dayText(date, "short", AUSTRALIA)).toBe("Sat 5 Dec");
  expect(clockText(date, AUSTRALIA)).toBe("9:05\u00a0am");
  expect(clockText(date, { ...US, clock: "24" })).toBe("09:05");
});

it("says the year of a date only when it is another one", () => {
  expect(dateText(date, METRIC, new Date(2026, 0, 1))).toBe("5 Dec");
  expect(dateText(date, METRIC, new Date(2027, 0, 1))).toBe("5 Dec 2026");
  expect(dateText(date, US, new Date(2026, 0, 1))).toBe("Dec 5");
  expect(dateText(date, US, new Date(2027, 0, 1))).toBe("Dec 5, 2026");
});

it("says months and weekdays alone", () => {
  expect([monthText(date), weekdayText(date)]).toEqual(["December 2026", "Saturday"]);
});
