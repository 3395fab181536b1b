"use client";

import { TURN_CHOICES, WAYS_OUT, type Question } from "@/core/ask";
import type { CoolRequest, TurnOut, Turns } from "@/core/cool";
import { coolCurve, coolDetail, dressDetail, type CooledTin } from "@/core/plan";
import { POUR_WINDOWS } from "@/core/finish";
import { capitalised, roundTo } from "@/core/measure";
import { issueText, minutesText, SPREAD_NAMES, tinText, type Say, type Units } from "@/words";
import { dressText } from "@/words/dressing";
import { pourText } from "@/words/finishing";
import { useSay } from "../frame/units";
import { Choice, Field } from "../frame/field";
import type { StationProps } from "../frame/station-props";
import { CoolingChart } from "./cooling-chart";
import { Tick } from "../frame/tick";

const WAY_OUT_NAMES: Readonly<Record<Question["cooling"], string>> = {
  usual: "as usual for its kind and tin",
  after: "warm, after so long",
  cold: "when it is cold",
  dish: "not at all: it stays in its dish",
};

const TURNED_NAMES: Readonly<Record<Question["turned"], string>> = {
  usual: "as usual for its tin",
  no: "not at all",
  once: "once: it stays as it falls",
  twice: "twice: right way up again",
};

/** Cool: how each cake comes out of oven and tin, and what may be done with it when. */
export function CoolStation({ question, read, plan, isStale, units, onChange }: StationProps) {
  const details = coolDetail(plan);
  const slowest = Math.max(...details.map(({ coldMin }) => coldMin));
  const shown = details.findIndex(({ coldMin }) => coldMin === slowest);
  const [tin, cooled] = [plan.fill.tins[shown], details[shown]];
  return (
    <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,320px)_minmax(0,1fr)]">
      <CoolChoices {...{ question, read, units, onChange }} />
      <div className={`panel min-w-0 px-6 py-4 max-sm:px-4 ${isStale ? "opacity-50" : ""}`}>
        {tin !== undefined && cooled !== undefined && (
          <CoolingChart curve={coolCurve(plan, tin)} cooled={cooled} units={units} />
        )}
        <ul aria-label="Turning out" className="mt-2 divide-y-[1.5px] divide-line">
          {details.map((each, index) => {
            const geometry = plan.fill.tins[index]?.geometry;
            return (
              geometry !== undefined && (
                <Cooled key={index} cooled={each} tin={tinText(geometry.tin, units)} />
              )
            );
          })}
          {[...leftText(plan.cool), ...waitsOf(plan, units)].map((wait) => (
            <li key={wait} className="py-2.5 text-[15px]">
              {wait}
            </li>
          ))}
        </ul>
      </div>
    </div>
  );
}

/** How it is wanted out of oven and tin. */
function CoolChoices({
  question,
  read,
  units,
  onChange,
}: Pick<StationProps, "question" | "read" | "units" | "onChange">) {
  const say = useSay();
  const problemOf = (box: "inTin" | "offOven"): string | null => {
    const issue = read.issues[box];
    return issue === undefined ? null : issueText(issue, units);
  };
  return (
    <div className="no-print space-y-3">
      <label className="block">
        <span className="label block">{say`Out of its tin`}</span>
        <Choice
          label={say`Out of its tin`}
          className="field pr-1"
          value={question.cooling}
          choices={WAYS_OUT.map((way) => [way, say(WAY_OUT_NAMES[way])] as const)}
          onChange={(cooling) => onChange({ cooling })}
        />
      </label>
      {question.cooling === "after" && (
        <div className="flex">
          <Field
            label={say`In the tin for`}
            value={question.inTin}
            onChange={(inTin) => onChange({ inTin }, "inTin")}
            problem={problemOf("inTin")}
            placeholder="10 min"
          />
        </div>
      )}
      {question.cooling !== "dish" && (
        <label className="block">
          <span className="label block">Turned over</span>
          <Choice
            label="Turned over"
            className="field pr-1"
            value={question.turned}
            choices={TURN_CHOICES.map((turns) => [turns, say(TURNED_NAMES[turns])] as const)}
            onChange={(turned) => onChange({ turned })}
          />
        </label>
      )}
      <div className="flex">
        <Field
          label="First in the switched-off oven for"
          value={question.offOven}
          onChange={(offOven) => onChange({ offOven }, "offOven")}
          problem={problemOf("offOven")}
          placeholder="0 min"
        />
      </div>
      {(
        [
          ["coolsCovered", "Under a cloth or a lid"],
          ["coolsOvernight", "Until the next day"],
        ] as const
      ).map(([box, label]) => (
        <Tick
          key={box}
          className="min-h-11"
          checked={question[box]}
          onChange={(isOn) => onChange({ [box]: isOn })}
        >
          {label}
        </Tick>
      ))}
    </div>
  );
}

