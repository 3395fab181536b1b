import { Check, Redo2, Undo2 } from "lucide-react";
import { clockText } from "@/words/dates";
import { useUnits } from "./units";
import type { SaveAction, SaveState } from "./autosave";

/** When something was last saved, or what keeps it from being; with the ways back and forward. */
export function SavedMark<T>({
  state,
  dispatch,
}: {
  readonly state: SaveState<T>;
  readonly dispatch: (action: SaveAction<T>) => void;
}) {
  return (
    <div className="no-print flex items-center gap-1.5">
      <SavedText state={state} />
      <button
        type="button"
        className="button !px-2.5"
        aria-label="Undo"
        disabled={state.past.length === 0}
        onClick={() => dispatch({ type: "undone" })}
      >
        <Undo2 size={17} aria-hidden />
      </button>
      <button
        type="button"
        className="button !px-2.5"
        aria-label="Redo"
        disabled={state.future.length === 0}
        onClick={() => dispatch({ type: "redone" })}
      >
        <Redo2 size={17} aria-hidden />
      </button>
    </div>
  );
}

function SavedText<T>({ state }: { readonly state: SaveState<T> }) {
  const { units } = useUnits();
  if (state.trouble !== null) {
    return (
      <p role="status" className="font-semibold text-tomato">
        Not saved yet: {state.trouble}. Trying again; keep this page open.
      </p>
    );
  }
  if (state.conflict !== null)
    return (
      <p role="status" className="font-semibold text-tomato">
        Not saved: changed on another page too
      </p>
    );
  if (state.value !== state.saved)
    return (
      <p role="status" className="text-ink-2">
        Saving…
      </p>
    );
  return (
    <p role="status" className="flex items-center gap-1 whitespace-nowrap text-ink-2">
      <Check size={17} aria-hidden /> Saved{" "}
      {/* Nothing is known of when a thing was kept before that was noted. */}
      {state.savedAt > 0 && (
        <time dateTime={new Date(state.savedAt).toISOString()} suppressHydrationWarning>
          {clockText(state.savedAt, units)}
        </time>
      )}
    </p>
  );
}
