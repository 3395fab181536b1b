"use client";

import { useState } from "react";
import { clockText } from "@/words/dates";
import type { CakeDoc } from "@/core/kept";
import { useUnits } from "../frame/units";
import type { SaveAction, SaveState } from "../frame/autosave";
import type { KeptOutcome } from "../frame/outcome";
import { useTell } from "../frame/toasts";

type ConflictNoteProps = {
  readonly name: string;
  readonly state: SaveState<CakeDoc>;
  readonly dispatch: (action: SaveAction<CakeDoc>) => void;
  readonly keepApart: (name: string, doc: CakeDoc) => Promise<KeptOutcome>;
};

const UNREACHABLE: KeptOutcome = {
  ok: false,
  message:
    "The kitchen's server can't be reached. Nothing is lost: this page still holds your changes.",
};

/**
 * Two pages changed the same thing of one cake: either may stay this cake, and the other is kept
 * beside it.
 */
export function ConflictNote({ name, state, dispatch, keepApart }: ConflictNoteProps) {
  const { units } = useUnits();
  const [isBusy, setIsBusy] = useState(false);
  const tell = useTell();
  const { conflict } = state;
  if (conflict === null) return null;

  async function settle(take: "mine" | "theirs"): Promise<void> {
    if (conflict === null) return;
    const apart =
      take === "mine"
        ? { doc: conflict.value, name: `${name}, other page ${clockText(conflict.at, units)}` }
        : { doc: state.value, name: `${name}, this page ${clockText(Date.now(), units)}` };
    setIsBusy(true);
    const kept = await keepApart(apart.name, apart.doc).catch(() => UNREACHABLE);
    setIsBusy(false);
    if (!kept.ok) {
      tell(kept.message);
      return;
    }
    dispatch({ type: "settled", take });
    tell(`The other is kept as “${apart.name}”.`);
  }

  return (
    <div
      role="alert"
      className="mb-3 rounded-panel border-[1.5px] border-tomato bg-white px-4 py-3"
    >
      <p className="font-semibold text-tomato">
        This cake was changed on another page at {clockText(conflict.at, units)}, in the same place
        as here.
      </p>
      <p className="text-[15px] text-ink-2">
        Choose which one stays this cake. The other is kept as a cake of its own, so nothing is
        lost.
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        <button
          type="button"
          className="button button-next"
          disabled={isBusy}
          onClick={() => void settle("mine")}
        >
          Stay with this page
        </button>
        <button
          type="button"
          className="button"
          disabled={isBusy}
          onClick={() => void settle("theirs")}
        >
          Take the other page&apos;s
        </button>
      </div>
    </div>
  );
}
