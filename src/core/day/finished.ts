import type { DayCake, DayPart } from "./day-cake";
import { dressedCold } from "./dressed";
import { isKeptCold, MAKING, SAFE_OUT_MIN, type Made } from "./making";
import { forColdSteps, type MadePart, readyFor, readyForSteps } from "./parts-made";
import { hands, next, STEP_MIN, type TaskList } from "./task-list";
import type { TaskLink } from "./task";
import { TAKES } from "./takes";

/** Filled, coated, poured over, kept cold and decorated. @returns what is over when all is done */
export function finished(
  list: TaskList,
  day: DayCake,
  made: readonly MadePart[],
  cold: readonly TaskLink[],
): readonly TaskLink[] {
  const over = readyFor(made, "over");
  let last: readonly TaskLink[] = [...cold, ...readyFor(made, "onto-warm", "inside")];
  if (day.gaps > 0)
    last = [
      next(
        list.add(
          "split-and-fill",
          "build",
          {
            do: "split-and-fill",
            gaps: day.gaps,
            ...((day.rolls ?? 0) > 0 ? { isRolled: true } : {}),
            ...(day.splits > 1 ? { isSplit: true } : {}),
          },
          hands(TAKES.splitMin * Math.max(0, day.splits - 1) + TAKES.fillGapMin * day.gaps),
          ["hands"],
          [...last, ...over],
          [],
          day.words.build,
        ),
      ),
    ];
  last = dressedCold(list, day, made, "under", last);
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
  if (day.coatedSteps.length > 0) {
    const needed = readyForSteps(forColdSteps(day, made).onceCoated, day.coatedSteps);
    last = [next(list.addSteps("coated-", "finish", day.coatedSteps, last, true, needed))];
  }
  last = dressedCold(list, day, made, "on-top", last);
  const spoiling = made.flatMap(({ part, last: id }) =>
    spoils(part)
      ? [
          {
            what: part.what ?? ("cake" as const),
            id,
            isCooled:
              isCooledByUs(part) ||
              part.goes === "for-hot" ||
              (part.goes === "for-cold" && minutesOf(day) > MOST_BY_STEPS_MIN),
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
  if (day.keptCold === null || spoiling.length > 0 || !isPutOn) return last;
  return intoFridge(
    list,
    last.map(({ id }) => ({ what: "cake" as const, id, isCooled: false })),
    last,
  );
}

/** What is made the usual way, of the recipe's lines or not, cools before it is used. */
const isCooledByUs = (part: DayPart): boolean =>
  part.what !== null &&
  (part.own === null || part.usuallyMadeG !== undefined) &&
  MAKING[part.what].coolMin > 0;

/** Where the recipe's own steps take longer with the cake, their chilling is what keeps it. */
const MOST_BY_STEPS_MIN = SAFE_OUT_MIN - 20;

/** What the recipe's own steps after the oven take, waiting and all, minutes. */
const minutesOf = ({ hotSteps, coldSteps }: DayCake): number =>
  [...hotSteps, ...coldSteps].reduce((sum, { minutes }) => sum + (minutes ?? STEP_MIN), 0);

function spoils(part: DayPart): boolean {
  // What was baked with the cake is cake.
  if (part.goes === "before-oven") return false;
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
