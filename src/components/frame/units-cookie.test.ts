import { describe, expect, it } from "vitest";
import { METRIC, KITCHEN_REGIONS, unitsOfRegion, type Region } from "@/words";
import { unitsCookieText, unitsFromCookie, unitsOfVisitor } from "./units-cookie";

const US = unitsOfRegion("us");

describe("the units of a first visit", () => {
  it.each<[string | null, Region]>([
    ["en-US,en;q=0.9", "us"],
    ["es-US", "us"],
    ["fr-CA,fr;q=0.8,en-US;q=0.5", "canada"],
    ["en-GB,en-US;q=0.8", "uk"],
    ["en-IE", "uk"],
    ["en-NZ", "australia"],
    ["en-IN", "india"],
    ["de", "metric"],
    ["en", "metric"],
    ["*", "metric"],
    ["en_US; q=", "metric"],
    ["\u0000, en-US", "metric"],
    [null, "metric"],
  ])("%s", (asked, region) => {
    expect(unitsOfVisitor(asked)).toEqual(unitsOfRegion(region));
  });

  it("are hers from then on", () => {
    expect(unitsFromCookie(undefined, US)).toEqual(US);
    expect(unitsFromCookie("acres-K-7-moon", US)).toEqual({ ...US, measure: "metric", heat: "C" });
    for (const region of KITCHEN_REGIONS) {
      const chosen = { ...unitsOfRegion(region), heat: "F", clock: "12" } as const;
      expect(unitsFromCookie(unitsCookieText(chosen), METRIC)).toEqual(chosen);
    }
  });

  it("that were kept before there were regions keep what they told", () => {
    expect(unitsFromCookie("metric-F", US)).toEqual({ ...US, measure: "metric", heat: "F" });
  });
});
