"use client";

import { useState } from "react";
import Link from "next/link";
import { Printer } from "lucide-react";
import * as z from "@/core/zod";
import {
  LABEL_SHEETS,
  labelPlaces,
  MOST_LABELS,
  parcels,
  PortionsDocSchema,
  SHEET_PAPERS,
  type LabelPlace,
  type LabelSheet,
  type Portions,
} from "@/core/freezer";
import { readAmount, wholeIn } from "@/core/measure";
import { REGION_ROWS, type Units } from "@/words";
import { labelLines, labelSheetText, tooManyLabelsText } from "@/words/freezer";
import { LabelledChoice } from "../frame/field";
import { KeptBox } from "../frame/kept-box";
import { useUnits } from "../frame/units";

/** Something to label, with the code that opens its page. */
export type LabelledPortions = {
  readonly id: string;
  readonly portions: Portions;
  readonly code: { readonly size: number; readonly path: string };
};

type Label = LabelledPortions & {
  readonly parcel: { readonly at: number; readonly of: number; readonly count: number };
};

const ParcelSchema = z.nullable(PortionsDocSchema.shape.count);
const countOf = (text: string): number | null => readAmount(text)?.value ?? null;

/** Labels as they lie on their sheets, true to size, to be printed. */
export function LabelsPage({ rows }: { readonly rows: readonly LabelledPortions[] }) {
  const { units } = useUnits();
  const usual = REGION_ROWS[units.region].paper;
  const [sheetId, setSheetId] = useState(`${usual}-plain`);
  /** Null for all in one. */
  const [each, setEach] = useState<number | null>(null);
  const [firstAt, setFirstAt] = useState(1);
  const sheet = LABEL_SHEETS.find(({ id }) => id === sheetId) ?? LABEL_SHEETS[0];
  if (sheet === undefined) return null;
  const perSheet = sheet.columns * sheet.rows;
  const skipped = firstAt - 1;
  const labels = rows.flatMap((row): readonly Label[] => {
    const all = parcels(row.portions.left, each ?? Math.max(1, row.portions.left));
    return all.map((count, at) => ({ ...row, parcel: { at: at + 1, of: all.length, count } }));
  });
  const isTooMany = labels.length > MOST_LABELS;
  const sheets = isTooMany ? 0 : Math.ceil((skipped + labels.length) / perSheet);
  return (
    <>
      <div className="no-print mb-4 space-y-3">
        <h1 className="mt-2 text-[27px]">Labels</h1>
        <div className="flex flex-wrap items-start gap-3">
          <div className="flex flex-1 max-sm:basis-full">
            <LabelledChoice
              label="Sheet"
              value={sheetId}
              choices={LABEL_SHEETS.map((one) => [one.id, labelSheetText(one, units)] as const)}
              onChange={(id) => {
                setSheetId(id);
                // Another sheet begins at its own first place.
                setFirstAt(1);
              }}
            />
          </div>
          <KeptBox
            label="Portions in a parcel"
            path="parcel"
            text={each === null ? "" : String(each)}
            read={countOf}
            schema={ParcelSchema}
            units={units}
            whenEmpty={null}
            placeholder="all in one"
            expected="number"
            onKeep={setEach}
          />
          <KeptBox
            key={sheetId}
            label="First label at place"
            path="firstPlace"
            text={String(firstAt)}
            read={countOf}
            schema={wholeIn(1, perSheet)}
            units={units}
            expected="number"
            onKeep={setFirstAt}
          />
        </div>
        <div className="flex flex-wrap gap-3">
          <button
            type="button"
            className="button button-next"
            disabled={isTooMany || labels.length === 0}
            onClick={() => globalThis.print()}
          >
            <Printer size={17} aria-hidden /> Print
          </button>
          <Link className="button" href="/freezer">
            To the freezer
          </Link>
        </div>
        <p role="status" className="text-[14px] text-ink-2">
          {isTooMany
            ? tooManyLabelsText(labels.length)
            : `${labels.length === 1 ? "One label" : `${labels.length} labels`} on ${sheets === 1 ? "one sheet" : `${sheets} sheets`}. Print at full size, without margins; the browser can also save it as a PDF.`}
        </p>
      </div>
      <div className="overflow-x-auto print:overflow-visible">
        {Array.from({ length: sheets }, (_, at) => (
          <Sheet
            key={at}
            number={at + 1}
            sheet={sheet}
            labels={labels.slice(
              Math.max(0, at * perSheet - skipped),
              (at + 1) * perSheet - skipped,
            )}
            from={at === 0 ? skipped : 0}
            units={units}
          />
        ))}
      </div>
    </>
  );
}

function Sheet({
  number,
  sheet,
  labels,
  from,
  units,
}: {
  readonly number: number;
  readonly sheet: LabelSheet;
  readonly labels: readonly Label[];
  readonly from: number;
  readonly units: Units;
}) {
  const paper = SHEET_PAPERS[sheet.paper];
  const places = labelPlaces(sheet);
  return (
    <section
      aria-label={`Sheet ${number} of labels`}
      className={`relative mb-4 not-first:break-before-page bg-white text-black print:mb-0 paper-${sheet.paper}`}
      style={{ width: `${paper.widthMm}mm`, height: `${paper.heightMm}mm` }}
    >
      {labels.map((label, index) => {
        const place = places[from + index];
        return (
          place !== undefined && (
            <LabelBox
              key={`${label.id} ${label.parcel.at}`}
              label={label}
              sheet={sheet}
              place={place}
              units={units}
            />
          )
        );
      })}
    </section>
  );
}

const MM_A_POINT = 25.4 / 72;

/** One label: what it is on the left, its code on the right. */
function LabelBox({
  label: { portions, code, parcel },
  sheet: { widthMm, heightMm, isCut },
  place,
  units,
}: {
  readonly label: Label;
  readonly sheet: LabelSheet;
  readonly place: LabelPlace;
  readonly units: Units;
}) {
  const [name, ...lines] = labelLines(portions, parcel, units);
  const codeMm = Math.min(20, heightMm - 6);
  const pointsOfLines = heightMm < 30 ? 6 : heightMm < 45 ? 7 : 9;
  return (
    <article
      aria-label={name}
      className={`absolute flex gap-[2mm] overflow-hidden p-[3mm] ${isCut ? "outline-[0.2mm] outline-black outline-dashed" : "outline-[0.2mm] outline-line print:outline-none"}`}
      style={{
        left: `${place.xMm}mm`,
        top: `${place.yMm}mm`,
        width: `${widthMm}mm`,
        height: `${heightMm}mm`,
      }}
    >
      <div className="min-w-0 flex-1" style={{ fontSize: `${pointsOfLines * MM_A_POINT}mm` }}>
        <p className="line-clamp-2 text-[1.45em] leading-tight font-bold break-words">{name}</p>
        {lines.map((line) => (
          <p key={line} className="leading-snug">
            {line}
          </p>
        ))}
      </div>
      <svg
        viewBox={`-1 -1 ${code.size + 2} ${code.size + 2}`}
        style={{ width: `${codeMm}mm`, height: `${codeMm}mm` }}
        className="shrink-0 self-end"
        role="img"
        aria-label="Code that opens its page"
      >
        <path d={code.path} fill="#000" />
      </svg>
    </article>
  );
}
