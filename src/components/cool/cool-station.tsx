"use client";

import { WAYS_OUT, type Question } from "@/core/ask";
import type { TurnOut } from "@/core/cool";
import { coolDetail, type CooledTin } from "@/core/plan";
import { POUR_WINDOWS } from "@/core/finish";
import { capitalised, roundTo } from "@/core/measure";
import { issueText, minutesText, SPREAD_NAMES, tinText, type Units } from "@/words";
import { pourText } from "@/words/finishing";
import { Choice, Field } from "../frame/field";
import type { StationProps } from "../frame/station-props";

const WAY_OUT_NAMES: Readonly<Record<Question["cooling"], string>> = {
  usual: "as usual for its kind and tin",
  after: "warm, after so long",
  cold: "when it is cold",
  dish: "not at all: it stays in its dish",
};

/** Cool: how each cake comes out of its tin, and when it is cold. */
export function CoolStation({ question, read, plan, isStale, units, onChange }: StationProps) {
  return (
    <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,320px)_minmax(0,1fr)]">
      <div className="no-print space-y-3">
        <label className="block">
          <span className="label block">Out of its tin</span>
          <Choice
            label="Out of its tin"
            className="field pr-1"
            value={question.cooling}
            choices={WAYS_OUT.map((way) => [way, WAY_OUT_NAMES[way]] as const)}
            onChange={(cooling) => onChange({ cooling })}
          />
        </label>
        {question.cooling === "after" && (
          <div className="flex">
            <Field
              label="In the tin for"
              value={question.inTin}
              onChange={(inTin) => onChange({ inTin }, "inTin")}
              problem={read.issues.inTin === undefined ? null : issueText(read.issues.inTin, units)}
              placeholder="10 min"
            />
          </div>
        )}
      </div>
      <ul
        aria-label="Turning out"
        className={`panel divide-y-[1.5px] divide-line px-6 py-2 max-sm:px-4 ${isStale ? "opacity-50" : ""}`}
      >
        {coolDetail(plan).map((cooled, index) => {
          const geometry = plan.fill.tins[index]?.geometry;
          return (
            geometry !== undefined && (
              <Cooled key={index} cooled={cooled} tin={tinText(geometry.tin, units)} />
            )
          );
        })}
        {waitsOf(plan, units).map((wait) => (
          <li key={wait} className="py-2.5 text-[15px]">
            {wait}
          </li>
        ))}
      </ul>
    </div>
  );
}

/** The cakes of one kind of tin: when they leave it, and when they are cold. */
function Cooled({ cooled, tin }: { readonly cooled: CooledTin; readonly tin: string }) {
  const { out, coldMin, fromMin, toMin, lukewarmMin, fridgeMin, freezerMin } = cooled;
  return (
    <li className="py-2.5">
      <p className="figure-text text-[21px] first-letter:uppercase">{outText(out)}</p>
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
        {tin}. {HANDLING[out.when]}
      </p>
    </li>
  );
}

function outText(out: TurnOut): string {
  switch (out.when) {
    case "after":
      return out.minutes === 0
        ? "out of the tin at once"
        : `out of the tin after ${minutesText(out.minutes)}`;
    case "cold":
      return out.isUpsideDown ? "hung upside down until cold" : "stays in the tin until cold";
    case "never":
      return "stays in its dish";
  }
}

const HANDLING: Readonly<Record<TurnOut["when"], string>> = {
  after:
    "Loosen with a thin blade, turn onto a board, lift the tin, peel off the paper, turn it right way up on a rack. Quite cold before it is cut, split or frosted.",
  cold: "Quite cold before it is loosened, turned out or cut.",
  never: "Frosted, cut and served in it.",
};

/** What the finish asks of the cold and of the warm cake. */
function waitsOf({ finish }: StationProps["plan"], units: Units): readonly string[] {
  const { pour } = finish.wears;
  const isCoatedTwice = finish.quantities.some(({ thing }) => thing === "first-coat");
  return [
    ...(pour === undefined
      ? []
      : [`${capitalised(SPREAD_NAMES[pour.what])}: ${pourText(POUR_WINDOWS[pour.what], units)}`]),
    ...(isCoatedTwice
      ? [
          "After the first coat: 20 min in the fridge, or 10 in the freezer, until it is firm to the touch; then the final coat.",
        ]
      : []),
  ];
}
