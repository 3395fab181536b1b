import * as z from "../zod";
import { eggWeight, numberIn, type KitchenMeasures } from "../measure";
import {
  batterOfLines,
  kindByName,
  BatterSchema,
  recogniseKind,
  type BakedIn,
  type LinesBatter,
  type RecognisedKind,
} from "../mix";
import { ROLLED_FROM, SplitSchema } from "../build";
import { CoolSchema } from "../cool";
import { OnBatterSchema } from "../fill";
import { BatterKindSchema } from "../kind";
import { foldName, type Pantry } from "../pantry";
import {
  BakeSchema,
  batterPart,
  coolingOfParts,
  DuringSchema,
  duringTold,
  eggsIn,
  formulaOf,
  holdsOf,
  HoldsSchema,
  measuresOf,
  piecesTold,
  type Formula,
  type Holds,
  type PartFormula,
  type RecipeDoc,
} from "../recipe";
import { tinFamily } from "../tin";
import { WornSchema } from "./recipe-worn";
import { PortionsSchema } from "./serve-schema";
import { builtByRecipe } from "./recipe-building";
import { FilledSchema } from "./recipe-filling";
import { FrostedSchema } from "./recipe-frosting";
import { laidByRecipe } from "./recipe-on-batter";

/** What the bench and the lists need of a recipe, worked out once when it is kept. */
export const RecipeFactsSchema = z.strictObject({
  batter: BatterSchema,
  bake: BakeSchema,
  /** Its bakes in other tins. */
  otherBakes: z.optional(z.array(BakeSchema).check(z.maxLength(10))),
  eggs: z.optional(numberIn(0.5, 200, "count")),
  /** What one of its eggs weighs, g. */
  eggG: z.optional(numberIn(30, 80, "g")),
  holds: z.optional(HoldsSchema),
  /** Pieces it gives, as it says itself. */
  portions: z.optional(PortionsSchema),
  /** How it comes out of its tin, where its steps say so. */
  cool: z.optional(CoolSchema),
  /** What it does to the cake in the oven, at which of its own minutes. */
  during: z.optional(DuringSchema),
  /** What it lays on its batter before the oven. */
  onBatter: z.optional(OnBatterSchema),
  /** What it frosts its own cake with. */
  frosted: z.optional(FrostedSchema),
  /** What it fills its own layers with. */
  filled: z.optional(FilledSchema),
  /** The side its sheet is rolled up from. */
  rolled: z.optional(z.enum(ROLLED_FROM)),
  /** Slices each of its cakes is split into. */
  split: z.optional(SplitSchema),
  /** What else of its parts shows on its cake. */
  worn: z.optional(WornSchema),
});
export type RecipeFacts = z.infer<typeof RecipeFactsSchema>;

/** A recipe worked through: its formula, its batter, and what that rests on. */
export type WorkedRecipe = {
  readonly measures: KitchenMeasures;
  readonly formula: Formula;
  readonly part: PartFormula;
  readonly kind: RecognisedKind;
  /** Whether the baker chose the kind herself. */
  readonly isKindChosen: boolean;
  /** Null when no line has a weight. */
  readonly batter: LinesBatter | null;
  readonly holds: Holds;
};

/** Everything that follows from a recipe's words in a kitchen. */
export function workRecipe(
  doc: RecipeDoc,
  pantry: Pantry,
  kitchen?: KitchenMeasures,
): WorkedRecipe {
  const measures = measuresOf(doc, kitchen);
  const formula = formulaOf(doc, pantry, measures);
  const part = batterPart(formula);
  const recognised = kindOf(formula, doc.name, bakedIn(doc.bake.tins));
  const chosen = BatterKindSchema.safeParse(doc.kind);
  const kind = chosen.success ? { kind: chosen.data, reason: recognised.reason } : recognised;
  return {
    measures,
    formula,
    part,
    kind,
    isKindChosen: chosen.success,
    batter: batterOfLines(part, kind.kind, doc.weighedGravity ?? null),
    holds: holdsOf(doc, formula, pantry),
  };
}

/** The kind of a recipe's batter by its lines, its steps and its name. */
export function kindOf(formula: Formula, name: string, tins: BakedIn): RecognisedKind {
  const part = batterPart(formula);
  return kindByName(kindBySteps(formula, part, tins), name, part);
}

/**
 * Where the batter's own steps say nothing its kind is told by all that is done before the oven: a
 * step may stand with another part.
 */
function kindBySteps(formula: Formula, part: PartFormula, tins: BakedIn): RecognisedKind {
  const own = recogniseKind(part, tins);
  if (own.reason !== "usual") return own;
  const others = formula.parts
    .flatMap((each) => (each === part ? [] : each.part.steps))
    .filter(({ stage }) => stage === "before");
  const all = recogniseKind(
    { ...part, part: { ...part.part, steps: [...part.part.steps, ...others] } },
    tins,
  );
  // Butter that is melted for another part is none of the batter's.
  return all.reason === "melted" || all.reason === "melted-sweet" ? own : all;
}

/** Where a batter goes, as far as that tells its kind. */
export function bakedIn(tins: RecipeDoc["bake"]["tins"]): BakedIn {
  const families = tins.map(tinFamily);
  if (families.includes("loaf")) return "loaf";
  return families.includes("cup") ? "cups" : "other";
}

/**
 * The {@link RecipeFacts} of a worked recipe; a batter too small or large for the bench, or without
 * the weight of a main ingredient, is left out of them.
 */
export function recipeFacts(
  doc: RecipeDoc,
  { kind, batter, formula, measures, holds }: WorkedRecipe,
): RecipeFacts {
  const given = BatterSchema.safeParse({ kind: kind.kind, ...batterGiven(batter, holds) });
  const eggs = eggsIn(formula);
  const cool = coolingOfParts(doc.parts);
  const portions = piecesTold(doc);
  const during = duringTold(doc.parts, doc.bake.minutes ?? null);
  const onBatter = laidByRecipe(formula);
  return {
    batter: given.success ? given.data : { kind: kind.kind },
    bake: doc.bake,
    ...(doc.otherBakes === undefined ? {} : { otherBakes: doc.otherBakes }),
    ...(eggs >= 0.5 && eggs <= 200 ? { eggs, eggG: eggWeight(measures) } : {}),
    holds,
    ...(portions === null ? {} : { portions }),
    ...(cool === null ? {} : { cool }),
    ...(during.length === 0 ? {} : { during: [...during] }),
    ...(onBatter.length === 0 ? {} : { onBatter }),
    ...builtByRecipe(formula, doc.bake.tins),
  };
}

/**
 * The batter of a recipe's lines in whole grams and millilitres; nothing of it where a main
 * ingredient has no weight.
 */
export function batterGiven(
  found: LinesBatter | null,
  { missing = [] }: Holds,
): { readonly massG?: number; readonly volumeMl?: number; readonly piecesMl?: number } {
  if (found === null || missing.length > 0) return {};
  const { massG, volumeMl, piecesMl } = found.batter;
  return {
    massG: Math.round(massG),
    volumeMl: Math.round(volumeMl),
    ...(piecesMl < 1 ? {} : { piecesMl: Math.round(piecesMl) }),
  };
}

/** Words a recipe is found by, folded: its name, parts, lines, kind and notes. */
export function recipeSearchText(doc: RecipeDoc, { kind }: WorkedRecipe): string {
  return foldName(
    [
      doc.name,
      kind.kind,
      ...doc.parts.flatMap(({ name, lines }) => [name, ...lines.map(({ text }) => text)]),
      doc.notes,
      doc.source,
    ].join(" "),
  ).slice(0, 20_000);
}
