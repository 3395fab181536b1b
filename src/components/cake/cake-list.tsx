"use client";

import { group } from "d3-array";
import { memo, useEffect, useState, useTransition } from "react";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { CalendarDays, Copy, Pencil, RotateCcw, Snowflake, Trash2 } from "lucide-react";
import { debounce, parseAsInteger, parseAsString, useQueryStates } from "nuqs";
import { FIRST_QUESTION } from "@/core/ask";
import { CAKE_STATES, cakeState, STORED_QUESTION, type CakeDates } from "@/core/kept";
import type { Units } from "@/words";
import { CAKE_STATE_NAMES, cakeStateText, wantedOnText } from "@/words/cakes";
import { Field, LabelledChoice } from "../frame/field";
import type { KeptOutcome, Outcome } from "../frame/outcome";
import { useTell } from "../frame/toasts";
import { useSay, useUnits } from "../frame/units";
import { StandingCake } from "../section/standing-cake";
import { cakeSummary } from "./cake-summary";
import { RenameSheet } from "./rename-sheet";

/** A cake of the list, its question as the list has it. */
type CakeRow = CakeDates & {
  readonly id: string;
  readonly name: string;
  readonly question: string;
};

type CakeActions = {
  readonly renameCake: (id: string, name: string) => Promise<Outcome>;
  readonly copyCake: (id: string, name: string) => Promise<Outcome>;
  readonly removeCake: (id: string) => Promise<Outcome>;
  readonly bringBackCake: (id: string) => Promise<Outcome>;
  readonly markEaten: (id: string, isEaten: boolean) => Promise<Outcome>;
  readonly planAgain: (id: string) => Promise<KeptOutcome>;
};

type CakeListProps = {
  readonly cakes: readonly CakeRow[];
  readonly total: number;
  /** The date that divides what is to come from what is past, `2026-12-05`. */
  readonly today: string;
  /** Whether some cakes are left out by words or by what became of them. */
  readonly isNarrowed: boolean;
  readonly pages: number;
  readonly actions: CakeActions;
};

const UNREACHABLE = {
  ok: false,
  message: "The kitchen's server can't be reached. Nothing was changed; try again.",
} as const;
/** A pause in typing this long searches, ms. */
const SEARCH_AFTER_MS = 120;

const ORDERS = [
  ["", "Day it is wanted"],
  ["changed", "Changed last"],
  ["name", "Name"],
] as const;

