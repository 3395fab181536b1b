import { dialText, minutesText, tinText } from "@/words";
import { otherHeatText } from "@/words/bakes";
import { Notes } from "../ask/plan-figures";
import { Figures } from "../frame/figures";
import type { StationProps } from "../frame/station-props";

/** The bake of a cake that no oven bakes: its own minutes, by what is in each vessel. */
export function OtherBake({
  plan,
  isStale,
  units,
}: Pick<StationProps, "plan" | "isStale" | "units">) {
  const { bake, fill } = plan;
  if (bake.source === "oven") return null;
  return (
    <section
      aria-label="The bake"
      className={`panel min-w-0 overflow-hidden ${isStale ? "opacity-50" : ""}`}
    >
      <Figures
        figures={[
          ["Heated by", dialText(bake, units)],
          ["Start checking", minutesText(bake.firstLookMin)],
          ["Likely done", minutesText(bake.likelyMin)],
          ["Latest", minutesText(bake.notPastMin)],
        ]}
      />
      <p className="mx-6 my-3 rounded-control border-l-4 border-yolk bg-enamel px-3 py-2 text-[15px] max-sm:mx-4">
        {otherHeatText(plan, units)}
      </p>
      {fill.tins.length > 1 && (
        <ul className="mx-6 mb-3 divide-y-[1.5px] divide-line text-[15px] max-sm:mx-4">
          {fill.tins.map(({ geometry }, index) => {
            const minutes = bake.tins[index];
            return (
              minutes !== undefined && (
                <li key={index} className="py-2">
                  {tinText(geometry.tin, units)}: check from {minutesText(minutes.firstLookMin)},
                  likely {minutesText(minutes.likelyMin)}, latest {minutesText(minutes.notPastMin)}
                </li>
              )
            );
          })}
        </ul>
      )}
      <Notes plan={plan} station="bake" units={units} />
    </section>
  );
}
