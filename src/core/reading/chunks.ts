// A text cut where one thing that is told ends and the next begins: at lines, at sentences, and
// where speech runs on, before the words that take it further.
import { inFigures, remembered } from "../measure";

/** A stretch of a text about one thing: a sentence or a clause. */
export type Chunk = {
  /** Its words with numbers in figures. */
  readonly text: string;
  /** Its words as written. */
  readonly written: string;
  readonly line: number;
  /** Which sentence of the whole text; clauses of one sentence share it. */
  readonly sentence: number;
  /** Words evened out: lower case, without accents and marks. */
  readonly words: readonly string[];
};

/** What a baker does, and what a step's clause can begin with. */
const ACTS = new Set(
  (
    "add allow arrange assemble bake beat blend bloom boil bring broil brown brush butter check chill chop " +
    "churn close coat combine cook cool core cover cream crumble crush cut decorate defrost dissolve divide " +
    "dip dot drain drape drip drizzle drop dry dust eat even fill finish flip flour fold freeze fry garnish give glaze " +
    "grate grease grind halve hang heat hold ice invert juice keep knead lay leave let level lift lightly line loosen lower " +
    "make mash measure melt microwave mix open pack pat peel pipe place poke pop pour preheat prepare press prick " +
    "prop pull push put puree quarter raise reduce refrigerate reheat remove repeat reserve rest return reverse " +
    "roast roll rotate rub run sandwich save scald scatter scoop scrape scrub season separate serve set sew " +
    "shake share shave shred sieve sift simmer sit slice slide slip smear smooth snip soak soften split spoon " +
    "spray spread sprinkle squeeze stack stand start steam steep stick stir stop store strain strew strip " +
    "swap sweeten swirl switch take tap taste tear test thaw thin throw tilt tip toast top toss transfer trim turn " +
    "tuck unclip unmold unmould unroll upturn use wait warm wash weigh wet whack whip whisk wipe wrap zest"
  ).split(" "),
);
/** Acts that are as often names: they begin a clause only after a mark. */
const NAMES_TOO = new Set(
  "brown butter core cream crumble dry even flour glaze ice juice level lightly oil open peel right roll sandwich smooth soft spread stick toast top zest".split(
    " ",
  ),
);
/** Words after which what looks like an act goes on with what was said before. */
const LEADS_ON = new Set(
  (
    "to a an the of and or then you i we they it's can can't cannot could will won't would should must may might do " +
    "don't dont not never just always until till in on with your my our its this that for from by as at some more " +
    "very well also gently slowly quickly carefully lightly softly hand wooden baking mixing icing cream sour " +
    "double single heavy whipped whipping warm cold hot soft brown melted ice plain good little big no than if when " +
    "which who what is are was be been being completely quite totally somewhere fully absolutely"
  ).split(" "),
);
/** Words that take a telling further. */
const ONWARD =
  /^(?:then|now|next|once|when|while|meanwhile|okay|ok|so|after|afterwards|finally|lastly|alright|anyway|because|but|before)$/u;
const FEWEST_WORDS = 3;
/** Nobody says more in one breath. */
const MOST_WORDS = 60;

