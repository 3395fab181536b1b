"use client";

import { LAID, POURS, type Laid } from "@/core/build";
import {
  AMOUNTS,
  BORDER_PLACES,
  LAID_PLACES,
  PIPED,
  POUR_SIDES,
  POUR_WINDOWS,
  ROLLED_MM,
  SWIRLS,
} from "@/core/finish";
import { issueText, SPREAD_NAMES } from "@/words";
import { AMOUNT_NAMES, LAID_NAMES, PIPED_NAMES, pourText, SWIRL_NAMES } from "@/words/finishing";
import { useSay } from "../frame/units";
import { Choice, Field } from "../frame/field";
import { ThickField } from "../build/thick-field";
import { boxText } from "../build/thick-text";
import { DressedThings, PutOnMenu } from "./dressed-things";
import { Fruit } from "./fruit-places";
import { Worn } from "../frame/worn";
import { PLACE_NAMES, type PaletteProps } from "./palette-props";

const POUR_SIDE_NAMES = {
  none: "on the top alone",
  drips: "with drips",
  all: "over the sides too",
} as const;

const MOST_BORDERS = 4;

const MOST_TOPPINGS = 6;

/** What a border is when it is put on. */
const FIRST_BORDER = { style: "shell", widthMm: "" } as const;

/**
 * A small palette of what can be put on a cake, and what is on it, each with what can be said of
 * it.
 */
