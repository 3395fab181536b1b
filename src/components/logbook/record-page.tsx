"use client";

import Link from "next/link";
import { useRouter } from "next/navigation";
import { useCallback } from "react";
import { Trash2 } from "lucide-react";
import * as z from "@/core/zod";
import {
  COUNTINGS,
  lostShare,
  mergedRecord,
  parseRecord,
  RecordSchema,
  whyNotCounted,
  type BakeRecord,
} from "@/core/logbook";
import { good, parseWith, type Result } from "@/core/measure";
import { heatText, minutesText } from "@/words";
import {
  bakedAtText,
  COUNTING_NAMES,
  lookSeenText,
  lostText,
  notCountedText,
  wantedText,
} from "@/words/logbook";
import { Choice, ProseBox } from "../frame/field";
import { ChangedElsewhere } from "../frame/changed-elsewhere";
import { DraftNote } from "../frame/draft-note";
import type { KeptOutcome, Outcome, SaveOutcome, Theirs } from "../frame/outcome";
import { SavedMark } from "../frame/saved-mark";
import { useTell } from "../frame/toasts";
import { useSay, useUnits } from "../frame/units";
import { useAutosave } from "../frame/use-autosave";
import { MinutesLine } from "./minutes-line";
import { Pictures } from "./pictures";
import { VerdictChoice } from "./verdict-choice";
import type { RecordChoice } from "./record-choice";
import {
  ToldRow,
  GramsBox,
  MinutesBox,
  NextTimeBox,
  OvenHeatBoxes,
  RecordedTinBoxes,
} from "./record-fields";
import { Tick } from "../frame/tick";

const UNREACHABLE: Outcome & { readonly ok: false } = {
  ok: false,
  message: "The kitchen's server can't be reached. Try again.",
};

function merged(base: RecordChoice, mine: RecordChoice, theirs: RecordChoice): RecordChoice | null {
  const record = mergedRecord(base.record, mine.record, theirs.record);
  return record === null ? null : { ...mine, record };
}

const PageSchema = z.strictObject({ id: z.string(), record: z.unknown() });
function parsePage(input: unknown): Result<RecordChoice> {
  const page = parseWith(PageSchema, input);
  if (!page.ok) return page;
  const record = parseRecord(page.value.record);
  return record.ok ? good({ id: page.value.id, record: record.value }) : record;
}

type RecordPageProps = {
  readonly page: RecordChoice;
  readonly version: number;
  readonly updatedAt: number;
  /** The cake and the bake it came from, where they are still there. */
  readonly cakeId: string | null;
  readonly save: (page: RecordChoice, base: number) => Promise<SaveOutcome<RecordChoice>>;
  readonly look: (id: string, version: number) => Promise<Theirs<RecordChoice> | null>;
  readonly remove: (id: string) => Promise<Outcome>;
  readonly bringBack: (id: string) => Promise<Outcome>;
  /** Plans a cake just like this bake. */
  readonly again: (id: string) => Promise<KeptOutcome>;
};

