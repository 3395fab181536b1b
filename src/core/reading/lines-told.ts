// The lines a recipe has, of all that its text says of ingredients: corrections, repetitions and
// uses of what was given before are none.
import { foldName } from "../pantry";
import type { PartRole } from "../recipe";
import { hasAct, isActFirst, wordsIn, type Chunk } from "./chunks";
import type { PlacedMention } from "./part-features";

/** An ingredient of one part, as a line of a recipe. */
export type ToldLine = {
  readonly part: PartRole;
  readonly partName: string;
  /** Amount and name, numbers in figures. */
  readonly text: string;
  readonly ingredient: string | null;
  readonly isPartSure: boolean;
  /** The clause that tells it. */
  readonly from: Chunk;
};

/** An ingredient spoken of, with the part it is for. */
export type PartedMention = {
  readonly placed: PlacedMention;
  readonly part: PartRole;
  readonly isPartSure: boolean;
};

const CORRECTS =
  /^(?:no|not|sorry|wait|actually|mean|lie|rather|correction|hang|hold|oops|scratch|nope)$/u;
const EXPLAINS = /^(?:that's|thats|about|which|is|or|around|roughly|equals|so|be|comes)$/u;
/** What is said this near to one another of one thing is of the same amount of it, in words. */
const NEAR = 9;
/** Lists of no more rows than this are told in passing. */
const FEWEST_ROWS = 4;
/** More salt than this seasons nothing: it is a pot's bed, cups. */
const MOST_SALT_CUPS = 0.25;

/** The lines of what is told, in order. */
export function linesTold(mentions: readonly PartedMention[]): readonly ToldLine[] {
  const withAmount = mentions.filter(({ placed }) => hasAmount(placed));
  const repeated = new Set(withAmount.filter((_, at) => isRepeated(withAmount, at)));
  const kept = whereUsed(mentions.filter((each) => !repeated.has(each) && !isBed(each)));
  const listed = kept.filter(({ placed }) => placed.isRow && hasAmount(placed));
  const isList = listed.length >= FEWEST_ROWS;
  const inList = new Set(
    listed.flatMap(({ placed, part }) => [`${idOf(placed)} ${part}`, amountOf(placed)]),
  );
  const groups = new Set(listed.map(({ placed }) => groupOf(placed)));
  const listedFor = new Map(listed.map(({ placed, part }) => [idOf(placed), part]));
  const isApart = areEggsApart(kept);
  const headings = new Set(kept.flatMap(({ placed }) => placed.headingWords));
  const given = new Set<string>();
  for (const { placed, part } of kept) if (hasAmount(placed)) given.add(`${idOf(placed)} ${part}`);
  return kept.flatMap(({ placed, part, isPartSure }) => {
    const id = idOf(placed);
    const line = {
      part,
      partName: placed.heading,
      text: placed.mention.line,
      ingredient: placed.mention.ingredient?.id ?? null,
      isPartSure,
      from: placed.chunk,
    };
    if (hasAmount(placed))
      return isList &&
        !placed.isRow &&
        (inList.has(`${id} ${part}`) || inList.has(amountOf(placed)))
        ? []
        : [line];
    if (!placed.isRow && (id === "water" || isBeside(placed))) return [];
    if (
      !placed.isRow &&
      (isPartItself(placed, headings) || REST_OF.test(placed.before.slice(-4).join(" ")))
    )
      return [];
    if (given.has(`${id} ${part}`) || (isApart && id.startsWith("egg-"))) return [];
    const own = listedFor.get(id);
    // What goes on the cake is more of a thing that is in the batter, not of what is for it anyway.
    const isListed = own !== undefined && (own !== "batter" || !isFinish(placed));
    if (isList && !placed.isRow && (groups.has(groupOf(placed)) || isListed)) return [];
    if (!placed.isRow && (!hasAct(placed.chunk) || isActFirst(placed.chunk, placed.mention.at)))
      return [];
    if (!placed.isRow && (id === BROWNS || kept.some((each) => isSomeOf(placed, each)))) return [];
    given.add(`${id} ${part}`);
    return [line];
  });
}

const SERVED =
  /\b(?:good (?:warm|cold|with)|serv\w*|offer\w*|eat|enjoy\w*|goes (?:well|nicely)|on the side|alongside|freez\w*|keeps?|stor\w*|wrap\w*)\b/iu;

/** Whether it is only eaten beside the cake, or named where the cake is kept. */
const isBeside = ({ stage, chunk }: PlacedMention): boolean =>
  (stage === "serve" || stage === "keep") && SERVED.test(chunk.text);

/** "Scatter with the rest of the ginger": what was given. */
const REST_OF =
  /\b(?:rest of|remaining|reserved|remainder of)(?: the| your)?$|\b(?:half|third|quarter|some|most)(?: of)? the$/u;

/** "Sandwich with the curd", under whose name a list was given. */
const isPartItself = (
  { mention, before }: PlacedMention,
  headings: ReadonlySet<string>,
): boolean =>
  /^the\b/iu.test(mention.read.name) || /^(?:the|with|of|in)$/u.test(before.at(-1) ?? "")
    ? wordsIn(mention.read.name).some((word) => PARTS_BY_NAME.has(word) && headings.has(word))
    : false;
const PARTS_BY_NAME = new Set(["curd", "custard", "caramel", "compote", "jam", "praline", "syrup"]);

/** "Tent with foil if browning" names none, without an amount. */
const BROWNS = "browning";

/**
 * Whether a bare name is short for what was given with its amount: "the nuts" for ground hazelnuts,
 * "the yoghurt" for Greek yoghurt. What goes on the baked cake may be more than the batter's.
 */
function isSomeOf(bare: PlacedMention, { placed, part }: PartedMention): boolean {
  if (!hasAmount(placed) || (isFinish(bare) && part === "batter")) return false;
  return idOf(bare) !== idOf(placed) && isShortFor(bare, placed);
}

const isShortFor = (short: PlacedMention, whole: PlacedMention): boolean => {
  const name = foldName(short.mention.read.name.replace(/^(?:the|that|this|your|my)\s+/iu, ""));
  const of = foldName(whole.mention.read.name);
  return name.length > 2 && (of.endsWith(name) || isOfFruit(of, name));
};

/** "The lemon", where its juice or its zest was given. */
const isOfFruit = (of: string, fruit: string): boolean =>
  of.startsWith(fruit) && /^e?s? (?:juice|zest|peel|rind)$/u.test(of.slice(fruit.length));

/** Strewn or laid on what is baked: more of a thing than the list's own. */
const isFinish = ({ stage }: PlacedMention): boolean => stage !== "before" && stage !== "oven";
/** What most batters have: named in no step of theirs, it is in them all the same. */
const MAIN = new Set([
  "flour",
  "sugar",
  "brown-sugar",
  "butter",
  "egg",
  "milk",
  "leavener",
  "salt",
  "spice",
  "flavouring",
  "acid-liquid",
  "other",
]);

/**
 * What stands in a list without a heading and is only spoken of where it goes on the baked cake is
 * for that: "2 tbsp jam", and "spread the jam on top".
 */
function whereUsed(mentions: readonly PartedMention[]): readonly PartedMention[] {
  const bareRows = new Set(
    mentions.flatMap(({ placed }) => (placed.isRow && !hasAmount(placed) ? [idOf(placed)] : [])),
  );
  const uses = new Map<string, PartedMention[]>();
  for (const each of mentions)
    if (!each.placed.isRow)
      uses.set(idOf(each.placed), [...(uses.get(idOf(each.placed)) ?? []), each]);
  return mentions.map((each) => {
    const { placed, part } = each;
    if (!placed.isRow || part !== "batter" || !hasAmount(placed)) return each;
    // "Walnut halves for the top" beside "2 oz chopped walnuts" are others.
    if (bareRows.has(idOf(placed))) return each;
    // Ginger that is listed for the icing too is what goes on top.
    const isListedTwice = mentions.some(
      (other) => other !== each && isListedAs(other, idOf(placed)) && other.part !== "batter",
    );
    if (isListedTwice) return each;
    if (MAIN.has(placed.mention.ingredient?.group ?? "salt")) return each;
    const [first, ...more] = uses.get(idOf(placed)) ?? [];
    const isOnly = first !== undefined && [first, ...more].every((use) => isFinish(use.placed));
    return isOnly && first.part !== "batter" && !hasAmount(first.placed)
      ? { ...each, part: first.part }
      : each;
  });
}

const isListedAs = ({ placed }: PartedMention, id: string): boolean =>
  placed.isRow && hasAmount(placed) && idOf(placed) === id;

const hasAmount = ({ mention }: PlacedMention): boolean => mention.read.measures.length > 0;
/** How much of what, for telling whether it is the same once more. */
const amountOf = (placed: PlacedMention): string =>
  `${idOf(placed)} ${placed.mention.read.measures.map(({ amount, unit }) => `${amount.low} ${unit}`).join("+")}`;
/** Names that stand for whatever of their kind was given: "add the sugar". */
const ANY_OF =
  /^(?:butter|sugar|flour|cream|milk|oil|eggs?|whites?|yolks?|chocolate|salt|zest|juice)$/iu;
const groupOf = ({ mention }: PlacedMention): string =>
  ANY_OF.test(mention.line) || mention.read.measures.length > 0
    ? (mention.ingredient?.group.replace(/^brown-/u, "") ?? "")
    : mention.line;
const idOf = ({ mention }: PlacedMention): string => mention.ingredient?.id ?? mention.read.name;

/** "Three cups of carrot, that's about five carrots"; "six ounces, no, eight ounces of butter". */
function isRepeated(withAmount: readonly PartedMention[], at: number): boolean {
  const placed = withAmount[at]?.placed;
  if (placed === undefined) return false;
  const next = withAmount[at + 1]?.placed;
  const isCorrected =
    next !== undefined &&
    idOf(next) === idOf(placed) &&
    saidBetween(placed, next).some((word) => CORRECTS.test(word));
  if (isCorrected) return true;
  const before = withAmount[at - 1]?.placed;
  if (before !== undefined && idOf(before) === idOf(placed)) {
    const between = saidBetween(before, placed);
    const isExplained =
      between.length <= NEAR &&
      between.some((word) => EXPLAINS.test(word)) &&
      !between.some((word) => CORRECTS.test(word));
    if (isExplained) return true;
  }
  // "100 g of the sugar" is some of what was given.
  const isOfThe = /^\S+(?:\s+\p{L}+)?\s+of\s+(?:the|that|this|your|my)\s/iu.test(
    placed.mention.line,
  );
  return (
    isOfThe &&
    withAmount
      .slice(0, at)
      .some((each) => idOf(each.placed) === idOf(placed) || isShortFor(placed, each.placed))
  );
}

/** The words between two things that are told, none where they are far apart. */
function saidBetween(first: PlacedMention, second: PlacedMention): readonly string[] {
  const { before } = second;
  const own = wordsIn(first.mention.line).at(-1);
  const last = before.findLastIndex((word) => word === own);
  return last < 0 ? [] : before.slice(last + 1);
}

function isBed({ placed: { mention } }: PartedMention): boolean {
  return (
    mention.ingredient?.group === "salt" &&
    mention.read.measures.some(({ unit, amount }) => unit === "cup" && amount.low > MOST_SALT_CUPS)
  );
}

/** Whether whole eggs are told, whose yolks and whites go different ways. */
function areEggsApart(mentions: readonly PartedMention[]): boolean {
  const isTold = (id: string): boolean =>
    mentions.some(({ placed }) => placed.mention.ingredient?.id === id && hasAmount(placed));
  return isTold("egg") && !isTold("egg-white") && !isTold("egg-yolk");
}
