import { middle } from "../measure";
import type { Part, Stage, Step } from "./schema";
import { durationsIn } from "./step";
import { stepStages } from "./step-stages";

/** How a cake leaves its tin, as its recipe says it. */
type WayOutTold =
  { readonly inTinMin: number } | { readonly until: "cold" } | { readonly stays: true };

/** What a recipe says of a cake between the oven and the knife; nothing where it says nothing. */
type CoolingTold = (WayOutTold | object) & {
  readonly turned?: "once" | "twice";
  /** In the switched-off oven, minutes. */
  readonly offOvenMin?: number;
  readonly covered?: true;
  readonly overnight?: true;
};

const TIN_WORD =
  "(?:(?:the|its|their|own|same|baking|cake|loaf|muffin|cupcake|ring|tube|right) )*(?:tins?|pans?|moulds?|molds?|dish|dishes|skillet|trays?)";
const tinAfter = (before: string, after = ""): RegExp =>
  new RegExp(String.raw`\b(?:${before}) ${TIN_WORD}\b${after}`, "iu");
const IN_TIN = [
  tinAfter("in|inside|within"),
  tinAfter("set|stand|put|leave", String.raw` on (?:a |the )?(?:wire |cooling )?racks?\b`),
];
const FROM_TIN = [
  tinAfter(String.raw`(?:cut|serve[ds]?|frost|ice|spread|glaze)\b[^.;]*\bin`),
  tinAfter(String.raw`(?:cut|serve[ds]?)\b[^.;]*\b(?:from|out of)`),
];
const STAYS = tinAfter("stays? in|never leaves|keep (?:it|them|the cake) in");
const HANGS = /\b(?:bottle|hang(?:s|ing)?|on its feet|cools? upside down)\b/iu;
const WAITS = /\b(?:cool|leave|let|rest|stand|sit|stay|wait)(?:s|t?ing|ed)?\b/iu;
const COOKS =
  /\b(?:simmer|boil|melt|stir|toast|warm (?:the|some|\d)|in a (?:small |little )?(?:sauce)?pan)\b/iu;
const UNTIL_COLD =
  /\b(?:un)?til\b[^.;]*\b(?:cold|cool(?:ed)?|next day)\b|\b(?:completely|entirely|fully|quite cold|stone cold|overnight)\b|\bgo(?:es)? cold\b/iu;
const TURNED_OUT = new RegExp(
  String.raw`\b(?:turn|tip|slip|invert|lift)(?:ed|ped|s)?\b[^.;]*\b(?:out|onto|on to|on an?|rack)\b|\bunmou?ld(?:ed)?\b|\binvert\b|\bout of ${TIN_WORD}`,
  "iu",
);
/** "Turn out at once onto a sugared towel". */
const OUT_AT_ONCE =
  /\b(?:turn|tip|flip|invert)(?:ed)?\b[^.;]{0,30}\b(?:at once|immediately|straight ?away|right away)\b|\b(?:at once|immediately|straight ?away|right away)\b[^.;]{0,20}\b(?:turn|tip|flip|invert)\b[^.;]{0,20}\b(?:out|onto)\b/iu;
const AT_ONCE_MIN = 1;
/** The ends of sentences, not of "mins." or "1.5". */
const CLAUSES = /[;!]|(?<!\b(?:mins?|hrs?|approx))\.(?!\d)/iu;

/** Longer in its tin than this it is cold there, minutes. Judgement. */
const MOST_WARM_MIN = 120;

/** The oven is off, and the cake in it: "turn the oven off and leave it in for 10 minutes". */
const OVEN_OFF =
  /\b(?:turn|switch)(?:ed|ing)? (?:(?:the|your|it|this) )?(?:(?:oven|heat|gas|flame|fire) )?off\b(?! (?:the|your) (?!oven|heat|gas|flame|fire))|\b(?:turned|switched)[- ]off oven\b|\boven (?:is )?off\b|\boff oven\b|\bcooling oven\b/iu;
const STAYS_IN_OVEN =
  /\bdoor (?:ajar|open|propped|shut|closed)\b|\bin the (?:\S+ )?oven\b|\binside\b/iu;
const COVERED =
  /\bcover(?:ed)?\b(?![^.;]*\b(?:frosting|icing|ganache|glaze|cream|jam|sugar|sides)\b)|\bunder (?:a |the )?(?:clean |damp |dry )*(?:tea[- ]?)?(?:towel|cloth|lid|bowl)\b|\blid on\b|\bwith a (?:clean |damp |dry )*(?:tea[- ]?)?(?:towel|cloth)\b/iu;
const OVERNIGHT =
  /\bovernight\b|\b(?:un)?till? (?:the )?(?:next (?:day|morning)|morning|tomorrow)\b/iu;
const UNTIL = /\b(?:until|till?)\b/iu;
const IN_THE_COLD = /\b(?:fridge|refrigerat\w*|chill\w*|freez\w*|larder)\b/iu;
const TWICE =
  /\bright (?:way|side) up\b|\b(?:invert|turn|flip)(?:ed)?\b[^.;]*\b(?:again|back (?:over|up)|over again|once more|twice)\b|\bre-?invert/iu;
const ONCE =
  /\b(?:invert|turn|flip|tip)(?:ed)?\b[^.;]*\b(?:plate|platter|dish|board|stand)\b|\b(?:plate|platter|board)\b[^.;]*\b(?:flip|invert)\b|\bupside[- ]down\b(?![^.;]*\b(?:cool|bottle))|\bfruit(?: side)? up\b/iu;

