import type { Doing, Made, Task, Shortcut } from "@/core/day";
import type { BakeVerdict } from "@/core/logbook";
import { assertNever } from "@/core/measure";
import type { HeatSource } from "@/core/recipe";
import { COLD_ROOM_HOURS } from "@/core/serve";
import type { KitchenOven } from "@/core/bake";
import { sayIn } from "./vocabulary";
import { doingText, MADE_NAMES } from "./day";
import { DRESSED_WHY } from "./dressing";
import { IN_OVEN_WHY } from "./in-oven";
import { heatText, minutesText } from "./quantities";
import type { Units } from "./regions";

const ORDINALS = [
  "first",
  "second",
  "third",
  "fourth",
  "fifth",
  "sixth",
  "seventh",
  "eighth",
  "ninth",
  "tenth",
  "eleventh",
  "twelfth",
];

const ENDINGS: Readonly<Partial<Record<Intl.LDMLPluralRule, string>>> = {
  one: "st",
  two: "nd",
  few: "rd",
};

const PLACES = new Intl.PluralRules("en", { type: "ordinal" });

/** The place of a tin, said. @example ordinal(1) // "second" */
export function ordinal(index: number): string {
  return ORDINALS[index] ?? `${index + 1}${ENDINGS[PLACES.select(index + 1)] ?? "th"}`;
}

/** What a step says in large letters, and the why of it in a line. */
type StepWords = { readonly title: string; readonly why: string };

/** What to look for while something is made. */
const MAKING_WORDS: Readonly<Record<Made, string>> = {
  "butter-and-sugar":
    "Beat the butter white first; hold back the last of the liquid. Cover it until it is used",
  "cream-cheese":
    "Butter and sugar first, the cheese last and only until smooth: beaten long it runs",
  "whipped-cream": "Cold bowl, cold cream; stop at a soft peak, it thickens as it is spread",
  "meringue-butter":
    "Whisk until the bowl is cool to the hand before the butter goes in; if it curdles, beat on",
  "whipped-ganache":
    "Cream just at the boil over the chocolate; stir from the middle, and whip it when it is cold",
  "boiled-fudge":
    "A deep pan and no interruptions: it burns badly. It sets while you look, so pour it warm",
  marshmallow:
    "Pour the hot syrup down the side of the bowl in a thread, beating on until it stands and has cooled. Spread it at once, it sets",
  "water-icing": "A few drops at a time: it is soon too thin",
  curd: "Gently, stirring all the time, until it coats the spoon",
  custard:
    "Gently, stirring all the time, until it coats the spoon; film on its face, so that it grows no skin",
  "pouring-ganache": "Cream just at the boil over the chocolate; stir from the middle, without air",
  syrup: "Until the sugar is clear. A deep pan and no interruptions: it burns badly",
};

/** Longer steps have their first sentence in large letters, and the whole of it below. */
const LONGEST_TITLE = 240;

