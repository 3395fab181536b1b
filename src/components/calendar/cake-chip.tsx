"use client";

import type { KeyboardEvent } from "react";
import { useDraggable } from "@dnd-kit/core";
import Link from "next/link";
import { addDays, formatISO, parseISO } from "date-fns";
import { GripVertical } from "lucide-react";
import { wantedOnDay } from "@/core/day";
import type { PlannedCake } from "@/core/kept";
import type { Units } from "@/words";
import { clockText } from "@/words/dates";
import type { KeptCake } from "../frame/use-kept-cakes";
import { StandingCake } from "../section/standing-cake";

/** A cake of a day, planned once that is worked out. */
export type ChipCake = KeptCake & {
  readonly isBaked: boolean;
  readonly isAwaited: boolean;
  readonly planned: PlannedCake | null;
};

export type ChipProps = {
  readonly today: string;
  readonly units: Units;
  readonly onMove: (id: string, wantedAt: string) => void;
  /** Opens the sheet that asks for the day. */
  readonly onAsk: (id: string) => void;
};

/** The arrow keys go by days and by weeks. */
const DAYS_BY_KEY: Readonly<Record<string, number>> = {
  ArrowLeft: -1,
  ArrowRight: 1,
  ArrowUp: -7,
  ArrowDown: 7,
};
const PX_PER_MM = 0.38;

/** The handle of a cake, found again where it was moved to. */
export const handleId = (cakeId: string): string => `move-${cakeId}`;

/**
 * One cake: opened by its name, dragged to another day, moved by the arrow keys on its handle; the
 * handle pressed asks for day and hour.
 */
export function CakeChip({
  cake: { id, name, doc, isBaked, isAwaited, planned },
  isDrawn,
  today,
  units,
  onMove,
  onAsk,
}: ChipProps & { readonly cake: ChipCake; readonly isDrawn: boolean }) {
  const { setNodeRef, listeners, isDragging } = useDraggable({ id, disabled: isBaked });
  const { wantedAt } = doc.question.day;

  function onKeyDown(event: KeyboardEvent): void {
    const days = DAYS_BY_KEY[event.key];
    if (days === undefined) return;
    event.preventDefault();
    const from = wantedAt === "" ? addDays(parseISO(today), -1) : parseISO(wantedAt);
    onMove(id, wantedOnDay(wantedAt, formatISO(addDays(from, days), { representation: "date" })));
  }

  const note = isBaked
    ? "baked"
    : !isAwaited && planned === null
      ? "can't be planned yet"
      : wantedAt === ""
        ? ""
        : clockText(parseISO(wantedAt), units);
  return (
    <li
      ref={setNodeRef}
      {...listeners}
      className={`relative rounded-control border-[1.5px] border-line bg-paper ${isDragging ? "opacity-40" : ""} ${isBaked ? "" : "cursor-grab"}`}
    >
      {isDrawn && (
        <span
          aria-hidden
          className="flex h-24 items-end justify-center overflow-hidden border-b-[3px] border-ink px-1 max-sm:hidden"
        >
          {planned !== null && <StandingCake plan={planned.plan} pxPerMm={PX_PER_MM} />}
        </span>
      )}
      <span className="flex items-start">
        <Link
          href={`/cakes/${id}`}
          draggable={false}
          className="min-w-0 flex-1 py-1 pl-2 text-[14px] leading-snug underline-offset-4 hover:underline"
        >
          <span className={`block font-semibold break-words ${isDrawn ? "" : "line-clamp-3"}`}>
            {name}
          </span>
          {note !== "" && <span className="block text-ink-2">{note}</span>}
        </Link>
        {!isBaked && (
          <button
            type="button"
            className="no-print flex min-h-8 w-7 shrink-0 items-center justify-center self-stretch rounded-control text-ink-2 hover:bg-enamel"
            id={handleId(id)}
            aria-label={`Move ${name}`}
            title="Drag it, or use the arrow keys; press for day and hour"
            onClick={() => onAsk(id)}
            onKeyDown={onKeyDown}
          >
            <GripVertical size={16} aria-hidden />
          </button>
        )}
      </span>
    </li>
  );
}
