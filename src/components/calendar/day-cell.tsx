"use client";

import { useDroppable } from "@dnd-kit/core";
import Link from "next/link";
import { getDate, parseISO } from "date-fns";
import { ChefHat, Snowflake, TriangleAlert } from "lucide-react";
import type { ComingOut } from "@/core/freezer";
import { beginsText, failingText, thawsText } from "@/words/calendar";
import { dayText, weekdayText } from "@/words/dates";
import type { DayAhead } from "../day/use-days";
import { CakeChip, type ChipCake, type ChipProps } from "./cake-chip";

type DayCellProps = ChipProps & {
  readonly day: string;
  /** Of the month before or after. */
  readonly isAside: boolean;
  /** Whether its cakes are drawn. */
  readonly isDrawn: boolean;
  readonly cakes: readonly ChipCake[];
  /** Days whose baking begins on this one. */
  readonly begins: readonly DayAhead[];
  /** What comes out of the freezer on this one. */
  readonly thaws: readonly ComingOut[];
  /** This day, where it can't be kept. */
  readonly failing: DayAhead | undefined;
};

/** One day: its cakes, when their baking begins, what comes out of the freezer, and why it can't be kept. */
export function DayCell({
  day,
  isAside,
  isDrawn,
  cakes,
  begins,
  thaws,
  failing,
  ...chip
}: DayCellProps) {
  const { today, units } = chip;
  const { setNodeRef, isOver } = useDroppable({ id: day, disabled: day < today });
  const date = parseISO(day);
  const isEmpty = cakes.length === 0 && begins.length === 0 && thaws.length === 0;
  return (
    <li
      ref={setNodeRef}
      aria-label={dayText(date, "long", units)}
      className={`flex min-w-0 flex-col gap-1.5 p-2 ${isDrawn ? "sm:min-h-72" : "sm:min-h-[6.6rem]"} ${isOver ? "bg-yolk-soft" : isAside || day < today ? "bg-enamel" : "bg-paper"} ${isEmpty ? "max-sm:py-1" : ""}`}
    >
      <p className={`leading-none ${isAside ? "text-ink-2" : ""}`}>
        <span
          aria-current={day === today ? "date" : undefined}
          className={`figure-text text-[17px] ${day === today ? "rounded-control bg-yolk px-2 py-0.5" : "px-1"}`}
        >
          {getDate(date)}
        </span>
        <span className="text-[14px] text-ink-2 sm:hidden">{weekdayText(date)}</span>
      </p>
      {cakes.length > 0 && (
        <ul className="space-y-1.5">
          {cakes.map((cake) => (
            <CakeChip key={cake.id} cake={cake} isDrawn={isDrawn} {...chip} />
          ))}
        </ul>
      )}
      {begins.map(({ date: of, begin }) =>
        begin === null ? null : (
          <Link
            key={of}
            href={`/day?on=${of}`}
            className="flex items-start gap-1.5 text-[14px] leading-snug text-ink-2 underline-offset-4 hover:underline"
          >
            <ChefHat size={16} className="mt-0.5 shrink-0" aria-hidden />
            {beginsText(begin.at, of, day, units)}
          </Link>
        ),
      )}
      {thaws.map(({ id, portions, at }) => (
        <Link
          key={id}
          href={`/freezer/${id}`}
          className="flex items-start gap-1.5 text-[14px] leading-snug text-ink-2 underline-offset-4 hover:underline"
        >
          <Snowflake size={16} className="mt-0.5 shrink-0" aria-hidden />
          {thawsText(portions, at, units)}
        </Link>
      ))}
      {failing !== undefined && (
        <Link
          href={`/day?on=${day}`}
          className="flex items-start gap-1.5 text-[14px] leading-snug font-semibold text-tomato underline-offset-4 hover:underline"
        >
          <TriangleAlert size={16} className="mt-0.5 shrink-0" aria-hidden />
          {failingText(failing.stuck, units)}
        </Link>
      )}
    </li>
  );
}
