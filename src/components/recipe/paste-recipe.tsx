"use client";

import { useEffect, useMemo, useState, useTransition, type ChangeEvent } from "react";
import { useRouter } from "next/navigation";
import { TriangleAlert, Upload } from "lucide-react";
import { workRecipe } from "@/core/plan";
import { pantryOf, type Ingredient } from "@/core/pantry";
import { RECIPE_LIMITS, unmarked, type Correction, type RecipeDoc } from "@/core/recipe";
import { issueText, METRIC } from "@/words";
import type { KeptOutcome } from "../frame/outcome";
import { useSay, useUnits } from "../frame/units";
import { useTell } from "../frame/toasts";
import { findDraft, keepDraft } from "./paste-draft";
import { ReadingPanel } from "./reading-panel";
import { useReading, wasReadingLost } from "./use-reading";

type PasteRecipeProps = {
  readonly pantry: {
    readonly own: readonly Ingredient[];
    readonly learnt: readonly (readonly [string, string])[];
  };
  readonly keep: (doc: RecipeDoc) => Promise<KeptOutcome>;
};

const UNREACHABLE: KeptOutcome = {
  ok: false,
  message: "Not kept: the kitchen's server can't be reached. Your text is still here; try again.",
};
/**
 * What the server takes at once, bytes: four for each letter of the longest text and of what is
 * read from it. See `next.config.ts`.
 */
const MOST_SENT = 4_000_000;
/**
 * The most a file may hold, bytes: what the reader takes, with room for letters of several bytes.
 */
const MOST_BYTES = 4 * RECIPE_LIMITS.original;

/**
 * A recipe pasted, typed or loaded, read as it changes: problems first, then each line with what it
 * was taken for.
 */
