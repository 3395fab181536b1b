"use client";

import { useMemo, useRef } from "react";
import { dressDetail, laidFruit } from "@/core/plan";
import type { CakeDoc } from "@/core/kept";
import { AS_RECIPE, coversFor, type FinishBoxes, type Question } from "@/core/ask";
import { issueText, percentText, extraText, volumeText, weightText } from "@/words";
import {
  COVER_NAMES,
  frostingChoices,
  frostingName,
  sheetText,
  thickText,
} from "@/words/finishing";
import { Notes } from "../ask/plan-figures";
import { Choice, Field } from "../frame/field";
import { drawnCake, type DrawnCake } from "../section/cake-places";
import { cutCake } from "../section/cake-shapes";
import { DragHandle } from "../frame/drag-handle";
import type { StationProps } from "../frame/station-props";
import { FinishPalette } from "./finish-palette";
import { OwnParts, partsBesides } from "./own-parts";
import { FrostingBatch, type OtherCake } from "./frosting-batch";
import type { KitchenPantry } from "@/core/pantry";
import { useSay } from "../frame/units";
import { PlaceNote } from "../frame/place-note";
import { QuantityList } from "../build/quantity-list";
import { ThickField } from "../build/thick-field";
import { boxText } from "../build/thick-text";
import { TopView } from "./top-view";
import { Tick } from "../frame/tick";

export type { OtherCake };

type FinishStationProps = StationProps & {
  readonly recipe: CakeDoc["recipe"];
  readonly pantry: KitchenPantry;
  readonly others: readonly OtherCake[];
};

/** The drawing never grows beyond these, px. */
const TALLEST_PX = 260;
const WIDEST_PX = 500;
/** Room round the section for what hangs on it. */
const ROOM = 1.45;

/** What of a question is its finish. */
function finishOf({
  cover,
  frosted,
  frosting,
  build,
  finish,
}: Question): Pick<Question, "cover" | "frosting" | "build" | "finish"> {
  return {
    cover: cover === AS_RECIPE ? (frosted?.over ?? "none") : cover,
    frosting,
    build: { ...build, heights: [] },
    finish: { ...finish, part: "", fillingPart: "", alsoFor: [], feels: [] },
  };
}

