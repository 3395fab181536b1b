"use client";

import { NEW_DRESS } from "@/core/ask";
import { FILLINGS, FROSTINGS, LAID, PIECES, POURS } from "@/core/build";
import { DRESSED_WHEN, MOST_DRESSED, type DressedWhen, type Dressing } from "@/core/finish";
import type { DressDetail } from "@/core/plan";
import { issueText } from "@/words";
import { dressText, WHEN_NAMES } from "@/words/dressing";
import { capitalised } from "@/core/measure";
import { stuffName } from "@/words/finishing";
import { AddMenu } from "../frame/add-menu";
import { Choice, Field } from "../frame/field";
import { Worn } from "../frame/worn";
import type { PaletteProps } from "./palette-props";
import { Tick } from "../frame/tick";

const groupOf = (of: readonly Dressing[], group: string) =>
  of.map((what) => [what, stuffName(what), group] as const);

/** What can be put on, by how it is. */
const CHOICES = [
  ["syrup", "syrup, brushed on or soaked in", "Runs or is spread"],
  ...groupOf([...new Set([...POURS, ...FILLINGS, ...FROSTINGS])], "Runs or is spread"),
  ...groupOf(PIECES, "By the piece"),
  ...groupOf(LAID, "Strewn"),
  ["own", "something else, in my own words", "Mine"],
] as const satisfies readonly (readonly [Dressing, string, string])[];

/** What is put on hot as a rule, and warm; all else cold. */
const USUALLY: Partial<Readonly<Record<Dressing, DressedWhen>>> = {
  syrup: "hot",
  chips: "hot",
  "boiled-fudge": "warm",
  jam: "warm",
  "dusting-sugar": "warm",
};

/** The menu from which something is put on hot, warm or cold. */
export function PutOnMenu({ boxes, onChange }: Pick<PaletteProps, "boxes" | "onChange">) {
  if (boxes.dress.length >= MOST_DRESSED) return null;
  return (
    <AddMenu<Dressing>
      label="Put on hot, warm or by the piece"
      prompt="Hot, warm, by the piece…"
      choices={CHOICES}
      onAdd={(what) => {
        const when = USUALLY[what] ?? "cold";
        onChange({ dress: [...boxes.dress, { what, when, ...NEW_DRESS }] }, "add-dress");
      }}
    />
  );
}

/** Whether its boxes say all there is to say of it. */
const isSaid = ({ dress, toBuy, afterOvenMin, isUnderFrosting }: DressDetail): boolean =>
  dress.massG !== undefined && toBuy === null && afterOvenMin === null && !isUnderFrosting;

/** What is put on hot, warm or cold, each with how much of it and when. */
export function DressedThings({ boxes, issues, units, details, onChange }: PaletteProps) {
  return boxes.dress.map((box, index) => {
    const name = box.what === "own" ? box.name || "thing of your own" : stuffName(box.what);
    const change = (changes: Partial<typeof box>): void =>
      onChange(
        { dress: boxes.dress.map((each, at) => (at === index ? { ...each, ...changes } : each)) },
        `dress-${index}-${Object.keys(changes).join()}`,
      );
    const issue = issues.dress?.path.includes(`[${index}]`) === true ? issues.dress : undefined;
    const problem = (field: string): string | null =>
      issue?.path.endsWith(field) === true ? issueText(issue, units) : null;
    // While a box can't be read its row is not in the plan, so that no row tells of another.
    const detail = boxes.dress.length === details.length ? details[index] : undefined;
    return (
      <Worn
        key={`dress-${index}`}
        name={name}
        onRemove={() => onChange({ dress: boxes.dress.filter((_, at) => at !== index) }, "remove")}
        {...(detail === undefined || issue !== undefined || isSaid(detail)
          ? {}
          : { note: dressText(detail, units) })}
      >
        {box.what === "own" ? (
          <div className="flex w-40">
            <Field
              isLabelHidden
              label="What it is"
              value={box.name}
              onChange={(text) => change({ name: text })}
              problem={problem("dressName")}
              placeholder="sugared almonds"
            />
          </div>
        ) : (
          <span className="py-2">{capitalised(name)}</span>
        )}
        <Choice
          label={`When the ${name} goes on`}
          className="field !w-auto pr-1"
          value={box.when}
          choices={DRESSED_WHEN.map((when) => [when, WHEN_NAMES[when]] as const)}
          onChange={(when) => change({ when })}
        />
        <div className="flex w-24">
          <Field
            isLabelHidden
            label={`How much ${name}`}
            value={box.much}
            onChange={(much) => change({ much })}
            problem={problem("dressMuch")}
            placeholder={box.what === "own" ? "80 g or 12" : "as usual"}
          />
        </div>
        {box.when !== "cold" && (
          <Tick
            className="py-2 text-[15px]"
            checked={box.poked}
            onChange={(isOn) => change({ poked: isOn })}
          >
            poke it first
          </Tick>
        )}
      </Worn>
    );
  });
}
