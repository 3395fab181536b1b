import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { labelled, sumOfWeights, type Labelled, type Weights } from "./sequence";

const LABELS = ["a", "b", "c"];

/** The best labelling found by trying all of them. */
function tried(
  weights: Weights,
  items: readonly (readonly string[])[],
): readonly [path: readonly number[], score: number] {
  let best: readonly [readonly number[], number] = [[], -Infinity];
  const count = LABELS.length ** items.length;
  for (let code = 0; code < count; code += 1) {
    const path = items.map((_, at) => Math.floor(code / LABELS.length ** at) % LABELS.length);
    const score = path.reduce((sum, label, at) => {
      const own = (items[at] ?? []).reduce(
        (of, feature) => of + (weights.features[feature]?.[label] ?? 0),
        0,
      );
      const from = at === 0 ? LABELS.length : (path[at - 1] ?? 0);
      return sum + own + (weights.moves[from]?.[label] ?? 0);
    }, 0);
    if (score > best[1]) best = [path, score];
  }
  return best;
}

/** The best labelling of items whose features are each a group. */
const found = (
  weights: Weights,
  items: readonly (readonly string[])[],
  allowed?: (item: number) => ReadonlySet<number> | null,
): readonly Labelled[] =>
  labelled(
    weights,
    items.map((features) => features.map((feature) => [feature])),
    (group) => sumOfWeights(group, LABELS.length, (feature) => weights.features[feature]),
    allowed,
  );

const row = fc.array(fc.integer({ min: -9, max: 9 }), { minLength: 3, maxLength: 3 });
const weightsOf = fc
  .tuple(fc.tuple(row, row), fc.tuple(row, row, row, row))
  .map(([[x, y], moves]): Weights => ({ labels: LABELS, features: { x, y }, moves }));
const items = fc.array(fc.subarray(["x", "y"]), { minLength: 1, maxLength: 5 });

describe("the best labelling", () => {
  it("is the one that trying all of them finds", () => {
    fc.assert(
      fc.property(weightsOf, items, (weights, sequence) => {
        const told = found(weights, sequence);
        const [, score] = tried(weights, sequence);
        const own = told.reduce((sum, { label }, at) => {
          const of = (sequence[at] ?? []).reduce(
            (all, feature) => all + (weights.features[feature]?.[label] ?? 0),
            0,
          );
          const from = at === 0 ? LABELS.length : (told[at - 1]?.label ?? 0);
          return sum + of + (weights.moves[from]?.[label] ?? 0);
        }, 0);
        expect(own).toBe(score);
      }),
    );
  });

  it("has a margin of what the best other label of an item costs", () => {
    const weights: Weights = {
      labels: LABELS,
      features: { x: [5, 2, 0] },
      moves: [[], [], [], []],
    };
    expect(found(weights, [["x"]])).toEqual([{ label: 0, margin: 3 }]);
  });

  it("keeps to the labels an item may have", () => {
    const weights: Weights = { labels: LABELS, features: { x: [5, 2, 0] }, moves: [] };
    const told = found(weights, [["x"], ["x"]], (item) => (item === 0 ? new Set([2]) : null));
    expect(told.map(({ label }) => label)).toEqual([2, 0]);
  });
});
