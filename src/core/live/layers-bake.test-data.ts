import { scheduleDay, tasksOf, type DayCake } from "../day";
import { bakeDoc, type BakeDoc } from "../kept";
import { planCake } from "../plan";
import { readQuestion, FIRST_QUESTION } from "../ask";

/**
 * A bake of two layers by the tasks of `cake`, wanted at minute 10400, its clock as fast as any.
 */
export function layersBake(cake: DayCake): BakeDoc {
  const { input } = readQuestion(
    { ...FIRST_QUESTION, tins: ["2 x 20 x 5 cm round"] },
    { size: "metric", heat: "C" },
  );
  const plan = input.ok ? planCake(input.value) : input;
  if (!input.ok || !plan.ok) throw new Error("no plan");
  const request = { tasks: tasksOf(cake, 0), wantedAt: [10_400] };
  const schedule = scheduleDay(request);
  if (schedule === null) throw new Error("no day");
  return bakeDoc(
    [
      {
        id: "supper",
        name: "Supper",
        doc: { question: FIRST_QUESTION, recipe: null },
        input: input.value,
        plan: plan.value,
      },
    ],
    { request, schedule, left: [] },
    schedule,
    { realMs: 600_000_000, bakeMs: 600_000_000, speed: 1 },
  );
}