/** Finish: what goes on, pulled at on its drawing, and everything that has to be made for it. */
export function FinishStation(props: FinishStationProps) {
  const say = useSay();
  const { question, read, plan, isStale, refused, units, others, onChange } = props;
  const { finish: boxes } = question;
  const { finish } = plan;
  const drawn = drawnCake(plan);
  const hasOwn = props.recipe !== null && partsBesides(props.recipe.doc).length > 0;
  const first = finish.cakes[0]?.tiers[0];
  const onlyCups = finish.cakes.every(({ tiers }) =>
    tiers.every(({ tier }) => tier.family === "cup"),
  );
  const hasRing = finish.cakes.some(({ tiers }) =>
    tiers.some(({ tier }) => tier.outline.tubeAreaMm2 > 0),
  );
  const isCoated = (first?.coat.sideMm ?? 0) > 0;
  const fruit = useMemo(
    () => (read.input.ok ? laidFruit(read.input.value, plan) : null),
    [read, plan],
  );
  const change = (changes: Partial<FinishBoxes>, field = Object.keys(changes).join()): void =>
    onChange({ finish: { ...boxes, ...changes } }, `finish-${field}`);
  const problem = (box: keyof typeof read.issues): string | null => {
    const found = read.issues[box];
    return found === undefined ? null : issueText(found, units);
  };
  const fruitIssue = fruit !== null && !fruit.ok ? fruit.issue : null;
  const dim = isStale ? "opacity-50" : "";
  const laid = fruit?.ok === true ? fruit.value : [];
  const { borders, swirls, pour } = finish.wears;
  const hasTop =
    laid.length > 0 ||
    fruitIssue !== null ||
    borders !== undefined ||
    swirls !== undefined ||
    pour !== undefined ||
    plan.worn.some(({ as }) => as !== "unseen");
  return (
    <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,370px)_minmax(0,1fr)]">
      <div className="space-y-3 max-lg:order-2">
        <div className="flex flex-wrap gap-2">
          <label className="min-w-52 flex-1">
            <span className="label block">What to frost</span>
            <Choice
              label="What to frost"
              className="field pr-1"
              value={question.cover}
              choices={coversFor(question).map(
                (cover) => [cover, say(COVER_NAMES[cover])] as const,
              )}
              onChange={(cover) => onChange({ cover })}
            />
          </label>
          <label className="min-w-52 flex-1">
            <span className="label block">With</span>
            <Choice
              label={say`Frosting`}
              className="field pr-1"
              value={question.frosting}
              choices={frostingChoices(question, units)}
              onChange={(frosting) => onChange({ frosting })}
            />
          </label>
        </div>
        {finish.cover !== "none" && (
          <div className="grid grid-cols-2 gap-2 sm:grid-cols-4 lg:grid-cols-2">
            <ThickField
              units={units}
              label="On the top"
              value={boxes.topMm}
              onChange={(topMm) => change({ topMm })}
              problem={problem("topMm")}
              placeholder={thickText(finish.coat.topMm, units)}
            />
            {isCoated && (
              <ThickField
                units={units}
                label="On the sides"
                value={boxes.sideMm}
                onChange={(sideMm) => change({ sideMm })}
                problem={problem("sideMm")}
                placeholder={thickText(finish.coat.sideMm, units)}
              />
            )}
            {finish.cover === "top-and-sides" && !onlyCups && (
              <ThickField
                units={units}
                label="First coat, in that"
                value={boxes.firstMm}
                onChange={(firstMm) => change({ firstMm })}
                problem={problem("firstMm")}
                placeholder={thickText(finish.coat.firstMm, units)}
              />
            )}
            <Field
              label="Extra"
              value={boxes.margin}
              onChange={(margin) => change({ margin })}
              problem={problem("margin")}
              placeholder={percentText(finish.marginFraction)}
            />
          </div>
        )}
        {hasRing && isCoated && (
          <Tick
            className="text-[15px]"
            checked={boxes.innerWall}
            onChange={(isOn) => change({ innerWall: isOn })}
          >
            the wall of the hole too
          </Tick>
        )}
        {others.length > 0 && (
          <label className="block">
            <span className="label block">Same as last time</span>
            <Choice
              label="Same as last time"
              className="field pr-1"
              value=""
              choices={[
                ["", "Take over another cake's finish…"],
                ...others.map(({ id, name }) => [id, name] as const),
              ]}
              onChange={(id) => {
                const other = others.find((each) => each.id === id);
                if (other !== undefined) onChange(finishOf(other.question), `same-${id}`);
              }}
            />
          </label>
        )}
        <FinishPalette
          boxes={boxes}
          issues={read.issues}
          units={units}
          details={dressDetail(plan)}
          onlyCups={onlyCups}
          onChange={change}
        />
      </div>
      <section aria-label="The cake finished" className="panel min-w-0 overflow-hidden">
        <p className={`figure-text px-6 pt-4 ${dim} text-[25px] leading-tight max-sm:px-4`}>
          {finish.batches.length === 0
            ? hasOwn
              ? "As the recipe says"
              : "Plain"
            : finish.massG > 0
              ? `${weightText(finish.massG, units)} ${frostingName(question, units)}`
              : say`No frosting`}
          {finish.massG > 0 && (
            <span className="font-sans text-[15px] font-normal text-ink-2">
              {" "}
              · {volumeText(finish.volumeMl, units)}, {extraText(finish.marginFraction)}
            </span>
          )}
        </p>
        <div
          className={`grid items-end gap-x-6 px-6 pt-5 max-sm:px-3 ${hasTop ? "md:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]" : ""}`}
        >
          <FinishDrawing
            {...{ question, read, plan, isStale, refused, units, onChange }}
            drawn={drawn}
            onFinish={change}
          />
          {hasTop && (
            <div className="relative pb-2 max-md:pt-4">
              <TopView
                cake={drawn}
                fruit={
                  laid.find(({ index }) => index === (drawn.tiers.at(-1)?.tier.index ?? 0)) ??
                  laid[0] ??
                  null
                }
                units={units}
              />
              {fruitIssue !== null && (
                <PlaceNote issue={fruitIssue} units={units} left={0.5} bottom={0.5} />
              )}
            </div>
          )}
        </div>
        <div className="h-1 bg-ink" />
        <div className={dim}>
          {laid.map(({ index, cakes, layout }) => (
            <p key={index} className="px-6 pt-2 text-[15px] max-sm:px-4">
              Fruit: {layout.places.length} pieces to lay on{" "}
              {cakes > 1 ? `each of ${cakes} cakes` : "the cake"}
              {layout.fruits === null
                ? ""
                : `, ${layout.fruits * cakes} ${layout.fruits * cakes === 1 ? "fruit" : "fruits"} to buy`}
              {layout.syrup === null
                ? ""
                : `; syrup of ${weightText(layout.syrup.sugarG * cakes, units)} sugar and as much water covers them`}
              .
            </p>
          ))}
          {finish.sheets.map((sheet, index) => (
            <p key={index} className="px-6 pt-2 text-[15px] max-sm:px-4">
              Roll out {sheetText(sheet, units)}.
            </p>
          ))}
          <QuantityList
            label="What goes on and between"
            quantities={finish.quantities}
            units={units}
          />
          <OwnParts {...props} />
          <FrostingBatch {...props} onFinish={change} />
          <Notes plan={plan} station="finish" remarks={[]} units={units} />
        </div>
      </section>
    </div>
  );
}

