import {
  bad,
  good,
  INCH_MM,
  readNumber,
  readLengthMm,
  readMassG,
  readVolumeMl,
  roundTo,
  type Expected,
  type Issue,
  type Result,
} from "../measure";
import { parseTin, shapeRow, tinCount, type Shape, type Tin } from "./shapes";
import type { Material } from "./shapes/fields";
import type { LengthField } from "./shapes/row";
import type { SizeHabit } from "./read-written";
import { tinGeometry, waterMl, type WaterHeat } from "./water";

/** A tin as a form holds it: every box as it was written, so that half-typed ones are kept. */
export type TinForm = {
  readonly shape: Shape;
  readonly material: Material;
  readonly lengths: Readonly<Record<LengthField, string>>;
  readonly depth: string;
  readonly taper: string;
  /** One height and width to a line. */
  readonly profile: string;
  readonly count: string;
  /** What it holds, as a volume or as the weight of the water. */
  readonly brim: string;
  readonly half: string;
  readonly waterHeat: WaterHeat;
  readonly sizes: "inside" | "outside";
  readonly sizesAt: "rim" | "floor";
  readonly looseBase: boolean;
  readonly lid: boolean;
};

const EMPTY: TinForm = {
  shape: "round",
  material: "bright",
  lengths: {
    diameterMm: "",
    sideMm: "",
    lengthMm: "",
    widthMm: "",
    rimMm: "",
    floorMm: "",
    tubeMm: "",
    cornerMm: "",
    rimLengthMm: "",
  },
  depth: "",
  taper: "",
  profile: "",
  count: "12",
  brim: "",
  half: "",
  waterHeat: "cold",
  sizes: "inside",
  sizesAt: "rim",
  looseBase: false,
  lid: false,
};

/** The form of a tin, its lengths in the kitchen's unit. */
export function tinForm(tin: Tin, habit: SizeHabit): TinForm {
  const text = (value: number | undefined): string =>
    value === undefined ? "" : lengthText(value, habit);
  const lengths = Object.fromEntries(
    Object.keys(EMPTY.lengths).map((field) => [
      field,
      text((tin as Readonly<Record<string, unknown>>)[field] as number | undefined),
    ]),
  );
  return {
    ...EMPTY,
    shape: tin.shape,
    material: tin.material ?? "bright",
    lengths: { ...EMPTY.lengths, ...lengths },
    depth: text(tin.depthMm),
    taper: "taperDeg" in tin && tin.taperDeg !== undefined ? `${tin.taperDeg}°` : "",
    profile:
      tin.shape === "drawn"
        ? tin.profile
            .map(
              ({ heightMm, widthMm }) =>
                `${lengthText(heightMm, habit)}: ${lengthText(widthMm, habit)}`,
            )
            .join("\n")
        : "",
    count: tin.shape === "well" ? String(tinCount(tin)) : EMPTY.count,
    brim: tin.brimMl === undefined ? "" : `${roundTo(tin.brimMl, 1)} mL`,
    half: "halfMl" in tin && tin.halfMl !== undefined ? `${roundTo(tin.halfMl, 1)} mL` : "",
    sizes: "sizes" in tin ? (tin.sizes ?? "inside") : "inside",
    sizesAt: "sizesAt" in tin ? (tin.sizesAt ?? "rim") : "rim",
    looseBase: tin.looseBase ?? false,
    lid: tin.lid ?? false,
  };
}

/** A length as it is written into a box: to a millimetre in cm, to what reads back in inches. */
function lengthText(lengthMm: number, habit: SizeHabit): string {
  return habit === "us"
    ? `${roundTo(lengthMm / INCH_MM, 0.001)} in`
    : `${roundTo(lengthMm / 10, 0.01)} cm`;
}

/**
 * The tin a form describes, with everything in it checked together. Fails with the first thing
 * wrong, its path the tin's field.
 * @param habit the unit of bare numbers
 */
