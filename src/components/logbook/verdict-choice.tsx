"use client";

import { BAKE_VERDICTS, type BakeVerdict } from "@/core/logbook";
import { CAME_OUT } from "@/words/logbook";

/** How the middle came out: one of three, or not said. */
export function VerdictChoice({
  label,
  value,
  onChange,
}: {
  readonly label: string;
  readonly value: BakeVerdict | null;
  readonly onChange: (value: BakeVerdict | null) => void;
}) {
  return (
    <div role="group" aria-label={label}>
      <p className="label">{label}</p>
      <div className="mt-0.5 flex flex-wrap gap-2">
        {BAKE_VERDICTS.map((each) => (
          <button
            key={each}
            type="button"
            className="button aria-pressed:bg-ink aria-pressed:text-white"
            aria-pressed={value === each}
            onClick={() => onChange(value === each ? null : each)}
          >
            {CAME_OUT[each]}
          </button>
        ))}
      </div>
    </div>
  );
}
