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
import type { Task } from "../day";
import type { BakeDoc } from "../kept";

/**
 * A load of a bake: its tasks, its forecast, and what a probe makes of it. Instants in minutes
 * since 1970.
 */
export type OvenLoad = {
  readonly bake: Task;
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
  return doc.tasks.flatMap((bake): readonly OvenLoad[] => {
    const look = doc.tasks.find(
      (task) => task.doing.do === "look-and-bake-on" && task.after.some(({ id }) => id === bake.id),
    );
    const cake = doc.cakes[bake.cake];
    if (bake.doing.do !== "bake" || look === undefined || cake === undefined) return [];
    const [baking, looking] = [present.states.get(bake.id), present.states.get(look.id)];
    const inAt = baking?.is === "running" || baking?.is === "over" ? baking.startedAt : null;
    const minutes = minutesOfLoad(bake, look, cake.minutes);
    const inside = insideOf(bake.cake);
    const curve =
      inside === null
        ? coreCurve(minutes.likelyMin, cake.doneC)
        : insideCurve(inside, minutes.likelyMin);
    const readings =
      inAt === null
        ? []
        : log.core
            .filter(({ task }) => task === bake.id)
            .map(({ at, tempC }) => ({ minute: at - inAt, tempC }));
    return [
      {
        bake,
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
  bake: Task,
  look: Task,
  { doorShutUntilMin, likelyMin: ofAll, notPastMin }: Minutes,
): Minutes {
  const likelyMin = bake.minutes + look.minutes;
  return {
    doorShutUntilMin: Math.min(bake.minutes, doorShutUntilMin),
    firstLookMin: bake.minutes,
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
      .flatMap(
        ({ bake, look, refit }) =>
          [
            [bake.id, refit.firstLookMin],
            [look.id, Math.max(1, refit.likelyMin - refit.firstLookMin)],
          ] as const,
      ),
  );
}

/** Whole minutes a load was in the oven; null before it is out. */
export function bakedMinutes({ inAt, outAt }: OvenLoad): number | null {
  return inAt === null || outAt === null ? null : Math.round(outAt - inAt);
}
