"use client";

import type { ReactNode } from "react";
import { CircleCheck, Info, TriangleAlert } from "lucide-react";
import { worstFill } from "@/core/fill";
import { CAUTION_STATIONS, type Caution } from "@/core/caution";
import { coversFor, SCALES, SCHOOLS, type Question } from "@/core/ask";
import type { CakePlan, Remark } from "@/core/plan";
import type { FillVerdict } from "@/core/fill";
import {
  areaText,
  cautionText,
  depthText,
  dialText,
  HEAT_WORDS,
  minutesText,
  percentText,
  extraText,
  remarkText,
  SCALE_NAMES,
  SCHOOL_NAMES,
  timesText,
  tinText,
  VERDICT_WORDS,
  volumeText,
  weightText,
  type Units,
} from "@/words";
import { frostingChoices } from "@/words/finishing";
import { useSay } from "../frame/units";
import { amountText, isGuessed, riseText } from "./describe";
import { Choice } from "../frame/field";

type FiguresProps = {
  readonly plan: CakePlan;
  readonly question: Question;
  readonly units: Units;
  readonly onChange: (changes: Partial<Question>) => void;
};

/** Those that need no amount; a cake's page has them all. */
const FIRST_SCALES = ["keep", "same-depth", "fill-limit"] as const;
const COVER_NAMES: Readonly<Record<Question["cover"], string>> = {
  "as-recipe": "Frost as the recipe",
  top: "Frost the top",
  "top-and-sides": "Frost top and sides",
  "half-naked": "Scrape the sides",
  naked: "Fill and top",
  none: "No frosting",
};

/** The numbers that hang under the bench, each with the choice that moves it. */
export function PlanFigures({ plan, question, units, onChange }: FiguresProps) {
  const say = useSay();
  const { fill, bake, finish, mix } = plan;
  const worst = worstFill(fill.tins);
  const only = fill.tins.length === 1 ? fill.tins[0] : undefined;
  const about = isGuessed(mix) ? "about " : "";
  const likely = `${only === undefined ? "the last likely" : "likely"} ${shortMinutes(bake.likelyMin)}, latest ${minutesText(bake.notPastMin)}`;
  return (
    <dl className="grid grid-cols-2 lg:grid-cols-5">
      <Cell
        name="Batter"
        figure={`${plan.scale === 1 ? "all" : timesText(plan.scale)}, ${about}${amountText(mix.massG, mix.volumeMl, units)}`}
        lines={[
          isGuessed(mix)
            ? `${volumeText(mix.volumeRangeMl[0], units)} to ${volumeText(mix.volumeRangeMl[1], units)}`
            : otherAmount(mix.massG, mix.volumeMl, units),
          only === undefined
            ? "shared below"
            : `${only.geometry.count > 1 ? `${amountText(only.batterG, only.batterMl, units)} in each, ` : ""}${depthText(only.depthMm, units)} deep, was ${depthText(plan.reference.tins[0]?.depthMm ?? 0, units)}`,
        ]}
      >
        <Choice
          label="How much batter"
          value={question.scale}
          choices={SCALES.filter(
            (scale) => FIRST_SCALES.some((each) => each === scale) || scale === question.scale,
          ).map((scale) => [scale, SCALE_NAMES[scale]] as const)}
          onChange={(scale) => onChange({ scale })}
        />
      </Cell>
      {worst !== undefined && (
        <Cell
          name={say`Space in the tin`}
          figure={`${percentText(worst.fullFraction)} full`}
          tone={worst.verdict}
          lines={[
            riseText(worst.peak.crownTopMm, worst.geometry.depthMm, units),
            `likely ${depthText(worst.peakTopRangeMm[0], units).replace(/\D*$/u, "")} to ${depthText(worst.peakTopRangeMm[1], units)}`,
          ]}
        >
          <VerdictMark verdict={worst.verdict} />
        </Cell>
      )}
      {bake.source === "oven" ? (
        <Cell name="Oven" figure={dialText(bake, units)} lines={[HEAT_WORDS[bake.reason]]}>
          <Choice
            label={say`Oven for these tins`}
            value={question.school}
            choices={SCHOOLS.filter((school) => school !== "own" || question.school === "own").map(
              (school) => [school, SCHOOL_NAMES[school]] as const,
            )}
            onChange={(school) => onChange({ school })}
          />
          <label className="flex min-h-8 items-center gap-1.5 text-[15px]">
            <input
              type="checkbox"
              className="size-[18px] accent-ink"
              checked={question.fan}
              onChange={(event) => onChange({ fan: event.target.checked })}
            />
            {say`fan`}
          </label>
        </Cell>
      ) : (
        <Cell
          name="Oven"
          figure={dialText(bake, units)}
          lines={["as the recipe says", "only vessels like its own"]}
        />
      )}
      <Cell
        name="Start checking at"
        figure={minutesText(bake.firstLookMin)}
        lines={[
          likely,
          ...(bake.source === "oven"
            ? [`door shut until ${minutesText(bake.doorShutUntilMin)}`]
            : []),
        ]}
        isNext
      />
      <Cell
        name={
          <Choice
            label="What to frost"
            className="-ml-1 min-h-[21px] max-w-full bg-transparent field-sizing-content"
            value={question.cover}
            choices={coversFor(question).map((cover) => [cover, say(COVER_NAMES[cover])] as const)}
            onChange={(cover) => onChange({ cover })}
          />
        }
        figure={finish.cover === "none" ? "none" : amountText(finish.massG, finish.volumeMl, units)}
        lines={finish.cover === "none" ? ["served plain"] : frostingLines(plan, units)}
      >
        {finish.cover !== "none" && (
          <Choice
            label={say`Frosting`}
            value={question.frosting}
            choices={frostingChoices(question, units)}
            onChange={(frosting) => onChange({ frosting })}
          />
        )}
      </Cell>
    </dl>
  );
}

