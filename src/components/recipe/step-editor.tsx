"use client";

import { useState } from "react";
import { Check } from "lucide-react";
import {
  durationsIn,
  readStep,
  STAGES,
  STEP_KINDS,
  type Stage,
  type Step,
  type StepKind,
} from "@/core/recipe";
import { STAGE_NAMES, STEP_NAMES } from "@/words";
import { Choice, Field } from "../frame/field";

/** What of a step was changed; undefined is by its words and its place again. */
export type StepChanges = {
  readonly text?: string;
  readonly stage?: Stage | undefined;
  readonly kind?: StepKind | undefined;
  readonly minutes?: number | undefined;
};

const MOST_MIN = 2880;

type StepEditorProps = {
  readonly step: Step;
  readonly number: number;
  /** When it is done, as its place tells; null where nothing does. */
  readonly stage: Stage | null;
  /** The parts it can belong to, its own among them, by id and name. */
  readonly parts: readonly (readonly [string, string])[];
  readonly partId: string;
  readonly onPart: (partId: string) => void;
  readonly onChange: (changes: StepChanges) => void;
  readonly onDone: () => void;
};

/** A step's words, and what they were taken for, to be put right: what it is, when, how long. */
export function StepEditor({
  step,
  number,
  stage,
  parts,
  partId,
  onPart,
  onChange,
  onDone,
}: StepEditorProps) {
  const { kind, minutes, wait } = readStep(step);
  const read = readStep({ text: step.text });
  const told = minutes ?? wait;
  // Only while it is typed: else the box says what the step takes now.
  const [typed, setTyped] = useState<string | null>(null);
  const isTyped = typed === null || minutesTyped(typed) !== null;
  const isWait = kind === "rest" || kind === "cool";
  return (
    <div className="min-w-0 flex-1 space-y-2">
      <div className="flex items-start gap-1.5">
        <textarea
          autoFocus
          className="field !py-1.5"
          rows={3}
          aria-label={`Step ${number}`}
          value={step.text}
          onChange={(event) => onChange({ text: event.target.value })}
          maxLength={2000}
        />
        <button
          type="button"
          className="button !px-2.5"
          aria-label={`Done with step ${number}`}
          onClick={onDone}
        >
          <Check size={17} aria-hidden />
        </button>
      </div>
      <div className="grid grid-cols-2 gap-2 sm:grid-cols-4">
        <label>
          <span className="label block">What it is</span>
          <Choice
            label={`What step ${number} is`}
            className="field pr-1"
            value={kind}
            choices={STEP_KINDS.map((each) => [each, STEP_NAMES[each]] as const)}
            onChange={(chosen) => onChange({ kind: chosen === read.kind ? undefined : chosen })}
          />
        </label>
        <label>
          <span className="label block">When</span>
          <Choice
            label={`When step ${number} is done`}
            className="field pr-1"
            value={step.stage ?? stage ?? "before"}
            choices={STAGES.map((each) => [each, STAGE_NAMES[each]] as const)}
            onChange={(chosen) => onChange({ stage: chosen })}
          />
        </label>
        {parts.length > 1 && (
          <label>
            <span className="label block">Part</span>
            <Choice
              label={`Part step ${number} belongs to`}
              className="field pr-1"
              value={partId}
              choices={parts}
              onChange={onPart}
            />
          </label>
        )}
        <Field
          label={isWait ? "Waits, min" : "Takes, min"}
          value={typed ?? (told === null ? "" : String(Math.round(told.low)))}
          problem={isTyped ? null : `Minutes from 0 to ${MOST_MIN}, like 90 or 1 h 30.`}
          placeholder="as it says"
          onChange={(text) => {
            setTyped(text);
            const next = minutesTyped(text);
            if (next !== null) onChange({ minutes: next });
          }}
          onBlur={() => {
            if (isTyped) setTyped(null);
          }}
        />
      </div>
    </div>
  );
}

/** Minutes as typed, undefined for an empty box; null for what is none. */
function minutesTyped(text: string): number | undefined | null {
  if (text.trim() === "") return undefined;
  const value = /^\s*\d+\s*$/u.test(text) ? Number(text) : durationsIn(text)[0]?.low;
  return value === undefined || value > MOST_MIN ? null : Math.round(value);
}
