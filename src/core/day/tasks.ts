import type { BatterKind } from "../mix";
import { methodOf, usesOfBowl, WAITS_MIN, type DayCake, type DayPart } from "./day-cake";
import { isKeptCold, MAKING, SAFE_OUT_MIN } from "./making";
import { bowlFor, CUBES, partsMade, SOFTEN_MIN, WEIGH_LINE_MIN, type Bowl, type MadePart } from "./parts-made";
import { hands, next, taskList, type TaskList } from "./task-list";
import type { Link, Shorter, Task } from "./task";

/** How long hands take. Judgement from household practice; what this baker takes is learnt in time. */
const TAKES = {
  prepareTinMin: 3, tinS: 40, takeOutMin: 1, turnOutTinMin: 2, splitMin: 2, fillGapMin: 3, firstCoatMin: 8, chillCoatMin: 20, chillCoatFreezerMin: 8, finalCoatMin: 12, topMin: 6, pieceS: 5, pourWarmTinMin: 2, pourMin: 5, intoFridgeMin: 1, meltMin: 5, toastMin: 10, coolIngredientMin: 20,
} as const;
/** Creamed with butter that has to be soft. */
const SOFT_BUTTER: readonly BatterKind[] = ["creamed", "pound", "rich-fruit"];
/** A cake may stay so much longer in its tin, minutes. */
const TIN_WAITS_MIN = 10;

/**
 * The day's tasks of one cake, each with what must come before it. All hands-on times are whole minutes, at least one. What is mixed is
 * gone on with at once up to the tins, and the mixer's one bowl is washed before it is used again.
 * @param cake its place among the day's cakes, which is part of every id
 * @param isBowlShared whether another cake of the day needs the mixer's bowl too
 */
export function tasksOf(day: DayCake, cake: number, isBowlShared = false): readonly Task[] {
  const list = taskList(cake, day.warmUpMin);
  const bowl = bowlFor(list, usesOfBowl(day), isBowlShared);
  const toppings = partsMade(list, day, bowl, "before-batter");
  const filled = batterInTins(list, day, bowl);
  const made = [...toppings, ...partsMade(list, day, bowl, "after-batter")];
  const outs = baked(list, day, filled, readyFor(made, "before-oven"));
  finished(list, day, made, cooled(list, day, outs, readyFor(made, "poured")));
  return list.tasks;
}

const readyFor = (made: readonly MadePart[], ...goes: readonly DayPart["goes"][]): readonly Link[] => made.filter(({ part }) => goes.includes(part.goes)).flatMap(({ ready }) => ready);

/** From soft butter to full tins. @returns the id of the last */
function batterInTins(list: TaskList, day: DayCake, bowl: Bowl): string {
  const soft = SOFT_BUTTER.includes(day.kind) ? [next(list.add("soften", "mix", { do: "soften-butter", for: "batter" }, SOFTEN_MIN, [], [], CUBES))] : [];
  const tins = list.add("tins", "mix", { do: "prepare-tins", tins: day.tins }, hands(TAKES.prepareTinMin * day.tins), ["hands"], []);
  const weighed = day.lines === 0 ? [] : [next(list.add("weigh", "mix", { do: "weigh", lines: day.lines }, hands(WEIGH_LINE_MIN * day.lines), ["hands"], []))];
  const prepared = day.prepares.map(({ how, name, cools }, index) => {
    const done = list.add(`prepare${index + 1}`, "mix", { do: "prepare-ingredient", how, name }, how === "melt" ? TAKES.meltMin : TAKES.toastMin, ["hands"], weighed);
    return next(cools ? list.add(`prepare${index + 1}-cool`, "mix", { do: "cool-ingredient", name }, TAKES.coolIngredientMin, [], [next(done, 0, 0)]) : done);
  });
  const method = methodOf(day);
  const isInBowl = method.some(({ usesMixer }) => usesMixer);
  const mixed = list.addSteps("", "mix", method, [...soft, ...weighed, ...prepared, ...(isInBowl ? bowl.clean() : [])]);
  const filled = list.add("fill", "fill", { do: "fill", tins: day.tins }, hands((TAKES.tinS * day.tins) / 60), ["hands"], [next(mixed, 0, list.isByHand(mixed) ? 0 : null), next(tins)]);
  if (isInBowl) bowl.emptied("wash", "mix", filled);
  return filled;
}

/** Load after load, in an oven that is warm when the first goes in. @returns the ids of taking each out */
function baked(list: TaskList, day: DayCake, filled: string, toppings: readonly Link[]): readonly string[] {
  let before = next(list.add("warm-up", "bake", { do: "warm-up", ovenC: day.ovenC }, day.warmUpMin, ["oven"], []), 0, 0);
  return day.loads.map(({ tins, firstLookMin, likelyMin }, index) => {
    const which = { load: index + 1, loads: day.loads.length };
    const full = index === 0 ? [next(filled, 0, WAITS_MIN[day.kind]), ...toppings] : [next(filled)];
    const shut = list.add(`bake${index + 1}`, "bake", { do: "bake", tins, ...which }, firstLookMin, ["oven"], [before, ...full]);
    const on = list.add(`look${index + 1}`, "bake", { do: "look-and-bake-on", ...which }, Math.max(1, likelyMin - firstLookMin), ["oven"], [next(shut, 0, 0)]);
    before = next(on, TAKES.takeOutMin, TAKES.takeOutMin);
    return list.add(`out${index + 1}`, "bake", { do: "take-out", ...which }, TAKES.takeOutMin, ["hands"], [next(on, 0, 0)]);
  });
}

