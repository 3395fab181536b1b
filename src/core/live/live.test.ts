import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { presentAt, ovenFirst, type Present, type BegunDay } from "./present";
import { clockToExtend, rungAt } from "./rung";
import {
  goingOf,
  OVENS,
  scheduleDay,
  tasksOf,
  type DayCake,
  type MethodStep,
  type Resource,
} from "../day";
import { lateCakes, leastOffer, offersAt } from "./offers";
import { parseBakeEvents, replayed, tinsInOven, type BakeEvent } from "./log";
import { presenceOf } from "../day/task";
import { LAYERS } from "../day/layers.test-data";

const WANTED = 900;
const MS = 60_000;

function dayOf(
  cakes: readonly DayCake[],
  wantedAt: readonly number[],
  ovens: readonly Resource[] = ["oven"],
): BegunDay & { readonly startsAt: number } {
  const tasks = cakes.flatMap((cake, index) =>
    tasksOf(cake, index).map((task) => ({
      ...task,
      needs: task.needs.map((need) => (need === "oven" ? (ovens[index] ?? need) : need)),
    })),
  );
  const schedule = scheduleDay({ tasks, wantedAt });
  if (schedule === null) throw new Error("no day");
  return {
    tasks,
    wantedAt,
    plannedFrom: new Map(schedule.placed.map(({ id, from }) => [id, from])),
    startsAt: schedule.startsAt,
  };
}

let count = 0;
type Fact = BakeEvent extends infer E
  ? E extends BakeEvent
    ? Omit<E, "id" | "at">
    : never
  : never;
const tells = (fact: Fact, at: number): BakeEvent => {
  count += 1;
  return { ...fact, id: `event-${count}`, at: Math.round(at * MS) };
};

/**
 * A baker who does what the bench says, each thing in the minutes `pace` gives it, leaves it for a
 * moment to start a clock, and waits when there is nothing; up to a task or the end.
 */
function baked(
  day: BegunDay,
  startsAt: number,
  pace: (minutes: number) => number,
  until = "",
): {
  readonly events: readonly BakeEvent[];
  readonly now: number;
  readonly present: Present;
  readonly watched: readonly Present[];
} {
  const events: BakeEvent[] = [];
  const watched: Present[] = [];
  let now = startsAt;
  let atHand: { readonly id: string; readonly endsAt: number } | null = null;
  for (let turns = 0; turns < 800; turns += 1) {
    // A clock has no finer ticks.
    now = Math.ceil(now * MS) / MS;
    const present = presentAt(day, replayed(day.tasks, events), now);
    watched.push(present);
    const { current, nextAt } = present;
    if (
      present.spareMin.every((spare) => spare === null) ||
      (current?.task.id === until && atHand === null)
    )
      return { events, now, present, watched };
    const going = current === null ? null : goingOf(current.task);
    if (current !== null && going === "by-looks") {
      events.push(
        tells(
          {
            kind: "looked",
            task: current.task.id,
            look: { tester: "clean" },
            moreMin: events.some(
              (event) => event.kind === "looked" && event.task === current.task.id,
            )
              ? null
              : 6,
          },
          now,
        ),
      );
    } else if (current !== null && going === "by-clock" && (atHand === null || !current.isEarly)) {
      events.push(tells({ kind: "started", task: current.task.id }, now));
    } else if (atHand !== null) {
      if (now >= atHand.endsAt) {
        events.push(tells({ kind: "done", task: atHand.id }, now));
        atHand = null;
      } else now = Math.min(atHand.endsAt, nextAt ?? Infinity);
    } else if (current === null) now = Math.max(now + 1 / MS, nextAt ?? Infinity);
    else atHand = { id: current.task.id, endsAt: now + pace(current.task.minutes) };
  }
  throw new Error("the day never ends");
}

