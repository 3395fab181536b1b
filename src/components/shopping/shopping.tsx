"use client";

import { useMemo } from "react";
import { useRouter } from "next/navigation";
import { parseISO } from "date-fns";
import Link from "next/link";
import { shoppingLists, gotFor, type Got, type HowGot, type ShoppingRow } from "@/core/shopping";
import { pantryOf, type KitchenPantry } from "@/core/pantry";
import { cautionText } from "@/words";
import { dayText } from "@/words/dates";
import { useUnits } from "../frame/units";
import { CakesInLine } from "./cakes-in-line";
import { DayRange } from "./day-range";
import { useNeeded, type WantedCake } from "./needed";
import { ShoppingRows, type ListedRow } from "./shopping-rows";
import { TakeAlong } from "./take-along";
import { useTicks } from "./use-ticks";

type ShoppingProps = {
  readonly from: string;
  readonly to: string;
  readonly cakes: readonly WantedCake[];
  /** Cakes of these days that can't be read. */
  readonly unread: readonly string[];
  readonly got: readonly Got[];
  readonly pantry: KitchenPantry;
  /** The first day after these that a cake is wanted on, where none is wanted on them. */
  readonly next: string | null;
};

/** What to buy for the cakes of some days, ticked off as it comes into the basket. */
export function Shopping({ from, to, cakes, unread, got: kept, pantry, next }: ShoppingProps) {
  const { units } = useUnits();
  const router = useRouter();
  const kitchen = useMemo(() => pantryOf(pantry.own, pantry.learnt), [pantry]);
  const needed = useNeeded(cakes, kitchen, units);
  const { got, waiting, trouble, say } = useTicks(kept);
  const lists = shoppingLists(
    needed.flatMap(({ needs }) => needs),
    got,
    kitchen,
  );
  const rows: readonly ListedRow[] = [
    ...lists.open.map((row) => ({ ...row, how: "open" as const })),
    ...lists.got,
  ];
  const names = new Map(cakes.map(({ id, name }) => [id, name]));
  const isAwaited = needed.length < cakes.length;
  const baked = needed.filter(({ isBaked }) => isBaked).map(({ name }) => `“${name}”`);
  const left = [
    ...unread,
    ...needed.flatMap(({ planned, isBaked, name }) => (planned === null && !isBaked ? [name] : [])),
  ];
  const bare = needed.flatMap(({ planned, isBaked, name }) =>
    planned?.formula === null && !isBaked ? [name] : [],
  );
  const allergens = [...new Set(needed.flatMap((cake) => cake.allergens))];

  const change = (row: ShoppingRow, how: HowGot): void => say(gotFor(row, how, got, Date.now()));

  return (
    <div className="space-y-3">
      <DayRange
        from={from}
        to={to}
        onChange={(days) => router.replace(`/shopping?from=${days.from}&to=${days.to}`)}
      />
      {cakes.length === 0 ? (
        <section className="panel space-y-3 p-6">
          <p className="text-[17px]">
            No cake is wanted from {dayText(parseISO(from), "long", units)} to{" "}
            {dayText(parseISO(to), "long", units)}. Say on a cake&apos;s Day when it is wanted, and
            what it takes stands here.
          </p>
          {next === null ? (
            <Link className="button button-next" href="/cakes">
              To the cakes
            </Link>
          ) : (
            <Link className="button button-next" href={`/shopping?from=${from}&to=${next}`}>
              Up to {dayText(parseISO(next), "long", units)}, when the next one is wanted
            </Link>
          )}
        </section>
      ) : (
        <>
          <CakesInLine cakes={needed} />
          <section aria-label="What to buy" className="panel overflow-hidden pb-4">
            <p role="status" className="px-6 pt-4 max-sm:px-4">
              <span className="figure-text text-[25px] leading-tight">
                {isAwaited
                  ? `Working out ${cakes.length} cakes…`
                  : lists.open.length === 0
                    ? "All of it is here"
                    : `${lists.open.length} to buy`}
              </span>
              {lists.got.length > 0 && !isAwaited && (
                <span className="text-ink-2"> · {lists.got.length} ticked off</span>
              )}
            </p>
            {waiting > 0 && (
              <p role="status" className="px-6 text-[15px] font-semibold text-ink-2 max-sm:px-4">
                {waiting} {waiting === 1 ? "tick waits" : "ticks wait"} on this device until the
                kitchen can be reached. {trouble}
              </p>
            )}
            {baked.length > 0 && (
              <p className="px-6 text-[15px] text-ink-2 max-sm:px-4">
                Baked already, so nothing of it is on the list: {baked.join(", ")}. To bake it once
                more, choose “Again” among{" "}
                <Link className="underline underline-offset-4" href="/cakes?show=baked">
                  the cakes
                </Link>
                .
              </p>
            )}
            {left.length > 0 && (
              <p className="px-6 font-semibold text-tomato max-sm:px-4">
                {left.map((name) => `“${name}”`).join(", ")} can&apos;t be planned yet: nothing of
                it is on the list.
              </p>
            )}
            {bare.length > 0 && (
              <p className="px-6 text-[15px] font-semibold text-tomato max-sm:px-4">
                The batter of {bare.map((name) => `“${name}”`).join(", ")} is not on the list: no
                recipe was kept with the cake.
              </p>
            )}
            <ShoppingRows rows={rows} names={names} units={units} onChange={change} />
            {allergens.length > 0 && (
              <p className="px-6 pt-3 text-[15px] text-ink-2 max-sm:px-4">
                {cautionText({ code: "allergens", allergens }, units)}
              </p>
            )}
          </section>
          <TakeAlong rows={rows} names={names} units={units} from={from} to={to} />
        </>
      )}
    </div>
  );
}
