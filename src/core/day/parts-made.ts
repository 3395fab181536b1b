import { speaksOf } from "../recipe";
import { needsBowl, type DayCake, type DayPart, type MethodStep } from "./day-cake";
import { FROM_SOFT_BUTTER, MAKING, type Made } from "./making";
import { hands, next, STEP_MIN, type TaskList } from "./task-list";
import type { TaskLink, Shorter, TaskStation } from "./task";

/** What butter and lines take, for batter and parts alike. Judgement from household practice. */
export const SOFTEN_MIN = 60;
export const CUBES: readonly Shorter[] = [{ way: "butter-in-cubes", minutes: 20 }];
export const WEIGH_LINE_MIN = 20 / 60;
const WASH_MIN = 4;
/** What goes onto a warm cake does so within so long of the oven, minutes. */
const WARM_MIN = 20;

/** What the tasks of a part are called, and where they belong. */
const PLACES: Readonly<Record<DayPart["goes"], readonly [name: string, station: TaskStation]>> = {
  "before-oven": ["topping", "mix"],
  "onto-warm": ["syrup", "cool"],
  inside: ["filling", "build"],
  over: ["frosting", "finish"],
  poured: ["pouring", "finish"],
  dressed: ["dressing", "finish"],
  "on-top": ["top", "finish"],
  "for-hot": ["hot-part", "cool"],
  "for-cold": ["cold-part", "finish"],
};
/**
 * The order in which parts are made after the batter; what is poured warm comes with the other warm
 * things.
 */
const TURNS: readonly DayPart["goes"][] = [
  "for-hot",
  "onto-warm",
  "inside",
  "over",
  "poured",
  "dressed",
  "on-top",
  "for-cold",
];

/** The mixer's one bowl: what has to be over before it is clean, and that it was emptied. */
export type MixerBowl = {
  readonly clean: () => readonly TaskLink[];
  readonly emptied: (name: string, station: TaskStation, after: string) => void;
};

/** A bowl that is washed before it is used again; at once where another cake waits for it. */
export function bowlFor(list: TaskList, uses: number, isShared: boolean): MixerBowl {
  let clean: readonly TaskLink[] = [];
  let usesLeft = uses;
  return {
    clean: () => clean,
    emptied: (name, station, after) => {
      usesLeft -= 1;
      if (usesLeft > 0 || isShared)
        clean = [
          next(
            list.add(
              name,
              station,
              { do: "wash-bowl" },
              WASH_MIN,
              ["hands", "mixer"],
              [next(after, 0, isShared && list.isByHand(after) ? 0 : null)],
            ),
          ),
        ];
    },
  };
}

/**
 * A part that is made: what has to be over before it is used, and the last that was done for it.
 */
export type MadePart = {
  readonly part: DayPart;
  readonly ready: readonly TaskLink[];
  readonly last: string;
};

/** The parts that are made before the batter, or those after it, in their turn. */
export function partsMade(
  list: TaskList,
  day: DayCake,
  bowl: MixerBowl,
  when: "before-batter" | "after-batter",
): readonly MadePart[] {
  const isWarm = (goes: DayPart["goes"]): boolean =>
    goes === "for-hot" ||
    goes === "onto-warm" ||
    (goes === "poured" && day.pourAfterMin !== null) ||
    (goes === "dressed" && day.dressed.some(({ afterOvenMin }) => afterOvenMin !== null));
  const turns: readonly DayPart["goes"][] =
    when === "before-batter"
      ? ["before-oven"]
      : [...TURNS.filter(isWarm), ...TURNS.filter((goes) => !isWarm(goes))];
  return turns.flatMap((goes) =>
    day.parts
      .filter((part) => part.goes === goes)
      .map((part, index) => {
        const [name, station] = PLACES[goes];
        return partMade(
          list,
          part,
          index === 0 ? name : `${name}${index + 1}`,
          station,
          list.idOf(`out${day.loads.length}`),
          bowl,
        );
      }),
  );
}

