import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { movedDay, scheduleDay, whyNoDay } from "./schedule";
import { tasksOf } from "./tasks";
import { RESOURCES, type Resource, type Stretch, type Task } from "./task";
import { at, expectKept, scheduled } from "./kept.test-data";
import { cakesInTurn, LAYERS } from "./layers.test-data";

const THREE = 15 * 60;

describe("the day of one cake", () => {
  const request = { tasks: tasksOf(LAYERS, 0), wantedAt: [THREE] };
  const schedule = scheduled(request);

  it("ends when it is wanted, keeps to everything, and is as short as can be", () => {
    expectKept(request, schedule);
    expect(schedule.endsAt).toBe(THREE);
    expect(schedule.gapMin).toBe(0);
    // By hand, backwards: decorate 3, final 12, chill 20, first 8, fill 3, cool 95, turn out 4
    // after 10 in the tin, out 1, bake 34, tins 1, cream 15, weigh 3 or soften 60.
    expect(THREE - schedule.startsAt).toBe(
      3 + 12 + 20 + 8 + 3 + 95 + 4 + 10 + 1 + 34 + 1 + 15 + 60,
    );
  });

  it("has a warm oven when the tins are filled, and the frosting made while the layers cool", () => {
    expect(at(schedule, "0.bake1").from).toBe(at(schedule, "0.warm-up").to);
    expect(at(schedule, "0.frosting").from).toBeGreaterThanOrEqual(at(schedule, "0.turn-out1").to);
    expect(at(schedule, "0.frosting").to).toBeLessThanOrEqual(
      at(schedule, "0.split-and-fill").from,
    );
  });

  it("turns out in its time, and knows what can't wait", () => {
    const lag = at(schedule, "0.turn-out1").from - at(schedule, "0.out1").to;
    expect(lag).toBeGreaterThanOrEqual(10);
    expect(lag).toBeLessThanOrEqual(20);
    expect(schedule.critical).toContain("0.bake1");
    expect(schedule.critical).not.toContain("0.warm-up");
  });

  it("lets a task move as far as nothing else has to", () => {
    // Weighing may be done up to twelve hours before; the oven is on when it has to be.
    expect(schedule.placed.find(({ id }) => id === "0.weigh")?.earlierBy).toBe(720);
    expect(schedule.placed.find(({ id }) => id === "0.warm-up")).toMatchObject({
      earlierBy: 0,
      laterBy: 0,
    });
    expect(schedule.placed.find(({ id }) => id === "0.out1")?.along).toEqual([
      "0.warm-up",
      "0.bake1",
      "0.look1",
    ]);
  });

  it("works round an hour out of the house, and says no when there is no time left before it", () => {
    const away = [{ from: THREE - 240, to: THREE - 150 }];
    const round = scheduled({ ...request, away });
    expectKept({ ...request, away }, round);
    expect(round.startsAt).toBeLessThan(schedule.startsAt);
    expect(scheduleDay({ ...request, away: [{ from: -Infinity, to: THREE }] })).toBeNull();
  });
});

describe("a day with other ends", () => {
  const tasks = tasksOf(LAYERS, 0);
  const endBy = new Map(
    tasks
      .filter(
        ({ id, station }) => station !== "finish" && station !== "build" && !id.includes("cool"),
      )
      .map(({ id }) => [id, THREE - 1080] as const),
  );

  it("bakes the evening before what has to be out by then, and finishes on the day", () => {
    const schedule = scheduled({
      tasks,
      wantedAt: [THREE],
      endBy,
      away: [{ from: THREE - 1080, to: THREE - 480 }],
    });
    expect(at(schedule, "0.turn-out1").to).toBeLessThanOrEqual(THREE - 1080);
    expect(at(schedule, "0.frosting").from).toBeGreaterThanOrEqual(THREE - 480);
    expect(at(schedule, "0.warm-up").laterBy).toBe(0);
  });

  it("names a task that finds no place", () => {
    expect(whyNoDay({ tasks, wantedAt: [THREE] })).toBeNull();
    expect(
      whyNoDay({ tasks, wantedAt: [THREE], away: [{ from: -Infinity, to: THREE - 30 }] }),
    ).toBe("0.chill-coat");
  });
});

