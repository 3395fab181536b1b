"use client";

import Link from "next/link";
import { useRouter } from "next/navigation";
import { useCallback, useMemo, useRef, useState } from "react";
import { Trash2 } from "lucide-react";
import * as z from "@/core/zod";
import { FIRST_QUESTION } from "@/core/ask";
import { good, mergedFields, mergedValue, parseWith, type Result } from "@/core/measure";
import {
  brimVolume,
  readTinForm,
  tinForm,
  tinGeometry,
  volumeTrust,
  writeTin,
  type Tin,
  type TinForm,
  type TinGeometry,
} from "@/core/tin";
import { brimText, issueText, trustText, type Say, type Units } from "@/words";
import { askHref } from "../ask/ask-address";
import type { TinChoice } from "../frame/choices";
import { Field } from "../frame/field";
import { ChangedElsewhere } from "../frame/changed-elsewhere";
import { DraftNote } from "../frame/draft-note";
import type { KeptOutcome, Outcome, SaveOutcome, Theirs } from "../frame/outcome";
import { SavedMark } from "../frame/saved-mark";
import { useTell } from "../frame/toasts";
import { useSay, useUnits } from "../frame/units";
import { useAutosave } from "../frame/use-autosave";
import { plainName } from "./add-tin";
import { LinerList } from "./liner-list";
import { TinDrawing } from "./tin-drawing";
import { TinFields } from "./tin-fields";

/** A tin as it is being described: its boxes as they were written. */
type TinDraft = { readonly name: string; readonly owned: string; readonly form: TinForm };

type Read = {
  readonly tin: Tin | null;
  readonly geometry: TinGeometry | null;
  readonly issue: ReturnType<typeof issueOf>;
  readonly owned: number | null;
};

const OWNED = { min: 1, max: 99 } as const;
const UNREACHABLE: Outcome = {
  ok: false,
  message: "The kitchen's server can't be reached. Try again.",
};

function issueOf(result: ReturnType<typeof readTinForm>) {
  return result.ok ? null : result.issue;
}

function useRead(draft: TinDraft, units: Units): Read {
  return useMemo(() => {
    const tin = readTinForm(draft.form, units.measure);
    const geometry = tin.ok ? tinGeometry(tin.value) : tin;
    return {
      tin: tin.ok ? tin.value : null,
      geometry: geometry.ok ? geometry.value : null,
      issue: issueOf(tin),
      owned: ownedOf(draft.owned),
    };
  }, [draft, units]);
}

/** How many of a tin there are; null for what is no such number. */
function ownedOf(text: string): number | null {
  const owned = /^\s*\d{1,4}\s*$/u.test(text) ? Number(text) : Number.NaN;
  return owned >= OWNED.min && owned <= OWNED.max ? owned : null;
}

function ownedProblem(text: string, owned: number | null, say: Say): string | null {
  return owned === null ? say`“${text.trim()}” of one tin: ${OWNED.min} to ${OWNED.max}.` : null;
}

type OneTinProps = {
  readonly tin: TinChoice & { readonly updatedAt: number; readonly version: number };
  readonly save: (tin: TinChoice, base: number) => Promise<SaveOutcome<TinChoice>>;
  readonly look: (id: string, version: number) => Promise<Theirs<TinChoice> | null>;
  readonly remove: (id: string) => Promise<Outcome>;
  readonly bringBack: (id: string) => Promise<Outcome>;
};

