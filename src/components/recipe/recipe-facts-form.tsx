"use client";

import { useState } from "react";
import {
  fahrenheitFromC,
  CUPS_ML,
  EGGS_G,
  readNumber,
  readMinutes,
  readTempC,
  type EggSize,
  type KitchenMeasures,
} from "@/core/measure";
import type { WorkedRecipe } from "@/core/plan";
import { BAKE_LIMITS, HEAT_SOURCES, type RecipeDoc } from "@/core/recipe";
import { readTin, writeTin } from "@/core/tin";
import { CUP_NAMES, EGG_NAMES, heatText, issueText, WAY_NAMES, type Units } from "@/words";
import { HEAT_SOURCE_NAMES } from "@/words/bakes";
import { useSay } from "../frame/units";
import { Choice, Field } from "../frame/field";
import { Tick } from "../frame/tick";

const { leastC, mostC, leastMin, leastOtherMin, leastLookMin, mostMin } = BAKE_LIMITS;

/** The boxes in which a recipe's bake, its yield and its measures are put right. */
export function RecipeFactsForm({
  doc,
  worked,
  units,
  onChange,
}: {
  readonly doc: RecipeDoc;
  readonly worked: WorkedRecipe;
  readonly units: Units;
  readonly onChange: (change: (doc: RecipeDoc) => RecipeDoc, field?: string) => void;
}) {
  const say = useSay();
  const { measures } = worked;
  const setMeasures = (changes: Partial<KitchenMeasures>): void =>
    onChange((old) => ({ ...old, measures: { ...measures, ...changes } }));
  const cup = typeof measures.cup === "string" ? measures.cup : "metric";
  return (
    <details className="no-print border-t-[1.5px] border-line px-1 py-0.5 text-[15px]">
      <summary className="py-1.5 text-ink-2">
        {say`Change its tins, oven, minutes, portions; its cups, flour and eggs; or weigh its batter`}
      </summary>
      <div className="flex flex-wrap items-start gap-2 pb-2">
        <TextBox
          label={say`Its tins`}
          className="min-w-64 flex-[2]"
          value={doc.bake.tins.map(writeTin).join(" + ")}
          read={(text) => readTins(text, units)}
          onChange={(tins) =>
            onChange((old) => ({
              ...old,
              bake: { ...old.bake, tins, isSizeAssumed: undefined },
            }))
          }
        />
        <TextBox
          label="Oven"
          className="w-28"
          value={doc.bake.ovenC === undefined ? "" : exactHeat(doc.bake.ovenC, units)}
          read={(text) =>
            inRange(
              text,
              readTempC(text, units.heat),
              leastC,
              mostC,
              `a temperature from ${heatText(100, units)} to ${heatText(260, units)}`,
            )
          }
          onChange={(ovenC) =>
            onChange((old) => ({
              ...old,
              bake: { ...old.bake, ovenC: ovenC === null ? undefined : Math.round(ovenC) },
            }))
          }
        />
        <label className="min-w-36">
          <span className="label block">Baked in</span>
          <Choice
            label="Baked in"
            className="field pr-1"
            value={doc.bake.source ?? "oven"}
            choices={HEAT_SOURCES.map((each) => [each, say(HEAT_SOURCE_NAMES[each])] as const)}
            onChange={(source) =>
              onChange((old) => ({
                ...old,
                bake: { ...old.bake, source: source === "oven" ? undefined : source },
              }))
            }
          />
        </label>
        <Tick
          className="min-h-10 self-end"
          checked={doc.bake.fan === true}
          onChange={(fan) => onChange((old) => ({ ...old, bake: { ...old.bake, fan } }))}
        >
          {say`fan`}
        </Tick>
        <TextBox
          label="Minutes"
          className="w-28"
          value={doc.bake.minutes === undefined ? "" : `${doc.bake.minutes} min`}
          read={(text) => {
            const least = doc.bake.source === undefined ? leastMin : leastOtherMin;
            return inRange(text, readMinutes(text), least, mostMin, `${least} to 240 minutes`);
          }}
          onChange={(minutes) =>
            onChange((old) => ({ ...old, bake: { ...old.bake, minutes: minutes ?? undefined } }))
          }
        />
        <TextBox
          label="Start checking"
          className="w-28"
          value={doc.bake.checkAtMin === undefined ? "" : `${doc.bake.checkAtMin} min`}
          read={(text) =>
            inRange(text, readMinutes(text), leastLookMin, mostMin, "1 to 240 minutes")
          }
          onChange={(checkAtMin) =>
            onChange((old) => ({
              ...old,
              bake: { ...old.bake, checkAtMin: checkAtMin ?? undefined },
            }))
          }
        />
        <TextBox
          label="Serves"
          className="w-24"
          value={doc.portions === undefined ? "" : String(doc.portions)}
          read={(text) => inRange(text, readNumber(text), 1, 500, "1 to 500 portions")}
          onChange={(portions) => onChange((old) => ({ ...old, portions: portions ?? undefined }))}
        />
        <TextBox
          label="1 mL of batter weighs"
          className="w-40"
          value={doc.weighedGravity === undefined ? "" : String(doc.weighedGravity)}
          placeholder={`usually ${worked.batter?.batter.specificGravity.toFixed(2) ?? "0.86"} g`}
          read={(text) =>
            inRange(
              text.replace(/\s*g$/u, ""),
              readNumber(text.replace(/\s*g$/u, "")),
              0.15,
              1.5,
              "0.15 to 1.5 g",
            )
          }
          onChange={(gravity) =>
            onChange((old) => ({ ...old, weighedGravity: gravity ?? undefined }))
          }
        />
        <label>
          <span className="label block">A cup is</span>
          <Choice
            label="A cup is"
            className="field pr-1"
            value={cup}
            choices={(Object.keys(CUPS_ML) as (keyof typeof CUPS_ML)[]).map(
              (each) => [each, CUP_NAMES[each]] as const,
            )}
            onChange={(each) =>
              setMeasures({
                cup: each,
                spoon: each === "us" || each === "us-legal" ? "us" : "metric",
              })
            }
          />
        </label>
        <label>
          <span className="label block">Flour into the cup</span>
          <Choice
            label="Flour into the cup"
            className="field pr-1"
            value={measures.flour}
            choices={(["spooned", "dipped", "packed"] as const).map(
              (each) => [each, WAY_NAMES[each]] as const,
            )}
            onChange={(flour) => setMeasures({ flour })}
          />
        </label>
        <label>
          <span className="label block">An egg is</span>
          <Choice
            label="An egg is"
            className="field pr-1"
            value={measures.egg}
            choices={(Object.keys(EGGS_G) as EggSize[]).map(
              (each) => [each, EGG_NAMES[each]] as const,
            )}
            onChange={(egg) => setMeasures({ egg })}
          />
        </label>
      </div>
    </details>
  );
}

