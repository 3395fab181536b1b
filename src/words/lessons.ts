// What pages of the logbook teach beside minutes, in words.
import type { HeatWhileBaking, LearntMean, Lesson } from "@/core/logbook";
import { sayIn } from "./vocabulary";
import { heatText, KIND_NAMES, percentText, type Units } from ".";

const from = ({ count, setAside }: LearntMean): string =>
  `from ${count} ${count === 1 ? "page" : "pages"}${setAside.length === 0 ? "" : `, ${setAside.length} set aside as too far from the others`}`;

/** A ratio to what was planned. @example "12 % more frosting than planned" */
function ratioText(mean: number, what: string): string {
  const off = Math.abs(mean - 1);
  return off < 0.005
    ? `as much ${what} as planned`
    : `${percentText(off)} ${mean > 1 ? "more" : "less"} ${what} than planned`;
}

const twoPlaces = (value: number): string => value.toFixed(2);

/** What pages say of one thing, with how sure that is. */
export function lessonText({ of, kind, usual, learnt }: Lesson, units: Units): string {
  const say = sayIn(units);
  const { mean, sd } = learnt;
  const sure = (spread: string): string => `, give or take ${spread}; ${from(learnt)}.`;
  switch (of) {
    case "frosting":
      return `You use ${ratioText(mean, say("frosting"))}${sure(percentText(sd))}`;
    case "hands":
      return `Your hands take ${ratioText(mean, "time")}${sure(percentText(sd))}`;
    case "massLoss":
      return `A ${KIND_NAMES[kind ?? "creamed"]} batter loses ${percentText(mean)} of its weight in your oven${sure(percentText(sd))}`;
    case "yield":
      return say`${ratioText(mean, "batter")} comes into your tins${sure(percentText(sd))}`.replace(
        /^a/u,
        "A",
      );
    case "gravity":
      return `Its batter weighs ${twoPlaces(mean)} g a millilitre, not ${twoPlaces(usual)}${sure(twoPlaces(sd))}`;
    case "rise":
      return `It rises ${twoPlaces(mean)} times its batter, usual is ${twoPlaces(usual)}${sure(twoPlaces(sd))}`;
  }
}

/** What changes when a lesson is taken over. */
export const LESSON_CHANGES: Readonly<Record<Lesson["of"], string>> = {
  frosting: "the frosting to make",
  hands: "the day's minutes by hand",
  massLoss: "what the cake and its pieces weigh",
  yield: "how much batter there is",
  gravity: "how high the batter stands",
  rise: "how high the cake stands",
};

/** What a thermometer read at a setting of the dial while cakes baked. */
export function heatWhileBakingText(
  { oven, dialC, trueC, bakes }: HeatWhileBaking,
  units: Units,
): string {
  return `With the dial at ${heatText(dialC, units)} the ${oven} read ${heatText(trueC, units)} while ${bakes === 1 ? "a cake" : `${bakes} cakes`} baked.`;
}
