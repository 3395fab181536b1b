// A question asked again from a bake as it was really made.
import { logFor, recipeKey, type BakeRecord } from "../logbook";
import { writeTin, type Tin } from "../tin";
import { FIRST_QUESTION } from "./first-question";
import type { Question } from "./question-schema";

/**
 * The question that plans a bake just like one that was made. What it took, with what she wanted
 * more or less, is what the recipe says from now on; a recipe that was made larger or smaller keeps
 * its own bake and takes this one as what it has learnt.
 * @param of the cake it was planned as, when it is still there
 */
export function bakedAgain(record: BakeRecord, of: Question | null): Question {
  const { recipe, name, tins, ovenC, fan, batter } = record;
  const asked: Question = {
    ...(of ?? FIRST_QUESTION),
    recipe: (recipe.name === "" ? name : recipe.name).slice(0, 200),
    tins: tins.map(({ tin }) => writeTin(tin)),
    fan,
    ...(batter.kind === undefined ? {} : { kind: batter.kind }),
    piecesMl: Math.round(batter.piecesMl ?? 0),
    also: [],
    ownHeat: `${Math.round(ovenC)} °C`,
    school: "own",
  };
  return { ...asked, ...(isOnce(record) ? madeOnce(record) : madeOften(record)) };
}

const isOnce = ({ scale }: BakeRecord): boolean => Math.abs(scale - 1) < 0.005;
const textOf = (tins: readonly Tin[]): string => tins.map((tin) => writeTin(tin)).join(" + ");

/** The recipe's batter, in the tins it was baked in, weighs what was poured. */
function madeOnce({
  tins,
  ovenC,
  fan,
  minutes,
  nextTimeMin,
  batter,
}: BakeRecord): Partial<Question> {
  const took = minutes === null ? null : minutes + (nextTimeMin ?? 0);
  const massG = tins.every(({ isWeighed }) => isWeighed)
    ? tins.reduce((sum, { batterG }) => sum + (batterG ?? 0), 0)
    : (batter.massG ?? 0);
  const volumeMl = (massG * (batter.volumeMl ?? 0)) / (batter.massG ?? 1);
  return {
    from: textOf(tins.map(({ tin }) => tin)),
    heat: `${Math.round(ovenC)} °C`,
    recipeFan: fan,
    minutes: took === null ? "" : `${took} min`,
    look: "",
    scale: "keep",
    amount: "",
    ...batterBoxes(massG, volumeMl),
    learnsFrom: "nothing",
    log: [],
  };
}

function madeOften(record: BakeRecord): Partial<Question> {
  const { scale, batter, reference } = record;
  const [learnt] = logFor([record], recipeKey(record), "recipe");
  return {
    ...(reference === null
      ? {}
      : {
          from: textOf(reference.tins),
          heat: `${Math.round(reference.ovenC)} °C`,
          recipeFan: reference.fan ?? false,
          minutes: reference.minutes === undefined ? "" : `${reference.minutes} min`,
        }),
    scale: "times",
    amount: String(Number(scale.toFixed(3))),
    eggs: "as-scaled",
    ...batterBoxes(batter.massG ?? 0, batter.volumeMl ?? 0),
    learnsFrom: learnt === undefined ? "nothing" : "recipe",
    log: learnt === undefined ? [] : [{ ...learnt.bake, isConfirmed: true }],
  };
}

const batterBoxes = (massG: number, volumeMl: number): Pick<Question, "weight" | "volume"> => ({
  weight: massG > 0 ? `${Math.round(massG)} g` : "",
  volume: massG > 0 && volumeMl > 0 ? `${Math.round(volumeMl)} mL` : "",
});
