import * as z from "../zod";
import { LookSchema } from "../bake";
import { BAKE_VERDICTS } from "../logbook";
import { MS_PER_MIN, parseWith, type Result } from "../measure";
import { SHORTCUTS, type Task, type Shortcut } from "../day";

/** No bake is planned past the year 2200: minutes since 1970. */
const LAST_MINUTE = Date.UTC(2200, 0, 1) / MS_PER_MIN;
const instant = z.int().check(z.gte(0), z.lte(LAST_MINUTE * MS_PER_MIN));
const taskId = z.string().check(z.minLength(1), z.maxLength(60));

/**
 * What every event has: who it is, so that it is never told twice, and when, in milliseconds since
 * 1970 by the bake's clock.
 */
const told = { id: z.string().check(z.minLength(8), z.maxLength(60)), at: instant };

/** What happens at the bench. The present is always worked out from these; nothing else is kept. */
export const BakeEventSchema = z.discriminatedUnion("kind", [
  /** Something that goes on by itself was begun. */
  z.strictObject({ ...told, kind: z.literal("started"), task: taskId }),
  z.strictObject({ ...told, kind: z.literal("done"), task: taskId }),
  /** A clock was given more: it rings in so many minutes, and a look that was due is due then. */
  z.strictObject({
    ...told,
    kind: z.literal("extended"),
    task: taskId,
    leftMin: z.number().check(z.gte(0), z.lte(3000)),
  }),
  /**
   * What was seen at a look into the oven, and in how many minutes to look again; null when it
   * comes out. At one tin of the load, or all of them alike.
   */
  z.strictObject({
    ...told,
    kind: z.literal("looked"),
    task: taskId,
    look: LookSchema,
    moreMin: z.nullable(z.number().check(z.gte(0), z.lte(240))),
    tin: z.optional(z.int().check(z.gte(0), z.lte(200))),
  }),
  z.strictObject({
    ...told,
    kind: z.literal("temperature"),
    of: z.enum(["core", "oven"]),
    task: taskId,
    tempC: z.number().check(z.gte(-40), z.lte(400)),
  }),
  /**
   * What a tin weighed when it was filled, by a scale or else as it was planned; not whole when the
   * scale was lost in mid-pour.
   */
  z.strictObject({
    ...told,
    kind: z.literal("weighed"),
    task: taskId,
    tin: z.int().check(z.gte(0), z.lte(200)),
    massG: z.number().check(z.gte(0), z.lte(50_000)),
    isWhole: z.boolean(),
    isMeasured: z.boolean(),
  }),
  /** A line of a list, such as an ingredient that was weighed. */
  z.strictObject({
    ...told,
    kind: z.literal("ticked"),
    task: taskId,
    line: z.string().check(z.maxLength(100)),
    isTicked: z.boolean(),
  }),
  z.strictObject({
    ...told,
    kind: z.literal("note"),
    text: z.string().check(z.minLength(1), z.maxLength(1000)),
  }),
  /** A way to save time was taken: what its tasks take from now on, in all. */
  z.strictObject({
    ...told,
    kind: z.literal("shortened"),
    way: z.enum(SHORTCUTS),
    takes: z
      .array(z.strictObject({ task: taskId, minutes: z.number().check(z.gte(0), z.lte(3000)) }))
      .check(z.maxLength(60)),
  }),
  /** Another hour it is wanted, minutes since 1970. */
  z.strictObject({
    ...told,
    kind: z.literal("wanted"),
    cake: z.int().check(z.gte(0), z.lte(20)),
    wantedAt: z.int().check(z.gte(0), z.lte(LAST_MINUTE)),
  }),
  z.strictObject({ ...told, kind: z.literal("undone"), of: z.string().check(z.maxLength(60)) }),
  /**
   * The machine's clock was set forward or back by so much: what was told before is told by the old
   * one.
   */
  z.strictObject({ ...told, kind: z.literal("clock-moved"), byMs: z.int() }),
  /** Asked at the end, for the record. */
  z.strictObject({
    ...told,
    kind: z.literal("ended"),
    bakedMin: z.nullable(z.number().check(z.gte(0), z.lte(600))),
    verdict: z.nullable(z.enum(BAKE_VERDICTS)),
    change: z.string().check(z.maxLength(1000)),
  }),
]);
export type BakeEvent = Readonly<z.infer<typeof BakeEventSchema>>;

