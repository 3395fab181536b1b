// A recipe in anybody's words: what is told, for which part, and when it is done.
import { group } from "d3-array";
import type { Pantry } from "../pantry";
import { pageLines, STAGES, toldFor, type PageLine, type PartRole, type Stage } from "../recipe";
import { hasAct, type Chunk } from "./chunks";
import { doubtsTold, type ToldDoubt } from "./doubts-told";
import { layoutOf } from "./layout";
import { linesTold, type PartedMention, type ToldLine } from "./lines-told";
import type { Mention } from "./mentions";
import { nameTold } from "./name-told";
import { ovenOf, type ToldBake } from "./oven-of-text";
import { ofOneMind } from "./one-list";
import { allowedParts, PARTS, partFeatures, type PlacedMention } from "./part-features";
import { placedChunks, placedMentions } from "./placed";
import { laterRecipes } from "./recipes-of-page";
import { labelled, sumOfWeights, type Features, type Labelled, type Weights } from "./sequence";
import { stageFeatures, tellsBake, type PlacedChunk } from "./stage-features";
import { allowedStages, settledStages, stretchInTin } from "./stages-told";
import { stepsOf, type ToldStep } from "./steps-told";
import { tinSets, type ToldSet } from "./tin-alternatives";
import type { ToldTin } from "../tin";
import weights from "./weights.json";

/** What a text tells of a recipe; of several on a page, the first. */
export type ToldRecipe = ToldBake & {
  readonly name: string | null;
  /** The lines at which the further recipes of the page begin. */
  readonly others: readonly number[];
  /** Sets of tins, the first told first; the others in its place. */
  readonly tins: readonly (readonly ToldTin[])[];
  readonly lines: readonly ToldLine[];
  readonly steps: readonly ToldStep[];
  /** The sets after the first, with what is told of baking in them. */
  readonly alternatives: readonly ToldSet[];
  /** What of it may be wrong, besides parts of lines and stages of steps. */
  readonly doubts: readonly ToldDoubt[];
};

const LEARNT: Readonly<Record<"stage" | "part", Weights>> = weights;
const SCORE_OF = { stage: scorer(LEARNT.stage), part: scorer(LEARNT.part) } as const;

/** The scores of groups of features, those known of groups that were scored before. */
function scorer({ labels, features }: Weights): (group: readonly string[]) => Float64Array {
  const weights = new Map(Object.entries(features));
  const known = new WeakMap<readonly string[], Float64Array>();
  return (group) => {
    const scores =
      known.get(group) ?? sumOfWeights(group, labels.length, (each) => weights.get(each));
    known.set(group, scores);
    return scores;
  };
}

/** Labellings nearer to one another than this are in doubt; of ten that are, three are wrong. */
const SURE = 6;

/** Nobody tells more, in characters. */
export const MOST_TOLD = 30_000;

/** The lines of a text that are heard, and those after them that are too many. */
export function heardLines(text: string): {
  readonly lines: readonly PageLine[];
  readonly unread: readonly string[];
} {
  const lines = pageLines(text);
  let length = 0;
  const end = lines.findIndex((line) => (length += line.text.length + 1) > MOST_TOLD);
  return end < 0
    ? { lines, unread: [] }
    : { lines: lines.slice(0, end), unread: lines.slice(end).map((line) => line.text) };
}

/** "Prep 20 min · Bake 50 min · Serves 12": two facts or more, and nothing else. */
const FACTS =
  /^(?:(?:prep(?:aration)?|cook(?:ing|s in)?|easy|medium|hard|bak(?:e|ing)|chill(?:ing)?|total|active|ready|serves|makes|yields?|portions|difficulty)\b[^.;·•|]{0,30}(?:[·•|]\s*|$)){2,}$/iu;

/** The same with its bars gone: "Prep 15 min Bake 50-55 min Serves 16". */
const FACTS_BARE =
  /^(?=.*\b(?:prep(?:aration)?|serves|makes|yields?|total|ready|difficulty)\b)(?:(?:prep(?:aration)?|cook(?:ing)?|bak(?:e|ing)|chill(?:ing)?|total|active|ready(?: in)?|serves|makes|yields?|portions)(?: time)? (?:about )?\d[\d\s½¼¾.–-]{0,9}(?:mins?|minutes?|h|hrs?|hours?|\p{L}{3,12})?\s*){2,}$/iu;

