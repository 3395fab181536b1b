"use client";

import { memo, useDeferredValue, useMemo, useState } from "react";
import type { CakePlan } from "@/core/plan";
import type { Question } from "@/core/ask";
import { formOf, tinSetsByForm, type StockTin, type TinSet } from "@/core/fill";
import { tinCount, tinGeometry, writeTin } from "@/core/tin";
import { fitReason, FORM_NAMES, tinText, type Units } from "@/words";
import { useSay } from "../frame/units";
import type { TinChoice } from "../frame/choices";
import { More } from "../frame/more";
import { EmptyTin } from "../section/empty-tin";

type BestFitsProps = {
  readonly plan: CakePlan;
  readonly question: Question;
  readonly cupboard: readonly TinChoice[];
  readonly units: Units;
  readonly onChange: (changes: Partial<Question>) => void;
};

/** Shown at once; the others are one tap away. */
const SHOWN = 4;
const SCALE = 0.13;

/** Tins of the cupboard for this batter, the best first, each with its reason. */
export function BestFits({ plan, question, cupboard, units, onChange }: BestFitsProps) {
  const say = useSay();
  // The list may lag behind a drag by a frame; the drawing may not.
  const { mix, own, reference, options, fill, build } = useDeferredValue(plan);
  // Where the tins decide how much is made, the recipe as written asks which of them suit it.
  const isByTins =
    question.scale === "same-depth" ||
    question.scale === "fill-limit" ||
    question.scale === "depth";
  const stock = useMemo(
    () =>
      cupboard.flatMap(({ id, tin, owned }): readonly StockTin[] => {
        const geometry = tinGeometry(tin);
        return geometry.ok ? [{ id, geometry: geometry.value, owned }] : [];
      }),
    [cupboard],
  );
  const isStacked = build.cakes.some(({ tiers }) => tiers.some(({ layers }) => layers > 1));
  const forms = useMemo(
    () =>
      tinSetsByForm(
        isByTins ? own : mix,
        reference.tins.map(({ geometry }) => geometry),
        own.volumeMl,
        stock,
        options,
        { tins: fill.tins.map(({ geometry }) => geometry), isStacked },
      ),
    [mix, own, reference, isByTins, stock, options, fill, isStacked],
  );
  if (cupboard.length === 0)
    return (
      <p className="text-[15px] text-ink-2">
        {say`The cupboard is empty. Put your tins into it, and the ones that suit this batter stand here.`}
      </p>
    );
  if (forms.length === 0)
    return (
      <p className="text-[15px] text-ink-2">
        {say`Nothing in the cupboard takes this batter: it would pass every limit, or lie too thin. Make more or less of it, or write the size of another tin.`}
      </p>
    );
  const now = formOf(fill.tins[0]?.geometry);
  const first = forms.find(({ form }) => form === now);
  const others = forms.filter((each) => each !== first);
  const props = { question, cupboard, units, onChange };
  return (
    <>
      {first === undefined ? (
        <p className="text-[15px] text-ink-2">Nothing of this form takes it.</p>
      ) : (
        <FitList {...props} sets={first.sets} shown={SHOWN} name="From the cupboard, as it is" />
      )}
      {others.length > 0 && (
        <More summary="In another form">
          {others.map(({ form, sets }) => (
            <section key={form} aria-label={say(FORM_NAMES[form])}>
              <h4 className="pt-1.5 text-[14px] font-semibold text-ink-2 first-letter:uppercase">
                {say(FORM_NAMES[form])}
              </h4>
              <FitList {...props} sets={sets} shown={SHOWN} name={say(FORM_NAMES[form])} />
            </section>
          ))}
        </More>
      )}
    </>
  );
}

type FitListProps = Omit<BestFitsProps, "plan"> & {
  readonly sets: readonly TinSet[];
  /** At once. */
  readonly shown: number;
  readonly name: string;
};

function FitList({ sets, shown, name: label, question, cupboard, units, onChange }: FitListProps) {
  const [isOpen, setIsOpen] = useState(false);
  return (
    <>
      <ul aria-label={label} className="divide-y-[1.5px] divide-line">
        {sets.slice(0, isOpen ? sets.length : shown).map((set) => {
          const tins = writtenTins(set, cupboard);
          const isTaken =
            tins.length === question.tins.length &&
            tins.every((tin) => question.tins.includes(tin));
          const name = set.tins
            .map(({ id, pieces }) =>
              pieceName(
                cupboard.find((each) => each.id === id),
                pieces,
                units,
              ),
            )
            .join(" + ");
          return (
            <li
              key={set.tins.map(({ id, pieces }) => `${id}${pieces}`).join()}
              className="flex items-center gap-2.5 py-1.5"
            >
              <SetDrawing tins={set.tins.map(({ id }) => id).join()} cupboard={cupboard} />
              <span className="min-w-0 flex-1 text-[14px] leading-snug">
                <span className="block font-semibold">{name}</span>
                <span className="block text-[13px] text-ink-2">{fitReason(set)}</span>
              </span>
              <button
                type="button"
                className="choice !min-h-9 shrink-0 px-3 font-semibold disabled:border-leaf disabled:text-leaf"
                disabled={isTaken}
                onClick={() => onChange({ tins: [...tins] })}
              >
                {isTaken ? "taken" : "Take"}
                <span className="sr-only">: {name}</span>
              </button>
            </li>
          );
        })}
      </ul>
      {sets.length > shown && (
        <button
          type="button"
          className="mt-1 text-[14px] underline underline-offset-3"
          onClick={() => setIsOpen(!isOpen)}
        >
          {isOpen ? "only the best" : `${sets.length - shown} more`}
        </button>
      )}
    </>
  );
}

/** The tins of a set, by their ids, at one small scale. */
const SetDrawing = memo(function SetDrawing({
  tins,
  cupboard,
}: {
  readonly tins: string;
  readonly cupboard: readonly TinChoice[];
}) {
  const ids = tins.split(",");
  return (
    <span className="flex w-16 shrink-0 flex-wrap items-end justify-center border-b-2 border-ink">
      {ids.map((id) => {
        const tin = cupboard.find((each) => each.id === id)?.tin;
        return tin === undefined ? null : (
          <EmptyTin key={id} tin={tin} pxPerMm={ids.length > 1 ? SCALE * 0.7 : SCALE} />
        );
      })}
    </span>
  );
});

/** A set of tins as the question writes them. */
function writtenTins(set: TinSet, cupboard: readonly TinChoice[]): readonly string[] {
  return set.tins.flatMap(({ id, pieces }) => {
    const each = cupboard.find((tin) => tin.id === id);
    return each === undefined
      ? []
      : [writeTin({ ...each.tin, count: pieces * tinCount(each.tin) })];
  });
}

function pieceName(tin: TinChoice | undefined, pieces: number, units: Units): string {
  if (tin === undefined) return "";
  const name = tin.name === "" ? tinText(tin.tin, units) : tin.name;
  return tin.owned > 1 ? `${pieces} × ${name}` : name;
}