describe("baking along with a day", () => {
  const day = dayOf([LAYERS], [WANTED]);

  it("begun in time and kept to is ready in time, every task after what it needs", () => {
    const { present, now, watched } = baked(day, day.startsAt, (minutes) => minutes);
    expect(now).toBeCloseTo(WANTED, 3);
    expect(watched[0]?.spareMin[0]).toBeCloseTo(0, 6);
    for (const task of day.tasks) {
      const own = present.states.get(task.id);
      if (own?.is !== "over") throw new Error(`${task.id} is not over`);
      for (const { id, leastMin } of task.after) {
        const before = present.states.get(id);
        expect(own.startedAt + 1e-6).toBeGreaterThanOrEqual(
          (before?.is === "over" ? before.doneAt : Infinity) + leastMin,
        );
      }
    }
  });

  it("begun half an hour late is half an hour late, and the rest moves", () => {
    const present = presentAt(day, replayed(day.tasks, []), day.startsAt + 30);
    expect(present.spareMin[0]).toBeCloseTo(-30, 6);
    expect(present.readyAt[0]).toBeCloseTo(WANTED + 30, 6);
    expect(present.rest.get("0.soften")?.from).toBeCloseTo(day.startsAt + 30, 6);
    expect(presentAt(day, replayed(day.tasks, []), day.startsAt - 45).spareMin[0]).toBeCloseTo(
      45,
      6,
    );
  });

  it("offers first what is due, and says what would be too early", () => {
    const present = presentAt(day, replayed(day.tasks, []), day.startsAt);
    expect(present.current).toMatchObject({ task: { id: "0.soften" }, isEarly: false });
    expect(present).toMatchObject({ step: 1, steps: day.tasks.length - 1 });
    const softening = presentAt(
      day,
      replayed(day.tasks, [tells({ kind: "started", task: "0.soften" }, day.startsAt)]),
      day.startsAt + 1,
    );
    expect(softening.current?.isEarly).toBe(true);
    expect(softening.current?.task.id).not.toBe("0.warm-up");
    expect(softening.timers).toMatchObject([
      { task: { id: "0.soften" }, endsAt: day.startsAt + 60 },
    ]);
  });

  it("rings a clock to the second, five minutes later when it was given five, and from now on when it had rung", () => {
    const begun = tells({ kind: "started", task: "0.soften" }, 500);
    const at = (events: readonly BakeEvent[], now: number): Present["states"] =>
      presentAt(day, replayed(day.tasks, events), now).states;
    expect(at([begun], 559.99).get("0.soften")).toMatchObject({ is: "running", endsAt: 560 });
    expect(at([begun], 560).get("0.soften")).toMatchObject({ is: "over", doneAt: 560 });
    const more = [begun, tells({ kind: "extended", task: "0.soften", leftMin: 15 }, 550)];
    expect(at(more, 560).get("0.soften")).toMatchObject({ is: "running", endsAt: 565 });
    expect(
      at([begun, tells({ kind: "extended", task: "0.soften", leftMin: 5 }, 570)], 571).get(
        "0.soften",
      ),
    ).toMatchObject({ is: "running", endsAt: 575 });
  });

  it("rings when she says, whatever a probe makes of it, until that is taken back", () => {
    const begun = tells({ kind: "started", task: "0.soften" }, 500);
    const more = tells({ kind: "extended", task: "0.soften", leftMin: 22 }, 510);
    const ends = (events: readonly BakeEvent[]): number | undefined =>
      presentAt(day, replayed(day.tasks, events), 520, new Map([["0.soften", 41]])).timers.find(
        ({ task }) => task.id === "0.soften",
      )?.endsAt;
    expect(ends([begun])).toBe(541);
    expect(ends([begun, more])).toBe(532);
    const back = tells(
      { kind: "undone", of: replayed(day.tasks, [begun, more]).lastAct ?? "" },
      511,
    );
    expect(ends([begun, more, back])).toBe(541);
    // What takes less time by another way does so from there on.
    expect(
      ends([
        begun,
        more,
        tells(
          { kind: "shortened", way: "butter-in-cubes", takes: [{ task: "0.soften", minutes: 25 }] },
          512,
        ),
      ]),
    ).toBe(525);
    // More time is nothing that hands did.
    expect(replayed(day.tasks, [begun, more]).handsAt).toBe(500);
  });

  it("rings for nothing that hands go on with at once", () => {
    const step = (text: string): MethodStep => ({
      text,
      minutes: 6,
      isWait: false,
      usesMixer: true,
      ovenC: null,
    });
    const mixing = dayOf(
      [{ ...LAYERS, steps: [step("Cream"), step("Eggs"), step("Flour")] }],
      [WANTED],
    );
    const { events, now } = baked(mixing, mixing.startsAt, (minutes) => minutes, "0.step2");
    for (const later of [0.5, 5, 12]) {
      const log = replayed(mixing.tasks, events);
      const present = presentAt(mixing, log, now + later);
      expect(present.current).toMatchObject({ task: { id: "0.step2" }, isEarly: false });
      expect(rungAt(mixing.tasks, log, present, now + later).map(({ id }) => id)).not.toContain(
        "0.step2",
      );
    }
  });

  it("goes on to the second when the clock is set, forward or back", () => {
    const begun = tells({ kind: "started", task: "0.soften" }, 500);
    for (const byMin of [60, -25]) {
      const moved = tells({ kind: "clock-moved", byMs: byMin * MS }, 510 + byMin);
      expect(presentAt(day, replayed(day.tasks, [begun, moved]), 510 + byMin).timers).toMatchObject(
        [{ endsAt: 560 + byMin }],
      );
      const after = tells({ kind: "started", task: "0.soften-frosting" }, 511 + byMin);
      expect(
        presentAt(day, replayed(day.tasks, [begun, moved, after]), 512 + byMin).timers,
      ).toMatchObject([{ endsAt: 560 + byMin }, { endsAt: 571 + byMin }]);
    }
  });

  it("goes on baking until a look says that it is done", () => {
    const { events, now } = baked(day, day.startsAt, (minutes) => minutes, "0.look1");
    const seen = (moreMin: number | null): Present =>
      presentAt(
        day,
        replayed(day.tasks, [
          ...events,
          tells({ kind: "looked", task: "0.look1", look: { tester: "wet" }, moreMin }, now),
        ]),
        now + 0.1,
      );
    expect(seen(4).timers).toMatchObject([{ task: { id: "0.look1" }, endsAt: now + 4 }]);
    expect(seen(null).current?.task.id).toBe("0.out1");
    // Put off, it is due then, and nothing was seen.
    const putOff = replayed(day.tasks, [
      ...events,
      tells({ kind: "extended", task: "0.look1", leftMin: 5 }, now),
    ]);
    expect(presentAt(day, putOff, now + 0.1).timers).toMatchObject([
      { task: { id: "0.look1" }, endsAt: now + 5 },
    ]);
    expect(putOff.looks).toHaveLength(replayed(day.tasks, events).looks.length);
    // Looked at twice and still wet after what was forecast: the rest of the day moves.
    const late = presentAt(
      day,
      replayed(day.tasks, [
        ...events,
        tells({ kind: "looked", task: "0.look1", look: {}, moreMin: 20 }, now),
      ]),
      now + 1,
    );
    expect(late.spareMin[0]).toBeLessThan(-13);
  });

  it("counts down to what has to wait before it is done", () => {
    const { events, now } = baked(day, day.startsAt, (minutes) => minutes, "0.turn-out1");
    const out = presentAt(day, replayed(day.tasks, events), now - 4);
    expect(out.current).toBeNull();
    expect(out.timers).toMatchObject([
      { task: { id: "0.turn-out1" }, endsAt: now, isStanding: true },
    ]);
  });

  it("puts off nothing that has to follow closely, however much time there is", () => {
    const { events, now } = baked(day, day.startsAt - 120, (minutes) => minutes, "0.out1");
    const out = presentAt(day, replayed(day.tasks, events), now);
    expect(out.spareMin[0]).toBeGreaterThan(60);
    expect(out.current).toMatchObject({ task: { id: "0.out1" }, isEarly: false });
    const { present } = baked(day, day.startsAt - 120, (minutes) => minutes, "0.turn-out1");
    expect(present.current).toMatchObject({ task: { id: "0.turn-out1" }, isEarly: false });
    // A minute to take it out, and no more than twenty in its tin.
    expect(present.current?.by).toBeCloseTo(now + 21, 6);
    // Filled two hours early the batter does not wait so long: it goes in after thirty minutes, the
    // oven on in time for that.
    const filled = ["0.soften", "0.weigh", "0.tins", "0.step1", "0.fill"].map((task) =>
      tells({ kind: "done", task }, 590),
    );
    expect(presentAt(day, replayed(day.tasks, filled), 591).rest.get("0.warm-up")).toEqual({
      from: 605,
      to: 620,
    });
  });

  it("moves with a better forecast", () => {
    const { events, now } = baked(day, day.startsAt, (minutes) => minutes, "0.look1");
    const present = presentAt(day, replayed(day.tasks, events), now, new Map([["0.look1", 16]]));
    expect(present.spareMin[0]).toBeCloseTo(-10, 1);
  });

  it("takes back what was done last, and nothing else", () => {
    const { events } = baked(day, day.startsAt, (minutes) => minutes, "0.fill");
    const log = replayed(day.tasks, events);
    const last = events.at(-1);
    expect(log.lastAct).toBe(last?.id);
    const back = replayed(day.tasks, [
      ...events,
      tells({ kind: "undone", of: log.lastAct ?? "" }, 999),
    ]);
    expect(back).toEqual(replayed(day.tasks, events.slice(0, -1)));
  });

  it("keeps what a tin weighed first, and what was poured when the scale was lost", () => {
    const poured = (tin: number, massG: number, isWhole: boolean): BakeEvent =>
      tells({ kind: "weighed", task: "0.fill", tin, massG, isWhole, isMeasured: true }, 700);
    const log = replayed(day.tasks, [
      poured(0, 655, true),
      poured(0, 1, true),
      poured(1, 418, false),
    ]);
    expect([...(log.weighed.get("0.fill") ?? [])]).toMatchObject([
      [0, { massG: 655, isWhole: true }],
      [1, { massG: 418, isWhole: false }],
    ]);
    expect(
      replayed(day.tasks, [poured(1, 418, false), poured(1, 655, true)])
        .weighed.get("0.fill")
        ?.get(1),
    ).toMatchObject({ massG: 655, isWhole: true });
  });

  it("keeps which lines are ticked", () => {
    const tick = (line: string, isTicked: boolean): BakeEvent =>
      tells({ kind: "ticked", task: "0.weigh", line, isTicked }, 600);
    const log = replayed(day.tasks, [
      tick("flour", true),
      tick("eggs", true),
      tick("flour", false),
    ]);
    expect([...(log.ticked.get("0.weigh") ?? [])]).toEqual(["eggs"]);
    expect(log.lastAct).toBeNull();
  });

  it("ready later when it is wanted later", () => {
    const wanted = tells({ kind: "wanted", cake: 0, wantedAt: WANTED + 60 }, 400);
    expect(presentAt(day, replayed(day.tasks, [wanted]), day.startsAt).spareMin[0]).toBeCloseTo(
      60,
      6,
    );
  });
});

