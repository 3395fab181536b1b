"use client";

import Link from "next/link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { Plus } from "lucide-react";
import { ovenOffset } from "@/core/bake";
import { lengthText, heatText, minutesText } from "@/words";
import { AIR_NAMES, offsetText, SOURCE_NAMES } from "@/words/bakes";
import type { OvenChoice } from "../frame/choices";
import type { KeptOutcome } from "../frame/outcome";
import { useTell } from "../frame/toasts";
import { useSay, useUnits } from "../frame/units";
import { ShelfDrawing } from "./shelf-drawing";

/** Drawn at one scale, px a mm. */
const SCALE = 0.3;
/** The heat most cakes are baked at: what an oven's error is summed up for, °C. */
const USUAL_C = 180;

/** The ovens of the kitchen, their shelves at one scale, each with how far it is off. */
export function OvenList({
  ovens,
  keep,
}: {
  readonly ovens: readonly OvenChoice[];
  readonly keep: () => Promise<KeptOutcome>;
}) {
  const say = useSay();
  const { units } = useUnits();
  const tell = useTell();
  const router = useRouter();
  const [isBusy, setIsBusy] = useState(false);

  async function add(): Promise<void> {
    setIsBusy(true);
    const kept = await keep().catch((): KeptOutcome => ({
      ok: false,
      message: "The kitchen's server can't be reached. Try again.",
    }));
    setIsBusy(false);
    if (kept.ok) router.push(`/ovens/${kept.id}`);
    else tell(kept.message);
  }

  return (
    <>
      <p className="mb-4 flex flex-wrap items-center gap-3">
        <button
          type="button"
          className="button button-next"
          disabled={isBusy}
          onClick={() => void add()}
        >
          <Plus size={17} aria-hidden /> {isBusy ? "Putting it in…" : "Add an oven"}
        </button>
        <span className="text-ink-2">
          A cake is forecast for the oven it is baked in: its error, its dial, its shelves.
        </span>
      </p>
      {ovens.length === 0 && (
        <p className="panel p-6">
          No oven yet. Add yours: with a thermometer in it for two or three bakes, its error becomes
          a number.
        </p>
      )}
      <ul className="grid gap-4 sm:grid-cols-2 lg:grid-cols-3">
        {ovens.map(({ id, name, spec }) => (
          <li key={id} className="panel overflow-hidden">
            <Link href={`/ovens/${id}`} className="group flex h-full flex-col px-4 pt-4 pb-3">
              <span className="flex h-36 items-end justify-center">
                <ShelfDrawing
                  shelf={spec.shelf}
                  standing={[]}
                  names={[]}
                  widthPx={spec.shelf.widthMm * SCALE}
                />
              </span>
              <span className="pt-2 text-[17px] font-semibold break-words underline-offset-3 group-hover:underline">
                {name}
              </span>
              <span className="figure-text text-[17px] leading-snug">
                {offsetText(ovenOffset(spec.readings, USUAL_C), units)}
              </span>
              <span className="text-[14px] text-ink-2">
                {say(SOURCE_NAMES[spec.source])}, {say(AIR_NAMES[spec.air])}; shelf{" "}
                {lengthText(spec.shelf.widthMm, units)} × {lengthText(spec.shelf.depthMm, units)};
                warm in {minutesText(Math.round(spec.warmUpMin))}
              </span>
              {spec.readings.length > 0 && (
                <span className="text-[14px] text-ink-2">
                  {spec.readings.length} readings, summed up for {heatText(USUAL_C, units)}
                </span>
              )}
            </Link>
          </li>
        ))}
      </ul>
    </>
  );
}