/** A step at the bench. */
export function stepWords(
  { doing, minutes }: Task,
  units: Units,
  facts: {
    readonly dialText: string;
    readonly doorShutMin: number;
    readonly firstLookMin: number;
    readonly source: KitchenOven["source"] | null;
  },
): StepWords {
  const say = sayIn(units);
  const title = doingText(doing, units);
  switch (doing.do) {
    case "soften-butter":
      return {
        title:
          doing.for === "batter"
            ? "Take the butter out"
            : `Take the butter for the ${doing.for} out`,
        why: `Soft enough in ${minutesText(minutes)}: a finger leaves a dent and does not shine.`,
      };
    case "warm-up":
      return {
        title: `Set ${doing.in ?? "the oven"} to ${facts.dialText}`,
        why: `Give it ${minutesText(minutes)}: it is warm through, not only its air.${facts.source === "gas" ? " Light it as its maker says." : ""}`,
      };
    case "prepare-tins":
      return { title, why: "Now, while hands are clean: batter does not wait for paper." };
    case "weigh":
      return { title, why: "Tap a line when it is in its bowl." };
    case "step":
      return {
        title:
          doing.text !== "" && doing.text.length <= LONGEST_TITLE
            ? doing.text.replace(/[.;]$/u, "")
            : title,
        why: doing.isWait
          ? `${minutesText(minutes)}; the clock tells when.`
          : `About ${minutesText(minutes)}; the look decides, not the clock.`,
      };
    case "fill":
      return { title, why: "Level each with a wet palette knife." };
    case "bake":
      return {
        title:
          doing.by === undefined || doing.by === "oven"
            ? `${doing.tins === 1 ? say`The tin` : doing.tins === 2 ? say`Both tins` : say`All ${doing.tins} tins`} into the oven`
            : doingText(doing, units),
        why:
          IN_OTHER_HEAT[doing.by ?? "oven"] ??
          `Middle shelf, 3 cm of air between and around. The door stays shut for ${minutesText(facts.doorShutMin)}: what has risen and not yet set would fall. Start checking at ${minutesText(facts.firstLookMin)}.`,
      };
    case "look-and-bake-on":
      return {
        title: "What do you see?",
        why: "Two signs that agree, and none that disagrees: then it comes out. Open the door no longer than a breath.",
      };
    case "take-out":
      return {
        title: doing.loads === 1 ? "Take it out" : `Take out load ${doing.load}`,
        why: say`Dry cloths: a wet one scalds. Tins on the rack, not on the cold worktop.`,
      };
    case "in-oven":
      return { title, why: IN_OVEN_WHY[doing.what] };
    case "bake-on":
      return { title, why: "" };
    case "off-oven":
      return {
        title,
        why: `${minutesText(minutes)} in the switched-off oven. The door as the recipe says; ajar where it says nothing.`,
      };
    case "turn-out":
      if (doing.isCups === true)
        return { title, why: "By their cases; those that cling, with a thin knife round." };
      return {
        title,
        why:
          doing.isOnce === true
            ? say`Run a thin knife round, plate on top, and over. Leave the tin on it for a minute, then lift it.`
            : "Run a thin knife round, rack on top, and over. If it clings, five minutes more.",
      };
    case "cool":
      return { title, why: "" };
    case "pour-warm":
      return { title, why: "Warm cake drinks it; cold cake lets it run off." };
    case "prepare-ingredient":
      return {
        title,
        why:
          doing.how === "melt"
            ? "In short bursts or over hot water: it need only run."
            : "Until they smell of themselves; stir, and stay with them.",
      };
    case "cool-ingredient":
      return { title, why: "" };
    case "wash-bowl":
      return {
        title,
        why: "It is needed again. Dry and free of fat: egg whites do not rise in a greasy bowl.",
      };
    case "make":
      return { title, why: `${MAKING_WORDS[doing.what]}.` };
    case "cool-made":
      return { title, why: "" };
    case "pour-cold":
      return {
        title,
        why: "Onto the cold cake, from the middle out; give it one turn and let it run.",
      };
    case "dress":
      return { title, why: DRESSED_WHY[doing.when] };
    case "into-fridge":
      return {
        title,
        why: `Covered, at ${heatText(5, units)} or below: ${doing.what === "cake" ? "this cake stands" : `with ${say(MADE_NAMES[doing.what])} on it`} no more than ${COLD_ROOM_HOURS} hours out in all, 1 above ${heatText(32, units)}.`,
      };
    case "chill-cake":
      return { title, why: "" };
    case "lay":
      return { title, why: LAY_WHY[doing.where] };
    case "divide-batter":
      return { title, why: "Fold it in lightly: a batter that is beaten again rises less." };
    case "swirl":
      return {
        title,
        why: say`Once or twice with a knife, down to the floor: more, and it is one colour.`,
      };
    case "lay-floor":
      return { title, why: "Close together, 5 mm clear of the wall; they shrink in the oven." };
    case "roll-warm":
      return {
        title,
        why: "On a cloth dusted with sugar, from the side it will be rolled from: a cold sheet cracks.",
      };
    case "split-and-fill":
      return {
        title,
        why: "Only when the cake is cold at its core: a warm one melts what is put on it.",
      };
    case "first-coat":
      return { title, why: "Thin: it only holds the crumbs." };
    case "chill-coat":
      return {
        title: "Chill the first coat",
        why: `${minutesText(minutes)} in the fridge, until it does not stick to a finger.`,
      };
    case "final-coat":
      return { title, why: "Top first, then the sides, then the edge inwards." };
    case "decorate":
      return { title, why: "Piping first, fruit last." };
    default:
      return assertNever(doing);
  }
}

