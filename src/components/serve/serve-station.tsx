"use client";

import { useMemo } from "react";
import Link from "next/link";
import { Printer, Snowflake } from "lucide-react";
import { serveDetail, type ServedCake } from "@/core/plan";
import type { Question } from "@/core/ask";
import { PIECE_SIZES, type CutStyle } from "@/core/serve";
import { issueText, piecesText, tinText, type Units } from "@/words";
import {
  CUT_NAMES,
  cuttingIssueText,
  fromEachText,
  guestsText,
  keepingLines,
  knifeSteps,
  pieceText,
} from "@/words/serving";
import { Notes } from "../ask/plan-figures";
import { Choice, Field } from "../frame/field";
import { CutDrawing } from "./cut-drawing";
import type { StationProps } from "../frame/station-props";

const SIZE_NAMES: Readonly<Record<Question["pieceSize"], string>> = {
  party: "small, for a party",
  dessert: "for dessert",
};

/** Serve: how it is cut, drawn to scale with the order of the knife, and how long it keeps. */
export function ServeStation({
  id,
  question,
  read,
  plan,
  isStale,
  units,
  onChange,
}: StationProps & { /** The kept cake's. */ readonly id: string }) {
  const detail = useMemo(
    () => (read.input.ok ? serveDetail(read.input.value, plan) : null),
    [read, plan],
  );
  const cuts = [...new Set(detail?.cakes.flatMap((cake) => cake.cuts) ?? [])];
  const issue = read.issues.pieces;
  return (
    <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,320px)_minmax(0,1fr)] print:block">
      <div className="no-print space-y-3">
        {cuts.length > 1 && (
          <label className="block">
            <span className="label block">Cut in</span>
            <Choice<CutStyle | "usual">
              label="Cut in"
              className="field pr-1"
              value={question.cut}
              choices={[
                ["usual", "as usual for its shape"],
                ...cuts.map((cut) => [cut, CUT_NAMES[cut]] as const),
              ]}
              onChange={(cut) => onChange({ cut })}
            />
          </label>
        )}
        <label className="block">
          <span className="label block">Pieces</span>
          <Choice
            label="Size of a piece"
            className="field pr-1"
            value={question.pieceSize}
            choices={PIECE_SIZES.map((size) => [size, SIZE_NAMES[size]] as const)}
            onChange={(pieceSize) => onChange({ pieceSize })}
          />
        </label>
        <div className="flex">
          <Field
            label="How many to each cake"
            value={question.pieces}
            onChange={(pieces) => onChange({ pieces }, "pieces")}
            problem={issue === undefined ? null : issueText(issue, units)}
            placeholder={
              detail?.cakes.some(({ because }) => because === "recipe") === true
                ? "as the recipe has it"
                : "as many as are usual"
            }
          />
        </div>
        <div className="flex">
          <Field
            label="Guests"
            value={question.guests}
            onChange={(guests) => onChange({ guests }, "guests")}
            problem={read.issues.guests === undefined ? null : issueText(read.issues.guests, units)}
            placeholder={question.scale === "guests" ? question.amount : "how many there are"}
          />
        </div>
        <div className="flex flex-wrap gap-2">
          <button type="button" className="button" onClick={() => globalThis.print()}>
            <Printer size={17} aria-hidden /> Print the cut
          </button>
          <Link className="button" href={`/freezer/new?cake=${id}`}>
            <Snowflake size={17} aria-hidden /> Put pieces away
          </Link>
        </div>
      </div>
      <section
        aria-label="The cut"
        className={`panel min-w-0 overflow-hidden ${isStale ? "opacity-50" : ""}`}
      >
        {detail !== null && (
          <>
            <p className="figure-text px-6 pt-4 text-[25px] max-sm:px-4">
              {piecesText(detail.pieces)}
            </p>
            {detail.guests !== null && (
              <div className="px-6 pt-1 max-sm:px-4">
                <p className="text-[17px]">{guestsText(detail.guests, detail.pieces, units)}</p>
                {detail.guests.times > 1 && question.scale !== "guests" && (
                  <button
                    type="button"
                    className="button no-print mt-1.5"
                    onClick={() => onChange({ scale: "guests", amount: question.guests })}
                  >
                    Make it for {question.guests} guests
                  </button>
                )}
              </div>
            )}
            <ul className="divide-y-[1.5px] divide-line">
              {detail.cakes.map((cake) => (
                <Served
                  key={cake.index}
                  cake={cake}
                  name={tinNameOf(plan, cake, units)}
                  units={units}
                />
              ))}
            </ul>
            <ul
              aria-label="How long it keeps"
              className="border-t-[1.5px] border-line px-6 py-3 text-[15px] max-sm:px-4"
            >
              {keepingLines(detail.keeping, units).map((line) => (
                <li key={line}>{line}</li>
              ))}
              <li className="text-ink-2">
                Local food rules come first; list what it contains for your guests.
              </li>
            </ul>
            <Notes plan={plan} station="serve" remarks={[]} units={units} />
          </>
        )}
      </section>
    </div>
  );
}

function tinNameOf(plan: StationProps["plan"], cake: ServedCake, units: Units): string {
  const tin = plan.fill.tins[cake.index]?.geometry.tin;
  if (tin === undefined) return "";
  return tin.shape === "well"
    ? tinText(tin, units)
    : `${cake.cakes > 1 ? `${cake.cakes} × ` : ""}${tinText({ ...tin, count: 1 }, units)}`;
}

function Served({
  cake,
  name,
  units,
}: {
  readonly cake: ServedCake;
  readonly name: string;
  readonly units: Units;
}) {
  return (
    <li className="px-6 py-3 max-sm:px-4">
      <p className="text-[15px]">
        <span className="font-semibold">{name}</span>
        {cake.cutting === null ? "; " : `: ${fromEachText(cake)}; a piece `}
        {pieceText(cake, units)}
      </p>
      {cake.issue !== null && (
        <p role="status" className="font-semibold text-tomato">
          {cuttingIssueText(cake.issue)}
        </p>
      )}
      {cake.cutting !== null && (
        <div className="grid items-center gap-4 pt-2 md:grid-cols-[minmax(0,1fr)_minmax(0,260px)]">
          <CutDrawing top={cake.top} cutting={cake.cutting} units={units} />
          <ol
            aria-label="The order of the knife"
            className="list-decimal space-y-1 pl-5 text-[15px]"
          >
            {knifeSteps(cake, units).map((step) => (
              <li key={step}>{step}</li>
            ))}
          </ol>
        </div>
      )}
    </li>
  );
}
