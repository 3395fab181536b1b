// What of a thing a line takes: "juice of 2 lemons", "yolks of 3 eggs", "1 lemon, zested".
import { readSpan, readUnit, type Amount } from "../measure";

const CITRUS =
  /^(?:(?:large|small|medium|big|unwaxed|organic|fresh|ripe|juicy|whole)\s+)*(lemon|lime|orange)s?$/iu;
const ZEST = /\b(?:zest(?:ed)?|rind)\b/iu;
const JUICE = /\bjuiced?\b/iu;

/**
 * The name of what a line takes of a lemon, a lime or an orange where its words after the fruit say
 * so; the name as it is for a whole one, and for everything else.
 * @example citrusPart("unwaxed lemon", "zest finely grated") // "lemon zest"
 */
export function citrusPart(name: string, note: string): string {
  const fruit = CITRUS.exec(name)?.[1]?.toLowerCase();
  if (fruit === undefined) return name;
  const has = [ZEST.test(note) ? "zest" : null, JUICE.test(note) ? "juice" : null].filter(
    (part) => part !== null,
  );
  return has.length === 0 ? name : `${fruit} ${has.join(" and ")}`;
}

/** `juice of 2 lemons`, `grated zest of 1 orange`, `yolks of 3 eggs`; `finely grated zest 1 lemon`. */
const PART_OF =
  /^(?:the\s+)?(?:(?:finely|freshly)\s+)?(?:(?:grated|squeezed)\s+)?(juice|zest|rind|peel|whites?|yolks?|seeds|pulp|flesh)(?:\s+(?:and|&)\s+(juice|zest|rind))?\s+(?:of|from)\s+(.*)$/iu;
const PART_THEN_COUNT =
  /^(?:(?:finely|freshly)\s+)?(?:(?:grated|squeezed)\s+)?(juice|zest|rind)(?:\s+(?:and|&)\s+(juice|zest|rind))?\s+(?=\S*\d|[½¼¾])(.*)$/iu;

/** So many pieces of a part, by the name it has as an ingredient. */
type ToldPart = {
  readonly amount: Amount;
  readonly isAbout: boolean;
  /** Its name, and what else is said after it. */ readonly rest: string;
};

/**
 * What a line takes of something that is counted; null for any other line.
 * @example partTold("juice of 2 lemons")?.rest // "lemon juice"
 */
export function partTold(text: string): ToldPart | null {
  const found = PART_OF.exec(text) ?? PART_THEN_COUNT.exec(text);
  const span = found === null ? null : readSpan(found[3] ?? "");
  if (found === null || span === null) return null;
  if (!PART_OF.test(text) && readUnit(span.rest) !== null) return null;
  // What is scooped out is most of what it is of.
  const part = (found[1] ?? "")
    .toLowerCase()
    .replace(/rind|peel/u, "zest")
    .replace(/seeds|pulp|flesh/u, "");
  const second =
    found[2] === undefined ? "" : ` and ${found[2].toLowerCase().replace("rind", "zest")}`;
  const [whole = "", ...after] = span.rest.split(/,\s*/u);
  const bare = whole.replace(/\b(?:large|small|medium|unwaxed|fresh)\s+/giu, "").replace(/s$/u, "");
  const name = `${bare} ${part}${second}`.trim();
  return { amount: span.amount, isAbout: span.isAbout, rest: [name, ...after].join(", ") };
}
