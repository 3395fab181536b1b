"use client";

import { useState } from "react";
import { Trash2 } from "lucide-react";
import { middle, readMassG, weighedGrams } from "@/core/measure";
import { foldName, searchPantry, type Ingredient, type Pantry } from "@/core/pantry";
import {
  grossOf,
  otherChoice,
  shortfall,
  suggestedAmount,
  swapsFor,
  type Formula,
  type FormulaRow,
  type SwapEffect,
} from "@/core/recipe";
import { foodName, issueText, METRIC, SWAP_NAMES, swapText, weightText } from "@/words";
import { useUnits, useSay } from "../frame/units";
import { Field } from "../frame/field";
import type { Outcome } from "../frame/outcome";
import { Sheet } from "../frame/sheet";
import { Tick } from "../frame/tick";

type LineSheetProps = {
  readonly row: FormulaRow;
  readonly formula: Formula;
  readonly pantry: Pantry;
  readonly onChoose: (ingredient: Ingredient, isForNextTime: boolean) => void;
  readonly onWeighed: (massG: number | undefined) => void;
  readonly onSwap: (effect: SwapEffect) => void;
  readonly onText: (text: string) => void;
  /** The line's other choice is taken: what it was read as stands no longer. */
  readonly onTurn: (text: string) => void;
  readonly onRemove: () => void;
  readonly onAddIngredient: (ingredient: Ingredient) => Promise<Outcome>;
  readonly onClose: () => void;
};

/** One line, opened: what it is, what it really weighed, what it can be swapped for. */
export function LineSheet({
  row,
  formula,
  pantry,
  onChoose,
  onWeighed,
  onSwap,
  onText,
  onTurn,
  onRemove,
  onAddIngredient,
  onClose,
}: LineSheetProps) {
  const { units } = useUnits();
  const say = useSay();
  const [text, setText] = useState("");
  const [isForNextTime, setIsForNextTime] = useState(true);
  const [weighed, setWeighed] = useState(
    row.line.weighedG === undefined ? "" : `${row.line.weighedG} g`,
  );
  const { ingredient, read, massG } = row;
  const found = searchPantry(text === "" ? read.name : text, pantry).filter(
    ({ id }) => id !== ingredient?.id,
  );
  const swaps = swapsFor(row, formula, pantry);
  const other = otherChoice(row.line.text, pantry);
  const weighedG = readMassG(weighed);
  const part = formula.parts.find(({ rows }) => rows.some(({ line }) => line.id === row.line.id));
  const suggestion = part === undefined ? null : suggestedAmount(row, part);
  const usualG = suggestion === null ? 0 : middle({ low: suggestion.lowG, high: suggestion.highG });
  return (
    <Sheet title={row.line.text === "" ? "New line" : row.line.text} onClose={onClose}>
      <div className="space-y-4">
        <section aria-label="What it is">
          <p className="mb-1">
            {ingredient === null ? (
              "Not found in the pantry."
            ) : (
              <>
                Taken for <strong>{foodName(ingredient.name, units)}</strong>.
              </>
            )}{" "}
            Something else?
          </p>
          <Field
            label="Find in the pantry"
            value={text}
            onChange={setText}
            placeholder={read.name}
          />
          <ul className="mt-2 flex flex-wrap gap-1.5">
            {found.map((each) => (
              <li key={each.id}>
                <button
                  type="button"
                  className="button"
                  onClick={() => onChoose(each, isForNextTime)}
                >
                  {foodName(each.name, units)}
                </button>
              </li>
            ))}
          </ul>
          <Tick
            className="mt-2 text-[15px]"
            checked={isForNextTime}
            onChange={(isOn) => setIsForNextTime(isOn)}
          >
            remember “{read.name}” for next time
          </Tick>
          <OwnIngredient
            name={text === "" ? read.name : text}
            like={ingredient ?? found[0] ?? null}
            onAdd={onAddIngredient}
            onAdded={(added) => onChoose(added, isForNextTime)}
          />
        </section>
        {other !== null && (
          <section aria-label="The other choice" className="border-t-[1.5px] border-line pt-3">
            <p className="text-[15px]">
              The recipe gives a choice; the first is taken. The other is {other.line}.
            </p>
            <button type="button" className="button mt-1.5" onClick={() => onTurn(other.turned)}>
              Take the other
            </button>
          </section>
        )}
        {suggestion !== null && ingredient !== null && (
          <section aria-label="A missing amount" className="border-t-[1.5px] border-line pt-3">
            <p className="text-[15px]">
              No amount is given. For this much flour it is usually{" "}
              {weightText(suggestion.lowG, METRIC)} to {weightText(suggestion.highG, METRIC)}: a
              suggestion, not the recipe&apos;s word.
            </p>
            <button
              type="button"
              className="button mt-1.5"
              onClick={() =>
                onText(
                  `${weighedGrams(usualG, true)} g ${foodName(ingredient.name, units)} (suggested)`,
                )
              }
            >
              Take {weightText(usualG, METRIC)}
            </button>
          </section>
        )}
        <section aria-label="What it weighed" className="border-t-[1.5px] border-line pt-3">
          <div className="flex items-end gap-2">
            <Field
              label="What I weighed, after peeling and trimming"
              value={weighed}
              onChange={setWeighed}
              problem={
                weighed !== "" && weighedG === null
                  ? issueText(
                      { code: "unreadable", path: "massG", value: weighed, expected: "weight" },
                      METRIC,
                    )
                  : null
              }
              placeholder={massG === null ? "640 g" : weightText(massG, METRIC)}
            />
            <button
              type="button"
              className="button"
              disabled={weighed !== "" && weighedG === null}
              onClick={() => onWeighed(weighed === "" ? undefined : (weighedG ?? undefined))}
            >
              Use
            </button>
          </div>
          {ingredient?.yieldShare !== undefined && massG !== null && (
            <Yield row={row} ingredient={ingredient} weighedG={weighedG} />
          )}
        </section>
        {swaps.length > 0 && (
          <section aria-label="Swaps" className="border-t-[1.5px] border-line pt-3">
            <h3 className="mb-1 text-[17px]">Instead of it</h3>
            <ul className="space-y-2">
              {swaps.map((effect) => (
                <li key={effect.id} className="flex items-start gap-3">
                  <button
                    type="button"
                    className="button shrink-0"
                    aria-label={`Swap: ${say(SWAP_NAMES[effect.id])}`}
                    onClick={() => onSwap(effect)}
                  >
                    Swap
                  </button>
                  <p className="text-[15px]">
                    <strong>{say(SWAP_NAMES[effect.id])}</strong>:{" "}
                    {effect.incoming
                      .map(
                        (each) =>
                          `${weightText(each.massG, METRIC)} ${foodName(each.ingredient.name, units)}`,
                      )
                      .join(", ")}
                    . <span className="text-ink-2">{swapText(effect)}.</span>
                  </p>
                </li>
              ))}
            </ul>
          </section>
        )}
        <div className="flex justify-between border-t-[1.5px] border-line pt-3">
          <button type="button" className="button" onClick={onRemove}>
            <Trash2 size={17} aria-hidden /> Take the line out
          </button>
          <button type="button" className="button button-next" onClick={onClose}>
            Done
          </button>
        </div>
      </div>
    </Sheet>
  );
}

