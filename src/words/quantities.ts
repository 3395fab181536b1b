import type { CakePlan } from "@/core/plan";
import {
  fahrenheitFromC,
  fahrenheitSteps,
  INCH_MM,
  kitchenGrams,
  kitchenMl,
  OUNCE_G,
  roundTo,
  US_CUP_ML,
} from "@/core/measure";
import { tinCount, type Material, type Shape, type Tin } from "@/core/tin";
import type { Units } from "./regions";

/** Between the groups of a long number. */
const THIN = "\u202f";
/**
 * Between a figure and its unit: wide enough that they never touch, and never broken over two
 * lines.
 */
const GAP = "\u00a0";

/** Digits in groups of three: 1 220. */
function grouped(value: number): string {
  return String(value).replace(/\B(?=(\d{3})+(?!\d))/gu, THIN);
}

/** 655 g; in a US kitchen with the ounces a scale there shows: 23 oz. */
export function weightText(massG: number, units: Units): string {
  const kitchenG = kitchenGrams(massG);
  if (units.measure === "metric" || kitchenG < 5) return `${grouped(kitchenG)}${GAP}g`;
  const ounces = massG / OUNCE_G;
  return `${roundTo(ounces, ounces < 10 ? 0.1 : ounces < 40 ? 0.5 : 1)}${GAP}oz`;
}

/** A weight as the scale said it: to a tenth of a gram or of an ounce. */
export function exactWeightText(massG: number, units: Units): string {
  return units.measure === "metric"
    ? gramsText(roundTo(massG, 0.1))
    : `${roundTo(massG / OUNCE_G, 0.1)}${GAP}oz`;
}

/** Grams already rounded as they are weighed, tenths and all: 4.6 g, 1 030 g. */
export function gramsText(shownG: number): string {
  return `${grouped(shownG)}${GAP}g`;
}

/**
 * 1.4 L, 650 mL; or US cups to the nearest quarter, 2 1/4 cups, and spoons of what is less than
 * one.
 */
export function volumeText(volumeMl: number, units: Units): string {
  if (units.measure === "metric") {
    const ml = kitchenMl(volumeMl);
    return ml < 1000 ? `${ml}${GAP}mL` : `${roundTo(ml / 1000, ml < 10_000 ? 0.05 : 0.1)}${GAP}L`;
  }
  const exact = volumeMl / US_CUP_ML;
  if (exact < LEAST_CUPS) {
    const teaspoons = roundTo(exact * 48, 0.5);
    return teaspoons < 3
      ? `${fraction(Math.max(0.5, teaspoons))} tsp`
      : `${fraction(roundTo(exact * 16, 0.5))} tbsp`;
  }
  const cups = roundTo(exact, 0.25);
  return `${fraction(cups)} ${cups > 1 ? "cups" : "cup"}`;
}

/** Less than this many cups is measured in spoons. */
const LEAST_CUPS = 0.2;

/** 23 cm or 9 in; half centimetres below ten, quarter inches. */
export function lengthText(lengthMm: number, units: Units): string {
  return `${lengthNumber(lengthMm, units)}${GAP}${units.measure === "metric" ? "cm" : "in"}`;
}

function lengthNumber(lengthMm: number, units: Units): string {
  if (units.measure === "us") return fraction(roundTo(lengthMm / INCH_MM, 0.25));
  const cm = lengthMm / 10;
  return String(roundTo(cm, cm < 10 ? 0.5 : 1));
}

/** 16 mm, or to the nearest eighth of an inch: 5/8 in. For depths and thicknesses. */
export function depthText(depthMm: number, units: Units): string {
  if (units.measure === "metric") return `${Math.round(depthMm)}${GAP}mm`;
  const inches = roundTo(depthMm / INCH_MM, 0.125);
  return `${inches === 0 ? "under 1/8" : fraction(inches)}${GAP}in`;
}

