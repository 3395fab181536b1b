import { afterEach, beforeEach, expect, it } from "vitest";
import { ONE_TASK_BAKE } from "@/core/kept/one-task-bake.test-data";
import { addBake, tellBake } from "@/data";
import { freshKitchen, NOW, type FreshKitchen } from "@/data/fresh-kitchen.test-data";
import { runningBakes } from "./running-bakes";

let kitchen: FreshKitchen;
beforeEach(async () => {
  kitchen = await freshKitchen();
});
afterEach(() => kitchen.remove());

const at = NOW.getTime();
const doc = (speed: number): typeof ONE_TASK_BAKE => ({
  ...ONE_TASK_BAKE,
  tasks: ONE_TASK_BAKE.tasks.map((task) => ({
    ...task,
    doing: { do: "soften-butter", for: "batter" },
    needs: [],
  })),
  plannedFrom: { "0.tins": at / 60_000 },
  wantedAt: [Math.round(at / 60_000) + 100],
  away: [],
  clock: { realMs: at, bakeMs: at, speed },
});

it.each([
  [1, 6 * 60_000],
  [10, 36_000],
])("tells clocks by the machine's own, at %s times its pace", async (speed, lastsMs) => {
  const { connection } = kitchen;
  await addBake(connection, { id: "supper", name: "Supper", doc: doc(speed) }, NOW);
  const [before] = await runningBakes(connection, NOW);
  expect(before).toMatchObject({ name: "Supper", cakeIds: ["supper"], isRehearsal: speed > 1 });
  expect(before?.timers).toEqual([]);
  await tellBake(
    connection,
    "supper",
    [{ id: "begun-it", kind: "started", task: "0.tins", at }],
    NOW,
  );
  const [bake] = await runningBakes(connection, new Date(at + 1000));
  expect(bake?.timers.map(({ doing }) => doing.do)).toEqual(["soften-butter"]);
  expect((bake?.timers[0]?.endsAtMs ?? 0) - at).toBeCloseTo(lastsMs, -1);
});

it("tells of none where nothing goes on", async () => {
  expect(await runningBakes(kitchen.connection, NOW)).toEqual([]);
});
