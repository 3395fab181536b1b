import { describe, expect, it } from "vitest";
import {
  localMinute,
  scheduleDay,
  tasksOf,
  dayPlan,
  readDay,
  waysOut,
  type CakeOfDay,
} from "../day";
import { pantryOf } from "../pantry";
import { readRecipe, type Formula } from "../recipe";
import { bakeDoc, bakeTime, parseBakeDoc } from "../kept";
import { begunDay } from "../live";
import { coolDetail } from "./cool-detail";
import { dayCake } from "./day-detail";
import { FIRST_QUESTION, readQuestion, type Question } from "../ask";
import { planAnswer } from "./answer";
import { type Answer } from "./answer-schema";
import { planCake, type CakePlan } from "./plan";
import { workRecipe } from "./recipe-facts";
import { workRequest } from "./request";
import type { CakeInput } from "./input";

function planned(changes: Partial<Question>): {
  readonly input: CakeInput;
  readonly plan: CakePlan;
} {
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
    const { input, plan } = planned({
      tins: ["2 x 20 x 7 cm springform"],
      cover: "top-and-sides",
      build: { ...FIRST_QUESTION.build, splits: 2 },
      finish: { ...FIRST_QUESTION.finish, borders: [{ at: "top", style: "shell", widthMm: "" }] },
    });
    const day = dayCake(input, plan);
    const shells = plan.finish.quantities.find(({ piece }) => piece === "shell")?.count ?? 0;
    expect(day).toMatchObject({
      tins: 2,
      gaps: 3,
      splits: 2,
      hasFirstCoat: true,
      pieces: shells,
      warmUpMin: 15,
      loads: [{ tins: 2, firstLookMin: plan.bake.firstLookMin, likelyMin: plan.bake.likelyMin }],
    });
    expect(shells).toBeGreaterThan(30);
  });

  it("goes in loads where the shelf has no room for all", () => {
    const { input, plan } = planned({ tins: ["3 x 23 x 7 cm springform"] });
    const oven = { shelf: { widthMm: 445, depthMm: 360, atOnce: 1, clearMm: 300 } };
    expect(
      dayCake({ ...input, oven }, plan)
        .loads.map(({ tins }) => tins)
        .reduce((sum, tins) => sum + tins, 0),
    ).toBe(3);
    expect(dayCake({ ...input, oven }, plan).loads.length).toBeGreaterThan(1);
    expect(dayCake({ ...input, oven }, plan).tooLarge).toEqual([]);
  });

  it("says which tins the shelf has no room for, and still has hours for all", () => {
    const { input, plan } = planned({ tins: ["2 x 12 x 5 cm round", "2 x 30 x 5 cm round"] });
    const small = dayCake(
      { ...input, oven: { shelf: { widthMm: 280, depthMm: 260, atOnce: 1, clearMm: 200 } } },
      plan,
    );
    expect(small.tooLarge).toEqual([1]);
    expect(small.loads.reduce((sum, { tins }) => sum + tins, 0)).toBe(4);
    expect(small.loads.at(-1)).toMatchObject({ tins: 2, likelyMin: plan.bake.tins[1]?.likelyMin });
  });

  it("makes the batter by its recipe's own steps, resting without hands", () => {
    const doc = readRecipe(
      "Rested cakes\n\n200 g butter\n200 g sugar\n4 eggs\n200 g flour\n\n1. Heat the oven to 180 °C.\n2. Cream the butter and sugar for 5 minutes.\n3. Fold in the flour.\n4. Rest the batter for 30 minutes.\n5. Bake for 30 minutes.",
      pantryOf(),
    );
    if (!doc.ok) throw new Error("no recipe");
    const { input, plan } = planned({});
    const { steps, lines } = dayCake(input, plan, workRecipe(doc.value.doc, pantryOf()).formula);
    expect(lines).toBe(4);
    expect(steps.map(({ minutes, isWait }) => [minutes, isWait])).toEqual([
      [5, false],
      [null, false],
      [30, true],
    ]);
  });

  const worked = (text: string): Formula => {
    const doc = readRecipe(text, pantryOf());
    if (!doc.ok) throw new Error("no recipe");
    return workRecipe(doc.value.doc, pantryOf()).formula;
  };
  const RICH = worked(`# Quay layers

## Ingredients

### Batter:

- 100 g hazelnuts, toasted
- 200 g butter, melted and cooled
- 200 g sugar
- 4 eggs
- 200 g flour

### Lemon filling:

- 200 g cream cheese
- 40 g icing sugar

### Syrup:

- 60 g sugar
- 60 ml water

### Crumble topping:

- 40 g flour
- 25 g butter

## Method

### Batter:

1. Beat the eggs and sugar on high speed for 6 minutes.
2. Fold in the butter, the flour and the nuts.
3. Toast some coconut at 170 °C for 8 minutes, then leave it to cool for 15 minutes.

### Lemon filling:

1. Beat the cream cheese and icing sugar for 2 minutes.

### Syrup:

1. Simmer the sugar and water for 4 minutes.
2. Brush it over while the cake is warm.

### Crumble topping:

1. Rub the butter into the flour, and scatter over before baking.
`);

  it("makes all that it needs: by the recipe's own parts where she says so, else the usual way", () => {
    const { input, plan } = planned({
      tins: ["2 x 20 x 5 cm round"],
      cover: "top-and-sides",
      build: { ...FIRST_QUESTION.build, filling: "cream-cheese", fillingMm: "5 mm" },
    });
    const filling = RICH.parts.find(({ part }) => part.name === "Lemon filling");
    const usual = dayCake(input, plan, RICH).parts;
    const own = dayCake(input, plan, RICH, { part: "", fillingPart: filling?.part.id ?? "" }).parts;
    const neededG = plan.finish.batches.find(({ stuff }) => stuff === "cream-cheese")?.massG ?? 0;
    expect(neededG).toBeGreaterThan(50);
    expect(usual.map(({ goes, what, own: part }) => [goes, what, part?.name ?? null])).toEqual(
      expect.arrayContaining([
        ["inside", "cream-cheese", null],
        ["over", plan.finish.frosting, null],
        ["onto-warm", null, "Syrup"],
        ["before-oven", null, "Crumble topping"],
      ]),
    );
    const lemon = own.find(({ what }) => what === "cream-cheese");
    // 240 g are written.
    expect(lemon?.own).toMatchObject({
      name: "Lemon filling",
      lines: 2,
      steps: [{ minutes: 2, usesMixer: true, isWait: false }],
    });
    expect(lemon?.own?.times).toBeCloseTo(neededG / 240, 2);
    expect(own.find(({ goes }) => goes === "onto-warm")?.own?.times).toBe(plan.scale);
  });

  it("melts and toasts what its lines say, and toasts without hands in the oven", () => {
    const { input, plan } = planned({});
    const { prepares, steps } = dayCake(input, plan, RICH);
    expect(prepares).toEqual([{ how: "melt", name: "unsalted butter", cools: true }]);
    expect(
      steps.map(({ minutes, isWait, usesMixer, ovenC }) => [minutes, isWait, usesMixer, ovenC]),
    ).toEqual([
      [6, false, true, null],
      [null, false, false, null],
      [8, true, false, 170],
      [15, true, false, null],
    ]);
    expect(steps.at(-1)?.text).toBe("Leave it to cool for 15 minutes");
  });

  it("shares the bowl with another cake of the day only where both need it", () => {
    const { input, plan } = planned({ tins: ["2 x 20 x 5 cm round"] });
    const boxes = { ...FIRST_QUESTION.day, wantedAt: "2026-12-05T15:00" };
    const read = readDay(boxes);
    if (!read.ok || read.value === null) throw new Error("no hours");
    const of = { boxes, read: read.value };
    const bare = { ...dayCake(input, plan), parts: [], gaps: 0 };
    const washes = (...kinds: readonly ("creamed" | "oil")[]): number =>
      dayPlan(kinds.map((kind) => ({ ...of, cake: { ...bare, kind } }))).request.tasks.filter(
        ({ doing }) => doing.do === "wash-bowl",
      ).length;
    expect([washes("creamed"), washes("creamed", "creamed"), washes("creamed", "oil")]).toEqual([
      0, 2, 0,
    ]);
  });

  it("can be done on one day, however odd the cake", () => {
    const odd: readonly Partial<Question>[] = [
      { tins: ["12 cups"] },
      { tins: ["25 cm tube"], kind: "chiffon" },
      {
        tins: ["33 x 23 x 5 cm rectangle"],
        finish: { ...FIRST_QUESTION.finish, pour: "boiled-fudge" },
      },
      { tins: ["20 cm round", "12 cups", "22 x 11 cm loaf"] },
    ];
    for (const changes of odd) {
      const { input, plan } = planned(changes);
      expect(
        scheduleDay({ tasks: tasksOf(dayCake(input, plan), 0), wantedAt: [10_000] }),
      ).not.toBeNull();
    }
  });
});

