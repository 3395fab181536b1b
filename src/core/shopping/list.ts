// What has to be bought for several cakes: shared, whole, in packs, with what is left over.
import { group, sum } from "d3-array";
import { grossOf } from "../recipe";
import { pantryOf, type FoodGroup, type Ingredient, type Pantry } from "../pantry";
import { AISLES, aisleOf, type Aisle } from "./aisles";
import { amountIn, type ItemAmount, type Larder } from "./larder";
import { itemKey, type CakeNeed, type Item } from "./need";

/** What one cake takes of an item, in all its parts. */
export type Share = {
  readonly cake: string;
  /** Null where only "some" is said. */ readonly netG: number | null;
  /** Whole ones, to a fraction; null for what is not bought by the piece. */
  readonly pieces: number | null;
};

/** Packs of so much each, and what is left over of them, in what a pack is told in. */
export type Packs = {
  readonly count: number;
  readonly each: ItemAmount;
  readonly over: number;
  /** Not the usual pack but hers. */
  readonly isOwn: boolean;
};

/** One row of a shopping list. */
export type ShoppingRow = {
  readonly key: string;
  readonly item: Item;
  readonly aisle: Aisle;
  /** As it is used, g; null where nothing of it has a weight. */
  readonly netG: number | null;
  /** To buy, g: with what peeling, trimming and stoning take. */
  readonly grossG: number | null;
  /** Whole ones to buy; null for what is not bought by the piece. */
  readonly pieces: number | null;
  /** The same to a fraction. */
  readonly exact: number | null;
  /** Packs as they are sold; null where it is sold otherwise, or none is known. */
  readonly packs: Packs | null;
  /** Whether some line of it says no amount. */
  readonly isSome: boolean;
  /** Parts of it that are wanted: whites, zest. */
  readonly parts: readonly Ingredient[];
  readonly shares: readonly Share[];
};

/** What is bought whole where a recipe takes a part of it. */
const WHOLE_OF: Readonly<Record<string, string>> = {
  "egg-white": "egg",
  "egg-yolk": "egg",
  "lemon-juice": "lemons",
  "lemon-zest": "lemons",
  "lemon-zest-and-juice": "lemons",
  "lime-juice": "limes",
  "lime-zest": "limes",
  "lime-zest-and-juice": "limes",
  "orange-zest": "oranges",
  "orange-zest-and-juice": "oranges",
};

/** Taken from a tap. */
const NEVER_BOUGHT: readonly string[] = ["water"];

/** What is bought by the piece; of others a piece is too small to be counted, g. */
const PIECE_GROUPS: readonly FoodGroup[] = ["egg", "fresh-fruit", "puree", "acid-liquid"];
const LEAST_PIECE_G = 25;
const SMALL_PIECES: readonly string[] = ["vanilla-pod", "gelatine-leaf", "cinnamon-stick"];

/** So little more than whole ones, or whole packs, nobody buys another for: a share of one. */
const NOT_WORTH_ONE = 0.04;
const wholeOnes = (exact: number): number => Math.max(1, Math.ceil(exact - NOT_WORTH_ONE));

/**
 * The shopping list of some cakes: what several take is one row; whites, yolks, juice and zest are
 * bought as what they are of, the zest and the juice of the same lemon; what is peeled or stoned is
 * bought with its waste. Ordered as one walks through a shop.
 * @example of 5 eggs and 2 whites: 7 eggs, 2 boxes of 6
 */
export function shoppingList(
  needs: readonly CakeNeed[],
  pantry: Pantry = pantryOf(),
  larder: Larder = new Map(),
): readonly ShoppingRow[] {
  const taken = needs.flatMap((need) => bought(need, pantry));
  const rows = [...group(taken, ({ whole }) => itemKey(whole))].map(([key, own]) =>
    rowOf(key, own, larder.get(key)?.pack ?? null),
  );
  return rows.sort(
    (one, other) =>
      AISLES.indexOf(one.aisle) - AISLES.indexOf(other.aisle) || one.key.localeCompare(other.key),
  );
}

/** A need with what is bought for it. */
export type Taken = { readonly need: CakeNeed; readonly whole: Item };

/** What is bought for a need; nothing for water. */
export function bought(need: CakeNeed, pantry: Pantry): readonly Taken[] {
  const { item } = need;
  if (item.is !== "ingredient") return [{ need, whole: item }];
  const { id } = item.ingredient;
  if (NEVER_BOUGHT.includes(id)) return [];
  const whole = pantry.byId.get(WHOLE_OF[id] ?? id);
  return [{ need, whole: whole === undefined ? item : { is: "ingredient", ingredient: whole } }];
}

