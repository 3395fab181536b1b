import * as z from "../zod";
import { DURING, HEAT_SOURCES } from "../recipe";
import { ON_BATTER, ON_BATTER_THINGS } from "../fill";
import { DRESSED_WHEN, DRESSINGS } from "../finish";
import { MADE } from "./making";

/** The ovens a day's cakes are baked in; a third one takes its turn with the second. */
export const OVENS = ["oven", "second-oven"] as const;
/**
 * What one worker in one kitchen has one of. A load has its oven to itself; warming up counts as a
 * load.
 */
export const RESOURCES = ["hands", "mixer", ...OVENS] as const;
export type Resource = (typeof RESOURCES)[number];

/** A stretch of time in minutes; where they count from is the caller's. */
export type Stretch = { readonly from: number; readonly to: number };

const count = z.int().check(z.gte(0));
const ofLoads = { load: count, loads: count };

/** What is done, with what its words need. */
const DoingSchema = z.discriminatedUnion("do", [
  z.strictObject({
    do: z.literal("soften-butter"),
    for: z.enum(["batter", "frosting", "filling"]),
  }),
  /** With the oven's name where the day has more than one. */
  z.strictObject({ do: z.literal("warm-up"), ovenC: z.number(), in: z.optional(z.string()) }),
  /** With how many cups there are, where all are cups: they are lined with cases. */
  z.strictObject({ do: z.literal("prepare-tins"), tins: count, cups: z.optional(count) }),
  /**
   * The lines of a part of the recipe, so many times what is written; of the batter without one.
   */
  z.strictObject({
    do: z.literal("weigh"),
    lines: count,
    part: z.optional(z.strictObject({ id: z.string(), name: z.string(), times: z.number() })),
  }),
  /** What a line says has to be done with it first. */
  z.strictObject({
    do: z.literal("prepare-ingredient"),
    how: z.enum(["melt", "toast"]),
    name: z.string(),
  }),
  z.strictObject({ do: z.literal("cool-ingredient"), name: z.string() }),
  z.strictObject({ do: z.literal("step"), text: z.string(), isWait: z.boolean() }),
  /** Fruit laid on the floors of the tins, under the batter. */
  z.strictObject({ do: z.literal("lay-floor"), pieces: count }),
  /** Put under, in or on raw batter, or between two halves of it. */
  z.strictObject({
    do: z.literal("lay"),
    where: z.enum(ON_BATTER),
    what: z.optional(z.enum(ON_BATTER_THINGS)),
    called: z.optional(z.string()),
    massG: z.number(),
  }),
  /** So much of the batter into a bowl of its own, and something stirred in. */
  z.strictObject({
    do: z.literal("divide-batter"),
    batterG: z.number(),
    called: z.optional(z.string()),
    massG: z.optional(z.number()),
  }),
  z.strictObject({ do: z.literal("swirl") }),
  z.strictObject({
    do: z.literal("fill"),
    tins: count,
    cups: z.optional(z.strictObject({ count, eachG: z.number(), eachMl: z.number() })),
  }),
  z.strictObject({ do: z.literal("wash-bowl") }),
  /** By what, where that is no oven; until what is done to it in there, else until a look. */
  z.strictObject({
    do: z.literal("bake"),
    tins: count,
    ...ofLoads,
    by: z.optional(z.enum(HEAT_SOURCES)),
    until: z.optional(z.enum(DURING)),
  }),
  /** Done to what is in the oven; its dial where that is set to another heat. */
  z.strictObject({
    do: z.literal("in-oven"),
    what: z.enum(DURING),
    tins: count,
    ...ofLoads,
    dialC: z.optional(z.number()),
    called: z.optional(z.string()),
    ifNeeded: z.optional(z.boolean()),
  }),
  z.strictObject({ do: z.literal("bake-on"), ...ofLoads, until: z.optional(z.enum(DURING)) }),
  /**
   * Each of its tins is looked at for itself; one look for all where nobody said how many there
   * are.
   */
  z.strictObject({ do: z.literal("look-and-bake-on"), ...ofLoads, tins: z.optional(count) }),
  z.strictObject({ do: z.literal("take-out"), ...ofLoads }),
  /** Left in the oven that is switched off. */
  z.strictObject({ do: z.literal("off-oven"), ...ofLoads }),
  /** Over onto a board, and right way up again unless it stays as it fell. */
  z.strictObject({
    do: z.literal("turn-out"),
    tins: count,
    /** Lifted out of its tray, not turned over. */ isCups: z.optional(z.boolean()),
    isOnce: z.optional(z.boolean()),
  }),
  z.strictObject({
    do: z.literal("cool"),
    /** In its tin, not on the rack. */ inTin: z.optional(z.boolean()),
    covered: z.optional(z.boolean()),
    overnight: z.optional(z.boolean()),
  }),
  z.strictObject({ do: z.literal("pour-warm") }),
  /** By its recipe's name, where it is made from the recipe's lines. */
  z.strictObject({
    do: z.literal("make"),
    what: z.enum(MADE),
    massG: z.number(),
    called: z.optional(z.string()),
  }),
  z.strictObject({ do: z.literal("cool-made"), what: z.enum(MADE) }),
  z.strictObject({
    do: z.literal("split-and-fill"),
    gaps: count,
    /** Unrolled, spread, and rolled up again. */ isRolled: z.optional(z.boolean()),
    /** Its layers are split first. */ isSplit: z.optional(z.boolean()),
  }),
  z.strictObject({ do: z.literal("roll-warm"), rolls: count }),
  z.strictObject({ do: z.literal("first-coat") }),
  z.strictObject({ do: z.literal("chill-coat") }),
  z.strictObject({ do: z.literal("final-coat") }),
  z.strictObject({ do: z.literal("pour-cold"), what: z.enum(MADE) }),
  /** Put on at a time of its own; pieces are counted on each cake. */
  z.strictObject({
    do: z.literal("dress"),
    what: z.enum(DRESSINGS),
    when: z.enum(DRESSED_WHEN),
    called: z.optional(z.string()),
    massG: z.number(),
    pieces: z.nullable(z.number()),
    isPoked: z.optional(z.boolean()),
  }),
  /** What is on it, or the cake itself, spoils in the room. */
  z.strictObject({ do: z.literal("into-fridge"), what: z.enum([...MADE, "cake"]) }),
  z.strictObject({ do: z.literal("chill-cake") }),
  z.strictObject({ do: z.literal("decorate"), pieces: count }),
]);
export type Doing = Readonly<z.infer<typeof DoingSchema>>;

