"use client";

import { parseISO } from "date-fns";
import {
  bestBefore,
  movedPortions,
  PLACES,
  PortionsDocSchema,
  PUT_AWAY,
  PUT_AWAY_ROWS,
  putAwayIssue,
  thawing,
  type Portions,
} from "@/core/freezer";
import { readAmount, readMassG } from "@/core/measure";
import { ALLERGENS } from "@/core/pantry";
import { exactWeightText, type Units } from "@/words";
import { ALLERGEN_NAMES } from "@/words/cautions";
import { dateText } from "@/words/dates";
import { STORE_NAMES, PUT_AWAY_NAMES, putAwayIssueText, thawText, thenText } from "@/words/freezer";
import { LabelledChoice, ProseBox } from "../frame/field";
import { useSay } from "../frame/units";
import { KeptBox } from "../frame/kept-box";

type PortionsFieldsProps = {
  readonly portions: Portions;
  /** Whether some may have been eaten already. */
  readonly hasLeft: boolean;
  /** `2026-12-05` */ readonly today: string;
  readonly units: Units;
  readonly onChange: (changes: Partial<Portions>) => void;
};

const countOf = (text: string): number | null => readAmount(text)?.value ?? null;

/** What was put away, where, and how long it keeps; boxes keep what is typed until it can be read. */
export function PortionsFields({ portions, hasLeft, today, units, onChange }: PortionsFieldsProps) {
  const say = useSay();
  const issue = putAwayIssue(portions);
  const then = thenText(thawing(portions).then, units);
  return (
    <div className="space-y-4">
      <div className="flex flex-wrap items-start gap-3">
        <LabelledChoice
          label="What it is"
          value={portions.what}
          choices={PUT_AWAY.map((what) => [what, say(PUT_AWAY_NAMES[what])] as const)}
          onChange={(what) =>
            onChange({
              what,
              // What its own cake said of keeping stands.
              ...(portions.cakeId === null ? { keeping: PUT_AWAY_ROWS[what].keeping } : {}),
            })
          }
        />
        <LabelledChoice
          label="Where it is"
          value={portions.place}
          choices={PLACES.map((place) => [place, STORE_NAMES[place]] as const)}
          onChange={(place) =>
            onChange(hasLeft ? movedPortions(portions, place, today) : { place })
          }
        />
        <KeptBox
          label="How many"
          path="portions"
          text={String(portions.count)}
          read={countOf}
          schema={PortionsDocSchema.shape.count}
          units={units}
          expected="number"
          onKeep={(count) =>
            onChange({ count, left: hasLeft ? Math.min(portions.left, count) : count })
          }
        />
        {hasLeft && (
          <KeptBox
            label="Left"
            path="left"
            text={String(portions.left)}
            read={countOf}
            schema={PortionsDocSchema.shape.left}
            units={units}
            expected="number"
            onKeep={(left) => onChange({ left: Math.min(left, portions.count) })}
          />
        )}
        <KeptBox
          label="One weighs"
          path="eachG"
          text={portions.eachG === null ? "" : exactWeightText(portions.eachG, units)}
          read={readMassG}
          schema={PortionsDocSchema.shape.eachG}
          units={units}
          expected="weight"
          whenEmpty={null}
          placeholder="not weighed"
          onKeep={(eachG) => onChange({ eachG })}
        />
      </div>
      <div className="flex flex-wrap items-start gap-3">
        <DateBox
          label="Made"
          value={portions.madeOn}
          onChange={(madeOn) => madeOn !== "" && onChange({ madeOn })}
        />
        {portions.thawedOn !== "" && (
          <DateBox
            label="Thawed"
            value={portions.thawedOn}
            onChange={(thawedOn) => onChange({ thawedOn })}
          />
        )}
        <div className="min-w-40 flex-1">
          <DateBox
            label="Best before"
            value={portions.bestBefore}
            onChange={(day) => onChange({ bestBefore: day })}
          />
          <p
            className={`mt-0.5 text-[13px] ${issue === null ? "text-ink-2" : "font-semibold text-tomato"}`}
          >
            {issue !== null
              ? putAwayIssueText(issue, units)
              : portions.bestBefore === ""
                ? `by how long it keeps: ${dateText(parseISO(bestBefore(portions)), units)}`
                : "your own day"}
          </p>
        </div>
        <label className="min-w-52 flex-1">
          <span className="label block">Wanted</span>
          <input
            type="datetime-local"
            className="field"
            value={portions.wantedAt}
            onChange={({ target }) => onChange({ wantedAt: target.value.slice(0, 16) })}
          />
        </label>
      </div>
      <label className="flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          className="size-5 accent-ink"
          checked={portions.isCold}
          onChange={({ target }) => onChange({ isCold: target.checked })}
        />
        It has cream, custard, cheese or fresh fruit: it stays cold
      </label>
      <fieldset>
        <legend className="label">It contains</legend>
        <div className="flex flex-wrap gap-x-5">
          {ALLERGENS.map((each) => (
            <label key={each} className="flex min-h-11 items-center gap-2">
              <input
                type="checkbox"
                className="size-5 accent-ink"
                checked={portions.allergens.includes(each)}
                onChange={({ target }) =>
                  onChange({
                    allergens: ALLERGENS.filter((other) =>
                      other === each ? target.checked : portions.allergens.includes(other),
                    ),
                  })
                }
              />
              {ALLERGEN_NAMES[each]}
            </label>
          ))}
        </div>
      </fieldset>
      <ProseBox
        label="Notes"
        value={portions.notes}
        most={1000}
        onChange={(notes) => onChange({ notes })}
      />
      <p className="text-[15px]">
        {thawText(portions)}
        {then === "" ? "." : `. ${then}.`} What was thawed is not frozen again.
      </p>
    </div>
  );
}

function DateBox({
  label,
  value,
  onChange,
}: {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
}) {
  return (
    <label className="min-w-40 flex-1">
      <span className="label block">{label}</span>
      <input
        type="date"
        className="field"
        value={value}
        onChange={({ target }) => onChange(target.value)}
      />
    </label>
  );
}