export function FinishPalette(props: PaletteProps) {
  const say = useSay();
  const { boxes, issues, units, onlyCups, onChange } = props;
  const toppings = LAID.filter((each) => !boxes.toppings.some(({ what }) => what === each));
  return (
    <section aria-labelledby="put-on" className="space-y-2">
      <h3 id="put-on" className="text-[17px]">
        Put on it
      </h3>
      <div className="flex flex-wrap gap-1.5">
        {!onlyCups &&
          BORDER_PLACES.map((at) => (
            <button
              key={at}
              type="button"
              className="button"
              disabled={boxes.borders.length >= MOST_BORDERS}
              onClick={() =>
                onChange({ borders: [...boxes.borders, { at, ...FIRST_BORDER }] }, "add-border")
              }
            >
              Border {PLACE_NAMES[at]}
            </button>
          ))}
        {boxes.swirl === "none" && (
          <button type="button" className="button" onClick={() => onChange({ swirl: "medium" })}>
            Swirls
          </button>
        )}
        {boxes.pour === "none" && (
          <button
            type="button"
            className="button"
            onClick={() => onChange({ pour: "pouring-ganache" })}
          >
            Something poured
          </button>
        )}
        {boxes.fruit === null && !onlyCups && (
          <button
            type="button"
            className="button"
            onClick={() =>
              onChange({
                fruit: {
                  at: "top",
                  pattern: "rings",
                  widthMm: "",
                  overlap: "",
                  each: "",
                  syrup: false,
                },
              })
            }
          >
            Fruit
          </button>
        )}
        {boxes.rolledMm === "" && !onlyCups && (
          <button
            type="button"
            className="button"
            onClick={() => onChange({ rolledMm: boxText(ROLLED_MM, units) })}
          >
            Fondant
          </button>
        )}
        {boxes.toppings.length < MOST_TOPPINGS && (
          <Choice<Laid | "">
            label="Scatter on it"
            className="field !w-auto pr-1"
            value=""
            choices={[
              ["", "Something scattered…"],
              ...toppings.map((each) => [each, LAID_NAMES[each]] as const),
            ]}
            onChange={(what) => {
              if (what !== "")
                onChange(
                  { toppings: [...boxes.toppings, { what, at: "top", amount: "usual" }] },
                  "add-topping",
                );
            }}
          />
        )}
        <PutOnMenu boxes={boxes} onChange={onChange} />
      </div>
      <ul aria-label="On it" className="space-y-2">
        {boxes.borders.map((border, index) => {
          const change = (changes: Partial<typeof border>): void =>
            onChange(
              {
                borders: boxes.borders.map((each, at) =>
                  at === index ? { ...each, ...changes } : each,
                ),
              },
              `border-${index}-${Object.keys(changes).join()}`,
            );
          const issue =
            issues.borders?.path.includes(`[${index}]`) === true ? issues.borders : undefined;
          return (
            <Worn
              key={`border-${index}`}
              name="border"
              onRemove={() =>
                onChange({ borders: boxes.borders.filter((_, at) => at !== index) }, "remove")
              }
            >
              <Choice
                label={`Style of border ${index + 1}`}
                className="field !w-auto pr-1"
                value={border.style}
                choices={PIPED.map((each) => [each, PIPED_NAMES[each]] as const)}
                onChange={(style) => change({ style })}
              />
              <Choice
                label={`Place of border ${index + 1}`}
                className="field !w-auto pr-1"
                value={border.at}
                choices={BORDER_PLACES.map((each) => [each, say(PLACE_NAMES[each])] as const)}
                onChange={(at) => change({ at })}
              />
              <div className="flex w-28">
                <ThickField
                  units={units}
                  isLabelHidden
                  label={`Width of border ${index + 1}`}
                  value={border.widthMm}
                  onChange={(widthMm) => change({ widthMm })}
                  problem={issue === undefined ? null : issueText(issue, units)}
                  placeholder={units.measure === "us" ? "1/2 in" : "12 mm"}
                />
              </div>
            </Worn>
          );
        })}
        {boxes.swirl !== "none" && (
          <Worn name="swirls" onRemove={() => onChange({ swirl: "none" })}>
            <Choice
              label="Style of the swirls"
              className="field !w-auto pr-1"
              value={boxes.swirl}
              choices={SWIRLS.map((each) => [each, SWIRL_NAMES[each]] as const)}
              onChange={(swirl) => onChange({ swirl })}
            />
            {!onlyCups && (
              <div className="flex w-32">
                <Field
                  isLabelHidden
                  label="How many swirls on a cake"
                  value={boxes.swirls}
                  onChange={(swirls) => onChange({ swirls }, "swirls")}
                  problem={issues.swirls === undefined ? null : issueText(issues.swirls, units)}
                  placeholder="12 of them"
                />
              </div>
            )}
          </Worn>
        )}
        {boxes.pour !== "none" && (
          <Worn
            name="glaze"
            onRemove={() => onChange({ pour: "none" })}
            note={pourText(POUR_WINDOWS[boxes.pour], units)}
          >
            <Choice
              label="What is poured"
              className="field !w-auto pr-1"
              value={boxes.pour}
              choices={POURS.map((each) => [each, SPREAD_NAMES[each]] as const)}
              onChange={(pour) => onChange({ pour })}
            />
            {!onlyCups && (
              <Choice
                label="Where it runs"
                className="field !w-auto pr-1"
                value={boxes.pourSides}
                choices={POUR_SIDES.map((each) => [each, POUR_SIDE_NAMES[each]] as const)}
                onChange={(pourSides) => onChange({ pourSides })}
              />
            )}
            {!onlyCups && boxes.pourSides === "drips" && (
              <div className="flex w-32">
                <Field
                  isLabelHidden
                  label="How many drips"
                  value={boxes.drips}
                  onChange={(drips) => onChange({ drips }, "drips")}
                  problem={issues.drips === undefined ? null : issueText(issues.drips, units)}
                  placeholder="all round"
                />
              </div>
            )}
          </Worn>
        )}
        {boxes.toppings.map((topping, index) => {
          const change = (changes: Partial<typeof topping>): void =>
            onChange(
              {
                toppings: boxes.toppings.map((each, at) =>
                  at === index ? { ...each, ...changes } : each,
                ),
              },
              `topping-${index}-${Object.keys(changes).join()}`,
            );
          return (
            <Worn
              key={`${topping.what}-${index}`}
              name={LAID_NAMES[topping.what]}
              onRemove={() =>
                onChange({ toppings: boxes.toppings.filter((_, at) => at !== index) }, "remove")
              }
            >
              <span className="py-2 first-letter:uppercase">{LAID_NAMES[topping.what]}</span>
              {!onlyCups && (
                <Choice
                  label={`Where the ${LAID_NAMES[topping.what]} goes`}
                  className="field !w-auto pr-1"
                  value={topping.at}
                  choices={LAID_PLACES.map((each) => [each, say(PLACE_NAMES[each])] as const)}
                  onChange={(at) => change({ at })}
                />
              )}
              <Choice
                label={`How much ${LAID_NAMES[topping.what]}`}
                className="field !w-auto pr-1"
                value={topping.amount}
                choices={AMOUNTS.map((each) => [each, AMOUNT_NAMES[each]] as const)}
                onChange={(amount) => change({ amount })}
              />
            </Worn>
          );
        })}
        <DressedThings {...props} />
        {boxes.rolledMm !== "" && (
          <Worn name="fondant" onRemove={() => onChange({ rolledMm: "" })}>
            <span className="py-2">Fondant</span>
            <div className="flex w-28">
              <ThickField
                units={units}
                isLabelHidden
                label="Rolled so thick"
                value={boxes.rolledMm}
                onChange={(rolledMm) => onChange({ rolledMm }, "rolledMm")}
                problem={issues.rolledMm === undefined ? null : issueText(issues.rolledMm, units)}
              />
            </div>
          </Worn>
        )}
        {boxes.fruit !== null && <Fruit fruit={boxes.fruit} {...{ issues, units, onChange }} />}
      </ul>
    </section>
  );
}
