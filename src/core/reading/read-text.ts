// A recipe in anybody's words: what is told, for which part, and when it is done.
import { group } from "d3-array";
import { heatsTold, timesTold } from "../measure";
import type { Pantry } from "../pantry";
import { pageLines, STAGES, toldFor, type PageLine, type PartRole, type Stage } from "../recipe";
import { hasAct, type Chunk } from "./chunks";
import { doubtsTold, type ToldDoubt } from "./doubts-told";
import { layoutOf } from "./layout";
import { linesTold, type PartedMention, type ToldLine } from "./lines-told";
import { nameTold } from "./name-told";
import { ovenOf, type ToldBake } from "./oven-of-text";
import { allowedParts, PARTS, partFeatures, type PlacedMention } from "./part-features";
import { placedChunks, placedMentions } from "./placed";
import { laterRecipes } from "./recipes-of-page";
import { labelled, sumOfWeights, type Features, type Labelled, type Weights } from "./sequence";
import { stageFeatures, tellsBake, type PlacedChunk } from "./stage-features";
import { stepsOf, type StageTold, type ToldStep } from "./steps-told";
import { tinSets, type ToldSet } from "./tin-alternatives";
import { tinsTold, type ToldTin } from "../tin";
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
  /^(?:(?:prep(?:aration)?|cook(?:ing)?|bak(?:e|ing)|chill(?:ing)?|total|active|ready|serves|makes|yields?|portions|difficulty)\b[^.;·•|]{0,30}(?:[·•|]\s*|$)){2,}$/iu;

/** "Prep: 20 mins Bake: 40 mins": labels with their minutes, whatever stands between. */
const TIMES =
  /^(?:(?:prep(?:aration)?|cook(?:ing)?|bak(?:e|ing)|chill(?:ing)?|total|active)(?: time)?\s*:\s*\d+(?:[.,½\d ]*)(?:mins?|minutes?|h|hrs?|hours?)\b[\s,;.|]*)+$/iu;

/** "Serves 14", "Makes 12 squares", by itself on its line. */
const YIELD = /^(?:serves|makes|yields?|portions)\b:?[^.;]{0,12}\d[^.;]{0,24}\.?$/iu;

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
  const labels = labelsOf("stage", stageFeatures(chunks), (at) =>
    allowedStages(chunks[at], isBaked),
  );
  let [wasCold, wasBaked] = [false, false];
  let forPart: Pick<Chunk, "sentence"> | null = null;
  const stages = new Map<Chunk, StageTold>(
    chunks.map(({ chunk }, index) => {
      const { label = 0, margin = 0 } = labels[index] ?? {};
      const stage = STAGES[label] ?? "before";
      // What only cools once others are cold is no hot cake: "for the drip … leave it for 10 minutes".
      if (forPart?.sentence !== chunk.sentence)
        forPart = OF_PART.test(chunk.text) ? { sentence: chunk.sentence } : null;
      const isUnbaked = stage === "before" && wasBaked && forPart !== null;
      if (stage === "oven") wasBaked = true;
      const isBack =
        stage === "hot" && wasCold && COOLS.test(chunk.text) && !OF_HOT.test(chunk.text);
      if (stage === "cold") wasCold = true;
      return [chunk, { stage: isBack || isUnbaked ? "cold" : stage, isSure: margin >= SURE }];
    }),
  );
  const stageOf = (chunk: Chunk): Stage => stages.get(chunk)?.stage ?? "before";
  const bareOf = new Map(rows.flatMap((row) => row.chunks.map((chunk) => [chunk, row.bare])));
  const { name, isSure: isNameSure, row: title } = nameTold(rows);
  const mentions = parted(placedMentions(rows, chunks, stageOf));
  const oven = ovenOf(chunks, stageOf);
  const sets = tinSets(chunks, stageOf);
  const tins = sets.map((set) => set.tins);
  // "Lemon roll" names no lemon.
  const told = linesTold(
    mentions.filter(
      ({ placed: { chunk, mention } }) =>
        mention.read.measures.length > 0 || title?.chunks.includes(chunk) !== true,
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
          !FACTS.test(bareOf.get(chunk) ?? "") &&
          !TIMES.test(bareOf.get(chunk) ?? "") &&
          !YIELD.test(bareOf.get(chunk) ?? ""),
      ),
      partsOfChunks(chunks, mentions, told),
      stages,
    ),
  };
}

