"use client";

import { Minus, Plus } from "lucide-react";
import { chosenPieces, withPieces } from "@/core/ask";
import { tinText, type Units } from "@/words";
import { useSay } from "../frame/units";
import { Sheet } from "../frame/sheet";
import { EmptyTin } from "../section/empty-tin";
import type { TinChoice } from "../frame/choices";

type CupboardPickerProps = {
  readonly cupboard: readonly TinChoice[];
  readonly tins: readonly string[];
  readonly units: Units;
  readonly onChange: (tins: readonly string[]) => void;
  readonly onClose: () => void;
};

/** The cupboard, opened: each tin drawn at one scale, with how many of it to take. */
export function CupboardPicker({ cupboard, tins, units, onChange, onClose }: CupboardPickerProps) {
  const say = useSay();
  const habit = units.measure;
  return (
    <Sheet title="From the cupboard" onClose={onClose}>
      {cupboard.length === 0 && (
        <p className="text-ink-2">{say`The cupboard is empty. Write the size of your tin instead.`}</p>
      )}
      <ul className="divide-y-[1.5px] divide-line">
        {cupboard.map(({ id, name, tin, owned }) => {
          const count = chosenPieces(tins, tin, habit);
          return (
            <li key={id} className="flex items-center gap-3 py-2.5">
              <div className="flex w-28 shrink-0 justify-center max-sm:hidden">
                <EmptyTin tin={tin} pxPerMm={0.27} />
              </div>
              <div className="min-w-0 flex-1">
                <p className="font-semibold">{name}</p>
                <p className="text-sm text-ink-2">
                  {tinText(tin, units)} · you own {owned}
                </p>
                {count > owned && (
                  <p className="text-sm font-semibold text-tomato">
                    {count - owned} more than you own
                  </p>
                )}
              </div>
              <div className="flex items-center gap-1.5">
                <button
                  type="button"
                  className="button !px-2.5"
                  aria-label={`One ${name} fewer`}
                  disabled={count === 0}
                  onClick={() => onChange(withPieces(tins, tin, count - 1, habit))}
                >
                  <Minus size={18} aria-hidden />
                </button>
                <span
                  className="figure-text w-7 text-center text-lg"
                  aria-live="polite"
                  aria-label={`${name}: ${count} chosen`}
                >
                  {count}
                </span>
                <button
                  type="button"
                  className="button !px-2.5"
                  aria-label={`One ${name} more`}
                  onClick={() => onChange(withPieces(tins, tin, count + 1, habit))}
                >
                  <Plus size={18} aria-hidden />
                </button>
              </div>
            </li>
          );
        })}
      </ul>
      <div className="mt-4 flex justify-end">
        <button type="button" className="button button-next" onClick={onClose}>
          Use these
        </button>
      </div>
    </Sheet>
  );
}
