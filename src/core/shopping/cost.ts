import { rollup, sum } from "d3-array";
import { amountIn, type Larder } from "./larder";
import { usualPack, type ShoppingRow } from "./list";

/** What something costs: a sum for each money, and how many things have no price. */
export type Cost = {
  readonly sums: readonly { readonly sign: string; readonly amount: number }[];
  readonly unpriced: number;
};

/**
 * What rows of a list cost by the prices of their packs: `used` counts only what the cakes take, of
 * half a pack half its price; `bought` whole packs, as one pays for them.
 */
export function costOf(rows: readonly ShoppingRow[], larder: Larder, by: "used" | "bought"): Cost {
  const priced = rows.flatMap((row) => {
    const known = larder.get(row.key);
    const pack = known?.pack ?? usualPack(row.item);
    if (!known?.price || pack === null) return [];
    const needed =
      row.exact !== null
        ? amountIn({ in: "pieces", amount: row.exact }, row.item, pack.in)
        : row.grossG === null
          ? null
          : amountIn({ in: "g", amount: row.grossG }, row.item, pack.in);
    if (needed === null) return [];
    const packs =
      by === "bought" ? (row.packs?.count ?? needed / pack.amount) : needed / pack.amount;
    return [{ sign: known.price.sign, amount: packs * known.price.amount }];
  });
  const sums = rollup(
    priced,
    (own) => sum(own, ({ amount }) => amount),
    ({ sign }) => sign,
  );
  return {
    sums: [...sums].map(([sign, amount]) => ({ sign, amount })),
    unpriced: rows.length - priced.length,
  };
}
