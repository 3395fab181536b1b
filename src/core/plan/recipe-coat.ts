// How thick a recipe's own frosting lies on its own cake, so that all of it goes there.
import { buildCakes, type BuildHabit } from "../build";
import type { Fill } from "../fill";
import { finishCakes, USUAL_MARGIN, type Cover, type FinishRequest } from "../finish";
import type { Taught } from "../logbook";
import type { CakeInput } from "./input";
import { coverIn, type Frosted } from "./recipe-frosting";

/** A coat is never so many times thinner or thicker than usual. */
const TIMES = { min: 0.25, max: 4 } as const;
/** Tries by secants, and how near is near enough, as a share. */
const ROUNDS = 3;
const NEAR = 0.002;

/**
 * How many times as thick as usual frosting has to lie so that a cake takes so much of it.
 * @param massG what is to go on, g
 * @param takenG what the cake takes at so many times, g; null where it can't be so thick
 * @returns 0.25 to 4; 1 where the cake takes none at all
 */
export function coatTimes(massG: number, takenG: (times: number) => number | null): number {
  const usualG = takenG(1);
  if (usualG === null || usualG <= 0) return 1;
  let [before, beforeG] = [1, usualG];
  let times = within(massG / usualG);
  for (let round = 0; round < ROUNDS; round += 1) {
    const here = takenG(times);
    if (here === null) return before;
    if (Math.abs(here / massG - 1) < NEAR || here === beforeG) break;
    const next = within(times + ((massG - here) * (times - before)) / (here - beforeG));
    [before, beforeG] = [times, here];
    times = next;
  }
  return times;
}

const within = (times: number): number => Math.min(TIMES.max, Math.max(TIMES.min, times));

/**
 * How many times as thick as usual the recipe's own frosting lies; undefined where the recipe has
 * none, or she has it her own way.
 * @param habitOf how the recipe's own cake is built, so covered and so thick
 */
export function coatOfRecipe(
  input: CakeInput,
  ownFill: Fill,
  habitOf: (cover: Cover, times: number) => BuildHabit,
): number | undefined {
  const { frosted } = input.recipe;
  if (frosted?.massG === undefined || !isFrostedAsRecipe(input)) return undefined;
  const cover = coverIn(
    frosted,
    ownFill.tins.map(({ geometry }) => geometry),
  );
  return coatTimes(frosted.massG, (times) =>
    frostingTaken(frosted, ownFill, cover, habitOf(cover, times), times),
  );
}

/** The recipe's own frosting, as far over the cake as the recipe has it. */
const isFrostedAsRecipe = ({ finish, recipe: { frosted } }: CakeInput): boolean =>
  finish?.cover === undefined &&
  (finish?.frosting === undefined || finish.frosting === frosted?.like);

/** What the recipe's own cake takes of its frosting so many times as thick as usual, g. */
function frostingTaken(
  frosted: Frosted,
  ownFill: Fill,
  cover: Cover,
  habit: BuildHabit,
  times: number,
): number | null {
  const build = buildCakes({}, ownFill.tins, habit);
  if (!build.ok) return null;
  const finish = finishCakes(
    { cover, frosting: frosted.like, marginFraction: 0 },
    build.value,
    times,
  );
  return finish.ok ? finish.value.massG : null;
}

/**
 * Frosting made as she uses it: its usual spare over what is worked out, times what she found. A
 * recipe's own amount has its spare in it.
 */
export function spareOf(
  { frosting }: Taught,
  isRecipes: boolean,
): Pick<FinishRequest, "marginFraction"> {
  const usual = isRecipes ? 0 : USUAL_MARGIN;
  return frosting === undefined && !isRecipes
    ? {}
    : { marginFraction: (1 + usual) * (frosting ?? 1) - 1 };
}