const SENTENCE_END =
  /(?<=[.!?…])["'”’)\]]*\s+(?=[^\s])|\s+[–—]\s+(?=\p{Lu})|(?<=\.)(?=\p{Lu}\p{Ll})/gu;
const ABBREVIATION =
  /\b(?:tsp|tbsp|tbs|tblsp|oz|lb|lbs|approx|ca|no|pkg|pkt|min|mins|hr|hrs|deg|c|t|g|ml|in|dr|mrs|mr|st|vs|e\.g|i\.e|\p{L})\.$/iu;

/** "55 min. 15 min in the pan": two things. */
const ENDS_MINUTES = /\d\s*(?:mins?|hrs?)\.$/iu;
const MINUTES_NEXT = /^\d+(?:\s*(?:-|–|to)\s*\d+)?\s*(?:mins?|minutes?|hrs?|hours?)\b/iu;

/** "… 50 min. Cool 20 min": the next thing to do. */
const isActNext = (after: string): boolean => {
  const [word = ""] = /^\p{Lu}\p{Ll}+/u.exec(after) ?? [];
  return ACTS.has(foldWord(word));
};

/** A word evened out: `Crème`, `crème` and `creme` are one. */
export const foldWord = remembered((word): string =>
  word.normalize("NFD").replace(/\p{M}/gu, "").replaceAll("’", "'").toLowerCase(),
);

/** The words of a text, evened out; figures are words too. */
export const wordsIn = remembered((text): readonly string[] =>
  [...text.matchAll(/\d+(?:[.,/]\d+)*|[½¼¾⅓⅔⅛]|\p{L}[\p{L}\p{M}'’]*/gu)].map((match) =>
    foldWord(match[0]),
  ),
);

/** A line cut into chunks; `sentence` is the number of its first sentence. */
export const chunksOfLine = (written: string, line: number, sentence: number): readonly Chunk[] =>
  cutLine(written).map((each) => ({ ...each, line, sentence: sentence + each.sentence }));

/** The chunks of a line by itself, its sentences counted from 0. */
const cutLine = remembered((written): readonly Omit<Chunk, "line">[] => {
  const figured = inFigures(written);
  const { text } = figured;
  const chunks: Omit<Chunk, "line">[] = [];
  let number = 0;
  for (const [start, end] of sentencesOf(text)) {
    for (const [from, to] of clausesOf(text.slice(start, end))) {
      const clause = text.slice(start + from, start + to).trim();
      if (clause === "") continue;
      const first = start + from + text.slice(start + from, start + to).search(/\S/u);
      chunks.push({
        text: clause,
        written: written.slice(figured.from(first), figured.from(first + clause.length)).trim(),
        sentence: number,
        words: wordsIn(clause),
      });
    }
    number += 1;
  }
  return chunks;
});

function sentencesOf(text: string): readonly (readonly [number, number])[] {
  const spans: [number, number][] = [];
  let start = 0;
  for (const match of text.matchAll(SENTENCE_END)) {
    const [before, after] = [
      text.slice(Math.max(start, match.index - 12), match.index),
      text.slice(match.index + match[0].length),
    ];
    const isEnd = ENDS_MINUTES.test(before) && (MINUTES_NEXT.test(after) || isActNext(after));
    if (ABBREVIATION.test(before) && !isEnd) continue;
    spans.push([start, match.index + match[0].length]);
    start = match.index + match[0].length;
  }
  spans.push([start, text.length]);
  return spans;
}

const clausesOf = remembered((sentence): readonly (readonly [number, number])[] => {
  const tokens = [...sentence.matchAll(/\d+(?:[.,/]\d+)*|\p{L}[\p{L}\p{M}'’]*|[^\s\p{L}\d]/gu)].map(
    (match) => ({ word: foldWord(match[0]), at: match.index }),
  );
  const cuts: number[] = [];
  let [since, depth] = [0, 0];
  for (const [index, { word, at }] of tokens.entries()) {
    const isWord = /^[\p{L}\d]/u.test(word);
    if (word === "(") depth += 1;
    if (word === ")") depth = Math.max(0, depth - 1);
    // "1 cup (2 sticks; 226 g) butter" is one thing.
    if (word === ";" && since >= FEWEST_WORDS && depth === 0) {
      cuts.push(at + 1);
      since = 0;
    }
    if (isWord && (since >= MOST_WORDS || (since >= FEWEST_WORDS && isOnward(tokens, index)))) {
      cuts.push(at);
      since = 0;
    }
    if (isWord) since += 1;
  }
  return [0, ...cuts].map((from, index) => [from, cuts[index] ?? sentence.length]);
});

function isOnward(tokens: readonly { readonly word: string }[], index: number): boolean {
  const word = tokens[index]?.word ?? "";
  const before = tokens[index - 1]?.word ?? "";
  const next = tokens[index + 1]?.word ?? "";
  if (before === "and" || before === "or") return false;
  if (word === "and") {
    // "sugar and butter" are two things, "and butter the tin" is something to do.
    const isDone =
      !NAMES_TOO.has(next) ||
      /^(?:the|a|an|it|them|two|both|your|each|in|on|with|up|over|off|into|lightly|well|until|for)$/u.test(
        tokens[index + 2]?.word ?? "",
      );
    return (ACTS.has(next) && isDone) || ONWARD.test(next);
  }
  if (ONWARD.test(word)) return word === "then" || !LEADS_ON.has(before);
  // "8 ounces (225 g) cream cheese": what stands after brackets goes on with what was before them.
  if (before === "-" || (NAMES_TOO.has(word) && /^[\p{L}\d)\]]/u.test(before))) return false;
  return ACTS.has(word) && !LEADS_ON.has(before) && (!ONWARD.test(before) || before === "before");
}

/** Whether a word at the start of a clause is what is done: "butter two tins", "cream the sugar". */
export function isActFirst({ words }: Chunk, at: number): boolean {
  return at === 0 && NAMES_TOO.has(words[0] ?? "");
}

/** Whether a text begins with something to do, or goes on with a telling. */
export function beginsTelling(text: string): boolean {
  const [first = "", second = ""] = wordsIn(text);
  if (ONWARD.test(first) || /^(?:in|into|on|with|for|that|this|let|i|you|we|it)$/u.test(first))
    return true;
  return ACTS.has(first) && !NAMES_TOO.has(first) && !/^(?:of|from)$/u.test(second);
}

/** Whether a chunk tells of something to do. */
export function hasAct({ words }: Pick<Chunk, "words">): boolean {
  return words.some((word) => ACTS.has(word));
}
