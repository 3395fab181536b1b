import { shelfPieces, shelfPlan } from "../bake";
import { isBeaten, MADE, type DayCake, type DayPart, type Made, type MethodStep, type OwnPart } from "../day";
import { POUR_WINDOWS } from "../finish";
import type { BatterKind } from "../mix";
import { batterPart, readStep, type Formula, type FormulaRow, type PartFormula, type Step, type StepKind } from "../recipe";
import { coolDetail } from "./cool-detail";
import { laidFruit } from "./finish-detail";
import type { CakeInput } from "./input";
import type { CakePlan } from "./plan";

/** Steps that make the batter, up to the tins; what comes after is planned by the program. */
const OF_THE_BATTER: readonly StepKind[] = ["melt", "cream", "whisk", "fold", "mix", "rest", "other"];
const WARM_UP_MIN = 15;
/** A step that says a range takes the middle of it. */
const middle = ({ low, high }: { readonly low: number; readonly high: number }): number => Math.max(1, Math.round((low + high) / 2));
/** Beaten by the machine, by its words; batters that are only stirred need it where a step names it. */
const BEATEN = /\b(?:beat|whip|whisk|cream)\b/iu;
const BY_MACHINE = /\b(?:mixer|beaters|(?:low|medium|high) speed)\b/iu;
/** A step that begins so is only a wait; another has something to do before it. */
const WAITS_AT_ONCE = /^\s*(?:then )?(?:soak|steep|rest|chill|leave|let|stand|refrigerate|freeze|cover|cool|put)\b/iu;

/** A part's method as far as its steps tell. What is toasted in the oven needs no hands; what is beaten needs the mixer. */
function stepsOf(steps: readonly Step[], kinds: readonly StepKind[] | null, beaten: RegExp): readonly MethodStep[] {
  return steps.flatMap((step): readonly MethodStep[] => {
    const { kind, minutes, wait, waitText, tempC } = readStep(step);
    if (kinds !== null && !kinds.includes(kind)) return [];
    const plain = { text: step.text, usesMixer: false, ovenC: null };
    if (wait !== null && (kind === "rest" || kind === "cool") && WAITS_AT_ONCE.test(step.text)) return [{ ...plain, minutes: middle(wait), isWait: true }];
    const waits: readonly MethodStep[] = wait === null ? [] : [{ ...plain, text: sentence(waitText ?? step.text), minutes: middle(wait), isWait: true }];
    const isToasted = kind === "melt" && tempC !== null && /\b(?:toast|roast)/iu.test(step.text);
    return [{ ...plain, minutes: minutes === null ? null : middle(minutes), isWait: isToasted, usesMixer: kind !== "melt" && (BY_MACHINE.test(step.text) || (kind !== "fold" && beaten.test(step.text))), ovenC: isToasted ? tempC : null }, ...waits];
  });
}

const sentence = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** The batter's own method. */
function batterMethod(kind: BatterKind, { part }: PartFormula): readonly MethodStep[] {
  return stepsOf(part.steps, OF_THE_BATTER, isBeaten(kind) ? BEATEN : BY_MACHINE);
}

/** What lines say has to be melted or toasted first, where no step does it. */
function preparesOf({ rows, part }: PartFormula): DayCake["prepares"] {
  const isDone = (word: RegExp): boolean => part.steps.some(({ text }) => word.test(text));
  return rows.flatMap(({ ingredient, read: { name, note } }: FormulaRow): DayCake["prepares"] => {
    const how = /\bmelted\b/iu.test(note) && !isDone(/\bmelt\b/iu) ? "melt" : /\b(?:toasted|roasted)\b/iu.test(note) && !isDone(/\b(?:toast|roast)\b/iu) ? "toast" : null;
    return how === null ? [] : [{ how, name: ingredient?.name ?? name, cools: how === "toast" || /\bcool/iu.test(note) }];
  });
}

/** The recipe's parts that frosting and filling are made by; empty for the usual ways. */
export type PartsMade = { readonly part: string; readonly fillingPart: string };
export const USUAL_WAYS: PartsMade = { part: "", fillingPart: "" };

/** What is made besides the batter: all the plan needs, by the recipe's own parts where she says so, and the recipe's syrups and toppings. */
function partsOf({ build, finish }: CakePlan, scale: number, formula: Formula | null, made: PartsMade): readonly DayPart[] {
  const ownOf = (part: PartFormula | undefined, massG: number | null): OwnPart | null => {
    if (part === undefined || part.part.steps.length === 0) return null;
    return { id: part.part.id, name: part.part.name, lines: part.rows.length, times: massG === null || !(part.massG > 0) ? scale : massG / part.massG, steps: stepsOf(part.part.steps, null, BEATEN) };
  };
  const parts = formula?.parts ?? [];
  const stuffs = new Set<string>(MADE);
  const isMade = (stuff: string): stuff is Made => stuffs.has(stuff);
  const isInside = (stuff: string): boolean => finish.quantities.every((each) => each.stuff !== stuff || ["filling", "dam", "soak"].includes(each.thing));
  const ofPlan = finish.batches.flatMap(({ stuff, massG }): readonly DayPart[] => {
    if (!isMade(stuff) || !(massG > 0)) return [];
    const goes = isInside(stuff) ? "inside" : stuff === finish.frosting ? "over" : "poured";
    const id = stuff === finish.frosting ? made.part : stuff === build.filling ? made.fillingPart : "";
    const own = ownOf(parts.find(({ part }) => part.id === id), massG);
    return [own === null ? { goes, what: stuff, massG, own } : { goes, what: stuff, own }];
  });
  const used = new Set(ofPlan.flatMap(({ own }) => own?.id ?? []));
  const ofRecipe = parts.flatMap((part): readonly DayPart[] => {
    const goes = placeOf(part);
    const own = ownOf(part, null);
    return goes === null || own === null || used.has(part.part.id) ? [] : [{ goes, what: null, own }];
  });
  return [...ofPlan, ...ofRecipe];
}

