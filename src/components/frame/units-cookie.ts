import { METRIC, REGION_ROWS, KITCHEN_REGIONS, unitsOfRegion, type Units } from "@/words";

/**
 * The units of a first visit, by the country of the language its browser asks for first; metric where
 * that names none. @example unitsOfVisitor("en-US,en;q=0.9") // those of the United States
 */
export function unitsOfVisitor(acceptLanguage: string | null): Units {
  const [first = ""] = (acceptLanguage ?? "").split(/[,;]/u, 1);
  try {
    const country = new Intl.Locale(first.trim()).region ?? "";
    return unitsOfRegion(
      KITCHEN_REGIONS.find((each) => REGION_ROWS[each].countries.includes(country)) ?? "metric",
    );
  } catch {
    // "*", or nothing that is a language.
    return METRIC;
  }
}

export const UNITS_COOKIE = "units";

/** The units as the cookie holds them: `metric-C-24-uk`, `us-F-12-us`. */
export function unitsCookieText({ measure, heat, clock, region }: Units): string {
  return [measure, heat, clock, region].join("-");
}

/**
 * The units a cookie holds; those of the visitor where it holds none, or for what it does not tell
 * yet.
 */
export function unitsFromCookie(text: string | undefined, ofVisitor: Units = METRIC): Units {
  if (text === undefined) return ofVisitor;
  const [measure, heat, clock, region] = text.split("-");
  return {
    measure: measure === "us" ? "us" : METRIC.measure,
    heat: heat === "F" ? "F" : METRIC.heat,
    clock: clock === "12" || clock === "24" ? clock : ofVisitor.clock,
    region: KITCHEN_REGIONS.find((each) => each === region) ?? ofVisitor.region,
  };
}
