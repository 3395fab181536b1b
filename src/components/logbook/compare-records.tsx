"use client";

import Link from "next/link";
import { sayIn } from "@/words";
import type { BakeRecord } from "@/core/logbook";
import { minutesText, weightText, type Units } from "@/words";
import {
  bakedAtText,
  CAME_OUT,
  lostText,
  recordDay,
  recordTins,
  wantedText,
} from "@/words/logbook";
import { useUnits } from "../frame/units";
import { MinutesLine } from "./minutes-line";
import type { RecordChoice } from "./record-choice";

/** What two bakes are compared in: a name, and what one of them says. */
function rowsOf(units: Units): readonly (readonly [name: string, of: (r: BakeRecord) => string])[] {
  const say = sayIn(units);
  const grams = (value: number | null): string => (value === null ? "" : weightText(value, units));
  const minutes = (value: number | null): string => (value === null ? "" : minutesText(value));
  return [
    ["Recipe", ({ recipe }) => recipe.name],
    [
      "How often it was made",
      ({ scale }) => (Math.abs(scale - 1) < 0.005 ? "once" : `${Number(scale.toFixed(2))} times`),
    ],
    [say`Tins`, (record) => recordTins(record, units)],
    [
      "Batter in them",
      ({ tins }) =>
        tins
          .map(({ batterG }) => grams(batterG))
          .filter(Boolean)
          .join(" + "),
    ],
    ["Baked at", (record) => bakedAtText(record, units)],
    ["Forecast", ({ forecast }) => minutes(forecast?.likelyMin ?? null)],
    ["Out after", (record) => minutes(record.minutes)],
    ["The middle came out", ({ verdict }) => (verdict === null ? "" : CAME_OUT[verdict])],
    ["Lost in the oven", lostText],
    [say`Frosting used`, ({ frosting }) => grams(frosting.usedG)],
    ["Hands", ({ handsMin }) => minutes(handsMin.took)],
    ["Taste", ({ taste }) => taste],
    ["Wanted next time", wantedText],
    ["Notes", ({ notes }) => notes],
  ];
}

/** Two bakes side by side; where they differ the words stand out. */
export function CompareRecords({
  one,
  other,
}: {
  readonly one: RecordChoice;
  readonly other: RecordChoice;
}) {
  const { units } = useUnits();
  const rows = rowsOf(units)
    .map(([name, of]) => [name, of(one.record), of(other.record)] as const)
    .filter(([, a, b]) => a !== "" || b !== "");
  return (
    <>
      <h1 className="mt-2 mb-4 text-[27px]">Two bakes compared</h1>
      <div className="panel overflow-x-auto" role="region" aria-label="Two bakes" tabIndex={0}>
        <table className="w-full min-w-[560px] table-fixed text-left text-[15px]">
          <thead>
            <tr>
              <td className="w-40 px-4" />
              {[one, other].map(({ id, record }) => (
                <th key={id} scope="col" className="px-4 pt-3 pb-2 align-top">
                  <Link
                    className="text-[17px] underline-offset-4 hover:underline"
                    href={`/logbook/${id}`}
                  >
                    {record.name}
                  </Link>
                  <span className="block font-normal text-ink-2">
                    {recordDay(record.madeOn, units)}
                  </span>
                  <MinutesLine record={record} />
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(([name, a, b]) => (
              <tr key={name} className="border-t-[1.5px] border-line align-top">
                <th scope="row" className="px-4 py-1.5 font-normal text-ink-2">
                  {name}
                </th>
                {[a, b].map((said, at) => (
                  <td
                    key={at}
                    className={`px-4 py-1.5 break-words whitespace-pre-line ${a === b ? "" : "font-semibold"}`}
                  >
                    {said === "" ? "—" : said}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </>
  );
}
