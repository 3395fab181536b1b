import { describe, expect, it } from "vitest";
import { bakeInside, stretchOf, type BakeInside } from "@/core/bake";
import { tinGeometry } from "@/core/tin";
import { momentAt } from "./inside-at";
import { heard, type Known } from "./known-insides";

const cup = tinGeometry({ shape: "well", rimMm: 70, depthMm: 32 });
if (!cup.ok) throw new Error("the cup is no tin");
const INSIDE: BakeInside = bakeInside({
  geometry: cup.value,
  batterMl: 50,
  ovenC: 177,
  isFan: false,
});
const NOTHING: Known = { insides: new Map(), share: 0, failed: new Set() };

describe("what the worker tells", () => {
  it("is kept under the key that was asked, and moves the progress on", () => {
    const known = heard(NOTHING, { name: "solved", id: 1, index: 1, inside: INSIDE }, [
      "a",
      "b",
      "c",
      "d",
    ]);
    expect([...known.insides.keys()]).toEqual(["b"]);
    expect(known.share).toBe(0.5);
    expect(heard(known, { name: "progress", id: 1, share: 0.6 }, ["a"]).share).toBe(0.6);
  });

  it("of a bake that can't be solved leaves the others alone", () => {
    const known = heard(
      heard(NOTHING, { name: "solved", id: 1, index: 0, inside: INSIDE }, ["a", "b"]),
      { name: "failed", id: 1, index: 1 },
      ["a", "b"],
    );
    expect([...known.insides.keys()]).toEqual(["a"]);
    expect(known.failed).toEqual(new Set(["b"]));
  });

  it("stays that nothing can be had, once there is no worker", () => {
    const none: Known = { ...NOTHING, failed: "all" };
    expect(heard(none, { name: "failed", id: 1, index: 0 }, ["a"]).failed).toBe("all");
  });

  it("of a place nobody asked for is nothing", () => {
    expect(heard(NOTHING, { name: "solved", id: 1, index: 7, inside: INSIDE }, ["a"])).toBe(
      NOTHING,
    );
    expect(heard(NOTHING, { name: "failed", id: 1, index: 7 }, ["a"])).toBe(NOTHING);
  });

  it("is dropped from the oldest on when there is too much of it", () => {
    let known = NOTHING;
    for (let index = 0; index < 70; index += 1)
      known = heard(known, { name: "solved", id: index, index: 0, inside: INSIDE }, [
        `bake ${index}`,
      ]);
    expect([...known.insides.keys()].slice(0, 1)).toEqual(["bake 10"]);
    expect(known.insides.size).toBe(60);
  });
});

describe("a moment of the bake on the forecast's clock", () => {
  it("stretches the model's minutes so that it is done when the forecast says", () => {
    const stretch = stretchOf(INSIDE, 40);
    expect(stretch * (INSIDE.doneMinute ?? 0)).toBeCloseTo(40, 9);
    expect(stretchOf({ ...INSIDE, doneMinute: null }, 40)).toBe(1);
  });

  it("is the nearest there is: raw at the start, done at the likely minute, the last one after the end", () => {
    expect(momentAt(INSIDE, 40, 0)?.coldestC).toBe(21);
    const done = momentAt(INSIDE, 40, 40);
    // Moments stand 40 s apart on the model's clock, so within half of that.
    expect(Math.abs((done?.seconds ?? 0) / 60 - (INSIDE.doneMinute ?? 0))).toBeLessThanOrEqual(
      1 / 3 + 1e-9,
    );
    expect(momentAt(INSIDE, 40, 999)).toBe(INSIDE.moments.at(-1));
  });
});
