"use client";

import Link from "next/link";
import { parseISO } from "date-fns";
import { Plus, Scale } from "lucide-react";
import { group } from "d3-array";
import { debounce, parseAsInteger, parseAsString, useQueryStates } from "nuqs";
import { useState, useTransition } from "react";
import { BAKE_VERDICTS } from "@/core/logbook";
import { CAME_OUT, cameOutText, recordDay, recordTins, wantedText } from "@/words/logbook";
import { monthText } from "@/words/dates";
import { Field, LabelledChoice } from "../frame/field";
import { useUnits } from "../frame/units";
import { OverTime } from "./over-time";
import { MinutesLine } from "./minutes-line";
import type { RecordChoice } from "./record-choice";

type LogbookListProps = {
  readonly records: readonly RecordChoice[];
  readonly total: number;
  readonly choices: {
    readonly recipes: readonly { readonly key: string; readonly name: string }[];
    readonly ovens: readonly string[];
  };
  readonly isNarrowed: boolean;
  readonly pages: number;
};

const SEARCH_AFTER_MS = 120;
/** Two bakes are laid side by side. */
const COMPARED = 2;

/** Every bake there was, by months, newest first; found by words, recipe, oven and how it came out. */
export function LogbookList({ records, total, choices, isNarrowed, pages }: LogbookListProps) {
  const { units } = useUnits();
  const [isSearching, startSearching] = useTransition();
  const [picked, setPicked] = useState<readonly string[]>([]);
  const [address, setAddress] = useQueryStates(
    {
      q: parseAsString.withDefault(""),
      recipe: parseAsString.withDefault(""),
      oven: parseAsString.withDefault(""),
      came: parseAsString.withDefault(""),
      more: parseAsInteger.withDefault(1),
    },
    {
      shallow: false,
      history: "replace",
      startTransition: startSearching,
      limitUrlUpdates: debounce(SEARCH_AFTER_MS),
    },
  );
  const months = [...group(records, ({ record }) => monthText(parseISO(record.madeOn)))];
  return (
    <>
      <div className="mt-2 mb-4 flex flex-wrap items-end justify-between gap-3">
        <h1 className="text-[27px]">Logbook</h1>
        <Link href="/logbook/new" className="button button-next">
          <Plus size={17} aria-hidden /> Write down a bake
        </Link>
      </div>
      <div className="mb-3 flex flex-wrap gap-3">
        <div className="flex min-w-56 flex-[2]">
          <Field
            label="Find a bake"
            value={address.q}
            onChange={(q) => void setAddress({ q, more: 1 })}
            placeholder="pear, domed, November…"
          />
        </div>
        <LabelledChoice
          label="Recipe"
          value={address.recipe}
          choices={[
            ["", "Every recipe"],
            ...choices.recipes.map(({ key, name }) => [key, name] as const),
          ]}
          onChange={(recipe) => void setAddress({ recipe, more: 1 })}
        />
        <LabelledChoice
          label="Oven"
          value={address.oven}
          choices={[["", "Every oven"], ...choices.ovens.map((oven) => [oven, oven] as const)]}
          onChange={(oven) => void setAddress({ oven, more: 1 })}
        />
        <LabelledChoice
          label="Came out"
          value={address.came}
          choices={[
            ["", "However it came out"],
            ...BAKE_VERDICTS.map((verdict) => [verdict, CAME_OUT[verdict]] as const),
            ["none", "not said"],
          ]}
          onChange={(came) => void setAddress({ came, more: 1 })}
        />
      </div>
      <div className="mb-2 flex min-h-11 flex-wrap items-center gap-x-4">
        <p role="status" className="text-[14px] text-ink-2">
          {isSearching ? "Searching…" : total === 1 ? "One bake" : `${total} bakes`}
        </p>
        {picked.length === COMPARED && (
          <Link
            href={`/logbook/compare?a=${picked[0] ?? ""}&b=${picked[1] ?? ""}`}
            className="button"
          >
            <Scale size={17} aria-hidden /> Compare these two
          </Link>
        )}
        {picked.length === 1 && (
          <p className="text-[14px] text-ink-2">Tick a second one to compare them.</p>
        )}
      </div>
      {records.length > 0 && (
        <p className="mb-3 text-[14px] text-ink-2">
          The bar goes from the first check to the latest, its stroke is the forecast; the dot is
          when it came out: open underbaked, dark just right, red a little dry.
        </p>
      )}
      {address.recipe !== "" && <OverTime records={records.map(({ record }) => record)} />}
      {records.length === 0 && (
        <p className="panel p-6">
          {isNarrowed
            ? "No bake is like this. Try fewer words, or every recipe and oven."
            : "No bake yet. One that is run at the bench writes its own page; any other is written down in half a minute."}
        </p>
      )}
      {months.map(([month, bakes]) => (
        <section key={month} aria-label={month} className="mb-5">
          <h2 className="mb-1.5 text-[17px]">{month}</h2>
          <ul className="panel divide-y-[1.5px] divide-line">
            {bakes.map(({ id, record }) => (
              <li
                key={id}
                className="flex flex-wrap items-center gap-x-4 gap-y-1 px-4 py-2 max-sm:px-3"
              >
                <label className="flex min-h-11 items-center pr-1">
                  <input
                    type="checkbox"
                    className="size-5 accent-ink"
                    aria-label={`Compare ${record.name}, ${recordDay(record.madeOn, units)}`}
                    checked={picked.includes(id)}
                    disabled={picked.length >= COMPARED && !picked.includes(id)}
                    onChange={(event) =>
                      setPicked(
                        event.target.checked
                          ? [...picked, id]
                          : picked.filter((each) => each !== id),
                      )
                    }
                  />
                </label>
                <p className="w-14 text-[15px] whitespace-nowrap">
                  {recordDay(record.madeOn, units)}
                </p>
                <div className="min-w-0 flex-1 basis-56">
                  <h3 className="text-[17px]">
                    <Link
                      href={`/logbook/${id}`}
                      className="break-words underline-offset-4 hover:underline"
                    >
                      {record.name}
                    </Link>
                  </h3>
                  <p className="text-[14px] break-words text-ink-2">{recordTins(record, units)}</p>
                </div>
                <MinutesLine record={record} />
                <p className="min-w-0 basis-60 text-[15px] break-words max-sm:basis-full">
                  {cameOutText(record) || "not told how it came out"}
                  <span className="line-clamp-2 text-[14px] text-ink-2">{wantedText(record)}</span>
                </p>
              </li>
            ))}
          </ul>
        </section>
      ))}
      {records.length < total && (
        <button
          type="button"
          className="button"
          onClick={() => void setAddress({ more: pages + 1 })}
        >
          Show earlier bakes
        </button>
      )}
    </>
  );
}
