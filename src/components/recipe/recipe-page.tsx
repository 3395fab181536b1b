"use client";

import dynamic from "next/dynamic";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useCallback, useMemo, useState } from "react";
import { Info } from "lucide-react";
import { parseAsStringLiteral, useQueryState } from "nuqs";
import { askAboutRecipe, FIRST_QUESTION } from "@/core/ask";
import { recipeFacts, workRecipe } from "@/core/plan";
import { balanceRules } from "@/core/mix";
import { pantryOf, type Ingredient } from "@/core/pantry";
import {
  applySwap,
  balanceRemarks,
  mergedRecipe,
  parseRecipeDoc,
  type RecipeDoc,
} from "@/core/recipe";
import { foodName, balanceText } from "@/words";
import { askHref } from "../ask/ask-address";
import { ChangedElsewhere } from "../frame/changed-elsewhere";
import { DraftNote } from "../frame/draft-note";
import type { Outcome, SaveOutcome, Theirs } from "../frame/outcome";
import type { History } from "../logbook/history";
import { LastTime } from "../logbook/last-time";
import { StandingPicture } from "../logbook/standing-picture";
import type { RecordChoice } from "../logbook/record-choice";
import { SavedMark } from "../frame/saved-mark";
import { useTell } from "../frame/toasts";
import { useAutosave } from "../frame/use-autosave";
import { dateText } from "@/words/dates";
import { useSay, useUnits } from "../frame/units";
import { changeLine, removeLine } from "./recipe-changes";
import { RecipeHead } from "./recipe-head";
import { RecipeParts, type BorrowablePart } from "./recipe-parts";
import { useScaling } from "./scale-bar";
import { VersionsView, type Version } from "./versions-view";
import { WeighView } from "./weigh-view";

// The reader brings all it has learnt of how recipes are told; only this view needs it.
const Original = dynamic(() => import("./original").then((module) => module.Original), {
  ssr: false,
});
const LineSheet = dynamic(() => import("./line-sheet").then((module) => module.LineSheet), {
  ssr: false,
});

type RecipePageProps = {
  readonly recipe: {
    readonly id: string;
    readonly doc: RecipeDoc;
    readonly revision: number;
    readonly updatedAt: number;
    readonly lastBakedAt: number | null;
  };
  readonly versions: readonly Version[];
  readonly pantry: {
    readonly own: readonly Ingredient[];
    readonly learnt: readonly (readonly [string, string])[];
  };
  readonly sharable: readonly BorrowablePart[];
  /** The last bake of it; null where there was none. */
  readonly last: RecordChoice | null;
  /** How it looked, where a picture of a bake stands on it. */
  readonly picture: History["picture"];
  readonly actions: {
    readonly settle: (id: string) => Promise<Outcome>;
    readonly change: (
      id: string,
      doc: RecipeDoc,
      base: number,
      isNewVersion: boolean,
    ) => Promise<SaveOutcome<RecipeDoc>>;
    readonly look: (id: string, revision: number) => Promise<Theirs<RecipeDoc> | null>;
    readonly keepAsVersion: (id: string, doc: RecipeDoc) => Promise<Outcome>;
    readonly versionOf: (id: string, version: number) => Promise<RecipeDoc | null>;
    readonly teachName: (name: string, ingredient: string) => Promise<Outcome>;
    readonly addIngredient: (ingredient: Ingredient) => Promise<Outcome>;
    readonly bakedToday: (id: string) => Promise<Outcome>;
  };
};

const VIEWS = ["recipe", "weigh", "original", "versions"] as const;
const VIEW_NAMES: Readonly<Record<(typeof VIEWS)[number], string>> = {
  recipe: "Recipe",
  weigh: "Weigh",
  original: "Original",
  versions: "Versions",
};
const UNREACHABLE: Outcome = {
  ok: false,
  message: "The kitchen's server can't be reached. Try again.",
};

/**
 * A recipe on its bench: formula beside steps, to be changed in place, scaled, weighed out,
 * compared with what it was.
 */