/** The weight beside cups, the volume beside grams. */
function otherAmount(massG: number, volumeMl: number, units: Units): string {
  return units.measure === "metric"
    ? volumeText(volumeMl, units)
    : weightText(massG, { ...units, measure: "metric" });
}

function frostingLines({ finish }: CakePlan, units: Units): readonly string[] {
  const spare = extraText(finish.marginFraction);
  const other = otherAmount(finish.massG, finish.volumeMl, units);
  if (finish.cover === "top")
    return [
      `${depthText(finish.coat.topMm, units)} over ${areaText(finish.topMm2, units)}`,
      `${other}, ${spare}`,
    ];
  const layers = finish.layers > 1 ? `${finish.layers} layers filled, coat ` : "coat ";
  return [`${layers}${depthText(finish.coat.topMm, units)}`, `${other}, ${spare}`];
}

type CellProps = {
  readonly name: ReactNode;
  readonly figure: string;
  readonly lines: readonly string[];
  readonly tone?: FillVerdict;
  readonly isNext?: boolean;
  readonly children?: ReactNode;
};

const TONES: Readonly<Record<FillVerdict, string>> = {
  fits: "text-leaf",
  crowns: "text-crust",
  overflows: "text-tomato",
  "too-thin": "text-tomato",
};

function Cell({ name, figure, lines, tone, isNext = false, children }: CellProps) {
  return (
    <div className={`flex min-w-0 flex-col px-4 py-3 md:px-6 ${isNext ? "bg-yolk-soft" : ""}`}>
      <dt className="label">{name}</dt>
      <dd
        className={`figure-text text-[23px] leading-tight ${tone === undefined ? "" : TONES[tone]}`}
      >
        {figure}
      </dd>
      {lines
        .filter((line) => line !== "")
        .map((line) => (
          <dd key={line} className="text-[14px] leading-snug text-ink-2">
            {line}
          </dd>
        ))}
      {children !== undefined && (
        <dd className="mt-auto flex flex-wrap items-center gap-x-3 gap-y-1.5 pt-2">{children}</dd>
      )}
    </div>
  );
}

function VerdictMark({ verdict }: { readonly verdict: FillVerdict }) {
  const Icon = verdict === "fits" ? CircleCheck : verdict === "crowns" ? Info : TriangleAlert;
  return (
    <p
      role="status"
      className={`flex min-h-8 items-center gap-1.5 text-[15px] font-semibold ${TONES[verdict]}`}
    >
      <Icon size={18} aria-hidden className="shrink-0" /> {VERDICT_WORDS[verdict]}
    </p>
  );
}