/** 180 °C, or the nearest mark of a Fahrenheit dial: 350 °F. */
export function heatText(tempC: number, units: Units): string {
  return units.heat === "C"
    ? `${Math.round(tempC)}${GAP}°C`
    : `${roundTo(fahrenheitFromC(tempC), 5)}${GAP}°F`;
}

/** A heat beside others of its kind, as on an axis: 180°. */
export function bareHeatText(tempC: number, units: Units): string {
  return heatText(tempC, units).replace(/\u00a0?°[CF]$/u, "°");
}

/** An oven's heat as a dial with marks 5 apart has it: 177 °C is said as 175. */
export function ovenText(tempC: number, units: Units): string {
  return heatText(units.heat === "C" ? roundTo(tempC, 5) : tempC, units);
}

/** What else heats a cake, where an oven's dial would stand. */
const OTHER_HEATS: Readonly<Record<Exclude<CakePlan["bake"]["source"], "oven">, string>> = {
  "closed-pot": "closed pot",
  microwave: "microwave",
};

/**
 * The dial as it is marked, whatever the kitchen's own degrees: gas 4, 175 °C, 350 °F; in those
 * when no oven is named, to the 5 of a usual dial unless she chose the heat herself.
 */
export function dialText(
  {
    dialC,
    dialMark,
    dialScale,
    reason,
    source = "oven",
  }: Pick<CakePlan["bake"], "dialC" | "dialMark" | "dialScale"> &
    Partial<Pick<CakePlan["bake"], "reason" | "source">>,
  units: Units,
): string {
  if (source !== "oven") return OTHER_HEATS[source];
  if (dialMark !== null) return `gas${GAP}${dialMark}`;
  if (dialScale === "C") return `${Math.round(dialC)}${GAP}°C`;
  if (dialScale === "F") return `${Math.round(fahrenheitFromC(dialC))}${GAP}°F`;
  return reason === "chosen" ? heatText(dialC, units) : ovenText(dialC, units);
}

/** A difference of heat: 15 °C is 25 °F on a dial with marks 5 apart. */
export function heatStepText(differenceC: number, units: Units): string {
  return units.heat === "C"
    ? `${Math.round(differenceC)}${GAP}°C`
    : `${roundTo(fahrenheitSteps(differenceC), 5)}${GAP}°F`;
}

/** Less than this may be told in seconds, minutes. */
const SHORT_MIN = 10;

/** 27 min; 2 h 30 min from two hours on; 90 s where a microwave counts in less than minutes. */
export function minutesText(minutes: number): string {
  if (minutes < SHORT_MIN && !Number.isInteger(minutes)) {
    const seconds = Math.round(minutes * 60);
    return seconds < 120
      ? `${seconds}${GAP}s`
      : `${Math.floor(seconds / 60)}${GAP}min ${seconds % 60}${GAP}s`;
  }
  if (minutes < 120) return `${minutes}${GAP}min`;
  const rest = minutes % 60;
  return rest === 0
    ? `${minutes / 60}${GAP}h`
    : `${Math.floor(minutes / 60)}${GAP}h ${rest}${GAP}min`;
}

/** 760 cm², or square inches. */
export function areaText(areaMm2: number, units: Units): string {
  if (units.measure === "us") return `${Math.round(areaMm2 / INCH_MM ** 2)} sq in`;
  return `${grouped(roundTo(areaMm2 / 100, 10))}${GAP}cm²`;
}

/** 32 %. */
export function percentText(share: number): string {
  return `${Math.round(share * 100)}${GAP}%`;
}

/**
 * What is made over what is worked out; less where she is known to use less.
 * @example extraText(0.12) // "12 % to spare"
 */
export function extraText(share: number): string {
  if (share === 0) return "nothing extra";
  return share < 0 ? `${percentText(-share)} less, as you use it` : `${percentText(share)} extra`;
}

/** × 1.27; 1 is "the recipe". */
export function timesText(factor: number): string {
  return `× ${roundTo(factor, factor < 0.1 ? 0.001 : 0.01)}`;
}

