import {
  isKeptCold,
  type DayBoxes,
  type WayOut,
  type Doing,
  type HeldBy,
  type Made,
  type Resource,
} from "@/core/day";
import type { HeatSource } from "@/core/recipe";
import { assertNever } from "@/core/measure";
import { sayIn } from "./vocabulary";
import { dressingText } from "./dressing";
import { inOvenText } from "./in-oven";
import { divideText, layText } from "./filling";
import { SPREAD_NAMES } from "./kinds";
import { minutesText, ovenText, volumeText, weightText } from "./quantities";
import type { Units } from "./regions";

export const RESOURCE_NAMES: Readonly<Record<Resource, string>> = {
  hands: "Hands",
  mixer: "Mixer",
  oven: "Oven",
  "second-oven": "Oven 2",
};

/** What is made besides the batter. */
export const MADE_NAMES: Readonly<Record<Made, string>> = {
  ...SPREAD_NAMES,
  "butter-and-sugar": "buttercream",
  "cream-cheese": "cream cheese frosting",
  "meringue-butter": "meringue buttercream",
  marshmallow: "marshmallow frosting",
  syrup: "syrup",
};

const COOKED_BY: Readonly<Record<HeatSource, string>> = {
  oven: "Bake, door shut",
  "closed-pot": "Cook in the closed pot",
  microwave: "Cook in the microwave",
};

/** A task in an imperative, with its numbers. */
export function doingText(doing: Doing, units: Units): string {
  const say = sayIn(units);
  const ofLoads = (load: number, loads: number): string =>
    loads === 1 ? "" : `, load ${load} of ${loads}`;
  const tins = (count: number): string => (count === 1 ? say`the tin` : say`${count} tins`);
  switch (doing.do) {
    case "soften-butter":
      return doing.for === "batter"
        ? "Butter out to soften"
        : say(`Butter for the ${doing.for} out to soften`);
    case "warm-up":
      return `${doing.in ?? "Oven"} on at ${ovenText(doing.ovenC, units)}`;
    case "prepare-tins":
      if (doing.cups !== undefined) return `Cases into ${doing.cups} cups`;
      return `Grease and line ${tins(doing.tins)}`;
    case "weigh":
      return `Weigh ${doing.lines === 1 ? "1 ingredient" : `${doing.lines} ingredients`}${doing.part === undefined ? "" : ` for: ${doing.part.name}`}`;
    case "prepare-ingredient":
      return `${doing.how === "melt" ? "Melt" : "Toast"} the ${doing.name}`;
    case "cool-ingredient":
      return `Let the ${doing.name} cool`;
    case "wash-bowl":
      return "Wash the mixer's bowl";
    case "step":
      return doing.text === "" ? "Make the batter" : shortened(doing.text);
    case "fill":
      if (doing.cups !== undefined) {
        const { count, eachG, eachMl } = doing.cups;
        return `Fill ${count} cases: ${weightText(eachG, units)} each, ${volumeText(eachMl, units)}`;
      }
      return `Fill ${tins(doing.tins)}`;
    case "bake":
      return `${COOKED_BY[doing.by ?? "oven"]}${ofLoads(doing.load, doing.loads)}`;
    case "in-oven":
      return `${inOvenText(doing, units)}${ofLoads(doing.load, doing.loads)}`;
    case "bake-on":
      return `Bake on, door shut${ofLoads(doing.load, doing.loads)}`;
    case "look-and-bake-on":
      return `Look, and bake on until two signs agree${ofLoads(doing.load, doing.loads)}`;
    case "take-out":
      return `Take out${ofLoads(doing.load, doing.loads)}`;
    case "off-oven":
      return `Oven off, the cake stays in${ofLoads(doing.load, doing.loads)}`;
    case "turn-out":
      if (doing.isCups === true)
        return `Lift the cakes out of ${doing.tins === 1 ? "their tray" : `${doing.tins} trays`}`;
      return `Turn out ${doing.tins === 1 ? "the cake" : `${doing.tins} cakes`}${doing.isOnce === true ? `, and leave ${doing.tins === 1 ? "it as it falls" : "them as they fall"}` : ""}`;
    case "cool":
      return `${doing.inTin === true ? say`Cool in the tin` : "Cool on the rack"}${doing.covered === true ? ", covered" : ""}${doing.overnight === true ? ", overnight" : ""}`;
    case "pour-warm":
      return "Pour over while it is warm";
    case "make":
      return `Make ${weightText(doing.massG, units)} of ${doing.called?.toLowerCase() ?? say(MADE_NAMES[doing.what])}`;
    case "cool-made":
      return `Let the ${say(MADE_NAMES[doing.what])} cool${isKeptCold(doing.what) ? ", covered, in the fridge" : ""}`;
    case "split-and-fill":
      if (doing.isRolled === true) return "Unroll, fill and roll up";
      return `${doing.isSplit === true ? "Split, fill" : "Fill"}${doing.gaps === 1 ? "" : ` ${doing.gaps} gaps`} and stack`;
    case "roll-warm":
      return doing.rolls === 1
        ? "Roll it up warm, in a cloth"
        : "Roll them up warm, each in a cloth";
    case "first-coat":
      return "First coat";
    case "chill-coat":
      return "Chill the first coat";
    case "final-coat":
      return "Final coat";
    case "pour-cold":
      return `Pour the ${say(MADE_NAMES[doing.what])}`;
    case "dress":
      return dressingText(doing, units);
    case "into-fridge":
      return "Into the fridge";
    case "chill-cake":
      return "Chill it until it is cold through";
    case "lay":
      return layText(doing, units);
    case "divide-batter":
      return divideText(doing, units);
    case "swirl":
      return "Swirl the two batters together";
    case "lay-floor":
      return doing.pieces === 1
        ? say`Lay the piece of fruit on the tin's floor`
        : say`Lay ${doing.pieces} pieces of fruit on the tin's floor`;
    case "decorate":
      return `Put on ${doing.pieces} pieces: piping, fruit`;
    default:
      return assertNever(doing);
  }
}