type BoxReading<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problem: string };

type TextBoxProps<T> = {
  readonly label: string;
  readonly value: string;
  readonly read: (text: string) => BoxReading<T>;
  readonly onChange: (value: T) => void;
  readonly placeholder?: string;
  readonly className: string;
};

/**
 * A box that keeps what is typed, changes the recipe as soon as it can be read, and says what is
 * wrong while it can't.
 */
function TextBox<T>({
  label,
  value,
  read,
  onChange,
  placeholder = "not said",
  className,
}: TextBoxProps<T>) {
  const [typed, setTyped] = useState<string | null>(null);
  const reading = typed === null ? null : read(typed);
  return (
    <div className={`flex ${className}`}>
      <Field
        label={label}
        value={typed ?? value}
        placeholder={placeholder}
        problem={reading?.ok === false ? reading.problem : null}
        onChange={(text) => {
          setTyped(text);
          const next = read(text);
          if (next.ok) onChange(next.value);
        }}
        onBlur={() => {
          if (reading?.ok !== false) setTyped(null);
        }}
      />
    </div>
  );
}

function inRange(
  text: string,
  value: number | null,
  min: number,
  max: number,
  expected: string,
): BoxReading<number | null> {
  if (text.trim() === "") return { ok: true, value: null };
  if (value === null) return { ok: false, problem: `“${text}” can't be read: write ${expected}.` };
  return value >= min && value <= max
    ? { ok: true, value }
    : { ok: false, problem: `“${text}” is out of range: write ${expected}.` };
}

function readTins(text: string, units: Units): BoxReading<RecipeDoc["bake"]["tins"]> {
  if (text.trim() === "") return { ok: true, value: [] };
  const read = text.split(/\s\+\s|\s+and\s+/u).map((part) => readTin(part, units.measure));
  const wrong = read.find((each) => !each.ok);
  if (wrong?.ok === false) return { ok: false, problem: issueText(wrong.issue, units) };
  return { ok: true, value: read.flatMap((each) => (each.ok ? [each.value.tin] : [])) };
}

/** A heat to the degree, as it is written into its box. */
const exactHeat = (tempC: number, units: Units): string =>
  units.heat === "F" ? `${Math.round(fahrenheitFromC(tempC))} °F` : `${tempC} °C`;
