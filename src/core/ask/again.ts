// A question asked again from a bake as it was really made.
import type { BakeRecord } from "../logbook";
import { writeTin } from "../tin";
import { FIRST_QUESTION } from "./question";
import type { Question } from "./question-schema";

/**
 * The question that plans a bake just like one that was made: its tins, its batter, its heat and
 * its minutes, with what she wanted more or less, are what the recipe says from now on.
 * @param of the cake it was planned as, when it is still there
 */
export function bakedAgain(record: BakeRecord, of: Question | null): Question {
  const { recipe, name, tins, ovenC, fan, minutes, nextTimeMin, batter, scale } = record;
  const texts = tins.map(({ tin }) => writeTin(tin));
  const took = minutes === null ? null : minutes + (nextTimeMin ?? 0);
  const poured = tins.every(({ isWeighed }) => isWeighed)
    ? tins.reduce((sum, { batterG }) => sum + (batterG ?? 0), 0)
    : (batter.massG ?? 0) * scale;
  const density = (batter.volumeMl ?? 0) / (batter.massG ?? 1);
  return {
    ...(of ?? FIRST_QUESTION),
    recipe: (recipe.name === "" ? name : recipe.name).slice(0, 200),
    from: texts.join(" + "),
    tins: texts,
    heat: `${Math.round(ovenC)} °C`,
    recipeFan: fan,
    fan,
    school: "as-written",
    minutes: took === null ? "" : `${took} min`,
    look: "",
    scale: "keep",
    amount: "",
    ...(batter.kind === undefined ? {} : { kind: batter.kind }),
    weight: poured > 0 ? `${Math.round(poured)} g` : "",
    volume: poured > 0 && density > 0 ? `${Math.round(poured * density)} mL` : "",
    piecesMl: Math.round((batter.piecesMl ?? 0) * scale),
    also: [],
    learnsFrom: "nothing",
    log: [],
  };
}
