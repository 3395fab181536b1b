"use client";

import { useState } from "react";
import { Sheet } from "../frame/sheet";
import type { ChipCake } from "./cake-chip";

/** Asks for the day and the hour a cake is wanted. */
export function MoveSheet({
  cake,
  today,
  onMove,
  onClose,
}: {
  readonly cake: ChipCake;
  readonly today: string;
  readonly onMove: (wantedAt: string) => void;
  readonly onClose: () => void;
}) {
  const [wantedAt, setWantedAt] = useState(cake.doc.question.day.wantedAt);
  const isPast = wantedAt !== "" && wantedAt < today;
  return (
    <Sheet title={`When is “${cake.name}” wanted?`} onClose={onClose}>
      <form
        className="space-y-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (isPast) return;
          onClose();
          onMove(wantedAt);
        }}
      >
        <label className="block">
          <span className="label block">Day and hour</span>
          <input
            type="datetime-local"
            className="field"
            value={wantedAt}
            aria-invalid={isPast}
            aria-describedby={isPast ? "move-past" : undefined}
            onChange={({ target }) => setWantedAt(target.value)}
          />
        </label>
        {isPast && (
          <p id="move-past" className="font-semibold text-tomato">
            This day is past: choose today or a later one.
          </p>
        )}
        <div className="flex flex-wrap gap-2">
          <button type="submit" className="button button-next" disabled={isPast}>
            {wantedAt === "" ? "Leave its day open" : "Put it there"}
          </button>
          {wantedAt !== "" && (
            <button
              type="button"
              className="button"
              onClick={() => {
                onClose();
                onMove("");
              }}
            >
              No day yet
            </button>
          )}
        </div>
      </form>
    </Sheet>
  );
}
