"use client";

import Link from "next/link";
import { useCallback, useMemo, useState } from "react";
import { Pencil } from "lucide-react";
import { isValid, parseISO } from "date-fns";
import { parseAsStringLiteral, useQueryState } from "nuqs";
import { askAboutNewer, FIRST_QUESTION, readQuestion, type Question } from "@/core/ask";
import { mergedCake, parseCakeDoc, type BakeDoc, type CakeDoc } from "@/core/kept";
import {
  planCake,
  recipeFacts,
  serveDetail,
  workRecipe,
  type CakePlan,
  type ServeDetail,
} from "@/core/plan";
import { pantryOf, type KitchenPantry } from "@/core/pantry";
import type { RecipeDoc } from "@/core/recipe";
import { issueText, type Say, type Units } from "@/words";
import { clockText, dayText } from "@/words/dates";
import type { OpenBake } from "../live/start-baking";
import type { OvenChoice, RecipeChoices, TinChoice } from "../frame/choices";
import type { History } from "../logbook/history";
import { LastTime } from "../logbook/last-time";
import { StandingPicture } from "../logbook/standing-picture";
import { RenameSheet } from "./rename-sheet";
import { DraftNote } from "../frame/draft-note";
import type { KeptOutcome, Outcome, SaveOutcome, Theirs } from "../frame/outcome";
import { SavedMark } from "../frame/saved-mark";
import { useTell } from "../frame/toasts";
import { useSay, useUnits } from "../frame/units";
import { useAutosave } from "../frame/use-autosave";
import { BakeStation } from "../bake/bake-station";
import { BuildStation } from "../build/build-station";
import { ConflictNote } from "./conflict-note";
import { DayStation } from "../day/day-station";
import { FillStation } from "../fill/fill-station";
import { FinishStation, type OtherCake } from "../finish/finish-station";
import { partsBesides } from "../finish/own-parts";
import { HabitNote } from "./habit-note";
import { JourneyStrip } from "./journey-strip";
import { MendCake } from "./mend-cake";
import { MixStation } from "../mix/mix-station";
import { CoolStation } from "../cool/cool-station";
import { ServeStation } from "../serve/serve-station";
import { STATION_NAMES, STATIONS } from "../frame/stations";

type CakePageProps = {
  readonly cake: {
    readonly id: string;
    readonly name: string;
    readonly doc: CakeDoc;
    readonly version: number;
    readonly updatedAt: number;
  };
  /** The cake's recipe as it is in the kitchen now; null when it is gone or the cake has none. */
  readonly recipeNow: RecipeDoc | null;
  readonly recipes: RecipeChoices;
  readonly cupboard: readonly TinChoice[];
  readonly ovens: readonly OvenChoice[];
  readonly pantry: KitchenPantry;
  /** The kitchen's other cakes, whose finish can be taken over and whose frosting made along. */
  readonly others: readonly OtherCake[];
  readonly bakes: readonly OpenBake[];
  /** What the logbook says of its recipe. */
  readonly history: History;
  readonly actions: {
    readonly change: (id: string, doc: CakeDoc, base: number) => Promise<SaveOutcome<CakeDoc>>;
    readonly look: (id: string, version: number) => Promise<Theirs<CakeDoc> | null>;
    readonly keepApart: (name: string, doc: CakeDoc) => Promise<KeptOutcome>;
    readonly recipeForCake: (id: string) => Promise<RecipeDoc | null>;
    readonly startBake: (doc: BakeDoc, speed: number) => Promise<KeptOutcome>;
    readonly rename: (id: string, name: string) => Promise<Outcome>;
    readonly settle: (id: string) => Promise<Outcome>;
  };
};

