import {
  createLoader,
  createParser,
  createSerializer,
  parseAsBoolean,
  parseAsFloat,
  parseAsInteger,
  parseAsStringLiteral,
} from "nuqs/server";
import {
  AlsoSchema,
  AS_RECIPE,
  FIRST_QUESTION,
  SCALES,
  SCHOOLS,
  TURN_CHOICES,
  WAYS_OUT,
  type Question,
} from "@/core/ask";
import { FROSTINGS, MOST_SPLITS, ROLLED_FROM } from "@/core/build";
import { OnBatterSchema, type OnBatter } from "@/core/fill";
import { COVERS } from "@/core/finish";
import { BATTER_KINDS } from "@/core/kind";
import { type Filled, FilledSchema, type Frosted, FrostedSchema, WornSchema } from "@/core/plan";
import { type During, DuringSchema, HEAT_SOURCES, MOST_DURING } from "@/core/recipe";

const MOST_TEXT = 200;
const MOST_TINS = 20;
const TIN_BREAK = ";";

const text = createParser({
  parse: (value) => value.slice(0, MOST_TEXT),
  serialize: (value: string) => value,
});
const tinTexts = createParser({
  parse: (value) =>
    value === "" ? [] : value.split(TIN_BREAK, MOST_TINS).map((tin) => tin.slice(0, MOST_TEXT)),
  serialize: (tins: readonly string[]) =>
    tins.map((tin) => tin.replaceAll(TIN_BREAK, " ")).join(TIN_BREAK),
  eq: (a, b) => a.join(TIN_BREAK) === b.join(TIN_BREAK),
});

/** What lies on the batter: `top.280.408` is 280 g and 408 mL on top. */
const laidOn = createParser({
  parse: (value) => {
    const read = OnBatterSchema.safeParse(
      value.split(TIN_BREAK, MOST_TINS).map((each) => {
        const [where, massG, volumeMl] = each.split(".");
        return { where, massG: Number(massG), volumeMl: Number(volumeMl) };
      }),
    );
    return read.success ? read.data : null;
  },
  serialize: (laid: OnBatter) =>
    laid
      .map(
        ({ where, massG = 0, volumeMl = massG }) =>
          `${where}.${Math.round(massG)}.${Math.round(volumeMl)}`,
      )
      .join(TIN_BREAK),
  eq: (a, b) => JSON.stringify(a) === JSON.stringify(b),
});

/** Other bakes of the recipe: tins, heat, minutes, and whether a fan blows, between bars. */
const alsoBaked = createParser({
  parse: (value) => {
    const read = AlsoSchema.safeParse(
      value.split(TIN_BREAK, MOST_TINS).map((each) => {
        const [from = "", heat = "", minutes = "", fan] = each.split("|");
        return { from, heat, minutes, ...(fan === undefined ? {} : { fan: fan === "fan" }) };
      }),
    );
    return read.success ? read.data : null;
  },
  serialize: (also: Question["also"]) =>
    also
      .map(({ from, heat, minutes, fan }) =>
        [from, heat, minutes, ...(fan === undefined ? [] : [fan ? "fan" : "still"])]
          .map((box) => box.replaceAll(/[;|]/gu, " "))
          .join("|"),
      )
      .join(TIN_BREAK),
  eq: (a, b) => JSON.stringify(a) === JSON.stringify(b),
});

/** What is done in the oven: `heat.10.160` is 160 °C from 10 minutes on, `add.25..Nuts on`. */
const doneInOven = createParser({
  parse: (value) => {
    const read = DuringSchema.safeParse(
      value.split(TIN_BREAK, MOST_DURING).map((each) => {
        const [what = "", atMin, ovenC = "", ...name] = each.split(".");
        return {
          do: what.replace("?", ""),
          atMin: Number(atMin),
          ...(ovenC === "" ? {} : { ovenC: Number(ovenC) }),
          ...(name.length === 0 ? {} : { name: name.join(".") }),
          ...(what.endsWith("?") ? { ifNeeded: true } : {}),
        };
      }),
    );
    return read.success ? read.data : null;
  },
  serialize: (during: During) =>
    during
      .map(({ do: what, atMin, ovenC, name, ifNeeded }) =>
        [
          `${what}${ifNeeded === true ? "?" : ""}`,
          Math.round(atMin),
          ...(ovenC === undefined && name === undefined
            ? []
            : [ovenC === undefined ? "" : Math.round(ovenC)]),
          ...(name === undefined ? [] : [name.replaceAll(TIN_BREAK, ",")]),
        ].join("."),
      )
      .join(TIN_BREAK),
  eq: (a, b) => JSON.stringify(a) === JSON.stringify(b),
});

/**
 * The recipe's frosting: `cream-cheese.300.top.p2.Icing` is 300 g made by the part p2, called "Icing";
 * without its grams where nobody knows them.
 */
const frosted = createParser({
  parse: (value) => {
    const [like, ...rest] = value.split(".");
    const hasMass = /^\d+$/u.test(rest[0] ?? "");
    const [over, part, ...name] = hasMass ? rest.slice(1) : rest;
    const read = FrostedSchema.safeParse({
      like,
      over,
      part,
      name: name.join("."),
      ...(hasMass ? { massG: Number(rest[0]) } : {}),
    });
    return read.success ? read.data : null;
  },
  serialize: ({ like, over, part, name, massG }: Frosted) =>
    [like, ...(massG === undefined ? [] : [Math.round(massG)]), over, part, name].join("."),
  eq: (a, b) => JSON.stringify(a) === JSON.stringify(b),
});

