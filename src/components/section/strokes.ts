import type { Stuff } from "@/core/build";

export const line = {
  vectorEffect: "non-scaling-stroke",
  strokeLinejoin: "round",
  strokeLinecap: "round",
} as const;

/** How everything spread, filled or poured is filled in a drawing. */
const SPREAD_FILL: Partial<Readonly<Record<Stuff, string>>> = {
  jam: "fill-fruit",
  curd: "fill-batter",
  custard: "fill-batter",
  "whipped-ganache": "fill-crust/70",
  "pouring-ganache": "fill-crust",
  "boiled-fudge": "fill-crust/80",
};

export const spreadFill = (stuff: Stuff): string => SPREAD_FILL[stuff] ?? "fill-cream";