/** A cake on its bench: the strip of its stations, and the workbench of the one that is open. */
export function CakePage({
  cake,
  recipeNow,
  recipes,
  cupboard,
  ovens,
  pantry,
  others,
  bakes,
  history,
  actions,
}: CakePageProps) {
  const say = useSay();
  const { id } = cake;
  const { change, look, keepApart, recipeForCake } = actions;
  const { units } = useUnits();
  const tell = useTell();
  const [state, dispatch, draft] = useAutosave<CakeDoc>(
    cake.doc,
    cake.updatedAt,
    useCallback((doc: CakeDoc, base: number) => change(id, doc, base), [change, id]),
    { key: `cake ${id}`, parse: parseCakeDoc },
    {
      version: cake.version,
      merge: mergedCake,
      look: useCallback((version: number) => look(id, version), [look, id]),
    },
  );
  const [open, setOpen] = useQueryState(
    "at",
    parseAsStringLiteral(STATIONS).withDefault("mix").withOptions({ history: "push" }),
  );
  const [isRenaming, setIsRenaming] = useState(false);
  const { question, recipe } = state.value;
  const known = question.holds;
  const holds = useMemo(
    () =>
      known ??
      (recipe === null ? null : workRecipe(recipe.doc, pantryOf(pantry.own, pantry.learnt)).holds),
    [known, recipe, pantry],
  );
  const read = useMemo(
    () => readQuestion({ ...question, holds }, { size: units.measure, heat: units.heat }),
    [question, holds, units],
  );
  const plan = useMemo(() => (read.input.ok ? planCake(read.input.value) : read.input), [read]);
  const planned = useMemo(
    () =>
      read.input.ok && plan.ok
        ? { plan: plan.value, served: serveDetail(read.input.value, plan.value) }
        : null,
    [read, plan],
  );
  const [last, setLast] = useState(() => planned ?? plannedPlain(question, units));
  if (planned !== null && planned !== last) setLast(planned);
  const held = planned ?? last;
  const shown: CakePlan | null = held?.plan ?? null;

  function onQuestion(changes: Partial<Question>, field = Object.keys(changes).join()): void {
    dispatch({
      type: "changed",
      change: (doc) => ({
        ...doc,
        question: {
          ...doc.question,
          habit: doc.question.habit ?? { size: units.measure, heat: units.heat },
          ...changes,
        },
      }),
      field,
    });
    // Another recipe was chosen: the cake gets its own copy of it.
    if (changes.recipe === undefined || changes.recipe === question.recipe) return;
    const chosen = recipes.all.find(({ name }) => name === changes.recipe);
    if (chosen === undefined) {
      dispatch({ type: "changed", change: (doc) => ({ ...doc, recipe: null }), field });
      return;
    }
    void recipeForCake(chosen.id)
      .catch(() => null)
      .then((doc) => {
        if (doc === null)
          tell(
            say`The recipe's lines can't be fetched now. Its tins, oven and batter are here; choose it again for its lines.`,
          );
        dispatch({
          type: "changed",
          change: (old) =>
            old.question.recipe !== chosen.name
              ? old
              : { ...old, recipe: doc === null ? null : { id: chosen.id, doc } },
          field,
        });
      });
  }

  function takeNewer(): void {
    if (recipe === null || recipeNow === null) return;
    const facts = recipeFacts(
      recipeNow,
      workRecipe(recipeNow, pantryOf(pantry.own, pantry.learnt)),
    );
    dispatch({
      type: "changed",
      change: (doc) => ({
        question: askAboutNewer(doc.question, recipeNow.name, facts),
        recipe: { id: recipe.id, doc: recipeNow },
      }),
    });
  }

  const newer =
    recipe !== null &&
    recipeNow !== null &&
    JSON.stringify(recipeNow) !== JSON.stringify(recipe.doc)
      ? recipeNow
      : null;
  const isAtBox =
    Object.keys(read.issues).length > 0 ||
    read.tins.some(({ ok }) => !ok) ||
    question.tins.length === 0;
  // What is wrong with how it is put together stands on that station's drawing.
  const isOnDrawing = !plan.ok && !isAtBox && plan.issue.path.startsWith(`${open}.`);
  const problem = plan.ok
    ? null
    : isAtBox
      ? problemPlace(read, question, say)
      : issueText(plan.issue, units);
  const station =
    shown === null
      ? null
      : {
          question,
          read,
          plan: shown,
          isStale: !plan.ok,
          refused: plan.ok ? null : plan.issue,
          units,
          onChange: onQuestion,
        };
  return (
    <>
      <div className="mb-3 flex flex-wrap items-center justify-between gap-x-4 gap-y-1">
        <h1 className="flex min-w-0 items-center gap-2 text-[27px]">
          <StandingPicture picture={history.picture} name={cake.name} />
          <span className="min-w-0 break-words">{cake.name}</span>
          <button
            type="button"
            className="button no-print !px-2.5"
            aria-label="Rename"
            aria-haspopup="dialog"
            onClick={() => setIsRenaming(true)}
          >
            <Pencil size={17} aria-hidden />
          </button>
        </h1>
        <span className="flex flex-wrap items-center gap-x-4">
          <SavedMark state={state} dispatch={dispatch} />
          <Link
            className="no-print text-[15px] underline underline-offset-3"
            href={`/logbook/new?cake=${id}`}
          >
            Write down a bake
          </Link>
        </span>
      </div>
      <DraftNote draft={draft} />
      <ConflictNote name={cake.name} state={state} dispatch={dispatch} keepApart={keepApart} />
      {held !== null && (
        <JourneyStrip
          plan={held.plan}
          served={held.served}
          wanted={wantedText(question.day.wantedAt, units)}
          open={open}
          ownParts={recipe === null ? [] : partsBesides(recipe.doc).map(({ name }) => name)}
          units={units}
          isStale={!plan.ok}
          onOpen={(next) => void setOpen(next)}
        />
      )}
      <HabitNote question={question} units={units} onChange={onQuestion} />
      <p
        aria-live="polite"
        className={
          problem === null || isOnDrawing
            ? "sr-only"
            : "mb-3 rounded-control border-[1.5px] border-tomato bg-white px-3 py-1.5 font-semibold text-tomato"
        }
      >
        {problem}
        {problem !== null && (
          <span className="font-normal text-ink-2">
            {shown === null ? "" : " Below stands the last answer."}
          </span>
        )}
      </p>
      <h2 className="sr-only">{STATION_NAMES[open]}</h2>
      {(open === "mix" || open === "bake") && (
        <LastTime last={history.last} settle={actions.settle} />
      )}
      {station === null && (
        <MendCake
          question={question}
          read={read}
          recipes={recipes}
          cupboard={cupboard}
          units={units}
          onChange={onQuestion}
        />
      )}
      {station !== null && open === "mix" && (
        <MixStation
          {...station}
          recipe={recipe}
          recipes={recipes}
          pantry={pantry}
          newer={newer}
          onTakeNewer={takeNewer}
        />
      )}
      {station !== null && open === "fill" && <FillStation {...station} cupboard={cupboard} />}
      {station !== null && open === "bake" && (
        <BakeStation {...station} ovens={ovens} history={history} />
      )}
      {station !== null && open === "cool" && <CoolStation {...station} />}
      {station !== null && open === "build" && <BuildStation {...station} />}
      {station !== null && open === "finish" && (
        <FinishStation {...station} recipe={recipe} pantry={pantry} others={others} />
      )}
      {station !== null && open === "serve" && <ServeStation id={id} {...station} />}
      {station !== null && open === "day" && (
        <DayStation
          {...station}
          recipe={recipe}
          pantry={pantry}
          others={others}
          id={id}
          name={cake.name}
          doc={state.value}
          bakes={bakes}
          startBake={actions.startBake}
        />
      )}
      {isRenaming && (
        <RenameSheet cake={cake} rename={actions.rename} onClose={() => setIsRenaming(false)} />
      )}
    </>
  );
}

