import * as z from "../zod";
import {
  BuildSchema,
  EdgeHeightSchema,
  FILLINGS,
  POURS,
  ROLLED_FROM,
  SplitSchema,
  STANDINGS,
  TOPS,
  type BuildRequest,
} from "../build";
import {
  BORDER_PLACES,
  BorderSchema,
  FEELS,
  FinishSchema,
  FRUIT_PLACES,
  FruitSchema,
  PATTERNS,
  PIPED,
  POUR_SIDES,
  PourSchema,
  ROUNDINGS,
  SWIRLS,
  SwirlsSchema,
  ToppingSchema,
  type FinishRequest,
} from "../finish";
import {
  boxed,
  numberIn,
  readAmount,
  readNumber,
  readLengthMm,
  type Issue,
  type Result,
} from "../measure";
import { DressBoxesSchema, readDress } from "./dress-boxes";
import type { ReadingHabit } from "./reading-habit";

const line = z._default(z.string().check(z.maxLength(200)), "");

/** How a cake is put together, as its baker wrote it; an empty box is as usual. */
export const BuildBoxesSchema = z.strictObject({
  standing: z._default(z.enum(["usual", ...STANDINGS]), "usual"),
  /** The side a sheet is rolled up from; `usual` as the recipe has it, or the short one. */
  rolledFrom: z._default(z.enum(["usual", ...ROLLED_FROM]), "usual"),
  top: z._default(z.enum(["usual", ...TOPS]), "usual"),
  /** Slices each layer is split into; null for as the recipe has it. */
  splits: z._default(z.nullable(SplitSchema), null),
  /** Measured heights at the edge, in the order of the tins. */
  heights: z._default(z.array(line).check(z.maxLength(20)), []),
  fillingMm: line,
  /** `same` for what the recipe fills with, or the frosting where it does not. */
  filling: z._default(z.enum(["same", "frosting", ...FILLINGS]), "same"),
  damMm: line,
  soak: line,
});
export type BuildBoxes = z.infer<typeof BuildBoxesSchema>;

/** What goes on a cake, as its baker wrote it. */
export const FinishBoxesSchema = z.strictObject({
  topMm: line,
  sideMm: line,
  firstMm: line,
  innerWall: z._default(z.boolean(), true),
  margin: line,
  borders: z._default(
    z
      .array(z.strictObject({ at: z.enum(BORDER_PLACES), style: z.enum(PIPED), widthMm: line }))
      .check(z.maxLength(4)),
    [],
  ),
  swirl: z._default(z.enum(["none", ...SWIRLS]), "none"),
  swirls: line,
  pour: z._default(z.enum(["none", ...POURS]), "none"),
  pourSides: z._default(z.enum(POUR_SIDES), "drips"),
  drips: line,
  toppings: z._default(z.array(ToppingSchema).check(z.maxLength(6)), []),
  dress: z._default(DressBoxesSchema, []),
  rolledMm: line,
  fruit: z._default(
    z.nullable(
      z.strictObject({
        at: z.enum(FRUIT_PLACES),
        pattern: z.enum(PATTERNS),
        widthMm: line,
        overlap: line,
        each: line,
        syrup: z.boolean(),
      }),
    ),
    null,
  ),
  colours: z._default(
    z
      .array(z.strictObject({ name: z.string().check(z.maxLength(40)), share: line }))
      .check(z.maxLength(6)),
    [],
  ),
  rounding: z._default(z.enum(ROUNDINGS), "grams"),
  /**
   * The recipe's own parts the frosting and the filling are made by; the usual formula when empty.
   */
  part: z._default(z.string().check(z.maxLength(40)), ""),
  fillingPart: z._default(z.string().check(z.maxLength(40)), ""),
  /** Other cakes whose frosting is made along with this one's. */
  alsoFor: z._default(z.array(z.string().check(z.maxLength(100))).check(z.maxLength(6)), []),
  /** What the frosting was found to be, oldest first. */
  feels: z._default(z.array(z.enum(FEELS)).check(z.maxLength(60)), []),
});
export type FinishBoxes = z.infer<typeof FinishBoxesSchema>;