/** Most events told in one go: a long day's, all of them. */
const MOST = 5000;

/** Events from outside the program. */
export function parseBakeEvents(input: unknown): Result<readonly BakeEvent[]> {
  return parseWith(z.array(BakeEventSchema).check(z.maxLength(MOST)), input);
}

/** What has been told of one task. Instants in minutes since 1970, with their fractions. */
export type Told = {
  readonly startedAt: number | null;
  readonly doneAt: number | null;
  readonly minutes: number;
  /** When it rings by her word; null while it goes by its minutes. */ readonly ringsAt:
    number | null;
  /** How its time was saved. */ readonly way: Shortcut | null;
  /** Tins that are looked at one by one. */ readonly tins: number;
};

export type Looked = {
  readonly at: number;
  readonly task: string;
  readonly look: Extract<BakeEvent, { kind: "looked" }>["look"];
  readonly moreMin: number | null;
  /** Its place in the load; null for all alike. */ readonly tin: number | null;
};
export type Weighed = {
  readonly at: number;
  readonly massG: number;
  readonly isWhole: boolean;
  readonly isMeasured: boolean;
};
export type Read = { readonly at: number; readonly task: string; readonly tempC: number };

/** All that has been told of a bake. */
export type Log = {
  readonly tasks: ReadonlyMap<string, Told>;
  readonly looks: readonly Looked[];
  /** By task, then by tin. */
  readonly weighed: ReadonlyMap<string, ReadonlyMap<number, Weighed>>;
  /** Lines that are ticked, by task. */
  readonly ticked: ReadonlyMap<string, ReadonlySet<string>>;
  readonly core: readonly Read[];
  readonly oven: readonly Read[];
  readonly notes: readonly { readonly at: number; readonly text: string }[];
  /** Other hours than planned, by cake. */
  readonly wantedAt: ReadonlyMap<number, number>;
  readonly ended: Extract<BakeEvent, { kind: "ended" }> | null;
  /** When hands last did something; null before. */
  readonly handsAt: number | null;
  /**
   * What `back` takes back: the last that was done, begun or seen and still stands; null when there
   * is nothing.
   */
  readonly lastAct: string | null;
};

/**
 * A bake as its events tell it, in the order they arrived: the same events always give the same. An
 * event told twice counts once; what was done on another screen already is not done again; what was
 * taken back never was. After a clock was set, what came before is moved along with it, so that
 * whatever runs goes on to the second.
 */
export function replayed(tasks: readonly Task[], events: readonly BakeEvent[]): Log {
  const once = [...new Map(events.map((event) => [event.id, event])).values()];
  const undone = new Set(once.flatMap((event) => (event.kind === "undone" ? [event.of] : [])));
  const log = emptyLog(tasks);
  let shiftMs = once.reduce(
    (sum, event) => sum + (event.kind === "clock-moved" ? event.byMs : 0),
    0,
  );
  for (const event of once) {
    if (event.kind === "clock-moved") shiftMs -= event.byMs;
    else if (!undone.has(event.id)) tell(log, event, (event.at + shiftMs) / MS_PER_MIN);
  }
  return log;
}

type Writing = {
  -readonly [K in keyof Log]: Log[K] extends ReadonlyMap<infer A, ReadonlyMap<infer B, infer C>>
    ? Map<A, Map<B, C>>
    : Log[K] extends ReadonlyMap<infer A, infer B>
      ? Map<A, B>
      : Log[K] extends readonly (infer A)[]
        ? A[]
        : Log[K];
};

function emptyLog(tasks: readonly Task[]): Writing {
  return {
    tasks: new Map(
      tasks.map(({ id, minutes: planned, doing }) => [
        id,
        {
          startedAt: null,
          doneAt: null,
          minutes: planned,
          ringsAt: null,
          way: null,
          tins: tinsLookedAt(doing),
        },
      ]),
    ),
    looks: [],
    weighed: new Map(),
    ticked: new Map(),
    core: [],
    oven: [],
    notes: [],
    wantedAt: new Map(),
    ended: null,
    handsAt: null,
    lastAct: null,
  };
}

