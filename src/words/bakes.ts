import type { Doneness, Sign } from "@/core/kind";
import { isOwnMass } from "@/core/bake";
import type { InsideCompared, KitchenOven, Look, LookAdvice, OvenOffset, Rule } from "@/core/bake";
import type { CakePlan, SolvedTin } from "@/core/plan";
import type { Question } from "@/core/ask";
import { sayIn } from "./vocabulary";
import { depthText, heatStepText, heatText, ovenText, minutesText } from "./quantities";
import type { Units } from "./regions";

const GAP = "\u00a0";

const CROWN_WORDS: Readonly<Record<InsideCompared, string>> = {
  less: "flatter, less to trim",
  same: "crown as in the recipe",
  more: "higher crown, more to trim",
};
const CRUST_WORDS: Readonly<Record<InsideCompared, string>> = {
  less: "paler",
  same: "colour as in the recipe",
  more: "darker",
};

/** Crown and crust against the recipe's own bake. */
export function againstText(
  { crown, crust }: Pick<SolvedTin, "crown" | "crust">,
  units: Units,
): string {
  const say = sayIn(units);
  if (crown === "same" && crust === "same") return say`crown and colour as in the recipe`;
  return say(`${CROWN_WORDS[crown]}; ${CRUST_WORDS[crust]}`);
}

/** What a heat costs, in a line: minutes, crown, colour. */
export function costText(likelyMin: number, solved: SolvedTin | null, units: Units): string {
  return solved === null
    ? minutesText(likelyMin)
    : `${minutesText(likelyMin)}; ${againstText(solved, units)}`;
}

/**
 * Why this heat, built from the numbers. `decisive` is the tin whose batter decided it; `written`
 * is the solved bake at the heat as written, where that is another.
 */
export function whyHeatText(
  plan: CakePlan,
  decisive: number,
  own: SolvedTin | null,
  written: { readonly ovenC: number; readonly solved: SolvedTin | null } | null,
  units: Units,
): string {
  const say = sayIn(units);
  const { bake, fill, reference } = plan;
  const deeper = Math.round(
    (fill.tins[decisive]?.depthMm ?? 0) - Math.max(...reference.tins.map(({ depthMm }) => depthMm)),
  );
  const depth =
    deeper === 0
      ? say`the batter is as deep as in the recipe's own tins`
      : say`the batter is ${depthText(Math.abs(deeper), units)} ${deeper > 0 ? "deeper" : "shallower"} than in the recipe's own tins`;
  const ahead = own?.rimAheadMin ?? null;
  const here =
    ahead === null
      ? ""
      : ` At ${ovenText(bake.ovenC, units)} the rim is set ${minutesText(ahead)} before the middle`;
  const there = written?.solved?.rimAheadMin ?? null;
  const against =
    ahead === null
      ? ""
      : written === null || there === null
        ? "."
        : `; at ${ovenText(written.ovenC, units)} it would be ${minutesText(there)}.`;
  switch (bake.reason) {
    case "gentler":
      return `Why lower: ${depth}, so the middle needs longer to catch up.${here}${against}`;
    case "not-thicker":
      return `Why not lower: ${depth} and no deeper, so the oven stays as written.${here === "" ? "" : `${here}.`}`;
    case "as-written":
      return `As written: ${depth}.${here === "" ? "" : `${here}.`}`;
    case "low":
      return `Low and slow gives the flattest top and the palest crust: ${depth}.${here}${against}`;
    case "chosen":
      return `Your own temperature: ${depth}.${here}${against}`;
  }
}

const SIGN_WORDS: Readonly<Record<Sign, string>> = {
  tester: "a tester in the middle",
  spring: "the top springs back",
  edge: "the edge pulls from the wall",
  wobble: "the edge is set and the middle trembles",
  colour: "the colour",
  core: "the core temperature",
};

/** How a kind shows that it is done, the two to trust first. */
export function donenessText({ coreC, tester, trust }: Doneness, units: Units): string {
  const say = (sign: Sign): string => {
    if (sign === "tester")
      return tester === "moist-crumbs"
        ? "a tester comes out with a few moist crumbs"
        : "a tester comes out clean";
    if (sign === "core") return `the core is at ${rangeText(coreC, units)}`;
    return SIGN_WORDS[sign];
  };
  const core = trust.includes("core")
    ? ""
    : ` A probe in the middle then reads ${rangeText(coreC, units)}.`;
  return `Done when ${say(trust[0])} and ${say(trust[1])}: trust these two.${core}`;
}

function rangeText({ from, to }: Doneness["coreC"], units: Units): string {
  return `${heatText(from, units).replace(/\D+$/u, "")} to ${heatText(to, units)}`;
}

/** What to do after a look. */
export function adviceText(advice: LookAdvice, units: Units): string {
  const say = sayIn(units);
  if (advice.verdict === "wait")
    return `${minutesText(advice.moreMin)} more, then look again.${advice.foil ? " Lay foil over it loosely: it is dark enough." : ""}`;
  const why = {
    "two-signs": "two signs agree",
    core: "the core is there",
    past: "it is past its time and shows a sign of being done",
  }[advice.because];
  return `Out: ${why}.${advice.isPale ? say` It is pale, but colour alone is no reason to wait.` : ""}`;
}