/** Poured over while it is warm, turned out, and cold. @returns what is over when all is cold */
function cooled(list: TaskList, day: DayCake, outs: readonly string[], poured: readonly Link[]): readonly Link[] {
  const { turnOutMin, coldMin, pourAfterMin } = day;
  const colder = (inTinMin: number): readonly Shorter[] => [
    { way: "cool-in-fridge", minutes: Math.max(1, day.coldFridgeMin - inTinMin) },
    { way: "cool-in-freezer", minutes: Math.max(1, day.coldFreezerMin - inTinMin) },
  ];
  return outs.flatMap((out, index): readonly Link[] => {
    const tins = day.loads[index]?.tins ?? 1;
    const pour = pourAfterMin === null ? [] : [next(list.add(`pour${index + 1}`, "finish", { do: "pour-warm" }, hands(TAKES.pourWarmTinMin * tins), ["hands"], [next(out, ...pourAfterMin), ...poured]))];
    const turned = turnOutMin === null ? out : list.add(`turn-out${index + 1}`, "cool", { do: "turn-out", tins }, hands(TAKES.turnOutTinMin * tins), ["hands"], [next(out, turnOutMin, turnOutMin + TIN_WAITS_MIN)]);
    const inTinMin = turnOutMin ?? 0;
    return [...pour, next(list.add(`cool${index + 1}`, "cool", { do: "cool" }, Math.max(1, coldMin - inTinMin), [], [next(turned, 0, 0)], colder(inTinMin)))];
  });
}

/** Filled, coated, poured over, kept cold and decorated. */
function finished(list: TaskList, day: DayCake, made: readonly MadePart[], cold: readonly Link[]): void {
  const over = readyFor(made, "over");
  let last: readonly Link[] = [...cold, ...readyFor(made, "onto-warm", "inside")];
  if (day.gaps > 0) last = [next(list.add("split-and-fill", "build", { do: "split-and-fill", gaps: day.gaps }, hands(TAKES.splitMin * Math.max(0, day.splits - 1) + TAKES.fillGapMin * day.gaps), ["hands"], [...last, ...over]))];
  if (day.hasFirstCoat) {
    last = [next(list.add("first-coat", "finish", { do: "first-coat" }, TAKES.firstCoatMin, ["hands"], [...last, ...over], [{ way: "no-first-coat", minutes: 0 }]))];
    last = [next(list.add("chill-coat", "finish", { do: "chill-coat" }, TAKES.chillCoatMin, [], last, [{ way: "no-first-coat", minutes: 0 }, { way: "coat-in-freezer", minutes: TAKES.chillCoatFreezerMin }]))];
  }
  if (over.length > 0) last = [next(list.add("final-coat", "finish", { do: "final-coat" }, day.hasCoat ? TAKES.finalCoatMin : TAKES.topMin, ["hands"], [...last, ...over]))];
  const poured = made.find(({ part }) => part.goes === "poured" && part.what !== null)?.part.what;
  if (poured != null && day.pourAfterMin === null) last = [next(list.add("pour-cold", "finish", { do: "pour-cold", what: poured }, TAKES.pourMin, ["hands"], [...last, ...readyFor(made, "poured")]))];
  last = intoFridge(list, made, [...last, ...readyFor(made, "on-top")]);
  if (day.pieces > 0) list.add("decorate", "finish", { do: "decorate", pieces: day.pieces }, hands((TAKES.pieceS * day.pieces) / 60), ["hands"], last, [{ way: "no-pieces", minutes: 0 }]);
}

/** What spoils is not out for longer than is safe, from when it was made until the cake stands cold; what is cooked cools in the fridge and waits there. */
function intoFridge(list: TaskList, made: readonly MadePart[], last: readonly Link[]): readonly Link[] {
  const cold = made.flatMap(({ part: { what, own }, last: id }) => (what !== null && isKeptCold(what) ? [{ what, id, isCooled: own === null && MAKING[what].coolMin > 0 }] : []));
  const [first] = cold;
  if (first === undefined) return last;
  const within = cold.filter(({ isCooled }) => !isCooled).map(({ id }) => next(id, 0, SAFE_OUT_MIN));
  return [next(list.add("into-fridge", "finish", { do: "into-fridge", what: first.what }, TAKES.intoFridgeMin, ["hands"], [...last.filter(({ id }) => !within.some((link) => link.id === id)), ...within]))];
}
