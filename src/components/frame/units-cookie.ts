import { METRIC, type Units } from "@/words";

export const UNITS_COOKIE = "units";

/** The units as the cookie holds them: `metric-C`, `us-F`. */
export function unitsCookieText(units: Units): string {
  return `${units.measure}-${units.heat}`;
}

/** The units a cookie holds; metric for anything else. */
export function unitsFromCookie(text: string | undefined): Units {
  const [measure, heat] = (text ?? "").split("-");
  return {
    measure: measure === "us" ? "us" : METRIC.measure,
    heat: heat === "F" ? "F" : METRIC.heat,
  };
}
