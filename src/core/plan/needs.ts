// What a cake takes from shop and cupboard: its batter, what is made besides, what is put on.
import type { Coating, Stuff } from "../build";
import type { OnBatterThing } from "../fill";
import { isCounted, USUAL_FORMULA, type Dressing } from "../finish";
import { METRIC_MEASURES, middle } from "../measure";
import { matchIngredient, type Pantry } from "../pantry";
import { batterPart, scaledRow, type Formula, type PartFormula, type ReadLine } from "../recipe";
import type { Bought, Item, Need } from "../shopping";
import { laidFruit, madeSpread } from "./finish-detail";
import type { CakeInput } from "./input";
import { madeByPlan, ownParts, type PartsMade } from "./parts-of-day";
import type { CakePlan } from "./plan";

/** What is put on or laid in, as it is in the pantry; what is not here is bought by its own name. */
const IN_PANTRY: Readonly<Partial<Record<Stuff | OnBatterThing, string>>> = {
  jam: "jam",
  "jam-film": "jam",
  curd: "lemon-curd",
  custard: "custard",
  nuts: "mixed-nuts",
  seeds: "sunflower-seeds",
  chips: "chocolate-chips",
  strands: "sprinkles",
  "tiny-balls": "sprinkles",
  scatter: "sprinkles",
  "full-top": "sprinkles",
  "dusting-sugar": "icing-sugar",
  curls: "dark-chocolate",
  shavings: "dark-chocolate",
  coconut: "desiccated-coconut",
  "grated-carrot": "carrots",
  "coarse-sugar": "demerara-sugar",
  berries: "mixed-berries",
  "dried-fruit": "mixed-dried-fruit",
  oats: "rolled-oats",
  "soft-cheese": "cream-cheese",
  "chocolate-spread": "nougat-paste",
  syrup: "granulated-sugar",
  "rolled-covering": "fondant",
  strawberries: "strawberries",
  "strawberry-halves": "strawberries",
  "strawberry-slices": "strawberries",
  raspberries: "raspberries",
  blueberries: "blueberries",
  blackberries: "blackberries",
  cherries: "cherries",
  "peach-slices": "peaches",
  "orange-slices": "oranges",
  "lemon-slices": "lemons",
  "walnut-halves": "walnuts",
  "pecan-halves": "pecans",
  hazelnuts: "hazelnuts",
  almonds: "almonds",
};

/** Of a syrup, half is water from the tap: about one to one by weight. */
const SUGAR_OF_SYRUP = 0.5;

/**
 * Everything a planned cake takes, line by line and unrounded: the batter's lines as they are
 * weighed at its Mix, the recipe's other parts, frosting and filling by the part or the usual
 * formula they are made by, and what is put on it. Nothing of a batter whose recipe is not known.
 */
export function needsOf(
  input: CakeInput,
  plan: CakePlan,
  formula: Formula | null,
  made: PartsMade,
  pantry: Pantry,
): readonly Need[] {
  return [
    ...(formula === null ? [] : linesNeeded(batterPart(formula), plan.scale, plan)),
    ...(formula === null
      ? []
      : ownParts(plan, formula, made).flatMap((part) => linesNeeded(part, plan.scale))),
    ...putOn(input, plan, formula, made, pantry),
    ...laidOn(input, plan, pantry),
    ...fruitAndCases(input, plan),
    ...(formula === null ? [] : paperTold(formula)),
  ];
}

/** Tins or trays are lined with paper; cases are counted with their cups. */
const WITH_PAPER =
  /\b(?:(?:baking|greaseproof|parchment|silicone|waxed) paper|parchment)\b(?! (?:cases|cups|liners|collars))|\blin(?:e[ds]?|ing)\b[^.;]{0,60}\bpaper\b(?! (?:cases|cups|liners|collars|towel))/iu;

/** Paper for the tins, where the recipe's own steps use some; they don't say how much. */
const paperTold = ({ parts }: Formula): readonly Need[] =>
  parts.some(({ part }) => part.steps.some(({ text }) => WITH_PAPER.test(text)))
    ? [{ item: { is: "bought", what: "baking-paper" }, netG: null, pieces: null }]
    : [];

/** A part's lines so many times. */
function linesNeeded(
  { rows }: PartFormula,
  times: number,
  plan: Pick<CakePlan, "egg"> | null = null,
): readonly Need[] {
  return rows.flatMap((row): readonly Need[] => {
    const { massG, eggs } = scaledRow(
      row,
      { times, leavening: "as-written", egg: plan?.egg ?? null },
      METRIC_MEASURES,
    );
    const { ingredient, read, line } = row;
    const name = read.name === "" ? line.text : read.name;
    if (massG === 0) return [];
    return ingredient === null
      ? [{ item: { is: "named", name }, netG: massG, pieces: piecesTold(read, times) }]
      : [{ item: { is: "ingredient", ingredient }, netG: massG, pieces: eggs }];
  });
}

/** Two bay leaves, so many times; null for what is not counted. */
const piecesTold = ({ measures }: ReadLine, times: number): number | null =>
  measures.length > 0 && measures.every(({ unit }) => unit === "piece")
    ? times * measures.reduce((sum, { amount }) => sum + middle(amount), 0)
    : null;