const STATIONS_OF_DAY = ["mix", "fill", "bake", "cool", "build", "finish", "serve"] as const;
export type TaskStation = (typeof STATIONS_OF_DAY)[number];

/**
 * When a task may begin after another has ended, minutes; as long after as may be when there is no
 * most.
 */
const LinkSchema = z.strictObject({
  id: z.string(),
  leastMin: z.number(),
  mostMin: z.nullable(z.number()),
});
export type TaskLink = Readonly<z.infer<typeof LinkSchema>>;

/** Ways to save time on a late day. */
export const SHORTCUTS = [
  "butter-in-cubes",
  "cool-in-fridge",
  "cool-in-freezer",
  "coat-in-freezer",
  "no-first-coat",
  "no-pieces",
] as const;
export type Shortcut = (typeof SHORTCUTS)[number];
/** What a task takes when it is done that way, minutes; 0 when it is left out. */
const ShorterSchema = z.strictObject({
  way: z.enum(SHORTCUTS),
  minutes: z.number().check(z.gte(0)),
});
export type Shorter = Readonly<z.infer<typeof ShorterSchema>>;

/** One piece of the day's work. Whole minutes. */
export const TaskSchema = z.strictObject({
  id: z.string().check(z.minLength(1), z.maxLength(60)),
  /** The cake's place among the day's. */
  cake: count,
  station: z.enum(STATIONS_OF_DAY),
  doing: DoingSchema,
  minutes: count,
  /** The recipe's own words for it. */
  words: z.optional(z.string().check(z.maxLength(2000))),
  /** Held from beginning to end. */
  needs: z.readonly(z.array(z.enum(RESOURCES))),
  after: z.readonly(z.array(z.readonly(LinkSchema))),
  /**
   * How it could be done in less time, at some cost to the cake; all tasks of a cake that share a
   * way go together.
   */
  shorter: z.optional(z.readonly(z.array(z.readonly(ShorterSchema)))),
});
export type Task = Readonly<z.infer<typeof TaskSchema>>;

/**
 * Tasks bound to each other to the minute, which move as one: how long before the last of them each
 * ends.
 */
export type Bound = {
  readonly id: string;
  readonly members: readonly { readonly task: Task; readonly endsBefore: number }[];
};