/** What is asked of oven, cloth and night. */
const leftText = ({ offOvenMin = 0, covered, overnight }: CoolRequest): readonly string[] => [
  ...(offOvenMin > 0
    ? [
        `First ${minutesText(offOvenMin)} in the switched-off oven: it goes on baking a little, and the minutes here count from when it is out.`,
      ]
    : []),
  ...(covered === true
    ? ["Under a cloth or a lid: it cools a third slower, and its crust stays soft."]
    : []),
  ...(overnight === true
    ? ["Left until the next day, at least eight hours; well wrapped once it is cold."]
    : []),
];

/** The cakes of one kind of tin: when they leave it, and when they are cold. */
function Cooled({ cooled, tin }: { readonly cooled: CooledTin; readonly tin: string }) {
  const say = useSay();
  const { out, turned, coldMin, fromMin, toMin, lukewarmMin, fridgeMin, freezerMin } = cooled;
  return (
    <li className="py-2.5">
      <p className="figure-text text-[21px] first-letter:uppercase">{outText(out, say)}</p>
      <p className="text-[17px]">
        Quite cold about {minutesText(roundTo(coldMin, 5))} after the oven,{" "}
        {minutesText(roundTo(fromMin, 5))} to {minutesText(roundTo(toMin, 5))} by the room.
      </p>
      {out.when === "after" && (
        <p className="text-[15px]">
          Sooner: lukewarm on the rack after {minutesText(roundTo(lukewarmMin, 5))}, then wrapped in
          the fridge, cold {minutesText(roundTo(fridgeMin, 5))} after the oven; in the freezer{" "}
          {minutesText(roundTo(freezerMin, 5))}. Likely within a quarter either way.
        </p>
      )}
      <p className="text-[15px] text-ink-2">
        {tin}. {handlingText(out, turned, say)}
      </p>
    </li>
  );
}

function outText(out: TurnOut, say: Say): string {
  switch (out.when) {
    case "after":
      return out.minutes === 0
        ? say`out of the tin at once`
        : say`out of the tin after ${minutesText(out.minutes)}`;
    case "cold":
      return out.isUpsideDown ? "hung upside down until cold" : say`stays in the tin until cold`;
    case "never":
      return "stays in its dish";
  }
}

/** How it is taken out of its tin. */
function handlingText({ when }: TurnOut, turned: Turns, say: Say): string {
  if (when === "never") return "Frosted, cut and served in it.";
  const first = when === "cold" ? "Quite cold before it is loosened, turned out or cut. " : "";
  const then = when === "cold" ? "" : " Quite cold before it is cut, split or frosted.";
  return `${first}${say(TURNING[turned])}${then}`.trim();
}

const TURNING: Readonly<Record<Turns, string>> = {
  no: "Lifted out, or its ring opened, and onto a rack.",
  once: "Loosen with a thin blade, a plate or a rack on top, over, leave the tin on it for a minute and lift it: it stays as it falls.",
  twice:
    "Loosen with a thin blade, turn onto a board, lift the tin, peel off the paper, turn it right way up on a rack.",
};

/** What the finish asks of the cold and of the warm cake. */
function waitsOf(plan: StationProps["plan"], units: Units): readonly string[] {
  const { finish } = plan;
  const { pour } = finish.wears;
  const isCoatedTwice = finish.quantities.some(({ thing }) => thing === "first-coat");
  return [
    ...(pour === undefined
      ? []
      : [`${capitalised(SPREAD_NAMES[pour.what])}: ${pourText(POUR_WINDOWS[pour.what], units)}`]),
    ...dressDetail(plan)
      .filter(({ afterOvenMin }) => afterOvenMin !== null)
      .map((detail) => dressText(detail, units)),
    ...(isCoatedTwice
      ? [
          "After the first coat: 20 min in the fridge, or 10 in the freezer, until it is firm to the touch; then the final coat.",
        ]
      : []),
  ];
}
