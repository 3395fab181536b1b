"use client";

import type { FinishBoxes } from "@/core/ask";
import { PATTERNS } from "@/core/finish";
import { issueText } from "@/words";
import { PATTERN_NAMES } from "@/words/finishing";
import { useSay } from "../frame/units";
import { Choice, Field } from "../frame/field";
import { ThickField } from "../build/thick-field";
import { PLACE_NAMES, type PaletteProps } from "./palette-props";
import { Worn } from "../frame/worn";
import { Tick } from "../frame/tick";

export function Fruit({
  fruit,
  issues,
  units,
  onChange,
}: Pick<PaletteProps, "issues" | "units" | "onChange"> & {
  readonly fruit: NonNullable<FinishBoxes["fruit"]>;
}) {
  const say = useSay();
  const change = (changes: Partial<typeof fruit>): void =>
    onChange({ fruit: { ...fruit, ...changes } }, `fruit-${Object.keys(changes).join()}`);
  const problem = (field: string): string | null =>
    issues.fruit?.path.endsWith(field) === true ? issueText(issues.fruit, units) : null;
  return (
    <Worn name="fruit" onRemove={() => onChange({ fruit: null })}>
      <span className="py-2">Fruit</span>
      <Choice
        label="Where the fruit lies"
        className="field !w-auto pr-1"
        value={fruit.at}
        choices={(["top", "floor"] as const).map((each) => [each, say(PLACE_NAMES[each])] as const)}
        onChange={(at) => change({ at })}
      />
      <Choice
        label="How the fruit is laid"
        className="field !w-auto pr-1"
        value={fruit.pattern}
        choices={PATTERNS.map((each) => [each, PATTERN_NAMES[each]] as const)}
        onChange={(pattern) => change({ pattern })}
      />
      <div className="flex w-full gap-2">
        <ThickField
          units={units}
          label="Slice, wide"
          value={fruit.widthMm}
          onChange={(widthMm) => change({ widthMm })}
          problem={problem("widthMm")}
          placeholder={units.measure === "us" ? "1 1/2 in" : "40 mm"}
        />
        <Field
          label="Overlap"
          value={fruit.overlap}
          onChange={(overlap) => change({ overlap })}
          problem={problem("overlap")}
          placeholder="none"
        />
        <Field
          label="Slices a fruit"
          value={fruit.each}
          onChange={(each) => change({ each })}
          problem={problem("each")}
          placeholder="6"
        />
      </div>
      <Tick
        className="text-[15px]"
        checked={fruit.syrup}
        onChange={(isOn) => change({ syrup: isOn })}
      >
        cooked in syrup first
      </Tick>
    </Worn>
  );
}