/** All cakes: found by words, by day, by what became of them; each opens, or is baked again. */
export function CakeList({ cakes, total, today, isNarrowed, pages, actions }: CakeListProps) {
  const say = useSay();
  const { units } = useUnits();
  const worked = useWorked(cakes.length);
  const [renaming, setRenaming] = useState<CakeRow | null>(null);
  const [isSearching, startSearching] = useTransition();
  const [address, setAddress] = useQueryStates(
    {
      q: parseAsString.withDefault(""),
      show: parseAsString.withDefault(""),
      order: parseAsString.withDefault(""),
      more: parseAsInteger.withDefault(1),
    },
    {
      shallow: false,
      history: "replace",
      startTransition: startSearching,
      limitUrlUpdates: debounce(SEARCH_AFTER_MS),
    },
  );
  const isByDay = !ORDERS.some(([order]) => order !== "" && order === address.order);
  const stretches = [
    ...group(cakes, ({ wantedOn }) => (isByDay ? stretchOf(wantedOn, today) : "All cakes")),
  ];
  const ofRow = new Map(cakes.map((cake, index) => [cake.id, index]));

  return (
    <>
      <Icons />
      <div className="mt-2 mb-4 flex flex-wrap items-end justify-between gap-3">
        <h1 className="text-[27px]">Cakes</h1>
        <div className="flex flex-wrap gap-2">
          <Link href="/calendar" className="button">
            <CalendarDays size={17} aria-hidden /> Calendar
          </Link>
          <Link href="/try" className="button button-next">
            {say`Try a tin`}
          </Link>
        </div>
      </div>
      <div className="mb-2 flex flex-wrap gap-3">
        <div className="flex min-w-56 flex-[2]">
          <Field
            label="Find a cake"
            value={address.q}
            onChange={(q) => void setAddress({ q, more: 1 })}
            placeholder="supper, pear, loaf…"
          />
        </div>
        <LabelledChoice
          label="Show"
          value={address.show}
          choices={[
            ["", "All of them"],
            ...CAKE_STATES.map((state) => [state, CAKE_STATE_NAMES[state]] as const),
          ]}
          onChange={(show) => void setAddress({ show, more: 1 })}
        />
        <LabelledChoice
          label="In order of"
          value={isByDay ? "" : address.order}
          choices={ORDERS}
          onChange={(order) => void setAddress({ order, more: 1 })}
        />
      </div>
      <p role="status" className="mb-3 text-[14px] text-ink-2">
        {isSearching ? "Searching…" : total === 1 ? "One cake" : `${total} cakes`}
      </p>
      {cakes.length === 0 && (
        <p className="panel p-6">
          {isNarrowed
            ? "No cake is like this. Try fewer words, or all of them."
            : say`No cake is kept yet. Try a batter in a tin, then keep it as a cake.`}
        </p>
      )}
      {stretches.map(([stretch, own]) => (
        <section key={stretch} aria-label={stretch} className="mb-5">
          {isByDay && <h2 className="mb-1.5 text-[17px]">{stretch}</h2>}
          <ul className="panel divide-y-[1.5px] divide-line">
            {own.map((cake) => (
              <li key={cake.id} className="flex flex-wrap items-center gap-x-4 gap-y-2 px-4 py-3">
                <Told cake={cake} units={units} isWorked={(ofRow.get(cake.id) ?? 0) < worked} />
                <Dates cake={cake} units={units} today={today} />
                <RowActions
                  cake={cake}
                  today={today}
                  actions={actions}
                  onRename={() => setRenaming(cake)}
                />
              </li>
            ))}
          </ul>
        </section>
      ))}
      {cakes.length < total && (
        <button
          type="button"
          className="button"
          onClick={() => void setAddress({ more: pages + 1 })}
        >
          Show more cakes
        </button>
      )}
      {renaming !== null && (
        <RenameSheet
          cake={renaming}
          rename={actions.renameCake}
          onClose={() => setRenaming(null)}
        />
      )}
    </>
  );
}

const stretchOf = (wantedOn: string, today: string): string =>
  wantedOn === "" ? "No day yet" : wantedOn >= today ? "To come" : "Past";

/** When it is wanted, and what became of it. */
function Dates({
  cake,
  units,
  today,
}: {
  readonly cake: CakeRow;
  readonly units: Units;
  readonly today: string;
}) {
  const now = new Date(`${today}T12:00`);
  const state = cakeStateText(cake, units, now);
  return (
    <p className="w-36 text-[15px] max-sm:w-auto max-sm:flex-1">
      {cake.wantedOn === "" ? (
        <span className="text-ink-2">{wantedOnText("", units, now)}</span>
      ) : (
        <Link
          href={`/day?on=${cake.wantedOn}`}
          className="inline-flex items-center gap-1.5 underline-offset-4 hover:underline"
        >
          <CalendarDays size={16} aria-hidden />
          {wantedOnText(cake.wantedOn, units, now)}
        </Link>
      )}
      {state !== "" && <span className="block text-[14px] text-ink-2">{state}</span>}
    </p>
  );
}

