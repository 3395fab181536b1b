"use client";

import Link from "next/link";
import { Plus } from "lucide-react";
import type { KitchenMeasures } from "@/core/measure";
import type { Scaling } from "@/core/plan";
import {
  PART_ROLES,
  undoSwap,
  type Formula,
  type Part,
  type PartFormula,
  type RecipeDoc,
} from "@/core/recipe";
import { ROLE_NAMES } from "@/words";
import { Choice } from "../frame/field";
import { SortableBoard } from "../frame/sortable-list";
import { useSay, useUnits } from "../frame/units";
import { FormulaTable } from "./formula-table";
import {
  addLine,
  addPart,
  addStep,
  borrowPart,
  changeLine,
  changePart,
  changeStep,
  endOf,
  moveLine,
  moveStep,
  ownPart,
  removePart,
  removeStep,
  stepToPart,
} from "./recipe-changes";
import { StepsList, type StepItems } from "./steps-list";

/** A part of another recipe that can be used in this one. */
export type BorrowablePart = {
  readonly recipe: string;
  readonly recipeName: string;
  readonly part: Part;
};

type Shared = {
  readonly measures: KitchenMeasures;
  readonly scaling: Scaling;
  readonly onChange: (step: (doc: RecipeDoc) => RecipeDoc, field?: string) => void;
  readonly onOpen: (lineId: string) => void;
};

/**
 * The parts of a recipe, each its lines beside its steps; a step can be moved from one to another.
 */
export function RecipeParts({
  doc,
  formula,
  sharable,
  ...shared
}: Shared & {
  readonly doc: RecipeDoc;
  readonly formula: Formula;
  readonly sharable: readonly BorrowablePart[];
}) {
  const say = useSay();
  const { onChange } = shared;
  const itemsOf = ({ part }: PartFormula): StepItems =>
    part.steps.map(({ id }, index) => ({ id, name: `Step ${index + 1} of ${part.name}` }));
  const lists = formula.parts
    .filter(({ part }) => part.from === undefined)
    .map((part) => ({
      items: itemsOf(part),
      end: { id: endOf(part.part.id), name: `the end of ${part.part.name}` },
    }));
  const parts = doc.parts.flatMap(({ id, name, from }) =>
    from === undefined ? [[id, name] as const] : [],
  );
  return (
    <>
      <SortableBoard id="steps" lists={lists} onMove={(from, to) => onChange(moveStep(from, to))}>
        {formula.parts.map((part) => (
          <RecipePart
            key={part.part.id}
            part={part}
            parts={parts}
            items={itemsOf(part)}
            belongsTo={
              sharable.find((each) => each.recipe === part.part.from?.recipe)?.recipeName ??
              "another recipe"
            }
            isRemovable={doc.parts.length > 1}
            {...shared}
          />
        ))}
      </SortableBoard>
      <div className="no-print mb-3 flex flex-wrap items-center gap-1.5">
        <span className="label">Another part:</span>
        {PART_ROLES.map((role) => (
          <button
            key={role}
            type="button"
            className="choice flex items-center gap-1"
            onClick={() => onChange(addPart(role))}
          >
            <Plus size={15} aria-hidden /> {say(ROLE_NAMES[role])}
          </button>
        ))}
        {sharable.length > 0 && (
          <Choice
            label="Use a part of another recipe"
            className="choice max-w-72"
            value=""
            choices={[
              ["", "from another recipe…"],
              ...sharable.map(
                (each, index) => [String(index), `${each.part.name}, ${each.recipeName}`] as const,
              ),
            ]}
            onChange={(index) => {
              const chosen = sharable[Number(index)];
              if (index !== "" && chosen !== undefined)
                onChange(borrowPart(chosen.recipe, chosen.part));
            }}
          />
        )}
      </div>
    </>
  );
}

function RecipePart({
  part,
  parts,
  items,
  belongsTo,
  isRemovable,
  measures,
  scaling,
  onChange,
  onOpen,
}: Shared & {
  readonly part: PartFormula;
  /** The parts a step can belong to, by id and name. */
  readonly parts: readonly (readonly [string, string])[];
  readonly items: StepItems;
  /** The recipe it is used from, where it is. */
  readonly belongsTo: string;
  readonly isRemovable: boolean;
}) {
  const say = useSay();
  const { units } = useUnits();
  return (
    <section aria-label={part.part.name} className="panel mb-4 px-4 py-3 md:px-6">
      <div className="mb-1 flex flex-wrap items-center gap-2">
        <h2 className="min-w-40 flex-1">
          <input
            className="figure-text w-full rounded-md bg-transparent px-1.5 text-xl hover:bg-enamel"
            aria-label="Name of the part"
            value={part.part.name}
            maxLength={120}
            onChange={(event) => {
              const name = event.target.value;
              onChange(changePart(part.part.id, { name }), `part-${part.part.id}`);
            }}
          />
        </h2>
        <Choice
          label={`What ${part.part.name} is`}
          value={part.part.role}
          choices={PART_ROLES.map((role) => [role, say(ROLE_NAMES[role])] as const)}
          onChange={(role) => onChange(changePart(part.part.id, { role }))}
        />
        {isRemovable && (
          <button
            type="button"
            className="choice no-print"
            onClick={() => onChange(removePart(part.part.id))}
          >
            Delete
          </button>
        )}
      </div>
      {part.part.from !== undefined && (
        <p className="mb-1 flex flex-wrap items-center gap-x-3 text-[14px] text-ink-2">
          <span>
            Belongs to{" "}
            <Link
              className="underline underline-offset-3"
              href={`/recipes/${part.part.from.recipe}`}
            >
              {belongsTo}
            </Link>
            : change it there, and it changes here.
          </span>
          <button
            type="button"
            className="choice no-print"
            onClick={() => onChange(ownPart(part.part.id))}
          >
            Make it this recipe&apos;s own
          </button>
        </p>
      )}
      <fieldset
        disabled={part.part.from !== undefined}
        aria-label={`Lines and steps of ${part.part.name}`}
        className="grid min-w-0 gap-x-8 gap-y-4 lg:grid-cols-[minmax(0,1.1fr)_minmax(0,1fr)]"
      >
        <div className="min-w-0">
          <FormulaTable
            part={part}
            scaling={scaling}
            measures={measures}
            onText={(lineId, text) => onChange(changeLine(lineId, { text }), `line-${lineId}`)}
            onOpen={onOpen}
            onUndoSwap={(lineId) => onChange((old) => undoSwap(old, lineId))}
            onAdd={() => onChange(addLine(part.part.id))}
            onMove={(from, to) => onChange(moveLine(part.part.id, from, to))}
          />
        </div>
        <div className="min-w-0">
          <StepsList
            part={part}
            scaling={scaling}
            measures={measures}
            units={units}
            parts={parts}
            onPart={(stepId, to) => onChange(stepToPart(stepId, to))}
            onChange={(stepId, changes) => onChange(changeStep(stepId, changes), `step-${stepId}`)}
            onAdd={() => onChange(addStep(part.part.id))}
            onRemove={(stepId) => onChange(removeStep(stepId))}
            items={items}
          />
        </div>
      </fieldset>
    </section>
  );
}