/**
 * The recipe's filling: `curd.240.0.p3.Lemon curd` is 240 g of the part p3, called "Lemon curd"; the
 * third is what 100 mL of it weigh, 0 for what it is like.
 */
const filled = createParser({
  parse: (value) => {
    const [like, massG, per100Ml, part, ...name] = value.split(".");
    const read = FilledSchema.safeParse({
      like,
      massG: Number(massG),
      ...(per100Ml === "0" ? {} : { gPerMl: Number(per100Ml) / 100 }),
      part,
      name: name.join("."),
    });
    return read.success ? read.data : null;
  },
  serialize: ({ like, massG, gPerMl = 0, part, name }: Filled) =>
    [like, Math.round(massG), Math.round(100 * gPerMl), part, name].join("."),
  eq: (a, b) => JSON.stringify(a) === JSON.stringify(b),
});

/**
 * What of the recipe shows on its cake: `p3.frosting.pouring-ganache.drips.200.Ganache` are 200 g of
 * the part p3, one after the other.
 */
const worn = createParser({
  parse: (value) => {
    const read = WornSchema.safeParse(
      value.split(TIN_BREAK).map((each) => {
        const [part, role, like, as, massG, ...name] = each.split(".");
        return { part, role, like, as, massG: Number(massG), name: name.join(".") };
      }),
    );
    return read.success ? read.data : null;
  },
  serialize: (all: Question["worn"]) =>
    all
      .map(({ part, role, like, as, massG, name }) =>
        [part, role, like, as, massG, name.replaceAll(TIN_BREAK, ",")].join("."),
      )
      .join(TIN_BREAK),
  eq: (a, b) => JSON.stringify(a) === JSON.stringify(b),
});

/**
 * The whole question in the address, each box under its own name; what is as at the start is left
 * out.
 */
const ASK_ADDRESS = {
  recipe: text.withDefault(FIRST_QUESTION.recipe),
  from: text.withDefault(FIRST_QUESTION.from),
  heat: text.withDefault(FIRST_QUESTION.heat),
  recipeFan: parseAsBoolean.withDefault(FIRST_QUESTION.recipeFan),
  minutes: text.withDefault(FIRST_QUESTION.minutes),
  look: text.withDefault(FIRST_QUESTION.look),
  kind: parseAsStringLiteral(BATTER_KINDS).withDefault(FIRST_QUESTION.kind),
  weight: text.withDefault(FIRST_QUESTION.weight),
  volume: text.withDefault(FIRST_QUESTION.volume),
  tins: tinTexts.withDefault(FIRST_QUESTION.tins),
  amount: text.withDefault(FIRST_QUESTION.amount),
  recipeEggs: text.withDefault(FIRST_QUESTION.recipeEggs),
  eggG: parseAsFloat.withDefault(FIRST_QUESTION.eggG),
  piecesMl: parseAsFloat.withDefault(FIRST_QUESTION.piecesMl),
  recipeOn: laidOn.withDefault(FIRST_QUESTION.recipeOn),
  scale: parseAsStringLiteral(SCALES).withDefault(FIRST_QUESTION.scale),
  school: parseAsStringLiteral(SCHOOLS).withDefault(FIRST_QUESTION.school),
  fan: parseAsBoolean.withDefault(FIRST_QUESTION.fan),
  source: parseAsStringLiteral(HEAT_SOURCES).withDefault(FIRST_QUESTION.source),
  also: alsoBaked.withDefault(FIRST_QUESTION.also),
  recipePortions: parseAsInteger.withDefault(FIRST_QUESTION.recipePortions),
  recipeDuring: doneInOven.withDefault(FIRST_QUESTION.recipeDuring),
  cooling: parseAsStringLiteral(WAYS_OUT).withDefault(FIRST_QUESTION.cooling),
  inTin: text.withDefault(FIRST_QUESTION.inTin),
  turned: parseAsStringLiteral(TURN_CHOICES).withDefault(FIRST_QUESTION.turned),
  offOven: text.withDefault(FIRST_QUESTION.offOven),
  coolsCovered: parseAsBoolean.withDefault(FIRST_QUESTION.coolsCovered),
  coolsOvernight: parseAsBoolean.withDefault(FIRST_QUESTION.coolsOvernight),
  frosted,
  filled,
  rolled: parseAsStringLiteral(ROLLED_FROM),
  split: parseAsInteger,
  worn: worn.withDefault(FIRST_QUESTION.worn),
  cover: parseAsStringLiteral([AS_RECIPE, ...COVERS]).withDefault(FIRST_QUESTION.cover),
  frosting: parseAsStringLiteral(FROSTINGS).withDefault(FIRST_QUESTION.frosting),
};

const EGG_G = [30, 80] as const;
const PIECES_ML = [1, 60_000] as const;
const SLICES = [1, MOST_SPLITS] as const;
const PORTIONS = [1, 500] as const;
const within = (value: number, [least, most]: readonly [number, number]): number =>
  value >= least && value <= most ? value : 0;

const withQuestion = createSerializer(ASK_ADDRESS);
const readAddress = createLoader(ASK_ADDRESS);

/** The question in an address; what is not in it is as at the start. */
export function questionIn(address: URLSearchParams): Question {
  const read = { ...FIRST_QUESTION, ...readAddress(address) };
  // Figures that no recipe has are those of none.
  return {
    ...read,
    eggG: within(read.eggG, EGG_G),
    piecesMl: within(read.piecesMl, PIECES_ML),
    split: read.split === null || within(read.split, SLICES) === 0 ? null : read.split,
    recipePortions: within(read.recipePortions, PORTIONS),
  };
}

/** The address of the bench with this question on it. */
export function askHref(question: Question): string {
  return withQuestion("/try", question);
}