/**
 * Boxes of Build and Finish that can be wrong by themselves; of several alike the first that is.
 */
export const FINISH_BOX_NAMES = [
  "heights",
  "fillingMm",
  "damMm",
  "soak",
  "topMm",
  "sideMm",
  "firstMm",
  "margin",
  "borders",
  "swirls",
  "drips",
  "rolledMm",
  "fruit",
  "dress",
  "colours",
] as const;
export type FinishBox = (typeof FINISH_BOX_NAMES)[number];

export type ReadFinish = {
  readonly issues: Partial<Readonly<Record<FinishBox, Issue>>>;
  /** What could be read; the filling is chosen by the whole question. */
  readonly build: Omit<BuildRequest, "filling">;
  readonly finish: Pick<FinishRequest, Exclude<keyof FinishRequest, "cover" | "frosting">>;
};

/** Shares of the frosting by colour, as far as they can be read. */
export function colourBoxes({
  colours,
}: FinishBoxes): readonly { readonly name: string; readonly share: number }[] {
  return colours.flatMap(({ name, share }) => {
    const read = readColour("share", share);
    return read.ok ? [{ name, share: read.value }] : [];
  });
}

function readColour(path: string, text: string): Result<number> {
  return boxed(path, text === "" ? "1" : text, relative, ShareSchema, "share");
}

