"use client";

import { useRouter } from "next/navigation";
import { useCallback, type ReactNode } from "react";
import { Trash2 } from "lucide-react";
import * as z from "@/core/zod";
import {
  AIRS,
  DialSchema,
  KitchenOvenSchema,
  OVEN_SOURCES,
  ShelfSchema,
  type KitchenOven,
} from "@/core/bake";
import {
  mergedFields,
  mergedValue,
  parseWith,
  readAmount,
  readLengthMm,
  readMinutes,
  type Result,
} from "@/core/measure";
import { lengthText, minutesText, type Units } from "@/words";
import { AIR_NAMES, DIAL_NAMES, SOURCE_NAMES } from "@/words/bakes";
import type { OvenChoice, TinChoice } from "../frame/choices";
import { Choice } from "../frame/field";
import { KeptBox } from "../frame/kept-box";
import { ChangedElsewhere } from "../frame/changed-elsewhere";
import { DraftNote } from "../frame/draft-note";
import type { Outcome, SaveOutcome, Theirs } from "../frame/outcome";
import { SavedMark } from "../frame/saved-mark";
import { useTell } from "../frame/toasts";
import { useSay, useUnits } from "../frame/units";
import { useAutosave } from "../frame/use-autosave";
import { Readings } from "./readings";
import { ShelfTrial } from "./shelf-trial";

const UNREACHABLE: Outcome = {
  ok: false,
  message: "The kitchen's server can't be reached. Try again.",
};

/** Two changes of one oven: its name and each thing about it by itself. */
function mergedOven(base: OvenChoice, mine: OvenChoice, theirs: OvenChoice): OvenChoice | null {
  const name = mergedValue(base.name, mine.name, theirs.name);
  const spec = mergedFields(base.spec, mine.spec, theirs.spec);
  return name === null || spec === null ? null : { ...mine, name: name.value, spec: spec.value };
}

const OvenChoiceSchema = z.strictObject({
  id: z.string(),
  name: z.string(),
  spec: KitchenOvenSchema,
});
const parseOvenChoice = (input: unknown): Result<OvenChoice> => parseWith(OvenChoiceSchema, input);

type OvenPageProps = {
  readonly oven: OvenChoice;
  readonly updatedAt: number;
  readonly tins: readonly TinChoice[];
  readonly version: number;
  readonly save: (oven: OvenChoice, base: number) => Promise<SaveOutcome<OvenChoice>>;
  readonly look: (id: string, version: number) => Promise<Theirs<OvenChoice> | null>;
  readonly remove: (id: string) => Promise<Outcome>;
  readonly bringBack: (id: string) => Promise<Outcome>;
};

/**
 * One oven: what it is, what a thermometer says of it, and what goes onto its shelf; changes keep
 * themselves.
 */
export function OvenPage({
  oven,
  updatedAt,
  version,
  tins,
  save,
  look,
  remove,
  bringBack,
}: OvenPageProps) {
  const { units } = useUnits();
  const tell = useTell();
  const router = useRouter();
  const { id } = oven;
  const [state, dispatch, draft] = useAutosave<OvenChoice>(
    oven,
    updatedAt,
    save,
    { key: `oven ${id}`, parse: parseOvenChoice },
    {
      version,
      merge: mergedOven,
      look: useCallback((known: number) => look(id, known), [look, id]),
    },
  );
  const { name, spec } = state.value;
  const change = (changes: Partial<KitchenOven>, field = Object.keys(changes).join()): void =>
    dispatch({
      type: "changed",
      change: (old) => ({ ...old, spec: { ...old.spec, ...changes } }),
      field,
    });

  async function takeOut(): Promise<void> {
    const outcome = await remove(oven.id).catch(() => UNREACHABLE);
    if (!outcome.ok) {
      tell(outcome.message);
      return;
    }
    tell(`Took out “${name}”.`, {
      name: "Undo",
      run: () => void bringBack(oven.id).then(() => router.refresh()),
    });
    router.push("/ovens");
  }

  return (
    <>
      <div className="mt-2 mb-4 flex flex-wrap items-center gap-x-4 gap-y-2">
        <h1 className="min-w-48 flex-1 text-[27px]">
          <input
            className="w-full rounded-md bg-transparent hover:bg-paper"
            aria-label="Name of the oven"
            value={name}
            maxLength={80}
            onChange={(event) => {
              const { value } = event.target;
              dispatch({
                type: "changed",
                change: (old) => ({ ...old, name: value }),
                field: "name",
              });
            }}
          />
        </h1>
        <SavedMark state={state} dispatch={dispatch} />
        <button type="button" className="button" onClick={() => void takeOut()}>
          <Trash2 size={17} aria-hidden /> Delete
        </button>
      </div>
      <DraftNote draft={draft} />
      <ChangedElsewhere
        what="oven"
        state={state}
        dispatch={dispatch}
        other="Undo brings the other one back."
      />
      <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
        <Readings
          spec={spec}
          units={units}
          onChange={(readings) =>
            change({ readings: [...readings] }, `readings-${readings.length}`)
          }
        />
        <div className="space-y-4">
          <ShelfTrial spec={spec} tins={tins} />
          <OvenFields spec={spec} units={units} onChange={change} />
        </div>
      </div>
    </>
  );
}

