"use client";

import * as z from "@/core/zod";
import { useState } from "react";
import { BAKE_VERDICTS, type BakeVerdict } from "@/core/logbook";
import { boxed, numberIn, readMinutes } from "@/core/measure";
import { issueText, type Units } from "@/words";
import { VERDICT_NAMES } from "@/words/live";

const BakedSchema = z.optional(numberIn(1, 400, "min"));

type ClosingProps = {
  readonly bakedMin: number | null;
  readonly units: Units;
  readonly onBack: () => void;
  readonly onEnd: (answer: {
    readonly bakedMin: number | null;
    readonly verdict: BakeVerdict | null;
    readonly change: string;
  }) => void;
};

/** Three things for the record, asked once the cake stands there; each may be left out. */
export function Closing({ bakedMin, units, onBack, onEnd }: ClosingProps) {
  const [minutes, setMinutes] = useState(bakedMin === null ? "" : String(bakedMin));
  const [verdict, setVerdict] = useState<BakeVerdict | null>(null);
  const [change, setChange] = useState("");
  const read = boxed("minutes", minutes, readMinutes, BakedSchema, "minutes");
  return (
    <section aria-label="For the record" className="max-w-3xl space-y-5">
      <p className="text-[19px] font-semibold text-yolk">Done</p>
      <h2 className="text-[clamp(30px,4.2vw,46px)] leading-[1.08]!">Three things for the record</h2>
      <label className="block text-[20px]">
        Minutes in the oven
        <input
          className="mt-1 block min-h-16 w-40 rounded-control border-2 border-deep-line bg-deep-2 px-4 text-[26px]"
          inputMode="numeric"
          value={minutes}
          maxLength={20}
          autoComplete="off"
          onChange={(event) => setMinutes(event.target.value)}
          aria-invalid={!read.ok}
        />
        {!read.ok && (
          <span className="text-[18px] text-deep-tomato">{issueText(read.issue, units)}</span>
        )}
      </label>
      <fieldset>
        <legend className="text-[20px]">The middle came out</legend>
        <div className="mt-1 flex flex-wrap gap-3">
          {BAKE_VERDICTS.map((each) => (
            <button
              key={each}
              type="button"
              className="live-button flex-1"
              aria-pressed={verdict === each}
              onClick={() => setVerdict(verdict === each ? null : each)}
            >
              {VERDICT_NAMES[each]}
            </button>
          ))}
        </div>
      </fieldset>
      <label className="block text-[20px]">
        Change next time
        <textarea
          className="mt-1 block min-h-24 w-full rounded-control border-2 border-deep-line bg-deep-2 px-4 py-2 text-[20px]"
          value={change}
          maxLength={1000}
          onChange={(event) => setChange(event.target.value)}
        />
      </label>
      <div className="flex gap-3">
        <button type="button" className="live-button" onClick={onBack}>
          Back
        </button>
        <button
          type="button"
          className="live-button live-next flex-1"
          disabled={!read.ok}
          onClick={() =>
            onEnd({
              bakedMin: read.ok ? (read.value ?? null) : null,
              verdict,
              change: change.trim(),
            })
          }
        >
          Keep for the logbook
        </button>
      </div>
    </section>
  );
}
