import type {
  Dividing,
  Divided,
  Fill,
  FillOptions,
  Form,
  OnBatter,
  OnBatterThing,
  TinFill,
  TinSet,
} from "@/core/fill";
import type { Doing } from "@/core/day";
import { sayIn } from "./vocabulary";
import { depthText, percentText, volumeText, weightText } from "./quantities";
import type { Units } from "./regions";

/** Schools of filling. */
export const CEILING_NAMES: Readonly<Record<NonNullable<FillOptions["fullAtMost"]>, string>> = {
  half: "never over half",
  "two-thirds": "two-thirds at most",
  "three-quarters": "three-quarters at most",
};

/** How high the crown may stand. */
export const crowningChoices = (units: Units) =>
  [
    ["usual", sayIn(units)`usual for the tin`],
    ["inside", `${depthText(3, units)} inside the rim`],
    ["level", "level with the rim"],
    ["above", `${depthText(6, units)} above the rim`],
    ["high", `${depthText(12, units)} above the rim`],
  ] as const;

export const DIVIDING_NAMES: Readonly<Record<Dividing, string>> = {
  scale: "on the scale",
  cup: "by the cup",
  eye: "by eye",
};

export const PORTION_NAMES = {
  small: "small pieces",
  usual: "usual pieces",
  large: "large pieces",
} as const;

/** Another form of a cake. */
export const FORM_NAMES: Readonly<Record<Form, string>> = {
  layers: "as layers",
  sheet: "as a sheet",
  ring: "as a ring",
  loaf: "as a loaf",
  cups: "as cups",
  shaped: "in a shaped tin",
};

/** A set of tins against the recipe's own: why it stands where it does in the list. */
export function fitReason({ times, basis, loads }: TinSet): string {
  const than = basis === "depth" ? "deeper" : "fuller";
  const less = basis === "depth" ? "shallower" : "less full";
  const off = Math.abs(times - 1);
  const depth =
    off < 0.03
      ? basis === "depth"
        ? "as deep as in the recipe's own"
        : "as full as the recipe's own"
      : `${percentText(off)} ${times > 1 ? than : less} than in the recipe's own`;
  const look = off < 0.03 ? "" : times > 1 ? ", bakes longer" : ", bakes quicker";
  return `${depth}${look}${loads > 1 ? `; ${loads} oven loads` : ""}`;
}

/** Where a tin's limit comes from, by depth and by volume. */
export function limitText({ limit, brimMl, geometry, fruitMl }: TinFill, units: Units): string {
  const ofDepth = percentText(limit.depthMm / geometry.depthMm);
  const ofVolume = percentText((limit.volumeMl + fruitMl) / brimMl);
  const why =
    limit.stoppedBy === "rise"
      ? "then its crown would reach the rim"
      : `the rule is ${percentText(limit.ruleOfDepth)} of the depth`;
  return `takes ${volumeText(limit.volumeMl, units)} at most: ${ofDepth} of its depth, ${ofVolume} of its volume; ${why}`;
}

/** What goes into each tin, and how far off that is likely to be. */
export function dividedText(
  { errorG, errorMm, portioned }: Divided,
  by: Dividing,
  units: Units,
): string {
  const scoop =
    portioned === null
      ? ""
      : `; ${portioned.scoops > 1 ? `${portioned.scoops} of scoop no. ${portioned.scoop} come` : `scoop no. ${portioned.scoop} comes`} nearest`;
  const depth =
    errorMm < 0.5 ? "less than half a millimetre" : depthText(Math.max(1, errorMm), units);
  return `${DIVIDING_NAMES[by]} each is likely within ${weightText(Math.max(1, errorG), units)}, ${depth} of depth${scoop}`;
}

/** What to do with batter that the tins do not take; empty when they take it all. */
export function leftoverText({ overG, cups }: Fill, units: Units): string {
  const say = sayIn(units);
  if (overG <= 0) return "";
  if (cups === null)
    return `${weightText(overG, units)} too much: too little for a cup, spread it over the cakes.`;
  return say`${weightText(overG, units)} too much for these tins: it makes ${cups.count} cup ${cups.count === 1 ? "cake" : "cakes"} of ${volumeText(cups.eachMl, units)} each.`;
}

const LAID_WHERE: Readonly<Record<OnBatter[number]["where"], string>> = {
  floor: "under the batter",
  between: "between two halves of the batter",
  in: "in the batter",
  top: "on the batter",
};

export const ON_BATTER_NAMES: Readonly<Record<OnBatterThing, string>> = {
  nuts: "nuts",
  seeds: "seeds",
  chips: "chocolate chips",
  "coarse-sugar": "coarse sugar",
  "cinnamon-sugar": "cinnamon sugar",
  crumble: "crumble",
  fruit: "fruit in pieces",
  berries: "berries",
  "dried-fruit": "dried fruit",
  coconut: "coconut",
  oats: "oats",
  jam: "jam",
  syrup: "syrup",
  custard: "custard",
  "soft-cheese": "soft cheese",
  "chocolate-spread": "chocolate spread",
  own: "something of my own",
};

export const ON_BATTER_WHERE: Readonly<Record<OnBatter[number]["where"], string>> = {
  floor: "on the floor",
  between: "between halves",
  in: "pressed in",
  top: "on top",
};

/** Putting something on raw batter, as a task of the day. */
export function layText(
  { where, what, called, massG }: Omit<Extract<Doing, { do: "lay" }>, "do">,
  units: Units,
): string {
  const say = sayIn(units);
  const thing = `${weightText(massG, units)} of ${called ?? (what === undefined ? "what goes on" : ON_BATTER_NAMES[what])}`;
  switch (where) {
    case "floor":
      return say`Lay ${thing} on the floors of the tins`;
    case "between":
      return say`Half the batter into the tins, then ${thing} over it`;
    case "in":
      return `Press ${thing} into the batter`;
    case "top":
      return `Put ${thing} on the batter`;
  }
}

/** Taking part of the batter to be marbled in. */
export function divideText(
  { batterG, called, massG }: Omit<Extract<Doing, { do: "divide-batter" }>, "do">,
  units: Units,
): string {
  const say = sayIn(units);
  const what = called ?? say`its colour`;
  return `Take ${weightText(batterG, units)} of the batter and stir in ${massG === undefined ? what : `${weightText(massG, units)} of ${what}`}`;
}

export const MARBLE_NAMES = {
  none: "not marbled",
  quarter: "a quarter marbled in",
  third: "a third marbled in",
  half: "half marbled in",
} as const;

/** What a recipe lays on its batter itself: "310 g on the batter, as the recipe says". */
export function laidText(laid: OnBatter, units: Units): string {
  const said = laid.map(
    ({ where, massG = 0 }) => `${weightText(massG, units)} ${LAID_WHERE[where]}`,
  );
  return `${said.join(", ")}, as the recipe says: takes space, and bakes with it`;
}