/** What kind of oven it is; a box keeps what was typed until it can be read. */
function OvenFields({
  spec,
  units,
  onChange,
}: {
  readonly spec: KitchenOven;
  readonly units: Units;
  readonly onChange: (changes: Partial<KitchenOven>, field?: string) => void;
}) {
  const say = useSay();
  const { shelf, dial } = spec;
  const length = (text: string): number | null =>
    readLengthMm(text, units.measure === "us" ? "in" : "cm");
  return (
    <section
      aria-label="About this oven"
      className="panel flex flex-wrap items-start gap-3 px-4 py-4"
    >
      <Labelled label="Heated by">
        <Choice
          label="Heated by"
          className="field pr-1"
          value={spec.source}
          choices={OVEN_SOURCES.map((each) => [each, say(SOURCE_NAMES[each])] as const)}
          onChange={(source) => onChange({ source })}
        />
      </Labelled>
      <Labelled label="Its air">
        <Choice
          label="Its air"
          className="field pr-1"
          value={spec.air}
          choices={AIRS.map((each) => [each, say(AIR_NAMES[each])] as const)}
          onChange={(air) => onChange({ air })}
        />
      </Labelled>
      <Labelled label="Dial marked in">
        <Choice
          label="Dial marked in"
          className="field pr-1"
          value={dial.scale}
          choices={(["C", "F", "gas"] as const).map((each) => [each, DIAL_NAMES[each]] as const)}
          onChange={(scale) => onChange({ dial: { scale, step: { C: 5, F: 25, gas: 1 }[scale] } })}
        />
      </Labelled>
      {dial.scale !== "gas" && (
        <KeptBox
          units={units}
          label="Marks apart"
          path="step"
          text={String(dial.step)}
          read={amount}
          schema={DialSchema.shape.step}
          onKeep={(step) => onChange({ dial: { ...dial, step } })}
        />
      )}
      <KeptBox
        units={units}
        label="Warm in"
        path="warmUpMin"
        text={minutesText(Math.round(spec.warmUpMin))}
        read={readMinutes}
        schema={KitchenOvenSchema.shape.warmUpMin}
        onKeep={(warmUpMin) => onChange({ warmUpMin })}
      />
      <KeptBox
        units={units}
        label="Shelf across"
        path="widthMm"
        text={lengthText(shelf.widthMm, units)}
        read={length}
        schema={ShelfSchema.shape.widthMm}
        onKeep={(widthMm) => onChange({ shelf: { ...shelf, widthMm } }, "widthMm")}
      />
      <KeptBox
        units={units}
        label="Front to back"
        path="depthMm"
        text={lengthText(shelf.depthMm, units)}
        read={length}
        schema={ShelfSchema.shape.depthMm}
        onKeep={(depthMm) => onChange({ shelf: { ...shelf, depthMm } }, "depthMm")}
      />
      <KeptBox
        units={units}
        label="Space above a shelf"
        path="clearMm"
        text={lengthText(shelf.clearMm, units)}
        read={length}
        schema={ShelfSchema.shape.clearMm}
        onKeep={(clearMm) => onChange({ shelf: { ...shelf, clearMm } }, "clearMm")}
      />
      <Labelled label="Shelves baked on at once">
        <Choice
          label="Shelves baked on at once"
          className="field pr-1"
          value={String(shelf.atOnce)}
          choices={["1", "2", "3", "4"].map((each) => [each, each] as const)}
          onChange={(atOnce) => onChange({ shelf: { ...shelf, atOnce: Number(atOnce) } }, "atOnce")}
        />
      </Labelled>
    </section>
  );
}

function amount(text: string): number | null {
  const read = readAmount(text);
  return read === null || !/^(?:°?\s*[cf]?)?$/iu.test(read.rest.trim()) ? null : read.value;
}

function Labelled({ label, children }: { readonly label: string; readonly children: ReactNode }) {
  return (
    <label className="min-w-36 flex-1">
      <span className="label block">{label}</span>
      {children}
    </label>
  );
}
