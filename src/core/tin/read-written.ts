import {
  bad,
  good,
  inFigures,
  lengthsTold,
  US_MEASURES,
  MM_PER,
  readAmount,
  readUnit,
  unitSize,
  type Issue,
  type LengthUnit,
  type Result,
  type ToldLength,
} from "../measure";
import { parseTin, shapeRow, SHAPES, type Shape, type Tin } from "./shapes";
import type { Material } from "./shapes/fields";
import { tinGeometry } from "./water";

/** What a reading had to supply because the text did not say. */
export type Assumed = "unit" | "shape" | "depth" | "size";

export type ReadTin = { readonly tin: Tin; readonly assumed: readonly Assumed[] };

/** The units a baker usually means when none is written. */
export type SizeHabit = "metric" | "us";

/** A length of a tin, or how many there are of it. */
type Size = Pick<ToldLength, "value" | "unit"> & { readonly crossed: boolean };

const SHAPE_WORDS = SHAPES.map((shape) => [shapeRow(shape).read, shape] as const);

export const MATERIAL_WORDS: readonly (readonly [RegExp, Material])[] = [
  [/\bcast[\s-]iron\b/, "cast-iron"],
  [/\bglass\b/, "glass"],
  [/\bceramic\b|\bstoneware\b/, "ceramic"],
  [/\bsilicone\b/, "silicone"],
  [/\bdark\b/, "dark"],
  [/\bbright\b|\balumini?um\b/, "bright"],
];

/** Words that say how a tin was measured or made. */
export const FLAG_WORDS: readonly (readonly [RegExp, Readonly<Record<string, unknown>>])[] = [
  [/\bloose(?:\s+base)?\b/, { looseBase: true }],
  [/\b(?:with\s+(?:a\s+)?)?lid\b/, { lid: true }],
  [/\boutside\b/, { sizes: "outside" }],
  [/\bat\s+(?:the\s+)?floor\b/, { sizesAt: "floor" }],
  [/\binside\b|\bat\s+(?:the\s+)?rim\b/, {}],
];

/** Words around a size that change nothing about it. */
const SILENT =
  /^(?:a|an|the|of|tins?|pans?|baking|cakes?|layers?|greased|lined|deep|high|tall|wide|across|long|size|standard)$/;

/**
 * One tin as it is written and nothing else: `9 in`, `23cm`, `13x9x2`, `2 x 20 cm round`, `23x33x5 glass`, `12
 * cups`, `fluted ring 25 x 9 cm, hole 7 cm`, `33 x 23 x 5 cm holds 3.4 L`. What had to be assumed
 * is listed. Fails with an {@link Issue} whose path is the part at fault.
 * @example readWrittenTin("13x9x2", "metric") // rectangle 330.2 x 228.6 x 50.8 mm, assumed: unit, shape
 */
export function readWrittenTin(text: string, habit: SizeHabit): Result<ReadTin> {
  const written = tidy(text);
  if (written === "")
    return bad({ code: "unreadable", path: "size", value: text.trim(), expected: "size" });
  const named = takeNamed(written);
  const shape = take(inFigures(named.rest).text, SHAPE_WORDS);
  const material = take(shape.rest, MATERIAL_WORDS);
  const profile = takeProfile(material.rest);
  let rest = profile.rest;
  const flags: Record<string, unknown> = {};
  for (const flag of FLAG_WORDS) {
    const taken = take(rest, [flag]);
    Object.assign(flags, taken.found);
    rest = taken.rest;
  }
  const sizes = readSizes(rest);
  if (!sizes.ok) return sizes;
  const { count, dims } = splitCount(sizes.value, shape.found);
  const unit =
    dims.findLast((size) => size.unit !== null)?.unit ?? guessUnit(dims, shape.found, habit);
  const lengths = dims.map((size) => tidyMm(size.value * MM_PER[size.unit ?? unit]));
  const meant = shape.found ?? (profile.fields === null ? guessShape(lengths) : "drawn");
  const fields = fieldsOf(meant, lengths, profile.fields);
  if (!fields.ok) return fields;

  const assumed = assumptions(dims, shape.found, lengths, meant);
  const isDepthAssumed =
    !("depthMm" in named.fields) && (assumed.includes("depth") || assumed.includes("size"));
  const tin = parseTin({
    shape: meant,
    ...fields.value,
    ...named.fields,
    ...flags,
    ...(count === null || (count === 1 && !isCup(meant)) ? {} : { count }),
    ...(material.found === null ? {} : { material: material.found }),
    ...(isDepthAssumed ? { depthAssumed: true } : {}),
  });
  if (!tin.ok) return tin;
  const geometry = tinGeometry(tin.value);
  if (!geometry.ok) return geometry;
  return good({ tin: tin.value, assumed });
}

