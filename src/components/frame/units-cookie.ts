import { METRIC, type Units } from "@/words";

const US: Units = { measure: "us", heat: "F" };
/** Where kitchens measure in cups and inches, and their ovens in °F. */
const US_KITCHENS: readonly string[] = ["US", "CA", "PR", "GU", "VI", "AS", "MP"];

/**
 * The units of a first visit, by the country of the language its browser asks for first; metric where
 * that names none. @example unitsOfVisitor("en-US,en;q=0.9") // { measure: "us", heat: "F" }
 */
export function unitsOfVisitor(acceptLanguage: string | null): Units {
  const [first = ""] = (acceptLanguage ?? "").split(/[,;]/u, 1);
  try {
    return US_KITCHENS.includes(new Intl.Locale(first.trim()).region ?? "") ? US : METRIC;
  } catch {
    // "*", or nothing that is a language.
    return METRIC;
  }
}

export const UNITS_COOKIE = "units";

/** The units as the cookie holds them: `metric-C`, `us-F`. */
export function unitsCookieText(units: Units): string {
  return `${units.measure}-${units.heat}`;
}

/** The units a cookie holds, metric for anything it can't; those of the visitor without one. */
export function unitsFromCookie(text: string | undefined, ofVisitor: Units = METRIC): Units {
  if (text === undefined) return ofVisitor;
  const [measure, heat] = text.split("-");
  return {
    measure: measure === "us" ? "us" : METRIC.measure,
    heat: heat === "F" ? "F" : METRIC.heat,
  };
}
