"use client";

import { coldMinutes, turnOut } from "@/core/cool";
import { roundTo } from "@/core/measure";
import { COVERS, FROSTINGS, type Cover } from "@/core/finish";
import { depthText, FROSTING_NAMES, minutesText, percentText, tinText, volumeText, weightText, type Units } from "@/words";
import { Choice } from "../frame/field";
import type { StationProps } from "./fill-station";

const COVER_NAMES: Readonly<Record<Cover, string>> = { top: "The top", "top-and-sides": "Top and sides", none: "Nothing" };

/** Numbers in a line, each under its name. */
export function Figures({ figures }: { readonly figures: readonly (readonly [name: string, value: string])[] }) {
  return (
    <dl className="flex flex-wrap gap-x-10 gap-y-3 px-6 py-4 max-sm:px-4">
      {figures.map(([name, value]) => (
        <div key={name}>
          <dt className="label">{name}</dt>
          <dd className="figure-text text-[25px] leading-tight">{value}</dd>
        </div>
      ))}
    </dl>
  );
}

/** Cool: when each cake is turned out. */
export function CoolStation({ plan, isStale, units }: StationProps) {
  return (
    <ul aria-label="Turning out" className={`panel divide-y-[1.5px] divide-line px-6 py-2 max-sm:px-4 ${isStale ? "opacity-50" : ""}`}>
      {plan.fill.tins.map(({ geometry, batterG, baked }, index) => {
        const out = turnOut(plan.mix.kind, geometry);
        const { coldMin, fromMin, toMin } = coldMinutes({ geometry, kind: plan.mix.kind, batterG, heightMm: baked.crownTopMm });
        return (
          <li key={index} className="py-2.5">
            <p className="figure-text text-[21px]">{out.when === "after" ? `out of the tin after ${minutesText(out.minutes)}` : out.isUpsideDown ? "hung upside down until cold" : "stays in the tin until cold"}</p>
            <p className="text-[17px]">
              Quite cold about {minutesText(roundTo(coldMin, 5))} after the oven, {minutesText(roundTo(fromMin, 5))} to {minutesText(roundTo(toMin, 5))} by the room.
            </p>
            <p className="text-[15px] text-ink-2">
              {tinText(geometry.tin, units)}. {out.when === "after" ? "Loosen with a thin blade, turn onto a board, lift the tin, peel off the paper, turn it right way up on a rack. Quite cold before it is cut, split or frosted." : "Quite cold before it is loosened, turned out or cut."}
            </p>
          </li>
        );
      })}
    </ul>
  );
}

/** Build: what stands on the board once it is cold. */
export function BuildStation({ plan, isStale, units }: StationProps) {
  return (
    <ul aria-label="The cakes, cold" className={`panel divide-y-[1.5px] divide-line px-6 py-2 max-sm:px-4 ${isStale ? "opacity-50" : ""}`}>
      {plan.fill.tins.map(({ geometry, baked }, index) => (
        <li key={index} className="py-2.5">
          <p className="figure-text text-[21px]">
            {geometry.count > 1 ? `${geometry.count} × ` : ""}
            {depthText(baked.edgeMm, units)} at the edge, {depthText(baked.crownTopMm, units)} in the middle
          </p>
          <p className="text-[15px] text-ink-2">{tinText(geometry.tin, units)}. Measure them once they are cold; frosting is worked out from this until then.</p>
        </li>
      ))}
    </ul>
  );
}

/** Finish: how much frosting, as far as the bench goes. */
export function FinishStation({ question, plan, isStale, units, onChange }: StationProps) {
  const { finish } = plan;
  return (
    <div className="space-y-3">
      <div className="flex flex-wrap gap-3">
        <label className="min-w-44">
          <span className="label block">What to frost</span>
          <Choice label="What to frost" className="field pr-1" value={question.cover} choices={COVERS.map((cover) => [cover, COVER_NAMES[cover]] as const)} onChange={(cover) => onChange({ cover })} />
        </label>
        {finish.cover !== "none" && (
          <label className="min-w-44">
            <span className="label block">With</span>
            <Choice label="Frosting" className="field pr-1" value={question.frosting} choices={FROSTINGS.map((each) => [each, FROSTING_NAMES[each]] as const)} onChange={(frosting) => onChange({ frosting })} />
          </label>
        )}
      </div>
      <section aria-label="The frosting" className={`panel ${isStale ? "opacity-50" : ""}`}>
        <Figures figures={finish.cover === "none" ? [["Frosting", "none"]] : frostingFigures(plan, units)} />
      </section>
    </div>
  );
}

function frostingFigures({ finish }: StationProps["plan"], units: Units): readonly (readonly [string, string])[] {
  return [
    ["To make", weightText(finish.massG, units)], ["which is", volumeText(finish.volumeMl, units)], ["Thick", depthText(finish.thicknessMm, units)],
    ["To spare", percentText(finish.marginFraction)], ...(finish.layers > 1 ? [["Layers filled", String(finish.layers)] as const] : []),
  ];
}
