import type { BatterKind } from "../mix";
import type { Doing, Link, Resource, Shorter, Station, Task } from "./task";

/** A step of the batter's own method, as its recipe has it. */
export type MethodStep = { readonly text: string; /** Null when it does not say. */ readonly minutes: number | null; /** Whether it is only waited for. */ readonly isWait: boolean };

/** A cake as far as its day goes; all of it follows from its plan. */
export type DayCake = {
  readonly kind: BatterKind;
  /** Ingredient lines to weigh; 0 when they are not known. */
  readonly lines: number;
  readonly tins: number;
  readonly ovenC: number;
  readonly warmUpMin: number;
  /** The batter's method up to the tins; the usual one when empty. */
  readonly steps: readonly MethodStep[];
  /** In the order they go in. */
  readonly loads: readonly { readonly tins: number; readonly firstLookMin: number; readonly likelyMin: number }[];
  /** Null when it stays in its tin until cold. */
  readonly turnOutMin: number | null;
  readonly coldMin: number;
  /** The same with the fridge or the freezer once it is lukewarm. */
  readonly coldFridgeMin: number;
  readonly coldFreezerMin: number;
  /** Gaps between slices on all cakes. */
  readonly gaps: number;
  readonly splits: number;
  /** Frosting to be made, g; 0 for none. */
  readonly frostingG: number;
  /** Whether butter has to soften for it. */
  readonly frostingHasButter: boolean;
  readonly hasFirstCoat: boolean;
  readonly hasCoat: boolean;
  /** Shells, swirls, drips and pieces of fruit that are put on one by one. */
  readonly pieces: number;
  /** Poured over the cake while it is warm, minutes after the oven; null for what is not. */
  readonly pourAfterMin: readonly [least: number, most: number] | null;
};

/** How long hands take. Judgement from household practice; what this baker takes is learnt in time. */
const TAKES = {
  softenMin: 60, prepareTinMin: 3, weighLineS: 20, tinS: 40, takeOutMin: 1, turnOutTinMin: 2, splitMin: 2, fillGapMin: 3, frostingMin: 15, frostingPerKgMin: 10, softenCubesMin: 20, firstCoatMin: 8, chillCoatMin: 20, chillCoatFreezerMin: 8, finalCoatMin: 12, topMin: 6, pieceS: 5,
} as const;
const CUBES: readonly Shorter[] = [{ way: "butter-in-cubes", minutes: TAKES.softenCubesMin }];

/** A step that does not say how long it takes. */
const STEP_MIN = 3;
/** Creaming, whisking or stirring, by kind of batter, when the recipe's own steps are not known, minutes. */
const MIX_MIN: Readonly<Record<BatterKind, number>> = {
  creamed: 15, oil: 8, "hot-liquid": 10, whisked: 14, chiffon: 18, "white-foam": 16, "folded-whites": 18, pound: 18, "quick-loaf": 8, muffin: 8, "rich-fruit": 20, brownie: 10, "baked-cheese": 12,
};
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

/**
 * The day's tasks of one cake, each with what must come before it. All hands-on times are whole minutes, at least one.
 * @param cake its place among the day's cakes, which is part of every id
 */
