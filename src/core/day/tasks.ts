import { KIND_FACTS, type BatterKind } from "../kind";
import { methodOf, usesOfBowl, type DayCake, type DayPart } from "./day-cake";
import { isKeptCold, MAKING, SAFE_OUT_MIN, type Made } from "./making";
import {
  bowlFor,
  CUBES,
  partsMade,
  SOFTEN_MIN,
  WEIGH_LINE_MIN,
  type MixerBowl,
  type MadePart,
} from "./parts-made";
import { hands, next, STEP_MIN, taskList, type TaskList } from "./task-list";
import type { TaskLink, Shorter, Task } from "./task";

/**
 * How long hands take. Judgement from household practice; what this baker takes is learnt in time.
 */
const TAKES = {
  prepareTinMin: 3,
  tinS: 40,
  takeOutMin: 1,
  turnOutTinMin: 2,
  splitMin: 2,
  fillGapMin: 3,
  firstCoatMin: 8,
  chillCoatMin: 20,
  chillCoatFreezerMin: 8,
  finalCoatMin: 12,
  topMin: 6,
  pieceS: 5,
  pourWarmTinMin: 2,
  pourMin: 5,
  intoFridgeMin: 1,
  meltMin: 5,
  toastMin: 10,
  coolIngredientMin: 20,
} as const;
/** Creamed with butter that has to be soft. */
/** Batters that begin with soft butter. */
export const SOFT_BUTTER: readonly BatterKind[] = ["creamed", "pound", "rich-fruit"];
/** A cake may stay so much longer in its tin, minutes. */
const TIN_WAITS_MIN = 10;

/**
 * The day's tasks of one cake, each with what must come before it. All hands-on times are whole
 * minutes, at least one. What is mixed is gone on with at once up to the tins, and the mixer's one
 * bowl is washed before it is used again.
 * @param cake its place among the day's cakes, which is part of every id
 * @param isBowlShared whether another cake of the day needs the mixer's bowl too
 */
export function tasksOf(day: DayCake, cake: number, isBowlShared = false): readonly Task[] {
  const list = taskList(cake, day.warmUpMin);
  const bowl = bowlFor(list, usesOfBowl(day), isBowlShared);
  const toppings = partsMade(list, day, bowl, "before-batter");
  const filled = batterInTins(list, day, bowl);
  const made = [...toppings, ...partsMade(list, day, bowl, "after-batter")];
  const outs = baked(list, day, filled, readyFor(made, "before-oven"));
  finished(list, day, made, cooled(list, day, outs, readyFor(made, "poured")));
  return list.tasks;
}

const readyFor = (
  made: readonly MadePart[],
  ...goes: readonly DayPart["goes"][]
): readonly TaskLink[] =>
  made.filter(({ part }) => goes.includes(part.goes)).flatMap(({ ready }) => ready);

/** How long full tins may wait, minutes: as long as the batter may, and what is put on it takes. */
function waitsFor({ kind, filledSteps }: DayCake): number {
  return (
    KIND_FACTS[kind].waitsMin +
    filledSteps.reduce((sum, { minutes }) => sum + (minutes ?? STEP_MIN), 0)
  );
}

/**
 * From soft butter to full tins.
 * @returns the id of filling them, and what has to be over before they go in
 */