/** Frosting, filling and all else that goes on it, its spare included. */
function putOn(
  input: CakeInput,
  plan: CakePlan,
  formula: Formula | null,
  made: PartsMade,
  pantry: Pantry,
): readonly Need[] {
  const ways = madeByPlan(plan, made);
  return plan.finish.batches.flatMap(({ stuff, called, massG }): readonly Need[] => {
    if (!(massG > 0)) return counted(plan, stuff, called, pantry);
    const way = ways.find((each) => each.stuff === stuff && each.massG === massG);
    const part = formula?.parts.find((each) => each.part.id === way?.id) ?? null;
    if (part !== null && part.massG > 0) {
      const spread =
        stuff === "syrup"
          ? null
          : madeSpread(stuff as Coating, massG, input.finish?.rounding ?? "grams", part);
      return linesNeeded(part, spread?.formula.times ?? massG / part.massG);
    }
    const usual = usualLines(stuff, massG, input.finish?.rounding ?? "grams");
    if (usual !== null)
      return usual.map((line) => ({ ...line, item: named(line.name, pantry), pieces: null }));
    if (stuff === "own") return [{ item: named(called ?? "", pantry), netG: massG, pieces: null }];
    return isCounted(stuff as Dressing)
      ? counted(plan, stuff, called, pantry)
      : [stuffNeed(stuff, stuff === "syrup" ? massG * SUGAR_OF_SYRUP : massG, pantry)];
  });
}

/** What of a spread's usual formula is needed; null for what is bought as it is. */
function usualLines(
  stuff: Stuff,
  massG: number,
  rounding: Parameters<typeof madeSpread>[2],
): readonly { readonly name: string; readonly netG: number }[] | null {
  // What is poured is of the same chocolate and cream as what is whipped.
  const like = stuff === "pouring-ganache" ? "whipped-ganache" : stuff;
  if (!(like in USUAL_FORMULA)) return null;
  const spread = madeSpread(like as Coating, massG, rounding, null);
  return spread?.formula.lines.map(({ name, massG: netG }) => ({ name, netG })) ?? null;
}

/** What is put on one by one, on all cakes. */
function counted(
  { finish }: CakePlan,
  stuff: Stuff,
  called: string | undefined,
  pantry: Pantry,
): readonly Need[] {
  const own = finish.quantities.filter((each) => each.stuff === stuff && each.called === called);
  const pieces = own.reduce((sum, { count, times }) => sum + (count ?? 0) * times, 0);
  const massG = own.reduce((sum, each) => sum + each.massG, 0);
  if (stuff === "own") return [{ item: named(called ?? "", pantry), netG: null, pieces }];
  const need = stuffNeed(stuff, massG, pantry);
  return [need.item.is === "bought" ? { ...need, pieces } : need];
}

const stuffNeed = (stuff: Bought, netG: number, pantry: Pantry): Need => {
  const id = (IN_PANTRY as Readonly<Record<string, string | undefined>>)[stuff];
  const ingredient = id === undefined ? undefined : pantry.byId.get(id);
  return {
    item:
      ingredient === undefined ? { is: "bought", what: stuff } : { is: "ingredient", ingredient },
    netG,
    pieces: null,
  };
};

/** A name as the pantry knows it. */
function named(name: string, pantry: Pantry): Item {
  const found = matchIngredient(name, pantry);
  return found === null
    ? { is: "named", name }
    : { is: "ingredient", ingredient: found.ingredient };
}

/** What she lays under, in or on the raw batter herself. */
function laidOn({ fill }: CakeInput, { laid }: CakePlan, pantry: Pantry): readonly Need[] {
  const marbled = fill?.marble;
  return [
    ...laid.flatMap(({ what = "own", name = "", massG, volumeMl }): readonly Need[] => {
      const netG = massG ?? volumeMl ?? null;
      if (name !== "") return [{ item: named(name, pantry), netG, pieces: null }];
      return what === "own" ? [] : [{ ...stuffNeed(what, netG ?? 0, pantry), netG }];
    }),
    ...(marbled?.with === undefined
      ? []
      : [{ item: named(marbled.with, pantry), netG: marbled.massG ?? null, pieces: null }]),
  ];
}

/** Fruit by its layout, and a case for each cup. */
function fruitAndCases(input: CakeInput, plan: CakePlan): readonly Need[] {
  const laid = laidFruit(input, plan);
  const fruit: Need = { item: { is: "bought", what: "fruit" }, netG: null, pieces: null };
  const cups = plan.fill.tins.reduce(
    (sum, { geometry }) => sum + (geometry.tin.shape === "well" ? geometry.count : 0),
    0,
  );
  return [
    ...(laid.ok ? laid.value : []).map(({ cakes, layout: { fruits } }) =>
      fruits === null ? fruit : { ...fruit, pieces: cakes * fruits },
    ),
    ...(cups === 0
      ? []
      : [{ item: { is: "bought", what: "cases" }, netG: null, pieces: cups } as const]),
  ];
}
