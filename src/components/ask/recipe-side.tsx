"use client";

import type { RecipeChoices } from "../frame/choices";
import { useRef, useState } from "react";
import { sayIn } from "@/words";
import { FIRST_QUESTION, recipeBoxes, type Question, type ReadQuestion } from "@/core/ask";
import { BATTER_KINDS } from "@/core/kind";
import type { Batter } from "@/core/mix";
import { readTempC } from "@/core/measure";
import { writeTin } from "@/core/tin";
import { issueText, KIND_NAMES, volumeText, weightText, type Units } from "@/words";
import { useSay } from "../frame/units";
import { isGuessed } from "./describe";
import { Choice, Field } from "../frame/field";
import { More } from "../frame/more";
import { tinReading } from "./reading-text";
import { Tick } from "../frame/tick";

type RecipeSideProps = {
  readonly question: Question;
  readonly read: ReadQuestion;
  readonly recipes: RecipeChoices;
  readonly units: Units;
  /** The recipe's own batter, once it can be planned. */
  readonly batter: Batter | null;
  readonly onChange: (changes: Partial<Question>) => void;
};

/** What the recipe says: its name or only its tins, its heat and minutes, its batter. */
export function RecipeSide({ question, read, recipes, units, batter, onChange }: RecipeSideProps) {
  const say = useSay();
  const problem = (box: keyof ReadQuestion["issues"]): string | null => {
    const issue = read.issues[box];
    return issue === undefined ? null : issueText(issue, units);
  };
  const chosen = recipes.all.find(({ name }) => name === question.recipe);
  const isForeign = question.recipe !== "" && chosen === undefined;
  const choices: readonly (readonly [string, string])[] = [
    ["", say`Only its tins`],
    ...recipes.all.map(({ id, name }) => [id, name] as const),
    ...(isForeign ? [["-", question.recipe] as const] : []),
  ];
  const [awaited, setAwaited] = useState<string | null>(null);
  const [missed, setMissed] = useState<string | null>(null);
  const newest = useRef("");

  async function choose(id: string): Promise<void> {
    newest.current = id;
    setMissed(null);
    const recipe = recipes.all.find((each) => each.id === id);
    if (recipe === undefined) {
      setAwaited(null);
      onChange({ recipe: "", weight: "", volume: "" });
      return;
    }
    setAwaited(id);
    const facts = await recipes.factsOf(id).catch(() => null);
    // Another one was chosen meanwhile.
    if (newest.current !== id) return;
    setAwaited(null);
    if (facts === null) setMissed(recipe.name);
    else
      onChange({
        // A mug that was wanted for a mug's recipe is nothing an oven's is wanted in.
        ...(question.source !== "oven" && (facts.bake.source ?? "oven") === "oven"
          ? { tins: FIRST_QUESTION.tins }
          : {}),
        ...recipeBoxes(recipe.name, facts),
      });
  }

  return (
    <fieldset className="min-w-0 space-y-2">
      <legend className="mr-3 font-semibold sm:float-left sm:pt-1.5">The recipe says</legend>
      <Choice
        label="Recipe"
        className="field !w-auto max-w-full min-w-40 pr-1 font-semibold max-sm:!w-full"
        value={awaited ?? (isForeign ? "-" : (chosen?.id ?? ""))}
        choices={choices}
        onChange={(id) => void choose(id)}
      />
      {missed !== null && (
        <p role="alert" className="clear-both text-[15px] font-semibold text-tomato">
          What “{missed}” says can&apos;t be fetched now. Choose it again.
        </p>
      )}
      <div className="clear-both flex flex-wrap gap-2">
        <div className="flex min-w-52 flex-[2] max-sm:basis-full">
          <Field
            label={say`Its tins`}
            value={question.from}
            onChange={(from) => onChange({ from })}
            onBlur={() => {
              if (read.from.some(({ assumed }) => assumed.includes("unit")))
                onChange({ from: read.from.map(({ tin }) => writeTin(tin)).join(" + ") });
            }}
            problem={problem("from")}
            reading={read.from.map((tin) => tinReading(tin, units)).join(" and ") || null}
          />
        </div>
        {question.source === "oven" && (
          <div className="flex w-26 max-sm:flex-1">
            <Field
              label="Oven"
              value={question.heat}
              onChange={(heat) => onChange({ heat })}
              onBlur={() => onChange({ heat: withDegree(question.heat, units) })}
              problem={problem("heat")}
            />
          </div>
        )}
        <div className="flex w-26 max-sm:flex-1">
          <Field
            label="Minutes"
            value={question.minutes}
            onChange={(minutes) => onChange({ minutes })}
            problem={problem("minutes")}
            placeholder="not said"
          />
        </div>
        <div className="flex w-26 max-sm:flex-1">
          <Field
            label="Start checking"
            value={question.look}
            onChange={(look) => onChange({ look })}
            problem={problem("look")}
            placeholder="not said"
          />
        </div>
      </div>
      <More
        summary={`Batter: ${batterText(question, batter, units)}`}
        isNeeded={problem("weight") !== null || problem("volume") !== null}
      >
        <div className="flex flex-wrap items-start gap-2 pt-1">
          <label className="min-w-40 flex-1">
            <span className="label block">Kind</span>
            <Choice
              label="Kind of batter"
              className="field pr-1"
              value={question.kind}
              choices={BATTER_KINDS.map((kind) => [kind, KIND_NAMES[kind]] as const)}
              onChange={(kind) => onChange({ kind })}
            />
          </label>
          <div className="flex w-28">
            <Field
              label="Weight"
              value={question.weight}
              onChange={(weight) => onChange({ weight })}
              problem={problem("weight")}
              placeholder="not known"
            />
          </div>
          <div className="flex w-28">
            <Field
              label="Volume"
              value={question.volume}
              onChange={(volume) => onChange({ volume })}
              problem={problem("volume")}
              placeholder="not known"
            />
          </div>
          <Tick
            className="min-h-10 self-end"
            checked={question.recipeFan}
            onChange={(isOn) => onChange({ recipeFan: isOn })}
          >
            {say`its temperature is for a fan oven`}
          </Tick>
        </div>
      </More>
    </fieldset>
  );
}

function batterText(question: Question, batter: Batter | null, units: Units): string {
  const say = sayIn(units);
  const kind = KIND_NAMES[question.kind];
  if (batter === null) return kind;
  const volume = volumeText(batter.volumeMl, units);
  return isGuessed(batter)
    ? say`${kind}, about ${volume}, judged from its tins`
    : `${kind}, ${weightText(batter.massG, units)}, ${volume}`;
}

/** A bare number gets the degree it was read in, so that it means the same on another dial. */
function withDegree(text: string, units: Units): string {
  const tempC = readTempC(text, units.heat);
  if (tempC === null || /[cf]/iu.test(text)) return text;
  const isFahrenheit = Math.abs(tempC - Number(text.replace(/[°\s]/gu, ""))) > 0.01;
  return `${text.replace("°", "").trim()} °${isFahrenheit ? "F" : "C"}`;
}
