import {
  remembered,
  inFigures,
  isSpoon,
  readSpan,
  readUnit,
  type Amount,
  type Heap,
  type KitchenUnit,
  type CupWay,
} from "../measure";
import { citrusPart, partTold } from "./part-of";

/** One amount of one unit; a recipe line can add several up, or take one off. */
export type Measure = {
  readonly amount: Amount;
  readonly unit: KitchenUnit;
  readonly sign: 1 | -1;
};

/** What a reader should look at again. */
export type LineDoubt =
  | "no-amount"
  | "no-number"
  | "two-things"
  | "alternative"
  | "negative"
  | "huge"
  | "no-name"
  | "which-part"
  | "which-time";

/**
 * An ingredient line, taken apart. Nothing of it is thrown away: `text` is every word as written.
 */
export type ReadLine = {
  readonly text: string;
  /** Added up, or empty when the line gives no amount. */
  readonly measures: readonly Measure[];
  /** What one pack holds, when it is said: `2 (400 mL) cans`. */
  readonly packSize: Measure | null;
  /** The same again in another unit, in brackets or after a slash: `1 cup (120 g)`. */
  readonly stated: Measure | null;
  /** What it is, without amounts and preparation. */
  readonly name: string;
  /** How it is prepared, and any other word. */
  readonly note: string;
  readonly way: CupWay | null;
  readonly heap: Heap | null;
  readonly isAbout: boolean;
  readonly isOptional: boolean;
  readonly doubts: readonly LineDoubt[];
};

/** No home recipe has more of one thing than this many of any unit. */
const MOST_OF_A_UNIT = 20_000;

const BULLET =
  /^\s*(?:[-*•·◦▢☐□▪●–—]+\s*(?!\d*\s*°)|\[[ xX]?\]\s*|\d{1,2}[.)]\s+(?=\S*\d|[a-z]))+/u;
const WAYS_BEFORE: readonly (readonly [RegExp, CupWay])[] = [
  [/\b(?:firmly |lightly |well[- ])?packed\b/iu, "packed"],
  [/\b(?:scooped|dipped|dip(?:ped)? and swept?)\b/iu, "dipped"],
  [/\b(?:spooned(?: and levell?ed)?|levell?ed)\b/iu, "spooned"],
];
const HEAP_WORDS: readonly (readonly [RegExp, Heap])[] = [
  [/\b(?:heaped|heaping|generous)\s*/iu, "heaped"],
  [/\brounded\s*/iu, "rounded"],
  [/\b(?:level|scant)\s*/iu, "level"],
];
const FOR_SOMETHING =
  /\b(?:to taste|as needed|as required|for (?:greasing|dusting|the tins?|the pans?|rolling|serving|decoration|decorating|sprinkling|brushing|frying|garnish)|to (?:serve|decorate|finish|garnish)|plus (?:extra|more)[^,;]*)\b/iu;

/**
 * One ingredient line: `2 1/4 cups (280 g) plain flour, sifted`, `Butter - 200 g`, `3 egg whites`,
 * `juice of 2 lemons`, `1 x 400g tin peaches`, `¾ cup plus 2 tbsp milk`, `salt to taste`.
 * @example readLine("2 heaped tbsp cocoa").heap // "heaped"
 */
export const readLine = remembered((text): ReadLine => {
  const written = text.replaceAll("\u00a0", " ").replaceAll("⁄", "/").replace(BULLET, "").trim();
  const bare = inFigures(written).text;
  const isNegative = /^[-−]\s*\d/u.test(text.trim()) && !/^[-−]\s+\d/u.test(text.trim());
  const isOptional = /\boptional(?:ly)?\b/iu.test(bare);
  const brackets = takeBrackets(bare);
  const found =
    amountFirst(brackets.rest) ??
    fromPart(brackets.rest) ??
    amountLast(brackets.rest) ??
    countInBrackets(brackets) ??
    nothingFound(brackets.rest);
  const isPack = found.measures.some(({ unit }) => unit === "pack");
  const packSize = found.packSize ?? (isPack ? brackets.measure : null);
  const stated = found.stated ?? (isPack ? null : brackets.measure);
  const { name: called, note, way } = nameAndNote(found.rest);
  const notes = [note, ...brackets.notes].filter((part) => part !== "").join("; ");
  const name = citrusPart(called, notes);
  return {
    text,
    measures: found.measures,
    packSize,
    stated,
    name,
    note: notes,
    way: way ?? wayIn(brackets.notes.join(" ")),
    heap: found.heap,
    isAbout: found.isAbout,
    isOptional,
    doubts: doubtsOf(found.measures, stated, name, found.rest, isNegative),
  };
});

