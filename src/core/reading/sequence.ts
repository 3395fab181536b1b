// Labels for things that stand in a row, each by what it says and by what came before it.

/** What was learnt: for each feature, and for each label after each, a weight a label. */
export type Weights = {
  readonly labels: readonly string[];
  readonly features: Readonly<Record<string, readonly number[]>>;
  /** `moves[from][to]`; the last row is for the first of a sequence. */
  readonly moves: readonly (readonly number[])[];
};

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
  items: readonly (readonly string[])[],
  weightOf: (feature: string) => readonly number[] | undefined,
  allowed: (item: number) => ReadonlySet<number> | null = () => null,
): readonly Labelled[] {
  const count = weights.labels.length;
  const scores = items.map((features, item) => scoresOf(features, count, weightOf, allowed(item)));
  const start = weights.moves[count] ?? [];
  const move = (from: number, to: number): number => weights.moves[from]?.[to] ?? 0;
  const ahead: number[][] = [];
  for (const [item, own] of scores.entries()) {
    const before = ahead[item - 1];
    ahead.push(
      own.map(
        (score, to) =>
          score +
          (before === undefined
            ? (start[to] ?? 0)
            : best(before.map((total, from) => total + move(from, to)))),
      ),
    );
  }
  const behind: number[][] = scores.map(() => Array.from({ length: count }, () => 0));
  for (let item = items.length - 2; item >= 0; item -= 1) {
    const next = scores[item + 1] ?? [];
    const after = behind[item + 1] ?? [];
    behind[item] = Array.from({ length: count }, (_, from) =>
      best(next.map((score, to) => score + (after[to] ?? 0) + move(from, to))),
    );
  }
  const path = bestPath(ahead, move);
  return path.map((label, item) => {
    const through = (ahead[item] ?? []).map((total, each) => total + (behind[item]?.[each] ?? 0));
    const top = through[label] ?? 0;
    const others = through.filter((_, each) => each !== label);
    return { label, margin: Math.max(0, top - best(others)) };
  });
}

function bestPath(
  ahead: readonly (readonly number[])[],
  move: (from: number, to: number) => number,
): readonly number[] {
  const path: number[] = [];
  let to = -1;
  for (const totals of ahead.toReversed()) {
    const next = to;
    const scores = next < 0 ? totals : totals.map((total, from) => total + move(from, next));
    to = scores.indexOf(best(scores));
    path.push(to);
  }
  return path.toReversed();
}

/** What no allowed labelling has, far below any score. */
const NEVER: number = -1e9;

function scoresOf(
  features: readonly string[],
  count: number,
  weightOf: (feature: string) => readonly number[] | undefined,
  allowed: ReadonlySet<number> | null,
): readonly number[] {
  const scores = Array.from({ length: count }, (_, label) =>
    allowed === null || allowed.has(label) ? 0 : NEVER,
  );
  for (const feature of features) {
    const weight = weightOf(feature);
    if (weight === undefined) continue;
    for (let label = 0; label < count; label += 1)
      scores[label] = (scores[label] ?? 0) + (weight[label] ?? 0);
  }
  return scores;
}

function best(scores: readonly number[]): number {
  let most = -Infinity;
  for (const score of scores) if (score > most) most = score;
  return most;
}
