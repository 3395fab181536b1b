"use client";

import { MARBLE_SHARES, type OnBatterBoxes } from "@/core/ask";
import {
  hasUsualOnBatter,
  ON_BATTER,
  ON_BATTER_THINGS,
  type OnBatter,
  type OnBatterThing,
} from "@/core/fill";
import { capitalised } from "@/core/measure";
import { issueText, weightText } from "@/words";
import { MARBLE_NAMES, ON_BATTER_NAMES, ON_BATTER_WHERE } from "@/words/filling";
import { useSay } from "../frame/units";
import { AddMenu } from "../frame/add-menu";
import { Choice, Field } from "../frame/field";
import type { StationProps } from "../frame/station-props";
import { Worn } from "../frame/worn";

const MOST = 8;
/** Where each goes as a rule; on top where it is not here. */
const USUALLY: Partial<Readonly<Record<OnBatterThing, OnBatter[number]["where"]>>> = {
  fruit: "in",
  berries: "in",
  "cinnamon-sugar": "between",
  jam: "between",
  custard: "between",
  "soft-cheese": "between",
  "chocolate-spread": "between",
  syrup: "floor",
};

type OnRawBatterProps = Pick<StationProps, "question" | "read" | "plan" | "units" | "onChange">;

/** What she puts under, in or on the raw batter, and what is marbled into it. */
export function OnRawBatter({ question, read, plan, units, onChange }: OnRawBatterProps) {
  const say = useSay();
  const { onBatter: boxes, marble } = question;
  const put = (onBatter: OnBatterBoxes, field: string): void => onChange({ onBatter }, field);
  const issue = read.issues.onBatter;
  return (
    <fieldset>
      <legend className="label">On, in or under the raw batter</legend>
      {boxes.length > 0 && (
        <ul className="mt-1 space-y-1.5">
          {boxes.map((box, index) => {
            const name =
              box.what === "own" ? box.name || "thing of your own" : ON_BATTER_NAMES[box.what];
            const change = (changes: Partial<typeof box>): void =>
              put(
                boxes.map((each, at) => (at === index ? { ...each, ...changes } : each)),
                `on-batter-${index}-${Object.keys(changes).join()}`,
              );
            const problem = (field: string): string | null =>
              issue?.path === `onBatter[${index}].${field}` ? issueText(issue, units) : null;
            // While a box can't be read its row is not in the plan.
            const laid = plan.laid.length === boxes.length ? plan.laid[index] : undefined;
            const usually =
              laid?.massG === undefined ? "as usual" : `usually ${weightText(laid.massG, units)}`;
            return (
              <Worn
                key={index}
                name={name}
                onRemove={() =>
                  put(
                    boxes.filter((_, at) => at !== index),
                    "on-batter-removed",
                  )
                }
              >
                {box.what === "own" ? (
                  <div className="flex w-40">
                    <Field
                      isLabelHidden
                      label="What it is"
                      value={box.name}
                      onChange={(text) => change({ name: text })}
                      problem={problem("dressName")}
                      placeholder="crushed biscuits"
                    />
                  </div>
                ) : (
                  <span className="py-2">{capitalised(name)}</span>
                )}
                <Choice
                  label={`Where the ${name} goes`}
                  className="field !w-auto max-w-full pr-1"
                  value={box.where}
                  choices={ON_BATTER.map((where) => [where, ON_BATTER_WHERE[where]] as const)}
                  onChange={(where) => change({ where })}
                />
                <div className="flex w-32">
                  <Field
                    isLabelHidden
                    label={say`How much ${name} in all tins`}
                    value={box.much}
                    onChange={(much) => change({ much })}
                    problem={problem("layMuch")}
                    placeholder={hasUsualOnBatter(box.what) ? usually : "80 g"}
                  />
                </div>
              </Worn>
            );
          })}
        </ul>
      )}
      <div className="mt-1 flex flex-wrap items-start gap-2">
        {boxes.length < MOST && (
          <AddMenu
            label="Something on the raw batter"
            prompt={boxes.length === 0 ? "Nothing; add…" : "Add…"}
            choices={ON_BATTER_THINGS.map((what) => [what, ON_BATTER_NAMES[what]] as const)}
            onAdd={(what) =>
              put(
                [...boxes, { what, where: USUALLY[what] ?? "top", name: "", much: "" }],
                "on-batter-added",
              )
            }
          />
        )}
        <Choice
          label="Marbled"
          className="field !w-auto max-w-full pr-1"
          value={marble.share}
          choices={MARBLE_SHARES.map((share) => [share, MARBLE_NAMES[share]] as const)}
          onChange={(share) => onChange({ marble: { ...marble, share } })}
        />
      </div>
      {marble.share !== "none" && (
        <div className="mt-1.5 flex flex-wrap items-start gap-2">
          <div className="flex w-40">
            <Field
              label="Stirred into it"
              value={marble.with}
              onChange={(text) => onChange({ marble: { ...marble, with: text } }, "marble-with")}
              placeholder="cocoa"
            />
          </div>
          <div className="flex w-24">
            <Field
              label="How much"
              value={marble.much}
              onChange={(much) => onChange({ marble: { ...marble, much } }, "marble-much")}
              problem={
                read.issues.marble === undefined ? null : issueText(read.issues.marble, units)
              }
              placeholder="20 g"
            />
          </div>
          <p className="self-end py-2 text-[15px] text-ink-2">
            into {weightText(plan.marbledG, units)} of the batter
          </p>
        </div>
      )}
    </fieldset>
  );
}
