"use client";

import { useMemo, useState } from "react";
import { useRouter } from "next/navigation";
import { parseISO } from "date-fns";
import Link from "next/link";
import {
  costOf,
  gotFor,
  latestGot,
  leftOver,
  broughtHome,
  shoppingList,
  shoppingLists,
  takenOut,
  usualPack,
  type Got,
  type HowGot,
  type KnownItem,
  type LarderRow,
  type ListedRow,
  type ShoppingRow,
} from "@/core/shopping";
import { pantryOf, type KitchenPantry } from "@/core/pantry";
import { cautionText } from "@/words";
import { dayText } from "@/words/dates";
import { cakeCostText, hadText, itemName, sumText } from "@/words/shopping";
import { useUnits } from "../frame/units";
import { CakesInLine } from "./cakes-in-line";
import { DayRange } from "./day-range";
import { useNeeded, type WantedCake } from "./needed";
import { KitchenLarder } from "./kitchen-larder";
import { LarderSheet } from "./larder-sheet";
import { LeftOverList } from "./left-over-list";
import { ShoppingRows } from "./shopping-rows";
import { TakeAlong } from "./take-along";
import { useLarder } from "./use-larder";
import { useTicks } from "./use-ticks";

type ShoppingProps = {
  readonly from: string;
  readonly to: string;
  readonly cakes: readonly WantedCake[];
  /** Cakes of these days that can't be read. */
  readonly unread: readonly string[];
  readonly got: readonly Got[];
  readonly larder: readonly LarderRow[];
  readonly pantry: KitchenPantry;
  /** The first day after these that a cake is wanted on, where none is wanted on them. */
  readonly next: string | null;
};

/** What to buy for the cakes of some days, ticked off as it comes into the basket. */
export function Shopping({
  from,
  to,
  cakes,
  unread,
  got: kept,
  larder: keptLarder,
  pantry,
  next,
}: ShoppingProps) {
  const [asked, setAsked] = useState<KnownItem | null>(null);
  const { units } = useUnits();
  const router = useRouter();
  const kitchen = useMemo(() => pantryOf(pantry.own, pantry.learnt), [pantry]);
  const needed = useNeeded(cakes, kitchen, units);
  const { got, waiting, trouble, say, hear } = useTicks(kept);
  const { larder, move, change } = useLarder(keptLarder, got, hear);
  const needs = needed.flatMap((cake) => cake.needs);
  const lists = shoppingLists(needs, got, kitchen, larder);
  const rows = [...lists.open, ...lists.got];
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

  const named = <T extends ShoppingRow>(row: T) => ({ ...row, name: itemName(row.item, units) });
  const basket = lists.got.filter(({ how }) => how === "bought");
  const toPay = sumText(costOf([...lists.open, ...basket], larder, "bought"));
  const costs = new Map(
    needed.map(({ id, takes, pieces }) => [
      id,
      cakeCostText(costOf(shoppingList(takes, kitchen, larder), larder, "used"), pieces),
    ]),
  );
  const used = new Set(
    [...latestGot(got).values()].flatMap(({ cake, how }) => (how === "used" ? [cake] : [])),
  );
  const took = needed.flatMap(({ isBaked, takes, id }) => (isBaked && !used.has(id) ? takes : []));
  const home = (at: number) => broughtHome(basket.map(named), at);
  const out = (at: number) => takenOut(shoppingList(took, kitchen, larder).map(named), at);

  function tick(row: ListedRow, how: HowGot): void {
    if (row.how !== "stocked") {
      say((at) => gotFor(row, how, got, at));
      return;
    }
    // A row that the kitchen covers is only opened where there is none of it after all.
    const { key, name } = named(row);
    void change(
      (at) => [
        {
          change: { key, name, has: { in: row.exact === null ? "g" : "pieces", amount: 0 }, at },
          ticks: [],
        },
      ],
      `None of ${name} in the kitchen, then.`,
    );
  }

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
          <CakesInLine cakes={needed} costs={costs} />
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
                <span className="text-ink-2"> · {hadText(lists.got)}</span>
              )}
              {toPay !== "" && !isAwaited && <span className="text-ink-2"> · costs {toPay}</span>}
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
                .{" "}
                {out(0).length > 0 && (
                  <button
                    type="button"
                    className="button no-print text-[15px]"
                    onClick={() => void change(out, "Taken out of what is in the kitchen.")}
                  >
                    Take out of the kitchen what they took
                  </button>
                )}
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
            <ShoppingRows
              rows={rows}
              names={names}
              units={units}
              onChange={tick}
              onKnow={(row) => setAsked(named(row))}
            />
            {home(0).length > 0 && (
              <p className="no-print px-6 pt-3 max-sm:px-4">
                <button
                  type="button"
                  className="button"
                  onClick={() => void change(home, "Put away: it counts as in the kitchen now.")}
                >
                  Put away what is in the basket
                </button>
              </p>
            )}
            {allergens.length > 0 && (
              <p className="px-6 pt-3 text-[15px] text-ink-2 max-sm:px-4">
                {cautionText({ code: "allergens", allergens }, units)}
              </p>
            )}
          </section>
          <LeftOverList left={leftOver(needs, rows, kitchen)} units={units} />
          <TakeAlong rows={rows} names={names} units={units} from={from} to={to} />
        </>
      )}
      <KitchenLarder rows={[...larder.values()]} pantry={kitchen} units={units} onKnow={setAsked} />
      {asked !== null && (
        <LarderSheet
          of={asked}
          known={larder.get(asked.key)}
          usual={usualPack(asked.item)}
          onKeep={(said) => move([{ change: said, ticks: [] }])}
          onClose={() => setAsked(null)}
        />
      )}
    </div>
  );
}
