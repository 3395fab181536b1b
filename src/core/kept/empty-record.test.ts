import { expect, it } from "vitest";
import { FIRST_QUESTION, type Question } from "../ask";
import { pantryOf } from "../pantry";
import { emptyRecord } from "./empty-record";
import { plannedCake } from "./planned-cake";

const HABIT = { size: "metric", heat: "C" } as const;

function pageOf(changes: Partial<Question>): ReturnType<typeof emptyRecord> {
  const question: Question = {
    ...FIRST_QUESTION,
    weight: "800 g",
    volume: "930 mL",
    cover: "top-and-sides",
    ...changes,
  };
  const planned = plannedCake({ question, recipe: null }, HABIT, pantryOf());
  if (planned === null) throw new RangeError("the cake can't be planned");
  const recipe = { id: "layers", name: "Net loft layers" };
  return emptyRecord({ ...planned, name: "Supper", recipe, question }, "2026-11-30");
}

it("keeps the batter as written, and what its plan had taken over beside it", () => {
  const page = pageOf({ taught: { yield: 0.9, gravity: 0.8, frosting: 0.8 } });
  expect(page.batter).toMatchObject({ massG: 800, volumeMl: 930 });
  expect(page.massBeforeG).toBe(720);
  expect(page.taught).toEqual({ yield: 0.9, gravity: 0.8, frosting: 0.8 });
  expect(page.frosting.askedG).toBeCloseTo(0.8 * (pageOf({}).frosting.askedG ?? 0), -1);
});

it("has nothing learnt of frosting where she typed what is to spare", () => {
  const finish = { ...FIRST_QUESTION.finish, margin: "20 %" };
  const page = pageOf({ taught: { frosting: 0.8 }, finish });
  expect(page.taught?.frosting).toBeUndefined();
  expect(page.frosting.askedG).toBe(pageOf({ finish }).frosting.askedG);
});

it("has the dial of its oven, and nothing taken over where nothing was", () => {
  const page = pageOf({});
  expect(page.dialC).toBe(page.ovenC);
  expect(page).not.toHaveProperty("taught");
});
