"use client";

import { useEffect, useRef } from "react";
import type { Mark, MarkedRow } from "@/core/reading";
import { PART_ROLES, ROW_CHOICES, STAGES, type Correction, type PartRole } from "@/core/recipe";
import {
  CHOICE_NAMES,
  factChoice,
  markedWords,
  MARK_NAMES,
  ROLE_NAMES,
  STAGE_NAMES,
} from "@/words";
import { useSay } from "../frame/units";
import { Choice } from "../frame/field";

type RowChoicesProps = {
  readonly row: MarkedRow;
  readonly rows: readonly MarkedRow[];
  /** The words that are to be put right; null for the whole line. */
  readonly mark: Mark | null;
  readonly onCorrect: (correction: Correction) => void;
  readonly onDone: () => void;
};

/** What a line of a pasted text, or words in it, can be said to be. */
export function RowChoices({ row, rows, mark, onCorrect, onDone }: RowChoicesProps) {
  const box = useRef<HTMLSpanElement>(null);
  // Opened at the foot of the list, it is in sight all the same.
  useEffect(() => {
    box.current?.scrollIntoView({ block: "nearest" });
  }, []);
  return (
    <span
      ref={box}
      role="group"
      aria-label={mark === null ? "Put this line right" : `Put “${markedWords(row, mark)}” right`}
      className="my-1.5 flex flex-wrap items-end gap-x-3 gap-y-2 rounded-control border-[1.5px] border-line bg-enamel p-2.5"
      onKeyDown={(event) => {
        if (event.key === "Escape") onDone();
      }}
    >
      {mark === null ? (
        <LineChoices row={row} onCorrect={onCorrect} />
      ) : (
        <MarkChoices row={row} rows={rows} mark={mark} onCorrect={onCorrect} />
      )}
      <button type="button" className="button !min-h-8" onClick={onDone}>
        Done
      </button>
    </span>
  );
}

const keyOf = ({ text, nth }: MarkedRow): Pick<Correction, "text" | "nth"> => ({ text, nth });

function LineChoices({ row, onCorrect }: Pick<RowChoicesProps, "row" | "onCorrect">) {
  const is = ROW_CHOICES.find((choice) => choice === row.as);
  return (
    <>
      <OneOf
        label="This line is"
        value={is ?? null}
        options={ROW_CHOICES.map((value) => [value, CHOICE_NAMES[value]])}
        onChoose={(as) => onCorrect({ ...keyOf(row), as })}
      />
      {(is === "ingredient" || is === "step") && (
        <RoleChoice role={row.role} onChoose={(role) => onCorrect({ ...keyOf(row), role })} />
      )}
      {is === "step" && (
        <OneOf
          label="It is done"
          value={row.stage}
          options={STAGES.map((value) => [value, STAGE_NAMES[value].toLowerCase()])}
          onChoose={(stage) => onCorrect({ ...keyOf(row), stage })}
        />
      )}
    </>
  );
}

function MarkChoices({
  row,
  rows,
  mark,
  onCorrect,
}: Omit<RowChoicesProps, "onDone" | "mark"> & { readonly mark: Mark }) {
  const say = useSay();
  const words = markedWords(row, mark);
  const choice = factChoice(mark);
  const line = rows.find(({ id }) => id !== null && id === mark.id);
  return (
    <>
      <span className="self-center text-[14px]">
        “{words}”: {say(MARK_NAMES[mark.is])}
      </span>
      {choice !== null && (
        <button
          type="button"
          className="button !min-h-8"
          onClick={() =>
            onCorrect({ ...keyOf(row), fact: { is: choice.fact, words, isIt: choice.isIt } })
          }
        >
          {say(choice.text)}
        </button>
      )}
      {line !== undefined && (
        <>
          <RoleChoice role={line.role} onChoose={(role) => onCorrect({ ...keyOf(line), role })} />
          <button
            type="button"
            className="button !min-h-8"
            onClick={() => onCorrect({ ...keyOf(line), as: "note" })}
          >
            Not an ingredient
          </button>
        </>
      )}
    </>
  );
}

function RoleChoice({
  role,
  onChoose,
}: {
  readonly role: PartRole | null;
  readonly onChoose: (role: PartRole) => void;
}) {
  const say = useSay();
  return (
    <OneOf
      label="It is for the"
      value={role}
      options={PART_ROLES.map((value) => [value, say(ROLE_NAMES[value])])}
      onChoose={onChoose}
    />
  );
}

/** One of a few, by name; none yet where nothing is known. */
function OneOf<T extends string>({
  label,
  value,
  options,
  onChoose,
}: {
  readonly label: string;
  readonly value: T | null;
  readonly options: readonly (readonly [T, string])[];
  readonly onChoose: (value: T) => void;
}) {
  const none: readonly (readonly [T | "", string])[] = value === null ? [["", "…"]] : [];
  return (
    <span>
      <span className="label block">{label}</span>
      <Choice
        label={label}
        value={value ?? ""}
        choices={[...none, ...options]}
        onChange={(chosen) => {
          if (chosen !== "") onChoose(chosen);
        }}
      />
    </span>
  );
}
