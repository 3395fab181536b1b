import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { MADE, type Made } from "./making";
import { mayWait, type DayCake, type DayPart, type MethodStep, type OwnPart } from "./day-cake";
import { tasksOf } from "./tasks";
import type { Task } from "./task";
import { at, expectKept, scheduled } from "./kept.test-data";
import { LAYERS } from "./layers.test-data";

const byHand = (text: string, minutes: number): MethodStep => ({
  text,
  minutes,
  isWait: false,
  usesMixer: true,
  ovenC: null,
});
const rested = (minutes: number): MethodStep => ({
  text: "Rest",
  minutes,
  isWait: true,
  usesMixer: false,
  ovenC: null,
});

const usual = (goes: DayPart["goes"], what: Made, massG: number): DayPart => ({
  goes,
  what,
  massG,
  own: null,
});

describe("what the tasks of a cake are", () => {
  const ids = (changes: Partial<DayCake>): readonly string[] =>
    tasksOf({ ...LAYERS, ...changes }, 0).map(({ id }) => id.slice(2));

  it("follows from its plan", () => {
    expect(ids({ parts: [], hasFirstCoat: false, hasCoat: false, gaps: 0, pieces: 0 })).not.toEqual(
      expect.arrayContaining(["frosting"]),
    );
    expect(ids({ kind: "oil" })).not.toContain("soften");
    expect(ids({})).toContain("soften-frosting");
    expect(
      ids({ parts: [{ goes: "over", what: "whipped-cream", massG: 700, own: null }] }),
    ).not.toContain("soften-frosting");
    expect(ids({ turnOutMin: null })).not.toContain("turn-out1");
    expect(ids({})).not.toContain("off-oven1");
    expect(
      ids({
        loads: [
          { tins: 1, firstLookMin: 28, likelyMin: 34 },
          { tins: 1, firstLookMin: 28, likelyMin: 34 },
        ],
      }),
    ).toEqual(expect.arrayContaining(["bake1", "bake2", "turn-out2", "cool2"]));
    expect(ids({ steps: [byHand("Cream", 5), rested(30)] })).toEqual(
      expect.arrayContaining(["step1", "step2"]),
    );
  });

  it("does what is done in the oven at its minute, the look as late as without", () => {
    const load = { tins: 2, firstLookMin: 28, likelyMin: 34 };
    const tasks = tasksOf(
      {
        ...LAYERS,
        loads: [
          {
            ...load,
            during: [
              { atMin: 10, doing: { what: "turn" } },
              { atMin: 10, doing: { what: "heat", dialC: 160 } },
              // Later than the first look: it is done at the last minute before it.
              { atMin: 31, doing: { what: "foil" } },
            ],
          },
        ],
      },
      0,
    );
    const times = scheduled({ tasks, wantedAt: [1000] });
    const from = (id: string): number => at(times, `0.${id}`).from - at(times, "0.bake1").from;
    expect(["in-oven1-1", "in-oven1-2", "bake-on1-2", "in-oven1-3", "look1"].map(from)).toEqual([
      10, 11, 12, 27, 28,
    ]);
    expect(tasks.find(({ id }) => id === "0.bake1")?.doing).toMatchObject({ until: "turn" });
    expect(tasks.some(({ id }) => id === "0.bake-on1-3")).toBe(false);
  });

  it("drops nothing of what is done late in the oven", () => {
    const during = ["foil", "turn", "swap"] as const;
    const tasks = tasksOf(
      {
        ...LAYERS,
        loads: [
          {
            tins: 2,
            firstLookMin: 28,
            likelyMin: 34,
            during: during.map((what) => ({ atMin: 30, doing: { what } })),
          },
        ],
      },
      0,
    );
    const times = scheduled({ tasks, wantedAt: [1000] });
    const since = at(times, "0.bake1").from;
    expect(during.map((_, index) => at(times, `0.in-oven1-${index + 1}`).from - since)).toEqual([
      25, 26, 27,
    ]);
    expect(at(times, "0.look1").from - since).toBe(28);
  });

  it("leaves it in the oven that is off, under a cloth and over night as asked", () => {
    const tasks = tasksOf(
      {
        ...LAYERS,
        offOvenMin: 20,
        isTurnedOnce: true,
        coldMin: 480,
        cools: { covered: true, overnight: true },
      },
      0,
    );
    const task = (id: string) => tasks.find((each) => each.id === `0.${id}`);
    expect(task("off-oven1")).toMatchObject({ minutes: 20, needs: ["oven"] });
    expect(task("off-oven1")?.after).toEqual([{ id: "0.look1", leastMin: 0, mostMin: 0 }]);
    expect(task("out1")?.after).toEqual([{ id: "0.off-oven1", leastMin: 0, mostMin: 0 }]);
    expect(task("turn-out1")?.doing).toEqual({ do: "turn-out", tins: 2, isOnce: true });
    expect(task("cool1")).toMatchObject({
      doing: { do: "cool", covered: true, overnight: true },
      minutes: 470,
    });
    // Nobody hurries what is left on purpose.
    expect(task("cool1")?.shorter ?? []).toEqual([]);
  });

  it("says when a batter can't wait for the second load", () => {
    const load = { tins: 1, firstLookMin: 28, likelyMin: 34 };
    expect([
      mayWait({ ...LAYERS, loads: [load, load] }),
      mayWait({ ...LAYERS, kind: "whisked", loads: [load, load] }),
      mayWait({ ...LAYERS, kind: "whisked" }),
    ]).toEqual([true, false, true]);
  });

  it("what rests needs no hands, and what is poured warm goes on in its window", () => {
    const rest = tasksOf({ ...LAYERS, steps: [rested(30)] }, 0).find(({ id }) => id === "0.step1");
    expect(rest).toMatchObject({ minutes: 30, needs: [] });
    const request = {
      tasks: tasksOf(
        {
          ...LAYERS,
          parts: [],
          hasFirstCoat: false,
          hasCoat: false,
          gaps: 0,
          pieces: 0,
          turnOutMin: null,
          pourAfterMin: [5, 15],
        },
        0,
      ),
      wantedAt: [900],
    };
    const schedule = scheduled(request);
    const lag = at(schedule, "0.pour1").from - at(schedule, "0.out1").to;
    expect([lag >= 5, lag <= 15]).toEqual([true, true]);
  });

  it("makes what the plan needs before it is used, and lets cool what is cooked", () => {
    const tasks = tasksOf(
      {
        ...LAYERS,
        gaps: 2,
        parts: [
          ...LAYERS.parts,
          usual("inside", "curd", 300),
          usual("poured", "pouring-ganache", 200),
        ],
      },
      0,
    );
    const after = (id: string): readonly string[] =>
      tasks.find((task) => task.id === `0.${id}`)?.after.map((link) => link.id.slice(2)) ?? [];
    // Curd: 18 min and 10 for each kilogram.
    expect(tasks.find(({ id }) => id === "0.filling")).toMatchObject({
      doing: { do: "make", what: "curd", massG: 300 },
      minutes: 21,
      needs: ["hands"],
    });
    expect(after("filling-cool")).toEqual(["filling"]);
    expect(after("split-and-fill")).toEqual(expect.arrayContaining(["filling-cool", "frosting"]));
    expect(after("pour-cold")).toEqual(["final-coat", "pouring-cool"]);
  });

  it("lets what is cooked of the recipe's own lines cool in the fridge, too", () => {
    const curd: DayPart = {
      goes: "inside",
      what: "curd",
      own: { id: "curd", name: "Curd", lines: 4, times: 1, steps: [] },
      spoils: true,
      usuallyMadeG: 320,
    };
    const tasks = tasksOf({ ...LAYERS, gaps: 1, parts: [...LAYERS.parts, curd] }, 0);
    const away = tasks.find(({ id }) => id === "0.into-fridge");
    // It waits in the fridge: nothing binds putting the cake away to when it was made.
    expect(away?.after.some(({ id }) => id === "0.filling")).toBe(false);
    expect(tasks.some(({ id }) => id === "0.filling-cool")).toBe(true);
  });

  it("makes a part by its recipe's own steps, weighed first, and puts a syrup on while the cake is warm", () => {
    const own = (goes: DayPart["goes"], name: string, steps: readonly MethodStep[]): DayPart => ({
      goes,
      what: null,
      own: { id: name, name, lines: 3, times: 2, steps },
    });
    const stirred = (text: string): MethodStep => ({ ...byHand(text, 4), usesMixer: false });
    const tasks = tasksOf(
      {
        ...LAYERS,
        parts: [
          ...LAYERS.parts,
          own("onto-warm", "Syrup", [stirred("Simmer"), stirred("Brush it over")]),
          own("before-oven", "Crumble", [stirred("Rub")]),
          own("inside", "Cream", [byHand("Whip", 4), rested(30)]),
        ],
      },
      0,
    );
    const task = (id: string): Task | undefined => tasks.find((each) => each.id === `0.${id}`);
    expect(task("syrup-weigh")).toMatchObject({
      doing: { do: "weigh", lines: 3, part: { id: "Syrup", times: 2 } },
    });
    expect(task("syrup-onto")?.after).toEqual([
      { id: "0.syrup-step1", leastMin: 0, mostMin: null },
      { id: "0.out1", leastMin: 0, mostMin: 20 },
    ]);
    expect(task("bake1")?.after.map(({ id }) => id)).toContain("0.topping-step1");
    expect(task("split-and-fill")?.after.map(({ id }) => id)).toContain("0.filling-step2");
    const schedule = scheduled({ tasks, wantedAt: [900] });
    expectKept({ tasks, wantedAt: [900] }, schedule);
    expect(at(schedule, "0.syrup-onto").from - at(schedule, "0.out1").to).toBeLessThanOrEqual(20);
  });

  it("melts and toasts what lines say, and toasts in an oven that is warm for it", () => {
    const toast: MethodStep = {
      text: "Toast the nuts at 170 °C for 10 minutes",
      minutes: 10,
      isWait: true,
      usesMixer: false,
      ovenC: 170,
    };
    const tasks = tasksOf(
      {
        ...LAYERS,
        prepares: [
          { how: "melt", name: "butter", cools: true },
          { how: "toast", name: "hazelnuts", cools: false },
        ],
        steps: [toast, byHand("Cream", 5)],
      },
      0,
    );
    const schedule = scheduled({ tasks, wantedAt: [900] });
    expectKept({ tasks, wantedAt: [900] }, schedule);
    expect(at(schedule, "0.step1").from).toBe(at(schedule, "0.warm-up1").to);
    expect(at(schedule, "0.step1").to).toBeLessThanOrEqual(at(schedule, "0.warm-up").from);
    expect(at(schedule, "0.prepare1-cool").from).toBe(at(schedule, "0.prepare1").to);
    expect(at(schedule, "0.step1").from).toBeGreaterThanOrEqual(at(schedule, "0.prepare2").to);
  });

  it("goes on with what is being mixed, up to the tins", () => {
    const schedule = scheduled({
      tasks: tasksOf(
        { ...LAYERS, steps: [byHand("Cream", 5), byHand("Eggs", 6), byHand("Flour", 3)] },
        0,
      ),
      wantedAt: [900],
      away: [{ from: 660, to: 720 }],
    });
    const [one, two, three, fill] = ["step1", "step2", "step3", "fill"].map((id) =>
      at(schedule, `0.${id}`),
    );
    expect([two?.from, three?.from, fill?.from]).toEqual([one?.to, two?.to, three?.to]);
  });

  it("has what spoils in the fridge within two hours of when it was made", () => {
    const cold = tasksOf(
      { ...LAYERS, parts: [usual("over", "cream-cheese", 600)], pieces: 900 },
      0,
    );
    const schedule = scheduled({ tasks: cold, wantedAt: [900] });
    expect(at(schedule, "0.into-fridge").from - at(schedule, "0.frosting").to).toBeLessThanOrEqual(
      120,
    );
    expect(at(schedule, "0.into-fridge").from).toBeGreaterThanOrEqual(
      at(schedule, "0.final-coat").to,
    );
    expect(cold.find(({ id }) => id === "0.decorate")?.after.map(({ id }) => id)).toEqual([
      "0.into-fridge",
    ]);
    expect(ids({})).not.toContain("into-fridge");
  });
});

