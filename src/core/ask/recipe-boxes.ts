// The boxes of a question filled from a recipe.
import type { RecipeFacts } from "../plan";
import { writeTin, type Tin } from "../tin";
import { coolBoxes } from "./cool-boxes";
import { AS_RECIPE } from "./frosted-boxes";
import { MOST_ALSO, type Question } from "./question-schema";

/** The question with what a recipe says written into its boxes, as {@link recipeBoxes} has it. */
export function askAboutRecipe(question: Question, name: string, facts: RecipeFacts): Question {
  return { ...question, ...recipeBoxes(name, facts) };
}

const tinsText = (tins: readonly Tin[]): string => tins.map((tin) => writeTin(tin)).join(" + ");

/**
 * The question of a cake whose recipe was changed since: as the recipe has it now, but what she has
 * put on the cake, what she does in the oven and what her minutes rest on stay hers.
 */
export function askAboutNewer(question: Question, name: string, facts: RecipeFacts): Question {
  const asked = askAboutRecipe(question, name, facts);
  const { cover, frosting, build, during, learnsFrom, log, taught, also } = question;
  // Between layers that she frosts herself there was that frosting, before the recipe had a filling.
  const isHerFrosting =
    build.filling === "same" && question.filled === null && ![AS_RECIPE, "none"].includes(cover);
  return {
    ...asked,
    cover,
    frosting,
    build: isHerFrosting && asked.filled !== null ? { ...build, filling: "frosting" } : build,
    during,
    learnsFrom,
    log,
    taught,
    also: also.length === 0 ? asked.also : also,
  };
}

/** No box holds more. */
const MOST_TEXT = 200;

/** A recipe's bakes in other tins, as far as they say how long. */
const alsoBoxes = (otherBakes: NonNullable<RecipeFacts["otherBakes"]>): Question["also"] =>
  otherBakes
    .flatMap(({ tins, ovenC, minutes, fan }) =>
      tins.length === 0 || minutes === undefined || tinsText(tins).length > MOST_TEXT
        ? []
        : [
            {
              from: tinsText(tins),
              heat: ovenC === undefined ? "" : `${Math.round(ovenC)} °C`,
              minutes: `${minutes} min`,
              ...(fan === undefined ? {} : { fan }),
            },
          ],
    )
    .slice(0, MOST_ALSO);

/**
 * What changes in a question when it is asked about a recipe: the recipe's own tins, heat, minutes
 * and batter in their boxes, empty where it does not say; its kind only when that is known.
 */
export function recipeBoxes(
  name: string,
  {
    batter,
    bake,
    otherBakes = [],
    eggs,
    eggG,
    holds,
    cool,
    onBatter = [],
    during = [],
    frosted,
    filled,
    rolled,
    split,
    worn = [],
    portions = 0,
  }: RecipeFacts,
): Partial<Question> {
  return {
    recipe: name.slice(0, 200),
    from: tinsText(bake.tins),
    heat: bake.ovenC === undefined ? "" : `${Math.round(bake.ovenC)} °C`,
    recipeFan: bake.fan ?? false,
    source: bake.source ?? "oven",
    minutes: bake.minutes === undefined ? "" : `${bake.minutes} min`,
    look: bake.checkAtMin === undefined ? "" : `${bake.checkAtMin} min`,
    also: alsoBoxes(otherBakes),
    recipeEggs: eggs === undefined ? "" : String(eggs),
    eggG: eggG ?? 0,
    piecesMl: batter.piecesMl ?? 0,
    holds: holds ?? null,
    recipeOn: onBatter,
    isRecipeOnLeftOff: false,
    recipePortions: portions,
    recipeDuring: during,
    during: null,
    // A mug or a pot is carried to a vessel like its own alone.
    ...(bake.source === undefined || bake.source === "oven" || bake.tins.length === 0
      ? {}
      : { tins: bake.tins.map(writeTin) }),
    // Another recipe's bakes say nothing of it by that name.
    learnsFrom: "nothing",
    log: [],
    taught: {},
    ...coolBoxes(cool),
    frosted: frosted ?? null,
    filled: filled ?? null,
    rolled: rolled ?? null,
    split: split ?? null,
    worn,
    ...(frosted === undefined ? {} : { cover: AS_RECIPE, frosting: frosted.like }),
    ...(batter.kind === undefined ? {} : { kind: batter.kind }),
    weight: batter.massG === undefined ? "" : `${batter.massG} g`,
    volume: batter.volumeMl === undefined ? "" : `${batter.volumeMl} mL`,
  };
}
