"use client";

import { Fragment, useState, type ReactNode } from "react";
import { GripVertical, Pencil, Plus, Trash2 } from "lucide-react";
import type { Scaling } from "@/core/plan";
import type { Amount, KitchenMeasures } from "@/core/measure";
import {
  readStep,
  scaledRow,
  stepPieces,
  stepStages,
  type PartFormula,
  type Stage,
  type Step,
} from "@/core/recipe";
import { gramsText, heatText, minutesText, STAGE_NAMES, STEP_NAMES, type Units } from "@/words";
import { SortableItems, useListEnd, useSortableRow } from "../frame/sortable-list";
import { endOf } from "./recipe-changes";
import { StepEditor, type StepChanges } from "./step-editor";

type StepsListProps = {
  readonly part: PartFormula;
  readonly scaling: Scaling;
  readonly measures: KitchenMeasures;
  readonly units: Units;
  /** The parts a step can belong to, by id and name. */
  readonly parts: readonly (readonly [string, string])[];
  readonly onPart: (stepId: string, partId: string) => void;
  readonly onChange: (stepId: string, changes: StepChanges) => void;
  readonly onAdd: () => void;
  readonly onRemove: (stepId: string) => void;
  /** Its steps as they are named while one is moved. */
  readonly items: StepItems;
};

export type StepItems = readonly { readonly id: string; readonly name: string }[];

/** A part's steps in order, the scaled amounts standing inside them. */
export function StepsList({
  part,
  scaling,
  measures,
  units,
  parts,
  onPart,
  onChange,
  onAdd,
  onRemove,
  items,
}: StepsListProps) {
  const [editing, setEditing] = useState<string | null>(null);
  const { steps } = part.part;
  const lines = part.rows.map(({ line, read, ingredient }) => ({
    id: line.id,
    name: read.name,
    ingredient,
  }));
  const stages = shownStages(part);
  const grams = new Map(
    part.rows.map((row) => [row.line.id, scaledRow(row, scaling, measures).shownG]),
  );
  return (
    <>
      <SortableItems items={items}>
        <ol className="divide-y-[1.5px] divide-line">
          {steps.map((step, index) => (
            <Fragment key={step.id}>
              {stages !== null && stages[index] !== stages[index - 1] && (
                <StageRow stage={stages[index] ?? "before"} />
              )}
              <StepRow step={step} number={index + 1}>
                {editing === step.id ? (
                  <StepEditor
                    step={step}
                    number={index + 1}
                    stage={stages?.[index] ?? null}
                    parts={parts}
                    partId={part.part.id}
                    onPart={(to) => onPart(step.id, to)}
                    onChange={(changes) => onChange(step.id, changes)}
                    onDone={() => setEditing(null)}
                  />
                ) : (
                  <>
                    <div className="min-w-0 flex-1">
                      <p className="leading-snug">
                        {stepPieces(step.text, lines).map((piece, at) => {
                          const massG =
                            piece.line === null ? null : (grams.get(piece.line) ?? null);
                          return massG === null ? (
                            <span key={at}>{piece.text}</span>
                          ) : (
                            <span key={at} className="font-semibold">
                              {piece.text}{" "}
                              <span className="text-[14px] font-normal whitespace-nowrap text-ink-2">
                                ({gramsText(massG)})
                              </span>
                            </span>
                          );
                        })}
                      </p>
                      <StepMeta step={step} units={units} />
                    </div>
                    <div className="no-print flex shrink-0">
                      <button
                        type="button"
                        className="flex size-8 items-center justify-center text-steel hover:text-ink"
                        aria-label={`Change step ${index + 1}`}
                        onClick={() => setEditing(step.id)}
                      >
                        <Pencil size={16} aria-hidden />
                      </button>
                      <button
                        type="button"
                        className="flex size-8 items-center justify-center text-steel hover:text-tomato"
                        aria-label={`Delete step ${index + 1}`}
                        onClick={() => onRemove(step.id)}
                      >
                        <Trash2 size={16} aria-hidden />
                      </button>
                    </div>
                  </>
                )}
              </StepRow>
            </Fragment>
          ))}
        </ol>
      </SortableItems>
      <ListEnd partId={part.part.id}>
        <button type="button" className="button no-print mt-1" onClick={onAdd}>
          <Plus size={17} aria-hidden /> Another step
        </button>
      </ListEnd>
    </>
  );
}

/**
 * When each step is done, where that differs among them; a part besides the batter only knows it of
 * steps that say so.
 */
function shownStages({ part: { role, steps } }: PartFormula): readonly Stage[] | null {
  const isKnown = role === "batter" || steps.some(({ stage }) => stage !== undefined);
  const stages = isKnown ? stepStages(steps) : [];
  return stages.some((stage) => stage !== stages[0]) ? stages : null;
}

/** The steps below are done at this time; the oven is a thick line. */
function StageRow({ stage }: { readonly stage: Stage }) {
  return (
    <li
      className={`pt-3 pb-1 text-[13px] font-semibold ${stage === "oven" ? "border-t-4 !border-ink text-ink" : "text-ink-2"}`}
    >
      {STAGE_NAMES[stage]}
    </li>
  );
}

/** Where a step is put to be a part's last. */
function ListEnd({ partId, children }: { readonly partId: string; readonly children: ReactNode }) {
  const { setEnd, isOver } = useListEnd(endOf(partId));
  return (
    <div ref={setEnd} className={isOver ? PUT_HERE : ""}>
      {children}
    </div>
  );
}

/** A thick line above where what is moved would be put. */
const PUT_HERE = "shadow-[0_-4px_0_0_var(--color-yolk)]";

function StepRow({
  step,
  number,
  children,
}: {
  readonly step: Step;
  readonly number: number;
  readonly children: ReactNode;
}) {
  const { setRow, style, handle, isOver } = useSortableRow(step.id);
  return (
    <li
      ref={setRow}
      style={style}
      className={`flex items-start gap-2 py-2 ${isOver ? PUT_HERE : ""}`}
    >
      <button
        type="button"
        className="flex shrink-0 cursor-grab touch-none items-center text-steel"
        aria-label={`Move step ${number}`}
        {...handle}
      >
        <GripVertical size={16} aria-hidden className="no-print" />
        <span className="w-5 text-right font-bold text-ink">{number}</span>
      </button>
      {children}
    </li>
  );
}

/** What the step was read as: its kind, minutes, wait, heat. */
function StepMeta({ step, units }: { readonly step: Step; readonly units: Units }) {
  const { kind, minutes, wait, tempC, speed } = readStep(step);
  const span = ({ low, high }: Amount): string =>
    low === high ? minutesText(shown(low)) : `${shown(low)} to ${minutesText(shown(high))}`;
  const parts = [
    kind === "other" ? "" : STEP_NAMES[kind],
    speed === null ? "" : `${speed} speed`,
    tempC === null ? "" : heatText(tempC, units),
    minutes === null ? "" : span(minutes),
    wait === null ? "" : kind === "rest" || kind === "cool" ? span(wait) : `wait ${span(wait)}`,
  ].filter((part) => part !== "");
  return parts.length === 0 ? null : <p className="text-[13px] text-ink-2">{parts.join(" · ")}</p>;
}

function shown(minutes: number): number {
  return minutes < 1 ? Math.round(minutes * 10) / 10 : Math.round(minutes);
}
