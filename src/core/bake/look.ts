import * as z from "../zod";
import { type BatterKind, SIGNS, type Sign } from "../kind";
import { doneness } from "./doneness";

/** What a probe in a cake can read, °C: more, and it sits at the tin or in the air. */
export const CORE_RANGE_C = { min: 0, max: 110 } as const;

/** What was seen at one look; signs not looked for are left out. */
export const LookSchema = z.strictObject({
  tester: z.optional(z.enum(["wet", "moist-crumbs", "clean"])),
  spring: z.optional(z.enum(["dent-stays", "springs-back"])),
  edge: z.optional(z.enum(["holds", "pulls"])),
  /** Of what sets like a custard, nudged in its tin: all of it, only its middle, or none. */
  wobble: z.optional(z.enum(["all", "middle", "none"])),
  /** 1 pale to 5 dark. */
  colour: z.optional(
    z.union([z.literal(1), z.literal(2), z.literal(3), z.literal(4), z.literal(5)]),
  ),
  coreC: z.optional(z.number().check(z.gte(CORE_RANGE_C.min), z.lte(CORE_RANGE_C.max))),
});
export type Look = Readonly<z.infer<typeof LookSchema>>;

export type LookAdvice =
  | {
      readonly verdict: "out";
      readonly because: "two-signs" | "core" | "past";
      readonly signs: readonly Sign[];
      readonly isPale: boolean;
    }
  | {
      readonly verdict: "wait";
      /** Look again in so many minutes. */ readonly moreMin: number;
      readonly signs: readonly Sign[];
      readonly foil: boolean;
    };

/**
 * A cake's last stretch: the middle needs about this share of the likely minutes for its last six
 * degrees. Judgement, from simulated bakes.
 */
const LAST_DEGREES = 6;
const LAST_SHARE = 0.13;
/**
 * How long to wait on a wet tester, and when one sign is there already, as shares of the likely
 * minutes. Judgement.
 */
const WET_SHARE = 0.12;
const NEARLY_SHARE = 0.06;
/**
 * And never less than this share of what is left until it is likely done: the door is not opened
 * for nothing.
 */
const LEFT_SHARE = 0.6;
const WAIT = { least: 2, most: 15 } as const;

/**
 * What to do after a look: out when two signs agree and none disagrees, or the core is there, or it
 * is long past; else how many minutes to wait before the next look, more of them the earlier it is.
 * A dark top that is not done goes under foil.
 * @param likelyMin the forecast; @param notPastMin its end
 * @throws RangeError for minutes below 0
 * @example afterLook("creamed", { tester: "wet" }, 34, { likelyMin: 39, notPastMin: 45 }) // { verdict: "wait", moreMin: 5, … }
 */
export function afterLook(
  kind: BatterKind,
  look: Look,
  minute: number,
  { likelyMin, notPastMin }: { readonly likelyMin: number; readonly notPastMin: number },
): LookAdvice {
  if (!(minute >= 0)) throw new RangeError(`minute must be 0 or more, got ${minute}`);
  const { coreC, trust } = doneness(kind);
  const signs = SIGNS.filter((sign) => saysDone(kind, look, sign));
  const isSetting = doneness(kind).tester === null;
  const isWet = isSetting ? look.wobble === "all" : look.tester === "wet";
  const isPale = (look.colour ?? 3) <= 1;
  // A rim that is set round a middle that trembles is two signs in one.
  const isSet = isSetting && signs.includes("wobble");
  const hasTrusted = signs.some((sign) => trust.includes(sign));
  if (!isWet && look.coreC !== undefined && look.coreC >= coreC.to)
    return { verdict: "out", because: "core", signs, isPale };
  const against = SIGNS.filter((sign) => saysNot(kind, look, sign));
  if (against.length === 0 && (signs.length >= 2 || isSet) && hasTrusted)
    return { verdict: "out", because: "two-signs", signs, isPale };
  if (!isWet && minute >= notPastMin && signs.length > 0)
    return { verdict: "out", because: "past", signs, isPale };
  return {
    verdict: "wait",
    moreMin: waitMinutes(look, coreC.from, isWet, signs.length, minute, likelyMin),
    signs,
    foil: (look.colour ?? 3) >= 4,
  };
}

function saysDone(kind: BatterKind, look: Look, sign: Sign): boolean {
  const { coreC, tester } = doneness(kind);
  switch (sign) {
    case "tester":
      return (
        tester !== null &&
        (look.tester === "clean" || (look.tester === "moist-crumbs" && tester === "moist-crumbs"))
      );
    case "spring":
      return look.spring === "springs-back";
    case "edge":
      return look.edge === "pulls";
    case "wobble":
      return tester === null && (look.wobble === "middle" || look.wobble === "none");
    case "colour":
      return look.colour === 3 || look.colour === 4;
    case "core":
      return look.coreC !== undefined && look.coreC >= coreC.from;
  }
}

/** Whether a sign that tells of this kind says that it is not done. */
function saysNot(kind: BatterKind, look: Look, sign: Sign): boolean {
  const { coreC, tester, silent = [] } = doneness(kind);
  if (silent.includes(sign)) return false;
  switch (sign) {
    case "tester":
      return (
        tester !== null &&
        (look.tester === "wet" || (look.tester === "moist-crumbs" && tester === "clean"))
      );
    case "spring":
      return look.spring === "dent-stays";
    case "edge":
      return look.edge === "holds";
    case "wobble":
      return tester === null && look.wobble === "all";
    case "core":
      return look.coreC !== undefined && look.coreC < coreC.from;
    case "colour":
      return false;
  }
}

function waitMinutes(
  look: Look,
  fromC: number,
  isWet: boolean,
  signs: number,
  minute: number,
  likelyMin: number,
): number {
  const byCore =
    look.coreC === undefined
      ? null
      : (Math.max(0, fromC - look.coreC) / LAST_DEGREES) * LAST_SHARE * likelyMin;
  const bySigns = Math.max(
    (isWet || signs === 0 ? WET_SHARE : NEARLY_SHARE) * likelyMin,
    LEFT_SHARE * (likelyMin - minute),
  );
  return Math.min(WAIT.most, Math.max(WAIT.least, Math.round(byCore ?? bySigns)));
}