const LAY_WHY: Readonly<Record<"floor" | "between" | "in" | "top", string>> = {
  floor: "5 mm clear of the wall; syrup leaks from a loose base.",
  between: "Not up to the wall: the batter has to close over it.",
  in: "Half sunk: what is pressed down deep falls to the floor.",
  top: "From the rim inwards, and least in the middle, which sets last.",
};

/** What is to be heeded in a pot or a microwave. */
const IN_OTHER_HEAT: Readonly<Partial<Record<HeatSource, string>>> = {
  "closed-pot":
    "As the recipe has it: no water, weight off, vent open. The lid stays on until the first look; pot and salt are very hot.",
  microwave:
    "No more than half full, in a mug marked for it. Steam burns: stand back from the rim.",
};

/** What is on the button that goes on. */
export function nextText(doing: Doing): string {
  switch (doing.do) {
    case "soften-butter":
      return "Out, start the clock";
    case "warm-up":
      return "On, start the clock";
    case "prepare-tins":
    case "in-oven":
    case "bake-on":
    case "decorate":
      return "Done, next";
    case "weigh":
      return "All weighed, next";
    case "step":
      return doing.isWait ? "Start the clock" : "Done, next";
    case "fill":
      return "Filled, next";
    case "lay":
    case "swirl":
      return "On, next";
    case "divide-batter":
      return "Stirred in, next";
    case "lay-floor":
      return "Laid, next";
    case "bake":
    case "chill-coat":
      return "In, start the clock";
    case "look-and-bake-on":
      return "Say what you see";
    case "off-oven":
      return "Off, start the clock";
    case "take-out":
      return "Out, next";
    case "turn-out":
      return "Turned out, next";
    case "cool":
    case "cool-ingredient":
    case "cool-made":
    case "chill-cake":
      return "Cold already";
    case "pour-warm":
    case "pour-cold":
      return "Poured, next";
    case "dress":
      return "On, next";
    case "make":
      return "Made, next";
    case "prepare-ingredient":
    case "wash-bowl":
      return "Done, next";
    case "into-fridge":
      return "In, next";
    case "split-and-fill":
      return doing.isRolled === true ? "Rolled, next" : "Stacked, next";
    case "roll-warm":
      return "Rolled, next";
    case "first-coat":
    case "final-coat":
      return "Coated, next";
    default:
      return assertNever(doing);
  }
}

/** Ways to save time, and what each costs. */
export const WAY_WORDS: Readonly<
  Record<Shortcut, { readonly what: string; readonly cost: string }>
> = {
  "butter-in-cubes": {
    what: "Cut the butter in cubes, spread on a plate",
    cost: "watch it: melted butter holds no air",
  },
  "cool-in-fridge": {
    what: "Cool in the fridge once lukewarm",
    cost: "wrap it, or its edge dries",
  },
  "cool-in-freezer": {
    what: "Cool in the freezer once lukewarm",
    cost: "wrap it; crumbs tear more easily while half frozen",
  },
  "coat-in-freezer": {
    what: "Chill the coat in the freezer",
    cost: "no longer than that: a frozen coat cracks",
  },
  "no-first-coat": { what: "Leave out the first coat", cost: "crumbs may show in the last one" },
  "no-pieces": { what: "Leave out piping and fruit", cost: "plainer, no worse to eat" },
};

/** How the middle of a cake came out. */
export const VERDICT_NAMES: Readonly<Record<BakeVerdict, string>> = {
  under: "under: too wet",
  right: "right",
  over: "over: too dry",
};

/** What is said before a step that would leave its batter waiting for a cold oven. */
export function ovenFirstText({
  waitsMin,
  mayWaitMin,
}: {
  readonly waitsMin: number;
  readonly mayWaitMin: number;
}): string {
  return `The oven is cold. Done now, the batter would wait ${minutesText(Math.round(waitsMin))} for it, and it may wait ${minutesText(mayWaitMin)} at most: put the oven on first.`;
}

/** Which tin of a load is looked at. */
export function lookedAtText(index: number, tins: number, units: Units): string {
  const say = sayIn(units);
  return tins === 2
    ? say`What do you see in the ${ordinal(index)} tin?`
    : say`What do you see in the ${ordinal(index)} of ${tins} tins?`;
}
