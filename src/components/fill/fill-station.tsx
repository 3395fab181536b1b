"use client";

import { Fragment } from "react";
import {
  CEILINGS,
  divided,
  DIVIDING,
  laidMass,
  timesFilled,
  timesForDepth,
  timesLaid,
  worstFill,
  type TinFill,
} from "@/core/fill";
import { chosenPieces, timesTins, type Question } from "@/core/ask";
import { linerPieces, paperNeeded, writeTin } from "@/core/tin";
import {
  CEILING_NAMES,
  crowningChoices,
  depthText,
  dividedText,
  DIVIDING_NAMES,
  issueText,
  laidText,
  leftoverText,
  lengthText,
  limitText,
  percentText,
  tinText,
  VERDICT_WORDS,
  volumeText,
  weightText,
  type Units,
} from "@/words";
import { useSay } from "../frame/units";
import type { TinChoice } from "../frame/choices";
import { amountText, riseText } from "../ask/describe";
import { Notes } from "../ask/plan-figures";
import { TinsSide } from "../ask/tins-side";
import { Choice, Field } from "../frame/field";
import { More } from "../frame/more";
import { BestFits } from "./best-fits";
import { OnRawBatter } from "./on-raw-batter";
import { LevelDrawing } from "./level-drawing";
import { ScaleControl, ScaleSlider } from "../ask/scale-control";
import type { StationProps } from "../frame/station-props";
import { Tick } from "../frame/tick";

/** Paper for all the tins of a cake, with the lining of each to print. */
function Lining({ fills, units }: { readonly fills: readonly TinFill[]; readonly units: Units }) {
  const lined = fills
    .map(({ geometry }) => ({ geometry, pieces: linerPieces(geometry) }))
    .filter(({ pieces }) => pieces.length > 0);
  if (lined.length === 0) return null;
  const all = lined.flatMap(({ geometry, pieces }) =>
    Array.from({ length: geometry.count }, () => pieces).flat(),
  );
  return (
    <p className="border-t-[1.5px] border-line px-6 py-2.5 text-[15px] text-ink-2 max-sm:px-4">
      Lining takes {lengthText(paperNeeded(all), units)} of paper. Print true to size:{" "}
      {lined.map(({ geometry }, index) => (
        <Fragment key={index}>
          {index > 0 && ", "}
          <a
            className="underline underline-offset-3"
            target="_blank"
            rel="noreferrer"
            href={`/tins/liner?${new URLSearchParams({ tin: writeTin({ ...geometry.tin, count: 1 }), paper: units.measure === "us" ? "letter" : "a4" })}`}
          >
            {tinText({ ...geometry.tin, count: 1 }, units)}
          </a>
        </Fragment>
      ))}
      .
    </p>
  );
}

const TONES = {
  fits: "text-leaf",
  crowns: "text-crust",
  overflows: "text-tomato",
  "too-thin": "text-tomato",
} as const;

/** The tins don't say how much is made. */
const FIXED_AMOUNT: readonly Question["scale"][] = ["keep", "times", "guests"];

/**
 * Fill: which tins, how much in each, how deep, whether it stays in, and what to do with the rest.
 */
