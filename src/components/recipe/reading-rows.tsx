"use client";

import { useState } from "react";
import type { ReadingRow, RowKind } from "@/core/recipe";
import { DOUBT_WORDS, ROW_NAMES } from "@/words";

/**
 * More lines than any recipe has; a longer text shows the rest when it is asked for, so that typing
 * stays quick.
 */
const FIRST_ROWS = 300;

/** Colour of the mark beside a line; its word stands there too. */
const MARKS: Readonly<Record<RowKind, string>> = {
  title: "bg-ink",
  heading: "bg-line",
  part: "bg-ink",
  ingredient: "bg-leaf",
  step: "bg-steel",
  tins: "bg-yolk",
  heat: "bg-yolk",
  minutes: "bg-yolk",
  yield: "bg-yolk",
  note: "bg-line",
  source: "bg-line",
  blank: "bg-transparent",
  "second-recipe": "bg-tomato",
  unread: "bg-tomato",
};

/**
 * The original, line by line, each with what it was taken for.
 * @param understood by the id of a line or step: what was made of it
 */
export function ReadingRows({
  rows,
  understood,
}: {
  readonly rows: readonly ReadingRow[];
  readonly understood: ReadonlyMap<string, string>;
}) {
  const [isWhole, setIsWhole] = useState(false);
  const shown = isWhole ? rows : rows.slice(0, FIRST_ROWS);
  return (
    <>
      <ol className="text-[15px]">
        {shown.map(({ text, as, id, doubts }, index) => (
          <li key={index} className="flex min-h-4 gap-2.5 py-0.5">
            <span aria-hidden="true" className={`w-1.5 shrink-0 rounded-full ${MARKS[as]}`} />
            <span className="w-28 shrink-0 text-[13px] leading-6 text-ink-2 max-sm:w-20">
              {ROW_NAMES[as]}
            </span>
            <span className="min-w-0 flex-1 break-words">
              {text}
              {id !== null && understood.has(id) && (
                <span className="block text-[13px] text-leaf">{understood.get(id)}</span>
              )}
              {doubts.map((doubt) => (
                <span key={doubt} className="block text-[13px] font-semibold text-tomato">
                  {DOUBT_WORDS[doubt]}
                </span>
              ))}
            </span>
          </li>
        ))}
      </ol>
      {shown.length < rows.length && (
        <button type="button" className="button mt-2" onClick={() => setIsWhole(true)}>
          Show all {rows.length} lines
        </button>
      )}
    </>
  );
}
