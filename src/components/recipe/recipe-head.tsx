"use client";

import { useState, type ReactNode } from "react";
import { type RecipeFacts, type WorkedRecipe, planCake } from "@/core/plan";
import { recipeCautions } from "@/core/caution";
import {
  CUPS_ML,
  EGGS_G,
  readNumber,
  readMinutes,
  readTempC,
  type EggSize,
  type KitchenMeasures,
} from "@/core/measure";
import { BATTER_KINDS } from "@/core/kind";
import { MOST_GAS, scaledBatter } from "@/core/mix";
import { HEAT_SOURCES, type RecipeDoc } from "@/core/recipe";
import { readTin, writeTin } from "@/core/tin";
import {
  CUP_NAMES,
  EGG_NAMES,
  heatText,
  issueText,
  KIND_NAMES,
  KIND_REASONS,
  minutesText,
  volumeText,
  WAY_NAMES,
  weightText,
  type Units,
  tinText,
} from "@/words";
import { HEAT_SOURCE_NAMES } from "@/words/bakes";
import { NoteList } from "../ask/plan-figures";
import { Choice, Field } from "../frame/field";
import { OwnBakes } from "./own-bakes";
import { FilledTin } from "../section/filled-tin";

type RecipeHeadProps = {
  readonly doc: RecipeDoc;
  readonly worked: WorkedRecipe;
  readonly facts: RecipeFacts;
  readonly times: number;
  readonly scaleBar: ReactNode;
  readonly units: Units;
  readonly onChange: (change: (doc: RecipeDoc) => RecipeDoc, field?: string) => void;
};

/**
 * What the recipe is, on the bench: its own tins with its batter in them, its kind, weight, heat
 * and minutes.
 */
