"use client";

import { useState } from "react";
import { foldName, matchIngredient, type Pantry } from "@/core/pantry";
import { itemKey, itemOf, type Item, type KnownItem, type LarderRow } from "@/core/shopping";
import type { Units } from "@/words";
import { sayIn } from "@/words/vocabulary";
import { itemAmountText, itemName, priceText } from "@/words/shopping";
import { Field } from "../frame/field";

type KitchenLarderProps = {
  readonly rows: readonly LarderRow[];
  readonly pantry: Pantry;
  readonly units: Units;
  readonly onKnow: (known: KnownItem) => void;
};

/** Everything that is known to be in the kitchen, and a box to say it of something else. */
export function KitchenLarder({ rows, pantry, units, onKnow }: KitchenLarderProps) {
  const [typed, setTyped] = useState("");
  const known = rows
    .filter(({ has, pack, price }) => has !== null || pack !== null || price !== null)
    .map((row) => ({ row, item: itemOf(row, pantry) }))
    .map((each) => ({ ...each, name: shownName(each.item, each.row.name, units) }))
    .sort((one, other) => one.name.localeCompare(other.name));
  const found = typed.trim() === "" ? null : matchIngredient(typed, pantry);

  return (
    <details className="panel no-print p-6 max-sm:p-4">
      <summary className="cursor-pointer text-[19px] font-semibold">
        In your kitchen{known.length === 0 ? "" : `: ${known.length}`}
      </summary>
      <p className="mt-1 text-[15px] text-ink-2">
        What you have of something, roughly, how it is sold and what it costs. Lists leave out what
        is here.
      </p>
      <ul className="mt-2 grid gap-x-6 xl:grid-cols-2">
        {known.map(({ row, item, name }) => (
          <li
            key={row.key}
            className="flex min-h-12 items-center gap-3 border-t-[1.5px] border-line py-1"
          >
            <span className="figure-text w-20 shrink-0 text-[17px]">
              {row.has === null ? "" : itemAmountText(row.has, item, units)}
            </span>
            <span className="min-w-0 flex-1 leading-tight break-words">
              {name}
              <span className="block text-[14px] text-ink-2">
                {[
                  row.pack === null ? "" : `packs of ${itemAmountText(row.pack, item, units)}`,
                  row.price === null ? "" : `${priceText(row.price)} a pack`,
                ]
                  .filter((each) => each !== "")
                  .join(", ")}
              </span>
            </span>
            <button
              type="button"
              className="button shrink-0 text-[15px]"
              aria-label={`Change ${name}`}
              onClick={() => onKnow({ key: row.key, item, name })}
            >
              Change
            </button>
          </li>
        ))}
      </ul>
      <form
        className="mt-3 flex max-w-md items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          const name = typed.trim();
          if (name === "") return;
          const item: Item =
            found === null
              ? { is: "named", name }
              : { is: "ingredient", ingredient: found.ingredient };
          onKnow({ key: itemKey(item), item, name: shownName(item, name, units) });
          setTyped("");
        }}
      >
        <Field
          label="Something else"
          value={typed}
          onChange={setTyped}
          placeholder={sayIn(units)`plain flour`}
          reading={
            found === null || foldName(found.ingredient.name) === foldName(typed)
              ? null
              : `Kept as ${itemName({ is: "ingredient", ingredient: found.ingredient }, units)}`
          }
        />
        <button type="submit" className="button">
          Add
        </button>
      </form>
    </details>
  );
}

const shownName = (item: Item, kept: string, units: Units): string =>
  item.is === "named" ? kept : itemName(item, units);