function partMade(
  list: TaskList,
  part: DayPart,
  name: string,
  station: TaskStation,
  lastOut: string,
  bowl: MixerBowl,
): MadePart {
  const { goes, what } = part;
  const softened =
    what !== null && FROM_SOFT_BUTTER.includes(what)
      ? [
          next(
            list.add(
              `soften-${name}`,
              station,
              { do: "soften-butter", for: goes === "inside" ? "filling" : "frosting" },
              SOFTEN_MIN,
              [],
              [],
              CUBES,
            ),
          ),
        ]
      : [];
  const isInBowl = needsBowl(part);
  const first = [...softened, ...(isInBowl ? bowl.clean() : [])];
  const emptied = (after: string): void => {
    if (isInBowl) bowl.emptied(`wash-${name}`, station, after);
  };
  // Made the usual way; of the recipe's lines where it has some and no step for them.
  const makes = (
    made: Made,
    massG: number,
    after: readonly TaskLink[],
    byName: { readonly called?: string } = {},
  ): MadePart => {
    const { handsMin, perKgMin, coolMin } = MAKING[made];
    const last = list.add(
      name,
      station,
      { do: "make", what: made, massG, ...byName },
      hands(handsMin + (perKgMin * massG) / 1000),
      isInBowl ? ["hands", "mixer"] : ["hands"],
      after,
    );
    emptied(last);
    return {
      part,
      last,
      ready: [
        next(
          coolMin === 0
            ? last
            : list.add(
                `${name}-cool`,
                station,
                { do: "cool-made", what: made },
                coolMin,
                [],
                [next(last, 0, 0)],
              ),
        ),
      ],
    };
  };
  if (part.own === null) return makes(part.what, part.massG, first);
  const { id, name: called, lines, times, steps, isAfterOven = false } = part.own;
  const since = isAfterOven ? [...first, next(list.idOf("fill"))] : first;
  const begin =
    lines === 0
      ? since
      : [
          ...since,
          next(
            list.add(
              `${name}-weigh`,
              station,
              { do: "weigh", lines, part: { id, name: called, times } },
              hands(WEIGH_LINE_MIN * lines),
              ["hands"],
              [],
            ),
          ),
        ];
  // What the cake's own steps make and put on has only to be weighed.
  if (steps.length === 0) {
    if (part.usuallyMadeG !== undefined && what !== null)
      return makes(what, part.usuallyMadeG, begin, { called });
    const last = list.idOf(`${name}-weigh`);
    return { part, last, ready: [next(last)] };
  }
  if (goes !== "onto-warm") {
    const last = list.addSteps(`${name}-`, station, steps, begin);
    emptied(last);
    return { part, last, ready: [next(last)] };
  }
  // The last step of what goes onto the warm cake is putting it there.
  const onto = steps.at(-1);
  const done =
    steps.length < 2 ? null : list.addSteps(`${name}-`, station, steps.slice(0, -1), begin);
  if (done !== null) emptied(done);
  const last = list.add(
    `${name}-onto`,
    station,
    { do: "step", text: onto?.text ?? "", isWait: false },
    hands(onto?.minutes ?? STEP_MIN),
    ["hands"],
    [...(done === null ? begin : [next(done)]), next(lastOut, 0, WARM_MIN)],
  );
  return { part, last, ready: [next(last)] };
}

/** What has to be over before parts that go there are used. */
export const readyFor = (
  made: readonly MadePart[],
  ...goes: readonly DayPart["goes"][]
): readonly TaskLink[] =>
  made.filter(({ part }) => goes.includes(part.goes)).flatMap(({ ready }) => ready);

const saysIn = (steps: readonly MethodStep[], { part }: MadePart): number =>
  steps.findIndex(({ text }) => speaksOf(text, part.own?.name ?? ""));

/** The parts of the cold cake: those that are wanted now, and those only once it is coated. */
export function forColdSteps(
  { coldSteps, coatedSteps }: DayCake,
  made: readonly MadePart[],
): { readonly now: readonly MadePart[]; readonly onceCoated: readonly MadePart[] } {
  const parts = made.filter(({ part }) => part.goes === "for-cold");
  const isLater = (part: MadePart): boolean =>
    saysIn(coldSteps, part) < 0 && saysIn(coatedSteps, part) >= 0;
  return {
    now: parts.filter((part) => !isLater(part)),
    onceCoated: parts.filter(isLater),
  };
}

/**
 * What has to be over before each of some steps: a part for the first step that speaks of it, one
 * that none speaks of for the first of all.
 */
export function readyForSteps(
  made: readonly MadePart[],
  steps: readonly MethodStep[],
): (at: number) => readonly TaskLink[] {
  const usedAt = made.map((each) => ({ ...each, at: Math.max(0, saysIn(steps, each)) }));
  return (step) => usedAt.flatMap(({ ready, at }) => (at === step ? ready : []));
}
