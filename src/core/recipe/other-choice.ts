import { matchIngredient, type Pantry } from "../pantry";
import { readLine } from "./line";

/** What a line offers in place of what it is read as. */
export type OtherChoice = {
  /** What is taken, without the other: `100 g raisins`. */
  readonly own: string;
  /** The other one as a line of its own: `80 g sultanas`. */
  readonly line: string;
  /** The whole line the other way round, so that it can be turned back. */
  readonly turned: string;
};

const IN_BRACKETS = /\s*\((?:or|alternatively)\s+([^)]+)\)/iu;
const OR = /\s(?:or|and\/or)\s+/iu;

/**
 * The second of two ingredients a line gives a choice of; with the first one's amount where it has
 * none of its own. Null where the line offers nothing the pantry knows.
 * @example otherChoice("100 g raisins or sultanas", pantryOf())?.line // "100 g sultanas"
 */
export function otherChoice(text: string, pantry: Pantry): OtherChoice | null {
  const bracket = IN_BRACKETS.exec(text);
  const inside = bracket?.[1];
  if (inside !== undefined) return choice(text.replace(IN_BRACKETS, ""), inside, pantry);
  const read = readLine(text);
  if (!read.doubts.includes("alternative")) return null;
  const [first = "", ...others] = text.split(OR);
  return choice(first, others.join(" or "), pantry);
}

function choice(first: string, second: string, pantry: Pantry): OtherChoice | null {
  const offered = readLine(second);
  if (matchIngredient(offered.name, pantry) === null) return null;
  const { name } = readLine(first);
  const at = first.toLowerCase().indexOf(name.toLowerCase());
  const hasAmount = offered.measures.length > 0;
  if (!hasAmount && (name === "" || at < 0)) return null;
  const line = hasAmount ? second.trim() : `${first.slice(0, at)}${second.trim()}`;
  const own = first.trim();
  return { own, line, turned: `${line} (or ${own})` };
}