/** One tin of the cupboard, described and drawn, with its paper lining; changes keep themselves. */
export function OneTin({ tin, save, look, remove, bringBack }: OneTinProps) {
  const say = useSay();
  const { units } = useUnits();
  const tell = useTell();
  const router = useRouter();
  const { id } = tin;
  const kept = useRef({ tin: tin.tin, owned: tin.owned });
  const keep = useCallback(
    async ({ name, owned, form }: TinDraft, base: number): Promise<SaveOutcome<TinDraft>> => {
      const read = readTinForm(form, units.measure);
      // A box that can't be read yet does not hold up the others: they are kept with the tin as it
      // was.
      const count = ownedOf(owned);
      const next = {
        tin: read.ok ? read.value : kept.current.tin,
        owned: count ?? kept.current.owned,
      };
      const outcome = await save({ id, name, ...next }, base);
      const problem = read.ok ? ownedProblem(owned, count, say) : issueText(read.issue, units);
      if (outcome.ok) {
        kept.current = next;
        return problem === null
          ? outcome
          : { ok: false, message: problem, keptAs: outcome.version };
      }
      return {
        ok: false,
        message: outcome.message,
        ...(outcome.theirs === undefined ? {} : { theirs: draftFrom(outcome.theirs, units) }),
      };
    },
    [id, save, units, say],
  );
  const [state, dispatch, draftNote] = useAutosave<TinDraft>(
    { name: tin.name, owned: String(tin.owned), form: tinForm(tin.tin, units.measure) },
    tin.updatedAt,
    keep,
    { key: `tin ${id}`, parse: parseTinDraft },
    {
      version: tin.version,
      merge: mergedTin,
      look: useCallback(
        async (known: number) => {
          const theirs = await look(id, known);
          return theirs === null ? null : draftFrom(theirs, units);
        },
        [look, id, units],
      ),
    },
  );
  const draft = state.value;
  const read = useRead(draft, units);
  const change = (changes: Partial<TinDraft>, field: string): void =>
    dispatch({ type: "changed", change: (old) => ({ ...old, ...changes }), field });

  async function takeOut(): Promise<void> {
    const outcome = await remove(id).catch(() => UNREACHABLE);
    if (!outcome.ok) {
      tell(outcome.message);
      return;
    }
    tell(`Took out “${draft.name}”.`, {
      name: "Undo",
      run: () => void bringBack(id).then(() => router.refresh()),
    });
    router.push("/tins");
  }

  return (
    <>
      <div className="mt-2 mb-4 flex flex-wrap items-center gap-x-4 gap-y-2">
        <h1 className="min-w-48 flex-1 text-[27px]">
          <input
            className="w-full rounded-md bg-transparent hover:bg-paper"
            aria-label={say`Name of the tin`}
            value={draft.name}
            maxLength={80}
            onChange={(event) => change({ name: event.target.value }, "name")}
          />
        </h1>
        <SavedMark state={state} dispatch={dispatch} />
        <button type="button" className="button" onClick={() => void takeOut()}>
          <Trash2 size={17} aria-hidden /> Delete
        </button>
      </div>
      <DraftNote draft={draftNote} />
      <ChangedElsewhere
        what={say`tin`}
        state={state}
        dispatch={dispatch}
        other="Undo brings the other one back."
      />
      <Described draft={draft} read={read} units={units} onChange={change} />
    </>
  );
}

/** Another page's tin, in boxes. */
function draftFrom({ value, ...rest }: Theirs<TinChoice>, units: Units): Theirs<TinDraft> {
  return {
    ...rest,
    value: {
      name: value.name,
      owned: String(value.owned),
      form: tinForm(value.tin, units.measure),
    },
  };
}

/** Two changes of one tin, box by box. */
function mergedTin(base: TinDraft, mine: TinDraft, theirs: TinDraft): TinDraft | null {
  const [name, owned] = [
    mergedValue(base.name, mine.name, theirs.name),
    mergedValue(base.owned, mine.owned, theirs.owned),
  ];
  const form = mergedFields(base.form, mine.form, theirs.form);
  return name === null || owned === null || form === null
    ? null
    : { name: name.value, owned: owned.value, form: form.value };
}

const TinDraftSchema = z.object({
  name: z.string(),
  owned: z.string(),
  form: z.looseObject({ shape: z.string() }),
});

/** Boxes as the browser kept them; what is in them is read as ever. */
function parseTinDraft(input: unknown): Result<TinDraft> {
  const parsed = parseWith(TinDraftSchema, input);
  return parsed.ok ? good(parsed.value as unknown as TinDraft) : parsed;
}

type NewTinProps = {
  readonly tin: Tin;
  readonly keep: (tin: Omit<TinChoice, "id">) => Promise<KeptOutcome>;
};