/** "Prep: 20 mins Bake: 40 mins": labels with their minutes, whatever stands between. */
const TIMES =
  /^(?:(?:prep(?:aration)?|cook(?:ing)?|bak(?:e|ing)|chill(?:ing)?|total|active)(?: time)?\s{0,3}:\s{0,3}\d{1,4}(?:[.,]\d{1,2}|\s?½|\s\d\/\d)?\s{0,3}(?:mins?|minutes?|h|hrs?|hours?)\b[\s,;.|]{0,9})+$/iu;

/** "Makes: 15 squares Prep: 20 minutes": two labels or more, a few words after each. */
const LABEL =
  /(?:^|\s)(?:prep(?:aration)?|cook(?:ing)?|bak(?:e|ing)|chill(?:ing)?|total|active|ready|serves|servings?|makes|yields?|portions|difficulty|level|oven|time|temp(?:erature)?)(?: time| in)?\s{0,3}:/giu;
const isLabels = (line: string): boolean => {
  const [before, ...told] = line.split(LABEL);
  return before === "" && told.length > 1 && told.every((each) => /^[^:;.!]{1,28}$/u.test(each));
};

/** "Serves 14", "Makes 12 squares", by itself on its line. */
const YIELD = /^(?:serves|makes|yields?|portions)\b:?[^.;]{0,12}\d[^.;]{0,24}\.?$/iu;

/** A line of times, yield and the like: nothing to do. */
const isFacts = (line: string): boolean =>
  FACTS.test(line) ||
  FACTS_BARE.test(line) ||
  TIMES.test(line) ||
  isLabels(line) ||
  YIELD.test(line);

