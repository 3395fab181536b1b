import { describe, expect, it } from "vitest";
import { LAYERS } from "../day/layers.test-data";
import { FIRST_QUESTION } from "../ask";
import { parseRecord } from "../logbook";
import { pantryOf } from "../pantry";
import { recordsOfBake } from "./bake-records";
import { layersBake } from "./layers-bake.test-data";
import type { BakeEvent } from "./log";

const planned = layersBake(LAYERS);
const TINS = { ...FIRST_QUESTION, tins: ["2 x 20 x 5 cm round"] };
const doc = {
  ...planned,
  cakes: planned.cakes.map((cake) => ({ ...cake, doc: { question: TINS, recipe: null } })),
};
const IN = 10_100;
let count = 0;
const at = (minute: number, fact: Record<string, unknown>): BakeEvent => {
  count += 1;
  return { ...fact, id: `event-${count}`, at: minute * 60_000 } as BakeEvent;
};
const weighed = (tin: number, massG: number, isMeasured = true): BakeEvent =>
  at(IN - 5, { kind: "weighed", task: "0.fill", tin, massG, isWhole: true, isMeasured });
const inAndOut: readonly BakeEvent[] = [
  at(IN, { kind: "started", task: "0.bake1" }),
  at(IN + 10, { kind: "temperature", of: "oven", task: "0.bake1", tempC: 171 }),
  at(IN + 29.6, { kind: "looked", task: "0.look1", look: { tester: "wet" }, moreMin: 5 }),
  at(IN + 34, { kind: "temperature", of: "core", task: "0.bake1", tempC: 96.5 }),
  at(IN + 35.2, { kind: "looked", task: "0.look1", look: { tester: "clean" }, moreMin: null }),
  at(IN + 40, { kind: "note", text: "left one browner" }),
];
const ended = (told: object = {}): BakeEvent =>
  at(IN + 300, {
    kind: "ended",
    bakedMin: null,
    verdict: "right",
    change: "turn it round",
    ...told,
  });
const pagesOf = (events: readonly BakeEvent[], of = doc): ReturnType<typeof recordsOfBake> =>
  recordsOfBake(of, events, pantryOf(), (ms) => new Date(ms).toISOString().slice(0, 10));

describe("the pages a bake leaves in the logbook", () => {
  it("tell what was planned and what happened", () => {
    const [page] = pagesOf([weighed(0, 511), weighed(1, 519), ...inAndOut, ended()]);
    expect(page).toMatchObject({ cake: 0, cakeId: "supper" });
    expect(page?.record).toMatchObject({
      name: "Supper",
      madeOn: "1970-01-07",
      tins: [{ batterG: 1030, isWeighed: true }],
      massBeforeG: 1030,
      minutes: 35,
      verdict: "right",
      change: "turn it round",
      notes: "left one browner",
      readC: [171],
      coreC: 96.5,
      looks: [
        { atMin: 30, tin: null, look: { tester: "wet" }, moreMin: 5 },
        { atMin: 35, tin: null, look: { tester: "clean" }, moreMin: null },
      ],
    });
    expect(parseRecord(page?.record).ok).toBe(true);
  });

  it("go by the minutes she says herself", () => {
    const [page] = pagesOf([...inAndOut, ended({ bakedMin: 37 })]);
    expect(page?.record.minutes).toBe(37);
  });

  it("keep the planned grams of tins that no scale weighed, or not all of them", () => {
    const [none] = pagesOf([ended()]);
    const [one] = pagesOf([weighed(0, 511), ended()]);
    const [unmeasured] = pagesOf([weighed(0, 511), weighed(1, 519, false), ended()]);
    for (const page of [one, unmeasured]) expect(page?.record.tins).toEqual(none?.record.tins);
    expect(none?.record.minutes).toBeNull();
  });

  it("count no hour that was forgotten as minutes in the oven", () => {
    const late = at(IN + 700, {
      kind: "looked",
      task: "0.look1",
      look: { tester: "clean" },
      moreMin: null,
    });
    const [page] = pagesOf([at(IN, { kind: "started", task: "0.bake1" }), late, ended()]);
    expect(page?.record.minutes).toBeNull();
    expect(parseRecord(page?.record).ok).toBe(true);
  });

  it("are none for a rehearsal, nor for a bake that was given up", () => {
    expect(pagesOf(inAndOut)).toEqual([]);
    const rehearsal = { ...doc, clock: { ...doc.clock, speed: 60 } };
    expect(pagesOf([...inAndOut, ended()], rehearsal)).toEqual([]);
  });

  it("say what hands took in the tasks that were begun and done", () => {
    const [page] = pagesOf([
      at(IN - 60, { kind: "started", task: "0.weigh" }),
      at(IN - 48, { kind: "done", task: "0.weigh" }),
      ended(),
    ]);
    const planned = doc.tasks.find(({ id }) => id === "0.weigh")?.minutes;
    expect(page?.record.handsMin).toEqual({ planned, took: 12 });
  });
});
