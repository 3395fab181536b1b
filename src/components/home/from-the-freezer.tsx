"use client";

import Link from "next/link";
import { Snowflake } from "lucide-react";
import { urgency, type KeptPortions } from "@/core/freezer";
import { eatByText, portionsText, takeOutText } from "@/words/freezer";
import { useUnits } from "../frame/units";

const MOST_SHOWN = 5;

/** What has to come out of the freezer for a day it is wanted, and what has to be eaten soon. */
export function FromTheFreezer({
  rows,
  today,
  until,
}: {
  readonly rows: readonly KeptPortions[];
  /** The days that are told of, `2026-12-05`. */
  readonly today: string;
  readonly until: string;
}) {
  const { units } = useUnits();
  const wanted = rows
    .filter(
      ({ portions: { place, wantedAt } }) =>
        place === "freezer" && wantedAt >= today && wantedAt.slice(0, today.length) <= until,
    )
    .toSorted((one, other) => one.portions.wantedAt.localeCompare(other.portions.wantedAt));
  const soon = rows.filter(
    (row) => urgency(row.portions, today) !== "later" && !wanted.includes(row),
  );
  const shown = [...wanted, ...soon].slice(0, MOST_SHOWN);
  if (shown.length === 0) return null;
  const more = wanted.length + soon.length - shown.length;
  return (
    <section aria-labelledby="from-the-freezer" className="panel px-4 py-3">
      <h2 id="from-the-freezer" className="flex items-center gap-2 text-[17px]">
        <Snowflake size={18} aria-hidden /> Take out, and eat soon
      </h2>
      <ul>
        {shown.map((row) => {
          const { id, portions } = row;
          return (
            <li key={id} className="flex flex-wrap items-baseline gap-x-3 py-0.5">
              <Link
                href={`/freezer/${id}`}
                className="font-semibold break-words underline-offset-4 hover:underline"
              >
                {portions.name}
              </Link>
              <span
                className={
                  urgency(portions, today) === "past" ? "font-semibold text-tomato" : "text-ink-2"
                }
              >
                {wanted.includes(row)
                  ? takeOutText(portions, units)
                  : `${portionsText(portions.left, portions.what)}, ${eatByText(portions, units, today)}`}
              </span>
            </li>
          );
        })}
      </ul>
      {more > 0 && (
        <Link href="/freezer" className="underline underline-offset-4">
          and {more} more
        </Link>
      )}
    </section>
  );
}
