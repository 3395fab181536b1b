import { describe, expect, it } from "vitest";
import { scheduleDay, tasksOf } from "../day";
import { pantryOf } from "../pantry";
import { readRecipe } from "../recipe";
import { coolDetail, dayCake, FIRST_QUESTION, planCake, readDay, readQuestion, workRecipe, type CakeInput, type CakePlan, type Question } from ".";

function planned(changes: Partial<Question>): { readonly input: CakeInput; readonly plan: CakePlan } {
  const { input } = readQuestion({ ...FIRST_QUESTION, ...changes }, { size: "metric", heat: "C" });
  const plan = input.ok ? planCake(input.value) : input;
  if (!input.ok || !plan.ok) throw new Error(JSON.stringify(plan));
  return { input: input.value, plan: plan.value };
}

it("has one time to be cold for each tin, sooner in the fridge", () => {
  const [round, cups] = coolDetail(planned({ tins: ["20 cm round", "12 cups"] }).plan);
  expect(cups?.coldMin ?? 999).toBeLessThan(round?.coldMin ?? 0);
  expect(round?.fridgeMin ?? 999).toBeLessThan(round?.coldMin ?? 0);
});

describe("a cake as far as its day goes", () => {
  it("follows from its plan: loads, minutes, gaps, what is put on one by one", () => {
    const { input, plan } = planned({ tins: ["2 x 20 x 7 cm springform"], cover: "top-and-sides", build: { ...FIRST_QUESTION.build, splits: 2 }, finish: { ...FIRST_QUESTION.finish, borders: [{ at: "top", style: "shell", widthMm: "" }] } });
    const day = dayCake(input, plan);
    const shells = plan.finish.quantities.find(({ piece }) => piece === "shell")?.count ?? 0;
    expect(day).toMatchObject({ tins: 2, gaps: 3, splits: 2, hasFirstCoat: true, pieces: shells, warmUpMin: 15, loads: [{ tins: 2, firstLookMin: plan.bake.firstLookMin, likelyMin: plan.bake.likelyMin }] });
    expect(shells).toBeGreaterThan(30);
  });

  it("goes in loads where the shelf has no room for all", () => {
    const { input, plan } = planned({ tins: ["3 x 23 x 7 cm springform"] });
    const oven = { shelf: { widthMm: 445, depthMm: 360, atOnce: 1, clearMm: 300 } };
    expect(dayCake({ ...input, oven }, plan).loads.map(({ tins }) => tins).reduce((sum, tins) => sum + tins, 0)).toBe(3);
    expect(dayCake({ ...input, oven }, plan).loads.length).toBeGreaterThan(1);
  });

  it("makes the batter by its recipe's own steps, resting without hands", () => {
    const doc = readRecipe("Rested cakes\n\n200 g butter\n200 g sugar\n4 eggs\n200 g flour\n\n1. Heat the oven to 180 °C.\n2. Cream the butter and sugar for 5 minutes.\n3. Fold in the flour.\n4. Rest the batter for 30 minutes.\n5. Bake for 30 minutes.", pantryOf());
    if (!doc.ok) throw new Error("no recipe");
    const { input, plan } = planned({});
    const { steps, lines } = dayCake(input, plan, workRecipe(doc.value.doc, pantryOf()).formula);
    expect(lines).toBe(4);
    expect(steps.map(({ minutes, isWait }) => [minutes, isWait])).toEqual([[5, false], [null, false], [30, true]]);
  });

  it("can be done on one day, however odd the cake", () => {
    const odd: readonly Partial<Question>[] = [{ tins: ["12 cups"] }, { tins: ["25 cm tube"], kind: "chiffon" }, { tins: ["33 x 23 x 5 cm rectangle"], finish: { ...FIRST_QUESTION.finish, pour: "boiled-fudge" } }, { tins: ["20 cm round", "12 cups", "22 x 11 cm loaf"] }];
    for (const changes of odd) {
      const { input, plan } = planned(changes);
      expect(scheduleDay({ tasks: tasksOf(dayCake(input, plan), 0), wantedAt: [10_000] })).not.toBeNull();
    }
  });
});

describe("the hours of a day", () => {
  const hours = (changes: Partial<Question["day"]>): ReturnType<typeof readDay> => readDay({ ...FIRST_QUESTION.day, wantedAt: "2026-12-05T15:00", ...changes });
  const minute = (text: string): number => new Date(text).getTime() / 60_000;

  it("are usual ones when nobody says: from seven to ten in the evening", () => {
    const day = hours({});
    expect(day.ok && day.value.wantedAt).toBe(minute("2026-12-05T15:00"));
    expect(day.ok && day.value.away).toContainEqual({ from: minute("2026-12-04T22:00"), to: minute("2026-12-05T07:00") });
    const early = hours({ from: "6", outFrom: "12:00", outTo: "13:30" });
    expect(early.ok && early.value.away).toContainEqual({ from: minute("2026-12-04T22:00"), to: minute("2026-12-05T06:00") });
    expect(early.ok && early.value.away).toContainEqual({ from: minute("2026-12-05T12:00"), to: minute("2026-12-05T13:30") });
    expect(hours({ wantedAt: "" })).toEqual({ ok: true, value: { wantedAt: null, away: [] } });
  });

  it.each([[{ from: "dawn" }, "dayFrom"], [{ to: "6:00" }, "dayTo"], [{ outFrom: "12:00" }, "outTo"], [{ outFrom: "12:00", outTo: "11:00" }, "outTo"], [{ wantedAt: "soon" }, "wantedAt"]] as const)("%j is no day: %s", (changes, path) => {
    expect(hours(changes)).toMatchObject({ ok: false, issue: { path } });
  });
});
