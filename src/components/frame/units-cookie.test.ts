import { describe, expect, it } from "vitest";
import { METRIC } from "@/words";
import { unitsCookieText, unitsFromCookie, unitsOfVisitor } from "./units-cookie";

const US = { measure: "us", heat: "F" };

describe("the units of a first visit", () => {
  it.each([
    ["en-US,en;q=0.9", US],
    ["es-US", US],
    ["fr-CA,fr;q=0.8,en-US;q=0.5", US],
    ["en-GB,en-US;q=0.8", METRIC],
    ["en-IN", METRIC],
    ["de", METRIC],
    ["en", METRIC],
    ["*", METRIC],
    ["en_US; q=", METRIC],
    ["\u0000, en-US", METRIC],
    [null, METRIC],
  ])("%s", (asked, units) => {
    expect(unitsOfVisitor(asked)).toEqual(units);
  });

  it("are hers from then on", () => {
    expect(unitsFromCookie(undefined, unitsOfVisitor("en-US"))).toEqual(US);
    expect(unitsFromCookie("metric-F", unitsOfVisitor("en-US"))).toEqual({
      measure: "metric",
      heat: "F",
    });
    expect(unitsFromCookie("acres-K", unitsOfVisitor("en-US"))).toEqual(METRIC);
    expect(unitsFromCookie(unitsCookieText(METRIC), unitsOfVisitor("en-US"))).toEqual(METRIC);
  });
});