describe("the one bowl of the mixer", () => {
  const isWashedBetween = (tasks: readonly Task[], wantedAt: readonly number[]): void => {
    const schedule = scheduled({ tasks, wantedAt });
    // What each use of the bowl belongs to: the batter of a cake, or one of its parts.
    const useOf = ({ id, doing }: Task): string =>
      doing.do === "wash-bowl" ? "wash" : id.replace(/-?step\d+$/u, "");
    const uses = tasks
      .filter(({ needs }) => needs.includes("mixer"))
      .toSorted((one, other) => at(schedule, one.id).from - at(schedule, other.id).from)
      .map(useOf);
    uses.slice(1).forEach((use, index) => {
      if (use !== "wash" && uses[index] !== "wash") expect(use).toBe(uses[index]);
    });
    expect(new Set(uses).size).toBeGreaterThan(2);
  };

  it("is washed between batter, filling and frosting", () => {
    isWashedBetween(
      tasksOf(
        {
          ...LAYERS,
          steps: [byHand("Cream", 5), byHand("Eggs", 6)],
          parts: [usual("inside", "whipped-cream", 250), ...LAYERS.parts],
        },
        0,
      ),
      [900],
    );
  });

  it("is washed between two cakes of a day", () => {
    const other: DayCake = {
      ...LAYERS,
      kind: "pound",
      steps: [byHand("Cream", 8), byHand("Flour", 4)],
      parts: [],
    };
    isWashedBetween([...tasksOf(LAYERS, 0, true), ...tasksOf(other, 1, true)], [900, 960]);
  });

  it("needs no washing where it is used once", () => {
    for (const day of [{ ...LAYERS, parts: [] }, { ...LAYERS, kind: "oil" } as const])
      expect(tasksOf(day, 0).some(({ doing }) => doing.do === "wash-bowl")).toBe(false);
  });
});

