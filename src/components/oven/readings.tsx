"use client";

import { useState, type SyntheticEvent } from "react";
import { X } from "lucide-react";
import {
  minutesAsSet,
  nearestMark,
  ovenOffset,
  OvenReadingSchema,
  type KitchenOven,
  type OvenReading,
} from "@/core/bake";
import { boxed, gasMarkC, readTempC } from "@/core/measure";
import { dialText, heatText, issueText, minutesText, type Units } from "@/words";
import { offsetText } from "@/words/bakes";
import { Field } from "../frame/field";
import { OffsetChart } from "./offset-chart";

/** The bake an oven's error is told for: a heat, °C, and the minutes of a layer at it. */
const USUAL_C = 180;
const USUAL_MINUTES = 35;

type ReadingsProps = {
  readonly spec: KitchenOven;
  readonly units: Units;
  readonly onChange: (readings: readonly OvenReading[]) => void;
};

/**
 * What a thermometer in the oven said at settings of its dial, and what follows: how far it is off,
 * and what that does to a cake.
 */
export function Readings({ spec, units, onChange }: ReadingsProps) {
  const { readings, dial } = spec;
  const [typed, setTyped] = useState({ dial: "", trueHeat: "" });
  const [isTold, setIsTold] = useState(false);
  const scale = dial.scale === "F" || (dial.scale !== "C" && units.heat === "F") ? "F" : "C";
  const dialC = boxed(
    "dialC",
    typed.dial,
    (text) => (dial.scale === "gas" ? gasMarkC(text) : null) ?? readTempC(text, scale),
    OvenReadingSchema.shape.dialC,
    "heat",
  );
  const trueC = boxed(
    "trueC",
    typed.trueHeat,
    (text) => readTempC(text, units.heat),
    OvenReadingSchema.shape.trueC,
    "heat",
  );
  const problem = (read: typeof dialC, text: string): string | null =>
    read.ok || (text === "" && !isTold) ? null : issueText(read.issue, units);
  const offset = ovenOffset(readings, USUAL_C);

  function add(event: SyntheticEvent): void {
    event.preventDefault();
    if (!dialC.ok || !trueC.ok) {
      setIsTold(true);
      return;
    }
    onChange([...readings, { dialC: dialC.value, trueC: trueC.value }]);
    setTyped({ dial: typed.dial, trueHeat: "" });
    setIsTold(false);
  }

  return (
    <section aria-labelledby="readings" className="panel px-4 pt-3 pb-4 md:px-6">
      <h2 id="readings" className="text-[19px]">
        What its thermometer says
      </h2>
      <p className="figure-text pt-1 text-[21px] first-letter:uppercase">
        {offsetText(offset, units)}
      </p>
      <p className="text-[15px] text-ink-2">{restsOn(readings, units)}</p>
      {offset !== null && <p className="pt-1 text-[15px]">{costText(offset.readsC, units)}</p>}
      {readings.length > 0 && <OffsetChart readings={readings} units={units} />}
      <form className="flex flex-wrap items-start gap-2 pt-2" onSubmit={add} noValidate>
        <div className="flex w-36">
          <Field
            label="Dial set to"
            value={typed.dial}
            onChange={(value) => setTyped({ ...typed, dial: value })}
            problem={problem(dialC, typed.dial)}
            placeholder={dial.scale === "gas" ? "4" : dial.scale === "F" ? "350 °F" : "180 °C"}
          />
        </div>
        <div className="flex w-40">
          <Field
            label="Thermometer reads"
            value={typed.trueHeat}
            onChange={(value) => setTyped({ ...typed, trueHeat: value })}
            problem={problem(trueC, typed.trueHeat)}
            placeholder={units.heat === "F" ? "345 °F" : "174 °C"}
          />
        </div>
        <button type="submit" className="button mt-5.5">
          Add the reading
        </button>
      </form>
      <p className="pt-1 text-[14px] text-ink-2">
        Thermometer in the middle of the shelf, oven warm, read after it has been on and off a few
        times.
      </p>
      <ul aria-label="Readings" className="flex flex-wrap gap-2 pt-2">
        {readings.map((reading, index) => (
          <li
            key={index}
            className="flex items-center gap-1 rounded-control border-[1.5px] border-line bg-white pl-2.5 text-[15px]"
          >
            {dialText(
              {
                dialC: reading.dialC,
                dialMark: nearestMark(reading.dialC, dial).mark,
                dialScale: dial.scale,
              },
              units,
            )}{" "}
            → {heatText(reading.trueC, units)}
            <button
              type="button"
              className="flex size-9 items-center justify-center"
              aria-label={`Delete ${heatText(reading.dialC, units)} reads ${heatText(reading.trueC, units)}`}
              onClick={() => onChange(readings.filter((_, at) => at !== index))}
            >
              <X size={16} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

function restsOn(readings: readonly OvenReading[], units: Units): string {
  const offset = ovenOffset(readings, USUAL_C);
  if (offset === null)
    return "Stand an oven thermometer in it at the next bake and write down what it says.";
  const aside = offset.setAside.length;
  const near = offset.count > 1 ? `, those near ${heatText(USUAL_C, units)} counting most` : "";
  return `From ${offset.count === 1 ? "one reading" : `${offset.count} readings`}${near}${aside === 0 ? "" : `; ${aside === 1 ? "one is" : `${aside} are`} far from the others and set aside`}.`;
}

/** What an oven's error does to a cake that is baked by its dial. */
function costText(readsC: number, units: Units): string {
  const minutes = minutesAsSet(USUAL_MINUTES, USUAL_C, readsC);
  if (minutes === null) return "";
  const rounded = Math.round(minutes);
  return rounded === USUAL_MINUTES
    ? `A cake of ${USUAL_MINUTES} minutes takes its ${USUAL_MINUTES} minutes here.`
    : `Set to ${heatText(USUAL_C, units)} by its dial, a cake of ${USUAL_MINUTES} minutes takes ${minutesText(rounded)} here.`;
}