/** `Eggs (2)`: a bare number in brackets is how many, when nothing else says it. */
function countInBrackets({ rest, measure, notes }: ReturnType<typeof takeBrackets>): Found | null {
  const span = measure === null && notes.length === 1 ? readSpan(notes[0] ?? "") : null;
  if (span === null || span.rest !== "") return null;
  return { ...nothingFound(rest), measures: [{ amount: span.amount, unit: "piece", sign: 1 }] };
}

function nothingFound(rest: string): Found {
  return { measures: [], packSize: null, stated: null, isAbout: false, heap: null, rest };
}

type Found = Pick<ReadLine, "measures" | "packSize" | "stated" | "isAbout" | "heap"> & {
  readonly rest: string;
};

/** Brackets hold a second measure or a remark; either way they are not part of the name. */
function takeBrackets(text: string): {
  readonly rest: string;
  readonly measure: Measure | null;
  readonly notes: readonly string[];
} {
  let measure: Measure | null = null;
  const notes: string[] = [];
  const rest = text.replace(/[([]([^()[\]]*)[)\]]/gu, (_all, inside: string) => {
    const parts = inside.split(AMOUNTS_APART).map((part) => measureIn(part));
    const best =
      parts.find((part) => part !== null && isMass(part.unit)) ??
      parts.find((part) => part !== null) ??
      null;
    if (measure === null && best !== null) measure = best;
    else if (inside.trim() !== "") notes.push(inside.trim());
    return " ";
  });
  return { rest: rest.replace(/\s+/gu, " ").trim(), measure, notes };
}

/** "1 1/2 sticks" is one amount, "250 g/9 oz" are two. */
const AMOUNTS_APART = /\s*(?:[;,]|(?<!\d)\/|\/(?!\d))\s*|\s+or\s+/u;
const isMass = (unit: KitchenUnit): boolean =>
  unit === "g" || unit === "kg" || unit === "oz" || unit === "lb";

/** A text that is nothing but an amount and a unit. */
function measureIn(text: string): Measure | null {
  const span = readSpan(
    text
      .replace(/^(?:about|approx\.?|or)\s+/iu, "")
      .replace(/^(\d+)-(?=ounce|oz|gram|g\b|ml\b|pound)/iu, "$1 "),
  );
  const unit = span === null ? null : readUnit(span.rest.replace(/^-/u, ""));
  if (
    span === null ||
    unit === null ||
    !/^(?:each|total|in all|weight|net|or so)?$/iu.test(unit.rest)
  )
    return null;
  return { amount: span.amount, unit: unit.unit, sign: 1 };
}

/** `2 cups flour`, `1 x 400g tin peaches`, `250g/9oz flour`, `1 cup plus 2 tbsp milk`, `3 eggs`. */
function amountFirst(text: string): Found | null {
  const isHeapedFirst = HEAP_WORDS.find(([pattern]) =>
    new RegExp(`^${pattern.source}`, "iu").test(text),
  );
  const start = isHeapedFirst === undefined ? text : text.replace(isHeapedFirst[0], "");
  // "A heaped spoon" and "pinch of salt" are one of them.
  const span = readSpan(
    start.replace(
      /^a\s+(?=(?:heaped|rounded|level)\b)|^(?=(?:pinch|dash|splash|knob|handful)\b)/iu,
      "1 ",
    ),
  );
  if (span === null) return null;
  const { amount, isAbout } = span;
  const crossed = span.rest.replace(/^[x×]\s*(?=\d)/iu, "");
  const sized = packOf(amount, crossed, crossed !== span.rest);
  if (sized !== null) return { ...sized, isAbout, stated: null, heap: null };

  let rest = crossed;
  let heap: Heap | null = isHeapedFirst?.[1] ?? null;
  const filled = WAYS_BEFORE.find(([pattern]) =>
    new RegExp(`^${pattern.source}\\s+cups?\\b`, "iu").test(rest),
  );
  if (filled !== undefined) rest = rest.replace(filled[0], "").trimStart();
  for (const [pattern, found] of HEAP_WORDS) {
    const leading = new RegExp(`^${pattern.source}`, "iu").exec(rest);
    if (leading !== null && readUnit(rest.slice(leading[0].length)) !== null) {
      rest = rest.slice(leading[0].length);
      heap ??= found;
    }
  }
  const unit = readUnit(rest.replace(/^-\s*/u, ""));
  if (unit === null)
    return {
      measures: [{ amount, unit: "piece", sign: 1 }],
      packSize: null,
      stated: null,
      isAbout,
      heap: null,
      rest,
    };
  const first: Measure = { amount, unit: unit.unit, sign: 1 };
  const more = furtherMeasures(unit.rest, unit.unit);
  const named = filled === undefined ? more.rest : `${more.rest}, ${filled[1]}`;
  return {
    measures: [first, ...more.added],
    packSize: null,
    stated: more.stated,
    isAbout,
    heap: isSpoon(unit.unit) || unit.unit === "cup" ? heap : null,
    rest: named,
  };
}