function batterInTins(
  list: TaskList,
  day: DayCake,
  bowl: MixerBowl,
): { readonly filled: string; readonly ready: readonly TaskLink[] } {
  const soft = SOFT_BUTTER.includes(day.kind)
    ? [
        next(
          list.add(
            "soften",
            "mix",
            { do: "soften-butter", for: "batter" },
            SOFTEN_MIN,
            [],
            [],
            CUBES,
            day.words.soften,
          ),
        ),
      ]
    : [];
  const tins = list.add(
    "tins",
    "mix",
    { do: "prepare-tins", tins: day.tins },
    hands(TAKES.prepareTinMin * day.tins),
    ["hands"],
    [],
    [],
    day.words.tins,
  );
  const floor =
    day.floorPieces === 0
      ? []
      : [
          next(
            list.add(
              "floor",
              "fill",
              { do: "lay-floor", pieces: day.floorPieces },
              hands((TAKES.pieceS * day.floorPieces) / 60),
              ["hands"],
              [next(tins)],
            ),
          ),
        ];
  const weighed =
    day.lines === 0
      ? []
      : [
          next(
            list.add(
              "weigh",
              "mix",
              { do: "weigh", lines: day.lines },
              hands(WEIGH_LINE_MIN * day.lines),
              ["hands"],
              [],
            ),
          ),
        ];
  const prepared = day.prepares.map(({ how, name, cools }, index) => {
    const done = list.add(
      `prepare${index + 1}`,
      "mix",
      { do: "prepare-ingredient", how, name },
      how === "melt" ? TAKES.meltMin : TAKES.toastMin,
      ["hands"],
      weighed,
    );
    return next(
      cools
        ? list.add(
            `prepare${index + 1}-cool`,
            "mix",
            { do: "cool-ingredient", name },
            TAKES.coolIngredientMin,
            [],
            [next(done, 0, 0)],
          )
        : done,
    );
  });
  const method = methodOf(day);
  const isInBowl = method.some(({ usesMixer }) => usesMixer);
  const mixed = list.addSteps("", "mix", method, [
    ...soft,
    ...weighed,
    ...prepared,
    ...(isInBowl ? bowl.clean() : []),
  ]);
  const filled = list.add(
    "fill",
    "fill",
    { do: "fill", tins: day.tins },
    hands((TAKES.tinS * day.tins) / 60),
    ["hands"],
    [next(mixed, 0, list.isByHand(mixed) ? 0 : null), next(tins), ...floor],
    [],
    day.words.fill,
  );
  if (isInBowl) bowl.emptied("wash", "mix", filled);
  const onIt =
    day.filledSteps.length === 0
      ? []
      : [next(list.addSteps("onto-", "fill", day.filledSteps, [next(filled)]))];
  return { filled, ready: [next(filled, 0, waitsFor(day)), ...onIt] };
}

/**
 * Load after load, in an oven that is warm when the first goes in.
 * @returns the ids of taking each out
 */
function baked(
  list: TaskList,
  day: DayCake,
  { filled, ready }: ReturnType<typeof batterInTins>,
  toppings: readonly TaskLink[],
): readonly string[] {
  let before = next(
    list.add(
      "warm-up",
      "bake",
      { do: "warm-up", ovenC: day.ovenC },
      day.warmUpMin,
      ["oven"],
      [],
      [],
      day.words.warmUp,
    ),
    0,
    0,
  );
  return day.loads.map(({ tins, firstLookMin, likelyMin }, index) => {
    const which = { load: index + 1, loads: day.loads.length };
    const full = index === 0 ? [...ready, ...toppings] : [next(filled)];
    const shut = list.add(
      `bake${index + 1}`,
      "bake",
      { do: "bake", tins, ...which },
      firstLookMin,
      ["oven"],
      [before, ...full],
      [],
      day.words.bake,
    );
    const on = list.add(
      `look${index + 1}`,
      "bake",
      { do: "look-and-bake-on", ...which, tins },
      Math.max(1, likelyMin - firstLookMin),
      ["oven"],
      [next(shut, 0, 0)],
    );
    const out = list.add(
      `out${index + 1}`,
      "bake",
      { do: "take-out", ...which },
      TAKES.takeOutMin,
      ["hands"],
      [next(on, 0, 0)],
    );
    // The next load goes in when this one is out, not when a look has said that it may be.
    before = next(out, 0, 0);
    return out;
  });
}