export function RecipePage({
  recipe,
  versions,
  pantry: kitchen,
  sharable,
  last,
  picture,
  actions,
}: RecipePageProps) {
  const say = useSay();
  const { units } = useUnits();
  const tell = useTell();
  const router = useRouter();
  const { id } = recipe;
  const { change, look, keepAsVersion, versionOf, teachName, addIngredient, bakedToday } = actions;
  // The text it was read from never changes and is long: it is not sent along.
  const save = useCallback(
    (changed: RecipeDoc, base: number) => change(id, { ...changed, original: "" }, base, false),
    [change, id],
  );
  const [state, dispatch, draft] = useAutosave<RecipeDoc>(
    recipe.doc,
    recipe.updatedAt,
    save,
    { key: `recipe ${id}`, parse: parseRecipeDoc },
    {
      version: recipe.revision,
      merge: mergedRecipe,
      look: useCallback((known: number) => look(id, known), [look, id]),
    },
  );
  const [view, setView] = useQueryState(
    "view",
    parseAsStringLiteral(VIEWS).withDefault("recipe").withOptions({ history: "push" }),
  );
  const [open, setOpen] = useState<string | null>(null);
  const pantry = useMemo(() => pantryOf(kitchen.own, kitchen.learnt), [kitchen]);
  const doc = state.value;
  const worked = useMemo(() => workRecipe(doc, pantry), [doc, pantry]);
  const facts = useMemo(() => recipeFacts(doc, worked), [doc, worked]);
  const asked = askAboutRecipe(FIRST_QUESTION, doc.name, facts);
  const { scaling, bar } = useScaling(doc, worked, facts, units);
  const edit = (step: (doc: RecipeDoc) => RecipeDoc, field?: string): void =>
    dispatch({ type: "changed", change: step, ...(field === undefined ? {} : { field }) });
  const row = worked.formula.parts.flatMap(({ rows }) => rows).find(({ line }) => line.id === open);
  const remarks = balanceRemarks(worked.part, balanceRules(worked.kind.kind));

  async function act(work: () => Promise<Outcome>, done: string): Promise<void> {
    const outcome = await work().catch(() => UNREACHABLE);
    tell(outcome.ok ? done : outcome.message);
    if (outcome.ok) router.refresh();
  }

  return (
    <>
      <div className="mt-1 mb-3 flex flex-wrap items-center justify-between gap-x-4 gap-y-2">
        <StandingPicture picture={picture} name={doc.name} />
        <h1 className="min-w-64 flex-1">
          <input
            className="figure-text w-full rounded-control bg-transparent px-1.5 py-0.5 text-[27px] hover:bg-white"
            aria-label="Name of the recipe"
            value={doc.name}
            maxLength={200}
            onChange={(event) => {
              const name = event.target.value;
              edit((old) => ({ ...old, name }), "name");
            }}
          />
        </h1>
        <SavedMark state={state} dispatch={dispatch} />
        {asked.from !== "" && (
          <Link
            href={askHref({ ...asked, tins: asked.from.split(" + ") })}
            className="button no-print"
          >
            {say`In its own tins`}
          </Link>
        )}
        <Link href={askHref(asked)} className="button button-next no-print">
          {say`In another tin`}
        </Link>
      </div>
      <DraftNote draft={draft} />
      <LastTime last={last} settle={actions.settle} />
      <ChangedElsewhere
        what="recipe"
        state={state}
        dispatch={dispatch}
        other="The other is kept among its versions."
        onSettled={(left) =>
          void act(() => keepAsVersion(id, left), "The other is among its versions.")
        }
      />
      <nav
        aria-label="Views of the recipe"
        className="no-print mb-3 flex flex-wrap items-center gap-1.5"
      >
        {VIEWS.map((each) => (
          <button
            key={each}
            type="button"
            className="button aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-white"
            aria-pressed={view === each}
            onClick={() => void setView(each)}
          >
            {VIEW_NAMES[each]}
          </button>
        ))}
        <span className="ml-auto flex flex-wrap items-center gap-x-3 text-[14px] text-ink-2">
          <button
            type="button"
            className="underline underline-offset-3"
            onClick={() => void act(() => bakedToday(id), "Noted: baked today.")}
          >
            {recipe.lastBakedAt === null
              ? "Not baked yet: baked today?"
              : `Baked ${dateText(new Date(recipe.lastBakedAt), units)}: again today?`}
          </button>
          <span>
            Save as{" "}
            <a className="underline underline-offset-3" href={`/recipes/${id}/file?as=md`}>
              Markdown
            </a>
            ,{" "}
            <a className="underline underline-offset-3" href={`/recipes/${id}/file?as=json`}>
              JSON-LD
            </a>
            ,{" "}
            <a className="underline underline-offset-3" href={`/recipes/${id}/file?as=csv`}>
              CSV
            </a>
          </span>
        </span>
      </nav>
      {view === "versions" && (
        <VersionsView
          now={doc}
          versions={versions}
          versionOf={(version) => versionOf(id, version)}
          onGoBack={(old) => {
            void act(
              () => keepAsVersion(id, doc),
              "Gone back; what it was until now is a version too.",
            );
            edit(() => ({ ...old, original: doc.original }));
          }}
        />
      )}
      {view === "original" && <Original doc={doc} pantry={pantry} />}
      {view === "recipe" && (
        <div className="panel mb-4 px-4 md:px-6">
          <RecipeHead
            doc={doc}
            worked={worked}
            pantry={pantry}
            facts={facts}
            times={scaling.times}
            units={units}
            scaleBar={bar}
            onChange={edit}
          />
        </div>
      )}
      {view === "weigh" && <div className="panel mb-4 px-4 py-2 md:px-6">{bar}</div>}
      {view === "weigh" && <WeighView recipeId={id} worked={worked} scaling={scaling} />}
      {view === "recipe" && (
        <>
          {remarks.length > 0 && (
            <ul
              aria-label="Remarks on the balance"
              className="mb-3 space-y-0.5 text-[15px] text-ink-2"
            >
              {remarks.map((remark) => (
                <li key={remark.code} className="flex gap-2">
                  <Info size={18} aria-hidden className="mt-0.5 shrink-0" /> {balanceText(remark)}
                </li>
              ))}
            </ul>
          )}
          <RecipeParts
            doc={doc}
            formula={worked.formula}
            measures={worked.measures}
            scaling={scaling}
            sharable={sharable}
            onChange={edit}
            onOpen={setOpen}
          />
          <label className="block">
            <span className="label">Notes</span>
            <textarea
              className="field mt-1 !py-2"
              rows={3}
              value={doc.notes}
              maxLength={20_000}
              onChange={(event) => {
                const notes = event.target.value;
                edit((old) => ({ ...old, notes }), "notes");
              }}
            />
          </label>
          {worked.formula.allergens.length > 0 && (
            <p className="mt-3 text-[15px] text-ink-2">
              Contains {worked.formula.allergens.join(", ")}. A pack&apos;s own label, and local
              food rules, come first.
            </p>
          )}
        </>
      )}
      {row !== undefined && (
        <LineSheet
          row={row}
          formula={worked.formula}
          pantry={pantry}
          onClose={() => setOpen(null)}
          onChoose={(ingredient, isForNextTime) => {
            edit(changeLine(row.line.id, { ingredient: ingredient.id }));
            if (isForNextTime && row.read.name !== "")
              void act(
                () => teachName(row.read.name, ingredient.id),
                `From now on “${row.read.name}” is ${foodName(ingredient.name, units)}.`,
              );
          }}
          onWeighed={(weighedG) => edit(changeLine(row.line.id, { weighedG }))}
          onSwap={(effect) => {
            edit((old) => applySwap(old, row, effect, worked.formula));
            setOpen(null);
          }}
          onText={(text) => edit(changeLine(row.line.id, { text }))}
          onTurn={(text) =>
            edit(changeLine(row.line.id, { text, ingredient: undefined, weighedG: undefined }))
          }
          onRemove={() => {
            edit(removeLine(row.line.id));
            setOpen(null);
          }}
          onAddIngredient={addIngredient}
        />
      )}
    </>
  );
}
