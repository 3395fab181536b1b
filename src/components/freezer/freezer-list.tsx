"use client";

import { useState } from "react";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { Plus, Tag } from "lucide-react";
import { group } from "d3-array";
import { PLACES, urgency, type Place, type Portions } from "@/core/freezer";
import type { Units } from "@/words";
import { eatByText, madeText, STORE_NAMES, portionsText } from "@/words/freezer";
import type { Outcome } from "../frame/outcome";
import { useTell } from "../frame/toasts";
import { useSay, useUnits } from "../frame/units";

type Row = { readonly id: string; readonly portions: Portions };

type FreezerActions = {
  readonly takePortions: (id: string, count: number) => Promise<Outcome>;
  readonly movePortions: (id: string, place: Place) => Promise<Outcome>;
  readonly putPortionsBack: (id: string, before: Portions) => Promise<Outcome>;
  readonly removePortions: (id: string) => Promise<Outcome>;
  readonly bringBackPortions: (id: string) => Promise<Outcome>;
};

const UNREACHABLE: Outcome = {
  ok: false,
  message: "The kitchen's server can't be reached. Nothing was changed; try again.",
};

const FIRST = "Use first";

/** What is put away: what has to be eaten first before the rest, by where it is. */
export function FreezerList({
  rows,
  today,
  actions,
}: {
  readonly rows: readonly Row[];
  /** `2026-12-05` */ readonly today: string;
  readonly actions: FreezerActions;
}) {
  const say = useSay();
  const { units } = useUnits();
  const bySection = group(rows, ({ portions }): string =>
    urgency(portions, today) === "later" ? STORE_NAMES[portions.place] : FIRST,
  );
  const sections: readonly string[] = [FIRST, ...PLACES.map((place) => STORE_NAMES[place])];
  return (
    <>
      <div className="mt-2 mb-4 flex flex-wrap items-end justify-between gap-3">
        <h1 className="text-[27px]">Freezer</h1>
        <div className="flex flex-wrap gap-2">
          {rows.length > 0 && (
            <Link
              className="button"
              href={`/freezer/labels?ids=${rows
                .map(({ id }) => id)
                .slice(0, MOST_LABELLED)
                .join(",")}`}
            >
              <Tag size={17} aria-hidden /> Labels for all
            </Link>
          )}
          <Link className="button button-next" href="/freezer/new">
            <Plus size={17} aria-hidden /> Put something away
          </Link>
        </div>
      </div>
      {rows.length === 0 && (
        <p className="panel p-6">
          {say`Nothing is put away. What is left of a cake goes here from its Serve; layers, batter and frosting by “Put something away”. It tells what has to be eaten first, and prints the labels.`}
        </p>
      )}
      {sections.map((section) => {
        const own = bySection.get(section) ?? [];
        return (
          own.length > 0 && (
            <section key={section} aria-label={section} className="mb-5">
              <h2 className="mb-1.5 text-[17px]">{section}</h2>
              <ul className="panel divide-y-[1.5px] divide-line">
                {own.map((row) => (
                  <PortionsRow
                    key={row.id}
                    row={row}
                    showsPlace={section === FIRST}
                    today={today}
                    units={units}
                    actions={actions}
                  />
                ))}
              </ul>
            </section>
          )
        );
      })}
    </>
  );
}

/** Labels of so many things are laid out at once. */
const MOST_LABELLED = 60;

function PortionsRow({
  row: { id, portions },
  showsPlace,
  today,
  units,
  actions,
}: {
  readonly row: Row;
  readonly showsPlace: boolean;
  readonly today: string;
  readonly units: Units;
  readonly actions: FreezerActions;
}) {
  const tell = useTell();
  const router = useRouter();
  const [taken, setTaken] = useState(1);
  const { name, left, count, what, place } = portions;
  const some = Math.min(taken, left);
  const isPast = urgency(portions, today) === "past";

  async function act(
    work: () => Promise<Outcome>,
    said: string,
    undo: () => Promise<Outcome>,
  ): Promise<void> {
    const outcome = await work().catch(() => UNREACHABLE);
    if (outcome.ok)
      tell(said, {
        name: "Undo",
        run: () =>
          void undo()
            .catch(() => UNREACHABLE)
            .then((undone) => {
              if (!undone.ok) tell(undone.message);
              router.refresh();
            }),
      });
    else tell(outcome.message);
    router.refresh();
  }

  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-2 px-4 py-3">
      <p className="figure-text w-16 shrink-0 text-[25px] leading-none">
        {left}
        {left < count && <span className="text-[14px] text-ink-2"> of {count}</span>}
      </p>
      <div className="min-w-0 flex-1 basis-56">
        <h3 className="text-[17px]">
          <Link
            href={`/freezer/${id}`}
            className="font-semibold break-words underline-offset-4 hover:underline"
          >
            {name}
          </Link>
        </h3>
        <p className="text-[14px] text-ink-2">
          {showsPlace ? `${STORE_NAMES[place].toLowerCase()}, ` : ""}
          {portionsText(left, what)}, {madeText(portions, units, today)}
        </p>
      </div>
      <p
        className={`basis-52 text-[15px] ${isPast ? "font-semibold text-tomato" : ""} max-sm:basis-full`}
      >
        {eatByText(portions, units, today)}
      </p>
      <div className="flex flex-wrap items-center gap-1.5 md:w-[19rem] md:justify-end">
        <label className="sr-only" htmlFor={`take-${id}`}>
          How many of {name}
        </label>
        <input
          id={`take-${id}`}
          type="number"
          inputMode="numeric"
          min={1}
          max={left}
          className="field !w-16 !px-2"
          value={some}
          onChange={({ target }) => setTaken(Math.max(1, Math.round(Number(target.value)) || 1))}
        />
        <button
          type="button"
          className="button"
          aria-label={`Take ${some} of ${name}`}
          onClick={() =>
            void act(
              () => actions.takePortions(id, some),
              some === left
                ? `That was the last of “${name}”.`
                : `Took ${portionsText(some, what)} of “${name}”.`,
              () => actions.takePortions(id, -some),
            )
          }
        >
          Take
        </button>
        {place === "freezer" && (
          <button
            type="button"
            className="button"
            aria-label={`Thaw ${name} in the fridge`}
            onClick={() =>
              void act(
                () => actions.movePortions(id, "fridge"),
                `“${name}” thaws in the fridge from today.`,
                () => actions.putPortionsBack(id, portions),
              )
            }
          >
            Thaw
          </button>
        )}
        <Link
          className="button !px-2.5"
          aria-label={`Labels for ${name}`}
          href={`/freezer/labels?ids=${id}`}
        >
          <Tag size={17} aria-hidden />
        </Link>
        {isPast && (
          <button
            type="button"
            className="button"
            aria-label={`Delete ${name}`}
            onClick={() =>
              void act(
                () => actions.removePortions(id),
                `Deleted “${name}”.`,
                () => actions.bringBackPortions(id),
              )
            }
          >
            Delete
          </button>
        )}
      </div>
    </li>
  );
}
