"use client";

import { NEW_DURING, type DuringBoxes } from "@/core/ask";
import type { Minutes } from "@/core/bake";
import { readMinutes } from "@/core/measure";
import { isAmiss, type DuringDetail } from "@/core/plan";
import { DURING, MOST_DURING } from "@/core/recipe";
import { heatText, issueText, minutesText } from "@/words";
import { amissText, DURING_NAMES } from "@/words/in-oven";
import { useSay } from "../frame/units";
import { AddMenu } from "../frame/add-menu";
import { Field } from "../frame/field";
import { Worn } from "../frame/worn";
import type { StationProps } from "../frame/station-props";

type WhileItBakesProps = Pick<StationProps, "question" | "read" | "units" | "onChange"> & {
  /** As it is planned. */
  readonly details: readonly DuringDetail[];
  readonly minutes: Pick<Minutes, "doorShutUntilMin" | "notPastMin">;
};

/** What is done to the cake in the oven: as the recipe has it until something is changed. */
export function WhileItBakes({
  question,
  read,
  units,
  details,
  minutes,
  onChange,
}: WhileItBakesProps) {
  const say = useSay();
  const boxes: DuringBoxes =
    question.during ??
    details.map(({ do: what, atMin, trueC, name, ifNeeded }) => ({
      do: what,
      at: minutesText(atMin),
      to: trueC === null ? "" : heatText(trueC, units),
      name: name ?? "",
      ifNeeded,
    }));
  const put = (during: DuringBoxes | null, field: string): void => onChange({ during }, field);
  const issue = read.issues.during;
  return (
    <fieldset>
      <legend className="label">While it bakes</legend>
      {boxes.length > 0 && (
        <ul className="mt-1 space-y-1.5">
          {boxes.map((box, index) => {
            const name = box.do === "add" && box.name !== "" ? box.name : say(DURING_NAMES[box.do]);
            const change = (changes: Partial<typeof box>): void =>
              put(
                boxes.map((each, at) => (at === index ? { ...each, ...changes } : each)),
                `during-${index}-${Object.keys(changes).join()}`,
              );
            const problem = (field: string): string | null =>
              issue?.path === `during[${index}].${field}` ? issueText(issue, units) : null;
            const atMin = readMinutes(box.at);
            const amiss = atMin === null ? null : isAmiss({ do: box.do, atMin }, minutes);
            return (
              <Worn
                key={index}
                name={name}
                removeLabel={`Leave out: ${name}`}
                onRemove={() =>
                  put(
                    boxes.filter((_, at) => at !== index),
                    "during-removed",
                  )
                }
                {...(amiss === null ? {} : { note: amissText(amiss, minutes) })}
              >
                <div className="flex w-24">
                  <Field
                    isLabelHidden
                    label={`When to ${name}`}
                    value={box.at}
                    onChange={(at) => change({ at })}
                    problem={problem("duringAt")}
                    placeholder="25 min"
                  />
                </div>
                {box.do === "add" ? (
                  <div className="flex w-40">
                    <Field
                      isLabelHidden
                      label="What is put on in the oven"
                      value={box.name}
                      onChange={(text) => change({ name: text })}
                      placeholder="flaked almonds on"
                    />
                  </div>
                ) : (
                  <span className="py-2">{name}</span>
                )}
                {box.do === "heat" && (
                  <div className="flex w-24">
                    <Field
                      isLabelHidden
                      label="Temperature from then on, true in the oven"
                      value={box.to}
                      onChange={(to) => change({ to })}
                      problem={problem("duringTo")}
                      placeholder={units.heat === "C" ? "160 °C" : "325 °F"}
                    />
                  </div>
                )}
              </Worn>
            );
          })}
        </ul>
      )}
      <div className="mt-1 flex flex-wrap items-center gap-2">
        {boxes.length < MOST_DURING && (
          <AddMenu
            label="Something to do while it bakes"
            prompt={boxes.length === 0 ? "Nothing; add…" : "Add…"}
            choices={DURING.map((what) => [what, say(DURING_NAMES[what])] as const)}
            onAdd={(what) => put([...boxes, { do: what, ...NEW_DURING }], "during-added")}
          />
        )}
        {question.during !== null && question.recipeDuring.length > 0 && (
          <button type="button" className="button" onClick={() => put(null, "during-as-recipe")}>
            As the recipe has it
          </button>
        )}
      </div>
    </fieldset>
  );
}
