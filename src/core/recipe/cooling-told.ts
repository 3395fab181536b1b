import { middle } from "../measure";
import type { Part, Stage, Step } from "./schema";
import { durationsIn } from "./step";
import { stepStages } from "./step-stages";

/** How long a cake stays in its tin, as its recipe says it. */
type CoolingTold =
  { readonly inTinMin: number } | { readonly until: "cold" } | { readonly stays: true };

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
/** The ends of sentences, not of "mins." or "1.5". */
const CLAUSES = /[;!]|(?<!\b(?:mins?|hrs?|approx))\.(?!\d)/iu;

/** Longer in its tin than this it is cold there, minutes. Judgement. */
const MOST_WARM_MIN = 120;

/**
 * How a cake comes out of its tin by what its recipe says after the oven: after so many minutes,
 * when it is cold, or never, where it is cut or frosted in its tin. Null where nothing is said.
 * @example coolingTold([step("Cool in the tin for 15 minutes, then turn out.")]) // { inTinMin: 15 }
 */
function coolingTold(steps: readonly Step[]): CoolingTold | null {
  const stages = stepStages(steps);
  const clausesAt = (...at: readonly Stage[]): readonly string[] =>
    steps.flatMap(({ text }, index) =>
      at.includes(stages[index] ?? "before") ? text.split(CLAUSES) : [],
    );
  const isServedFrom = clausesAt("hot", "cold", "serve").some((clause) =>
    FROM_TIN.some((says) => says.test(clause)),
  );
  if (isServedFrom) return { stays: true };
  const told = clausesAt("hot", "cold").flatMap((clause) => toldBy(clause) ?? []);
  return told.find((each) => !each.isBare)?.says ?? told[0]?.says ?? null;
}

/** What one clause says; a bare one is of the tin, and not of how long. */
function toldBy(clause: string): { readonly says: CoolingTold; readonly isBare: boolean } | null {
  if (COOKS.test(clause)) return null;
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