/** The cake sawn through in its coat, with grips on the coat and on its borders. */
function FinishDrawing({
  question,
  plan,
  isStale,
  refused,
  units,
  drawn,
  onFinish,
}: StationProps & {
  readonly drawn: DrawnCake;
  readonly onFinish: (changes: Partial<FinishBoxes>, field?: string) => void;
}) {
  const say = useSay();
  const grip = useRef(0);
  const { drawing, widthMm, heightMm } = cutCake(drawn, true);
  const [base, top] = [drawn.tiers[0], drawn.tiers.at(-1)];
  if (base === undefined || top === undefined) return null;
  const wideMm = widthMm * ROOM;
  const tallMm = heightMm + 4;
  const scale = Math.min(TALLEST_PX / tallMm, WIDEST_PX / wideMm);
  const { finish: boxes } = question;
  const outer = base.halfMm + base.coat.sideMm;
  const onGrip = (): void => {
    grip.current += 1;
  };
  const change = (changes: Partial<FinishBoxes>, what: string): void =>
    onFinish(changes, `${what}-${grip.current}`);
  const atX = (x: number): number => 0.5 + x / wideMm;
  return (
    <div className="relative mx-auto w-full" style={{ maxWidth: `${wideMm * scale}px` }}>
      <svg
        viewBox={`${-wideMm / 2} ${-tallMm} ${wideMm} ${tallMm}`}
        className={`block w-full overflow-visible ${isStale ? "opacity-50" : ""}`}
        role="img"
        aria-label={`In section: ${thickText(base.coat.topMm, units)} on the top, ${thickText(base.coat.sideMm, units)} on the sides`}
      >
        {drawing}
      </svg>
      {base.coat.topMm > 0 && (
        <DragHandle
          label={say`Frosting on the top`}
          valueMm={base.coat.topMm}
          minMm={1}
          maxMm={40}
          stepMm={0.5}
          name="top"
          text={thickText(base.coat.topMm, units)}
          axis="y"
          left={0.5}
          bottom={Math.min(0.97, (top.topMm + 6) / tallMm)}
          widthMm={wideMm}
          onGrip={onGrip}
          onMove={(to) => change({ topMm: boxText(to, units) }, "topMm")}
        />
      )}
      {base.coat.sideMm > 0 && (
        <DragHandle
          label={say`Frosting on the sides`}
          valueMm={base.coat.sideMm}
          minMm={0.5}
          maxMm={40}
          stepMm={0.5}
          name="side"
          text={thickText(base.coat.sideMm, units)}
          axis="x"
          align="start"
          left={atX(outer)}
          bottom={(base.footMm + base.tier.heightMm * 0.5) / tallMm}
          widthMm={wideMm}
          onGrip={onGrip}
          onMove={(to) => change({ sideMm: boxText(to, units) }, "sideMm")}
        />
      )}
      {plan.finish.wears.borders?.map(({ at, widthMm: wide }, index) => (
        <DragHandle
          key={index}
          label={`Width of border ${index + 1}`}
          valueMm={wide}
          minMm={3}
          maxMm={40}
          stepMm={1}
          text={thickText(wide, units)}
          axis="x"
          align={at === "top" ? "start" : "end"}
          perMm={at === "top" ? 1 : -1}
          left={at === "top" ? atX(-outer + wide) : atX(-outer - wide)}
          bottom={at === "top" ? (top.topMm + wide * 0.35) / tallMm : 0.04}
          widthMm={wideMm}
          onGrip={onGrip}
          onMove={(to) =>
            change(
              {
                borders: boxes.borders.map((border, place) =>
                  place === index ? { ...border, widthMm: boxText(to, units) } : border,
                ),
              },
              `border-${index}`,
            )
          }
        />
      ))}
      {refused?.path.startsWith("finish.") === true && (
        <PlaceNote issue={refused} units={units} left={base.holeMm > 0 ? 0.5 : 0.75} bottom={0.5} />
      )}
    </div>
  );
}
