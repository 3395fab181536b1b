// Labels for things that stand in a row, each by what it says and by what came before it.

/** What was learnt: for each feature, and for each label after each, a weight a label. */
export type Weights = {
  readonly labels: readonly string[];
  readonly features: Readonly<Record<string, readonly number[]>>;
  /** `moves[from][to]`; the last row is for the first of a sequence. */
  readonly moves: readonly (readonly number[])[];
};

/** What an item says, in groups; those that many items share are the same list in each. */
export type Features = readonly (readonly string[])[];

/** The score of a group of features for each label. */
type ScoreOf = (group: readonly string[]) => Float64Array;

export type Labelled = {
  /** Which label, by its place in the list. */
  readonly label: number;
  /** How much worse the best labelling is that gives this one another label, 0 or more. */
  readonly margin: number;
};

/**
 * The best labelling of a sequence (Viterbi), with each label's margin over the next best.
 * @param items the features of each item, in order
 * @param allowed labels an item may have, by their places; all where it says nothing
 */
export function labelled(
  weights: Pick<Weights, "labels" | "moves">,
  items: readonly Features[],
  scoreOf: ScoreOf,
  allowed: (item: number) => ReadonlySet<number> | null = () => null,
): readonly Labelled[] {
  const count = weights.labels.length;
  const scores = items.map((features, item) => scoresOf(features, count, scoreOf, allowed(item)));
  const moves = Float64Array.from(
    { length: (count + 1) * count },
    (_, at) => weights.moves[Math.floor(at / count)]?.[at % count] ?? 0,
  );
  const ahead = scoresAhead(scores, moves, count);
  const behind = scoresBehind(scores, moves, count);
  return bestPath(ahead, moves, count).map((label, item) => {
    const through = Array.from(
      { length: count },
      (_, each) => (ahead[item]?.[each] ?? 0) + (behind[item]?.[each] ?? 0),
    );
    const top = through[label] ?? 0;
    through[label] = -Infinity;
    return { label, margin: Math.max(0, top - Math.max(...through)) };
  });
}

/** The best labelling of all up to each item that gives it each label; its score. */
function scoresAhead(
  scores: readonly Float64Array[],
  moves: Float64Array,
  count: number,
): readonly Float64Array[] {
  let before: Float64Array | null = null;
  return scores.map((own) => {
    const here = new Float64Array(count);
    for (let to = 0; to < count; to += 1) {
      let most = before === null ? (moves[count * count + to] ?? 0) : -Infinity;
      for (let from = 0; before !== null && from < count; from += 1)
        most = Math.max(most, (before[from] ?? 0) + (moves[from * count + to] ?? 0));
      here[to] = (own[to] ?? 0) + most;
    }
    before = here;
    return here;
  });
}

/** The best labelling of all after each item that has each label; its score. */
function scoresBehind(
  scores: readonly Float64Array[],
  moves: Float64Array,
  count: number,
): readonly Float64Array[] {
  let after = new Float64Array(count);
  let next: Float64Array | null = null;
  return scores
    .toReversed()
    .map((own) => {
      const here = new Float64Array(count);
      for (let from = 0; from < count && next !== null; from += 1) {
        let most = -Infinity;
        for (let to = 0; to < count; to += 1)
          most = Math.max(
            most,
            (next[to] ?? 0) + (after[to] ?? 0) + (moves[from * count + to] ?? 0),
          );
        here[from] = most;
      }
      [after, next] = [here, own];
      return here;
    })
    .toReversed();
}

function bestPath(
  ahead: readonly Float64Array[],
  moves: Float64Array,
  count: number,
): readonly number[] {
  const path: number[] = [];
  let next = -1;
  for (const totals of ahead.toReversed()) {
    const scores = totals.map((total, from) => total + (moves[from * count + next] ?? 0));
    next = (next < 0 ? totals : scores).reduce(
      (best, score, label, all) => (score > (all[best] ?? 0) ? label : best),
      0,
    );
    path.push(next);
  }
  return path.toReversed();
}

/** What no allowed labelling has, far below any score. */
const NEVER: number = -1e9;

function scoresOf(
  groups: Features,
  count: number,
  scoreOf: ScoreOf,
  allowed: ReadonlySet<number> | null,
): Float64Array {
  const scores = Float64Array.from({ length: count }, (_, label) =>
    allowed === null || allowed.has(label) ? 0 : NEVER,
  );
  for (const group of groups) {
    const score = scoreOf(group);
    for (let label = 0; label < count; label += 1)
      scores[label] = (scores[label] ?? 0) + (score[label] ?? 0);
  }
  return scores;
}

/** The scores of a group of features: the sums of their weights, a label each. */
export function sumOfWeights(
  group: readonly string[],
  count: number,
  weightOf: (feature: string) => readonly number[] | undefined,
): Float64Array {
  const sum = new Float64Array(count);
  for (const feature of group) {
    const weight = weightOf(feature);
    for (let label = 0; weight !== undefined && label < count; label += 1)
      sum[label] = (sum[label] ?? 0) + (weight[label] ?? 0);
  }
  return sum;
}