/** Poured over while it is warm, turned out, and cold. @returns what is over when all is cold */
function cooled(
  list: TaskList,
  day: DayCake,
  outs: readonly string[],
  poured: readonly TaskLink[],
): readonly TaskLink[] {
  const { turnOutMin, pourAfterMin, words } = day;
  const last = outs.at(-1);
  if (last !== undefined && day.hotSteps.length > 0)
    list.addSteps("hot-", "cool", day.hotSteps, [next(last, 0, HOT_MIN)]);
  const cold = outs.flatMap((out, index): readonly TaskLink[] => {
    const tins = day.loads[index]?.tins ?? 1;
    const pour =
      pourAfterMin === null
        ? []
        : [
            next(
              list.add(
                `pour${index + 1}`,
                "finish",
                { do: "pour-warm" },
                hands(TAKES.pourWarmTinMin * tins),
                ["hands"],
                [next(out, ...pourAfterMin), ...poured],
              ),
            ),
          ];
    const turned =
      turnOutMin === null
        ? out
        : list.add(
            `turn-out${index + 1}`,
            "cool",
            { do: "turn-out", tins },
            hands(TAKES.turnOutTinMin * tins),
            ["hands"],
            [next(out, turnOutMin, turnOutMin + TIN_WAITS_MIN)],
            [],
            words.cool,
          );
    return [
      ...pour,
      next(
        day.keptCold === "cake"
          ? cooledInFridge(list, day, index, out, turned)
          : cooledInRoom(list, day, index, turned),
      ),
    ];
  });
  return day.coldSteps.length === 0
    ? cold
    : [...cold, next(list.addSteps("cold-", "finish", day.coldSteps, cold))];
}

/** What a recipe does to a hot cake begins within so long of the oven, minutes. */
const HOT_MIN = 30;

function cooledInRoom(list: TaskList, day: DayCake, index: number, turned: string): string {
  const inTinMin = day.turnOutMin ?? 0;
  const colder: readonly Shorter[] = [
    { way: "cool-in-fridge", minutes: Math.max(1, day.coldFridgeMin - inTinMin) },
    { way: "cool-in-freezer", minutes: Math.max(1, day.coldFreezerMin - inTinMin) },
  ];
  return list.add(
    `cool${index + 1}`,
    "cool",
    { do: "cool" },
    Math.max(1, day.coldMin - inTinMin),
    [],
    [next(turned, 0, 0)],
    colder,
    day.turnOutMin === null ? day.words.cool : "",
  );
}

/** Minutes before the end of its hours in the room that a cake which spoils is put away. */
const BEFORE_ITS_HOURS_MIN = 20;

/**
 * A cake that spoils by itself goes to the fridge within its hours in the room, and gets cold
 * there.
 */
function cooledInFridge(
  list: TaskList,
  day: DayCake,
  index: number,
  out: string,
  turned: string,
): string {
  const inTinMin = day.turnOutMin ?? 0;
  const inRoomMin = Math.min(day.coldMin, SAFE_OUT_MIN - BEFORE_ITS_HOURS_MIN);
  const cool = list.add(
    `cool${index + 1}`,
    "cool",
    { do: "cool" },
    Math.max(1, inRoomMin - inTinMin),
    [],
    [next(turned, 0, 0)],
    [],
    day.turnOutMin === null ? day.words.cool : "",
  );
  const away = list.add(
    `into-fridge${index + 1}`,
    "cool",
    { do: "into-fridge", what: "cake" },
    TAKES.intoFridgeMin,
    ["hands"],
    [next(cool), next(out, 0, SAFE_OUT_MIN)],
  );
  return list.add(
    `chill${index + 1}`,
    "cool",
    { do: "chill-cake" },
    Math.max(1, day.coldFridgeMin - inRoomMin),
    [],
    [next(away, 0, 0)],
  );
}

