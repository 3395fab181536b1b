"use client";

import { useMemo, type ReactNode } from "react";
import Link from "next/link";
import { ClipboardPaste, ShoppingBasket } from "lucide-react";
import type { Question } from "@/core/ask";
import { pantryOf, type KitchenPantry } from "@/core/pantry";
import { shoppingLists, type Got, type LarderRow } from "@/core/shopping";
import { CakeCards } from "../cake/cake-cards";
import { useSay, useUnits } from "../frame/units";
import { useNeeded, type WantedCake } from "../shopping/needed";
import type { KeptPortions } from "@/core/freezer";
import { FromTheFreezer } from "./from-the-freezer";
import { Running } from "./running";
import type { RunningBake } from "./running-bake";
import { useDays } from "../day/use-days";
import { WeekAhead } from "./week-ahead";

type HomeProps = {
  /** The days that are told of, `2026-12-05`. */
  readonly from: string;
  readonly to: string;
  readonly bakes: readonly RunningBake[];
  /** The cakes of these days, the first wanted first. */
  readonly cakes: readonly WantedCake[];
  readonly got: readonly Got[];
  readonly larder: readonly LarderRow[];
  readonly pantry: KitchenPantry;
  /** What is put away, the first to be eaten first. */
  readonly portions: readonly KeptPortions[];
  readonly recent: readonly {
    readonly id: string;
    readonly name: string;
    readonly question: Question | null;
  }[];
};

/** Her kitchen now: what is in the oven, what is wanted next and when to begin it, what to buy. */
export function Home({ from, to, bakes, cakes, got, larder, pantry, portions, recent }: HomeProps) {
  const say = useSay();
  const { units } = useUnits();
  const kitchen = useMemo(() => pantryOf(pantry.own, pantry.learnt), [pantry]);
  const needed = useNeeded(cakes, kitchen, units);
  const awaited = cakes.length - needed.length;
  const toBake = useMemo(() => needed.filter(({ isBaked }) => !isBaked), [needed]);
  const days = useDays(toBake, awaited === 0);
  const baking = new Set(
    bakes.filter(({ isRehearsal }) => !isRehearsal).flatMap(({ cakeIds }) => cakeIds),
  );
  const toBuy =
    awaited > 0
      ? null
      : shoppingLists(
          needed.flatMap(({ needs }) => needs),
          got,
          kitchen,
          new Map(larder.map((row) => [row.key, row])),
        ).open.length;
  const toBuyFor = cakes.filter(({ isBaked }) => !isBaked).length;
  return (
    <div className="space-y-4">
      <Running bakes={bakes} units={units} />
      {cakes.length > 0 && (
        <WeekAhead cakes={needed} days={days} awaited={awaited} baking={baking} units={units} />
      )}
      {cakes.length === 0 && (
        <section aria-label="The coming days" className="panel px-6 py-5 max-sm:px-4">
          <p className="figure-text text-[25px] leading-tight">
            {recent.length === 0 ? "What will it be?" : "No cake is wanted in the next two weeks"}
          </p>
          <p className="text-ink-2">
            {recent.length === 0
              ? "Three ways to begin."
              : "Say on a cake's Day when it is wanted, and it stands here with the minute to begin."}
          </p>
        </section>
      )}
      <FromTheFreezer rows={portions} today={from} until={to} />
      <nav aria-label="What to do" className="grid gap-3 md:grid-cols-3">
        {toBuyFor > 0 ? (
          <Way
            href={`/shopping?from=${from}&to=${to}`}
            icon={<ShoppingBasket size={24} className="shrink-0" aria-hidden />}
            name={
              toBuy === null ? "Shopping" : toBuy === 0 ? "All is bought" : `${toBuy} things to buy`
            }
            says={`for ${toBuyFor === 1 ? "this cake" : `these ${toBuyFor} cakes`}`}
          />
        ) : (
          <Way
            href="/recipes"
            icon={<ShoppingBasket size={24} className="shrink-0" aria-hidden />}
            name="Bake one of the recipes"
            says={say`in the tins you have`}
          />
        )}
        <Way
          href="/try"
          icon={<TinIcon />}
          name={say`Try a tin`}
          says={say`the same batter in another tin: how much, how hot, how long`}
        />
        <Way
          href="/recipes/new"
          icon={<ClipboardPaste size={24} className="shrink-0" aria-hidden />}
          name="Paste a recipe"
          says="as you found it, in anybody's words"
        />
      </nav>
      {recent.length > 0 && (
        <section aria-labelledby="kept">
          <h2 id="kept" className="mb-2 text-[19px]">
            Changed last
          </h2>
          <CakeCards cakes={recent} />
        </section>
      )}
    </div>
  );
}

const TinIcon = () => (
  <svg viewBox="0 0 32 26" width={24} className="shrink-0" aria-hidden>
    <path
      d="M1.500 3h4.300l2.300 20.500h15.800L26.200 3h4.300"
      fill="none"
      stroke="currentColor"
      strokeWidth="2.600"
      strokeLinejoin="round"
      strokeLinecap="round"
    />
  </svg>
);

function Way({
  href,
  icon,
  name,
  says,
}: {
  readonly href: string;
  readonly icon: ReactNode;
  readonly name: string;
  readonly says: string;
}) {
  return (
    <Link href={href} className="panel flex items-center gap-3 px-4 py-3 hover:border-ink">
      {icon}
      <span className="leading-snug">
        <span className="block text-[17px] font-semibold">{name}</span>
        <span className="block text-[14px] text-ink-2">{says}</span>
      </span>
    </Link>
  );
}
