// What stands on a clock, what rings, and what comes.
import type { Doing } from "@/core/day";
import { sayIn } from "./vocabulary";
import { doingText, MADE_NAMES } from "./day";
import { IN_OVEN_NOW } from "./in-oven";
import { minutesText, ovenText } from "./quantities";
import type { Units } from "./regions";

/** What runs, on its clock: what it is while it runs. */
export function timerText(doing: Doing, isStanding: boolean, units: Units): string {
  const say = sayIn(units);
  if (isStanding)
    return doing.do === "turn-out" ? say`Standing in the tin` : `Until: ${doingText(doing, units)}`;
  switch (doing.do) {
    case "soften-butter":
      return doing.for === "batter" ? "Butter, softening" : say`Butter for the frosting, softening`;
    case "warm-up":
      return `${doing.in ?? "Oven"} coming up to ${ovenText(doing.ovenC, units)}`;
    case "bake":
      if (doing.by !== undefined && doing.by !== "oven") return doingText(doing, units);
      return doing.loads === 1
        ? "In the oven, door shut"
        : `Load ${doing.load} in the oven, door shut`;
    case "bake-on":
      return doing.loads === 1
        ? "In the oven, door shut"
        : `Load ${doing.load} in the oven, door shut`;
    case "look-and-bake-on":
      return "Until the next look";
    case "off-oven":
      return "In the switched-off oven";
    case "cool":
      return doing.inTin === true ? say`Cooling in the tin` : "Cooling on the rack";
    case "cool-ingredient":
      return `Cooling: ${doing.name}`;
    case "cool-made":
      return `Cooling: ${sayIn(units)(MADE_NAMES[doing.what])}`;
    case "chill-coat":
      return "First coat, chilling";
    case "chill-cake":
      return "Chilling in the fridge";
    default:
      return doingText(doing, units);
  }
}

/** What rings when a clock has run out, or when something is to be begun. */
export function rungText(doing: Doing, isOver: boolean, units: Units): string {
  switch (doing.do) {
    case "soften-butter":
      return "The butter is soft";
    case "warm-up":
      return "The oven is warm";
    case "bake":
    case "bake-on":
      return doing.until === undefined ? "Look at the cake now" : IN_OVEN_NOW[doing.until];
    case "look-and-bake-on":
      return "Look at the cake now";
    case "off-oven":
      return "Out of the heat now";
    case "cool":
    case "chill-cake":
      return "Cold at its core by now";
    case "cool-ingredient":
      return `Cool by now: ${doing.name}`;
    case "cool-made":
      return `Cool by now: ${sayIn(units)(MADE_NAMES[doing.what])}`;
    case "chill-coat":
      return "The first coat is firm";
    default:
      return isOver ? `Time is up: ${doingText(doing, units)}` : `Now: ${doingText(doing, units)}`;
  }
}

/** What comes when a clock that still runs has run out. */
export function comingText(doing: Doing, isOver: boolean, units: Units): string {
  const isLook =
    doing.do === "look-and-bake-on" ||
    ((doing.do === "bake" || doing.do === "bake-on") && doing.until === undefined);
  return isLook ? "look at the cake" : rungText(doing, isOver, units);
}

/** "22 min spare" or "12 min late". */
export function spareText(spareMin: number): string {
  const minutes = Math.round(spareMin);
  return minutes >= 0 ? `${minutesText(minutes)} spare` : `${minutesText(-minutes)} late`;
}

/**
 * A clock that runs down: 6:20, or 1:05:00; 0:00 once it has.
 * @example countdown(6.34) // "6:20"
 */
export function countdown(minutes: number): string {
  const seconds = Math.max(0, Math.ceil(minutes * 60 - 1e-6));
  const [hours, left] = [Math.floor(seconds / 3600), seconds % 3600];
  const two = (value: number): string => String(value).padStart(2, "0");
  return hours > 0
    ? `${hours}:${two(Math.floor(left / 60))}:${two(left % 60)}`
    : `${Math.floor(left / 60)}:${two(left % 60)}`;
}