/** Filled, coated, poured over, kept cold and decorated. */
function finished(
  list: TaskList,
  day: DayCake,
  made: readonly MadePart[],
  cold: readonly TaskLink[],
): void {
  const over = readyFor(made, "over");
  let last: readonly TaskLink[] = [...cold, ...readyFor(made, "onto-warm", "inside")];
  if (day.gaps > 0)
    last = [
      next(
        list.add(
          "split-and-fill",
          "build",
          { do: "split-and-fill", gaps: day.gaps },
          hands(TAKES.splitMin * Math.max(0, day.splits - 1) + TAKES.fillGapMin * day.gaps),
          ["hands"],
          [...last, ...over],
          [],
          day.words.build,
        ),
      ),
    ];
  if (day.hasFirstCoat) {
    last = [
      next(
        list.add(
          "first-coat",
          "finish",
          { do: "first-coat" },
          TAKES.firstCoatMin,
          ["hands"],
          [...last, ...over],
          [{ way: "no-first-coat", minutes: 0 }],
        ),
      ),
    ];
    last = [
      next(
        list.add("chill-coat", "finish", { do: "chill-coat" }, TAKES.chillCoatMin, [], last, [
          { way: "no-first-coat", minutes: 0 },
          { way: "coat-in-freezer", minutes: TAKES.chillCoatFreezerMin },
        ]),
      ),
    ];
  }
  if (over.length > 0)
    last = [
      next(
        list.add(
          "final-coat",
          "finish",
          { do: "final-coat" },
          day.hasCoat ? TAKES.finalCoatMin : TAKES.topMin,
          ["hands"],
          [...last, ...over],
          [],
          day.words.finish,
        ),
      ),
    ];
  const poured = made.find(({ part }) => part.goes === "poured" && part.what !== null)?.part.what;
  if (poured != null && day.pourAfterMin === null)
    last = [
      next(
        list.add(
          "pour-cold",
          "finish",
          { do: "pour-cold", what: poured },
          TAKES.pourMin,
          ["hands"],
          [...last, ...readyFor(made, "poured")],
        ),
      ),
    ];
  const spoiling = made.flatMap(({ part, last: id }) =>
    spoils(part)
      ? [
          {
            what: part.what ?? ("cake" as const),
            id,
            isCooled: part.own === null && MAKING[part.what].coolMin > 0,
          },
        ]
      : [],
  );
  last = intoFridge(list, spoiling, [...last, ...readyFor(made, "on-top")]);
  if (day.pieces > 0)
    last = [
      next(
        list.add(
          "decorate",
          "finish",
          { do: "decorate", pieces: day.pieces },
          hands((TAKES.pieceS * day.pieces) / 60),
          ["hands"],
          last,
          [{ way: "no-pieces", minutes: 0 }],
        ),
      ),
    ];
  // What is put on last, or onto a cake that spoils by itself, goes back to the fridge with it.
  const isPutOn = last.some(({ id }) => !cold.some((link) => link.id === id));
  if (day.keptCold !== null && spoiling.length === 0 && isPutOn)
    intoFridge(
      list,
      last.map(({ id }) => ({ what: "cake" as const, id, isCooled: false })),
      last,
    );
}

function spoils(part: DayPart): boolean {
  if (part.own !== null && part.spoils === true) return true;
  return part.what !== null && isKeptCold(part.what);
}

/**
 * What is put on that spoils: the task it was made by, and whether that cooled it in the fridge.
 */
type Spoiling = { readonly what: Made | "cake"; readonly id: string; readonly isCooled: boolean };

/**
 * What spoils is not out for longer than is safe, from when it was made until the cake stands cold;
 * what is cooked cools in the fridge and waits there.
 */
function intoFridge(
  list: TaskList,
  spoiling: readonly Spoiling[],
  last: readonly TaskLink[],
): readonly TaskLink[] {
  const [first] = spoiling;
  if (first === undefined) return last;
  const within = spoiling
    .filter(({ isCooled }) => !isCooled)
    .map(({ id }) => next(id, 0, SAFE_OUT_MIN));
  return [
    next(
      list.add(
        "into-fridge",
        "finish",
        { do: "into-fridge", what: first.what },
        TAKES.intoFridgeMin,
        ["hands"],
        [...last.filter(({ id }) => !within.some((link) => link.id === id)), ...within],
      ),
    ),
  ];
}
