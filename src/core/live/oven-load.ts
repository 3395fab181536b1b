import { sum } from "d3-array";
import {
  coreCurve,
  CURVE_SIGMA_C,
  insideCurve,
  refitted,
  type BakeInside,
  type CoreCurve,
  type CoreReading,
  type Minutes,
  type Refit,
} from "../bake";
import type { Present } from "./present";
import type { Log } from "./log";
import { inOvenBefore, type Task } from "../day";
import type { BakeDoc } from "../kept";

/**
 * A load of a bake: its tasks, its forecast, and what a probe makes of it. Instants in minutes
 * since 1970.
 */
export type OvenLoad = {
  /** Going in. */
  readonly bake: Task;
  /** All until the first look: {@link inOvenBefore}. */
  readonly inOven: readonly Task[];
  readonly look: Task;
  /** When it went in; null before. */
  readonly inAt: number | null;
  /** When a look said that it comes out; null before. */
  readonly outAt: number | null;
  readonly minutes: Minutes;
  /** The middle as forecast. */
  readonly curve: CoreCurve;
  readonly readings: readonly CoreReading[];
  readonly refit: Refit;
  readonly doneC: number;
};

/**
 * The loads of a bake, in the order they go in.
 * @param insideOf the solved inside of a cake's slowest tin, where the solver has run: its curve,
 * else the mean one
 */
export function ovenLoads(
  doc: BakeDoc,
  log: Log,
  present: Present,
  insideOf: (cake: number) => BakeInside | null,
): readonly OvenLoad[] {
  return doc.tasks.flatMap((look): readonly OvenLoad[] => {
    const inOven = inOvenBefore(doc.tasks, look);
    const [bake] = inOven;
    const cake = doc.cakes[look.cake];
    if (bake === undefined || cake === undefined) return [];
    const [baking, looking] = [present.states.get(bake.id), present.states.get(look.id)];
    const inAt = baking?.is === "running" || baking?.is === "over" ? baking.startedAt : null;
    const minutes = minutesOfLoad(inOven, look, cake.minutes);
    const inside = insideOf(bake.cake);
    const curve =
      inside === null
        ? coreCurve(minutes.likelyMin, cake.doneC)
        : insideCurve(inside, minutes.likelyMin);
    const readings =
      inAt === null
        ? []
        : log.core
            .filter(({ task }) => inOven.some(({ id }) => id === task))
            .map(({ at, tempC }) => ({ minute: at - inAt, tempC }));
    return [
      {
        bake,
        inOven,
        look,
        inAt,
        outAt: looking?.is === "over" ? looking.doneAt : null,
        minutes,
        curve,
        readings,
        doneC: cake.doneC,
        refit: refitted(
          minutes,
          curve,
          readings,
          inside === null ? CURVE_SIGMA_C.mean : CURVE_SIGMA_C.solved,
        ),
      },
    ];
  });
}

/**
 * A load's own minutes, as its tasks have them; how unsure they are, the cake's forecast says for
 * all of its loads.
 */
function minutesOfLoad(
  inOven: readonly Task[],
  look: Task,
  { doorShutUntilMin, likelyMin: ofAll, notPastMin }: Minutes,
): Minutes {
  const firstLookMin = sum(inOven, ({ minutes }) => minutes);
  const likelyMin = firstLookMin + look.minutes;
  return {
    doorShutUntilMin: Math.min(firstLookMin, doorShutUntilMin),
    firstLookMin,
    likelyMin,
    notPastMin: Math.max(likelyMin + 1, Math.round((likelyMin * notPastMin) / ofAll)),
  };
}

/**
 * What tasks take by their probes: the door stays shut until the first look of the better forecast.
 */
export function revisedBy(loads: readonly OvenLoad[]): ReadonlyMap<string, number> {
  return new Map(
    loads
      .filter(({ readings }) => readings.length > 0)
      .flatMap(({ inOven, look, refit }): readonly (readonly [string, number])[] => {
        // What is done in the oven keeps its minute; what follows it is longer or shorter.
        const last = inOven.at(-1);
        const before = sum(inOven.slice(0, -1), ({ minutes }) => minutes);
        return [
          ...(last === undefined || last.doing.do === "in-oven"
            ? []
            : [[last.id, Math.max(1, refit.firstLookMin - before)] as const]),
          [look.id, Math.max(1, refit.likelyMin - refit.firstLookMin)] as const,
        ];
      }),
  );
}

/** Going in, of the load that is in the oven; undefined where none is. */
export function bakeNow(
  tasks: readonly Task[],
  { states }: Pick<Present, "states">,
): string | undefined {
  return tasks
    .filter((look) => states.get(look.id)?.is !== "over")
    .flatMap((look) => inOvenBefore(tasks, look)[0] ?? [])
    .find(({ id }) => {
      const is = states.get(id)?.is;
      return is === "running" || is === "over";
    })?.id;
}

/** Whole minutes a load was in the oven; null before it is out. */
export function bakedMinutes({ inAt, outAt }: OvenLoad): number | null {
  return inAt === null || outAt === null ? null : Math.round(outAt - inAt);
}
