"use client";

import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import * as z from "@/core/zod";
import { askAboutRecipe, FIRST_QUESTION, readQuestion, type Question } from "@/core/ask";
import { emptyRecord } from "@/core/kept";
import { RecordSchema, type BakeRecord, type BakeVerdict } from "@/core/logbook";
import { boxed, readMinutes } from "@/core/measure";
import { planCake, type RecipeFacts } from "@/core/plan";
import { writeTin } from "@/core/tin";
import { issueText } from "@/words";
import type { OvenChoice, RecipeChoice } from "../frame/choices";
import { Choice, Field, ProseBox } from "../frame/field";
import type { KeptOutcome } from "../frame/outcome";
import { useTell } from "../frame/toasts";
import { useSay, useUnits } from "../frame/units";
import { VerdictChoice } from "./verdict-choice";

/** What a bake is written down of: a cake as it is planned, or a recipe and its own tins. */
export type BakedCake = { readonly id: string; readonly name: string; readonly question: Question };

type NewRecordProps = {
  readonly recipes: readonly RecipeChoice[];
  readonly ovens: readonly OvenChoice[];
  /** The cake it was, when it was opened from there; its recipe's id with it. */
  readonly cake: (BakedCake & { readonly recipeId: string }) | null;
  readonly today: string;
  readonly factsOf: (id: string) => Promise<RecipeFacts | null>;
  readonly keep: (record: BakeRecord, cakeId: string | null) => Promise<KeptOutcome>;
};

const MinutesSchema = RecordSchema.shape.minutes;