function tidy(text: string): string {
  return text
    .toLowerCase()
    .replace(/[,;]+(?=\s|$)/gu, " ")
    .replace(/\s+/gu, " ")
    .trim();
}

function take<T>(
  text: string,
  words: readonly (readonly [RegExp, T])[],
): { readonly found: T | null; readonly rest: string } {
  for (const [pattern, meaning] of words) {
    if (pattern.test(text)) return { found: meaning, rest: text.replace(pattern, " ").trim() };
  }
  return { found: null, rest: text };
}

/** `0:180 20:200 50:230`: widths at heights, in mm; the last one is the rim. */
function takeProfile(text: string): {
  readonly fields: Readonly<Record<string, unknown>> | null;
  readonly rest: string;
} {
  const profile: { heightMm: number; widthMm: number }[] = [];
  const rest = text.replace(
    /(\d+(?:\.\d+)?):(\d+(?:\.\d+)?)(?:\s*mm\b)?/gu,
    (_all, height: string, width: string) => {
      profile.push({ heightMm: Number(height), widthMm: Number(width) });
      return " ";
    },
  );
  return {
    fields: profile.length === 0 ? null : { profile, depthMm: profile.at(-1)?.heightMm },
    rest: rest.trim(),
  };
}

/** The field that each named length fills. */
const NAMED_LENGTHS: Readonly<Record<string, string>> = {
  hole: "tubeMm",
  floor: "floorMm",
  corner: "cornerMm",
  long: "rimLengthMm",
  deep: "depthMm",
};
const NAMED = /\b(holds|half|hole|floor|corner|taper|long|deep)\s+(?=[.\d¼½¾])/u;

/**
 * Measures that carry their name: `holds 3.4 l`, `hole 7 cm`, `floor 5 cm`, `corner 2 cm`, `taper
 * 4°`.
 */
function takeNamed(text: string): {
  readonly fields: Readonly<Record<string, number>>;
  readonly rest: string;
} {
  const fields: Record<string, number> = {};
  let rest = text;
  for (let named = NAMED.exec(rest); named !== null; named = NAMED.exec(rest)) {
    const name = named[1] ?? "";
    const after = rest.slice(named.index + named[0].length);
    const taken =
      name === "holds" || name === "half"
        ? volumeFirst(after)
        : name === "taper"
          ? degreesFirst(after)
          : lengthFirst(after);
    if (taken === null) break;
    const field = { holds: "brimMl", half: "halfMl", taper: "taperDeg", ...NAMED_LENGTHS }[name];
    if (field !== undefined) fields[field] = tidyMm(taken.value);
    rest = `${rest.slice(0, named.index)} ${taken.rest}`.trim();
  }
  return { fields, rest };
}

type Taken = { readonly value: number; readonly rest: string };

/** Millilitres at the start of a text; bare figures are mL. */
function volumeFirst(text: string): Taken | null {
  const amount = readAmount(text);
  if (amount === null) return null;
  const unit = readUnit(amount.rest);
  const size = unit === null ? null : unitSize(unit.unit, US_MEASURES);
  return unit !== null && size?.of === "volume"
    ? { value: amount.value * size.ml, rest: unit.rest }
    : amount;
}

function degreesFirst(text: string): Taken | null {
  const amount = readAmount(text);
  return amount === null ? null : { ...amount, rest: amount.rest.replace(/^°/u, "") };
}

/** Millimetres at the start of a text; bare figures are centimetres. */
function lengthFirst(text: string): Taken | null {
  const [length] = lengthsTold(text);
  return length?.at === 0
    ? { value: length.value * MM_PER[length.unit ?? "cm"], rest: text.slice(length.end) }
    : null;
}

/**
 * A hundredth of a millimetre is as fine as a size can matter, and hides the binary tail of 0.1 x
 * 10.
 */
function tidyMm(value: number): number {
  return Number(value.toFixed(2));
}

function readSizes(text: string): Result<readonly Size[]> {
  const told = lengthsTold(text);
  const ends = [0, ...told.map(({ end, crossEnd }) => crossEnd ?? end)];
  for (const [index, from] of ends.entries()) {
    const next = told[index];
    const words = text.slice(from, next?.at ?? text.length).split(/\s+/u);
    // Nothing is less than no size, and a range of sizes is no size.
    if (next !== undefined && words.at(-1) === "-")
      return bad({
        code: "unreadable",
        path: "size",
        value: `-${next.value}`,
        expected: "size",
      });
    const unknown = words
      .map((word) => word.replaceAll(/^-+|-+$/gu, ""))
      .find((word) => word !== "" && word !== "x" && !SILENT.test(word));
    if (unknown !== undefined)
      return bad({ code: "unreadable", path: "size", value: unknown, expected: "size" });
  }
  return good(
    told.map(({ value, unit, crossEnd }) => ({ value, unit, crossed: crossEnd !== null })),
  );
}