/** Fractions as kitchens have measures for them. */
const FRACTIONS: readonly (readonly [value: number, text: string])[] = [
  [1 / 8, "1/8"],
  [1 / 4, "1/4"],
  [1 / 3, "1/3"],
  [3 / 8, "3/8"],
  [1 / 2, "1/2"],
  [5 / 8, "5/8"],
  [2 / 3, "2/3"],
  [3 / 4, "3/4"],
  [7 / 8, "7/8"],
];

/**
 * A number of cups, spoons or inches that was rounded to one of them: 2 1/4; any other as a
 * decimal.
 */
export function fraction(value: number): string {
  const whole = Math.floor(value + 1e-6);
  const part = FRACTIONS.find(([each]) => Math.abs(value - whole - each) < 1e-3);
  if (part === undefined) return String(value);
  return whole === 0 ? part[1] : `${whole} ${part[1]}`;
}

const SHAPE_NAMES: Readonly<Record<Shape, string>> = {
  round: "round",
  springform: "springform",
  square: "square",
  rectangle: "rectangle",
  loaf: "loaf",
  oval: "oval",
  heart: "heart",
  hexagon: "hexagon",
  triangle: "triangle",
  dome: "dome",
  ring: "ring",
  tube: "tube",
  fluted: "fluted ring",
  well: "cups",
  skillet: "skillet",
  ramekin: "ramekin",
  mug: "mug",
  drawn: "own shape",
  odd: "odd shape",
};

/** What a shape is called. */
export function shapeName(shape: Shape): string {
  return SHAPE_NAMES[shape];
}

const MATERIAL_NAMES: Readonly<Record<Material, string>> = {
  bright: "shiny metal",
  dark: "dark",
  glass: "glass",
  ceramic: "ceramic",
  silicone: "silicone",
  "cast-iron": "cast iron",
};

/** What the material is called. */
export function materialName(material: Material): string {
  return MATERIAL_NAMES[material];
}

/** 2 × round 20 × 5 cm, glass; 12 cups 7 × 3 cm. */
export function tinText(tin: Tin, units: Units): string {
  const count = tinCount(tin);
  const times = tin.shape === "well" ? `${count} ` : count === 1 ? "" : `${count} × `;
  if (tin.shape === "odd") return `${times}${SHAPE_NAMES.odd}, ${volumeText(tin.brimMl, units)}`;
  const sizes = [...planSizes(tin), tin.depthMm].map((mm) => lengthNumber(mm, units)).join(" × ");
  const unit = units.measure === "metric" ? "cm" : "in";
  const name = tin.shape === "well" && count === 1 ? "cup" : SHAPE_NAMES[tin.shape];
  const material =
    tin.material === undefined || tin.material === "bright"
      ? ""
      : `, ${MATERIAL_NAMES[tin.material]}`;
  return `${times}${name} ${sizes}${GAP}${unit}${material}`;
}

function planSizes(tin: Exclude<Tin, { shape: "odd" }>): readonly number[] {
  if ("diameterMm" in tin) return [tin.diameterMm];
  if ("sideMm" in tin) return [tin.sideMm];
  if ("lengthMm" in tin) return [tin.lengthMm, tin.widthMm];
  if ("rimMm" in tin) return [tin.rimMm];
  if (tin.shape === "drawn")
    return [
      ...(tin.rimLengthMm === undefined ? [] : [tin.rimLengthMm]),
      tin.profile.at(-1)?.widthMm ?? 0,
    ];
  return [tin.widthMm];
}

/** 203 mm, or 8 in to the eighth: a size as measured, for a drawing. */
export function exactLengthText(lengthMm: number, units: Units): string {
  if (units.measure === "metric") return `${Math.round(lengthMm)}${GAP}mm`;
  return `${fraction(roundTo(lengthMm / INCH_MM, 0.125))}${GAP}in`;
}

/** So many pieces. */
export function piecesText(count: number): string {
  return `${count} ${count === 1 ? "piece" : "pieces"}`;
}