function rowOf(key: string, taken: readonly Taken[], soldIn: ItemAmount | null): ShoppingRow {
  const [first] = taken;
  if (first === undefined) throw new RangeError("a row of a list has at least one need");
  const { whole } = first;
  const needs = taken.map(({ need }) => need);
  const parts = new Map<string, Ingredient>();
  for (const { item } of needs)
    if (item.is === "ingredient" && item.ingredient.id !== key)
      parts.set(item.ingredient.id, item.ingredient);
  const netG = netOf(needs);
  const exact = exactPieces(needs, key);
  const size = whole.is === "ingredient" ? whole.ingredient : null;
  const share = size?.yieldShare ?? 1;
  const isOfParts = parts.size > 0;
  const grossG =
    exact !== null && isOfParts && size?.eachG !== undefined
      ? (exact * size.eachG) / share
      : netG === null
        ? null
        : grossOf(netG, share);
  return {
    key,
    item: whole,
    aisle: aisleOf(whole),
    netG,
    grossG,
    pieces: exact === null ? null : wholeOnes(exact),
    exact,
    packs: packsOf(whole, grossG, exact, soldIn),
    isSome: needs.some(({ netG: g, pieces }) => g === null && pieces === null),
    parts: [...parts.values()],
    shares: sharesOf(needs, key),
  };
}

/**
 * Whole ones that all needs take together: each part of a thing comes from the same ones, so the
 * part that most are wanted of counts; null for what is not bought by the piece.
 */
function exactPieces(needs: readonly CakeNeed[], key: string): number | null {
  const byPart = new Map<string, number>();
  for (const { item, netG, pieces } of needs) {
    const eachG =
      item.is === "ingredient" && isByPiece(item.ingredient) ? item.ingredient.eachG : undefined;
    const some = pieces ?? (eachG === undefined || netG === null ? null : netG / eachG);
    if (some === null) continue;
    const of = itemKey(item);
    byPart.set(of, (byPart.get(of) ?? 0) + some);
  }
  if (byPart.size === 0) return null;
  const whole = byPart.get(key) ?? 0;
  const parts = [...byPart].flatMap(([of, some]) => (of === key ? [] : [some]));
  return whole + Math.max(0, ...parts);
}

const isByPiece = ({ id, group, eachG = 0 }: Ingredient): boolean =>
  id in WHOLE_OF ||
  SMALL_PIECES.includes(id) ||
  (PIECE_GROUPS.includes(group) && eachG >= LEAST_PIECE_G);

/**
 * How an item is usually sold; null where nobody knows. What is bought by the piece comes loose, but
 * for eggs: a box of six is six, whatever they weigh.
 */
export function usualPack(item: Item): ItemAmount | null {
  if (item.is !== "ingredient") return null;
  const { packG, eachG, group: of } = item.ingredient;
  if (packG === undefined) return null;
  if (!isByPiece(item.ingredient)) return { in: "g", amount: packG };
  return of === "egg" && eachG !== undefined
    ? { in: "pieces", amount: Math.round(packG / eachG) }
    : null;
}

/** Fewest packs that hold it, and what of them is left over. */
function packsOf(
  item: Item,
  grossG: number | null,
  exact: number | null,
  soldIn: ItemAmount | null,
): Packs | null {
  const each = soldIn ?? usualPack(item);
  if (each === null) return null;
  const needed =
    exact !== null
      ? amountIn({ in: "pieces", amount: exact }, item, each.in)
      : grossG === null
        ? null
        : amountIn({ in: "g", amount: grossG }, item, each.in);
  if (needed === null || needed <= 0) return null;
  const count = wholeOnes(needed / each.amount);
  return {
    count,
    each,
    over: Math.max(0, count * each.amount - needed),
    isOwn: soldIn !== null,
  };
}

/**
 * A row of which so much is in the kitchen: what is still to be bought, the cakes that come first
 * having what is there. Null where nothing worth a walk is left.
 * @param there in pieces where the row is counted, else g as it is bought
 */
export function lessInKitchen(
  row: ShoppingRow,
  there: number,
  soldIn: ItemAmount | null,
): ShoppingRow | null {
  const needed = row.exact ?? row.grossG;
  if (needed === null) return there > 0 ? null : row;
  const short = needed - there;
  if (short <= NOT_WORTH_ONE * needed) return null;
  const share = short / needed;
  const [netG, grossG, exact] = [row.netG, row.grossG, row.exact].map((each) =>
    each === null ? null : each * share,
  ) as [number | null, number | null, number | null];
  let left = 1 - share;
  const total = sum(row.shares, (each) => shareSize(each, row));
  return {
    ...row,
    netG,
    grossG,
    exact,
    pieces: exact === null ? null : wholeOnes(exact),
    packs: packsOf(row.item, grossG, exact, soldIn),
    shares: row.shares.flatMap((own) => {
      const size = total > 0 ? shareSize(own, row) / total : 0;
      const covered = Math.min(size, left);
      left -= covered;
      const rest = size > 0 ? 1 - covered / size : 1;
      return rest <= 0
        ? []
        : [
            {
              cake: own.cake,
              netG: own.netG === null ? null : own.netG * rest,
              pieces: own.pieces === null ? null : own.pieces * rest,
            },
          ];
    }),
  };
}

const shareSize = ({ netG, pieces }: Share, { exact }: ShoppingRow): number =>
  (exact === null ? netG : pieces) ?? 0;

const netOf = (needs: readonly CakeNeed[]): number | null =>
  needs.every(({ netG }) => netG === null) ? null : sum(needs, ({ netG }) => netG ?? 0);

const sharesOf = (needs: readonly CakeNeed[], key: string): readonly Share[] =>
  [...group(needs, ({ cake }) => cake)].map(([cake, own]) => ({
    cake,
    netG: netOf(own),
    pieces: exactPieces(own, key),
  }));
