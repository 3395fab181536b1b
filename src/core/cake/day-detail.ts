import { shelfPlan } from "../bake";
import type { Frosting } from "../build";
import type { DayCake, MethodStep } from "../day";
import { POUR_WINDOWS } from "../finish";
import { batterPart, readStep, type Formula, type Step, type StepKind } from "../recipe";
import { coolDetail } from "./cool-detail";
import { laidFruit } from "./finish-detail";
import type { CakeInput } from "./input";
import type { CakePlan } from "./plan";

/** Steps that make the batter, up to the tins; what comes after is planned by the program. */
const OF_THE_BATTER: readonly StepKind[] = ["melt", "cream", "whisk", "fold", "mix", "rest", "other"];
const WARM_UP_MIN = 15;
/** Frostings that are beaten from soft butter. */
const SOFT_BUTTER: readonly Frosting[] = ["butter-and-sugar", "cream-cheese", "meringue-butter"];
/** A step that says a range takes the middle of it. */
const middle = ({ low, high }: { readonly low: number; readonly high: number }): number => Math.max(1, Math.round((low + high) / 2));

/** The batter's own method, as far as its recipe's steps tell. */
function methodOf(formula: Formula | null, steps: readonly string[]): readonly MethodStep[] {
  const written: readonly Step[] = formula === null ? steps.map((text, index) => ({ id: String(index), text })) : batterPart(formula).part.steps;
  return written.flatMap((step): readonly MethodStep[] => {
    const { kind, minutes, wait } = readStep(step);
    if (!OF_THE_BATTER.includes(kind)) return [];
    const waits: readonly MethodStep[] = wait === null ? [] : [{ text: step.text, minutes: middle(wait), isWait: true }];
    return kind === "rest" && waits.length > 0 ? waits : [{ text: step.text, minutes: minutes === null ? null : middle(minutes), isWait: false }, ...waits];
  });
}

/**
 * A plan as far as its day goes: its method, its loads, how it cools, and what is put on it.
 * @param formula the recipe's, where the cake has its own copy of one
 */
export function dayCake(input: CakeInput, plan: CakePlan, formula: Formula | null = null): DayCake {
  const { bake, build, finish, fill, mix } = plan;
  const cooled = coolDetail(plan);
  const { shelf } = input.oven ?? {};
  const onShelf = shelf === undefined ? [] : shelfPlan(fill.tins.map(({ geometry }) => geometry), shelf).loads.map((load) => load.flat().map(({ tin }) => tin));
  const loads = onShelf.filter((load) => load.length > 0);
  const fruit = laidFruit(input, plan);
  const pieces = finish.quantities.reduce((sum, { count, times, thing }) => sum + (thing === "drips" || count === null ? 0 : count * times), 0);
  const window = finish.wears.pour === undefined ? null : POUR_WINDOWS[finish.wears.pour.what].minutesAfterOven;
  const turnOuts = cooled.map(({ turnOutMin }) => turnOutMin);
  return {
    kind: mix.kind,
    lines: formula === null ? (input.recipe.lines?.length ?? 0) : batterPart(formula).rows.length,
    tins: fill.tins.reduce((sum, { geometry }) => sum + (geometry.tin.shape === "well" ? Math.ceil(geometry.count / 12) : geometry.count), 0),
    ovenC: bake.dialC,
    warmUpMin: input.oven?.warmUpMin ?? WARM_UP_MIN,
    steps: methodOf(formula, input.recipe.steps ?? []),
    loads: (loads.length > 0 ? loads : [fill.tins.flatMap(({ geometry }, index) => Array.from({ length: geometry.tin.shape === "well" ? 1 : geometry.count }, () => index))]).map((load) => {
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
    frostingG: finish.massG,
    frostingHasButter: SOFT_BUTTER.includes(finish.frosting),
    hasFirstCoat: finish.quantities.some(({ thing }) => thing === "first-coat"),
    hasCoat: finish.coat.sideMm > 0,
    pieces: pieces + (fruit.ok ? fruit.value.reduce((sum, { cakes, layout }) => sum + cakes * layout.places.length, 0) : 0),
    pourAfterMin: window === null ? null : [window[0], window[1]],
  };
}
