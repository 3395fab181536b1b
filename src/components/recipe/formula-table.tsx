"use client";

import { GripVertical, Plus } from "lucide-react";
import type { Scaling } from "@/core/plan";
import type { KitchenMeasures, CupWay } from "@/core/measure";
import {
  isWideRange,
  scaledRow,
  suggestedAmount,
  totalMass,
  type FormulaRow,
  type PartFormula,
} from "@/core/recipe";
import {
  ingredientText,
  type Units,
  DOUBT_WORDS,
  gramsText,
  kitchenText,
  METRIC,
  MISSING_WORDS,
  piecesText,
  SWAP_NAMES,
  WAY_NAMES,
  weightText,
} from "@/words";
import { useUnits, useSay } from "../frame/units";
import { SortableList, useSortableRow } from "../frame/sortable-list";

type FormulaTableProps = {
  readonly part: PartFormula;
  readonly scaling: Scaling;
  readonly measures: KitchenMeasures;
  readonly onText: (lineId: string, text: string) => void;
  readonly onOpen: (lineId: string) => void;
  readonly onUndoSwap: (lineId: string) => void;
  readonly onAdd: () => void;
  readonly onMove: (fromId: string, toId: string) => void;
};

/**
 * One part's lines as a table: the line as written, grams, kitchen measure, share of the flour, and
 * what is doubtful.
 */
export function FormulaTable({
  part,
  scaling,
  measures,
  onText,
  onOpen,
  onUndoSwap,
  onAdd,
  onMove,
}: FormulaTableProps) {
  const { units } = useUnits();
  const items = part.rows.map((row) => ({ id: row.line.id, name: rowName(row, units) }));
  const hasPercent = part.flourG > 0;
  const total = totalMass(part.rows.map((row) => scaledRow(row, scaling, measures)));
  return (
    <>
      <SortableList id={`lines-${part.part.id}`} items={items} onMove={onMove}>
        <table className="w-full text-left">
          <caption className="sr-only">Lines of {part.part.name}</caption>
          <thead className="label">
            <tr>
              <th scope="col" className="w-6">
                <span className="sr-only">Move</span>
              </th>
              <th scope="col" className="font-normal">
                Line
              </th>
              <th scope="col" className="w-28 pl-2 text-right font-normal">
                {scaling.times === 1 ? "Weigh" : "Scaled"}
              </th>
              {hasPercent && (
                <th scope="col" className="w-14 text-right font-normal max-sm:hidden">
                  % flour
                </th>
              )}
            </tr>
          </thead>
          <tbody>
            {part.rows.map((row) => (
              <Row
                key={row.line.id}
                row={row}
                part={part}
                scaling={scaling}
                measures={measures}
                hasPercent={hasPercent}
                onText={onText}
                onOpen={onOpen}
                onUndoSwap={onUndoSwap}
              />
            ))}
          </tbody>
          {total > 0 && (
            <tfoot>
              <tr className="border-t-[1.5px] border-line">
                <td />
                <td className="py-1.5 text-[14px] text-ink-2">in all</td>
                <td className="pl-2 text-right font-bold">{weightText(total, METRIC)}</td>
                {hasPercent && <td className="max-sm:hidden" />}
              </tr>
            </tfoot>
          )}
        </table>
      </SortableList>
      <button type="button" className="button no-print mt-1" onClick={onAdd}>
        <Plus size={17} aria-hidden /> Another line
      </button>
    </>
  );
}

function rowName(row: FormulaRow, units: Units): string {
  return row.ingredient === null && row.read.name === "" ? "this line" : ingredientText(row, units);
}

type RowProps = Pick<
  FormulaTableProps,
  "part" | "scaling" | "measures" | "onText" | "onOpen" | "onUndoSwap"
> & { readonly row: FormulaRow; readonly hasPercent: boolean };