/** A bake written down in half a minute: which recipe, in which tins, how long, how it came out. */
export function NewRecord({ recipes, ovens, cake, today, factsOf, keep }: NewRecordProps) {
  const say = useSay();
  const { units } = useUnits();
  const tell = useTell();
  const router = useRouter();
  const habit = useMemo(() => ({ size: units.measure, heat: units.heat }), [units]);
  const [recipeId, setRecipeId] = useState(cake?.recipeId ?? "");
  const [question, setQuestion] = useState<Question>(
    cake?.question ?? {
      ...FIRST_QUESTION,
      school: "as-written",
      from: "",
      minutes: "",
      tins: [""],
    },
  );
  const [madeOn, setMadeOn] = useState(today);
  const [minutes, setMinutes] = useState("");
  const [verdict, setVerdict] = useState<BakeVerdict | null>(null);
  const [change, setChange] = useState("");
  const [name, setName] = useState(cake?.name ?? "");
  const [isBusy, setIsBusy] = useState(false);
  const took = boxed("minutes", minutes, readMinutes, z.optional(MinutesSchema), "minutes");
  const read = useMemo(
    () => readQuestion(question.from.trim() === "" ? withOwnTins(question) : question, habit),
    [question, habit],
  );
  const plan = useMemo(() => (read.input.ok ? planCake(read.input.value) : read.input), [read]);
  const heatProblem =
    read.issues.ownHeat === undefined ? null : issueText(read.issues.ownHeat, units);
  const tinProblem = read.tins.find(({ ok }) => !ok);
  const hasTins = question.tins.some((tin) => tin.trim() !== "");
  const problem = !hasTins
    ? null
    : tinProblem !== undefined && !tinProblem.ok
      ? issueText(tinProblem.issue, units)
      : plan.ok || heatProblem !== null
        ? null
        : issueText(plan.issue, units);

  async function choose(id: string): Promise<void> {
    setRecipeId(id);
    const chosen = recipes.find((each) => each.id === id);
    if (chosen === undefined) return;
    const facts = await factsOf(id).catch(() => null);
    if (facts === null) {
      tell(`What “${chosen.name}” says can't be fetched now. Choose it again.`);
      return;
    }
    setQuestion((old) => ({
      ...askAboutRecipe(old, chosen.name, facts),
      scale: "keep",
      ...(facts.bake.tins.length === 0
        ? {}
        : { tins: [facts.bake.tins.map(writeTin).join(" + ")] }),
    }));
    setName((old) => (old === "" ? chosen.name : old));
  }

  async function write(): Promise<void> {
    if (!read.input.ok || !plan.ok || !took.ok) return;
    setIsBusy(true);
    const chosen = recipes.find((each) => each.id === recipeId);
    const empty = emptyRecord(
      {
        input: read.input.value,
        plan: plan.value,
        formula: null,
        name: name.trim() === "" ? (chosen?.name ?? "A bake") : name.trim(),
        question,
        recipe: { id: recipeId, name: chosen?.name ?? question.recipe },
      },
      madeOn,
    );
    const kept = await keep(
      { ...empty, minutes: took.value ?? null, verdict, change: change.trim() },
      cake?.id ?? null,
    ).catch((): KeptOutcome => ({
      ok: false,
      message: "The kitchen's server can't be reached. Nothing is lost; try again.",
    }));
    setIsBusy(false);
    if (kept.ok) router.push(`/logbook/${kept.id}`);
    else tell(kept.message);
  }

  return (
    <>
      <h1 className="mt-2 mb-1 text-[27px]">Write down a bake</h1>
      <p className="mb-4 text-ink-2">
        The rest of its page (heights, weights, taste, notes) can be filled in afterwards.
      </p>
      <form
        className="panel max-w-2xl space-y-4 px-5 py-4 max-sm:px-4"
        onSubmit={(event) => {
          event.preventDefault();
          void write();
        }}
      >
        {cake === null && (
          <label className="block">
            <span className="label block">Recipe</span>
            <Choice
              label="Recipe"
              className="field pr-1"
              value={recipeId}
              choices={[
                ["", "no recipe of this kitchen"],
                ...recipes.map((each) => [each.id, each.name] as const),
              ]}
              onChange={(id) => void choose(id)}
            />
          </label>
        )}
        <div className="flex flex-wrap gap-3">
          <div className="flex min-w-52 flex-[2]">
            <Field label="Name" value={name} onChange={setName} />
          </div>
          <label className="min-w-40 flex-1">
            <span className="label block">Baked on</span>
            <input
              type="date"
              className="field"
              value={madeOn}
              onChange={(event) =>
                setMadeOn(event.target.value === "" ? today : event.target.value)
              }
            />
          </label>
        </div>
        <div className="flex flex-wrap items-start gap-3">
          <div className="flex min-w-52 flex-[2]">
            <Field
              label={say`In which tins`}
              value={question.tins.join(" + ")}
              onChange={(tins) => setQuestion({ ...question, tins: tinTexts(tins) })}
              problem={problem}
              placeholder="2 x 20 cm round"
            />
          </div>
          <div className="flex min-w-28 flex-1">
            <Field
              label="At"
              value={question.ownHeat}
              onChange={(ownHeat) =>
                setQuestion({
                  ...question,
                  ownHeat,
                  school: ownHeat.trim() === "" ? "as-written" : "own",
                })
              }
              problem={heatProblem}
              placeholder={question.heat}
            />
          </div>
          {ovens.length > 0 && (
            <label className="min-w-36 flex-1">
              <span className="label block">In</span>
              <Choice
                label="Oven"
                className="field pr-1"
                value={question.oven?.id ?? ""}
                choices={[
                  ["", "an oven"],
                  ...ovens.map(({ id, name: oven }) => [id, oven] as const),
                ]}
                onChange={(id) => {
                  const oven = ovens.find((each) => each.id === id) ?? null;
                  setQuestion({ ...question, oven });
                }}
              />
            </label>
          )}
        </div>
        <div className="flex min-w-40 max-w-60">
          <Field
            label="Minutes in the oven"
            value={minutes}
            onChange={setMinutes}
            problem={took.ok ? null : issueText(took.issue, units)}
            placeholder="34"
          />
        </div>
        <VerdictChoice label="The middle came out" value={verdict} onChange={setVerdict} />
        <ProseBox label="Change next time" value={change} onChange={setChange} />
        <button
          type="submit"
          className="button button-next"
          disabled={isBusy || !plan.ok || !took.ok || !hasTins}
        >
          {isBusy ? "Writing it down…" : "Keep in the logbook"}
        </button>
      </form>
    </>
  );
}

/** Tins in one box, as they are written: `2 x 20 cm round + 12 cups`. */
const tinTexts = (text: string): string[] => text.split("+").map((tin) => tin.trim());

/** A bake without a recipe is compared with nothing: it is its own. */
const withOwnTins = (question: Question): Question => ({
  ...question,
  from: question.tins.join(" + "),
});
