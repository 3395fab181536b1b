"use client";

import { useCallback } from "react";
import { parseISO } from "date-fns";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { Tag, Trash2 } from "lucide-react";
import { parsePortions, type Portions } from "@/core/freezer";
import { mergedFields } from "@/core/measure";
import { dayText } from "@/words/dates";
import { eatByText, portionsText } from "@/words/freezer";
import { ChangedElsewhere } from "../frame/changed-elsewhere";
import { DraftNote } from "../frame/draft-note";
import type { Outcome, SaveOutcome, Theirs } from "../frame/outcome";
import { SavedMark } from "../frame/saved-mark";
import { useTell } from "../frame/toasts";
import { useUnits } from "../frame/units";
import { useAutosave } from "../frame/use-autosave";
import { PortionsFields } from "./portions-fields";

const UNREACHABLE: Outcome = {
  ok: false,
  message: "The kitchen's server can't be reached. Try again.",
};

const mergedPortions = (base: Portions, mine: Portions, theirs: Portions): Portions | null =>
  mergedFields(base, mine, theirs)?.value ?? null;

type PortionsPageProps = {
  readonly id: string;
  readonly portions: Portions;
  readonly updatedAt: number;
  readonly version: number;
  /** The cake it is of, where that is still kept. */
  readonly cake: { readonly id: string; readonly name: string } | null;
  /** The newest page of the logbook about that cake. */
  readonly bake: { readonly id: string; readonly madeOn: string } | null;
  readonly today: string;
  readonly save: (id: string, portions: Portions, base: number) => Promise<SaveOutcome<Portions>>;
  readonly look: (id: string, version: number) => Promise<Theirs<Portions> | null>;
  readonly remove: (id: string) => Promise<Outcome>;
  readonly bringBack: (id: string) => Promise<Outcome>;
};

/** One thing that was put away; changes keep themselves. */
export function PortionsPage({
  id,
  portions: kept,
  updatedAt,
  version,
  cake,
  bake,
  today,
  save,
  look,
  remove,
  bringBack,
}: PortionsPageProps) {
  const { units } = useUnits();
  const tell = useTell();
  const router = useRouter();
  const [state, dispatch, draft] = useAutosave<Portions>(
    kept,
    updatedAt,
    useCallback((value: Portions, base: number) => save(id, value, base), [save, id]),
    { key: `portions ${id}`, parse: parsePortions },
    {
      version,
      merge: mergedPortions,
      look: useCallback((known: number) => look(id, known), [look, id]),
    },
  );
  const portions = state.value;
  const change = (changes: Partial<Portions>): void =>
    dispatch({
      type: "changed",
      change: (old) => ({ ...old, ...changes }),
      field: Object.keys(changes).join(),
    });

  async function takeAway(): Promise<void> {
    const outcome = await remove(id).catch(() => UNREACHABLE);
    if (!outcome.ok) {
      tell(outcome.message);
      return;
    }
    tell(`Deleted “${portions.name}”.`, {
      name: "Undo",
      run: () =>
        void bringBack(id)
          .catch(() => UNREACHABLE)
          .then((undone) => {
            if (undone.ok) router.push(`/freezer/${id}`);
            else tell(undone.message);
          }),
    });
    router.push("/freezer");
  }

  return (
    <>
      <div className="mt-2 mb-4 flex flex-wrap items-center gap-x-4 gap-y-2">
        <h1 className="min-w-48 flex-1 text-[27px]">
          <input
            className="w-full rounded-md bg-transparent hover:bg-paper"
            aria-label="Name"
            value={portions.name}
            maxLength={120}
            onChange={({ target }) => change({ name: target.value })}
          />
        </h1>
        <SavedMark state={state} dispatch={dispatch} />
        <Link className="button" href={`/freezer/labels?ids=${id}`}>
          <Tag size={17} aria-hidden /> Labels
        </Link>
        <button type="button" className="button" onClick={() => void takeAway()}>
          <Trash2 size={17} aria-hidden /> Delete
        </button>
      </div>
      <DraftNote draft={draft} />
      <ChangedElsewhere
        what="portions"
        state={state}
        dispatch={dispatch}
        other="Undo brings the other one back."
      />
      <p className="mb-3 text-[17px]">
        {portions.left === 0
          ? "All of it is eaten."
          : `${portionsText(portions.left, portions.what)} left, ${eatByText(portions, units, today)}.`}
        {cake !== null && (
          <>
            {" "}
            Of{" "}
            <Link className="underline underline-offset-4" href={`/cakes/${cake.id}`}>
              {cake.name}
            </Link>
            .
          </>
        )}
        {bake !== null && (
          <>
            {" "}
            <Link className="underline underline-offset-4" href={`/logbook/${bake.id}`}>
              How it was baked on {dayText(parseISO(bake.madeOn), "long", units)}
            </Link>
          </>
        )}
      </p>
      <section aria-label="What was put away" className="panel max-w-3xl px-5 py-4 max-sm:px-4">
        <PortionsFields portions={portions} hasLeft today={today} units={units} onChange={change} />
      </section>
    </>
  );
}
