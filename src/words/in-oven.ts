import type { Minutes } from "@/core/bake";
import type { Doing } from "@/core/day";
import type { DuringDetail } from "@/core/plan";
import type { DuringWhat } from "@/core/recipe";
import { sayIn } from "./vocabulary";
import { minutesText, ovenText } from "./quantities";
import type { Units } from "./regions";

/** What can be done to a cake in the oven, as a choice. */
export const DURING_NAMES: Readonly<Record<DuringWhat, string>> = {
  turn: "turn the tins round",
  swap: "swap the shelves",
  foil: "lay foil over it",
  uncover: "take its cover off",
  heat: "set another heat",
  add: "put something on it",
};

type InOven = {
  readonly what: DuringWhat;
  readonly dialC: number | null;
  readonly called: string | null;
  readonly ifNeeded: boolean;
};

/** What is done to a cake in the oven, as an order. */
function orderText({ what, dialC, called, ifNeeded }: InOven, tins: number, units: Units): string {
  const say = sayIn(units);
  switch (what) {
    case "turn":
      return tins === 1 ? say`Turn the tin round` : say`Turn the ${tins} tins round`;
    case "swap":
      return "Swap the shelves";
    case "foil":
      return ifNeeded ? "Dark enough? Lay foil over it" : "Lay foil over it loosely";
    case "uncover":
      return "Take the cover off";
    case "heat":
      return dialC === null
        ? "Set another temperature"
        : `Set the oven to ${ovenText(dialC, units)}`;
    case "add":
      return called === null || called === "" ? "Put on what goes on now" : called;
  }
}

type Done = Extract<Doing, { do: "in-oven" }>;

/** A task in the oven as an order. */
export const inOvenText = (doing: Done, units: Units): string =>
  orderText(
    {
      what: doing.what,
      dialC: doing.dialC ?? null,
      called: doing.called ?? null,
      ifNeeded: doing.ifNeeded ?? false,
    },
    doing.tins,
    units,
  );

/** How it is done well. */
export const IN_OVEN_WHY: Readonly<Record<DuringWhat, string>> = {
  turn: "Back to front, and the door shut again within a breath.",
  swap: "What stood above goes below. Door shut again within a breath.",
  foil: "Loosely, shiny or dull side alike; it must not touch a wet top.",
  uncover: "Lift the far edge first: steam burns.",
  heat: "The door stays shut.",
  add: "Quickly, on the shelf pulled half out, so that the middle does not fall.",
};

/** What rings when it is time for it. */
export const IN_OVEN_NOW: Readonly<Record<DuringWhat, string>> = {
  turn: "Time to turn it round",
  swap: "Time to swap the shelves",
  foil: "Time for the foil",
  uncover: "Time to uncover it",
  heat: "Time to change the heat",
  add: "Time to put on what goes on now",
};

/** What is done at which minute: "At 30 min: turn the tin round". */
export function duringText(detail: DuringDetail, tins: number, units: Units): string {
  const order = orderText(
    {
      what: detail.do,
      dialC: detail.dial?.dialC ?? null,
      called: detail.name,
      ifNeeded: detail.ifNeeded,
    },
    tins,
    units,
  );
  return `At ${minutesText(detail.atMin)}: ${order.charAt(0).toLowerCase()}${order.slice(1)}`;
}

/** Why a minute is amiss for something to be done in the oven, and what would be better. */
export const amissText = (
  amiss: "early" | "late",
  { doorShutUntilMin }: Pick<Minutes, "doorShutUntilMin">,
): string =>
  amiss === "late"
    ? "The cake is done before that: it is left out."
    : `What has risen can still fall then: safer from ${minutesText(doorShutUntilMin)}.`;