/** The boxes of Build and Finish read; thicknesses without a unit are in millimetres, or inches. */
export function readFinish(
  build: BuildBoxes,
  finish: FinishBoxes,
  habit: ReadingHabit,
): ReadFinish {
  const issues: Partial<Record<FinishBox, Issue>> = {};
  const take = <T>(box: FinishBox, result: Result<T>): T | undefined => {
    if (result.ok) return result.value;
    issues[box] ??= result.issue;
    return undefined;
  };
  const lengthMm = (text: string): number | null =>
    readLengthMm(text, habit.size === "us" ? "in" : "mm");
  const length = (
    box: FinishBox,
    path: string,
    text: string,
    schema: z.ZodMiniType<number | undefined>,
  ): number | undefined => take(box, boxed(path, text, lengthMm, schema, "thickness"));
  const count = (
    box: FinishBox,
    path: string,
    text: string,
    schema: z.ZodMiniType<number | undefined>,
  ): number | undefined => take(box, boxed(path, text, readNumber, schema, "number"));
  const share = (
    box: FinishBox,
    path: string,
    text: string,
    schema: z.ZodMiniType<number | undefined>,
  ): number | undefined => take(box, boxed(path, text, readShare, schema, "share"));
  const built = BuildSchema.shape;
  const on = FinishSchema.shape;
  const HeightSchema = z.optional(EdgeHeightSchema);
  const heights = build.heights.map(
    (text, index) => length("heights", `heightsMm[${index}]`, text, HeightSchema) ?? null,
  );
  const fillingMm = length("fillingMm", "fillingMm", build.fillingMm, built.fillingMm);
  const damMm = length("damMm", "damMm", build.damMm, built.damMm);
  const soakMlPerKg = count(
    "soak",
    "soakMlPerKg",
    build.soak.replace(/\s*ml.*$/iu, ""),
    built.soakMlPerKg,
  );
  const topMm = length("topMm", "topMm", finish.topMm, on.topMm);
  const sideMm = length("sideMm", "sideMm", finish.sideMm, on.sideMm);
  const firstMm = length("firstMm", "firstMm", finish.firstMm, on.firstMm);
  const marginFraction = share("margin", "marginFraction", finish.margin, on.marginFraction);
  const borders = finish.borders.flatMap(({ at, style, widthMm }, index) => {
    const width = length(
      "borders",
      `borders[${index}].widthMm`,
      widthMm === "" ? USUAL_BORDER : widthMm,
      BorderSchema.shape.widthMm,
    );
    return width === undefined ? [] : [{ at, style, widthMm: width }];
  });
  const swirls = count("swirls", "swirls.count", finish.swirls, SwirlCountSchema);
  const drips = count("drips", "pour.drips", finish.drips, DripsSchema);
  const rolledMm = length("rolledMm", "rolledMm", finish.rolledMm, on.rolledMm);
  const fruitWidthMm =
    finish.fruit === null
      ? undefined
      : length(
          "fruit",
          "fruit.widthMm",
          finish.fruit.widthMm === "" ? USUAL_FRUIT : finish.fruit.widthMm,
          FruitSchema.shape.widthMm,
        );
  const overlap =
    finish.fruit === null
      ? undefined
      : share("fruit", "fruit.overlap", finish.fruit.overlap, FruitSchema.shape.overlap);
  const each =
    finish.fruit === null
      ? undefined
      : count("fruit", "fruit.each", finish.fruit.each, FruitSchema.shape.each);
  const dress = finish.dress.flatMap((box, index) => take("dress", readDress(box, index)) ?? []);
  for (const [index, { share: text }] of finish.colours.entries())
    take("colours", readColour(`colours[${index}].share`, text));
  return {
    issues,
    build: {
      ...(build.standing === "usual" ? {} : { standing: build.standing }),
      ...(build.rolledFrom === "usual" ? {} : { rolledFrom: build.rolledFrom }),
      ...(build.top === "usual" ? {} : { top: build.top }),
      ...(build.splits === null ? {} : { splits: build.splits }),
      ...(heights.some((height) => height !== null) ? { heightsMm: heights } : {}),
      ...known({ fillingMm, damMm, soakMlPerKg }),
    },
    finish: {
      ...known({ topMm, sideMm, firstMm, marginFraction, rolledMm }),
      ...(finish.innerWall ? {} : { innerWall: false }),
      ...(borders.length === 0 ? {} : { borders }),
      ...(finish.swirl === "none"
        ? {}
        : { swirls: { style: finish.swirl, ...known({ count: swirls }) } }),
      ...(finish.pour === "none"
        ? {}
        : { pour: { what: finish.pour, sides: finish.pourSides, ...known({ drips }) } }),
      ...(dress.length === 0 ? {} : { dress }),
      ...(finish.toppings.length === 0 ? {} : { toppings: finish.toppings }),
      ...(finish.fruit === null || fruitWidthMm === undefined
        ? {}
        : {
            fruit: {
              at: finish.fruit.at,
              pattern: finish.fruit.pattern,
              syrup: finish.fruit.syrup,
              widthMm: fruitWidthMm,
              ...known({ overlap, each }),
            },
          }),
    },
  };
}

/** A border and a slice as wide as usual. */
const USUAL_BORDER = "12 mm";
const USUAL_FRUIT = "40 mm";
const SwirlCountSchema = SwirlsSchema.shape.count;
const DripsSchema = PourSchema.shape.drips;
const ShareSchema = numberIn(0.01, 1000, "count");

/** A share of a whole that nobody has to work out: `2`, `1/3`, `40 %`. */
function relative(text: string): number | null {
  const amount = readAmount(text);
  return amount === null || !["", "%"].includes(amount.rest.trim()) ? null : amount.value;
}

/** `12 %`, `0.12` or `12`: what is above 1 is per cent. */
function readShare(text: string): number | null {
  const amount = readAmount(text);
  if (amount === null || !["", "%"].includes(amount.rest.trim())) return null;
  return amount.rest.trim() === "%" || amount.value > 1 ? amount.value / 100 : amount.value;
}

/** Only the fields that are known. */
function known<T extends Readonly<Record<string, number | undefined>>>(
  fields: T,
): { [Field in keyof T]?: number } {
  return Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined)) as {
    [Field in keyof T]?: number;
  };
}