describe("the hours of a day", () => {
  const hours = (changes: Partial<Question["day"]>): ReturnType<typeof readDay> =>
    readDay({ ...FIRST_QUESTION.day, wantedAt: "2026-12-05T15:00", ...changes });
  const minute = (text: string): number => new Date(text).getTime() / 60_000;

  it("are usual ones when nobody says: from seven to ten in the evening", () => {
    const day = hours({});
    expect(day.ok && day.value?.wantedAt).toBe(minute("2026-12-05T15:00"));
    expect(day.ok && day.value?.away).toContainEqual({
      from: minute("2026-12-04T22:00"),
      to: minute("2026-12-05T07:00"),
    });
    const early = hours({ from: "6", outFrom: "12:00", outTo: "13:30" });
    expect(early.ok && early.value?.away).toContainEqual({
      from: minute("2026-12-04T22:00"),
      to: minute("2026-12-05T06:00"),
    });
    expect(early.ok && early.value?.away).toContainEqual({
      from: minute("2026-12-05T12:00"),
      to: minute("2026-12-05T13:30"),
    });
    expect(hours({ wantedAt: "" })).toEqual({ ok: true, value: null });
  });

  it.each([
    [{ from: "dawn" }, "dayFrom"],
    [{ to: "6:00" }, "dayTo"],
    [{ outFrom: "12:00" }, "outTo"],
    [{ outFrom: "12:00", outTo: "11:00" }, "outTo"],
    [{ wantedAt: "soon" }, "wantedAt"],
  ] as const)("%j is no day: %s", (changes, path) => {
    expect(hours(changes)).toMatchObject({ ok: false, issue: { path } });
  });
});

