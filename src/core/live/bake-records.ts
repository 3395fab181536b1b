// The pages of the logbook that a bake at the bench leaves behind.
import { emptyRecord, plannedCake, type BakeDoc } from "../kept";
import type { BakeRecord, RecordedTin } from "../logbook";
import type { Pantry } from "../pantry";
import { inOvenBefore, type Task } from "../day";
import { replayed, type BakeEvent, type Log } from "./log";

/** What a number without a unit means where a cake's question does not say. */
const HABIT = { size: "metric", heat: "C" } as const;

/**
 * A page for each cake of a bake that was ended for the record: what was planned, and what its
 * events tell. None for a rehearsal, or for a cake that can't be planned any more.
 * @param madeOn the day by the baker's calendar, of an instant in ms since 1970
 */
export function recordsOfBake(
  doc: BakeDoc,
  events: readonly BakeEvent[],
  pantry: Pantry,
  madeOn: (ms: number) => string,
): readonly { readonly cake: number; readonly cakeId: string; readonly record: BakeRecord }[] {
  const log = replayed(doc.tasks, events);
  if (doc.clock.speed !== 1 || log.ended === null) return [];
  const { ended, notes } = log;
  return doc.cakes.flatMap(({ id, name, doc: cakeDoc }, cake) => {
    const planned = plannedCake(cakeDoc, HABIT, pantry);
    if (planned === null) return [];
    const { question, recipe } = cakeDoc;
    const empty = emptyRecord(
      {
        ...planned,
        name,
        question,
        recipe: { id: recipe?.id ?? "", name: recipe?.doc.name ?? question.recipe },
      },
      madeOn(doc.clock.bakeMs),
    );
    const tasks = doc.tasks.filter((task) => task.cake === cake);
    const loads = loadsOf(tasks, log);
    const last = loads.findLast(({ minutes }) => minutes !== null);
    const tins = poured(empty.tins, tasks, log);
    // Asked of the first cake that came out.
    const told = cake === 0 ? ended.bakedMin : null;
    const minutes = told ?? last?.minutes ?? null;
    const record: BakeRecord = {
      ...empty,
      tins,
      massBeforeG: tins.every(({ isWeighed }) => isWeighed)
        ? tins.reduce((sum, { batterG }) => sum + (batterG ?? 0), 0)
        : empty.massBeforeG,
      readC: readsIn(log.oven, loads),
      looks: looksOf(log, loads),
      minutes: minutes === null || minutes < 1 ? null : minutes,
      verdict: ended.verdict,
      coreC: readsIn(log.core, loads).findLast((tempC) => tempC <= 120) ?? null,
      handsMin: handsOf(tasks, log),
      change: ended.change,
      notes: notes
        .map(({ text }) => text)
        .join("\n")
        .slice(0, 2000),
    };
    return [{ cake, cakeId: id, record }];
  });
}

/** One load of a cake: its tasks, when it went in, and after how many whole minutes it was out. */
type Load = {
  readonly inOven: ReadonlySet<string>;
  readonly lookId: string;
  readonly inAt: number;
  readonly minutes: number | null;
};

function loadsOf(tasks: readonly Task[], log: Log): readonly Load[] {
  return tasks.flatMap((look): readonly Load[] => {
    const inOven = inOvenBefore(tasks, look);
    const [bake] = inOven;
    const inAt = bake === undefined ? null : (log.tasks.get(bake.id)?.startedAt ?? null);
    if (inAt === null) return [];
    const outAt = log.tasks.get(look.id)?.doneAt ?? null;
    const minutes = outAt === null ? null : Math.round(outAt - inAt);
    return [
      {
        inOven: new Set(inOven.map(({ id }) => id)),
        lookId: look.id,
        inAt,
        minutes: minutes === null || minutes > MOST_MIN ? null : minutes,
      },
    ];
  });
}

/** A load that was forgotten in the oven's list is no bake of so long. */
const MOST_MIN = 600;

function looksOf({ looks }: Log, loads: readonly Load[]): BakeRecord["looks"] {
  return looks
    .flatMap(({ at, task, look, moreMin, tin }) => {
      const load = loads.find(({ lookId }) => lookId === task);
      const atMin = load === undefined ? null : Math.round(at - load.inAt);
      return atMin === null || atMin < 0 || atMin > 1500 ? [] : [{ atMin, tin, look, moreMin }];
    })
    .slice(0, 200);
}

/** What was read while the cake's loads were in, °C. */
const readsIn = (reads: Log["oven"], loads: readonly Load[]): number[] =>
  reads
    .filter(({ task, tempC }) => loads.some(({ inOven }) => inOven.has(task)) && tempC >= 20)
    .map(({ tempC }) => tempC)
    .slice(-500);

/** What the scale said of the tins; of one kind together, where each of them was weighed. */
function poured(tins: readonly RecordedTin[], tasks: readonly Task[], log: Log): RecordedTin[] {
  const filling = tasks.find(({ doing }) => doing.do === "fill");
  const weighed = filling === undefined ? undefined : log.weighed.get(filling.id);
  if (weighed === undefined) return [...tins];
  let place = 0;
  return tins.map((each) => {
    const { tin } = each;
    const count = tin.shape === "well" ? 1 : (tin.count ?? 1);
    const own = Array.from({ length: count }, (_, at) => weighed.get(place + at));
    place += count;
    const isWeighed = own.every((one) => one?.isWhole === true && one.isMeasured);
    return isWeighed
      ? { ...each, isWeighed, batterG: own.reduce((sum, one) => sum + (one?.massG ?? 0), 0) }
      : each;
  });
}

/** Minutes of hands in the tasks that were begun and done, as planned and as they took. */
function handsOf(tasks: readonly Task[], log: Log): BakeRecord["handsMin"] {
  const done = tasks.flatMap(({ id, needs, minutes: planned }) => {
    const told = log.tasks.get(id);
    return told?.startedAt == null || told.doneAt === null || !needs.includes("hands")
      ? []
      : [{ planned, took: told.doneAt - told.startedAt }];
  });
  if (done.length === 0) return { planned: null, took: null };
  const sum = (of: (each: (typeof done)[number]) => number): number =>
    Math.min(5000, Math.max(0, Math.round(done.reduce((all, each) => all + of(each), 0))));
  return { planned: sum(({ planned }) => planned), took: sum(({ took }) => took) };
}

/** The day of an instant, ms since 1970, by the clock of the machine that asks. */
export function dayByClock(ms: number): string {
  const at = new Date(ms);
  const two = (value: number): string => String(value).padStart(2, "0");
  return `${String(at.getFullYear())}-${two(at.getMonth() + 1)}-${two(at.getDate())}`;
}
