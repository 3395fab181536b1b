import { COLD_SPREADS, type Spread } from "../build";
import type { BatterKind } from "../mix";
import { MAKING, SAFE_OUT_MIN, type Made } from "./making";
import { goingOf, type Doing, type Link, type Resource, type Shorter, type Station, type Task } from "./task";

/** A step of a recipe's own method. */
export type MethodStep = {
  readonly text: string;
  /** Null when it does not say. */
  readonly minutes: number | null;
  /** Whether it is only waited for. */
  readonly isWait: boolean;
  readonly usesMixer: boolean;
  /** The oven's heat for what is toasted in it, °C; null for all else. */
  readonly ovenC: number | null;
};

/** Something made besides the batter. */
export type DayPart = {
  /** Where it goes: on before the oven, onto the warm cake, between slices or into them, over the cold cake, poured over that, or on top in the end. */
  readonly goes: "before-oven" | "onto-warm" | "inside" | "over" | "poured" | "on-top";
  /** What the plan asks for; null for a part of the recipe that is known by its steps only. */
  readonly what: Made | null;
  readonly massG: number;
  readonly softensButter: boolean;
  /** The recipe's own part it is made by, with its lines to weigh; null for the usual way. */
  readonly own: { readonly id: string; readonly name: string; readonly lines: number; readonly times: number; readonly steps: readonly MethodStep[] } | null;
};

/** A cake as far as its day goes; all of it follows from its plan. */
export type DayCake = {
  readonly kind: BatterKind;
  /** Ingredient lines to weigh; 0 when they are not known. */
  readonly lines: number;
  /** What has to be melted or toasted first, as its line says. */
  readonly prepares: readonly { readonly how: "melt" | "toast"; readonly name: string; readonly cools: boolean }[];
  readonly tins: number;
  readonly ovenC: number;
  readonly warmUpMin: number;
  /** The batter's method up to the tins; the usual one when empty. */
  readonly steps: readonly MethodStep[];
  /** In the order they go in. */
  readonly loads: readonly { readonly tins: number; readonly firstLookMin: number; readonly likelyMin: number }[];
  /** Tins of the plan that the oven's shelf has no room for; they stand in a load of their own, and it has to be said. */
  readonly tooLarge: readonly number[];
  /** Null when it stays in its tin until cold. */
  readonly turnOutMin: number | null;
  readonly coldMin: number;
  /** The same with the fridge or the freezer once it is lukewarm. */
  readonly coldFridgeMin: number;
  readonly coldFreezerMin: number;
  /** Gaps between slices on all cakes. */
  readonly gaps: number;
  readonly splits: number;
  readonly parts: readonly DayPart[];
  readonly hasFirstCoat: boolean;
  /** Whether its sides are coated too. */
  readonly hasCoat: boolean;
  /** Shells, swirls, drips and pieces of fruit that are put on one by one. */
  readonly pieces: number;
  /** Poured over the cake while it is warm, minutes after the oven; null for what is not. */
  readonly pourAfterMin: readonly [least: number, most: number] | null;
};

/** How long hands take. Judgement from household practice; what this baker takes is learnt in time. */
const TAKES = {
  softenMin: 60, prepareTinMin: 3, weighLineS: 20, tinS: 40, takeOutMin: 1, turnOutTinMin: 2, splitMin: 2, fillGapMin: 3, softenCubesMin: 20, firstCoatMin: 8, chillCoatMin: 20, chillCoatFreezerMin: 8, finalCoatMin: 12, topMin: 6, pieceS: 5, washMin: 4, pourMin: 5, intoFridgeMin: 1, meltMin: 5, toastMin: 10, coolIngredientMin: 20,
} as const;
const CUBES: readonly Shorter[] = [{ way: "butter-in-cubes", minutes: TAKES.softenCubesMin }];