describe("the day of cakes", () => {
  const layers = planned({ tins: ["2 x 20 x 5 cm round"], cover: "top-and-sides" });
  const cakeOf = (changes: Partial<Question["day"]>): CakeOfDay => {
    const boxes = { ...FIRST_QUESTION.day, wantedAt: "2026-12-05T15:00", ...changes };
    const read = readDay(boxes);
    if (!read.ok || read.value === null) throw new Error("no hours");
    return { cake: dayCake(layers.input, layers.plan), boxes, read: read.value };
  };
  const minute = (text: string): number => new Date(text).getTime() / 60_000;

  it("is baked the day before, or finished but for its pieces, where she splits it so", () => {
    const stations = (split: Question["day"]["split"]): readonly string[] => {
      const { request, schedule } = dayPlan([cakeOf({ split })]);
      const friday = schedule?.placed.filter(({ to }) => to <= minute("2026-12-04T22:00")) ?? [];
      return [
        ...new Set(
          friday.flatMap(({ id }) =>
            request.tasks.filter((task) => task.id === id).map(({ station }) => station),
          ),
        ),
      ];
    };
    expect(stations("one-go")).toEqual([]);
    expect(stations("baked-before")).toEqual(
      expect.arrayContaining(["mix", "fill", "bake", "cool"]),
    );
    expect(stations("baked-before")).not.toContain("finish");
    expect(stations("finished-before")).toContain("finish");
  });

  it("puts tasks where she moved them, and says which may not stand there any more", () => {
    const plain = dayPlan([cakeOf({})]);
    const weigh = plain.schedule?.placed.find(({ id }) => id === "0.tins");
    const moved = dayPlan([
      cakeOf({ moved: { tins: minute("2026-12-05T15:00") - (weigh?.from ?? 0) + 20 } }),
    ]);
    expect(moved.schedule?.placed.find(({ id }) => id === "0.tins")?.from).toBe(
      (weigh?.from ?? 0) - 20,
    );
    expect(dayPlan([cakeOf({ moved: { "final-coat": 600 } })]).left).toEqual(["0.final-coat"]);
  });

  it("is in one oven one load after the other, and in two at once; each is told which to put on", () => {
    const from = { id: "gas", name: "Gas oven" };
    const day = (...ovens: readonly CakeOfDay["oven"][]) => {
      const { request, schedule } = dayPlan(ovens.map((oven) => ({ ...cakeOf({}), oven })));
      const baked = [0, 1].map((cake) => {
        const placed = (name: string) =>
          schedule?.placed.find(({ id }) => id === `${cake}.${name}`) ?? { from: NaN, to: NaN };
        return { from: placed("warm-up").from, to: placed("look1").to };
      });
      return {
        isTogether:
          (baked[0]?.from ?? 0) < (baked[1]?.to ?? 0) &&
          (baked[1]?.from ?? 0) < (baked[0]?.to ?? 0),
        minutes: (schedule?.endsAt ?? NaN) - (schedule?.startsAt ?? NaN),
        told: request.tasks.flatMap(({ doing }) => (doing.do === "warm-up" ? [doing.in] : [])),
      };
    };
    const [one, other] = [day(from, from), day(from, { id: "small", name: "Small oven" })];
    expect(one).toMatchObject({ isTogether: false, told: [undefined, undefined] });
    expect(other).toMatchObject({ isTogether: true, told: ["Gas oven", "Small oven"] });
    expect(other.minutes).toBeLessThan(one.minutes);
    // Whose oven is not known stands in nobody else's way by chance: it has the first one's.
    expect(day(from, null)).toMatchObject({ isTogether: false });
    expect(day(from, { id: "small", name: "Small oven" }, null).told).toEqual([
      "Gas oven",
      "Small oven",
      undefined,
    ]);
  });

  it("that can't be done names what finds no place and the least change of each kind, and each does make it possible", () => {
    const { stuck, ways } = waysOut([
      cakeOf({ from: "14:30", to: "15:10", outFrom: "14:40", outTo: "15:00" }),
    ]);
    expect(stuck).not.toBeNull();
    expect(ways.map(({ change }) => change)).toEqual(expect.arrayContaining(["begin-earlier"]));
    const isPossible = (boxes: Partial<Question["day"]>): boolean =>
      dayPlan([cakeOf({ from: "14:30", to: "15:10", outFrom: "14:40", outTo: "15:00", ...boxes })])
        .schedule !== null;
    for (const way of ways) expect([way.change, isPossible(way.boxes)]).toEqual([way.change, true]);
    const earlier = ways.find(({ change }) => change === "begin-earlier");
    const byMin = earlier !== undefined && "byMin" in earlier ? earlier.byMin : 0;
    expect(
      isPossible({
        from: `${Math.floor((870 - byMin + 15) / 60)}:${String((870 - byMin + 15) % 60).padStart(2, "0")}`,
      }),
    ).toBe(false);
  });

  it("of a batter that rests for days is possible when it is wanted so much later, and not a quarter of an hour less", () => {
    // A day's work reaches back three days, to seven in the morning: 74 hours before nine. It is
    // weighed first and rests for 70, and the oven, the rack and the frosting come after seven that
    // morning.
    const resting = (changes: Partial<Question["day"]>): CakeOfDay => {
      const own = cakeOf({ wantedAt: "2026-12-05T09:00", ...changes });
      return {
        ...own,
        cake: {
          ...own.cake,
          lines: 8,
          steps: [{ text: "Rest", minutes: 4200, isWait: true, usesMixer: false, ovenC: null }],
        },
      };
    };
    expect(dayPlan([resting({})]).schedule).toBeNull();
    const later = waysOut([resting({})]).ways.find(({ change }) => change === "wanted-later");
    if (later === undefined || !("byMin" in later)) throw new Error("no later hour");
    expect(later.byMin).toBeGreaterThan(30);
    expect(later.byMin).toBeLessThan(360);
    expect(later.boxes.wantedAt).toBe(localMinute(minute("2026-12-05T09:00") + later.byMin));
    expect(dayPlan([resting(later.boxes)]).schedule).not.toBeNull();
    expect(
      dayPlan([resting({ wantedAt: localMinute(minute("2026-12-05T09:00") + later.byMin - 15) })])
        .schedule,
    ).toBeNull();
  });

  it("begins a bake that reads back the same, its endless hours away made finite", () => {
    const of = cakeOf({});
    const day = dayPlan([of]);
    if (day.schedule === null) throw new Error("no day");
    const doc = bakeDoc(
      [
        {
          id: "supper",
          name: "Supper",
          doc: { question: FIRST_QUESTION, recipe: null },
          ...layers,
        },
      ],
      day,
      day.schedule,
      { realMs: 1000, bakeMs: 5000, speed: 60 },
    );
    const back = parseBakeDoc(JSON.parse(JSON.stringify(doc)));
    expect(back).toEqual({ ok: true, value: JSON.parse(JSON.stringify(doc)) as unknown });
    expect(doc.cakes[0]?.tinsG).toHaveLength(2);
    expect(begunDay(doc).plannedFrom.get("0.weigh")).toBe(
      day.schedule.placed.find(({ id }) => id === "0.weigh")?.from,
    );
    expect(bakeTime(doc.clock, 3000)).toBe(5000 + 2000 * 60);
    expect(parseBakeDoc({ ...doc, clock: { realMs: 0, bakeMs: 0, speed: 0.5 } })).toMatchObject({
      ok: false,
      issue: { path: "clock.speed" },
    });
  });

  it("stands in the answer to a plan file, by the clock, and says why there when it can't be done", () => {
    const words = {
      caution: () => "",
      built: () => "",
      remark: () => "",
      doing: ({ do: what }: { readonly do: string }) => what,
    };
    const answer = (changes: Partial<Question["day"]>): Answer["day"] => {
      const given = planAnswer(
        layers.plan,
        workRequest({
          ...layers.input,
          day: { ...FIRST_QUESTION.day, wantedAt: "2026-12-05T15:00", ...changes },
        }),
        words,
      );
      if (!given.ok) throw new Error(JSON.stringify(given.issue));
      return given.value.day;
    };
    const day = answer({});
    expect(day?.tasks.at(-1)).toMatchObject({ text: "final-coat", needs: ["hands"] });
    expect(day?.tasks[0]?.from).toBe(day?.startsAt);
    expect(day?.gapMin).toBe(0);
    expect(answer({ from: "14:30", to: "15:10" })).toMatchObject({
      startsAt: null,
      tasks: [],
      ways: expect.arrayContaining([
        expect.objectContaining({ change: "begin-earlier" }),
      ]) as unknown,
    });
    const refused = planAnswer(
      layers.plan,
      workRequest({
        ...layers.input,
        day: { ...FIRST_QUESTION.day, wantedAt: "2026-12-05T15:00", from: "dawn" },
      }),
      words,
    );
    expect(refused).toMatchObject({ ok: false, issue: { path: "day.from" } });
  });
});
