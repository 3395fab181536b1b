"use client";

import { useMemo } from "react";
import { planCake, type CakeInput } from "@/core/plan";
import { useSay } from "../frame/units";
import type { StationProps } from "../frame/station-props";
import { Tick } from "../frame/tick";

/** Bare tins or wet strips round them. */
export function StripsChoice({
  question,
  input,
  onChange,
}: Pick<StationProps, "question" | "onChange"> & { readonly input: CakeInput | null }) {
  const say = useSay();
  const canWear = useMemo(() => {
    if (input === null) return true;
    const plan = planCake({ ...input, strips: true });
    return plan.ok && !plan.value.remarks.some(({ code }) => code === "strips-unsuited");
  }, [input]);
  return (
    <fieldset>
      <legend className="label">{say`Round the tins`}</legend>
      <div className="mt-1 inline-flex overflow-hidden rounded-control border-[1.5px] border-ink">
        {(
          [
            [false, "Bare"],
            [true, "Wet strips"],
          ] as const
        ).map(([strips, name]) => (
          <button
            key={name}
            type="button"
            aria-pressed={question.strips === strips}
            className="min-h-10 px-3 aria-pressed:bg-ink aria-pressed:font-semibold aria-pressed:text-white"
            onClick={() => onChange({ strips })}
          >
            {name}
          </button>
        ))}
      </div>
      <Tick
        className="mt-1 min-h-10"
        checked={question.lined}
        onChange={(isOn) => onChange({ lined: isOn })}
      >
        lined with paper where the recipe&apos;s are not
      </Tick>
      {!canWear && (
        <p className="mt-1 text-[14px] text-ink-2">
          Strips suit layers and sheets; loaves, rings and cups go without.
        </p>
      )}
    </fieldset>
  );
}