export function PasteRecipe({ pantry: kitchen, keep }: PasteRecipeProps) {
  const say = useSay();
  const { units } = useUnits();
  const router = useRouter();
  const tell = useTell();
  const [text, setText] = useState("");
  const [corrections, setCorrections] = useState<readonly Correction[]>([]);
  const [chosen, setChosen] = useState<ChosenPiece | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [isKeeping, startKeeping] = useTransition();
  const pantry = useMemo(() => pantryOf(kitchen.own, kitchen.learnt), [kitchen]);
  const [isHeld, setIsHeld] = useState(true);
  const {
    reading: { result: reading, wasStopped },
    isReading,
  } = useReading(chosen?.pieces[chosen.at] ?? text, kitchen, isHeld, corrections);

  useEffect(() => {
    const found = findDraft();
    // eslint-disable-next-line react-hooks/set-state-in-effect -- the draft is only known in the browser
    setText(found.text);
    setCorrections(found.corrections);
    // What was being read when the page was lost is here as text, and is not read again unasked.
    setIsHeld(found.text !== "" && wasReadingLost());
  }, []);

  function change(next: string): void {
    setText(next);
    setChosen(null);
    setProblem(null);
    setIsHeld(false);
    keepDraft({ text: next, corrections });
  }

  function correct(next: readonly Correction[]): void {
    const kept = next.slice(-RECIPE_LIMITS.lines);
    setCorrections(kept);
    keepDraft({ text, corrections: kept });
  }

  async function load(event: ChangeEvent<HTMLInputElement>): Promise<void> {
    const [file] = event.target.files ?? [];
    event.target.value = "";
    if (file === undefined) return;
    if (file.size > MOST_BYTES)
      setProblem(
        `“${file.name}” is ${Math.round(file.size / 1000)} kB: at most ${Math.round(MOST_BYTES / 1000)} kB. Copy the recipe out of it and paste that.`,
      );
    else change(await file.text());
  }

  const pieces = chosen?.pieces ?? (reading?.ok === true ? reading.value.pieces : []);

  function submit(): void {
    if (reading === null || !reading.ok) return;
    const { doc } = reading.value;
    const bytes = new Blob([JSON.stringify(doc)]).size;
    if (bytes > MOST_SENT) {
      setProblem(
        `This text is ${Math.round(bytes / 1000)} kB with all that was read from it: at most ${MOST_SENT / 1000} kB can be kept. Delete what is not the recipe.`,
      );
      return;
    }
    startKeeping(async () => {
      const kept = await keep(doc).catch(() => UNREACHABLE);
      if (kept.ok) {
        const others = pieces.filter((_, at) => at !== (chosen?.at ?? 0));
        keepDraft({
          text: others.map((each) => each.trim()).join("\n\n"),
          corrections: others.length > 0 ? corrections : [],
        });
        if (others.length > 0)
          tell("Kept. What else was in the text waits where you paste recipes.");
        router.push(`/recipes/${kept.id}`);
      } else setProblem(kept.message);
    });
  }

  const worked = useMemo(
    () => (reading?.ok === true ? workRecipe(reading.value.doc, pantry) : null),
    [reading, pantry],
  );
  const issue = reading?.ok === false ? issueText(reading.issue, METRIC) : null;
  return (
    <>
      <div className="mt-2 mb-4 flex flex-wrap items-center justify-between gap-3">
        <h1 className="text-[27px]">Paste or load a recipe</h1>
        <div className="flex gap-2">
          <label className="button focus-within:outline-3 focus-within:outline-yolk">
            <Upload size={17} aria-hidden /> Load a file
            <input
              type="file"
              className="sr-only"
              accept=".txt,.md,.json,.jsonld,.html,.htm,text/*,application/json,application/ld+json"
              onChange={(event) => void load(event)}
            />
          </label>
          <button
            type="button"
            className="button button-next"
            disabled={reading?.ok !== true || isReading || isKeeping}
            onClick={submit}
          >
            {isKeeping ? "Keeping…" : "Keep this recipe"}
          </button>
        </div>
      </div>
      {text !== "" && (isHeld || wasStopped) && (
        <p
          role="alert"
          className="panel mb-3 flex flex-wrap items-center gap-x-4 gap-y-2 border-tomato px-4 py-2.5 font-semibold"
        >
          <span className="flex gap-2">
            <TriangleAlert size={20} aria-hidden className="shrink-0 text-tomato" />{" "}
            {isHeld
              ? "This text was being read when the page was lost. It is here as it was, and not read again unasked."
              : "This text takes too long to read: there may be something in it that is no recipe. It is all here; delete what does not belong."}
          </span>
          {isHeld && (
            <button type="button" className="button" onClick={() => setIsHeld(false)}>
              Read it
            </button>
          )}
        </p>
      )}
      {(problem ?? issue) !== null && (
        <p role="alert" className="panel mb-3 flex gap-2 border-tomato px-4 py-2.5 font-semibold">
          <TriangleAlert size={20} aria-hidden className="shrink-0 text-tomato" />{" "}
          {problem ?? issue}
        </p>
      )}
      <div className="grid gap-4 lg:grid-cols-2">
        <div>
          <label htmlFor="recipe-text" className="label">
            The recipe as you found it: text, Markdown, or a saved page
          </label>
          <textarea
            id="recipe-text"
            className="field mt-1 block h-[62vh] min-h-72 !py-2.5 leading-6"
            value={text}
            onChange={(event) => change(event.target.value)}
            spellCheck={false}
            placeholder={say`Rhubarb cups

200 g plain flour
2 tsp baking powder
…

Bake in a 12-hole muffin tin at 190 °C for 22 minutes.`}
          />
        </div>
        <section
          aria-label="How it was read"
          aria-busy={isReading}
          className="panel min-w-0 self-start p-4 lg:max-h-[68vh] lg:overflow-y-auto"
          tabIndex={0}
        >
          {pieces.length > 1 && (
            <Pieces
              pieces={pieces}
              at={chosen?.at ?? 0}
              onChoose={(at) => setChosen({ pieces, at })}
            />
          )}
          {reading?.ok === true && worked !== null ? (
            <ReadingPanel
              reading={reading.value}
              worked={worked}
              units={units}
              corrections={corrections}
              onCorrect={correct}
            />
          ) : (
            <p className="text-ink-2">
              Each line is read as you type and stands here with what it was taken for. Nothing is
              lost: what can&apos;t be read is kept with the recipe.
            </p>
          )}
        </section>
      </div>
    </>
  );
}

/** One of several recipes in a text. */
type ChosenPiece = { readonly pieces: readonly string[]; readonly at: number };

/** The recipes of a text that holds several, by their first words: each is kept by itself. */
function Pieces({
  pieces,
  at,
  onChoose,
}: {
  readonly pieces: readonly string[];
  readonly at: number;
  readonly onChoose: (at: number) => void;
}) {
  return (
    <div role="group" aria-label="Recipes in this text" className="mb-3 flex flex-wrap gap-2">
      {pieces.map((piece, index) => (
        <button
          key={index}
          type="button"
          className={`button !min-h-9 max-w-full ${index === at ? "button-next" : ""}`}
          aria-pressed={index === at}
          onClick={() => onChoose(index)}
        >
          <span className="truncate">
            {index + 1}: {titleOf(piece)}
          </span>
        </button>
      ))}
    </div>
  );
}

const titleOf = (piece: string): string =>
  unmarked(piece.split("\n").find((line) => line.trim() !== "") ?? "").slice(0, 40);
