"use client";

import { memo, useEffect, useState } from "react";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { Copy, Pencil, Trash2 } from "lucide-react";
import { FIRST_QUESTION } from "@/core/ask";
import { STORED_QUESTION } from "@/core/kept";
import type { Units } from "@/words";
import type { Outcome } from "../frame/outcome";
import { useTell } from "../frame/toasts";
import { useUnits } from "../frame/units";
import { StandingCake } from "../section/standing-cake";
import { cakeSummary } from "./cake-summary";
import { RenameSheet } from "./rename-sheet";

/** A cake of the list, its question as the list has it. */
type CakeRow = { readonly id: string; readonly name: string; readonly question: string };

type CakeActions = {
  readonly renameCake: (id: string, name: string) => Promise<Outcome>;
  readonly copyCake: (id: string, name: string) => Promise<Outcome>;
  readonly removeCake: (id: string) => Promise<Outcome>;
  readonly bringBackCake: (id: string) => Promise<Outcome>;
};

const UNREACHABLE: Outcome = {
  ok: false,
  message: "The kitchen's server can't be reached. Nothing was changed; try again.",
};

/** All cakes: open, rename, duplicate, delete with undo. */
export function CakeList({
  cakes,
  actions,
}: {
  readonly cakes: readonly CakeRow[];
  readonly actions: CakeActions;
}) {
  const { units } = useUnits();
  const worked = useWorked(cakes.length);
  const [renaming, setRenaming] = useState<CakeRow | null>(null);
  const tell = useTell();
  const router = useRouter();

  async function act(work: () => Promise<Outcome>, done: () => void): Promise<void> {
    const outcome = await work().catch(() => UNREACHABLE);
    if (outcome.ok) done();
    else tell(outcome.message);
    router.refresh();
  }

  function remove(cake: CakeRow): void {
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
    <>
      <Icons />
      <ul className="panel divide-y-[1.5px] divide-line">
        {cakes.map((cake, index) => (
          <li key={cake.id} className="flex flex-wrap items-center gap-x-4 gap-y-2 px-4 py-3">
            <Told cake={cake} units={units} isWorked={index < worked} />
            <div className="flex gap-1.5">
              <button
                type="button"
                className="button !px-2.5"
                aria-label={`Rename ${cake.name}`}
                onClick={() => setRenaming(cake)}
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
                onClick={() => remove(cake)}
              >
                <Icon of="bin" />
              </button>
            </div>
          </li>
        ))}
      </ul>
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

/** The rows' icons, drawn once: fifty rows of paths would be most of the page. */
const Icons = () => (
  <svg width="0" height="0" className="absolute" aria-hidden>
    {Object.entries({ pencil: Pencil, copy: Copy, bin: Trash2 }).map(([name, Drawn]) => (
      <symbol key={name} id={`icon-${name}`}>
        <Drawn size={17} />
      </symbol>
    ))}
  </svg>
);

const Icon = ({ of }: { readonly of: "pencil" | "copy" | "bin" }) => (
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
      <span className="flex w-28 shrink-0 items-end justify-center border-b-[3px] border-ink max-sm:hidden">
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
const PX_PER_MM = 0.3;
