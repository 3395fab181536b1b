// What is in the basket already, or stood in the kitchen all along.
import { group } from "d3-array";
import * as z from "../zod";
import { numberIn } from "../measure";
import { type Pantry, pantryOf } from "../pantry";
import { amountIn, type CountedIn, type ItemAmount, type Larder } from "./larder";
import { bought, lessInKitchen, shoppingList, type ShoppingRow } from "./list";
import { itemKey, MOST_KEY, type CakeNeed } from "./need";

/**
 * `bought`: it is in the basket. `had`: there was enough in the kitchen. `open`: neither after all.
 * `used`: a cake that was baked took it, and the kitchen's amounts know.
 */
export const GOT = ["bought", "had", "open", "used"] as const;
export type HowGot = (typeof GOT)[number];

/**
 * One cake's share of a row ticked off, with how much that covers: a cake that takes more later has
 * the rest on the list. The later of two that say something of the same share stands.
 */
export const GotSchema = z.strictObject({
  cake: z.string().check(z.minLength(1), z.maxLength(100)),
  key: z.string().check(z.minLength(1), z.maxLength(MOST_KEY)),
  how: z.enum(GOT),
  netG: z.nullable(numberIn(0, 1_000_000, "g")),
  pieces: z.nullable(numberIn(0, 100_000, "count")),
  /** When it was ticked, ms since 1970. */
  at: z.number().check(z.nonnegative()),
});
export type Got = z.infer<typeof GotSchema>;

/** How a row stands on the list: by its ticks, or covered by what the kitchen has. */
export type HowListed = HowGot | "stocked";

/** A row as it stands on the list, with what of it the kitchen has. */
export type ListedRow = ShoppingRow & {
  readonly how: HowListed;
  readonly inKitchen: { readonly amount: ItemAmount | "plenty"; readonly isClose: boolean } | null;
};

/** A list in two: what is still to be bought, and what is had, bought or in the kitchen. */
export type ShoppingLists = {
  readonly open: readonly ListedRow[];
  readonly got: readonly ListedRow[];
};

/** More of what the kitchen roughly has is looked at before it is relied on: a share of it. */
const CLOSE = 0.8;

/** A cake that takes so little more than was bought needs no second walk: a share. */
const ENOUGH = 1.02;

/**
 * The list of some cakes with what is ticked off taken away from it, and what the kitchen has: of
 * that, what cakes were ticked off to have is theirs.
 */
export function shoppingLists(
  needs: readonly CakeNeed[],
  got: readonly Got[],
  pantry: Pantry = pantryOf(),
  larder: Larder = new Map(),
): ShoppingLists {
  const latest = latestGot(got);
  const open: CakeNeed[] = [];
  const done: { readonly need: CakeNeed; readonly how: HowGot }[] = [];
  const taken = needs.flatMap((need) => bought(need, pantry));
  for (const share of group(taken, ({ need, whole }) =>
    shareKey(need.cake, itemKey(whole)),
  ).values()) {
    const own = share.map(({ need }) => need);
    const [first] = share;
    const [row] = shoppingList(own, pantry);
    const ticked =
      first === undefined ? undefined : latest.get(shareKey(first.need.cake, itemKey(first.whole)));
    if (first === undefined || row === undefined || ticked === undefined || !isHad(ticked)) {
      open.push(...own);
      continue;
    }
    const [wanted] = row.shares;
    const shortG = missing(wanted?.netG ?? null, ticked.netG);
    const shortPieces = missing(wanted?.pieces ?? null, ticked.pieces);
    if (shortG === null && shortPieces === null) {
      done.push(...own.map((need) => ({ need, how: ticked.how })));
      continue;
    }
    const { cake } = first.need;
    const item = first.whole;
    done.push({
      need: { cake, item, netG: ticked.netG, pieces: ticked.pieces },
      how: ticked.how,
    });
    open.push({ cake, item, netG: shortG, pieces: shortPieces });
  }
  const rowsGot = (how: HowGot): readonly ListedRow[] =>
    shoppingList(
      done.filter((each) => each.how === how).map(({ need }) => need),
      pantry,
      larder,
    ).map((row) => ({ ...row, how, inKitchen: null }));
  const had = rowsGot("had");
  const listed = shoppingList(open, pantry, larder).map((row) =>
    withLarder(
      row,
      larder,
      had.find(({ key }) => key === row.key),
    ),
  );
  return {
    open: listed.filter(({ how }) => how === "open"),
    got: [...rowsGot("bought"), ...had, ...listed.filter(({ how }) => how === "stocked")],
  };
}

/** Whether a tick says that it is there. */
const isHad = ({ how }: Got): boolean => how === "bought" || how === "had";

/** A row with what of it the kitchen has. */
function withLarder(row: ShoppingRow, larder: Larder, had: ShoppingRow | undefined): ListedRow {
  const known = larder.get(row.key);
  const bare: ListedRow = { ...row, how: "open", inKitchen: null };
  if (known === undefined || known.has === null) return bare;
  if (known.has === "plenty")
    return { ...row, how: "stocked", inKitchen: { amount: "plenty", isClose: false } };
  const unit: CountedIn = row.exact === null ? "g" : "pieces";
  const all = amountIn(known.has, row.item, unit);
  if (all === null) return bare;
  const there = Math.max(0, all - (had?.exact ?? had?.grossG ?? 0));
  if (there === 0) return bare;
  const rest = lessInKitchen(row, there, known.pack);
  const needed = row.exact ?? row.grossG ?? 0;
  const inKitchen = { amount: { in: unit, amount: there }, isClose: needed > CLOSE * there };
  return rest === null
    ? { ...row, how: "stocked", inKitchen }
    : { ...rest, how: "open", inKitchen };
}

const shareKey = (cake: string, key: string): string => `${cake}\n${key}`;

/**
 * What is told when a row is ticked, or its tick taken away: a word for each cake that takes of it,
 * what was had of it before included.
 * @param at ms since 1970
 */
export function gotFor(
  { key, shares }: ShoppingRow,
  how: HowGot,
  known: readonly Got[],
  at: number,
): readonly Got[] {
  const latest = latestGot(known);
  return shares.map(({ cake, netG, pieces }) => {
    const before = latest.get(shareKey(cake, key));
    const isMore = how !== "open" && before !== undefined && isHad(before);
    const added = (more: number | null, had: number | null): number | null =>
      more === null && had === null ? null : (more ?? 0) + (had ?? 0);
    return {
      cake,
      key,
      how,
      netG: isMore ? added(netG, before.netG) : netG,
      pieces: isMore ? added(pieces, before.pieces) : pieces,
      at,
    };
  });
}

/** Of all that was told of a share, what was told last. */
export function latestGot(all: readonly Got[]): ReadonlyMap<string, Got> {
  const latest = new Map<string, Got>();
  for (const each of all) {
    const key = shareKey(each.cake, each.key);
    const known = latest.get(key);
    if (known === undefined || known.at <= each.at) latest.set(key, each);
  }
  return latest;
}

/** How much more is wanted than is there; null for nothing worth a walk. */
function missing(wanted: number | null, there: number | null): number | null {
  if (wanted === null) return null;
  const has = there ?? 0;
  return wanted > has * ENOUGH ? wanted - has : null;
}
