import type { DayCake } from "./day-cake";
import { SAFE_OUT_MIN } from "./making";
import { dressedWarm } from "./dressed";
import { forColdSteps, readyFor, readyForSteps, type MadePart } from "./parts-made";
import { hands, next, type TaskList } from "./task-list";
import type { Doing, Shorter, TaskLink } from "./task";
import { TAKES } from "./takes";

/** A cake may stay so much longer in its tin, minutes. */
const TIN_WAITS_MIN = 10;

/** Poured over while it is warm, turned out, and cold. @returns what is over when all is cold */
export function cooled(
  list: TaskList,
  day: DayCake,
  outs: readonly string[],
  made: readonly MadePart[],
): readonly TaskLink[] {
  const { turnOutMin, pourAfterMin, words } = day;
  const last = outs.at(-1);
  const poured = readyFor(made, "poured");
  const hot =
    last === undefined || day.hotSteps.length === 0
      ? readyFor(made, "for-hot")
      : [
          next(
            list.addSteps(
              "hot-",
              "cool",
              day.hotSteps,
              [next(last, 0, hotMin(day.hotSteps)), ...readyFor(made, "for-hot")],
              true,
            ),
          ),
        ];
  // What is eaten from its mug stands as long as its recipe says.
  const standsAsTold = day.isMug && day.hotSteps.length > 0;
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
            {
              do: "turn-out",
              tins,
              ...(day.isTurnedOnce ? { isOnce: true } : {}),
              ...(day.cups == null ? {} : { isCups: true }),
            },
            hands(TAKES.turnOutTinMin * tins),
            ["hands"],
            [next(out, turnOutMin, turnOutMin + TIN_WAITS_MIN)],
            [],
            words.cool,
          );
    const rolled = rolledWarm(list, day, index, turned);
    return [
      ...pour,
      ...dressedWarm(list, day, made, index, out),
      next(
        day.keptCold === "cake"
          ? cooledInFridge(list, day, index, out, turned)
          : standsAsTold
            ? turned
            : cooledInRoom(list, day, index, rolled),
      ),
    ];
  });
  const { now } = forColdSteps(day, made);
  if (day.coldSteps.length === 0) return [...cold, ...hot, ...now.flatMap(({ ready }) => ready)];
  const before = [...cold, ...hot];
  const needed = readyForSteps(now, day.coldSteps);
  return [...before, next(list.addSteps("cold-", "finish", day.coldSteps, before, true, needed))];
}

/** A sheet is rolled up before it has cooled so far that it cracks, minutes after it is out of its tin. */
const ROLLS_MIN = 5;

/** A warm sheet rolled up in its cloth, so that it takes the shape; what else is only turned out. */
function rolledWarm(list: TaskList, { rolls = 0 }: DayCake, index: number, turned: string): string {
  if (rolls === 0) return turned;
  return list.add(
    `roll${index + 1}`,
    "cool",
    { do: "roll-warm", rolls },
    hands(TAKES.rollMin * rolls),
    ["hands"],
    [next(turned, 0, ROLLS_MIN)],
  );
}

/**
 * What a recipe does to a hot cake begins within so long of the oven, minutes; what it hurries,
 * sooner.
 */
const HOT_MIN = 30;
const AT_ONCE_MIN = 8;
const AT_ONCE =
  /\bas soon as\b|\bstraight (?:from|out of|away|after)\b|\bimmediately\b|\bat once\b|\bright away\b|\bstill (?:very )?hot\b|\bhot cakes?\b|\bwhile (?:it is |it's |they are )?(?:very )?hot\b/iu;
const hotMin = ([first]: DayCake["hotSteps"]): number =>
  AT_ONCE.test(first?.text ?? "") ? AT_ONCE_MIN : HOT_MIN;

/** Where it cools: on the rack, or in the tin it does not leave warm. */
const cooling = ({ turnOutMin, cools: { covered, overnight } }: DayCake): Doing => ({
  do: "cool",
  ...(turnOutMin === null ? { inTin: true } : {}),
  ...(covered ? { covered } : {}),
  ...(overnight ? { overnight } : {}),
});

/** What is said of turning out is with that, where it is turned out warm. */
const coolingWords = ({ turnOutMin, words: { cool, left } }: DayCake): string => {
  const said = turnOutMin === null ? cool : "";
  return (NEXT_DAY.test(said) ? `${left} ${said}` : `${said} ${left}`).trim();
};
/** What is said of the morning after is said last. */
const NEXT_DAY = /^\W*(?:the )?next (?:day|morning)\b/iu;

function cooledInRoom(list: TaskList, day: DayCake, index: number, turned: string): string {
  const inTinMin = day.turnOutMin ?? 0;
  // What is left until the next day is left on purpose.
  const colder: readonly Shorter[] = day.cools.overnight
    ? []
    : [
        { way: "cool-in-fridge", minutes: Math.max(1, day.coldFridgeMin - inTinMin) },
        { way: "cool-in-freezer", minutes: Math.max(1, day.coldFreezerMin - inTinMin) },
      ];
  return list.add(
    `cool${index + 1}`,
    "cool",
    cooling(day),
    Math.max(1, day.coldMin - inTinMin),
    [],
    [next(turned, 0, 0)],
    colder,
    coolingWords(day),
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
    cooling(day),
    Math.max(1, inRoomMin - inTinMin),
    [],
    [next(turned, 0, 0)],
    [],
    coolingWords(day),
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
