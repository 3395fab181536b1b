"use client";

import { Ellipsis } from "lucide-react";
import { AISLES, type HowGot, type ListedRow } from "@/core/shopping";
import type { Units } from "@/words";
import {
  AISLE_NAMES,
  GOT_NAMES,
  inKitchenText,
  shoppingLine,
  type ShoppingLine,
} from "@/words/shopping";

type ShoppingRowsProps = {
  readonly rows: readonly ListedRow[];
  /** Cakes by their ids. */
  readonly names: ReadonlyMap<string, string>;
  readonly units: Units;
  readonly onChange: (row: ListedRow, how: HowGot) => void;
  /** To say what of it is in the kitchen, how it is sold, what it costs. */
  readonly onKnow: (row: ListedRow) => void;
};

/**
 * The list by where things stand in a shop; what is ticked stays in its place, and so does whoever
 * ticked it: a row is the same one, had or not.
 */
export function ShoppingRows({ rows, names, units, onChange, onKnow }: ShoppingRowsProps) {
  return AISLES.map((aisle) => {
    const own = rows
      .filter((row) => row.aisle === aisle)
      .map((row) => ({ row, line: shoppingLine(row, units) }))
      .sort((one, other) => one.line.name.localeCompare(other.line.name));
    return (
      own.length > 0 && (
        <section key={aisle} aria-label={AISLE_NAMES[aisle]} className="print:break-inside-avoid">
          <h2 className="px-6 pt-4 pb-1 text-[17px] max-sm:px-4">{AISLE_NAMES[aisle]}</h2>
          <ul className="grid xl:grid-cols-2">
            {own.map(({ row, line }) => (
              <Row
                key={
                  rows.find(({ key }) => key === row.key) === row
                    ? row.key
                    : `${row.key} ${row.how}`
                }
                row={row}
                line={line}
                names={names}
                units={units}
                onChange={onChange}
                onKnow={onKnow}
              />
            ))}
          </ul>
        </section>
      )
    );
  });
}

function Row({
  row,
  line: { name, amount, packs, note },
  names,
  units,
  onChange,
  onKnow,
}: {
  readonly row: ListedRow;
  readonly line: ShoppingLine;
} & Omit<ShoppingRowsProps, "rows">) {
  const isOpen = row.how === "open";
  const of = row.shares.map(({ cake }) => names.get(cake) ?? "");
  const cakes = names.size < 2 ? "" : of.length === names.size ? "for all of them" : of.join(", ");
  const kitchen = inKitchenText(row, units);
  const how = isOpen || kitchen !== "" ? "" : GOT_NAMES[row.how];
  const notes = [row.how === "stocked" ? "" : packs, note, kitchen, how];
  return (
    <li className="flex items-center border-t-[1.5px] border-line px-4 max-sm:px-2 print:py-0">
      <label className="flex min-h-14 min-w-0 flex-1 items-center gap-3 px-2 py-1.5 print:min-h-0 print:py-0.5">
        <input
          type="checkbox"
          className="size-7 shrink-0 accent-ink print:size-4"
          checked={!isOpen}
          onChange={({ target }) => onChange(row, target.checked ? "bought" : "open")}
        />
        <span className="min-w-0 flex-1 leading-tight sm:grid sm:grid-cols-[5rem_1fr] sm:items-center sm:gap-x-3">
          <span
            className={`figure-text text-[19px] max-sm:mr-2 sm:row-span-2 ${isOpen ? "" : "text-ink-2 line-through"}`}
          >
            {amount}
          </span>
          <span
            className={`text-[17px] break-words ${isOpen ? "font-semibold" : "text-ink-2 line-through"}`}
          >
            {name}
          </span>
          <span className="block text-[14px] text-ink-2">
            {[...notes, cakes].filter((each) => each !== "").join(" · ")}
          </span>
        </span>
      </label>
      {isOpen && (
        <button
          type="button"
          className="button no-print shrink-0 text-[15px] max-sm:!px-2"
          aria-label={`I have ${name}`}
          onClick={() => onChange(row, "had")}
        >
          Have it
        </button>
      )}
      <button
        type="button"
        className="button no-print ml-1.5 shrink-0 !px-2.5 max-sm:ml-1 max-sm:!px-1.5"
        aria-label={`${name} in your kitchen`}
        onClick={() => onKnow(row)}
      >
        <Ellipsis size={18} aria-hidden />
      </button>
    </li>
  );
}
