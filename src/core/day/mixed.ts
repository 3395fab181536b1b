import { KIND_FACTS, type BatterKind } from "../kind";
import { methodOf, type DayCake } from "./day-cake";
import { CUBES, SOFTEN_MIN, WEIGH_LINE_MIN, type MixerBowl } from "./parts-made";
import { hands, next, STEP_MIN, type TaskList } from "./task-list";
import type { TaskLink } from "./task";
import { TAKES } from "./takes";

/** Batters that begin with soft butter. */
export const SOFT_BUTTER: readonly BatterKind[] = ["creamed", "pound", "rich-fruit"];

/** What is put on when the tins are full; all else before. */
const isOnFull = ({ where }: NonNullable<DayCake["laid"]>[number]): boolean =>
  where === "in" || where === "top";

/** How long full tins may wait, minutes: as long as the batter may, and what is put on it takes. */
function waitsFor({ kind, filledSteps, laid = [], marbled = null }: DayCake): number {
  return (
    KIND_FACTS[kind].waitsMin +
    (marbled === null ? 0 : TAKES.swirlMin) +
    TAKES.layMin * laid.filter(isOnFull).length +
    filledSteps.reduce((sum, { minutes }) => sum + (minutes ?? STEP_MIN), 0)
  );
}

/**
 * From soft butter to full tins.
 * @returns the id of filling them, and what has to be over before they go in
 */
export function batterInTins(
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
  const { cups = null } = day;
  // A mug is mixed in, and eaten from.
  const isTold = (word: "tins" | "fill"): boolean => !day.isMug || day.words[word] !== "";
  const tins = isTold("tins")
    ? [
        next(
          list.add(
            "tins",
            "mix",
            {
              do: "prepare-tins",
              tins: day.tins,
              ...(cups === null ? {} : { cups: cups.count }),
            },
            hands(TAKES.prepareTinMin * day.tins),
            ["hands"],
            [],
            [],
            day.words.tins,
          ),
        ),
      ]
    : [];
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
              tins,
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
  const { laid = [], marbled = null } = day;
  const lay = (each: (typeof laid)[number], name: string, after: readonly TaskLink[]): string =>
    list.add(name, "fill", { do: "lay", ...each }, TAKES.layMin, ["hands"], after);
  const floors = laid
    .filter(({ where }) => where === "floor")
    .map((each, index) => next(lay(each, `lay-floor${index + 1}`, tins)));
  // What goes between the halves of the batter is put on while the tins are filled.
  const divided =
    marbled === null
      ? mixed
      : list.add(
          "divide",
          "fill",
          { do: "divide-batter", ...marbled },
          TAKES.divideBatterMin,
          ["hands"],
          [next(mixed, 0, list.isByHand(mixed) ? 0 : null)],
        );
  const halved = laid
    .filter(({ where }) => where === "between")
    .reduce(
      (last, each, index) =>
        lay(each, `between${index + 1}`, [
          next(last, 0, list.isByHand(last) ? 0 : null),
          ...tins,
          ...floors,
        ]),
      divided,
    );
  const full = isTold("fill")
    ? list.add(
        "fill",
        "fill",
        { do: "fill", tins: day.tins, ...(cups === null ? {} : { cups }) },
        hands((cups === null ? TAKES.tinS * day.tins : TAKES.cupS * cups.count) / 60),
        ["hands"],
        [next(halved, 0, list.isByHand(halved) ? 0 : null), ...tins, ...floor, ...floors],
        [],
        day.words.fill,
      )
    : halved;
  const swirled =
    marbled === null
      ? full
      : list.add("swirl", "fill", { do: "swirl" }, TAKES.swirlMin, ["hands"], [next(full, 0, 0)]);
  const filled = laid
    .filter(isOnFull)
    .reduce((last, each, index) => lay(each, `lay${index + 1}`, [next(last, 0, 0)]), swirled);
  if (isInBowl) bowl.emptied("wash", "mix", filled);
  const onIt =
    day.filledSteps.length === 0
      ? []
      : [next(list.addSteps("onto-", "fill", day.filledSteps, [next(filled)]))];
  return { filled, ready: [next(filled, 0, waitsFor(day)), ...onIt] };
}