const LONGEST = 90;

/** The first sentence of a step, or as much of it as stands on a line. */
function shortened(text: string): string {
  const sentence = /^.*?[.;](?=\s|$)/u.exec(text)?.[0] ?? text;
  return sentence.length <= LONGEST
    ? sentence.replace(/[.;]$/u, "")
    : `${sentence.slice(0, LONGEST - 1).replace(/\s+\S*$/u, "")}…`;
}

/** How a day is split. */
export const SPLIT_NAMES: Readonly<Record<DayBoxes["split"], string>> = {
  "one-go": "all in one go",
  "baked-before": "bake the day before",
  "finished-before": "all but fruit and piping the day before",
};

/** What keeps a task from moving on; `name` is the task that does. */
export function holdText(hold: HeldBy, name: string): string {
  switch (hold.by) {
    case "task":
      if (!hold.isLink) return `“${name}” is being done then`;
      return hold.isBefore
        ? `it goes with “${name}”, which comes before`
        : `“${name}” has to follow in time`;
    case "away":
      return "nobody is there then";
    case "due":
      return "it has to be done by then";
    case "far-enough":
      return "twelve hours ahead is enough";
    default:
      return assertNever(hold);
  }
}

/** One change that would make a day possible. */
export function wayOutText(way: WayOut): string {
  switch (way.change) {
    case "wanted-later":
      return `Wanted ${minutesText(way.byMin)} later`;
    case "begin-earlier":
      return `Begin the day ${minutesText(way.byMin)} earlier`;
    case "end-later":
      return `End the day ${minutesText(way.byMin)} later`;
    case "stay-in":
      return "Stay in";
    case "one-go":
      return "All in one go";
    default:
      return assertNever(way);
  }
}
