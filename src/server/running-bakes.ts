import type { RunningBake } from "@/components/home/running-bake";
import { bakeTime, type BakeDoc } from "@/core/kept";
import { begunDay, presentAt, replayed } from "@/core/live";
import { MS_PER_MIN } from "@/core/measure";
import { eventsSince, findBake, listOpenBakes, type kitchenDatabase } from "@/data";

/** More clocks than this are told of on the bake's own page. */
const MOST_CLOCKS = 3;
/** More bakes than this nobody has on at once. */
const MOST_BAKES = 4;

/** What a bake's clock shows, told by the machine's. */
const machineMs = ({ realMs, bakeMs, speed }: BakeDoc["clock"], shown: number): number =>
  realMs + (shown - bakeMs) / speed;

/** The bakes that go on now with their clocks, the last begun first. */
export async function runningBakes(
  connection: ReturnType<typeof kitchenDatabase>,
  now: Date,
): Promise<readonly RunningBake[]> {
  const open = (await listOpenBakes(connection, now)).slice(0, MOST_BAKES);
  const found = await Promise.all(
    open.map(async ({ id, name }): Promise<RunningBake | null> => {
      const doc = (await findBake(connection, id))?.doc ?? null;
      if (doc === null) return null;
      const { events } = await eventsSince(connection, id, 0);
      const day = begunDay(doc);
      const shown = bakeTime(doc.clock, now.getTime()) / MS_PER_MIN;
      const { timers, current } = presentAt(day, replayed(day.tasks, events), shown);
      return {
        id,
        name,
        cakeIds: doc.cakes.map((cake) => cake.id),
        isRehearsal: doc.clock.speed > 1,
        timers: timers.slice(0, MOST_CLOCKS).map(({ task, isStanding, endsAt }) => ({
          doing: task.doing,
          isStanding,
          endsAtMs: machineMs(doc.clock, endsAt * MS_PER_MIN),
        })),
        next: current === null || current.isEarly ? null : current.task.doing,
      };
    }),
  );
  return found.filter((bake) => bake !== null);
}