/** A tin that is not in the cupboard yet. */
export function NewTin({ tin, keep }: NewTinProps) {
  const say = useSay();
  const { units } = useUnits();
  const tell = useTell();
  const router = useRouter();
  const [draft, setDraft] = useState<TinDraft>({
    name: "",
    owned: "1",
    form: tinForm(tin, units.measure),
  });
  const [isBusy, setIsBusy] = useState(false);
  const read = useRead(draft, units);
  const suggested =
    read.tin === null
      ? ""
      : plainName({ ...read.tin, ...(read.tin.shape === "well" ? {} : { count: 1 }) }, units);

  async function put(): Promise<void> {
    if (read.tin === null || read.owned === null) {
      tell(
        read.issue === null ? "Say how many of it you own: 1 to 99." : issueText(read.issue, units),
      );
      return;
    }
    setIsBusy(true);
    const kept = await keep({
      name: draft.name.trim() === "" ? suggested : draft.name,
      tin: read.tin,
      owned: read.owned,
    }).catch((): KeptOutcome => ({
      ok: false,
      message: say`The kitchen's server can't be reached. The tin is still here; try again.`,
    }));
    setIsBusy(false);
    if (kept.ok) router.push(`/tins/${kept.id}`);
    else tell(kept.message);
  }

  return (
    <>
      <div className="mt-2 mb-4 flex flex-wrap items-center gap-x-4 gap-y-2">
        <h1 className="flex-1 text-[27px]">{say`A tin for the cupboard`}</h1>
        <Link href="/tins" className="button">
          Not now
        </Link>
        <button
          type="button"
          className="button button-next"
          disabled={isBusy}
          onClick={() => void put()}
        >
          {isBusy ? "Putting it in…" : "Put it in the cupboard"}
        </button>
      </div>
      <Described
        draft={draft}
        read={read}
        units={units}
        nameHint={suggested}
        onChange={(changes) => setDraft((old) => ({ ...old, ...changes }))}
      />
    </>
  );
}

type DescribedProps = {
  readonly draft: TinDraft;
  readonly read: Read;
  readonly units: Units;
  /** What an unnamed tin will be called; a tin that has its name in the heading has none. */
  readonly nameHint?: string;
  readonly onChange: (changes: Partial<TinDraft>, field: string) => void;
};

function Described({ draft, read, units, nameHint, onChange }: DescribedProps) {
  const say = useSay();
  const { geometry, tin } = read;
  const [last, setLast] = useState(geometry);
  if (geometry !== null && geometry !== last) setLast(geometry);
  const shown = geometry ?? last;
  return (
    <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
      <div className="panel space-y-3 px-4 py-4 lg:order-2">
        <div className="flex flex-wrap items-start gap-2">
          {nameHint !== undefined && (
            <div className="flex min-w-44 flex-[2]">
              <Field
                label="Name"
                value={draft.name}
                onChange={(name) => onChange({ name }, "name")}
                placeholder={nameHint}
              />
            </div>
          )}
          <div className="flex max-w-40 min-w-28 flex-1">
            <Field
              label="How many you own"
              value={draft.owned}
              onChange={(owned) => onChange({ owned }, "owned")}
              problem={ownedProblem(draft.owned, read.owned, say)}
            />
          </div>
        </div>
        <TinFields
          form={draft.form}
          issue={read.issue}
          units={units}
          onChange={(changes, field) => onChange({ form: { ...draft.form, ...changes } }, field)}
        />
      </div>
      <div className="space-y-4">
        <section
          aria-label={say`The tin drawn`}
          className={`panel px-4 pt-4 pb-3 ${geometry === null ? "opacity-50" : ""}`}
        >
          {shown === null ? (
            <p className="py-10 text-center text-ink-2">
              It is drawn here once its sizes are known.
            </p>
          ) : (
            <TinDrawing geometry={shown} units={units} />
          )}
          {shown !== null && (
            <div className="pt-3">
              <p className="figure-text text-[23px]">{brimText(shown, brimVolume(shown), units)}</p>
              <p className="text-[15px] text-ink-2">
                {tin === null
                  ? "as it was before the last change"
                  : trustText(volumeTrust(tin), units)}
              </p>
              {tin !== null && (
                <p className="pt-2">
                  <Link
                    className="button"
                    href={askHref({ ...FIRST_QUESTION, tins: [writeTin(tin)] })}
                  >
                    {say`A recipe into this tin`}
                  </Link>
                </p>
              )}
            </div>
          )}
        </section>
        {shown !== null && <LinerList geometry={shown} units={units} />}
      </div>
    </div>
  );
}
