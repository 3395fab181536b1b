"use client";

import Link from "next/link";
import { useUnits } from "../frame/units";
import type { Question } from "@/core/ask";
import { cakeSummary } from "./cake-summary";

/** A question that no longer parses is null. */
type CakeCard = { readonly id: string; readonly name: string; readonly question: Question | null };

/** The last cakes, each a card to open. */
export function CakeCards({ cakes }: { readonly cakes: readonly CakeCard[] }) {
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
