import { describe, expect, it } from "vitest";
import { bakeInside } from "../bake";
import { presentAt } from "./present";
import { openTin, replayed, type BakeEvent } from "./log";
import { rungAt } from "./rung";
import { tinGeometry } from "../tin";
import { bakedMinutes, bakeNow, ovenLoads, revisedBy, type OvenLoad } from "./oven-load";
import { begunDay } from "../live";
import { layersBake } from "./layers-bake.test-data";
import { LAYERS } from "../day/layers.test-data";

const doc = layersBake(LAYERS);
const day = begunDay(doc);
const IN = 10_100;
let count = 0;
const at = (minute: number, fact: Record<string, unknown>): BakeEvent => {
  count += 1;
  return { ...fact, id: `event-${count}`, at: minute * 60_000 } as BakeEvent;
};
/** All before the oven is done; the tins go in at minute 10100. */
const begun: readonly BakeEvent[] = [
  ...["0.soften", "0.weigh", "0.tins", "0.step1", "0.fill", "0.warm-up"].map((task) =>
    at(IN - 1, { kind: "done", task }),
  ),
  at(IN, { kind: "started", task: "0.bake1" }),
];
const loadAt = (
  events: readonly BakeEvent[],
  now: number,
  inside: Parameters<typeof ovenLoads>[3] = () => null,
): OvenLoad => {
  const log = replayed(day.tasks, events);
  const [load] = ovenLoads(doc, log, presentAt(day, log, now), inside);
  if (load === undefined) throw new Error("no load");
  return load;
};
const core = (minute: number, tempC: number): BakeEvent =>
  at(IN + minute, { kind: "temperature", of: "core", task: "0.bake1", tempC });

describe("a load in the oven", () => {
  it("has the minutes of its tasks, and is as unsure as its cake's forecast", () => {
    const { minutes, inAt, outAt } = loadAt(begun, IN + 1);
    const { likelyMin, notPastMin } = doc.cakes[0]?.minutes ?? { likelyMin: 1, notPastMin: 1 };
    // LAYERS: first look after 28, likely 34.
    expect(minutes).toMatchObject({
      firstLookMin: 28,
      likelyMin: 34,
      notPastMin: Math.round((34 * notPastMin) / likelyMin),
    });
    expect([inAt, outAt]).toEqual([IN, null]);
    expect(loadAt([], IN).inAt).toBeNull();
  });

  it("is out when a look says so, after so many whole minutes", () => {
    const looked = (moreMin: number | null): BakeEvent =>
      at(IN + 33.4, {
        kind: "looked",
        task: "0.look1",
        look: { tester: "clean", spring: "springs-back" },
        moreMin,
      });
    expect(bakedMinutes(loadAt([...begun, looked(3)], IN + 34))).toBeNull();
    expect(bakedMinutes(loadAt([...begun, looked(null)], IN + 34))).toBe(33);
  });

  it("goes by its probe once that reads, and so do its tasks and the rest of the day", () => {
    expect(revisedBy([loadAt(begun, IN + 12)])).toEqual(new Map());
    // By hand, the mean curve at 1.25 times its pace: after 17 min as after 13.6, four tenths: 21 +
    // 0.33·(96 - 21).
    const slow = (
      [
        [4, 0.035],
        [8.5, 0.12],
        [12.75, 0.22],
        [17, 0.33],
        [21.25, 0.45],
      ] as const
    ).map(([minute, share]) => core(minute, 21 + 75 * share));
    const load = loadAt([...begun, ...slow], IN + 22);
    expect(load.readings).toHaveLength(5);
    expect(load.refit.likelyMin).toBeGreaterThan(35);
    const revised = revisedBy([load]);
    expect(revised.get("0.bake1")).toBe(load.refit.firstLookMin);
    expect((revised.get("0.bake1") ?? 0) + (revised.get("0.look1") ?? 0)).toBe(
      load.refit.likelyMin,
    );
    const log = replayed(day.tasks, [...begun, ...slow]);
    const [plain, moved] = [presentAt(day, log, IN + 22), presentAt(day, log, IN + 22, revised)];
    expect((plain.spareMin[0] ?? 0) - (moved.spareMin[0] ?? 0)).toBeCloseTo(
      load.refit.likelyMin - 34,
      6,
    );
  });

  it("is forecast by the solver's own curve where there is one, done when the forecast says", () => {
    const slowest = doc.cakes[0]?.slowest;
    const geometry = slowest == null ? null : tinGeometry(slowest.tin);
    if (slowest == null || geometry === null || !geometry.ok) throw new Error("no tin");
    const inside = bakeInside({ ...slowest, geometry: geometry.value });
    const { curve, minutes, doneC } = loadAt(begun, IN + 1, () => inside);
    expect(curve(minutes.likelyMin)).toBeGreaterThan(doneC - 1.5);
    expect(curve(minutes.likelyMin)).toBeLessThan(doneC + 3);
    expect(Math.abs(curve(17) - loadAt(begun, IN + 1).curve(17))).toBeGreaterThan(1);
  });
});