function Row({ row, part, scaling, measures, hasPercent, onText, onOpen, onUndoSwap }: RowProps) {
  const { units } = useUnits();
  const say = useSay();
  const { line, ingredient, percent } = row;
  const { setRow, style, handle } = useSortableRow(line.id);
  const scaled = scaledRow(row, scaling, measures);
  return (
    <tr ref={setRow} style={style} className="border-t-[1.5px] border-line align-top">
      <td className="pt-1.5">
        <button
          type="button"
          className="no-print flex size-7 cursor-grab touch-none items-center justify-center text-steel"
          aria-label={`Move ${rowName(row, units)}`}
          {...handle}
        >
          <GripVertical size={17} aria-hidden />
        </button>
      </td>
      <td className="py-1">
        <textarea
          rows={1}
          className="block w-full resize-none rounded-md bg-transparent px-1.5 py-1 text-[16px] field-sizing-content hover:bg-enamel"
          aria-label={`Line: ${line.text === "" ? "new" : line.text}`}
          value={line.text}
          onChange={(event) => onText(line.id, event.target.value.replaceAll(/[\n\r]+/gu, " "))}
          maxLength={2000}
          spellCheck={false}
          placeholder={say`200 g plain flour`}
        />
        <div className="flex flex-wrap items-center gap-x-2 px-1.5 text-[13px]">
          <button
            type="button"
            className="text-ink-2 underline decoration-line decoration-2 underline-offset-3 hover:decoration-ink"
            aria-haspopup="dialog"
            onClick={() => onOpen(line.id)}
          >
            {ingredient === null ? "what is this?" : ingredientText(row, units)}
            <span className="sr-only">: change, weigh or swap</span>
          </button>
          <RowRemarks row={row} part={part} />
          {line.swap !== undefined && (
            <span className="text-leaf">
              {say(SWAP_NAMES[line.swap.id as keyof typeof SWAP_NAMES])}{" "}
              <button
                type="button"
                className="font-semibold underline underline-offset-3"
                onClick={() => onUndoSwap(line.id)}
              >
                undo
              </button>
            </span>
          )}
        </div>
      </td>
      <td className="py-1 pl-2 text-right">
        <span className="block pt-1 text-[17px] font-bold whitespace-nowrap">
          {scaled.shownG === null ? "—" : gramsText(scaled.shownG)}
        </span>
        <span className="block text-[13px] leading-tight text-ink-2">
          {scaled.eggs !== null
            ? piecesText(scaled.eggs)
            : scaled.kitchen === null
              ? ""
              : kitchenText(scaled.kitchen)}
        </span>
      </td>
      {hasPercent && (
        <td className="pt-2 text-right text-[15px] max-sm:hidden">
          {percent === null ? "" : percent < 10 ? percent.toFixed(1) : Math.round(percent)}
        </td>
      )}
    </tr>
  );
}

function RowRemarks({ row, part }: { readonly row: FormulaRow; readonly part: PartFormula }) {
  const { rangeG, missing, doubts, assumedWay, matchedBy } = row;
  const suggestion = suggestedAmount(row, part);
  return (
    <>
      {matchedBy === "words" && <span className="text-crust">is it?</span>}
      {missing !== null && suggestion === null && (
        <span className="font-semibold text-tomato">{MISSING_WORDS[missing]}</span>
      )}
      {missing !== null && suggestion !== null && (
        <span className="font-semibold text-crust">
          no amount; usually {gramsText(Math.max(1, Math.round(suggestion.lowG)))} to{" "}
          {gramsText(Math.round(suggestion.highG))} (suggested)
        </span>
      )}
      {doubts
        .filter((doubt) => doubt !== "no-amount")
        .map((doubt) => (
          <span key={doubt} className="font-semibold text-tomato">
            {DOUBT_WORDS[doubt]}
          </span>
        ))}
      {rangeG !== null && isWideRange(row) && (
        <span className="text-crust">
          {gramsText(Math.round(rangeG[0]))} to {gramsText(Math.round(rangeG[1]))}
          {assumedWay === null ? "" : `, ${WAY_NAMES[assumedWay as CupWay]} taken`}
        </span>
      )}
    </>
  );
}