/** What to buy for what the recipe needs, and what is short once it has been weighed again. */
function Yield({
  row,
  ingredient,
  weighedG,
}: {
  readonly row: FormulaRow;
  readonly ingredient: Ingredient;
  readonly weighedG: number | null;
}) {
  const { yieldShare = 1, eachG } = ingredient;
  const wanted = row.line.weighedG === undefined ? row.massG : null;
  if (wanted === null) return null;
  const { shortG, pieces } = shortfall(wanted, weighedG ?? wanted, eachG ?? null, yieldShare);
  return (
    <p className="mt-1 text-[14px] text-ink-2">
      {weightText(wanted, METRIC)} net is about {weightText(grossOf(wanted, yieldShare), METRIC)}{" "}
      bought.
      {shortG > 0 && (
        <strong className="text-tomato">
          {" "}
          {weightText(shortG, METRIC)} short{pieces === null ? "" : `: about ${pieces} more`}.
        </strong>
      )}
    </p>
  );
}

type OwnIngredientProps = {
  readonly name: string;
  readonly like: Ingredient | null;
  readonly onAdd: (ingredient: Ingredient) => Promise<Outcome>;
  readonly onAdded: (ingredient: Ingredient) => void;
};

/**
 * An ingredient of the kitchen's own: its name and what a cup of it weighs; all else is like the
 * one it resembles.
 */
function OwnIngredient({ name, like, onAdd, onAdded }: OwnIngredientProps) {
  const { units } = useUnits();
  const [cup, setCup] = useState("");
  const [problem, setProblem] = useState<string | null>(null);
  if (like === null || name.trim() === "") return null;
  const grams = readMassG(cup);
  const own: Ingredient = {
    ...like,
    id: `own-${foldName(name)
      .replaceAll(/[^a-z0-9]+/gu, "-")
      .slice(0, 50)}`,
    name: name.trim().slice(0, 80),
    also: [],
    cupG: grams === null ? like.cupG : { spooned: grams },
  };
  return (
    <details className="mt-2 text-[15px]">
      <summary className="py-1 text-ink-2">None of these: add “{name}” to my pantry</summary>
      <div className="flex items-end gap-2 pt-1">
        <Field
          label={`Grams in a US cup (else as ${foodName(like.name, units)})`}
          value={cup}
          onChange={setCup}
          problem={
            problem ??
            (cup !== "" && grams === null
              ? `“${cup}” can't be read: write a weight like 120 g.`
              : null)
          }
          placeholder="120 g"
        />
        <button
          type="button"
          className="button"
          disabled={cup !== "" && grams === null}
          onClick={() => {
            void onAdd(own)
              .catch((): Outcome => ({
                ok: false,
                message: "The kitchen's server can't be reached. Try again.",
              }))
              .then((outcome) => (outcome.ok ? onAdded(own) : setProblem(outcome.message)));
          }}
        >
          Add
        </button>
      </div>
      <p className="mt-1 text-[13px] text-ink-2">
        All else is taken as for {foodName(like.name, units)}.
      </p>
    </details>
  );
}