function tell(log: Writing, event: Exclude<BakeEvent, { kind: "clock-moved" }>, at: number): void {
  const task = "task" in event ? log.tasks.get(event.task) : undefined;
  switch (event.kind) {
    case "started":
      if (task === undefined || task.startedAt !== null || task.doneAt !== null) return;
      log.tasks.set(event.task, { ...task, startedAt: at });
      break;
    case "done":
      if (task === undefined || task.doneAt !== null) return;
      log.tasks.set(event.task, { ...task, startedAt: task.startedAt ?? log.handsAt, doneAt: at });
      break;
    case "extended":
      if (task === undefined || task.doneAt !== null) return;
      log.tasks.set(event.task, { ...task, ringsAt: at + event.leftMin });
      break;
    case "looked":
      log.looks.push({
        at,
        task: event.task,
        look: event.look,
        moreMin: event.moreMin,
        tin: event.tin ?? null,
      });
      // The load is over when each of its tins is out.
      if (task !== undefined && task.doneAt === null)
        log.tasks.set(event.task, {
          ...task,
          ringsAt: null,
          doneAt: tinsInOven(log.looks, event.task, task.tins).length === 0 ? at : null,
        });
      break;
    case "temperature":
      (event.of === "core" ? log.core : log.oven).push({
        at,
        task: event.task,
        tempC: event.tempC,
      });
      return;
    case "weighed": {
      const tins = log.weighed.get(event.task) ?? new Map<number, Weighed>();
      // Two screens read one scale: the first that saw the tin full has told it.
      if (tins.get(event.tin)?.isWhole === true) return;
      tins.set(event.tin, {
        at,
        massG: event.massG,
        isWhole: event.isWhole,
        isMeasured: event.isMeasured,
      });
      log.weighed.set(event.task, tins);
      if (!event.isWhole) return;
      break;
    }
    case "ticked": {
      const lines = new Set(log.ticked.get(event.task));
      if (event.isTicked) lines.add(event.line);
      else lines.delete(event.line);
      log.ticked.set(event.task, lines);
      return;
    }
    case "note":
      log.notes.push({ at, text: event.text });
      return;
    case "shortened":
      for (const { task: id, minutes: takes } of event.takes) {
        const own = log.tasks.get(id);
        if (own !== undefined && own.doneAt === null)
          log.tasks.set(id, {
            ...own,
            way: event.way,
            minutes: takes,
            ringsAt: null,
            ...(takes === 0 ? { doneAt: at } : {}),
          });
      }
      break;
    case "wanted":
      log.wantedAt.set(event.cake, event.wantedAt);
      return;
    case "ended":
      log.ended = event;
      break;
    case "undone":
      return;
  }
  // What was ended stays so.
  log.lastAct = event.kind === "ended" ? null : event.id;
  if (event.kind !== "shortened" && event.kind !== "extended" && event.kind !== "ended")
    log.handsAt = at;
}

/** The place of the tin that is to be filled next, of so many; -1 when all are full. */
export function openTin(log: Log, task: string, tins: number): number {
  const weighed = log.weighed.get(task);
  return Array.from({ length: tins }, (_, tin) => tin).findIndex(
    (tin) => weighed?.get(tin)?.isWhole !== true,
  );
}

/** How many tins of a load are looked at one by one; one where nobody said. */
function tinsLookedAt(doing: Task["doing"]): number {
  return doing.do === "look-and-bake-on" ? Math.max(1, doing.tins ?? 1) : 1;
}

/**
 * A tin that is still in the oven, and when it is to be looked at again; null before the first look
 * at it.
 */
export type TinInOven = { readonly tin: number; readonly nextAt: number | null };

/** The tins of a load that no look has taken out yet, that which is due first first. */
export function tinsInOven(
  looks: readonly Looked[],
  task: string,
  tins: number,
): readonly TinInOven[] {
  const own = looks.filter((look) => look.task === task);
  return Array.from({ length: tins }, (_, tin) => tin)
    .flatMap((tin): readonly TinInOven[] => {
      const ofTin = own.filter((look) => look.tin === null || look.tin === tin);
      if (ofTin.some(({ moreMin }) => moreMin === null)) return [];
      const last = ofTin.at(-1);
      return [{ tin, nextAt: last === undefined ? null : last.at + (last.moreMin ?? 0) }];
    })
    .sort(
      (one, other) =>
        (one.nextAt ?? -Infinity) - (other.nextAt ?? -Infinity) || one.tin - other.tin,
    );
}