/** What can be done with a cake of the list. */
function RowActions({
  cake,
  today,
  actions,
  onRename,
}: {
  readonly cake: CakeRow;
  readonly today: string;
  readonly actions: CakeActions;
  readonly onRename: () => void;
}) {
  const tell = useTell();
  const router = useRouter();
  const state = cakeState(cake);
  const isOver = state !== "to-bake" || (cake.wantedOn !== "" && cake.wantedOn < today);

  async function act(work: () => Promise<Outcome>, done: () => void): Promise<void> {
    const outcome = await work().catch(() => UNREACHABLE);
    if (outcome.ok) done();
    else tell(outcome.message);
    router.refresh();
  }

  async function again(): Promise<void> {
    const outcome = await actions.planAgain(cake.id).catch(() => UNREACHABLE);
    if (outcome.ok) router.push(`/cakes/${outcome.id}`);
    else tell(outcome.message);
  }

  function remove(): void {
    const undo = (): void =>
      void act(
        () => actions.bringBackCake(cake.id),
        () => tell(`“${cake.name}” is back.`),
      );
    void act(
      () => actions.removeCake(cake.id),
      () => tell(`Deleted “${cake.name}”.`, { name: "Undo", run: undo }),
    );
  }

  return (
    <div className="flex flex-wrap gap-1.5 md:w-[22.5rem] md:justify-end">
      {isOver && (
        <>
          <button
            type="button"
            className="button text-[15px] aria-pressed:border-ink aria-pressed:bg-yolk-soft"
            aria-pressed={state === "eaten"}
            aria-label={`Eaten: ${cake.name}`}
            onClick={() =>
              void act(
                () => actions.markEaten(cake.id, state !== "eaten"),
                () => undefined,
              )
            }
          >
            Eaten
          </button>
          <button
            type="button"
            className="button text-[15px]"
            aria-label={`Bake ${cake.name} again`}
            onClick={() => void again()}
          >
            <Icon of="again" /> Again
          </button>
          {state === "baked" && (
            <Link
              className="button !px-2.5"
              aria-label={`Put pieces of ${cake.name} away`}
              title="Put pieces away"
              href={`/freezer/new?cake=${cake.id}`}
            >
              <Icon of="freezer" />
            </Link>
          )}
        </>
      )}
      <button
        type="button"
        className="button !px-2.5"
        aria-label={`Rename ${cake.name}`}
        onClick={onRename}
      >
        <Icon of="pencil" />
      </button>
      <button
        type="button"
        className="button !px-2.5"
        aria-label={`Duplicate ${cake.name}`}
        onClick={() =>
          void act(
            () => actions.copyCake(cake.id, cake.name),
            () => tell(`Copied “${cake.name}”.`),
          )
        }
      >
        <Icon of="copy" />
      </button>
      <button
        type="button"
        className="button !px-2.5"
        aria-label={`Delete ${cake.name}`}
        onClick={remove}
      >
        <Icon of="bin" />
      </button>
    </div>
  );
}

const ICONS = { again: RotateCcw, freezer: Snowflake, pencil: Pencil, copy: Copy, bin: Trash2 };

/** The rows' icons, drawn once: fifty rows of paths would be most of the page. */
const Icons = () => (
  <svg width="0" height="0" className="absolute" aria-hidden>
    {Object.entries(ICONS).map(([name, Drawn]) => (
      <symbol key={name} id={`icon-${name}`}>
        <Drawn size={17} />
      </symbol>
    ))}
  </svg>
);

const Icon = ({ of }: { readonly of: keyof typeof ICONS }) => (
  <svg width="17" height="17" aria-hidden>
    <use href={`#icon-${of}`} />
  </svg>
);

const AWAITED = { tins: "…", facts: "\u00a0", plan: null };

function workedSummary(stored: string, units: Units): ReturnType<typeof cakeSummary> {
  const question = STORED_QUESTION.read(stored, FIRST_QUESTION);
  return cakeSummary(question.ok ? question.value : null, units);
}

/** A cake drawn small, its name, and what it comes to, once that is worked out. */
const Told = memo(function Told({
  cake: { id, name, question },
  units,
  isWorked,
}: {
  readonly cake: CakeRow;
  readonly units: Units;
  readonly isWorked: boolean;
}) {
  const { tins, facts, plan } = isWorked ? workedSummary(question, units) : AWAITED;
  return (
    <>
      <span className="flex w-32 shrink-0 items-end justify-center border-b-[3px] border-ink max-sm:hidden">
        {plan !== null && <StandingCake plan={plan} pxPerMm={PX_PER_MM} />}
      </span>
      <div className="min-w-0 flex-1 basis-56">
        <Link
          href={`/cakes/${id}`}
          className="text-[17px] font-semibold break-words underline-offset-4 hover:underline"
        >
          {name}
        </Link>
        <p className="text-[14px] text-ink-2">{tins}</p>
        <p className="text-[14px] text-ink-2">{facts}</p>
      </div>
    </>
  );
});

/**
 * So many cakes are worked out with the page, and then more in the browser, a few at a time, so
 * that neither server nor hand waits for a long list.
 */
const WITH_THE_PAGE = 2;
const AT_A_TIME = 6;

function useWorked(cakes: number): number {
  const [worked, setWorked] = useState(WITH_THE_PAGE);
  useEffect(() => {
    if (worked >= cakes) return;
    const next = setTimeout(() => setWorked(worked + AT_A_TIME));
    return () => clearTimeout(next);
  }, [worked, cakes]);
  return worked;
}

/** All thumbnails are drawn at one scale, px a mm, but never wider than their place. */
const PX_PER_MM = 0.34;