/** `400g tin peaches` after a count: packs of a said size. */
function packOf(
  count: Amount,
  rest: string,
  isCrossed: boolean,
): Pick<Found, "measures" | "packSize" | "rest"> | null {
  const size =
    /^(\d[\d.,/ ]*)\s*-?\s*(?=[a-z])/iu.exec(rest) === null
      ? null
      : readSpan(rest.replace(/^(\d+(?:[.,]\d+)?)-(?=[a-z])/iu, "$1 "));
  const unit = size === null ? null : readUnit(size.rest);
  if (size === null || unit === null || unit.unit === "piece" || unit.unit === "pack") return null;
  const pack = readUnit(unit.rest);
  if (pack?.unit !== "pack" && !isCrossed) return null;
  return {
    measures: [{ amount: count, unit: "pack", sign: 1 }],
    packSize: { amount: size.amount, unit: unit.unit, sign: 1 },
    rest: pack?.unit === "pack" ? pack.rest : unit.rest,
  };
}

/** `plus 2 tbsp`, `+ 1 tsp`, `minus 1 tbsp`, `/9oz` after a first measure. */
const JOINT = /^(plus|\+|and|minus|less|\/|\||or)\s*/iu;
/** "2 lb 7 oz" are pounds and ounces. */
const JOINT_AFTER_LB = new RegExp(`${JOINT.source}|^(?=\\d[\\d.½¼¾]*\\s*(?:oz|ounces?)\\b)`, "iu");

function furtherMeasures(
  text: string,
  after: KitchenUnit,
): {
  readonly added: readonly Measure[];
  readonly stated: Measure | null;
  readonly rest: string;
} {
  const added: Measure[] = [];
  let stated: Measure | null = null;
  let rest = text;
  for (;;) {
    const joint = (after === "lb" && added.length === 0 ? JOINT_AFTER_LB : JOINT).exec(rest);
    const span = joint === null ? null : readSpan(rest.slice(joint[0].length));
    const unit = span === null ? null : readUnit(span.rest);
    if (joint === null || span === null || unit === null || unit.unit === "pack")
      return { added, stated, rest };
    const word = (joint[1] ?? "").toLowerCase();
    if (word === "/" || word === "|" || word === "or")
      stated ??= { amount: span.amount, unit: unit.unit, sign: 1 };
    else
      added.push({
        amount: span.amount,
        unit: unit.unit,
        sign: word === "minus" || word === "less" ? -1 : 1,
      });
    rest = unit.rest;
  }
}

/** `juice of 2 lemons`: so many pieces of a part of something. */
function fromPart(text: string): Found | null {
  const told = partTold(text);
  if (told === null) return null;
  const { amount, isAbout, rest } = told;
  return { ...nothingFound(rest), measures: [{ amount, unit: "piece", sign: 1 }], isAbout };
}

