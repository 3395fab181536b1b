"use server";

import { randomUUID } from "node:crypto";
import { parseBakeDoc, type BakeDoc } from "@/core/kept";
import type { KeptOutcome, Outcome } from "@/components/frame/outcome";
import { addBake, giveUpBake, kitchenDatabase } from "@/data";
import { issueText } from "@/words";
import { keeping } from "@/server/kept-action";
import { idOf } from "@/server/id-of";
import { MS_PER_MIN } from "@/core/measure";
import { visitorUnits } from "@/app/visitor-units";

const GONE = "This bake is not going on any more.";
/**
 * Begins a bake. Its clock is the server's own; a rehearsal's begins when the day should, and goes
 * faster.
 * @param speed how many times as fast as the machine's clock
 */
export async function startBake(input: BakeDoc, speed: number): Promise<KeptOutcome> {
  const realMs = Date.now();
  const froms = Object.values(input.plannedFrom);
  const bakeMs =
    speed === 1 || froms.length === 0 ? realMs : Math.round(Math.min(...froms) * MS_PER_MIN);
  const doc = parseBakeDoc({ ...input, clock: { realMs, bakeMs, speed } });
  if (!doc.ok) return { ok: false, message: issueText(doc.issue, await visitorUnits()) };
  const id = randomUUID();
  const outcome = await keeping(async () => {
    await addBake(
      kitchenDatabase(),
      {
        id,
        name: doc.value.cakes
          .map(({ name }) => name)
          .join(", ")
          .slice(0, 200),
        doc: doc.value,
      },
      new Date(),
    );
    return true;
  }, GONE);
  return outcome.ok ? { ok: true, id } : outcome;
}

/** Closes a bake that is not gone on with. */
export async function stopBake(id: string): Promise<Outcome> {
  return keeping(() => giveUpBake(kitchenDatabase(), idOf(id), new Date()), GONE);
}
