"use client";

import dynamic from "next/dynamic";
import { useState } from "react";
import { Plus, X } from "lucide-react";
import type { Question, ReadQuestion } from "@/core/ask";
import { bad, type Result } from "@/core/measure";
import type { ReadTin } from "@/core/tin";
import { issueText, type Units } from "@/words";
import { useSay } from "../frame/units";
import type { TinChoice } from "../frame/choices";
import { Field } from "../frame/field";
import { settledText, tinReading } from "./reading-text";

/** Only loaded when somebody opens the cupboard. */
const CupboardPicker = dynamic(
  () => import("./cupboard-picker").then((module) => module.CupboardPicker),
  { ssr: false },
);

type TinsSideProps = {
  readonly question: Question;
  readonly read: ReadQuestion;
  readonly cupboard: readonly TinChoice[];
  readonly units: Units;
  readonly onChange: (changes: Partial<Question>) => void;
};

const MOST_TINS = 20;

/** The tins the baker wants to use: written, or taken from the cupboard. */
export function TinsSide({ question, read, cupboard, units, onChange }: TinsSideProps) {
  const say = useSay();
  const [isOpen, setIsOpen] = useState(false);
  const rows = question.tins;
  const change = (index: number, text: string): void =>
    onChange({ tins: rows.map((row, at) => (at === index ? text : row)) });
  return (
    <fieldset className="min-w-0 space-y-2">
      <legend className="mr-3 font-semibold sm:float-left sm:pt-1.5">I want to use</legend>
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="button"
          aria-haspopup="dialog"
          onClick={() => setIsOpen(true)}
        >
          From the cupboard
        </button>
        <button
          type="button"
          className="button"
          disabled={rows.length >= MOST_TINS}
          onClick={() => onChange({ tins: [...rows, ""] })}
        >
          <Plus size={17} aria-hidden />
          {say` Another tin`}
        </button>
      </div>
      <RecipesTins question={question} onChange={onChange} />
      <div className="clear-both space-y-2">
        {rows.map((text, index) => (
          <div key={index} className="flex">
            <Field
              label={rows.length === 1 ? say`My tin` : say`My tin ${index + 1}`}
              value={text}
              onChange={(next) => change(index, next)}
              onBlur={() => {
                const settled = settledText(read.tins[index]);
                if (settled !== null) change(index, settled);
              }}
              placeholder="23 cm, 9 in, 33 x 23 x 5 cm, 12 cups"
              {...noteOf(read.tins[index], units)}
            >
              <button
                type="button"
                className="button !px-2.5"
                aria-label={say`Remove tin ${index + 1}`}
                onClick={() => onChange({ tins: rows.filter((_, at) => at !== index) })}
              >
                <X size={18} aria-hidden />
              </button>
            </Field>
          </div>
        ))}
        {rows.length === 0 && (
          <p className="py-2 text-ink-2">
            {say`No tin yet. Take one from the cupboard, or write the size of one.`}
          </p>
        )}
      </div>
      {isOpen && (
        <CupboardPicker
          cupboard={cupboard}
          tins={rows}
          units={units}
          onChange={(tins) => onChange({ tins: [...tins] })}
          onClose={() => setIsOpen(false)}
        />
      )}
    </fieldset>
  );
}

/** The tins that the recipe itself is baked in, each a click away; all that it gives a choice of. */
function RecipesTins({ question, onChange }: Pick<TinsSideProps, "question" | "onChange">) {
  const { recipe, from, also, tins } = question;
  const told = [...new Set([from, ...also.map((each) => each.from)])].filter(
    (each) => each.trim() !== "" && each !== tins.join(" + "),
  );
  if (recipe === "" || told.length === 0) return null;
  return (
    <p className="clear-both flex flex-wrap items-baseline gap-x-3 gap-y-1 text-[15px] text-ink-2">
      As in the recipe:
      {told.map((each) => (
        <button
          key={each}
          type="button"
          className="min-h-9 text-ink underline underline-offset-2"
          onClick={() => onChange({ tins: each.split(/\s\+\s/u) })}
        >
          {each}
        </button>
      ))}
    </p>
  );
}

function noteOf(
  read: Result<ReadTin> | undefined,
  units: Units,
): { readonly problem: string | null; readonly reading: string | null } {
  const result = read ?? bad({ code: "missing", path: "size", expected: "size" });
  return result.ok
    ? { problem: null, reading: tinReading(result.value, units) }
    : { problem: issueText(result.issue, units), reading: null };
}
