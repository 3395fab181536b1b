import { clockText, dayText } from "@/words/dates";
import { useUnits } from "./units";
import type { EarlierDraft } from "./use-autosave";

/**
 * Something typed at an earlier visit was never kept: it is offered, and nothing is done with it
 * unasked.
 */
export function DraftNote({ draft }: { readonly draft: EarlierDraft | null }) {
  const { units } = useUnits();
  if (draft === null) return null;
  const when = `${dayText(new Date(draft.at), "short", units)}, ${clockText(draft.at, units)}`;
  return (
    <div
      role="status"
      className="no-print mb-3 flex flex-wrap items-center gap-x-4 gap-y-2 rounded-panel border-[1.5px] border-yolk bg-yolk-soft px-4 py-2.5"
    >
      <p className="font-semibold">
        What you changed here last ({when}) was not kept: the page was closed, or the kitchen could
        not be reached.
      </p>
      <span className="flex gap-2">
        <button type="button" className="button button-next" onClick={draft.putBack}>
          Put it back
        </button>
        <button type="button" className="button" onClick={draft.throwAway}>
          Throw it away
        </button>
      </span>
    </div>
  );
}
