import type { DayCake, Dressed } from "./day-cake";
import { hands, next, type TaskList } from "./task-list";
import { TAKES } from "./takes";
import type { MadePart } from "./parts-made";
import type { TaskLink, TaskStation } from "./task";

/** What is put on is put on when it is made, after all before it. @returns the last that was put on */
function putOn(
  list: TaskList,
  name: string,
  station: TaskStation,
  { doing }: Dressed,
  cakes: number,
  made: readonly MadePart[],
  after: readonly TaskLink[],
): TaskLink {
  const ready = made.filter(({ part }) => part.what === doing.what).flatMap((part) => part.ready);
  const takes = hands(cakes * TAKES.dressMin + ((doing.pieces ?? 0) * TAKES.pieceS) / 60);
  return next(list.add(name, station, doing, takes, ["hands"], [...after, ...ready]));
}

/**
 * What goes on the cakes of a load while they are hot or warm, within its minutes after the oven.
 * @returns what is over when all is on
 */
export function dressedWarm(
  list: TaskList,
  { dressed, loads }: DayCake,
  made: readonly MadePart[],
  load: number,
  out: string,
): readonly TaskLink[] {
  let last: readonly TaskLink[] = [];
  for (const [index, each] of dressed.entries()) {
    if (each.afterOvenMin === null) continue;
    const window = next(out, ...each.afterOvenMin);
    const cakes = loads[load]?.tins ?? 1;
    const name = `dress${index + 1}-${load + 1}`;
    last = [putOn(list, name, "cool", each, cakes, made, [window, ...last])];
  }
  return last;
}

/** What goes on the cold cake, under its frosting or on top of it. @returns what is over then */
export function dressedCold(
  list: TaskList,
  { dressed, tins }: DayCake,
  made: readonly MadePart[],
  where: "under" | "on-top",
  before: readonly TaskLink[],
): readonly TaskLink[] {
  let last = before;
  for (const [index, each] of dressed.entries()) {
    if (each.afterOvenMin !== null || each.isUnder !== (where === "under")) continue;
    last = [putOn(list, `dress${index + 1}`, "finish", each, tins, made, last)];
  }
  return last;
}
