// What of a citrus fruit a line takes: "1 lemon, zested", "2 limes, juice only".

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
