import type { MadeSpread } from "@/core/plan";
import { foodName, weightText, type Units } from "@/words";
import { CONSISTENCY_NAMES } from "@/words/finishing";

/** Less than this is told as a pinch, g. */
const PINCH_G = 0.5;

/** A formula scaled, line by line. */
export function WeighOut({
  made,
  name,
  units,
}: {
  readonly made: MadeSpread;
  readonly name: string;
  readonly units: Units;
}) {
  return (
    <>
      <h3 className="text-[17px]">
        {made.own ?? `Usual ${name}`}, {weightText(made.formula.massG, units)}
        {made.consistency !== null && (
          <span className="font-sans text-[15px] font-normal text-ink-2">
            {" "}
            · {CONSISTENCY_NAMES[made.consistency]}
          </span>
        )}
      </h3>
      <ul aria-label="Weigh out" className="flex flex-wrap gap-x-6 gap-y-0.5 py-1">
        {made.formula.lines.map(({ name: line, massG }, index) => (
          <li key={index}>
            <span className="font-semibold">
              {massG < PINCH_G ? "a pinch" : weightText(massG, units)}
            </span>{" "}
            {foodName(line, units)}
          </li>
        ))}
      </ul>
    </>
  );
}