/** One bake: what was planned, what happened, and what she makes of it. All of it can be put right. */
export function RecordPage(props: RecordPageProps) {
  const say = useSay();
  const { page, version, updatedAt, cakeId, save, look, remove, bringBack, again } = props;
  const { units } = useUnits();
  const tell = useTell();
  const router = useRouter();
  const { id } = page;
  const [state, dispatch, draft] = useAutosave<RecordChoice>(
    page,
    updatedAt,
    save,
    { key: `page ${id}`, parse: parsePage },
    { version, merge: merged, look: useCallback((known: number) => look(id, known), [look, id]) },
  );
  const { record } = state.value;
  const change = (changes: Partial<BakeRecord>, field = Object.keys(changes).join()): void =>
    dispatch({
      type: "changed",
      change: (old) => ({ ...old, record: { ...old.record, ...changes } }),
      field,
    });

  async function takeOut(): Promise<void> {
    const outcome = await remove(id).catch(() => UNREACHABLE);
    if (!outcome.ok) {
      tell(outcome.message);
      return;
    }
    tell(`Deleted “${record.name}” from the logbook.`, {
      name: "Undo",
      run: () => void bringBack(id).then(() => router.refresh()),
    });
    router.push("/logbook");
  }

  async function bakeAgain(): Promise<void> {
    const kept = await again(id).catch((): KeptOutcome => UNREACHABLE);
    if (kept.ok) router.push(`/cakes/${kept.id}`);
    else tell(kept.message);
  }

  const untaught = notCountedText(whyNotCounted(record));
  return (
    <>
      <div className="mt-2 mb-4 flex flex-wrap items-center gap-x-4 gap-y-2">
        <h1 className="min-w-48 flex-1 text-[27px]">
          <input
            className="w-full rounded-md bg-transparent hover:bg-paper"
            aria-label="Name of the bake"
            value={record.name}
            maxLength={200}
            onChange={(event) => change({ name: event.target.value })}
          />
        </h1>
        <SavedMark state={state} dispatch={dispatch} />
        {cakeId !== null && (
          <Link className="button" href={`/cakes/${cakeId}`}>
            Its cake
          </Link>
        )}
        <button type="button" className="button" onClick={() => void bakeAgain()}>
          Bake it like this again
        </button>
        <button type="button" className="button" onClick={() => void takeOut()}>
          <Trash2 size={17} aria-hidden /> Delete
        </button>
      </div>
      <DraftNote draft={draft} />
      <ChangedElsewhere
        what="page"
        state={state}
        dispatch={dispatch}
        other="Undo brings the other one back."
      />
      <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
        <section aria-label="How it came out" className="panel space-y-4 px-5 py-4 max-sm:px-4">
          <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
            <p className="figure-text text-[40px] leading-none">
              {record.minutes === null ? "—" : minutesText(record.minutes)}
            </p>
            <div>
              <MinutesLine record={record} />
              {record.forecast !== null && (
                <p className="text-[14px] text-ink-2">
                  forecast {minutesText(record.forecast.likelyMin)}, {record.forecast.firstLookMin}{" "}
                  to {minutesText(record.forecast.notPastMin)}
                </p>
              )}
            </div>
          </div>
          <VerdictChoice
            label="The middle came out"
            value={record.verdict}
            onChange={(verdict) => change({ verdict })}
          />
          <div className="flex flex-wrap gap-3">
            <MinutesBox
              label="Minutes in the oven"
              path="minutes"
              value={record.minutes}
              schema={RecordSchema.shape.minutes}
              units={units}
              onKeep={(minutes) => change({ minutes })}
            />
            <NextTimeBox
              value={record.nextTimeMin}
              units={units}
              onKeep={(nextTimeMin) => change({ nextTimeMin, isSettled: false }, "nextTimeMin")}
            />
          </div>
          <ProseBox
            label="Change next time"
            value={record.change}
            onChange={(text) => change({ change: text, isSettled: false }, "change")}
          />
          <ProseBox label="Taste" value={record.taste} onChange={(taste) => change({ taste })} />
          <ProseBox label="Notes" value={record.notes} onChange={(notes) => change({ notes })} />
          {wantedText(record) !== "" && (
            <Tick
              className="min-h-11 text-[15px]"
              checked={record.isSettled}
              onChange={(isOn) => change({ isSettled: isOn })}
            >
              what I wanted is seen to; don&apos;t say it again
            </Tick>
          )}
        </section>
        <div className="space-y-4">
          <section aria-label="What it was" className="panel px-5 py-4 max-sm:px-4">
            <dl className="grid grid-cols-[auto_minmax(0,1fr)] gap-x-4 gap-y-1 text-[15px]">
              <ToldRow name="Recipe">
                {record.recipe.id === "" ? (
                  record.recipe.name || "none"
                ) : (
                  <Link
                    className="underline underline-offset-2"
                    href={`/recipes/${record.recipe.id}`}
                  >
                    {record.recipe.name}
                  </Link>
                )}
                {timesMade(record.scale)}
              </ToldRow>
              <ToldRow name="Baked at">{bakedAtText(record, units)}</ToldRow>
              {record.readC.length > 0 && (
                <ToldRow name="Read in the oven">
                  {[Math.min(...record.readC), Math.max(...record.readC)]
                    .map((tempC) => heatText(tempC, units))
                    .join(" to ")}
                </ToldRow>
              )}
              {record.coreC !== null && (
                <ToldRow name="Middle, last read">{heatText(record.coreC, units)}</ToldRow>
              )}
              {record.handsMin.took !== null && (
                <ToldRow name="Hands">
                  {minutesText(record.handsMin.took)}
                  {record.handsMin.planned === null
                    ? ""
                    : `, ${minutesText(record.handsMin.planned)} planned`}
                </ToldRow>
              )}
            </dl>
            <div className="mt-3 flex flex-wrap gap-3">
              <label className="min-w-36 flex-1">
                <span className="label block">Baked on</span>
                <input
                  type="date"
                  className="field"
                  value={record.madeOn}
                  onChange={(event) => {
                    if (event.target.value !== "") change({ madeOn: event.target.value });
                  }}
                />
              </label>
              <OvenHeatBoxes record={record} units={units} onChange={change} />
              <GramsBox
                label="Batter in all"
                path="massBeforeG"
                value={record.massBeforeG}
                units={units}
                onKeep={(massBeforeG) => change({ massBeforeG })}
              />
              <GramsBox
                label="Cake weighed, cold"
                path="massAfterG"
                value={record.massAfterG}
                units={units}
                onKeep={(massAfterG) => change({ massAfterG })}
              />
            </div>
            <p className="pt-1 text-[14px] text-ink-2">{lossText(record)}</p>
            <div className="mt-2 flex flex-wrap gap-3">
              {(["askedG", "usedG", "leftG"] as const).map((which) => (
                <GramsBox
                  key={which}
                  label={say(FROSTING[which])}
                  path={which}
                  value={record.frosting[which]}
                  units={units}
                  onKeep={(value) =>
                    change({ frosting: { ...record.frosting, [which]: value } }, which)
                  }
                />
              ))}
            </div>
          </section>
          <section aria-label={say`Tin by tin`} className="panel px-5 py-4 max-sm:px-4">
            <h2 className="text-[17px]">{say`Tin by tin`}</h2>
            {record.tins.map((tin, at) => (
              <RecordedTinBoxes
                key={at}
                tin={tin}
                units={units}
                onChange={(changes, field) =>
                  change(
                    {
                      tins: record.tins.map((each, place) =>
                        place === at ? { ...each, ...changes } : each,
                      ),
                    },
                    `tin-${at}-${field}`,
                  )
                }
              />
            ))}
          </section>
          {record.looks.length > 0 && (
            <section aria-label="Looks" className="panel px-5 py-4 max-sm:px-4">
              <h2 className="text-[17px]">At each look</h2>
              <ol className="text-[15px]">
                {record.looks.map(({ atMin, tin, look: seen, moreMin }, at) => (
                  <li
                    key={at}
                    className="flex gap-3 border-t-[1.5px] border-line py-1 first:border-t-0"
                  >
                    <span className="w-16 font-semibold whitespace-nowrap">
                      {minutesText(atMin)}
                    </span>
                    <span>
                      {tin === null ? "" : say`tin ${tin + 1}: `}
                      {lookSeenText(seen, units)}
                      {moreMin === null ? ", taken out" : `, ${minutesText(moreMin)} more`}
                    </span>
                  </li>
                ))}
              </ol>
            </section>
          )}
          <Pictures
            pictures={record.pictures}
            name={record.name}
            onChange={(of) =>
              dispatch({
                type: "changed",
                change: (old) => ({
                  ...old,
                  record: { ...old.record, pictures: of(old.record.pictures) },
                }),
                field: `pictures-${record.pictures.length}`,
              })
            }
          />
          <section aria-label="What it teaches" className="panel px-5 py-4 max-sm:px-4">
            <label className="block">
              <span className="label block">What it teaches</span>
              <Choice
                label="What it teaches"
                className="field pr-1"
                value={record.counts}
                choices={COUNTINGS.map((each) => [each, COUNTING_NAMES[each]] as const)}
                onChange={(counts) => change({ counts })}
              />
            </label>
            <p className="pt-1.5 text-[14px] text-ink-2">
              {untaught ?? "It counts where you take your bakes into a cake's minutes, at Bake."}
            </p>
          </section>
        </div>
      </div>
    </>
  );
}

/** How often the recipe was made, where that was not once. */
const timesMade = (scale: number): string =>
  Math.abs(scale - 1) < 0.005 ? "" : `, made ${Number(scale.toFixed(2))} times`;

const FROSTING = {
  askedG: "Frosting worked out",
  usedG: "Frosting used",
  leftG: "Frosting left",
} as const;

/** What the oven took of its weight; usual for a layer are 9 to 11 %. */
function lossText(record: BakeRecord): string {
  const lost = lostShare(record);
  if (lost === null) return "";
  return lost < 0
    ? "It weighs more than its batter: one of the two is wrong."
    : `It lost ${lostText(record)} in the oven.`;
}