/** `Butter: 200 g`, `Plain flour 250g`, `eggs - 3`, `sugar, 1 cup`. */
function amountLast(text: string): Found | null {
  const found =
    /^(\p{L}[^\d¼½¾⅓⅔⅛⅜⅝⅞]*?)\s*[:,–—-]?\s*((?:about|approx\.?|~)?\s*[\d¼½¾⅓⅔⅛⅜⅝⅞].*)$/iu.exec(
      text,
    );
  if (found === null) return null;
  const name = (found[1] ?? "").replace(/[\s:,–—-]+$/u, "");
  const span = readSpan(found[2] ?? "");
  if (span === null || name === "") return null;
  const unit = readUnit(span.rest);
  const rest = unit === null ? span.rest : unit.rest;
  // Only what is an amount and nothing more: "step 2 needs flour" is no ingredient of two.
  const further =
    unit === null ? { added: [], stated: null, rest } : furtherMeasures(rest, unit.unit);
  if (!/^(?:$|[,;(].*)/u.test(further.rest)) return null;
  const isNamedEnough =
    unit !== null || /[:–—-]\s*$|\s$/u.test(text.slice(0, text.length - (found[2] ?? "").length));
  if (!isNamedEnough) return null;
  const measure: Measure = { amount: span.amount, unit: unit?.unit ?? "piece", sign: 1 };
  return {
    measures: [measure, ...further.added],
    packSize: null,
    stated: further.stated,
    isAbout: span.isAbout,
    heap: null,
    rest: `${name}${further.rest}`,
  };
}

const PREPARATION =
  /\b(?:at room temperature|room temperature|softened|melted(?: and cooled)?|cooled|chilled|cold|warm|hot|boiling|toasted|chopped|sliced|diced|grated|peeled|cored|mashed|crushed|beaten|separated|sifted|divided|drained|thawed|frozen|finely|roughly|coarsely|freshly|very ripe|zested|juiced|stoned|pitted|halved|quartered|cubed|skinned|for [a-z ]+)\b/iu;

function nameAndNote(rest: string): {
  readonly name: string;
  readonly note: string;
  readonly way: CupWay | null;
} {
  const clean = rest
    .replace(/^[\s,.:;–—-]+/u, "")
    .replace(/^(?:of|x)\s+/iu, "")
    .trim();
  const forWhat = FOR_SOMETHING.exec(clean);
  const comma = clean.search(/[,;]|\s[–—-]\s/u);
  const cut = Math.min(
    ...[forWhat?.index, comma < 0 ? undefined : comma, clean.length].filter(
      (at) => at !== undefined,
    ),
  );
  const head = clean.slice(0, cut).trim();
  const note = clean
    .slice(cut)
    .replace(/^[\s,;–—-]+/u, "")
    .trim();
  // Before the name "sifted" is how it is measured; after it, what is done to it.
  const isSiftedFirst = /^(?:sifted|pre-sifted)\s/iu.test(head);
  const way = isSiftedFirst ? "sifted" : (wayIn(head) ?? wayIn(note));
  let name = WAYS_BEFORE.reduce((text, [pattern]) => text.replace(pattern, " "), head);
  name = name
    .replace(/^(?:sifted|pre-sifted)\s/iu, " ")
    .replace(/\boptional(?:ly)?\b/iu, "")
    .replace(/\s+/gu, " ")
    .replace(/[\s,]+$/u, "")
    .trim();
  const leading =
    new RegExp(`^(?:(?:${PREPARATION.source}|and)\\s+)+(?=\\p{L}{3})`, "iu").exec(name)?.[0] ?? "";
  const isPartOfName =
    /^(?:hot|boiling|cold|warm|frozen|grated|mashed|crushed|toasted|chopped|sliced)\s+$/iu.test(
      leading,
    );
  const prepared = isPartOfName ? "" : leading.trim();
  return {
    name: isPartOfName ? name : name.slice(leading.length),
    note: [prepared, note].filter((part) => part !== "").join(", "),
    way,
  };
}

function wayIn(text: string): CupWay | null {
  return WAYS_BEFORE.find(([pattern]) => pattern.test(text))?.[1] ?? null;
}

function doubtsOf(
  measures: readonly Measure[],
  stated: Measure | null,
  name: string,
  rest: string,
  isNegative: boolean,
): readonly LineDoubt[] {
  const doubts: LineDoubt[] = [];
  const [first] = measures;
  if (isNegative) doubts.push("negative");
  if (first === undefined && stated === null)
    doubts.push(readUnit(rest) !== null && /^[a-z]+\.?\s/iu.test(rest) ? "no-number" : "no-amount");
  if (measures.some(({ amount }) => amount.high > MOST_OF_A_UNIT)) doubts.push("huge");
  if (name === "") doubts.push("no-name");
  // The zest and the juice of one fruit are weighed together.
  const isTwo =
    /\beach\b.*\band\b|\bplus (?:the )?(?:juice|zest)\b|\bsalt and (?:black )?pepper\b/iu.test(
      rest,
    ) ||
    (/\band\s+(?:juice|zest)\b/iu.test(rest) &&
      !/\b(?:zest and juice|juice and zest)$/u.test(name));
  if (isTwo) doubts.push("two-things");
  if (/\s(?:or|and\/or)\s/iu.test(name)) doubts.push("alternative");
  return doubts;
}
