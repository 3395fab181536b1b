// What stands in the kitchen, how it is sold and what it costs: as the baker says it.
import * as z from "../zod";
import { METRIC_MEASURES, middle, numberIn, type KitchenMeasures } from "../measure";
import type { Pantry } from "../pantry";
import { lineMass, readLine } from "../recipe";
import { MOST_KEY, type Item } from "./need";

/** How an item is told: by weight, or counted. */
const COUNTED_IN = ["g", "pieces"] as const;
export type CountedIn = (typeof COUNTED_IN)[number];

const MOST_G = 100_000;
const itemAmount = (least: number) =>
  z.strictObject({ in: z.enum(COUNTED_IN), amount: numberIn(least, MOST_G, "count") });
export type ItemAmount = { readonly in: CountedIn; readonly amount: number };

/** What a pack costs, in the money whose sign was typed with it; no sign where none was. */
export const PriceSchema = z.strictObject({
  amount: numberIn(0, 100_000, "count"),
  sign: z.string().check(z.maxLength(4)),
});
export type Price = Readonly<z.infer<typeof PriceSchema>>;

const key = z.string().check(z.minLength(1), z.maxLength(MOST_KEY));
const has = z.nullable(z.union([itemAmount(0), z.literal("plenty")]));
/** A pack of nothing would be bought for ever. */
const pack = z.nullable(itemAmount(0.1));
const price = z.nullable(PriceSchema);
const at = z.number().check(z.nonnegative());

/** What is known of one item of a shopping list in this kitchen. */
export const LarderRowSchema = z.strictObject({
  key,
  /** As the baker calls it; for what the pantry has no row for. */
  name: z.string().check(z.maxLength(200)),
  /** Roughly how much stands there; null where nobody said. */
  has,
  /** How it is sold where she buys it; null for the pantry's usual pack. */
  pack,
  /** Of a pack. */
  price,
  /** When it was last said, ms since 1970. */
  at,
});
export type LarderRow = Readonly<z.infer<typeof LarderRowSchema>>;
export type Larder = ReadonlyMap<string, LarderRow>;

/** More, or less, of something in both ways it can be told; null where it can't be told so. */
const MoreOrLessSchema = z.strictObject({
  g: z.nullable(numberIn(-MOST_G, MOST_G, "g")),
  pieces: z.nullable(numberIn(-MOST_G, MOST_G, "count")),
});
export type MoreOrLess = Readonly<z.infer<typeof MoreOrLessSchema>>;

/** What is said of an item: what it has from now on, and what comes in or goes out. */
export const LarderChangeSchema = z.strictObject({
  key,
  name: z.string().check(z.maxLength(200)),
  has: z.optional(has),
  pack: z.optional(pack),
  price: z.optional(price),
  more: z.optional(MoreOrLessSchema),
  at,
});
export type LarderChange = Readonly<z.infer<typeof LarderChangeSchema>>;

/** A row as it is after a change; what nobody ever counted stays uncounted when some goes out. */
export function changedLarder(before: LarderRow | null, change: LarderChange): LarderRow {
  const { key: of, name, more } = change;
  const said = change.has === undefined ? (before?.has ?? null) : change.has;
  return {
    key: of,
    name,
    has: more === undefined ? said : withMore(said, more),
    pack: change.pack === undefined ? (before?.pack ?? null) : change.pack,
    price: change.price === undefined ? (before?.price ?? null) : change.price,
    at: change.at,
  };
}

function withMore(before: LarderRow["has"], { g, pieces }: MoreOrLess): LarderRow["has"] {
  if (before === "plenty") return before;
  const by = before === null ? null : before.in === "g" ? g : pieces;
  if (before !== null && by !== null) return { ...before, amount: Math.max(0, before.amount + by) };
  // What was never counted, or otherwise than it is now, has what came in.
  const came: ItemAmount =
    pieces === null ? { in: "g", amount: g ?? 0 } : { in: "pieces", amount: pieces };
  return came.amount > 0 ? came : before;
}

/** An amount told the other way, by what one weighs as it is bought; null where nobody knows. */
export function amountIn(
  { in: told, amount }: ItemAmount,
  item: Item,
  wanted: CountedIn,
): number | null {
  if (told === wanted) return amount;
  const eachG = item.is === "ingredient" ? item.ingredient.eachG : undefined;
  if (item.is !== "ingredient" || eachG === undefined) return null;
  const boughtG = eachG / (item.ingredient.yieldShare ?? 1);
  return wanted === "g" ? amount * boughtG : amount / boughtG;
}

/**
 * An amount of an item in a baker's words: 800 g, 2 cups, 7, half a pack, plenty, none.
 * @param soldIn a pack of it; null where it is sold loose
 * @returns null for what can't be read as an amount of it
 */
export function readItemAmount(
  text: string,
  item: Item,
  soldIn: ItemAmount | null,
  measures: KitchenMeasures = METRIC_MEASURES,
): ItemAmount | "plenty" | null {
  const words = text.trim().replace(/^(?:about|around|roughly|some|~|ca\.?)\s*/iu, "");
  if (PLENTY.test(words)) return "plenty";
  if (NOTHING.test(words)) return { in: "g", amount: 0 };
  if (words === "" || LESS_THAN_NOTHING.test(words)) return null;
  const ingredient = item.is === "ingredient" ? item.ingredient : null;
  const line = readLine(`${words} ${ingredient?.name ?? "things"}`);
  if (line.measures.length === 0) return null;
  const told = line.measures.reduce((sum, { amount }) => sum + middle(amount), 0);
  if (line.measures.every(({ unit }) => unit === "pack") && soldIn !== null)
    return { ...soldIn, amount: told * soldIn.amount };
  if (line.measures.every(({ unit }) => unit === "piece"))
    return ingredient !== null && ingredient.eachG === undefined
      ? null
      : { in: "pieces", amount: told };
  const mass = lineMass(line, ingredient, measures);
  return typeof mass === "string" ? null : { in: "g", amount: mass.massG };
}

const PLENTY = /^(?:plenty|lots|enough|always|yes)$/iu;
const LESS_THAN_NOTHING = /^[-−–]/u;
const NOTHING = /^(?:none|nothing|0|no|out|empty)$/iu;

/** A price with the sign it was typed with: £1.20, 2,50 €, Rs 90. Null for what is none. */
export function readPrice(text: string): Price | null {
  const found = /^([^\d.,−-]{0,4}?)\s*(\d{1,6}(?:[.,]\d{1,2})?)\s*([^\d.,−-]{0,4})$/u.exec(
    text.trim(),
  );
  if (found === null) return null;
  const [, before = "", figures = "", after = ""] = found;
  if (before !== "" && after !== "") return null;
  const amount = Number(figures.replace(",", "."));
  return amount > 100_000 ? null : { amount, sign: (before || after).trim() };
}

/** An item with its key, and the name it is shown by. */
export type KnownItem = { readonly key: string; readonly item: Item; readonly name: string };

/** An item by its key: of the pantry, or by the name that was kept with it. */
export function itemOf({ key: of, name }: Pick<LarderRow, "key" | "name">, pantry: Pantry): Item {
  const ingredient = pantry.byId.get(of);
  return ingredient === undefined ? { is: "named", name } : { is: "ingredient", ingredient };
}
