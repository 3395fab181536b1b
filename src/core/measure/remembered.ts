/** Texts whose answer is remembered, of each function; then it begins anew. */
const MOST = 2000;
/** Longer texts are not kept, characters: what is typed into one would be kept at each key. */
const LONGEST = 500;

/**
 * A pure function of a text, which works out the same text once: a recipe is read anew at each key,
 * and only one of its lines is another.
 */
export function remembered<T>(of: (text: string) => T): (text: string) => T {
  const known = new Map<string, T>();
  return (text) => {
    if (text.length > LONGEST) return of(text);
    const found = known.get(text);
    if (found !== undefined) return found;
    const answer = of(text);
    if (known.size >= MOST) known.clear();
    known.set(text, answer);
    return answer;
  };
}