describe("a late day", () => {
  const day = dayOf([LAYERS], [WANTED]);
  const { events, now } = baked(day, day.startsAt + 30, (minutes) => minutes, "0.frosting");

  it("offers what would make it ready sooner, most first, and by so much it is", () => {
    const log = replayed(day.tasks, events);
    const offers = offersAt(day, log, now);
    expect(offers.map(({ way }) => way)).toEqual(
      expect.arrayContaining(["cool-in-freezer", "no-first-coat", "no-pieces"]),
    );
    expect(offers.map(({ savesMin }) => savesMin)).toEqual(
      offers.map(({ savesMin }) => savesMin).toSorted((a, b) => b - a),
    );
    for (const { way, takes, savesMin } of offers) {
      const after = presentAt(
        day,
        replayed(day.tasks, [...events, tells({ kind: "shortened", way, takes: [...takes] }, now)]),
        now,
      );
      expect((after.spareMin[0] ?? 0) - (presentAt(day, log, now).spareMin[0] ?? 0)).toBeCloseTo(
        savesMin,
        -0.4,
      );
      const again = offersAt(
        day,
        replayed(day.tasks, [...events, tells({ kind: "shortened", way, takes: [...takes] }, now)]),
        now,
      );
      expect(again.map((offer) => offer.way)).not.toContain(way);
    }
  });

  it("offers first the least that is enough, and what saves most where nothing is", () => {
    const offer = (
      way: "no-pieces" | "cool-in-fridge" | "cool-in-freezer",
      savesMin: number,
      cake = 0,
    ) => ({ way, cake, takes: [], savesMin });
    const offers = [
      offer("cool-in-freezer", 52),
      offer("cool-in-fridge", 38),
      offer("no-pieces", 12),
    ];
    const ways = (...spareMin: (number | null)[]): string | undefined =>
      leastOffer(offers, { spareMin })?.way;
    expect([ways(-10), ways(-12), ways(-12.5), ways(-40), ways(-90)]).toEqual([
      "no-pieces",
      "no-pieces",
      "cool-in-fridge",
      "cool-in-freezer",
      "cool-in-freezer",
    ]);
    // What makes a cake sooner that is in time already helps nobody.
    expect(
      leastOffer([offer("cool-in-fridge", 30), offer("no-pieces", 6, 1)], { spareMin: [20, -6] }),
    ).toMatchObject({ cake: 1 });
    expect(leastOffer([], { spareMin: [-60] })).toBeNull();
    expect([lateCakes({ spareMin: [null, -4.9] }), lateCakes({ spareMin: [3, -5, -80] })]).toEqual([
      [],
      [1, 2],
    ]);
  });

  it("gives more time to what rings before what still runs, and none to what has no clock", () => {
    const begun = [
      tells({ kind: "started", task: "0.soften" }, 500),
      tells({ kind: "started", task: "0.soften-frosting" }, 520),
    ];
    const clock = (now: number): ReturnType<typeof clockToExtend> => {
      const log = replayed(day.tasks, begun);
      const present = presentAt(day, log, now);
      return clockToExtend(present, rungAt(day.tasks, log, present, now), now);
    };
    expect(clock(550)).toMatchObject({ task: { id: "0.soften" }, endsAt: 560 });
    expect(clock(561)).toMatchObject({ task: { id: "0.soften" }, endsAt: 561 });
    // A quarter of an hour later nobody means that one any more.
    expect(clock(576)).toMatchObject({ task: { id: "0.soften-frosting" }, endsAt: 580 });
    const fresh = presentAt(day, replayed(day.tasks, []), day.startsAt);
    expect(clockToExtend(fresh, [], day.startsAt)).toBeNull();
  });

  it("does not offer what is over", () => {
    const { events: all, now: end } = baked(
      day,
      day.startsAt + 30,
      (minutes) => minutes,
      "0.decorate",
    );
    expect(offersAt(day, replayed(day.tasks, all), end).map(({ way }) => way)).toEqual([
      "no-pieces",
    ]);
  });
});