export function readTinForm(form: TinForm, habit: SizeHabit): Result<Tin> {
  const {
    form: { needed, usual },
    canLean,
  } = shapeRow(form.shape);
  const bare = habit === "us" ? "in" : "cm";
  const fields: Record<string, unknown> = { shape: form.shape };
  const put = (
    path: string,
    text: string,
    read: (text: string) => number | null,
    expected: Expected,
    isNeeded: boolean,
  ): Issue | null => {
    if (text.trim() === "")
      return isNeeded ? { code: "unreadable", path, value: "", expected } : null;
    const value = read(text);
    if (value === null) return { code: "unreadable", path, value: text.trim(), expected };
    fields[path] = value;
    return null;
  };
  const length = (text: string): number | null => readLengthMm(text, bare);
  const water = (text: string): number | null =>
    readVolumeMl(text) ?? waterOf(text, form.waterHeat);
  const isOdd = form.shape === "odd";
  const profile = form.shape === "drawn" ? readProfile(form.profile, length) : good(null);
  const issues = [
    ...needed.map((field) => put(field, form.lengths[field], length, "length", true)),
    ...usual.map((field) => put(field, form.lengths[field], length, "length", false)),
    form.shape === "drawn" ? null : put("depthMm", form.depth, length, "length", !isOdd),
    profile.ok ? null : profile.issue,
    canLean ? put("taperDeg", form.taper.replace(/°\s*$/u, ""), readNumber, "number", false) : null,
    form.shape === "well" ? put("count", form.count, readNumber, "number", true) : null,
    put("brimMl", form.brim, water, "volume", isOdd),
    isOdd ? null : put("halfMl", form.half, water, "volume", false),
  ];
  const issue = issues.find((found) => found !== null);
  if (issue !== undefined) return bad(issue);
  if (profile.ok && profile.value !== null)
    Object.assign(fields, { profile: profile.value, depthMm: profile.value.at(-1)?.heightMm });
  if (form.material !== "bright") fields["material"] = form.material;
  if (form.looseBase) fields["looseBase"] = true;
  if (form.lid) fields["lid"] = true;
  if (form.sizes === "outside" && !isOdd && form.shape !== "drawn") fields["sizes"] = "outside";
  if (form.sizesAt === "floor" && canLean) fields["sizesAt"] = "floor";
  const tin = parseTin(fields);
  if (!tin.ok) return tin;
  const geometry = tinGeometry(tin.value);
  return geometry.ok ? tin : geometry;
}

function waterOf(text: string, heat: WaterHeat): number | null {
  const massG = readMassG(text);
  return massG === null ? null : waterMl(massG, heat);
}

type Point = { readonly heightMm: number; readonly widthMm: number };

function readProfile(
  text: string,
  length: (text: string) => number | null,
): Result<readonly Point[]> {
  const points: Point[] = [];
  for (const line of text.split(/[\n;]/u).filter((each) => each.trim() !== "")) {
    const [height, width, ...rest] = line.split(/[:\t]/u).map((part) => length(part));
    if (typeof height !== "number" || typeof width !== "number" || rest.length > 0) {
      return bad({
        code: "unreadable",
        path: "profile",
        value: line.trim(),
        expected: "profile",
      });
    }
    points.push({ heightMm: height, widthMm: width });
  }
  if (points.length < 2)
    return bad({
      code: "unreadable",
      path: "profile",
      value: "",
      expected: "profile",
    });
  return good(points);
}

/**
 * Sizes closer than this belong to the same tin, mm; what it holds, as a share. Judgement: a
 * ruler's width.
 */
const SAME_MM = 3;
const SAME_SHARE = 0.02;

/**
 * Whether two descriptions are most likely one tin: the same shape and material, every given size
 * within 3 mm.
 */
export function isSameTin(one: Tin, other: Tin): boolean {
  if (
    one.shape !== other.shape ||
    (one.material ?? "bright") !== (other.material ?? "bright") ||
    tinCount(one) !== tinCount(other)
  )
    return false;
  if (one.shape === "odd" && other.shape === "odd")
    return Math.abs(one.brimMl / other.brimMl - 1) <= SAME_SHARE;
  if (one.shape === "drawn" && other.shape === "drawn")
    return (
      one.rimLengthMm === other.rimLengthMm &&
      JSON.stringify(one.profile) === JSON.stringify(other.profile)
    );
  const sizes = [...shapeRow(one.shape).form.needed, "depthMm"] as const;
  const of = (tin: Tin, field: string): number =>
    (tin as Readonly<Record<string, unknown>>)[field] as number;
  return sizes.every((field) => Math.abs(of(one, field) - of(other, field)) <= SAME_MM);
}