export function tasksOf(day: DayCake, cake: number): readonly Task[] {
  const tasks: Task[] = [];
  const add = (name: string, station: Station, doing: Doing, minutes: number, needs: readonly Resource[], after: readonly Link[], shorter: readonly Shorter[] = []): string => {
    const id = `${cake}.${name}`;
    const whole = Math.max(0, Math.round(minutes));
    tasks.push({ id, cake, station, doing, minutes: whole, needs, after, shorter: shorter.filter((each) => each.minutes < whole) });
    return id;
  };
  const next = (id: string, leastMin = 0, mostMin: number | null = null): Link => ({ id, leastMin, mostMin });
  const hands = (minutes: number): number => Math.max(1, Math.round(minutes));

  const soft = SOFT_BUTTER.includes(day.kind) ? [next(add("soften", "mix", { do: "soften-butter", for: "batter" }, TAKES.softenMin, [], [], CUBES))] : [];
  const tins = add("tins", "mix", { do: "prepare-tins", tins: day.tins }, hands(TAKES.prepareTinMin * day.tins), ["hands"], []);
  const weighed = day.lines === 0 ? [] : [next(add("weigh", "mix", { do: "weigh", lines: day.lines }, hands((TAKES.weighLineS * day.lines) / 60), ["hands"], []))];
  const method: readonly MethodStep[] = day.steps.length > 0 ? day.steps : [{ text: "", minutes: MIX_MIN[day.kind], isWait: false }];
  let mixed: readonly Link[] = [...soft, ...weighed];
  for (const [index, { text, minutes, isWait }] of method.entries()) {
    const took = hands(minutes ?? STEP_MIN);
    mixed = [next(add(`step${index + 1}`, "mix", { do: "step", text, isWait }, took, isWait ? [] : ["hands", "mixer"], mixed))];
  }
  const filled = add("fill", "fill", { do: "fill", tins: day.tins }, hands((TAKES.tinS * day.tins) / 60), ["hands"], [...mixed, next(tins)]);
  let before: Link = next(add("warm-up", "bake", { do: "warm-up", ovenC: day.ovenC }, day.warmUpMin, ["oven"], []), 0, 0);
  const outs: string[] = [];
  for (const [index, { tins: inLoad, firstLookMin, likelyMin }] of day.loads.entries()) {
    const which = { load: index + 1, loads: day.loads.length };
    const isFirst = index === 0;
    const shut = add(`bake${index + 1}`, "bake", { do: "bake", tins: inLoad, ...which }, firstLookMin, ["oven"], [before, next(filled, 0, isFirst ? WAITS_MIN[day.kind] : null)]);
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
    if (day.pourAfterMin !== null) links.push(next(add(`pour${index + 1}`, "finish", { do: "pour-warm" }, hands(2 * inLoad), ["hands"], [next(out, ...day.pourAfterMin)])));
    if (day.turnOutMin === null) return [...links, next(add(`cool${index + 1}`, "cool", { do: "cool" }, day.coldMin, [], [next(out, 0, 0)], colder(0)))];
    const turned = add(`turn-out${index + 1}`, "cool", { do: "turn-out", tins: inLoad }, hands(TAKES.turnOutTinMin * inLoad), ["hands"], [next(out, day.turnOutMin, day.turnOutMin + TIN_WAITS_MIN)]);
    return [...links, next(add(`cool${index + 1}`, "cool", { do: "cool" }, Math.max(1, day.coldMin - day.turnOutMin), [], [next(turned, 0, 0)], colder(day.turnOutMin)))];
  });
  const softFrosting = day.frostingG === 0 || !day.frostingHasButter ? [] : [next(add("soften-frosting", "finish", { do: "soften-butter", for: "frosting" }, TAKES.softenMin, [], [], CUBES))];
  const frosting = day.frostingG === 0 ? [] : [next(add("frosting", "finish", { do: "make-frosting", massG: day.frostingG }, hands(TAKES.frostingMin + (TAKES.frostingPerKgMin * day.frostingG) / 1000), ["hands", "mixer"], softFrosting))];
  let last: readonly Link[] = cooled;
  if (day.gaps > 0) last = [next(add("split-and-fill", "build", { do: "split-and-fill", gaps: day.gaps }, hands(TAKES.splitMin * Math.max(0, day.splits - 1) + TAKES.fillGapMin * day.gaps), ["hands"], [...last, ...frosting]))];
  if (day.hasFirstCoat) {
    last = [next(add("first-coat", "finish", { do: "first-coat" }, TAKES.firstCoatMin, ["hands"], [...last, ...frosting], [{ way: "no-first-coat", minutes: 0 }]))];
    last = [next(add("chill-coat", "finish", { do: "chill-coat" }, TAKES.chillCoatMin, [], last, [{ way: "no-first-coat", minutes: 0 }, { way: "coat-in-freezer", minutes: TAKES.chillCoatFreezerMin }]))];
  }
  if (day.frostingG > 0) last = [next(add("final-coat", "finish", { do: "final-coat" }, day.hasCoat ? TAKES.finalCoatMin : TAKES.topMin, ["hands"], [...last, ...frosting]))];
  if (day.pieces > 0) add("decorate", "finish", { do: "decorate", pieces: day.pieces }, hands((TAKES.pieceS * day.pieces) / 60), ["hands"], last, [{ way: "no-pieces", minutes: 0 }]);
  return tasks;
}