export function FillStation({
  question,
  read,
  plan,
  isStale,
  units,
  cupboard,
  onChange,
}: StationProps & { readonly cupboard: readonly TinChoice[] }) {
  const say = useSay();
  const { fill } = plan;
  const ofRecipe = question.isRecipeOnLeftOff ? [] : timesLaid(question.recipeOn, plan.scale);
  const addedG = Math.max(0, Math.round(plan.fruitG - laidMass(ofRecipe)));
  const worst = worstFill(fill.tins);
  const leftover = leftoverText(fill, units);
  const times = timesFilled(plan.mix, fill);
  const shortOf = cupboard.flatMap(({ name, tin, owned }) => {
    const rounds = Math.ceil(chosenPieces(question.tins, tin, units.measure) / owned);
    return rounds > 1 && Number.isFinite(rounds) ? [{ name, owned, rounds }] : [];
  });

  function onLevel(index: number, depthMm: number, grip: number): void {
    const times = timesForDepth(
      plan.found,
      fill.tins.map(({ geometry }) => geometry),
      plan.options,
      index,
      depthMm,
    );
    onChange(
      {
        scale: "times",
        amount: String(Math.round(Math.min(20, Math.max(0.05, times)) * 1000) / 1000),
      },
      `level-${grip}`,
    );
  }

  return (
    <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,400px)_minmax(0,1fr)]">
      <div className="space-y-4 max-lg:order-2">
        <TinsSide
          question={question}
          read={read}
          cupboard={cupboard}
          units={units}
          onChange={onChange}
        />
        <section aria-labelledby="fits">
          <h3 id="fits" className="text-[17px]">
            From the cupboard for this batter
          </h3>
          <BestFits
            plan={plan}
            question={question}
            cupboard={cupboard}
            units={units}
            onChange={onChange}
          />
        </section>
        <ScaleControl
          question={question}
          read={read}
          plan={plan}
          units={units}
          onChange={onChange}
        />
        {question.recipeOn.length > 0 && (
          <Tick
            className="min-h-11"
            checked={!question.isRecipeOnLeftOff}
            onChange={(isOn) => onChange({ isRecipeOnLeftOff: !isOn })}
          >
            {laidText(timesLaid(question.recipeOn, plan.scale), units)}
          </Tick>
        )}
        <OnRawBatter
          question={question}
          read={read}
          plan={plan}
          units={units}
          onChange={onChange}
        />
        <More
          summary="How full, fruit, dividing"
          isNeeded={read.issues.fruit !== undefined || read.issues.recipeFruit !== undefined}
        >
          <div className="flex flex-wrap items-start gap-2 pt-1">
            <label className="min-w-40 flex-1">
              <span className="label block">Never fuller than</span>
              <Choice
                label="Never fuller than"
                className="field pr-1"
                value={question.fullAtMost}
                choices={[
                  ["kind", "usual for the batter"],
                  ...CEILINGS.map((each) => [each, CEILING_NAMES[each]] as const),
                ]}
                onChange={(fullAtMost) => onChange({ fullAtMost })}
              />
            </label>
            <label className="min-w-40 flex-1">
              <span className="label block">Crown may stand</span>
              <Choice
                label="Crown may stand"
                className="field pr-1"
                value={question.crowning}
                choices={crowningChoices(units)}
                onChange={(crowning) => onChange({ crowning })}
              />
            </label>
            <div className="flex min-w-40 flex-1">
              <Field
                label="Fruit on the floors or pressed in"
                value={question.fruit}
                onChange={(fruit) => onChange({ fruit }, "fruit")}
                problem={
                  read.issues.fruit === undefined ? null : issueText(read.issues.fruit, units)
                }
                reading={
                  addedG > 0
                    ? say`in all tins; keep ${depthText(5, units)} clear of the wall`
                    : null
                }
                placeholder="none"
              />
            </div>
            {addedG > 0 && (
              <div className="min-w-40 flex-1">
                <Field
                  label={say`Of it in the recipe's own tins`}
                  value={question.recipeFruit}
                  onChange={(recipeFruit) => onChange({ recipeFruit }, "recipeFruit")}
                  problem={
                    read.issues.recipeFruit === undefined
                      ? null
                      : issueText(read.issues.recipeFruit, units)
                  }
                  reading={
                    question.recipeFruit.trim() === ""
                      ? "its minutes are taken to be without"
                      : "its minutes hold this"
                  }
                  placeholder="none"
                />
                {question.recipeFruit.trim() === "" && (
                  <button
                    type="button"
                    className="button mt-1"
                    onClick={() =>
                      onChange({ recipeFruit: `${Math.round(addedG / plan.scale)} g` })
                    }
                  >
                    The recipe has it too
                  </button>
                )}
              </div>
            )}
            <label className="min-w-40 flex-1">
              <span className="label block">Divided</span>
              <Choice
                label="Divided"
                className="field pr-1"
                value={question.dividing}
                choices={DIVIDING.map((each) => [each, DIVIDING_NAMES[each]] as const)}
                onChange={(dividing) => onChange({ dividing })}
              />
            </label>
          </div>
        </More>
      </div>
      <section
        aria-label={say`The tins filled`}
        className={`panel min-w-0 overflow-hidden ${isStale ? "opacity-50" : ""}`}
      >
        {worst !== undefined && (
          <p
            role="status"
            className={`px-6 pt-4 text-[19px] font-bold first-letter:uppercase max-sm:px-4 ${TONES[worst.verdict]}`}
          >
            {VERDICT_WORDS[worst.verdict]}
            <span className="text-[15px] font-normal text-ink-2">
              {" "}
              · {riseText(worst.peak.crownTopMm, worst.geometry.depthMm, units)}, likely{" "}
              {depthText(worst.peakTopRangeMm[0], units).replace(/\D*$/u, "")} to{" "}
              {depthText(worst.peakTopRangeMm[1], units)}
            </span>
          </p>
        )}
        <LevelDrawing
          fills={fill.tins}
          units={units}
          askedOver={plan.asked / plan.scale}
          onLevel={onLevel}
        />
        <ScaleSlider question={question} plan={plan} onChange={onChange} />
        <ul
          aria-label={say`What goes into each tin`}
          className="grid gap-x-6 px-6 pt-2 pb-3 max-sm:px-4 sm:grid-cols-[repeat(auto-fit,minmax(260px,1fr))]"
        >
          {fill.tins.map((each, index) => (
            <li key={index} className="border-t-[1.5px] border-line py-2">
              <p className="figure-text text-[23px] leading-tight">
                {each.geometry.count > 1 ? `${each.geometry.count} × ` : ""}
                {amountText(each.batterG, each.batterMl, units)}
              </p>
              <p className="text-[15px]">
                {units.measure === "metric"
                  ? volumeText(each.batterMl, units)
                  : weightText(each.batterG, { ...units, measure: "metric" })}
                , {depthText(each.depthMm, units)} deep,{" "}
                {percentText(each.depthMm / each.geometry.depthMm)} of the depth,{" "}
                {percentText(each.fullFraction)} of the volume
              </p>
              {fill.tins.length > 1 && (
                <p className={`text-[15px] font-semibold ${TONES[each.verdict]}`}>
                  {tinText(each.geometry.tin, units)}: {VERDICT_WORDS[each.verdict]}
                </p>
              )}
              <p className="text-[14px] text-ink-2">
                {say`This tin `}
                {limitText(each, units)}.
              </p>
              <p className="text-[14px] text-ink-2">
                Dividing {dividedText(divided(each, question.dividing), question.dividing, units)}.
              </p>
            </li>
          ))}
        </ul>
        {leftover !== "" && (
          <div className="mx-6 mb-3 rounded-control border-[1.5px] border-tomato bg-white px-3 py-2 font-semibold text-tomato max-sm:mx-4">
            <p>{leftover}</p>
            {times > 1 && FIXED_AMOUNT.includes(question.scale) && (
              <button
                type="button"
                className="button mt-1.5 text-ink"
                onClick={() =>
                  onChange({ tins: [...timesTins(question.tins, times, units.measure)] })
                }
              >
                Fill{" "}
                {fill.tins.every(({ geometry }) => geometry.count === 1) && fill.tins.length === 1
                  ? say`this tin`
                  : say`these tins`}{" "}
                {times === 2 ? "twice" : `${times} times`}
              </button>
            )}
          </div>
        )}
        {shortOf.map(({ name, owned, rounds }) => (
          <p key={name} className="px-6 pb-3 text-[15px] font-semibold max-sm:px-4">
            {name}: you own {owned}. Filled {rounds === 2 ? "twice" : `${rounds} times`}, washed and
            lined again in between.
          </p>
        ))}
        <Lining fills={fill.tins} units={units} />
        <Notes plan={plan} station="fill" units={units} />
      </section>
    </div>
  );
}