const isCup = (shape: Shape | null): boolean =>
  shape !== null && shapeRow(shape).usualWidthMm !== undefined;
const isRound = (shape: Shape | null): boolean =>
  shape !== null && !isCup(shape) && shapeRow(shape).form.needed.includes("diameterMm");
/** Shapes whose plan is one width, so that a third number can't be a size. */
const isOneWidth = (shape: Shape | null): boolean =>
  shape !== null && !isCup(shape) && shapeRow(shape).lengths?.most === 2;

/** `2 x 20`, `2 8-inch`, `12 cups`: whether the first number says how many, or is a size itself. */
function splitCount(
  sizes: readonly Size[],
  shape: Shape | null,
): { readonly count: number | null; readonly dims: readonly Size[] } {
  const [first, second] = sizes;
  const asCount = { count: first?.value ?? null, dims: sizes.slice(1) };
  const asSize = { count: null, dims: sizes };
  if (first?.unit !== null) return asSize;
  if (shape === "drawn" || shape === "odd") return asCount;
  if (isCup(shape))
    return second === undefined || !first.crossed || sizes.length > 3 ? asCount : asSize;
  if (second === undefined) return asSize;
  if (!first.crossed) return Number.isInteger(first.value) && first.value <= 12 ? asCount : asSize;
  const leadsUp =
    first.value < second.value &&
    Number.isInteger(first.value) &&
    (first.value <= 3 || isRound(shape));
  const isOver =
    sizes.length > (isOneWidth(shape) ? 2 : 3) ||
    (shape === "square" && sizes.length === 3 && first.value !== second.value);
  if (first.value === 0 || isOver || leadsUp || second.value >= 2.5 * first.value) return asCount;
  return asSize;
}

/**
 * Cake tins are 10 to 45 cm, 5 to 18 in: a bare number's size tells its unit in all but a narrow
 * band. Judgement.
 */
function guessUnit(dims: readonly Size[], shape: Shape | null, habit: SizeHabit): LengthUnit {
  const values = dims.map((size) => size.value);
  const largest = Math.max(0, ...values);
  if (largest > 100) return "mm";
  if (isCup(shape)) return largest <= 4 ? "in" : "cm";
  const least = Math.min(...values);
  const isShallowInches = dims.length === 3 && least <= 2 && largest <= 18;
  return largest <= (habit === "us" ? 18 : 13) || isShallowInches ? "in" : "cm";
}

function guessShape(lengths: readonly number[]): Shape {
  const [first = 0, second, third] = lengths;
  if (second === undefined) return "round";
  if (third === undefined && second < 0.4 * first) return "round";
  if (Math.abs(first - second) < 1) return "square";
  const [short, long] = [Math.min(first, second), Math.max(first, second)];
  const isDeep = third === undefined || third >= 45;
  return short <= 150 && short / long <= 0.65 && isDeep ? "loaf" : "rectangle";
}

function fieldsOf(
  shape: Shape,
  lengths: readonly number[],
  profile: Readonly<Record<string, unknown>> | null,
): Result<Readonly<Record<string, unknown>>> {
  if (shape === "drawn") return good(profile ?? {});
  if (shape === "odd") return good(lengths[0] === undefined ? {} : { depthMm: lengths[0] });
  return sizeFields(shape, lengths);
}

function sizeFields(
  shape: Shape,
  written: readonly number[],
): Result<Readonly<Record<string, number | undefined>>> {
  const { lengths, usualWidthMm, usualDepthMm } = shapeRow(shape);
  const [first = usualWidthMm, second, third] = written;
  if (first === undefined || lengths === null)
    return bad({ code: "missing", path: "size", expected: "size" });
  if (written.length > lengths.most) {
    return bad({
      code: "too-many",
      path: "size",
      value: written.length,
      max: lengths.most,
    } satisfies Issue);
  }
  const fields = lengths.fields(first, second, third);
  if (fields === null) return bad({ code: "missing", path: "widthMm", expected: "size" });
  return good({ ...fields, depthMm: fields["depthMm"] ?? usualDepthMm });
}

function assumptions(
  dims: readonly Size[],
  shape: Shape | null,
  lengths: readonly number[],
  meant: Shape,
): readonly Assumed[] {
  if (meant === "drawn" || meant === "odd") return [];
  const needed = shapeRow(meant).form.needed.length + 1;
  const saidSquare = meant === "square" && lengths.length === 2 && lengths[0] === lengths[1];
  const found: Assumed[] = [];
  if (dims.length === 0) found.push("size");
  if (dims.length > 0 && dims.every((size) => size.unit === null)) found.push("unit");
  if (shape === null) found.push("shape");
  if (dims.length > 0 && (dims.length < needed || saidSquare)) found.push("depth");
  return found;
}