/**
 * One line a tin, when there are several: what goes into each, how high it comes, when it is done.
 */
export function EachTin({ plan, units }: { readonly plan: CakePlan; readonly units: Units }) {
  const say = useSay();
  if (plan.fill.tins.length < 2) return null;
  return (
    <div className="border-t-[1.5px] border-line px-4 py-3 md:px-6">
      <table className="w-full text-left text-[15px]">
        <caption className="sr-only">{say`Each tin`}</caption>
        <thead className="label">
          <tr>
            <th scope="col" className="py-1 pr-3 font-normal">
              {say`Tin`}
            </th>
            <th scope="col" className="py-1 pr-3 font-normal">
              In each
            </th>
            <th scope="col" className="py-1 pr-3 font-normal max-sm:hidden">
              Deep
            </th>
            <th scope="col" className="py-1 pr-3 font-normal">
              Space
            </th>
            <th scope="col" className="py-1 font-normal">
              Look, likely
            </th>
          </tr>
        </thead>
        <tbody>
          {plan.fill.tins.map((fill, index) => {
            const minutes = plan.bake.tins[index];
            return (
              <tr key={index} className="border-t-[1.5px] border-line">
                <th scope="row" className="py-1.5 pr-3 font-semibold">
                  {tinText(fill.geometry.tin, units)}
                </th>
                <td className="pr-3">{amountText(fill.batterG, fill.batterMl, units)}</td>
                <td className="pr-3 max-sm:hidden">{depthText(fill.depthMm, units)}</td>
                <td className={`pr-3 ${TONES[fill.verdict]}`}>
                  {VERDICT_WORDS[fill.verdict]},{" "}
                  {riseText(fill.peak.crownTopMm, fill.geometry.depthMm, units)}
                </td>
                <td>
                  {minutes === undefined
                    ? ""
                    : `${shortMinutes(minutes.firstLookMin)}, ${minutesText(minutes.likelyMin)}`}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}

/** Minutes whose unit stands after the next ones; seconds have their own. */
const shortMinutes = (minutes: number): string =>
  Number.isInteger(minutes) ? String(minutes) : minutesText(minutes);

type NotesProps = {
  readonly plan: CakePlan;
  /** Only what can hurt there; all of it when left out. */
  readonly station?: (typeof CAUTION_STATIONS)[Caution["code"]];
  /** Which of the plan's remarks belong there; all of them when left out. */
  readonly remarks?: readonly Remark["code"][];
  readonly units: Units;
};

/** What to beware of first, then what the plan assumes. */
export function Notes({ plan, station, remarks, units }: NotesProps) {
  return (
    <NoteList
      cautions={
        station === undefined
          ? plan.cautions
          : plan.cautions.filter(({ code }) => CAUTION_STATIONS[code] === station)
      }
      remarks={
        remarks === undefined
          ? plan.remarks
          : plan.remarks.filter(({ code }) => remarks.includes(code))
      }
      units={units}
    />
  );
}

/** Cautions first, remarks after. */
export function NoteList({
  cautions,
  remarks,
  units,
}: Pick<CakePlan, "cautions" | "remarks"> & { readonly units: Units }) {
  if (cautions.length + remarks.length === 0) return null;
  return (
    <ul
      aria-label="Cautions and remarks"
      className="space-y-1 border-t-[1.5px] border-line px-4 py-3 text-[15px] md:px-6"
    >
      {cautions.map((caution) => (
        <li key={caution.code} className="flex gap-2 font-semibold">
          <TriangleAlert size={18} aria-hidden className="mt-0.5 shrink-0 text-tomato" />
          {cautionText(caution, units)}
        </li>
      ))}
      {remarks.map((remark) => (
        <li key={remark.code} className="flex gap-2 text-ink-2">
          <Info size={18} aria-hidden className="mt-0.5 shrink-0" />
          {remarkText(remark, units)}
        </li>
      ))}
    </ul>
  );
}
