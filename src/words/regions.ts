/** Where a kitchen is: whose words, measures, clock and dates it uses. */
export const KITCHEN_REGIONS = ["us", "canada", "uk", "australia", "india", "metric"] as const;
export type Region = (typeof KITCHEN_REGIONS)[number];

/** How a kitchen reads its measures, its clock and the names of things. */
export type Units = {
  /** Centimetres and litres, or inches and cups. */
  readonly measure: "metric" | "us";
  readonly heat: "C" | "F";
  readonly clock: "12" | "24";
  readonly region: Region;
};

type RegionRow = {
  readonly name: string;
  /** As in a browser's language: en-US. */
  readonly countries: readonly string[];
  readonly usual: Omit<Units, "region">;
  /** December 5 or 5 December. */
  readonly isMonthFirst: boolean;
  /** What a week begins with: 0 is Sunday, 1 Monday. */
  readonly firstDay: 0 | 1;
  /** What a printer holds. */
  readonly paper: "a4" | "letter";
};

const METRIC_24 = { measure: "metric", heat: "C", clock: "24" } as const;
const METRIC_12 = { measure: "metric", heat: "C", clock: "12" } as const;
const CUPS_12 = { measure: "us", heat: "F", clock: "12" } as const;

/** What is usual in a region; each of it can be chosen otherwise. */
export const REGION_ROWS: Readonly<Record<Region, RegionRow>> = {
  us: {
    name: "United States",
    countries: ["US", "PR", "GU", "VI", "AS", "MP"],
    usual: CUPS_12,
    isMonthFirst: true,
    firstDay: 0,
    paper: "letter",
  },
  canada: {
    name: "Canada",
    countries: ["CA"],
    usual: CUPS_12,
    isMonthFirst: true,
    firstDay: 0,
    paper: "letter",
  },
  uk: {
    name: "United Kingdom and Ireland",
    countries: ["GB", "IE", "IM", "GG", "JE"],
    usual: METRIC_24,
    isMonthFirst: false,
    firstDay: 1,
    paper: "a4",
  },
  australia: {
    name: "Australia and New Zealand",
    countries: ["AU", "NZ"],
    usual: METRIC_12,
    isMonthFirst: false,
    firstDay: 1,
    paper: "a4",
  },
  india: {
    name: "India",
    countries: ["IN"],
    usual: METRIC_12,
    isMonthFirst: false,
    firstDay: 0,
    paper: "a4",
  },
  metric: {
    name: "Elsewhere, metric",
    countries: [],
    usual: METRIC_24,
    isMonthFirst: false,
    firstDay: 1,
    paper: "a4",
  },
};

/** A region with all that is usual there. */
export const unitsOfRegion = (region: Region): Units => ({ ...REGION_ROWS[region].usual, region });

export const METRIC: Units = unitsOfRegion("metric");
