import { FIRST_QUESTION } from "../ask";
import type { BakeDoc } from "./bake-doc";

/** The least a bake can be: one cake, one task. */
export const ONE_TASK_BAKE: BakeDoc = {
  cakes: [
    {
      id: "supper",
      name: "Supper",
      doc: { question: FIRST_QUESTION, recipe: null },
      kind: "oil",
      tinsG: [520, 520],
      ovenC: 177,
      minutes: { doorShutUntilMin: 22, firstLookMin: 28, likelyMin: 34, notPastMin: 41 },
      doneC: 96,
      slowest: null,
    },
  ],
  tasks: [
    {
      id: "0.tins",
      cake: 0,
      station: "mix",
      doing: { do: "prepare-tins", tins: 2 },
      minutes: 6,
      needs: ["hands"],
      after: [],
      shorter: [],
    },
  ],
  plannedFrom: { "0.tins": 600 },
  wantedAt: [700],
  away: [{ from: 0, to: 420 }],
  endBy: {},
  clock: { realMs: 1, bakeMs: 1, speed: 1 },
};