export function RecipeHead({
  doc,
  worked,
  facts,
  times,
  units,
  scaleBar,
  onChange,
}: RecipeHeadProps) {
  const { batter, kind, isKindChosen, measures } = worked;
  const made = batter === null ? null : scaledBatter(batter.batter, times);
  const setMeasures = (changes: Partial<KitchenMeasures>): void =>
    onChange((old) => ({ ...old, measures: { ...measures, ...changes } }));
  const cup = typeof measures.cup === "string" ? measures.cup : "metric";
  return (
    <>
      <OwnBakes doc={doc} units={units} onChange={onChange} />
      <div className="grid grid-cols-2 gap-x-6 border-b-4 border-ink md:grid-cols-[minmax(0,1.2fr)_repeat(4,minmax(0,1fr))]">
        <OwnTins facts={facts} units={units} />
        <div className="px-1 py-2">
          <p className="label">Batter{times === 1 ? "" : ", scaled"}</p>
          <p className="figure-text text-[23px] leading-tight">
            {made === null ? "not weighed" : weightText(made.massG, units)}
          </p>
          {batter !== null && made !== null && (
            <p className="text-[14px] text-ink-2">
              about {volumeText(made.volumeMl, units)}, {volumeText(made.volumeRangeMl[0], units)}{" "}
              to {volumeText(made.volumeRangeMl[1], units)}
              {batter.unweighed > 0 && (
                <span className="block font-semibold text-tomato">
                  without {batter.unweighed} {batter.unweighed === 1 ? "line" : "lines"} of no
                  weight
                </span>
              )}
              {(batter.gasShare < 0 || batter.gasShare > MOST_GAS) && (
                <span className="block font-semibold text-crust">
                  {batter.gasShare < 0
                    ? "heavier than its parts: another kind?"
                    : "more air than a batter holds: another kind?"}
                </span>
              )}
            </p>
          )}
        </div>
        <div className="px-1 py-2">
          <Choice
            label="Kind of batter"
            className="label -ml-1 max-w-full bg-transparent field-sizing-content"
            value={isKindChosen ? kind.kind : "-"}
            choices={[
              ["-", "Kind, as recognised"],
              ...BATTER_KINDS.map((each) => [each, `Kind: ${KIND_NAMES[each]}`] as const),
            ]}
            onChange={(chosen) =>
              onChange((old) => ({ ...old, kind: chosen === "-" ? undefined : chosen }))
            }
          />
          <p className="figure-text text-[23px] leading-tight">{KIND_NAMES[kind.kind]}</p>
          <p className="text-[14px] text-ink-2">
            {isKindChosen ? "your choice" : KIND_REASONS[kind.reason]}
          </p>
        </div>
        <div className="px-1 py-2">
          <p className="label">Heat</p>
          <p className="figure-text text-[23px] leading-tight">
            {facts.bake.source !== undefined && facts.bake.source !== "oven"
              ? "no oven"
              : facts.bake.ovenC === undefined
                ? "not said"
                : heatText(facts.bake.ovenC, units)}
          </p>
          <p className="text-[14px] text-ink-2">
            {facts.bake.source !== undefined && facts.bake.source !== "oven"
              ? HEAT_SOURCE_NAMES[facts.bake.source]
              : facts.bake.fan === true
                ? "fan"
                : "top and bottom heat"}
          </p>
        </div>
        <div className="px-1 py-2">
          <p className="label">Minutes</p>
          <p className="figure-text text-[23px] leading-tight">
            {facts.bake.minutes === undefined ? "not said" : minutesText(facts.bake.minutes)}
          </p>
          <p className="text-[14px] text-ink-2">
            in its own tins
            {facts.bake.checkAtMin !== undefined &&
              `, first look at ${minutesText(facts.bake.checkAtMin)}`}
          </p>
        </div>
      </div>
      <div className="-mx-4 md:-mx-6">
        <NoteList
          cautions={recipeCautions(worked.holds, facts.bake.source ?? "oven")}
          remarks={[]}
          units={units}
        />
      </div>
      <div className="py-2">{scaleBar}</div>
      <details className="no-print border-t-[1.5px] border-line px-1 py-0.5 text-[15px]">
        <summary className="py-1.5 text-ink-2">
          Change its tins, heat, minutes, portions; its cups, flour and eggs; or weigh its batter
        </summary>
        <div className="flex flex-wrap items-start gap-2 pb-2">
          <TextBox
            label="Its tins"
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
            label="Heat"
            className="w-28"
            value={doc.bake.ovenC === undefined ? "" : `${doc.bake.ovenC} °C`}
            read={(text) =>
              inRange(text, readTempC(text, units.heat), 100, 260, "a heat from 100 to 260 °C")
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
              choices={HEAT_SOURCES.map((each) => [each, HEAT_SOURCE_NAMES[each]] as const)}
              onChange={(source) =>
                onChange((old) => ({
                  ...old,
                  bake: { ...old.bake, source: source === "oven" ? undefined : source },
                }))
              }
            />
          </label>
          <label className="flex min-h-10 items-center gap-2 self-end">
            <input
              type="checkbox"
              className="size-5 accent-ink"
              checked={doc.bake.fan === true}
              onChange={(event) => {
                const fan = event.target.checked;
                onChange((old) => ({ ...old, bake: { ...old.bake, fan } }));
              }}
            />
            fan
          </label>
          <TextBox
            label="Minutes"
            className="w-28"
            value={doc.bake.minutes === undefined ? "" : `${doc.bake.minutes} min`}
            read={(text) => inRange(text, readMinutes(text), 5, 240, "5 to 240 minutes")}
            onChange={(minutes) =>
              onChange((old) => ({ ...old, bake: { ...old.bake, minutes: minutes ?? undefined } }))
            }
          />
          <TextBox
            label="First look"
            className="w-28"
            value={doc.bake.checkAtMin === undefined ? "" : `${doc.bake.checkAtMin} min`}
            read={(text) => inRange(text, readMinutes(text), 1, 240, "1 to 240 minutes")}
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
            onChange={(portions) =>
              onChange((old) => ({ ...old, portions: portions ?? undefined }))
            }
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
    </>
  );
}

/** The recipe's own tin with its batter in it, when it can be drawn. */
function OwnTins({ facts, units }: { readonly facts: RecipeFacts; readonly units: Units }) {
  const { tins, ovenC = 175, isSizeAssumed = false } = facts.bake;
  const plan =
    tins.length === 0
      ? null
      : planCake({ recipe: { batter: facts.batter, reference: { tins, ovenC } }, tins });
  const fill = plan?.ok === true ? plan.value.reference.tins[0] : undefined;
  return (
    <div className="flex flex-col justify-end px-1 pt-3 max-md:order-last max-md:col-span-2 max-md:items-center">
      {fill === undefined ? (
        <p className="pb-2 text-ink-2">No tin named yet.</p>
      ) : (
        <>
          <p className="pb-1.5 text-[14px] text-ink-2">
            {tins.map((tin) => tinText(tin, units)).join(" and ")}
            {isSizeAssumed && (
              <span className="block font-semibold text-crust">
                of usual size: the recipe does not say
              </span>
            )}
          </p>
          <div
            className="flex items-end gap-1.5"
            role="img"
            aria-label={`The recipe's own tins: ${tins.map(writeTin).join(" and ")}; ${volumeText(fill.batterMl, units)} of batter in each`}
          >
            {Array.from({ length: Math.min(2, fill.geometry.count) }, (_, copy) => (
              <FilledTin key={copy} fill={fill} pxPerMm={0.5} />
            ))}
          </div>
        </>
      )}
    </div>
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
