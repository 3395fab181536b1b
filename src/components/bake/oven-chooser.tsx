"use client";

import Link from "next/link";
import { ovenOffset } from "@/core/bake";
import type { CakePlan } from "@/core/plan";
import type { Units } from "@/words";
import { offsetText } from "@/words/bakes";
import { useSay } from "../frame/units";
import type { OvenChoice } from "../frame/choices";
import { Choice } from "../frame/field";
import type { StationProps } from "../frame/station-props";
import { Tick } from "../frame/tick";

type OvenChooserProps = Pick<StationProps, "question" | "onChange"> & {
  readonly plan: CakePlan;
  readonly ovens: readonly OvenChoice[];
  readonly units: Units;
};

/**
 * Which oven it is baked in, what is known of it, and whether it blows. The cake keeps a copy, as
 * it does of its tins.
 */
export function OvenChooser({ question, plan, ovens, units, onChange }: OvenChooserProps) {
  const say = useSay();
  const { oven } = question;
  const now = ovens.find(({ id }) => id === oven?.id) ?? null;
  const isOld =
    oven !== null && now !== null && JSON.stringify(now.spec) !== JSON.stringify(oven.spec);
  const gone =
    oven !== null && now === null
      ? [[oven.id, `${oven.name}, not in the kitchen any more`] as const]
      : [];
  return (
    <div className="space-y-1">
      <label className="block">
        <span className="label block">Oven</span>
        <Choice
          label="Oven"
          className="field pr-1"
          value={oven?.id ?? ""}
          choices={[
            ["", "An oven true to its dial"],
            ...ovens.map(({ id, name }) => [id, name] as const),
            ...gone,
          ]}
          onChange={(id) => {
            const chosen = ovens.find((each) => each.id === id);
            if (chosen !== undefined || id === "") onChange({ oven: chosen ?? null });
          }}
        />
      </label>
      {oven !== null && (
        <p className="text-[14px] text-ink-2">
          {offsetText(ovenOffset(oven.spec.readings, plan.bake.dialC), units)}.{" "}
          <Link className="underline underline-offset-2" href={`/ovens/${oven.id}`}>
            See this oven
          </Link>
        </p>
      )}
      {isOld && (
        <p className="text-[14px]">
          This oven has changed since.{" "}
          <button
            type="button"
            className="font-semibold underline underline-offset-2"
            onClick={() => onChange({ oven: now })}
          >
            Take it as it is now
          </button>
        </p>
      )}
      {(oven === null || oven.spec.air === "either") && (
        <Tick checked={question.fan} onChange={(isOn) => onChange({ fan: isOn })}>
          {oven === null ? "my oven blows" : say`with the fan on`}
        </Tick>
      )}
      {oven !== null && oven.spec.air !== "either" && (
        <p className="text-[14px] text-ink-2">
          {oven.spec.air === "fan" ? "It always blows." : "Its air is still."}
        </p>
      )}
    </div>
  );
}