/** "20 cm round tin", "Two 8 inch pans" by themselves: what is needed, nothing to do. */
const TIN_ALONE =
  /^(?:(?:you(?:'|’)?ll need|use|for|tins?|pans?):? )?[^.;,!]{0,24}\d[^.;!]{0,28}\b(?:tins?|pans?|moulds?|molds?|dish|sandwich tins?)\.?$/iu;

/**
 * What a text tells of a recipe. Never fails: what it does not tell is null or empty.
 * @param lines the text's lines, marks and all
 */
export function readText(lines: readonly PageLine[], pantry: Pantry): ToldRecipe {
  const page = layoutOf(lines, pantry);
  const others = laterRecipes(page);
  const rows = page.slice(0, others[0]);
  const chunks = placedChunks(rows);
  const isBaked = tellsBake(chunks);
  const [filled, baked] = stretchInTin(chunks);
  const labels = labelsOf("stage", stageFeatures(chunks), (at) =>
    allowedStages(chunks[at], isBaked, at >= filled && at < baked),
  );
  const stages = settledStages(
    chunks,
    labels.map(({ label, margin }) => ({
      stage: STAGES[label] ?? "before",
      isSure: margin >= SURE,
    })),
  );
  const stageOf = (chunk: Chunk): Stage => stages.get(chunk)?.stage ?? "before";
  // Each line is judged once, however many clauses it has.
  const chunksWhere = (is: (line: string) => boolean): ReadonlySet<Chunk> =>
    new Set(rows.filter(({ bare }) => is(bare)).flatMap((row) => row.chunks));
  const facts = chunksWhere(isFacts);
  const tinsAlone = chunksWhere((line) => TIN_ALONE.test(line));
  const { name, isSure: isNameSure, row: title } = nameTold(rows);
  const mentions = parted(placedMentions(rows, chunks, stageOf));
  const oven = ovenOf(chunks, stageOf);
  const sets = tinSets(chunks, stageOf);
  const tins = sets.map((set) => set.tins);
  const listed = new Set(
    mentions.flatMap(({ placed: { isRow, mention } }) => (isRow ? [likeOf(mention)] : [])),
  );
  // "Lemon roll" names no lemon, and what remains of the listed sugar is no more of it.
  const told = linesTold(
    mentions.filter(
      ({ placed: { chunk, mention, isRow } }) =>
        (mention.read.measures.length > 0 || title?.chunks.includes(chunk) !== true) &&
        !(mention.isRest === true && !isRow && listed.has(likeOf(mention))),
    ),
  );
  return {
    name,
    others,
    ...oven,
    tins,
    alternatives: sets.slice(1),
    doubts: doubtsTold({ ...oven, tins, isNameSure }, chunks, stageOf),
    lines: told,
    // A title is nothing to do, nor is what stands over a recipe of its times and its yield.
    steps: stepsOf(
      chunks.filter(
        ({ chunk }) =>
          title?.chunks.includes(chunk) !== true &&
          !facts.has(chunk) &&
          !YIELD.test(chunk.text) &&
          (hasAct(chunk) || !tinsAlone.has(chunk)),
      ),
      partsOfChunks(chunks, mentions, told),
      stages,
    ),
  };
}

/** White sugars are alike, whatever a step calls them. */
const likeOf = ({ ingredient }: Mention): string =>
  (ingredient?.id ?? "").replace(/^(?:granulated|caster)-sugar$/u, "sugar");

/** "For the caramel: …", of the part that is headed "For the caramel filling". */
const CALLED = /^\W*(?:for|to make) the (?:\p{L}+ ){0,2}?(\p{L}{4,})\s*[:,]/iu;

function partCalled(text: string, lines: readonly ToldLine[]): PartRole | null {
  const name = CALLED.exec(text)?.[1];
  if (name === undefined) return null;
  const headed = new RegExp(String.raw`\b${name}\b`, "iu");
  return lines.find(({ partName }) => headed.test(partName))?.part ?? null;
}

function labelsOf(
  what: keyof typeof LEARNT,
  items: readonly Features[],
  allowed: (item: number) => ReadonlySet<number> | null = () => null,
): readonly Labelled[] {
  return labelled(LEARNT[what], items, SCORE_OF[what], allowed);
}

function parted(mentions: readonly PlacedMention[]): readonly PartedMention[] {
  const allowed = allowedParts(mentions);
  const labels = labelsOf("part", partFeatures(mentions), (item) => allowed[item] ?? null);
  return ofOneMind(
    mentions.map((placed, index) => {
      const { label = 0, margin = 0 } = labels[index] ?? {};
      return { placed, part: PARTS[label] ?? "batter", isPartSure: margin >= SURE };
    }),
  );
}

/**
 * The part each clause works on: that of most of what it speaks of. What was given for one part alone
 * speaks for that; a part without a line is none.
 */
function partsOfChunks(
  chunks: readonly PlacedChunk[],
  mentions: readonly PartedMention[],
  lines: readonly ToldLine[],
): ReadonlyMap<Chunk, PartRole> {
  const known = new Set(lines.map(({ part }) => part));
  const partsOf = new Map<string, Set<PartRole>>();
  for (const { ingredient, part } of lines)
    if (ingredient !== null)
      partsOf.set(ingredient, new Set([...(partsOf.get(ingredient) ?? []), part]));
  const votes = new Map<Chunk, PartRole[]>();
  for (const { placed, part } of mentions) {
    const given = [...(partsOf.get(placed.mention.ingredient?.id ?? "") ?? [])];
    // Butter that is in the crumble too is the batter's, where a bare "cream the butter" says no more.
    const isBare = placed.mention.read.measures.length === 0;
    const isBatters = isBare && placed.stage === "before" && given.includes("batter");
    const own = given.length === 1 ? given[0] : isBatters ? "batter" : undefined;
    // The word "cream" of "cream the butter", where no cream was given, speaks for nothing.
    const isNothing = isBare && placed.stage === "before" && given.length === 0;
    const vote = own ?? (known.has(part) && !isNothing ? part : undefined);
    votes.set(placed.chunk, [
      ...(votes.get(placed.chunk) ?? []),
      ...(vote === undefined ? [] : [vote]),
    ]);
  }
  // "For the filling whisk …" speaks for its whole sentence.
  for (const sentence of group(
    chunks.filter(({ isRow }) => !isRow),
    ({ chunk }) => chunk.sentence,
  ).values()) {
    const text = sentence.map(({ chunk }) => chunk.written).join(" ");
    const said = toldFor(text) ?? partCalled(text, lines);
    if (said !== null && known.has(said))
      for (const { chunk } of sentence) votes.set(chunk, [said]);
  }
  return new Map(
    [...votes].map(([chunk, parts]) => {
      const times = (part: PartRole): number => parts.filter((each) => each === part).length;
      const most = parts.reduce<PartRole>(
        (best, part) => (times(part) > times(best) ? part : best),
        "batter",
      );
      return [chunk, most];
    }),
  );
}
