"use client";

import type { PlannedCake } from "@/core/kept";
import type { Caution } from "@/core/caution";
import type { Task } from "@/core/day";
import { cautionText, type Units } from "@/words";

/** What a plan warns of, said at the step it can hurt at. */
const WARNED_AT: Readonly<Partial<Record<Task["doing"]["do"], readonly Caution["code"][]>>> = {
  "prepare-tins": ["spray-residue"],
  fill: ["tray-underneath", "wet-strips"],
  bake: ["tray-underneath"],
  "take-out": ["thermal-shock"],
  make: ["hot-sugar", "raw-egg", "keep-cold"],
  "pour-warm": ["hot-sugar"],
  decorate: ["supports-out"],
};

export function Cautions({
  task,
  planned,
  units,
}: {
  readonly task: Task;
  readonly planned: PlannedCake | null;
  readonly units: Units;
}) {
  const codes = WARNED_AT[task.doing.do] ?? [];
  return planned?.plan.cautions
    .filter(({ code }) => codes.includes(code))
    .map((caution) => (
      <p
        key={caution.code}
        className="max-w-[56ch] rounded-panel border-2 border-yolk px-4 py-2 text-[19px] leading-snug"
      >
        {cautionText(caution, units)}
      </p>
    ));
}