/** A step that does not say how long it takes. */
const STEP_MIN = 3;
/** Creaming, whisking or stirring, by kind of batter, when the recipe's own steps are not known, minutes. */
const MIX_MIN: Readonly<Record<BatterKind, number>> = {
  creamed: 15, oil: 8, "hot-liquid": 10, whisked: 14, chiffon: 18, "white-foam": 16, "folded-whites": 18, pound: 18, "quick-loaf": 8, muffin: 8, "rich-fruit": 20, brownie: 10, "baked-cheese": 12,
};
/** Made in the mixer's bowl, when the recipe's own steps are not known. */
const BY_MIXER: readonly BatterKind[] = ["creamed", "pound", "rich-fruit", "whisked", "chiffon", "white-foam", "folded-whites", "baked-cheese"];
/** Batters that sink or lose their lift while they wait: minutes they may stand before the oven. */
const WAITS_MIN: Readonly<Record<BatterKind, number>> = {
  creamed: 30, oil: 20, "hot-liquid": 10, whisked: 5, chiffon: 10, "white-foam": 5, "folded-whites": 10, pound: 30, "quick-loaf": 15, muffin: 20, "rich-fruit": 120, brownie: 60, "baked-cheese": 120,
};
/** Creamed with butter that has to be soft. */
const SOFT_BUTTER: readonly BatterKind[] = ["creamed", "pound", "rich-fruit"];
/** A cake may stay so much longer in its tin, minutes. */
const TIN_WAITS_MIN = 10;

/** Batter for a later load waits at least this long, minutes. */
const LOAD_MIN = 20;

/** Whether the batter of a cake may wait for its later loads; also true when it has none. */
export function mayWait({ kind, loads }: DayCake): boolean {
  return loads.length < 2 || WAITS_MIN[kind] >= LOAD_MIN;
}

/** What stands on a warm cake's top goes on within so long of the oven, minutes. */
const WARM_MIN = 20;
/** The order parts are made in, what their tasks are called, and where those belong. */
const PARTS: readonly (readonly [goes: DayPart["goes"], name: string, station: Station])[] = [
  ["before-oven", "topping", "mix"], ["onto-warm", "syrup", "cool"], ["inside", "filling", "build"], ["over", "frosting", "finish"], ["poured", "pouring", "finish"], ["on-top", "top", "finish"],
];
const isCold = (what: Made | null): what is Made & Spread => what !== null && (COLD_SPREADS as readonly string[]).includes(what);
/** Whether a part is made in the mixer's bowl; what is brushed on warm is put there without it. */
const needsBowl = ({ what, own, goes }: DayPart): boolean => (own === null ? what !== null && MAKING[what].usesMixer : (goes === "onto-warm" ? own.steps.slice(0, -1) : own.steps).some(({ usesMixer }) => usesMixer));
/** Whether a cake's batter or anything that goes with it is. */
export const usesBowl = (day: DayCake): boolean => methodOf(day).some(({ usesMixer }) => usesMixer) || day.parts.some(needsBowl);

/** The recipe's own steps, or the usual making as one. */
function methodOf({ steps, kind }: DayCake): readonly MethodStep[] {
  return steps.length > 0 ? steps : [{ text: "", minutes: MIX_MIN[kind], isWait: false, usesMixer: BY_MIXER.includes(kind), ovenC: null }];
}

/** A part that is made: what has to be over before it is used, and the last thing that was done for it. */
type MadePart = { readonly part: DayPart; readonly ready: readonly Link[]; readonly last: string };

/**
 * The day's tasks of one cake, each with what must come before it. All hands-on times are whole minutes, at least one. What is mixed is
 * gone on with at once up to the tins, and the mixer's one bowl is washed before it is used again.
 * @param cake its place among the day's cakes, which is part of every id
 * @param isBowlShared whether another cake of the day needs the mixer's bowl too
 */