/**
 * A cake opened with something in Build, Finish or Serve that can't be used is planned without
 * those, so that it can be mended where it stands.
 */
function plannedPlain(
  question: Question,
  units: Units,
): { readonly plan: CakePlan; readonly served: ServeDetail } | null {
  const { build, finish, pieces, guests } = FIRST_QUESTION;
  const { input } = readQuestion(
    { ...question, build, finish, pieces, guests },
    { size: units.measure, heat: units.heat },
  );
  const plan = input.ok ? planCake(input.value) : input;
  return input.ok && plan.ok
    ? { plan: plan.value, served: serveDetail(input.value, plan.value) }
    : null;
}

const BUILD_BOXES = ["heights", "fillingMm", "damMm", "soak"] as const;
const FINISH_BOXES = [
  "topMm",
  "sideMm",
  "firstMm",
  "margin",
  "borders",
  "swirls",
  "drips",
  "rolledMm",
  "fruit",
  "colours",
] as const;

/** `2026-11-28T15:00` as it is said: no time zone comes into it. */
function wantedText(wantedAt: string, units: Units): string | null {
  const date = parseISO(wantedAt);
  return isValid(date) ? `${dayText(date, "short", units)}, ${clockText(date, units)}` : null;
}

/** A box says what is wrong with it where it stands; from another station it has to be found. */
function problemPlace(read: ReturnType<typeof readQuestion>, question: Question, say: Say): string {
  if (Object.keys(read.issues).length === 0 && question.tins.length === 0)
    return say`No tin yet: choose one in Fill.`;
  const isFill =
    read.issues.fruit !== undefined ||
    read.issues.recipeFruit !== undefined ||
    read.tins.some(({ ok }) => !ok) ||
    question.tins.length === 0;
  if (read.issues.ownHeat !== undefined || read.issues.also !== undefined)
    return "Something in Bake can't be used yet.";
  if (BUILD_BOXES.some((box) => read.issues[box] !== undefined))
    return "Something in Build can't be used yet.";
  if (FINISH_BOXES.some((box) => read.issues[box] !== undefined))
    return "Something in Finish can't be used yet.";
  if (read.issues.pieces !== undefined || read.issues.guests !== undefined)
    return "Something in Serve can't be used yet.";
  const isMix = (["from", "heat", "minutes", "look", "weight", "volume"] as const).some(
    (box) => read.issues[box] !== undefined,
  );
  return isFill
    ? "Something in Fill can't be used yet."
    : isMix
      ? "Something in Mix can't be used yet."
      : "The amount to make can't be used yet.";
}