describe("any bake", () => {
  const two: readonly DayCake[] = [
    LAYERS,
    {
      ...LAYERS,
      kind: "oil",
      ovenC: 150,
      hasFirstCoat: false,
      loads: [
        { tins: 1, firstLookMin: 40, likelyMin: 50 },
        { tins: 1, firstLookMin: 40, likelyMin: 50 },
      ],
    },
  ];
  const days = [
    dayOf([LAYERS], [WANTED]),
    dayOf(two, [WANTED, WANTED + 60]),
    dayOf(two, [WANTED, WANTED + 60], OVENS),
  ];

  it.each([0, 1, 2])(
    "%# ends, never with two things in one oven or two hands' work at once, and tells the same however its log is told",
    (which) => {
      const day = days[which];
      if (day === undefined) throw new Error("no day");
      fc.assert(
        fc.property(
          fc.integer({ min: -60, max: 60 }),
          fc.infiniteStream(fc.double({ min: 0.5, max: 2, noNaN: true })),
          fc.nat(),
          (late, paces, cut) => {
            const { events, present, now } = baked(
              day,
              day.startsAt + late,
              (minutes) => minutes * (paces.next().value as number),
            );
            const over = day.tasks.map((task) => {
              const state = present.states.get(task.id);
              if (state?.is !== "over") throw new Error(`${task.id} is not over`);
              return { task, ...state };
            });
            for (const oven of OVENS) {
              const loads = over
                .filter(({ task }) => task.needs.includes(oven))
                .sort((a, b) => a.startedAt - b.startedAt || a.doneAt - b.doneAt);
              loads
                .slice(1)
                .forEach((each, index) =>
                  expect(each.startedAt).toBeGreaterThanOrEqual((loads[index]?.doneAt ?? 0) - 1e-6),
                );
            }
            const log = replayed(day.tasks, events);
            expect(replayed(day.tasks, [...events, ...events])).toEqual(log);
            const part = cut % events.length;
            expect(
              replayed(day.tasks, [
                ...events.slice(0, part),
                ...events.slice(Math.floor(part / 2)),
              ]),
            ).toEqual(log);
            expect(JSON.stringify(presentAt(day, log, now))).toBe(JSON.stringify(present));
          },
        ),
        { numRuns: 60, seed: 21 },
      );
    },
  );

  it.each([1, 2])(
    "%# keeps links, hands and oven in what is left, at any moment of it",
    (which) => {
      const day = days[which];
      if (day === undefined) throw new Error("no day");
      fc.assert(
        fc.property(
          fc.integer({ min: 0, max: 60 }),
          fc.double({ min: 0.5, max: 2, noNaN: true }),
          (late, pace) => {
            const { watched } = baked(day, day.startsAt + late, (minutes) => minutes * pace);
            for (const present of watched) {
              for (const task of day.tasks) {
                const own = present.rest.get(task.id);
                if (own === undefined || present.states.get(task.id)?.is === "running") continue;
                for (const { id, leastMin } of task.after) {
                  const before = present.rest.get(id);
                  if (before !== undefined)
                    expect(own.from + 1e-6).toBeGreaterThanOrEqual(before.to + leastMin);
                }
                const clash = day.tasks.find(({ id, needs }) => {
                  const other = present.rest.get(id);
                  return (
                    id !== task.id &&
                    other !== undefined &&
                    needs.some((need) => task.needs.includes(need)) &&
                    other.from < own.to - 1e-6 &&
                    other.to > own.from + 1e-6
                  );
                });
                expect([task.id, clash?.id]).toEqual([task.id, undefined]);
              }
            }
          },
        ),
        { numRuns: 12, seed: 22 },
      );
    },
  );
});