describe("what rings", () => {
  const rings = (events: readonly BakeEvent[], now: number): readonly string[] => {
    const log = replayed(day.tasks, events);
    return rungAt(day.tasks, log, presentAt(day, log, now), now).map(({ id }) => id);
  };

  it("is a clock that ran out, until a hand answers it, and no longer than a quarter of an hour", () => {
    const soft = [at(10_000, { kind: "started", task: "0.soften" })];
    expect(rings(soft, 10_059.9)).not.toContain("0.soften");
    expect(rings(soft, 10_060.1)).toContain("0.soften");
    expect(rings([...soft, at(10_061, { kind: "done", task: "0.weigh" })], 10_062)).not.toContain(
      "0.soften",
    );
    expect(rings(soft, 10_080)).not.toContain("0.soften");
    // What she said was ready early needs no bell.
    expect(
      rings([...soft, at(10_030, { kind: "done", task: "0.soften" })], 10_030.1),
    ).not.toContain("0.soften");
  });

  it("is a look that is due, again after each wait, and what had to stand first", () => {
    expect(rings(begun, IN + 27.9)).not.toContain("0.look1");
    expect(rings(begun, IN + 28.1)).toContain("0.look1");
    const wet = [
      ...begun,
      at(IN + 29, { kind: "looked", task: "0.look1", look: { tester: "wet" }, moreMin: 4 }),
    ];
    expect(rings(wet, IN + 30)).toEqual([]);
    expect(rings(wet, IN + 33.1)).toEqual(["0.look1"]);
    const out = [
      ...begun,
      at(IN + 34, { kind: "looked", task: "0.look1", look: { tester: "clean" }, moreMin: null }),
      at(IN + 35, { kind: "done", task: "0.out1" }),
    ];
    expect(rings(out, IN + 44)).toEqual([]);
    expect(rings(out, IN + 45.1)).toEqual(["0.turn-out1"]);
  });
});

it("fills tins in their order, the first that is not whole", () => {
  const poured = (tin: number, isWhole: boolean): BakeEvent =>
    at(IN, { kind: "weighed", task: "0.fill", tin, massG: 500, isWhole, isMeasured: true });
  const open = (...events: readonly BakeEvent[]): number =>
    openTin(replayed(day.tasks, events), "0.fill", 2);
  expect([
    open(),
    open(poured(0, false)),
    open(poured(0, true)),
    open(poured(0, true), poured(1, true)),
  ]).toEqual([0, 0, 1, -1]);
});

describe("a load that something is done to in the oven", () => {
  const turned = layersBake({
    ...LAYERS,
    loads: [
      {
        tins: 2,
        firstLookMin: 28,
        likelyMin: 34,
        during: [{ atMin: 12, doing: { what: "turn" } }],
      },
    ],
  });
  const turnedDay = begunDay(turned);
  const events = [...begun, at(IN + 12.5, { kind: "done", task: "0.in-oven1-1" })];
  const presentIn = (now: number, told = events) =>
    presentAt(turnedDay, replayed(turnedDay.tasks, told), now);
  const load = (now: number, told = events): OvenLoad => {
    const log = replayed(turnedDay.tasks, told);
    const [found] = ovenLoads(turned, log, presentAt(turnedDay, log, now), () => null);
    if (found === undefined) throw new Error("no load");
    return found;
  };

  it("is looked at as late as without, and counts its minutes from going in", () => {
    expect(load(IN + 20).minutes).toMatchObject({ firstLookMin: 28, likelyMin: 34 });
    expect(load(IN + 20).inAt).toBe(IN);
    const out = at(IN + 33, {
      kind: "looked",
      task: "0.look1",
      look: { tester: "clean", spring: "springs-back" },
      moreMin: null,
    });
    expect(bakedMinutes(load(IN + 40, [...events, out]))).toBe(33);
  });

  it("rings at its minute, and bakes on by itself", () => {
    const log = replayed(turnedDay.tasks, begun);
    const ringing = presentAt(turnedDay, log, IN + 12.2);
    expect(rungAt(turnedDay.tasks, log, ringing, IN + 12.2).map(({ id }) => id)).toEqual([
      "0.bake1",
    ]);
    expect(ringing.current?.task.id).toBe("0.in-oven1-1");
    const after = presentIn(IN + 14);
    expect(after.states.get("0.bake-on1-1")?.is).toBe("running");
    expect(after.current?.task.doing.do).not.toBe("in-oven");
  });

  it("has one load in the oven all the while, for its probes", () => {
    expect(bakeNow(turnedDay.tasks, presentIn(IN - 2, []))).toBeUndefined();
    for (const minute of [5, 12.2, 14, 30])
      expect(bakeNow(turnedDay.tasks, presentIn(IN + minute))).toBe("0.bake1");
  });

  it("lets a probe move the look, not what is done before it", () => {
    const slow = [...events, ...[14, 18, 22].map((minute) => core(minute, 30 + minute))];
    const revised = revisedBy([load(IN + 23, slow)]);
    expect([...revised.keys()]).toEqual(["0.bake-on1-1", "0.look1"]);
    expect(revised.get("0.bake-on1-1")).toBeGreaterThan(15);
  });
});