/** "For the caramel: …", of the part that is headed "For the caramel filling". */
const CALLED = /^\W*(?:for|to make) the (?:\p{L}+ ){0,2}?(\p{L}{4,})\s*[:,]/iu;

function partCalled(text: string, lines: readonly ToldLine[]): PartRole | null {
  const name = CALLED.exec(text)?.[1];
  if (name === undefined) return null;
  const headed = new RegExp(String.raw`\b${name}\b`, "iu");
  return lines.find(({ partName }) => headed.test(partName))?.part ?? null;
}

/** A clause that begins with turning the cake out is done out of the oven. */
const TURNS_OUT = /^\W*turn (?:it |them |the \p{L}+ )?out\b/iu;
const OUT_OF_OVEN: ReadonlySet<number> = new Set(
  STAGES.flatMap((stage, at) => (stage === "oven" ? [] : [at])),
);

/** "For the caramel: melt the sugar …", told after the bake, is made after it. */
const OF_PART =
  /^\W*(?:for|to make) the (?!(?:cake|sponge|batter|base|layers?)\b)\p{L}[\p{L} -]{2,30}:/iu;
const COOLS = /\b(?:cool|rest|stand|chill|set|thicken)\w*\b/iu;
/** Of a cake that is hot, or still in its tin. */
const OF_HOT =
  /\b(?:hot|warm|oven|tins?|pans?|moulds?|skillet|dish|racks?|roll(?:ed)?|turn(?:ed)?|invert\w*|unmo\w*|upside|towel|cakes?|sponges?|loaf|it)\b/iu;
const IN_OVEN: ReadonlySet<number> = new Set([STAGES.indexOf("oven")]);
/** Nobody notes more words of a bake that no word of doing is among. */
const MOST_NOTED = 14;

/** The stages a clause can be of by what it says; any where that tells nothing. */
function allowedStages(
  placed: PlacedChunk | undefined,
  isBaked: boolean,
): ReadonlySet<number> | null {
  if (placed === undefined) return null;
  if (TURNS_OUT.test(placed.chunk.text)) return OUT_OF_OVEN;
  return isNoteOfBake(placed, isBaked) ? IN_OVEN : null;
}

/** "55-65 min.", of a bake where nothing else tells one. */
const ONLY_MINUTES =
  /^\W*(?:(?:about|approx\.?|for) )?\d+(?:\s*(?:-|–|to|or)\s*\d+)?\s*(?:mins?|minutes?|h|hrs?|hours?)\W*$/iu;

/** "Two 7" tins, gas 4, 25 mins": minutes beside a heat or tins, and nothing that is done. */
function isNoteOfBake({ chunk, isRow }: PlacedChunk, isBaked: boolean): boolean {
  const { text, words } = chunk;
  if (isRow || words.length > MOST_NOTED || hasAct(chunk) || timesTold(text).length === 0)
    return false;
  if (ONLY_MINUTES.test(text)) return !isBaked;
  return heatsTold(text).length > 0 || tinsTold(text).length > 0;
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
  return mentions.map((placed, index) => {
    const { label = 0, margin = 0 } = labels[index] ?? {};
    return { placed, part: PARTS[label] ?? "batter", isPartSure: margin >= SURE };
  });
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
    const [only, ...more] = partsOf.get(placed.mention.ingredient?.id ?? "") ?? [];
    const own = more.length === 0 ? only : undefined;
    const vote = own ?? (known.has(part) ? part : undefined);
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