export function tasksOf(day: DayCake, cake: number, isBowlShared = false): readonly Task[] {
  const tasks: Task[] = [];
  const add = (name: string, station: Station, doing: Doing, minutes: number, needs: readonly Resource[], after: readonly Link[], shorter: readonly Shorter[] = []): string => {
    const id = `${cake}.${name}`;
    const whole = Math.max(0, Math.round(minutes));
    tasks.push({ id, cake, station, doing, minutes: whole, needs, after, shorter: shorter.filter((each) => each.minutes < whole) });
    return id;
  };
  const next = (id: string, leastMin = 0, mostMin: number | null = null): Link => ({ id, leastMin, mostMin });
  const hands = (minutes: number): number => Math.max(1, Math.round(minutes));
  const isByHand = (id: string): boolean => tasks.some((task) => task.id === id && goingOf(task) === "by-hand");

  /** Steps one after the other; what hands are at, they go on with at once. */
  const worked = (name: string, station: Station, steps: readonly MethodStep[], first: readonly Link[]): string => {
    let last: string | null = null;
    for (const [index, { text, minutes, isWait, usesMixer, ovenC }] of steps.entries()) {
      const before = last === null ? first : [next(last, 0, isByHand(last) && !isWait ? 0 : null)];
      const warm = ovenC === null ? [] : [next(add(`${name}warm-up${index + 1}`, station, { do: "warm-up", ovenC }, day.warmUpMin, ["oven"], []), 0, 0)];
      const needs: readonly Resource[] = ovenC !== null ? ["oven"] : isWait ? [] : usesMixer ? ["hands", "mixer"] : ["hands"];
      last = add(`${name}step${index + 1}`, station, { do: "step", text, isWait }, hands(minutes ?? STEP_MIN), needs, [...before, ...warm]);
    }
    return last ?? "";
  };

  const method = methodOf(day);
  const parts = PARTS.flatMap(([goes, name, station]) => day.parts.filter((part) => part.goes === goes).map((part, index) => ({ part, name: index === 0 ? name : `${name}${index + 1}`, station })));
  const isWarm = ({ goes }: DayPart): boolean => goes === "onto-warm" || (goes === "poured" && day.pourAfterMin !== null);
  const isEarly = ({ goes }: DayPart): boolean => goes === "before-oven";
  const early = parts.filter(({ part }) => isEarly(part));
  const later = [...parts.filter(({ part }) => isWarm(part)), ...parts.filter(({ part }) => !isWarm(part) && !isEarly(part))];

  /** The bowl is clean after these; one that another cake waits for is washed at once. */
  let bowl: readonly Link[] = [];
  let usesLeft = day.parts.filter(needsBowl).length + (method.some(({ usesMixer }) => usesMixer) ? 1 : 0);
  const emptied = (name: string, station: Station, after: string): void => {
    usesLeft -= 1;
    if (usesLeft > 0 || isBowlShared) bowl = [next(add(name, station, { do: "wash-bowl" }, TAKES.washMin, ["hands", "mixer"], [next(after, 0, isByHand(after) && isBowlShared ? 0 : null)]))];
  };

  const made = ({ part, name, station }: (typeof parts)[number]): MadePart => {
    const { what, massG, own, goes } = part;
    const softened = part.softensButter ? [next(add(`soften-${name}`, station, { do: "soften-butter", for: goes === "inside" ? "filling" : "frosting" }, TAKES.softenMin, [], [], CUBES))] : [];
    const isInBowl = needsBowl(part);
    const first = [...softened, ...(isInBowl ? bowl : [])];
    if (own === null) {
      const { handsMin, perKgMin, coolMin } = MAKING[what ?? "syrup"];
      const last = add(name, station, { do: "make", what: what ?? "syrup", massG }, hands(handsMin + (perKgMin * massG) / 1000), isInBowl ? ["hands", "mixer"] : ["hands"], first);
      if (isInBowl) emptied(`wash-${name}`, station, last);
      return { part, last, ready: [next(coolMin === 0 ? last : add(`${name}-cool`, station, { do: "cool-made", what: what ?? "syrup" }, coolMin, [], [next(last, 0, 0)]))] };
    }
    const weighing = own.lines === 0 ? [] : [next(add(`${name}-weigh`, station, { do: "weigh", lines: own.lines, part: { id: own.id, name: own.name, times: own.times } }, hands((TAKES.weighLineS * own.lines) / 60), ["hands"], []))];
    // The last step of what goes onto the warm cake is putting it there.
    const onto = goes === "onto-warm" ? own.steps.at(-1) : undefined;
    const steps = onto === undefined ? own.steps : own.steps.slice(0, -1);
    const done = steps.length === 0 ? null : worked(`${name}-`, station, steps, [...first, ...weighing]);
    if (isInBowl && done !== null) emptied(`wash-${name}`, station, done);
    const last = onto === undefined ? (done ?? "") : add(`${name}-onto`, station, { do: "step", text: onto.text, isWait: false }, hands(onto.minutes ?? STEP_MIN), ["hands"], [...(done === null ? [...first, ...weighing] : [next(done)]), next(`${cake}.out${day.loads.length}`, 0, WARM_MIN)]);
    return { part, last, ready: [next(last)] };
  };
  const toppings = early.map(made);

  const soft = SOFT_BUTTER.includes(day.kind) ? [next(add("soften", "mix", { do: "soften-butter", for: "batter" }, TAKES.softenMin, [], [], CUBES))] : [];
  const tins = add("tins", "mix", { do: "prepare-tins", tins: day.tins }, hands(TAKES.prepareTinMin * day.tins), ["hands"], []);
  const weighed = day.lines === 0 ? [] : [next(add("weigh", "mix", { do: "weigh", lines: day.lines }, hands((TAKES.weighLineS * day.lines) / 60), ["hands"], []))];
  const prepared = day.prepares.map(({ how, name, cools }, index) => {
    const done = add(`prepare${index + 1}`, "mix", { do: "prepare-ingredient", how, name }, how === "melt" ? TAKES.meltMin : TAKES.toastMin, ["hands"], weighed);
    return next(cools ? add(`prepare${index + 1}-cool`, "mix", { do: "cool-ingredient", name }, TAKES.coolIngredientMin, [], [next(done, 0, 0)]) : done);
  });
  const isInBowl = method.some(({ usesMixer }) => usesMixer);
  const mixed = worked("", "mix", method, [...soft, ...weighed, ...prepared, ...(isInBowl ? bowl : [])]);
  const filled = add("fill", "fill", { do: "fill", tins: day.tins }, hands((TAKES.tinS * day.tins) / 60), ["hands"], [next(mixed, 0, isByHand(mixed) ? 0 : null), next(tins)]);
  if (isInBowl) emptied("wash", "mix", filled);
  const readies = [...toppings, ...later.map(made)];
  const readyFor = (...goes: readonly DayPart["goes"][]): readonly Link[] => readies.filter(({ part }) => goes.includes(part.goes)).flatMap(({ ready }) => ready);

  let before: Link = next(add("warm-up", "bake", { do: "warm-up", ovenC: day.ovenC }, day.warmUpMin, ["oven"], []), 0, 0);
  const outs: string[] = [];
  for (const [index, { tins: inLoad, firstLookMin, likelyMin }] of day.loads.entries()) {
    const which = { load: index + 1, loads: day.loads.length };
    const isFirst = index === 0;
    const shut = add(`bake${index + 1}`, "bake", { do: "bake", tins: inLoad, ...which }, firstLookMin, ["oven"], [before, next(filled, 0, isFirst ? WAITS_MIN[day.kind] : null), ...(isFirst ? readyFor("before-oven") : [])]);
    const on = add(`look${index + 1}`, "bake", { do: "look-and-bake-on", ...which }, Math.max(1, likelyMin - firstLookMin), ["oven"], [next(shut, 0, 0)]);
    const out = add(`out${index + 1}`, "bake", { do: "take-out", ...which }, TAKES.takeOutMin, ["hands"], [next(on, 0, 0)]);
    outs.push(out);
    before = next(on, TAKES.takeOutMin, TAKES.takeOutMin);
  }
  const colder = (inTinMin: number): readonly Shorter[] => [
    { way: "cool-in-fridge", minutes: Math.max(1, day.coldFridgeMin - inTinMin) },
    { way: "cool-in-freezer", minutes: Math.max(1, day.coldFreezerMin - inTinMin) },
  ];
  const cooled = outs.flatMap((out, index): readonly Link[] => {
    const inLoad = day.loads[index]?.tins ?? 1;
    const links: Link[] = [];
    if (day.pourAfterMin !== null) links.push(next(add(`pour${index + 1}`, "finish", { do: "pour-warm" }, hands(2 * inLoad), ["hands"], [next(out, ...day.pourAfterMin), ...readyFor("poured")])));
    if (day.turnOutMin === null) return [...links, next(add(`cool${index + 1}`, "cool", { do: "cool" }, day.coldMin, [], [next(out, 0, 0)], colder(0)))];
    const turned = add(`turn-out${index + 1}`, "cool", { do: "turn-out", tins: inLoad }, hands(TAKES.turnOutTinMin * inLoad), ["hands"], [next(out, day.turnOutMin, day.turnOutMin + TIN_WAITS_MIN)]);
    return [...links, next(add(`cool${index + 1}`, "cool", { do: "cool" }, Math.max(1, day.coldMin - day.turnOutMin), [], [next(turned, 0, 0)], colder(day.turnOutMin)))];
  });
  const over = readyFor("over");
  let last: readonly Link[] = [...cooled, ...readyFor("onto-warm", "inside")];
  if (day.gaps > 0) last = [next(add("split-and-fill", "build", { do: "split-and-fill", gaps: day.gaps }, hands(TAKES.splitMin * Math.max(0, day.splits - 1) + TAKES.fillGapMin * day.gaps), ["hands"], [...last, ...over]))];
  if (day.hasFirstCoat) {
    last = [next(add("first-coat", "finish", { do: "first-coat" }, TAKES.firstCoatMin, ["hands"], [...last, ...over], [{ way: "no-first-coat", minutes: 0 }]))];
    last = [next(add("chill-coat", "finish", { do: "chill-coat" }, TAKES.chillCoatMin, [], last, [{ way: "no-first-coat", minutes: 0 }, { way: "coat-in-freezer", minutes: TAKES.chillCoatFreezerMin }]))];
  }
  if (over.length > 0) last = [next(add("final-coat", "finish", { do: "final-coat" }, day.hasCoat ? TAKES.finalCoatMin : TAKES.topMin, ["hands"], [...last, ...over]))];
  const poured = readies.find(({ part }) => part.goes === "poured" && part.what !== null);
  if (poured !== undefined && day.pourAfterMin === null) last = [next(add("pour-cold", "finish", { do: "pour-cold", what: poured.part.what ?? "syrup" }, TAKES.pourMin, ["hands"], [...last, ...readyFor("poured")]))];
  last = [...last, ...readyFor("on-top")];
  // What spoils is not out for longer than is safe, from when it was made until the cake stands cold; what is cooked cools in the fridge and waits there.
  const cold = readies.filter(({ part }) => isCold(part.what));
  const [spoils] = cold;
  if (spoils !== undefined) {
    const within = cold.filter(({ part: { what, own } }) => own !== null || what === null || MAKING[what].coolMin === 0).map(({ last: id }) => next(id, 0, SAFE_OUT_MIN));
    last = [next(add("into-fridge", "finish", { do: "into-fridge", what: spoils.part.what ?? "syrup" }, TAKES.intoFridgeMin, ["hands"], [...last.filter(({ id }) => !within.some((link) => link.id === id)), ...within]))];
  }
  if (day.pieces > 0) add("decorate", "finish", { do: "decorate", pieces: day.pieces }, hands((TAKES.pieceS * day.pieces) / 60), ["hands"], last, [{ way: "no-pieces", minutes: 0 }]);
  return tasks;
}
