import * as z from "../zod";

export const FROSTINGS = [
  "butter-and-sugar",
  "cream-cheese",
  "whipped-cream",
  "meringue-butter",
  "whipped-ganache",
  "boiled-fudge",
  "water-icing",
  "marshmallow",
] as const;
export const FrostingSchema = z.enum(FROSTINGS);
export type Frosting = z.infer<typeof FrostingSchema>;

/** What goes between layers when it is not the frosting itself. */
export const FILLINGS = [
  "jam",
  "curd",
  "custard",
  "whipped-cream",
  "whipped-ganache",
  "cream-cheese",
] as const;
/** What is poured. */
export const POURS = ["pouring-ganache", "water-icing", "boiled-fudge", "jam"] as const;

/** Everything that is spread, filled or poured. */
export type Coating = Frosting | (typeof FILLINGS)[number] | (typeof POURS)[number];

export const CoatingSchema = z.enum([...new Set([...FROSTINGS, ...FILLINGS, ...POURS])]);

/** Density as spread, g/mL. Judgement; weighing a cup of it is better. */
export const SPREAD_DENSITY: Readonly<Record<Coating, number>> = {
  "butter-and-sugar": 0.8,
  "cream-cheese": 0.95,
  "whipped-cream": 0.47,
  "meringue-butter": 0.7,
  "whipped-ganache": 0.8,
  "boiled-fudge": 1.25,
  "water-icing": 1.35,
  marshmallow: 0.4,
  jam: 1.33,
  curd: 1.15,
  custard: 1.08,
  "pouring-ganache": 1.15,
};

/** What spoils in a warm room. */
export const COLD_SPREADS: readonly Coating[] = [
  "cream-cheese",
  "whipped-cream",
  "custard",
  "curd",
];

/** Sugar syrup for a soak, about one to one, g/mL. */
export const SYRUP_DENSITY = 1.2;