/** Tasks joined where a link leaves no minute. */
export function boundTogether(tasks: readonly Task[]): readonly Bound[] {
  const places = new Map(tasks.map(({ id }, place) => [id, place] as const));
  /** What each is tied to, and by how much later that ends. */
  const ties = tasks.map((): { readonly place: number; readonly later: number }[] => []);
  for (const [own, task] of tasks.entries())
    for (const { id, leastMin, mostMin } of task.after) {
      const place = places.get(id);
      if (place === undefined || leastMin !== mostMin) continue;
      const later = leastMin + task.minutes;
      ties[place]?.push({ place: own, later });
      ties[own]?.push({ place, later: -later });
    }
  const seen = new Set<number>();
  return tasks.flatMap(({ id }, first): readonly Bound[] => {
    if (seen.has(first)) return [];
    const ends = new Map<number, number>([[first, 0]]);
    const ways = [first];
    for (let own = ways.pop(); own !== undefined; own = ways.pop()) {
      seen.add(own);
      for (const { place, later } of ties[own] ?? []) {
        if (ends.has(place)) continue;
        ends.set(place, (ends.get(own) ?? 0) + later);
        ways.push(place);
      }
    }
    const last = Math.max(...ends.values());
    const members = [...ends]
      .toSorted(([one], [other]) => one - other)
      .flatMap(([place, end]) => {
        const task = tasks[place];
        return task === undefined ? [] : [{ task, endsBefore: last - end }];
      });
    return [{ id, members }];
  });
}

/**
 * A load's tasks in the oven until the look that ends it: going in, what is done to it in there, and
 * each stretch between.
 */
export function inOvenBefore(tasks: readonly Task[], look: Task): readonly Task[] {
  if (look.doing.do !== "look-and-bake-on") return [];
  const { load } = look.doing;
  return tasks.filter(
    ({ cake, doing }) =>
      cake === look.cake &&
      (doing.do === "bake" || doing.do === "in-oven" || doing.do === "bake-on") &&
      doing.load === load,
  );
}

/**
 * How a task goes: by hand; begun by hand and ended by its clock; by itself after the one before;
 * or until what is seen ends it.
 */
export type Going = "by-hand" | "by-clock" | "by-itself" | "by-looks";

/** How everything that is done goes; a recipe's own step says it by itself. */
const GOING: Readonly<Record<Exclude<Doing["do"], "step">, Going>> = {
  "soften-butter": "by-clock",
  "warm-up": "by-clock",
  "prepare-tins": "by-hand",
  weigh: "by-hand",
  "prepare-ingredient": "by-hand",
  "cool-ingredient": "by-itself",
  "lay-floor": "by-hand",
  lay: "by-hand",
  "divide-batter": "by-hand",
  swirl: "by-hand",
  fill: "by-hand",
  "wash-bowl": "by-hand",
  bake: "by-clock",
  "in-oven": "by-hand",
  "bake-on": "by-itself",
  "look-and-bake-on": "by-looks",
  "off-oven": "by-clock",
  "take-out": "by-hand",
  "turn-out": "by-hand",
  cool: "by-itself",
  "pour-warm": "by-hand",
  make: "by-hand",
  "cool-made": "by-itself",
  "split-and-fill": "by-hand",
  "roll-warm": "by-hand",
  "first-coat": "by-hand",
  "chill-coat": "by-clock",
  "final-coat": "by-hand",
  "pour-cold": "by-hand",
  dress: "by-hand",
  "into-fridge": "by-hand",
  "chill-cake": "by-itself",
  decorate: "by-hand",
};

/** How a task goes. */
export function goingOf({ doing }: Task): Going {
  if (doing.do === "step") return doing.isWait ? "by-clock" : "by-hand";
  return GOING[doing.do];
}

/**
 * Minutes of a task at which somebody has to be there, hands free or not: to begin what goes by its
 * clock, and to look. From its start.
 */
export function presenceOf(task: Task): readonly Stretch[] {
  if (task.needs.includes("hands")) return [{ from: 0, to: task.minutes }];
  switch (goingOf(task)) {
    case "by-clock":
      return [{ from: 0, to: Math.min(1, task.minutes) }];
    case "by-looks":
      return [
        { from: 0, to: Math.min(1, task.minutes) },
        { from: Math.max(0, task.minutes - 1), to: task.minutes },
      ];
    case "by-hand":
      return [{ from: 0, to: task.minutes }];
    case "by-itself":
      return [];
  }
}