it("refuses events that say nothing", () => {
  expect(parseBakeEvents([{ id: "12345678", at: 5, kind: "done", task: "0.fill" }]).ok).toBe(true);
  const refused = parseBakeEvents([
    {
      id: "12345678",
      at: 5,
      kind: "weighed",
      task: "0.fill",
      tin: 0,
      massG: -4,
      isWhole: true,
      isMeasured: true,
    },
  ]);
  expect(refused.ok ? null : refused.issue.path).toBe("[0].massG");
  expect(parseBakeEvents([{ id: "12345678", at: 5, kind: "exploded" }]).ok).toBe(false);
  // A probe against the tin is no look into a cake.
  for (const [coreC, isTaken] of [
    [110, true],
    [111, false],
    [0, true],
    [-1, false],
  ] as const)
    expect([
      coreC,
      parseBakeEvents([
        { id: "12345678", at: 5, kind: "looked", task: "0.look1", look: { coreC }, moreMin: 3 },
      ]).ok,
    ]).toEqual([coreC, isTaken]);
});

describe("a batter done ahead of its time", () => {
  const day = dayOf([LAYERS], [WANTED]);
  const step = (id: string): (typeof day.tasks)[number] => {
    const found = day.tasks.find((task) => task.id === id);
    if (found === undefined) throw new Error(`no ${id}`);
    return found;
  };
  const statesAfter = (events: readonly BakeEvent[], now: number): Present["states"] =>
    presentAt(day, replayed(day.tasks, events), now).states;

  it("is warned of while the oven is cold, and no more once it warms", () => {
    const begun = ["0.soften", "0.weigh", "0.tins"].map((task) =>
      tells({ kind: "done", task }, 590),
    );
    const warned = ovenFirst(
      {
        tasks: day.tasks.map((task) => (task.id === "0.warm-up" ? { ...task, minutes: 60 } : task)),
      },
      statesAfter(begun, 591),
      step("0.fill"),
    );
    expect(warned).toMatchObject({
      warmUp: { id: "0.warm-up" },
      waitsMin: 60 - step("0.fill").minutes,
      mayWaitMin: 30,
    });
    expect(ovenFirst(day, statesAfter(begun, 591), step("0.fill"))).toBeNull();
    expect(
      ovenFirst(
        { tasks: day.tasks },
        statesAfter([...begun, tells({ kind: "started", task: "0.warm-up" }, 590)], 591),
        step("0.fill"),
      ),
    ).toBeNull();
  });
});

