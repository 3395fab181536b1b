import { expect, it } from "vitest";
import { clockText, dateText, dayText } from "./dates";

const date = new Date(2026, 11, 5, 9, 5);

it("says days and hours the same everywhere", () => {
  expect([dayText(date, "long"), dayText(date, "short"), clockText(date)]).toEqual([
    "Saturday 5 December",
    "Sat 5 Dec",
    "09:05",
  ]);
  expect(clockText(date.getTime())).toBe("09:05");
});

it("says the year of a date only when it is another one", () => {
  expect(dateText(date, new Date(2026, 0, 1))).toBe("5 Dec");
  expect(dateText(date, new Date(2027, 0, 1))).toBe("5 Dec 2026");
});
