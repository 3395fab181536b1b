// A tin as a baker writes it in a box or says it in a sentence.
import { good, inFigures, lengthsTold, type Result } from "../measure";
import { FLAG_WORDS, MATERIAL_WORDS, readWrittenTin } from "./read-written";
import type { ReadTin, SizeHabit } from "./read-written";
import { parseTin } from "./shapes";
import { tinOfSize } from "./told-tin";
import { tinsTold } from "./tins-told";

/**
 * One tin as a baker writes it: `9 in`, `23cm`, `13x9x2`, `2 x 20 cm round`, `23x33x5 glass`, `12
 * cups`, `fluted ring 25 x 9 cm, hole 7 cm`, `33 x 23 x 5 cm holds 3.4 L`; or as a sentence names it:
 * `two nine-inch non-stick cake pans with straight sides`. What had to be assumed is listed. Fails
 * with an {@link Issue} whose path is the part at fault.
 * @example readTin("13x9x2", "metric") // rectangle 330.2 x 228.6 x 50.8 mm, assumed: unit, shape
 */
export function readTin(text: string, habit: SizeHabit): Result<ReadTin> {
  const written = readWrittenTin(text, habit);
  if (written.ok || !["unreadable", "missing"].includes(written.issue.code)) return written;
  return readSaidTin(text) ?? written;
}

/** Cups of these are of no usual size. */
const OTHER_CUPS = /\b(?:mini|jumbo|giant|texas)\b/u;

/** The only tin that a sentence names, with a size; null where a number in it says something else. */
function readSaidTin(text: string): Result<ReadTin> | null {
  const figures = inFigures(text.trim().toLowerCase()).text;
  const [said, ...others] = tinsTold(figures);
  const tin = said === undefined ? null : tinOfSize(said.tin);
  if (said === undefined || tin === null || others.length > 0 || OTHER_CUPS.test(figures))
    return null;
  const { count, wells, soldAs, holdsMl, depthMm } = said.tin;
  const isKnown = ({ value }: { readonly value: number }): boolean =>
    value === count || value === wells || soldAs !== undefined || holdsMl !== undefined;
  const around = `${figures.slice(0, said.at)} ${figures.slice(said.end)}`;
  if (!lengthsTold(around).every(isKnown)) return null;
  const also = Object.assign(
    {},
    ...FLAG_WORDS.map(([word, flag]) => (word.test(figures) ? flag : {})),
  ) as Readonly<Record<string, unknown>>;
  const material = MATERIAL_WORDS.find(([word]) => word.test(figures))?.[1];
  const made = parseTin({ ...tin, ...also, ...(material === undefined ? {} : { material }) });
  if (!made.ok) return made;
  const isSizeTold = soldAs === undefined && holdsMl === undefined;
  return good({
    tin: made.value,
    assumed: !isSizeTold ? ["size"] : depthMm === undefined ? ["depth"] : [],
  });
}