/** Where a syrup or a topping of a recipe goes, by the words of its steps; null for what the plan asks for by itself. */
function placeOf({ part: { role, steps } }: PartFormula): DayPart["goes"] | null {
  const says = (words: RegExp): boolean => steps.some(({ text }) => words.test(text));
  if (role === "topping") return says(/\b(?:before (?:it )?bak|into the oven|and bake)/iu) ? "before-oven" : "on-top";
  if (role !== "syrup" && role !== "soak") return null;
  return says(/\b(?:warm|hot) (?:cakes?|loa(?:f|ves)|ring|sponges?|cups?|layers?|squares)\b|\bwhile .{0,40}(?:warm|hot)\b/iu) ? "onto-warm" : "inside";
}

/**
 * A plan as far as its day goes: its method, its loads, how it cools, and what is put on it.
 * @param formula the recipe's; null where the cake has none of its own
 * @param made the parts of it that frosting and filling are made by
 */
export function dayCake(input: CakeInput, plan: CakePlan, formula: Formula | null = null, made: PartsMade = USUAL_WAYS): DayCake {
  const { bake, build, finish, fill, mix } = plan;
  const batter = formula === null ? null : batterPart(formula);
  const cooled = coolDetail(plan);
  const { shelf } = input.oven ?? {};
  const onShelf = shelf === undefined ? null : shelfPlan(fill.tins.map(({ geometry }) => geometry), shelf);
  const tooLarge = onShelf?.tooLarge ?? [];
  const stands = (tin: number): readonly number[] => { const geometry = fill.tins[tin]?.geometry; return Array.from({ length: geometry === undefined || geometry.tin.shape === "well" ? 1 : geometry.count }, () => tin); };
  const loads = onShelf === null ? [fill.tins.flatMap((_, tin) => stands(tin))] : [...onShelf.loads.map((load) => load.flat().map(({ tin }) => tin)), tooLarge.flatMap(stands)].filter((load) => load.length > 0);
  const fruit = laidFruit(input, plan);
  const pieces = finish.quantities.reduce((sum, { count, times, thing }) => sum + (thing === "drips" || count === null ? 0 : count * times), 0);
  const window = finish.wears.pour === undefined ? null : POUR_WINDOWS[finish.wears.pour.what].minutesAfterOven;
  const turnOuts = cooled.map(({ turnOutMin }) => turnOutMin);
  return {
    kind: mix.kind,
    lines: batter === null ? 0 : batter.rows.length,
    prepares: batter === null ? [] : preparesOf(batter),
    tins: fill.tins.reduce((sum, { geometry }) => sum + shelfPieces(geometry), 0),
    ovenC: bake.dialC,
    warmUpMin: input.oven?.warmUpMin ?? WARM_UP_MIN,
    steps: batter === null ? [] : batterMethod(mix.kind, batter),
    tooLarge,
    loads: loads.map((load) => {
      const minutes = load.flatMap((tin) => bake.tins[tin] ?? []);
      return { tins: load.length, firstLookMin: Math.min(...minutes.map(({ firstLookMin }) => firstLookMin)), likelyMin: Math.max(...minutes.map(({ likelyMin }) => likelyMin)) };
    }),
    // The last to leave its tin decides.
    turnOutMin: turnOuts.includes(null) ? null : Math.max(...turnOuts.map((minutes) => minutes ?? 0)),
    coldMin: Math.max(...cooled.map(({ coldMin }) => coldMin)),
    coldFridgeMin: Math.max(...cooled.map(({ fridgeMin }) => fridgeMin)),
    coldFreezerMin: Math.max(...cooled.map(({ freezerMin }) => freezerMin)),
    gaps: build.cakes.reduce((sum, { cakes, tiers }) => sum + cakes * tiers.reduce((gaps, { layers }) => gaps + layers - 1, 0), 0),
    splits: input.build?.splits ?? 1,
    parts: partsOf(plan, plan.scale, formula, made),
    hasFirstCoat: finish.quantities.some(({ thing }) => thing === "first-coat"),
    hasCoat: finish.coat.sideMm > 0,
    pieces: pieces + (fruit.ok ? fruit.value.reduce((sum, { cakes, layout }) => sum + cakes * layout.places.length, 0) : 0),
    pourAfterMin: window === null ? null : [window[0], window[1]],
  };
}