describe("two cakes and one oven", () => {
  const request = {
    tasks: [
      ...tasksOf(LAYERS, 0),
      ...tasksOf(
        {
          ...LAYERS,
          kind: "oil",
          ovenC: 150,
          tins: 1,
          loads: [{ tins: 1, firstLookMin: 45, likelyMin: 55 }],
        },
        1,
      ),
    ],
    wantedAt: [THREE, THREE + 60],
  };

  it("never share it, and both are ready when they are wanted", () => {
    const schedule = scheduled(request);
    expectKept(request, schedule);
    const oven = request.tasks
      .filter(({ needs }) => needs.includes("oven"))
      .map(({ id }) => at(schedule, id))
      .toSorted((a, b) => a.from - b.from);
    oven
      .slice(1)
      .forEach((each, index) => expect(each.from).toBeGreaterThanOrEqual(oven[index]?.to ?? 0));
  });

  it("give the same day each time", () => {
    expect(scheduled(request)).toEqual(scheduled(request));
  });
});

/** Random small kitchens: links only to earlier tasks, so that there is no circle. */
const anyTasks = (most: number, hasMost: boolean): fc.Arbitrary<readonly Task[]> =>
  fc
    .array(
      fc.record({
        minutes: fc.integer({ min: 1, max: 30 }),
        needs: fc.subarray<Resource>([...RESOURCES]),
        links: fc.array(
          fc.record({
            back: fc.integer({ min: 1, max: 3 }),
            leastMin: fc.integer({ min: 0, max: 20 }),
            slackMin: hasMost ? fc.option(fc.integer({ min: 0, max: 60 })) : fc.constant(null),
          }),
          { maxLength: 2 },
        ),
      }),
      { minLength: 1, maxLength: most },
    )
    .map((all) =>
      all.map(({ minutes, needs, links }, index): Task => ({
        id: `t${index}`,
        cake: 0,
        station: "mix",
        doing: { do: "cool" },
        minutes,
        needs,
        after: [
          ...new Map(
            links.flatMap(({ back, leastMin, slackMin }) =>
              index - back < 0
                ? []
                : [
                    [
                      index - back,
                      {
                        id: `t${index - back}`,
                        leastMin,
                        mostMin: slackMin === null ? null : leastMin + slackMin,
                      },
                    ] as const,
                  ],
            ),
          ).values(),
        ],
      })),
    );

/**
 * The latest first start over all orders, each task as late as it may be: worked out by trying
 * every one.
 */
function bestStart(tasks: readonly Task[]): number {
  let best = -Infinity;
  const go = (placed: ReadonlyMap<string, Stretch>, soFar: number): void => {
    if (placed.size === tasks.length) {
      best = Math.max(best, soFar);
      return;
    }
    for (const task of tasks) {
      if (placed.has(task.id)) continue;
      const followers = tasks.filter(({ after }) => after.some(({ id }) => id === task.id));
      if (!followers.every(({ id }) => placed.has(id))) continue;
      let to = Math.min(
        1000,
        ...followers.map(
          (each) =>
            (placed.get(each.id)?.from ?? 0) -
            (each.after.find(({ id }) => id === task.id)?.leastMin ?? 0),
        ),
      );
      const taken = tasks
        .filter(
          (other) => placed.has(other.id) && other.needs.some((need) => task.needs.includes(need)),
        )
        .map(({ id }) => placed.get(id) as Stretch);
      for (
        let clash = taken.find((each) => each.from < to && each.to > to - task.minutes);
        clash !== undefined;
        clash = taken.find((each) => each.from < to && each.to > to - task.minutes)
      )
        to = clash.from;
      go(
        new Map([...placed, [task.id, { from: to - task.minutes, to }]]),
        Math.min(soFar, to - task.minutes),
      );
    }
  };
  go(new Map(), Infinity);
  return best;
}

describe("a busy day", () => {
  it("begins within a quarter of an hour of the best ever found", () => {
    const three = cakesInTurn(3);
    expect(three.tasks).toHaveLength(125);
    const schedule = scheduled(three);
    expectKept(three, schedule);
    // Some 300,000 orders, tried for half a minute, found 367 minutes before the first is wanted.
    expect(10_000 - schedule.startsAt).toBeLessThanOrEqual(367 + 15);
  });

  it("finds a place for twenty cakes", () => {
    const twenty = cakesInTurn(20, []);
    expectKept(twenty, scheduled(twenty));
  });
});

