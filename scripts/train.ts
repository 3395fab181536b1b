// Learns how recipes are told from annotated texts: `npm run train -- FOLDER`.
import { execFileSync } from "node:child_process";
import { mkdtempSync, readdirSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { pantryOf } from "../src/core/pantry";
import { foldWord } from "../src/core/reading/chunks";
import { layoutOf, type PageRow } from "../src/core/reading/layout";
import { laterRecipes } from "../src/core/reading/recipes-of-page";
import { measuresOf, pageLines, partFormula } from "../src/core/recipe";
import { allowedParts, PARTS, partFeatures } from "../src/core/reading/part-features";
import { placedChunks, placedMentions } from "../src/core/reading/placed";
import { labelled, sumOfWeights, type Features, type Weights } from "../src/core/reading/sequence";
import { STAGES } from "../src/core/recipe";
import { stageFeatures, type PlacedChunk } from "../src/core/reading/stage-features";

type Case = {
  readonly id: string;
  readonly text: string;
  readonly expect: {
    readonly lines?: readonly {
      readonly is: string;
      readonly part: string;
      readonly massG: readonly [number, number] | null;
    }[];
    readonly steps?: readonly { readonly says: string; readonly stage: string }[];
  };
};
type Example = {
  readonly id: string;
  readonly items: readonly Features[];
  readonly gold: readonly (ReadonlySet<number> | null)[];
  /** What each can be at all; any where it says nothing. */
  readonly allowed: readonly (ReadonlySet<number> | null)[];
};

const fold = (text: string): string =>
  foldWord(text.normalize("NFKD")).replace(/[‘’]/gu, "'").replace(/\s+/gu, " ").trim();

const folder = process.argv.slice(2).find((word) => !word.startsWith("--")) ?? "../shared/corpus";
const cases = readdirSync(folder)
  .filter((name) => name.endsWith(".json"))
  .sort()
  .map((name) => JSON.parse(readFileSync(join(folder, name), "utf8")) as Case);
const pantry = pantryOf();

/** The rows of a text's first recipe. */
function firstRecipe(text: string): readonly PageRow[] {
  const rows = layoutOf(pageLines(text), pantry);
  return rows.slice(0, laterRecipes(rows)[0]);
}

/**
 * A text as it stands, and as it would be without what is told last: not every recipe says how it
 * is kept, or even served, and what stands last is not therefore for another day.
 */
function stageExamples({ id, text, expect }: Case): readonly Example[] {
  const chunks = placedChunks(firstRecipe(text));
  const gold = goldStages(chunks, expect.steps ?? []);
  const lengths = [undefined, "cold", "hot"].flatMap((last) => {
    const most = last === undefined ? STAGES.length : STAGES.findIndex((stage) => stage === last);
    const at = gold.findLastIndex((labels) => labels !== null && Math.min(...labels) <= most);
    return last === undefined ? [chunks.length] : at < 0 ? [] : [at + 1];
  });
  return [...new Set(lengths)].map((length) => ({
    id,
    items: stageFeatures(chunks.slice(0, length)),
    gold: gold.slice(0, length),
    allowed: [],
  }));
}

function goldStages(
  chunks: readonly PlacedChunk[],
  steps: NonNullable<Case["expect"]["steps"]>,
): readonly (ReadonlySet<number> | null)[] {
  const gold: (ReadonlySet<number> | null)[] = chunks.map(() => null);
  const spans: [number, number][] = [];
  let joined = "";
  for (const { chunk } of chunks) {
    const words = fold(chunk.written);
    if (joined !== "") joined += " ";
    spans.push([joined.length, joined.length + words.length]);
    joined += words;
  }
  for (const { says, stage } of steps) {
    const at = joined.indexOf(fold(says));
    if (at < 0) continue;
    const end = at + fold(says).length;
    const labels = new Set(
      stage.split("|").map((each) => STAGES.findIndex((known) => known === each)),
    );
    for (const [index, [from, to]] of spans.entries())
      if (Math.min(to, end) - Math.max(from, at) > Math.min(8, (to - from) / 2))
        gold[index] = labels;
  }
  return gold;
}

/** Where the shuffling of each of several trainings begins. */
const SEEDS = [12_345, 54_321, 99_991, 7, 2026];

/** The mean of several perceptrons, each trained in an order of its own: less is left to chance. */
function trained(examples: readonly Example[], labels: readonly string[], rounds: number): Weights {
  const each = SEEDS.map((seed) => trainedOnce(examples, labels, rounds, seed));
  const meanOf = (rowOf: (weights: Weights) => readonly number[] | undefined): number[] =>
    labels.map(
      (_, label) =>
        each.reduce((sum, weights) => sum + (rowOf(weights)?.[label] ?? 0), 0) / each.length,
    );
  const keys = new Set(each.flatMap(({ features }) => Object.keys(features)));
  return {
    labels,
    features: Object.fromEntries(
      [...keys].map((key) => [key, meanOf(({ features }) => features[key])]),
    ),
    moves: Array.from({ length: labels.length + 1 }, (_, from) =>
      meanOf(({ moves }) => moves[from]),
    ),
  };
}

/** Averaged perceptron over whole sequences; what is not annotated is free. */
function trainedOnce(
  examples: readonly Example[],
  labels: readonly string[],
  rounds: number,
  firstSeed: number,
): Weights {
  const count = labels.length;
  const now = new Map<string, number[]>();
  const sum = new Map<string, number[]>();
  const row = (of: Map<string, number[]>, key: string): number[] => {
    const found = of.get(key) ?? Array.from({ length: count }, () => 0);
    of.set(key, found);
    return found;
  };
  let turn = 1;
  const add = (key: string, label: number, by: number): void => {
    const [weight, total] = [row(now, key), row(sum, key)];
    weight[label] = (weight[label] ?? 0) + by;
    total[label] = (total[label] ?? 0) + by * turn;
  };
  const moves = (): number[][] =>
    Array.from({ length: count + 1 }, (_, from) => row(now, `\u0001${from}`));
  let seed = firstSeed;
  const chance = (): number => {
    seed = (seed * 1103515245 + 12345) % 2147483648;
    return seed / 2147483648;
  };
  const order = [...examples];
  for (let round = 0; round < rounds; round += 1) {
    for (let at = order.length - 1; at > 0; at -= 1) {
      const other = Math.floor(chance() * (at + 1));
      const [a, b] = [order[at], order[other]];
      if (a !== undefined && b !== undefined) [order[at], order[other]] = [b, a];
    }
    for (const { items, gold, allowed } of order) {
      const weights = { labels, moves: moves() };
      const scoreOf = (group: readonly string[]): Float64Array =>
        sumOfWeights(group, count, (feature) => now.get(feature));
      const told = labelled(weights, items, scoreOf, (item) => allowed[item] ?? null);
      const isRight = told.every(({ label }, item) => gold[item]?.has(label) ?? true);
      if (!isRight) {
        const right = labelled(
          weights,
          items,
          scoreOf,
          (item) => gold[item] ?? allowed[item] ?? null,
        );
        for (const [item, features] of items.entries()) {
          const [good, bad] = [right[item]?.label ?? 0, told[item]?.label ?? 0];
          if (good !== bad)
            for (const feature of features.flat()) {
              add(feature, good, 1);
              add(feature, bad, -1);
            }
          const from = (of: typeof told): number =>
            item === 0 ? count : (of[item - 1]?.label ?? count);
          add(`\u0001${from(right)}`, good, 1);
          add(`\u0001${from(told)}`, bad, -1);
        }
      }
      turn += 1;
    }
  }
  const averaged = (key: string): number[] => {
    const [weight, total] = [row(now, key), row(sum, key)];
    return weight.map((value, label) => value - (total[label] ?? 0) / turn);
  };
  const features: Record<string, number[]> = {};
  for (const key of now.keys()) if (!key.startsWith("\u0001")) features[key] = averaged(key);
  return {
    labels,
    features,
    moves: Array.from({ length: count + 1 }, (_, from) => averaged(`\u0001${from}`)),
  };
}

/** Grams of a line as the recipe's own cups have it; null for none. */
function gramsOf(line: string, text: string): number | null {
  const measures = measuresOf({ original: text, parts: [] });
  const part = {
    id: "p",
    role: "batter",
    name: "",
    steps: [],
    lines: [{ id: "l", text: line }],
  } as const;
  return (
    partFormula({ ...part, lines: [...part.lines], steps: [] }, pantry, measures).rows[0]?.massG ??
    null
  );
}

function partExample({ id, text, expect }: Case, stages: Weights): Example {
  const rows = firstRecipe(text);
  const chunks = placedChunks(rows);
  const told = labelled(stages, stageFeatures(chunks), (group) =>
    sumOfWeights(group, STAGES.length, (feature) => stages.features[feature]),
  );
  const stageOf = new Map(
    chunks.map(({ chunk }, index) => [chunk, STAGES[told[index]?.label ?? 0] ?? "before"]),
  );
  const mentions = placedMentions(rows, chunks, (chunk) => stageOf.get(chunk) ?? "before");
  const gold: (ReadonlySet<number> | null)[] = mentions.map(() => null);
  for (const { is, massG, part } of expect.lines ?? []) {
    const pattern = new RegExp(is, "iu");
    const fits = mentions.flatMap(({ mention }, index) => {
      if (gold[index] !== null) return [];
      if (!pattern.test(mention.ingredient?.name ?? "") && !pattern.test(mention.line)) return [];
      const grams = gramsOf(mention.line, text);
      const isOf =
        massG === null ? grams === null : grams !== null && grams >= massG[0] && grams <= massG[1];
      return isOf ? [index] : [];
    });
    const at = massG !== null ? fits[0] : fits.length === 1 ? fits[0] : undefined;
    if (at !== undefined)
      gold[at] = new Set(part.split("|").map((each) => PARTS.findIndex((known) => known === each)));
  }
  return { id, items: partFeatures(mentions), gold, allowed: allowedParts(mentions) };
}

/** The weights that count most, in tenths, as many as go into so many characters. */
function kept({ labels, features, moves }: Weights, most: number): Weights {
  const tenths = (row: readonly number[]): number[] => row.map((value) => Math.round(10 * value));
  const ranked = Object.entries(features)
    .map(([feature, row]) => [feature, tenths(row), Math.max(...row.map(Math.abs))] as const)
    .sort((a, b) => b[2] - a[2]);
  const out: Record<string, number[]> = {};
  let length = 0;
  for (const [feature, row] of ranked) {
    length += JSON.stringify(row).length + feature.length + 4;
    if (length > most) break;
    out[feature] = row;
  }
  return { labels, features: out, moves: moves.map(tenths) };
}

const OUT = "src/core/reading/weights.json";
/** So many characters of weights for each of the two labellings. */
const MOST = 45_000;
const ROUNDS = 8;

/** Learns from some texts, and keeps what was learnt where the reader looks for it. */
function learn(from: readonly Case[]): void {
  const stage = trained(from.flatMap(stageExamples), STAGES, ROUNDS);
  const part = trained(
    from.map((each) => partExample(each, stage)),
    PARTS,
    ROUNDS,
  );
  writeFileSync(OUT, JSON.stringify({ stage: kept(stage, MOST), part: kept(part, MOST) }));
}

/** Facts right and in all of some texts, by the scorer. */
function score(of: readonly Case[]): { right: number; all: number; silent: number } {
  const scratch = mkdtempSync(join(tmpdir(), "fold-"));
  for (const each of of) writeFileSync(join(scratch, `${each.id}.json`), JSON.stringify(each));
  const told = execFileSync("node", [join(folder, "score.mjs"), scratch, "--json"], {
    encoding: "utf8",
    stdio: ["ignore", "pipe", "ignore"],
  });
  return JSON.parse(told) as { right: number; all: number; silent: number };
}

const share = ({ right, all, silent }: ReturnType<typeof score>): string =>
  `${((100 * right) / all).toFixed(1)} % of ${all} facts, ${((100 * silent) / all).toFixed(1)} % wrong in silence`;

if (process.argv.includes("--folds")) {
  const sum = { right: 0, all: 0, silent: 0 };
  for (const author of new Set(cases.map(({ id }) => id.charAt(0)))) {
    learn(cases.filter(({ id }) => !id.startsWith(author)));
    const found = score(cases.filter(({ id }) => id.startsWith(author)));
    for (const key of ["right", "all", "silent"] as const) sum[key] += found[key];
    console.log(`left out ${author}: ${share(found)}`);
  }
  console.log(`left out, all: ${share(sum)}`);
}
learn(cases);
console.log(`learnt from all: ${share(score(cases))}`);
