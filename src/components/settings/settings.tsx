"use client";

import type { Tin } from "@/core/tin";
import {
  foodName,
  heatText,
  REGION_ROWS,
  KITCHEN_REGIONS,
  sayIn,
  tinText,
  unitsOfRegion,
  volumeText,
  type Units,
} from "@/words";
import { clockText, dayText } from "@/words/dates";
import { Choice } from "../frame/field";
import { useUnits } from "../frame/units";

const EXAMPLE_TIN: Tin = { shape: "round", diameterMm: 230, depthMm: 50 };
/** An afternoon in December. */
const EXAMPLE_TIME = new Date(2026, 11, 5, 15, 30);

/** Where the kitchen is, and what of its measures, clock and words she wants otherwise. */
export function Settings() {
  const { units, setUnits } = useUnits();
  return (
    <div className="grid gap-4 lg:grid-cols-[minmax(0,420px)_minmax(0,1fr)]">
      <section className="panel space-y-4 p-6 max-sm:p-4" aria-label="Words and measures">
        <label className="block">
          <span className="label block">Where you bake</span>
          <Choice
            label="Where you bake"
            className="field pr-1"
            value={units.region}
            choices={KITCHEN_REGIONS.map((region) => [region, REGION_ROWS[region].name] as const)}
            onChange={(region) => setUnits(unitsOfRegion(region))}
          />
        </label>
        <Either<Units["measure"]>
          label="Measures"
          value={units.measure}
          choices={[
            ["metric", sayIn(units)`Centimetres, grams`],
            ["us", "Inches, ounces, cups"],
          ]}
          onChoose={(measure) => setUnits({ ...units, measure })}
        />
        <Either<Units["heat"]>
          label="Oven temperatures"
          value={units.heat}
          choices={[
            ["C", "°C"],
            ["F", "°F"],
          ]}
          onChoose={(heat) => setUnits({ ...units, heat })}
        />
        <Either<Units["clock"]>
          label="Clock"
          value={units.clock}
          choices={[
            ["24", "15:30"],
            ["12", "3:30 pm"],
          ]}
          onChoose={(clock) => setUnits({ ...units, clock })}
        />
      </section>
      <HowItReads units={units} />
    </div>
  );
}

/** How the same things then read. */
function HowItReads({ units }: { readonly units: Units }) {
  const say = sayIn(units);
  const rows: readonly (readonly [string, string])[] = [
    [say`A tin`, tinText(EXAMPLE_TIN, units)],
    ["It holds", volumeText(2000, units)],
    ["The oven", heatText(units.heat === "C" ? 180 : 177, units)],
    ["Wanted", `${dayText(EXAMPLE_TIME, "short", units)}, ${clockText(EXAMPLE_TIME, units)}`],
    [
      "To buy",
      ["plain flour", "icing sugar", "double cream"]
        .map((food) => foodName(food, units))
        .join(", "),
    ],
    ["On it", say`frosting`],
  ];
  return (
    <section className="panel p-6 max-sm:p-4" aria-labelledby="how-it-reads">
      <h2 id="how-it-reads" className="text-xl">
        How it reads
      </h2>
      <dl aria-live="polite" className="mt-2 divide-y-[1.5px] divide-line">
        {rows.map(([name, value]) => (
          <div key={name} className="flex gap-4 py-2">
            <dt className="label w-28 shrink-0">{name}</dt>
            <dd className="text-[17px] font-semibold first-letter:uppercase">{value}</dd>
          </div>
        ))}
      </dl>
      <p className="pt-2 text-[15px] text-ink-2">
        A recipe keeps its own words: where it says heavy cream, heavy cream it stays. Kept on this
        phone or computer only, so that each in the house reads it her own way.
      </p>
    </section>
  );
}

type EitherProps<T extends string> = {
  readonly label: string;
  readonly value: T;
  readonly choices: readonly (readonly [T, string])[];
  readonly onChoose: (value: T) => void;
};

function Either<T extends string>({ label, value, choices, onChoose }: EitherProps<T>) {
  return (
    <fieldset>
      <legend className="label">{label}</legend>
      <div className="flex flex-wrap gap-x-6">
        {choices.map(([choice, name]) => (
          <label key={choice} className="flex min-h-11 items-center gap-2">
            <input
              type="radio"
              name={label}
              className="size-5 accent-ink"
              checked={choice === value}
              onChange={() => onChoose(choice)}
            />
            {name}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