/** Any cake that a plan might ask for. */
const anyCake: fc.Arbitrary<DayCake> = fc
  .record({
    kind: fc.constantFrom("creamed", "oil", "whisked", "chiffon", "pound", "baked-cheese"),
    loads: fc.integer({ min: 1, max: 2 }),
    steps: fc.array(
      fc.oneof(
        fc.constant(byHand("Beat", 5)),
        fc.constant({ ...byHand("Fold", 3), usesMixer: false }),
        fc.constant(rested(20)),
        fc.constant({ ...rested(10), ovenC: 170 }),
      ),
      { maxLength: 5 },
    ),
    parts: fc.uniqueArray(
      fc.record({
        goes: fc.constantFrom("inside", "over", "poured", "onto-warm", "before-oven", "on-top"),
        what: fc.constantFrom(...MADE),
        isOwn: fc.boolean(),
      }),
      { maxLength: 4, selector: ({ goes }) => goes },
    ),
    prepares: fc.array(
      fc.record({
        how: fc.constantFrom("melt", "toast"),
        name: fc.constant("butter"),
        cools: fc.boolean(),
      }),
      { maxLength: 2 },
    ),
    gaps: fc.integer({ min: 0, max: 3 }),
    pieces: fc.integer({ min: 0, max: 80 }),
    hasFirstCoat: fc.boolean(),
    isPouredWarm: fc.boolean(),
    turnsOut: fc.boolean(),
  })
  .map(({ loads, parts, isPouredWarm, turnsOut, ...rest }) => ({
    ...LAYERS,
    ...rest,
    loads: Array.from({ length: loads }, () => ({ tins: 1, firstLookMin: 28, likelyMin: 34 })),
    turnOutMin: turnsOut ? 10 : null,
    pourAfterMin: isPouredWarm ? ([5, 15] as const) : null,
    // What spoils is neither baked nor poured.
    parts: parts
      .map(({ goes, what: any, isOwn }) => ({
        goes,
        isOwn,
        what: goes === "inside" || goes === "over" ? any : ("water-icing" as const),
      }))
      .map(({ goes, what, isOwn }): DayPart => {
        const own: OwnPart = {
          id: goes,
          name: "Part",
          lines: 2,
          times: 1,
          steps: [byHand("Beat", 4), { ...byHand("Put it on", 3), usesMixer: false }],
        };
        return isOwn || goes === "onto-warm"
          ? { goes, what: null, own }
          : { goes, what, massG: 300, own: null };
      }),
  }));

it("any cake has a day that keeps to everything, alone or beside another", () => {
  fc.assert(
    fc.property(anyCake, anyCake, fc.boolean(), (one, other, isAlone) => {
      const tasks = isAlone
        ? tasksOf(one, 0)
        : [...tasksOf(one, 0, true), ...tasksOf(other, 1, true)];
      const wantedAt = isAlone ? [900] : [900, 1000];
      expectKept({ tasks, wantedAt }, scheduled({ tasks, wantedAt }));
    }),
    { numRuns: 150, seed: 31 },
  );
});
