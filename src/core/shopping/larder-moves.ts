// What comes into the kitchen with the shopping, and what baked cakes take out of it.
import * as z from "../zod";
import { GotSchema, type Got } from "./got";
import { amountIn, LarderChangeSchema, type LarderChange } from "./larder";
import type { ShoppingRow } from "./list";

/** A change of what the kitchen has, with the ticks it stands for. */
export const LarderMoveSchema = z.strictObject({
  change: LarderChangeSchema,
  ticks: z.array(GotSchema).check(z.maxLength(200)),
});
export type LarderMove = { readonly change: LarderChange; readonly ticks: readonly Got[] };

type Named = ShoppingRow & { readonly name: string };

/**
 * What was bought, put where it is kept: whole packs, as they were paid for. Their ticks are taken
 * off, since from now on what the kitchen has covers them. Rows that say no amount stay ticked.
 * @param rows with the name each is shown by
 * @param at ms since 1970
 */
export const broughtHome = (rows: readonly Named[], at: number): readonly LarderMove[] =>
  moved(rows, "open", 1, at);

/** What baked cakes took, taken out of what the kitchen has, where anything is known of it. */
export const takenOut = (rows: readonly Named[], at: number): readonly LarderMove[] =>
  moved(rows, "used", -1, at);

function moved(
  rows: readonly Named[],
  how: Got["how"],
  sign: 1 | -1,
  at: number,
): readonly LarderMove[] {
  return rows.flatMap((row): readonly LarderMove[] => {
    const { key, name } = row;
    const more = moreOf(row, sign);
    if (more === null) return [];
    const ticks = row.shares.map(({ cake, netG, pieces }) => ({
      cake,
      key,
      how,
      netG,
      pieces,
      at,
    }));
    return [{ change: { key, name, more, at }, ticks }];
  });
}

/**
 * A row's amount as it comes in, in whole packs, or goes out. Null where it says none, and for what
 * comes in a jar of a size nobody knows: a teaspoon of cloves is not all that was bought.
 */
function moreOf(row: ShoppingRow, sign: 1 | -1): LarderChange["more"] | null {
  const { packs, exact, pieces, grossG, item, aisle } = row;
  if (sign === 1 && packs === null && aisle === "cupboard") return null;
  const told =
    sign === 1 && packs !== null
      ? { in: packs.each.in, amount: packs.count * packs.each.amount }
      : exact !== null
        ? { in: "pieces" as const, amount: sign === 1 ? (pieces ?? exact) : exact }
        : grossG === null
          ? null
          : { in: "g" as const, amount: grossG };
  if (told === null) return null;
  const [g, count] = [amountIn(told, item, "g"), amountIn(told, item, "pieces")];
  return {
    g: g === null ? null : sign * g,
    // What is weighed when it is needed is not counted when it is put away.
    pieces: exact === null || count === null ? null : sign * count,
  };
}