/**
 * How a cake comes out of the oven and its tin by what its recipe says: after so many minutes, when
 * it is cold, or never, where it is cut or frosted in its tin; how it is turned, and what of it is
 * left in the switched-off oven, under a cloth, until the next day. Null where nothing is said.
 * @example coolingTold([step("Cool in the tin for 15 minutes, then turn out.")]) // { inTinMin: 15 }
 */
function coolingTold(steps: readonly Step[]): CoolingTold | null {
  const stages = stepStages(steps);
  const clausesAt = (...at: readonly Stage[]): readonly string[] =>
    steps.flatMap(({ text }, index) =>
      at.includes(stages[index] ?? "before") ? text.split(CLAUSES) : [],
    );
  const after = clausesAt("hot", "cold");
  const told = {
    ...wayOutTold(after, clausesAt("hot", "cold", "serve")),
    ...aroundTold(clausesAt("oven", "hot"), after),
  };
  return Object.keys(told).length === 0 ? null : told;
}

function wayOutTold(after: readonly string[], later: readonly string[]): WayOutTold | null {
  if (later.some((clause) => FROM_TIN.some((says) => says.test(clause)))) return { stays: true };
  const told = after.flatMap((clause) => toldBy(clause) ?? []);
  return told.find((each) => !each.isBare)?.says ?? told[0]?.says ?? null;
}

/** What is said besides the tin: of the oven that is off, of cloths and lids, of the night, of turning. */
function aroundTold(hot: readonly string[], after: readonly string[]): Omit<CoolingTold, "stays"> {
  const off = hot.findIndex((clause) => OVEN_OFF.test(clause));
  const rest = hot
    .slice(off)
    .filter((clause, at) => at === 0 || (at === 1 && STAYS_IN_OVEN.test(clause)))
    .flatMap((clause) => durationsIn(clause.slice(at(OVEN_OFF, clause))));
  const offOvenMin = off < 0 || rest[0] === undefined ? 0 : Math.round(middle(rest[0]));
  const isCooling = (clause: string): boolean =>
    (WAITS.test(clause) || UNTIL.test(clause)) && !IN_THE_COLD.test(clause);
  const turned = after.some((clause) => TWICE.test(clause))
    ? "twice"
    : after.some((clause) => ONCE.test(clause))
      ? "once"
      : null;
  return {
    ...(turned === null ? {} : { turned }),
    ...(offOvenMin > 0 && offOvenMin <= MOST_OFF_MIN ? { offOvenMin } : {}),
    ...(after.some((clause) => isCooling(clause) && COVERED.test(clause))
      ? { covered: true as const }
      : {}),
    ...(after.some((clause) => isCooling(clause) && OVERNIGHT.test(clause))
      ? { overnight: true as const }
      : {}),
  };
}

/** Whether a step turns the cake out, or leaves it in the oven that is off, or until the next day. */
export const saysTurnedOut = (text: string): boolean => TURNED_OUT.test(text) && !COOKS.test(text);
export const saysOffOven = (text: string): boolean => OVEN_OFF.test(text) && WAITS.test(text);
export const saysOvernight = (text: string): boolean =>
  OVERNIGHT.test(text) && !IN_THE_COLD.test(text) && !COOKS.test(text);

/** Where a pattern stands in a text that has it; its start where it has not. */
const at = (pattern: RegExp, text: string): number => pattern.exec(text)?.index ?? 0;

/** No cake stands longer in an oven that is off, minutes. */
const MOST_OFF_MIN = 240;

/** What one clause says; a bare one is of the tin, and not of how long. */
function toldBy(clause: string): { readonly says: WayOutTold; readonly isBare: boolean } | null {
  if (COOKS.test(clause)) return null;
  if (OUT_AT_ONCE.test(clause)) return { says: { inTinMin: AT_ONCE_MIN }, isBare: false };
  if (HANGS.test(clause)) return { says: { until: "cold" }, isBare: false };
  const out = TURNED_OUT.exec(clause);
  // What is waited for on the rack comes after it is turned out.
  const after = /\bafter\b/iu.exec(clause)?.index;
  const until = out === null || after !== undefined ? undefined : out.index;
  const [wait] = durationsIn(clause.slice(after ?? 0, until));
  const isInTin =
    IN_TIN.some((says) => says.test(clause)) && (WAITS.test(clause) || wait !== undefined);
  if (!isInTin && out === null) return null;
  if (UNTIL_COLD.test(clause) && isInTin && wait === undefined)
    return { says: { until: "cold" }, isBare: false };
  if (wait === undefined)
    return isInTin && out === null
      ? { says: STAYS.test(clause) ? { stays: true } : { until: "cold" }, isBare: true }
      : null;
  const inTinMin = Math.round(middle(wait));
  return {
    says: inTinMin > MOST_WARM_MIN ? { until: "cold" } : { inTinMin },
    isBare: false,
  };
}

/** The same of a recipe in parts, the batter's first: what a topping says of the hot cake counts too. */
export function coolingOfParts(parts: readonly Pick<Part, "steps">[]): CoolingTold | null {
  return parts.reduce<CoolingTold | null>((told, { steps }) => told ?? coolingTold(steps), null);
}
