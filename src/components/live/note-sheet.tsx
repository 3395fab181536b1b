"use client";

import { useState } from "react";
import type { Log } from "@/core/live";
import { useUnits } from "../frame/units";
import { clockAt } from "../frame/now";
import { Sheet } from "../frame/sheet";

/** A note with its time, for the record; those already written stand below. */
export function NoteSheet({
  notes,
  onNote,
  onClose,
}: {
  readonly notes: Log["notes"];
  readonly onNote: (text: string) => void;
  readonly onClose: () => void;
}) {
  const { units } = useUnits();
  const [text, setText] = useState("");
  return (
    <Sheet isLarge title="Note" onClose={onClose}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (text.trim() !== "") onNote(text.trim());
        }}
      >
        <label className="block text-[18px]">
          What happened
          <textarea
            autoFocus
            className="field mt-1 block min-h-28 py-2 text-[20px]!"
            value={text}
            maxLength={1000}
            onChange={(event) => setText(event.target.value)}
          />
        </label>
        <button
          type="submit"
          className="button button-next mt-3 min-h-16 w-full text-[20px]"
          disabled={text.trim() === ""}
        >
          Keep the note
        </button>
      </form>
      {notes.length > 0 && (
        <ul aria-label="Notes so far" className="mt-4 space-y-1 text-[17px]">
          {notes.map(({ at, text: said }) => (
            <li key={at}>
              <span className="font-semibold">{clockAt(at, units)}</span> {said}
            </li>
          ))}
        </ul>
      )}
    </Sheet>
  );
}