describe("two loads in one oven", () => {
  const LOADS: DayCake = {
    ...LAYERS,
    tins: 4,
    loads: [
      { tins: 2, firstLookMin: 28, likelyMin: 34 },
      { tins: 2, firstLookMin: 28, likelyMin: 34 },
    ],
  };

  it("never stand in it together: the second goes in once the first is out", () => {
    const tasks = tasksOf(LOADS, 0);
    const schedule = scheduleDay({ tasks, wantedAt: [WANTED] });
    const at = (id: string): { readonly from: number; readonly to: number } =>
      schedule?.placed.find((each) => each.id === `0.${id}`) ?? { from: NaN, to: NaN };
    expect(at("bake2").from).toBeGreaterThanOrEqual(at("out1").to);
  });

  it("come out tin by tin, each by its own look", () => {
    const task = "0.look1";
    const looked = (tin: number | null, moreMin: number | null, at: number): BakeEvent =>
      tells({ kind: "looked", task, ...(tin === null ? {} : { tin }), look: {}, moreMin }, at);
    const inOven = (
      ...events: readonly BakeEvent[]
    ): readonly (readonly [tin: number, nextAt: number | null])[] =>
      tinsInOven(replayed(tasksOf(LOADS, 0), events).looks, task, 2).map(({ tin, nextAt }) => [
        tin,
        nextAt,
      ]);
    expect(inOven()).toEqual([
      [0, null],
      [1, null],
    ]);
    expect(inOven(looked(0, null, 700))).toEqual([[1, null]]);
    expect(inOven(looked(0, null, 700), looked(1, 4, 701))).toEqual([[1, 705]]);
    expect(inOven(looked(null, 4, 700))).toEqual([
      [0, 704],
      [1, 704],
    ]);
    expect(inOven(looked(null, null, 700))).toEqual([]);
  });
});

describe("out of the house", () => {
  it("nothing is begun, ended or looked at by somebody; only what goes on by itself runs on", () => {
    const tasks = tasksOf(LAYERS, 0);
    const away = [{ from: 620, to: 700 }];
    const schedule = scheduleDay({ tasks, wantedAt: [WANTED], away });
    if (schedule === null) throw new Error("no day");
    const byId = new Map(tasks.map((task) => [task.id, task]));
    for (const { id, from } of schedule.placed) {
      for (const there of presenceOf(byId.get(id) ?? (tasks[0] as never))) {
        expect([id, from + there.from >= 700 || from + there.to <= 620]).toEqual([id, true]);
      }
    }
    // Butter is brought out by somebody, and nobody need be there while it softens.
    const soften = byId.get("0.soften");
    expect(soften === undefined ? [] : presenceOf(soften)[0]).toMatchObject({ from: 0 });
  });
});
