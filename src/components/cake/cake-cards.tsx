"use client";

import Link from "next/link";
import { useUnits } from "../frame/units";
import { cakeSummary, type CakeRow } from "./cake-summary";

/** The last cakes, each a card to open. */
export function CakeCards({ cakes }: { readonly cakes: readonly CakeRow[] }) {
  const { units } = useUnits();
  return (
    <ul className="grid gap-3 md:grid-cols-3">
      {cakes.map((cake) => {
        const { tins, facts } = cakeSummary(cake.question, units);
        return (
          <li key={cake.id}>
            <Link
              href={`/cakes/${cake.id}`}
              className="panel block h-full px-4 py-3 hover:border-ink"
            >
              <span className="block font-semibold">{cake.name}</span>
              <span className="block text-[14px] text-ink-2">{tins}</span>
              <span className="block text-[14px] text-ink-2">{facts}</span>
            </Link>
          </li>
        );
      })}
    </ul>
  );
}