describe("any day", () => {
  it("keeps to links and resources", () => {
    fc.assert(
      fc.property(
        anyTasks(14, true),
        fc.option(fc.integer({ min: 600, max: 950 })),
        (tasks, goneAt) => {
          const request = {
            tasks,
            wantedAt: [1000],
            away: goneAt === null ? [] : [{ from: goneAt, to: goneAt + 45 }],
          };
          const schedule = scheduleDay(request);
          // Closely bound tasks may have no place together; then it says so.
          if (schedule !== null) expectKept(request, schedule);
        },
      ),
      { numRuns: 300, seed: 11 },
    );
  });

  it("may be moved as far as it says, what is bound along with it, and no minute further", () => {
    fc.assert(
      fc.property(anyTasks(12, true), fc.nat(), fc.boolean(), (tasks, which, isEarlier) => {
        const request = { tasks, wantedAt: [1000], away: [{ from: 700, to: 720 }] };
        const schedule = scheduleDay(request);
        if (schedule === null) return;
        const own = schedule.placed[which % schedule.placed.length];
        if (own === undefined) throw new Error("no task");
        const furthest = isEarlier ? own.from - own.earlierBy : own.from + own.laterBy;
        const moved = movedDay(request, schedule, new Map([[own.id, furthest]]));
        expect(moved.left).toEqual([]);
        expectKept(request, moved.schedule);
        expect(at(moved.schedule, own.id).from).toBe(furthest);
        expect(
          movedDay(request, schedule, new Map([[own.id, furthest + (isEarlier ? -1 : 1)]])).left,
        ).toEqual([own.id]);
      }),
      { numRuns: 200, seed: 14 },
    );
  });

  it("starts as late as the best of all orders, for days small enough to try them all", () => {
    fc.assert(
      fc.property(anyTasks(6, false), (tasks) => {
        const schedule = scheduled({ tasks, wantedAt: [1000] });
        expect(schedule.startsAt).toBe(bestStart(tasks));
      }),
      { numRuns: 150, seed: 12 },
    );
  });

  it("always finds a place when nothing has to follow closely", () => {
    fc.assert(
      fc.property(anyTasks(20, false), (tasks) => {
        const schedule = scheduled({ tasks, wantedAt: [1000] });
        expect(schedule.gapMin).toBeGreaterThanOrEqual(0);
        expectKept({ tasks, wantedAt: [1000] }, schedule);
      }),
      { numRuns: 60, seed: 13 },
    );
  });

  it("is none where what is bound together contradicts itself, however many tasks there are", () => {
    const tasks = tasksOf(LAYERS, 0);
    const bake = tasks.find(({ id }) => id === "0.bake1");
    if (bake === undefined) throw new Error("no bake");
    const [first] = bake.after;
    if (first === undefined) throw new Error("nothing before the bake");
    // Ten minutes after it and twenty, both to the minute.
    const after = [10, 20].map((min) => ({ id: first.id, leastMin: min, mostMin: min }));
    const changed = tasks.map((task) => (task === bake ? { ...task, after } : task));
    expect(scheduleDay({ tasks: changed, wantedAt: [THREE] })).toBeNull();
  });

  it("refuses circles, links to nowhere, and parts of minutes", () => {
    const task = (id: string, after: readonly string[], minutes = 5): Task => ({
      id,
      cake: 0,
      station: "mix",
      doing: { do: "cool" },
      minutes,
      needs: [],
      after: after.map((to) => ({ id: to, leastMin: 0, mostMin: null })),
    });
    expect(() =>
      scheduleDay({ tasks: [task("a", ["b"]), task("b", ["a"])], wantedAt: [0] }),
    ).toThrow("comes after itself");
    expect(() => scheduleDay({ tasks: [task("a", ["z"])], wantedAt: [0] })).toThrow(
      "task a comes after z, which is not there",
    );
    expect(() => scheduleDay({ tasks: [task("a", [], 2.5)], wantedAt: [0] })).toThrow(
      "task a takes 2.5 minutes: whole ones are needed",
    );
  });
});
