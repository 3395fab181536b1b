import { LAID, POURS } from "@/core/build";
import type { Doing } from "@/core/day";
import type { DressedWhen, Dressing } from "@/core/finish";
import { capitalised, roundTo } from "@/core/measure";
import type { DressDetail } from "@/core/plan";
import { sayIn } from "./vocabulary";
import { stuffName } from "./finishing";
import { SPREAD_NAMES } from "./kinds";
import { minutesText, weightText } from "./quantities";
import type { Units } from "./regions";

/** What is bought where pieces are cut from it. */
const BOUGHT_NAMES: Partial<Readonly<Record<Dressing, readonly [one: string, many: string]>>> = {
  "strawberry-halves": ["strawberry", "strawberries"],
  "strawberry-slices": ["strawberry", "strawberries"],
  "fig-quarters": ["fig", "figs"],
  "peach-slices": ["peach", "peaches"],
  "orange-slices": ["orange", "oranges"],
  "lemon-slices": ["lemon", "lemons"],
};
export const WHEN_NAMES: Readonly<Record<DressedWhen, string>> = {
  hot: "while it is hot",
  warm: "while it is warm",
  cold: "when it is cold",
};

/** Why it goes on then. */
export const DRESSED_WHY: Readonly<Record<DressedWhen, string>> = {
  hot: "A hot cake drinks what is poured on it, and melts what is spread.",
  warm: "Warm, not hot: it still melts and sets, and no longer runs off.",
  cold: "",
};

/** What something put on is called; her own as she calls it. */
const dressingName = (what: Dressing, called: string | undefined): string =>
  what === "own" ? (called ?? "") : stuffName(what);

/** What is done with it, where it is not only put on. */
const DONE: Partial<Readonly<Record<Dressing, string>>> = {
  syrup: "brush on",
  "dusting-sugar": "dust with",
  "jam-film": "brush on",
  jam: "brush on",
};
const doneWith = (what: Dressing): string =>
  DONE[what] ??
  (isPoured(what) ? "pour on" : isSpread(what) ? "spread" : isStrewn(what) ? "strew on" : "put on");
const isPoured = (what: Dressing): boolean => (POURS as readonly Dressing[]).includes(what);
const isSpread = (what: Dressing): boolean => what in SPREAD_NAMES;
const isStrewn = (what: Dressing): boolean => (LAID as readonly Dressing[]).includes(what);

/** Putting it on, as a task of the day. */
export function dressingText(doing: Extract<Doing, { do: "dress" }>, units: Units): string {
  const { what, when, isPoked } = doing;
  const isRun = isPoked === true && what in DONE;
  const done = isRun ? "pour on" : doneWith(what);
  const poked = isPoked === true ? "poke it all over and " : "";
  const warm = when === "cold" ? "" : `, ${WHEN_NAMES[when]}`;
  return capitalised(`${poked}${done} ${dressedMuch(doing, units)}${warm}`);
}

/** What it is called after its weight. */
const AFTER_WEIGHT: Partial<Readonly<Record<Dressing, string>>> = {
  "dusting-sugar": "sugar",
  "jam-film": "jam",
  scatter: "what is scattered",
};

/** An amount of what is put on: pieces where they are counted, grams for all else. */
function dressedMuch(
  {
    what,
    called,
    pieces,
    massG,
  }: {
    readonly what: Dressing;
    readonly called?: string | undefined;
    readonly pieces: number | null;
    readonly massG: number;
  },
  units: Units,
): string {
  const name = dressingName(what, called);
  if (pieces !== null) return `${pieces} ${name}`;
  return `${weightText(massG, units)} of ${AFTER_WEIGHT[what] ?? name}`;
}

/** When and how something is put on: its minutes after the oven, and what to heed. */
export function dressText(detail: DressDetail, units: Units): string {
  const say = sayIn(units);
  const { dress, massG, pieces, toBuy, afterOvenMin, isUnderFrosting, meltsAway } = detail;
  const much = dressedMuch({ what: dress.what, called: dress.name, pieces, massG }, units);
  const [one, many] = BOUGHT_NAMES[dress.what] ?? [];
  const buy =
    toBuy === null || one === undefined ? "" : `, from ${toBuy} ${toBuy === 1 ? one : many}`;
  const window =
    afterOvenMin === null
      ? isUnderFrosting
        ? say`under the frosting`
        : ""
      : afterOvenMin[0] === 0
        ? `within ${minutesText(roundTo(afterOvenMin[1], 5))} of the oven`
        : `${afterOvenMin[0]} to ${minutesText(roundTo(afterOvenMin[1], 5))} after the oven`;
  const first = [capitalised(much) + buy, window].filter((each) => each !== "").join(", ");
  return `${first}.${meltsAway ? " It melts on a cake as warm as that." : ""}`;
}