export const TESTER_WORDS: Readonly<Record<NonNullable<Look["tester"]>, string>> = {
  wet: "wet batter",
  "moist-crumbs": "moist crumbs",
  clean: "clean",
};
export const SPRING_WORDS: Readonly<Record<NonNullable<Look["spring"]>, string>> = {
  "dent-stays": "dent stays",
  "springs-back": "springs back",
};
export const WOBBLE_WORDS: Readonly<Record<NonNullable<Look["wobble"]>, string>> = {
  all: "wobbles all over",
  middle: "only the middle trembles",
  none: "stands still",
};
export const EDGE_WORDS: Readonly<Record<NonNullable<Look["edge"]>, string>> = {
  holds: "holds to the wall",
  pulls: "pulls from the wall",
};

/** How far an oven is off, with how sure that is: reads 7 °C cool, give or take 2. */
export function offsetText(offset: OvenOffset | null, units: Units): string {
  if (offset === null) return "no readings yet: taken at its word";
  const off = Math.round(offset.readsC);
  const sure = `give or take ${heatStepText(Math.max(1, offset.sigmaC), units)}`;
  return off === 0
    ? `true to its dial, ${sure}`
    : `${heatStepText(Math.abs(off), units)} ${off < 0 ? "cooler" : "hotter"} than its dial says, ${sure}`;
}

/** The inside at a minute, said: for those who can't see the drawing. */
export function insideText(
  minute: number,
  middleC: number,
  rimC: number,
  setShare: number,
  units: Units,
): string {
  const set =
    setShare >= 0.995
      ? "all of it is set"
      : setShare <= 0.005
        ? "none of it is set"
        : `${Math.round(setShare * 100)}${GAP}% of the section is set`;
  return `After ${minutesText(minute)} the middle is at ${heatText(middleC, units)}, the rim at ${heatText(rimC, units)}; ${set}.`;
}

/** What heats an oven, how its air moves, how its dial is marked. */
export const SOURCE_NAMES: Readonly<Record<KitchenOven["source"], string>> = {
  electric: "electricity",
  gas: "gas",
  countertop: "electricity, a small one on the worktop",
};
export const AIR_NAMES: Readonly<Record<KitchenOven["air"], string>> = {
  still: "still",
  fan: "always blown by a fan",
  either: "still, or with a fan",
};
export const DIAL_NAMES: Readonly<Record<KitchenOven["dial"]["scale"], string>> = {
  C: "°C",
  F: "°F",
  gas: "gas marks",
};

/** What a recipe is baked in. */
export const HEAT_SOURCE_NAMES: Readonly<Record<Question["source"], string>> = {
  oven: "an oven",
  "closed-pot": "a closed pot on the hob",
  microwave: "a microwave",
};

/** Ways to carry minutes from one tin to another. */
export const RULE_NAMES: Readonly<Record<Rule, string>> = {
  simulation: "our simulation, cell by cell",
  "closed-form": "our forecast",
  "volume-over-surface-power": "volume over surface, to the power 1.22",
  "volume-over-surface": "volume over surface",
  depth: "depth of the batter",
};

/** Whether the solver, cell by cell, agrees with the forecast. */
export function checkText(
  solvedMin: number,
  { likelyMin, firstLookMin, notPastMin }: CakePlan["bake"]["tins"][number],
): string {
  if (Math.abs(solvedMin - likelyMin) <= 1)
    return `Worked out cell by cell it comes to ${minutesText(solvedMin)} too.`;
  const isInside = solvedMin >= firstLookMin && solvedMin <= notPastMin;
  return `Worked out cell by cell it comes to ${minutesText(solvedMin)}${isInside ? ", inside the window." : ": look early and often."}`;
}

/** Where the minutes of a pot or a microwave come from, and what to do at the look. */
export function otherHeatText(
  { bake: { source }, reference, fill }: CakePlan,
  units: Units,
): string {
  const say = sayIn(units);
  const [own, now] = [reference.tins[0]?.batterG ?? 0, fill.tins[0]?.batterG ?? 0];
  const isOwn = isOwnMass(now / own);
  const from = isOwn
    ? "The recipe's own minutes in its own vessel."
    : source === "microwave"
      ? "The recipe's own minutes, by how much is in the mug: a microwave gives the same heat every minute."
      : say`The recipe's own minutes, by how much is in the tin: more batter takes longer to come through, though not twice as long for twice as much.`;
  const look =
    source === "microwave"
      ? "Every microwave has its own strength: look early, then on in bursts of ten seconds until the top is just set and springs back."
      : "Lift the lid only to look. Not done? Lid on, and five to ten minutes more.";
  return `${from} ${look} An oven's minutes do not follow from these, nor these from an oven's: heat reaches the cake in another way.`;
}
