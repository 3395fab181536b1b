"use client";

import { parseISO } from "date-fns";
import Link from "next/link";
import { dayText } from "@/words/dates";
import { useUnits } from "../frame/units";
import { StandingCake } from "../section/standing-cake";
import type { NeededCake } from "./needed";

/** All cakes of the line are drawn at one scale. */
const PX_PER_MM = 0.32;

/** The cakes of some days on one bench, in the order they are wanted. */
export function CakesInLine({
  cakes,
  costs,
}: {
  readonly cakes: readonly NeededCake[];
  /** What each costs, in words, by its id. */
  readonly costs: ReadonlyMap<string, string>;
}) {
  const { units } = useUnits();
  return (
    <ul
      aria-label="Cakes of these days"
      className="panel flex overflow-x-auto pt-3 max-sm:flex-col max-sm:py-1 print:border-0"
    >
      {cakes.map(({ id, name, wantedOn, planned }) => (
        <li key={id} className="flex w-52 shrink-0 flex-col max-sm:w-auto">
          <span
            aria-hidden
            className="flex h-16 items-end justify-center border-b-[3px] border-ink max-sm:hidden"
          >
            {planned !== null && <StandingCake plan={planned.plan} pxPerMm={PX_PER_MM} />}
          </span>
          <Link
            href={`/cakes/${id}`}
            className="block px-4 py-2 text-center leading-tight underline-offset-4 hover:underline max-sm:py-1.5 max-sm:text-left"
          >
            <span className="block font-semibold break-words max-sm:mr-2 max-sm:inline">
              {name}
            </span>
            <span className="text-[14px] text-ink-2">
              {dayText(parseISO(wantedOn), "short", units)}
            </span>
            {costs.get(id) !== undefined && (
              <span className="block text-[14px] text-ink-2">{costs.get(id)}</span>
            )}
          </Link>
        </li>
      ))}
      <li aria-hidden className="flex flex-1 flex-col max-sm:hidden">
        <span className="h-16 border-b-[3px] border-ink" />
      </li>
    </ul>
  );
}
