import { describe, expect, it } from "vitest";
import { backupTime, bytesText, comparedText } from "./backups";
import { METRIC, unitsOfRegion } from "./regions";

describe("what bringing a backup back would change", () => {
  it.each([
    [{ inBackup: 4, different: 0, missing: 0, newer: 0 }, "4 in it: nothing changes"],
    [
      { inBackup: 4, different: 2, missing: 1, newer: 3 },
      "4 in it: 1 come back, 2 as they were then, 3 made since are gone",
    ],
  ])("%j", (counts, says) => {
    expect(comparedText({ of: "tins", ...counts }, METRIC)).toEqual({ name: "Tins", says });
    expect(comparedText({ of: "tins", ...counts }, unitsOfRegion("us")).name).toBe("Pans");
  });
});

it("says when a backup was made, and how large it is", () => {
  expect(backupTime(new Date(2026, 11, 1, 9, 5), METRIC)).toBe("Tue 1 Dec, 09:05");
  expect([bytesText(274_432), bytesText(3_400_000)]).toEqual(["275 kB", "3.4 MB"]);
});
