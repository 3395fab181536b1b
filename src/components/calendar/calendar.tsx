"use client";

import { useMemo, useRef, useState } from "react";
import {
  DndContext,
  DragOverlay,
  MouseSensor,
  pointerWithin,
  TouchSensor,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import { group } from "d3-array";
import { formatISO, parseISO } from "date-fns";
import { comingOut, type KeptPortions } from "@/core/freezer";
import { localMinute, wantedOnDay, type CalendarStretch } from "@/core/day";
import { pantryOf, type KitchenPantry } from "@/core/pantry";
import { dayText, weekdayText } from "@/words/dates";
import { movedText } from "@/words/calendar";
import { useKeptCakes, type ChangeCake, type KeptCake } from "../frame/use-kept-cakes";
import { useDays } from "../day/use-days";
import { useTell } from "../frame/toasts";
import { useUnits } from "../frame/units";
import { useNeeded } from "../shopping/needed";
import { DayCell } from "./day-cell";
import { handleId } from "./cake-chip";
import { CalendarHead } from "./calendar-head";
import { MoveSheet } from "./move-sheet";
import { Undated, UNDATED } from "./undated";

/** A cake of the calendar; of one without a day `wantedOn` is empty. */
type CalendarCake = KeptCake & { readonly wantedOn: string; readonly isBaked: boolean };

type CalendarProps = {
  /** The day it is opened at, and today: `2026-12-05`. */
  readonly on: string;
  readonly today: string;
  readonly stretch: CalendarStretch;
  readonly weeks: readonly (readonly string[])[];
  /** Those of its days and those without one. */
  readonly cakes: readonly CalendarCake[];
  /** Cakes without a day that are not among them. */
  readonly moreUndated: number;
  /** What is put away. */
  readonly portions: readonly KeptPortions[];
  readonly pantry: KitchenPantry;
  readonly change: ChangeCake;
};

/** What is dragged is said by its name once it is put down. */
const SILENT = {
  onDragStart: () => undefined,
  onDragOver: () => undefined,
  onDragEnd: () => undefined,
  onDragCancel: () => undefined,
};

/** How far the mouse goes before a press becomes a drag, px; how long a finger rests, ms. */
const DRAG_AFTER_PX = 5;
const HOLD_MS = 220;
const HOLD_SLACK_PX = 8;

/** Cakes by the day they are wanted, moved by mouse, finger and key. */
export function Calendar({
  on,
  today,
  stretch,
  weeks,
  cakes: kept,
  moreUndated,
  portions,
  pantry,
  change,
}: CalendarProps) {
  const { units } = useUnits();
  const tell = useTell();
  const { cakes, changeDay } = useKeptCakes(kept, change);
  const kitchen = useMemo(() => pantryOf(pantry.own, pantry.learnt), [pantry]);
  // What a cake takes does not change with its day: it is worked out once.
  const needed = useNeeded(kept, kitchen, units);
  const placed = useMemo(
    () =>
      cakes.map((cake) => ({
        ...cake,
        wantedOn: cake.doc.question.day.wantedAt.slice(0, today.length),
        planned: needed.find(({ id }) => id === cake.id)?.planned ?? null,
        isAwaited: !needed.some(({ id }) => id === cake.id),
      })),
    [cakes, needed, today],
  );
  const toBake = useMemo(
    () => placed.filter(({ wantedOn, isBaked }) => wantedOn >= today && !isBaked),
    [placed, today],
  );
  const days = useDays(toBake, needed.length === kept.length);
  const [dragged, setDragged] = useState<string | null>(null);
  const [asked, setAsked] = useState<string | null>(null);
  const [said, setSaid] = useState("");
  const shown = useRef<HTMLOListElement>(null);
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: DRAG_AFTER_PX } }),
    useSensor(TouchSensor, {
      activationConstraint: { delay: HOLD_MS, tolerance: HOLD_SLACK_PX },
    }),
  );
  const thaws = useMemo(
    () => comingOut(portions, weeks[0]?.[0] ?? on, weeks.at(-1)?.at(-1) ?? on),
    [portions, weeks, on],
  );
  const byDay = group(placed, ({ wantedOn }) => wantedOn);
  const cakeOf = (id: string | null) => placed.find((cake) => cake.id === id);

  function move(id: string, wantedAt: string): void {
    const cake = cakeOf(id);
    const before = cake?.doc.question.day.wantedAt;
    if (cake === undefined || before === undefined || wantedAt === before) return;
    if (wantedAt !== "" && wantedAt.slice(0, today.length) < today) {
      tell(`${dayText(parseISO(wantedAt), "long", units)} is past: choose today or a later day.`);
      return;
    }
    changeDay(id, (boxes) => ({ ...boxes, wantedAt }));
    setSaid(movedText(cake.name, wantedAt, units));
    // It is another element where it stands now; one that is out of sight leaves the keys to the days.
    setTimeout(() => (document.getElementById(handleId(id)) ?? shown.current)?.focus());
  }

  const drop = (id: string, day: string): void => {
    const cake = cakeOf(id);
    if (cake === undefined || cake.wantedOn === day) return;
    const before = cake.doc.question.day.wantedAt;
    const wantedAt = day === UNDATED ? "" : wantedOnDay(before, day);
    move(id, wantedAt);
    if (wantedAt !== "" && wantedAt.slice(0, today.length) < today) return;
    tell(movedText(cake.name, wantedAt, units), {
      name: "Undo",
      run: () => changeDay(id, (boxes) => ({ ...boxes, wantedAt: before })),
    });
  };

  const moved = cakeOf(dragged);
  const asking = cakeOf(asked);
  const chipProps = { units, today, onMove: move, onAsk: setAsked };
  return (
    <DndContext
      id="calendar"
      sensors={sensors}
      collisionDetection={pointerWithin}
      onDragStart={({ active }) => setDragged(String(active.id))}
      onDragCancel={() => setDragged(null)}
      onDragEnd={({ active, over }) => {
        setDragged(null);
        if (over !== null) drop(String(active.id), String(over.id));
      }}
      accessibility={{ screenReaderInstructions: { draggable: "" }, announcements: SILENT }}
    >
      <CalendarHead on={on} today={today} stretch={stretch} weeks={weeks} units={units} />
      <p role="status" className="sr-only">
        {said}
      </p>
      <div aria-hidden className="grid grid-cols-7 max-sm:hidden">
        {(weeks[0] ?? []).map((day) => (
          <span key={day} className="px-2 pb-1 text-[14px] text-ink-2">
            {weekdayText(parseISO(day))}
          </span>
        ))}
      </div>
      <ol
        ref={shown}
        tabIndex={-1}
        aria-label="Days"
        className="panel grid grid-cols-7 gap-[1.5px] overflow-hidden bg-line max-sm:grid-cols-1"
      >
        {weeks.flat().map((day) => (
          <DayCell
            key={day}
            day={day}
            isAside={stretch === "month" && day.slice(0, 7) !== on.slice(0, 7)}
            isDrawn={stretch === "week"}
            cakes={byDay.get(day) ?? []}
            begins={days.filter(
              ({ begin }) => begin !== null && localMinute(begin.at).startsWith(day),
            )}
            thaws={thaws.filter(({ at }) => formatISO(at, { representation: "date" }) === day)}
            failing={days.find(({ date, begin }) => date === day && begin === null)}
            {...chipProps}
          />
        ))}
      </ol>
      <Undated cakes={byDay.get("") ?? []} more={moreUndated} {...chipProps} />
      <DragOverlay dropAnimation={null}>
        {moved === undefined ? null : (
          <div className="panel w-fit border-ink px-3 py-1.5 font-semibold">{moved.name}</div>
        )}
      </DragOverlay>
      {asking !== undefined && (
        <MoveSheet
          cake={asking}
          today={today}
          onMove={(wantedAt) => move(asking.id, wantedAt)}
          onClose={() => setAsked(null)}
        />
      )}
    </DndContext>
  );
}
