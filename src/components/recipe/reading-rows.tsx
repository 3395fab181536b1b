"use client";

import { useState } from "react";
import type { Mark, MarkedRow } from "@/core/reading";
import { RECIPE_LIMITS, type Correction, type RowKind } from "@/core/recipe";
import { DOUBT_WORDS, markText, ROW_NAMES, STAGE_NAMES } from "@/words";
import { useSay } from "../frame/units";
import { RowChoices } from "./row-choices";

/**
 * More lines than any recipe has; a longer text shows the rest when it is asked for, so that typing
 * stays quick.
 */
const FIRST_ROWS = 300;

/** Colour of the bar beside a line; its word stands there too. */
const BARS: Readonly<Record<RowKind, string>> = {
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

/** The line that is open for putting right, and which of its marks. */
export type OpenRow = { readonly row: number; readonly mark: number | null };

type ReadingRowsProps = {
  readonly rows: readonly MarkedRow[];
  /** What was made of a line or step, by its id. */
  readonly understood: ReadonlyMap<string, string>;
  /** What is pointed at elsewhere: a kind of fact of the bake, or a line's id. */
  readonly lit?: string | null;
  readonly onPoint?: (at: string | null) => void;
  readonly open?: OpenRow | null;
  readonly onOpen?: (open: OpenRow | null) => void;
  /** Left out where a text is only shown. */
  readonly onCorrect?: (correction: Correction) => void;
};

/** The original, line by line, each with what it was taken for, and its facts underlined. */
export function ReadingRows({
  rows,
  understood,
  lit = null,
  onPoint = () => undefined,
  open = null,
  onOpen = () => undefined,
  onCorrect,
}: ReadingRowsProps) {
  const say = useSay();
  const [isWhole, setIsWhole] = useState(false);
  /** Whether a line can be put right: one that no recipe can hold can't. */
  const canBe = ({ as, text }: MarkedRow): boolean =>
    onCorrect !== undefined && as !== "blank" && text.length <= RECIPE_LIMITS.text;
  const last = Math.max(FIRST_ROWS, (open?.row ?? 0) + 1);
  const shown = isWhole ? rows : rows.slice(0, last);
  return (
    <>
      <ol className="text-[15px]">
        {shown.map((row, index) => {
          const isOpen = open?.row === index;
          const turn = (mark: number | null): void =>
            onOpen(isOpen && open.mark === mark ? null : { row: index, mark });
          const name =
            row.stage === null ? say(ROW_NAMES[row.as]) : STAGE_NAMES[row.stage].toLowerCase();
          return (
            <li
              key={index}
              className={`flex min-h-4 gap-2.5 py-0.5 ${row.id !== null && row.id === lit ? "bg-yolk-soft" : ""}`}
              onPointerEnter={() => onPoint(row.id)}
              onPointerLeave={() => onPoint(null)}
            >
              <span aria-hidden="true" className={`w-1.5 shrink-0 rounded-full ${BARS[row.as]}`} />
              <span className="w-28 shrink-0 text-[13px] leading-6 text-ink-2 max-sm:w-20">
                {!canBe(row) ? (
                  name
                ) : (
                  <button
                    type="button"
                    id={rowId(index, null)}
                    className="text-left underline decoration-dotted underline-offset-4"
                    aria-expanded={isOpen && open.mark === null}
                    aria-label={`${name}: put right “${row.text.slice(0, 40)}”`}
                    onClick={() => turn(null)}
                  >
                    {name}
                  </button>
                )}
              </span>
              <span className="min-w-0 flex-1 break-words">
                <MarkedText
                  row={row}
                  at={index}
                  lit={lit}
                  onPoint={onPoint}
                  open={isOpen ? open.mark : null}
                  {...(canBe(row) ? { onTurn: turn } : {})}
                />
                {row.id !== null && understood.has(row.id) && (
                  <span className="block text-[13px] text-leaf">{understood.get(row.id)}</span>
                )}
                {row.doubts.map((doubt) => (
                  <span key={doubt} className="block text-[13px] font-semibold text-tomato">
                    {DOUBT_WORDS[doubt]}
                  </span>
                ))}
                {isOpen && onCorrect !== undefined && (
                  <RowChoices
                    row={row}
                    rows={rows}
                    mark={open.mark === null ? null : (row.marks[open.mark] ?? null)}
                    onCorrect={onCorrect}
                    onDone={() => {
                      onOpen(null);
                      document.getElementById(rowId(index, open.mark))?.focus();
                    }}
                  />
                )}
              </span>
            </li>
          );
        })}
      </ol>
      {shown.length < rows.length && (
        <button type="button" className="button mt-2" onClick={() => setIsWhole(true)}>
          Show all {rows.length} lines
        </button>
      )}
    </>
  );
}

/** The id of a line's own button, or of one of its marks. */
export const rowId = (row: number, mark: number | null): string =>
  mark === null ? `read-${row}` : `read-${row}-${mark}`;

/** A line's words, those that tell something underlined, each kind in a manner of its own. */
function MarkedText({
  row: { text, marks },
  at,
  lit,
  open,
  onPoint,
  onTurn,
}: {
  readonly row: MarkedRow;
  readonly at: number;
  readonly lit: string | null;
  readonly open: number | null;
  readonly onPoint: (at: string | null) => void;
  readonly onTurn?: (mark: number) => void;
}) {
  const say = useSay();
  return (
    <>
      {marks.map((mark, index) => {
        const from = marks[index - 1]?.to ?? 0;
        const words = text.slice(mark.from, mark.to);
        const isLit = mark.isUsed && lit !== null && (mark.id ?? mark.is) === lit;
        const look = {
          className: `mark mark-${mark.is} ${mark.isUsed ? "" : "mark-unused"} ${isLit ? "bg-yolk-soft" : ""}`,
          title: say(markText(mark)),
          onPointerEnter: () => onPoint(pointOf(mark)),
        };
        return (
          <span key={mark.from}>
            {text.slice(from, mark.from)}
            {onTurn === undefined ? (
              <span {...look}>{words}</span>
            ) : (
              <button
                type="button"
                id={rowId(at, index)}
                {...look}
                aria-label={`${words}: ${say(markText(mark))}`}
                aria-expanded={open === index}
                onClick={() => onTurn(index)}
              >
                {words}
              </button>
            )}
          </span>
        );
      })}
      {text.slice(marks.at(-1)?.to ?? 0)}
    </>
  );
}

const pointOf = ({ is, id, isUsed }: Mark): string | null => (isUsed ? (id ?? is) : null);
