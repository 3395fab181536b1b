import { describe, expect, it } from "vitest";
import { LAYERS_RECORD } from "./record.test-data";
import { logFor, lostShare, mergedRecord, parseRecord, recipeKey, whyNotCounted } from "./record";
import type { BakeRecord } from "./record";

const told = (changes: Partial<BakeRecord>): BakeRecord => ({ ...LAYERS_RECORD, ...changes });
const baked = (minutes: number, changes: Partial<BakeRecord> = {}): BakeRecord =>
  told({ minutes, verdict: "right", ...changes });

describe("a page of the logbook", () => {
  it.each([
    ["minutes", told({ verdict: "right" })],
    ["verdict", told({ minutes: 37 })],
    ["minutes-out-of-range", baked(3)],
    ["minutes-out-of-range", baked(540)],
    ["reference", baked(37, { reference: null })],
    ["left-out", baked(37, { counts: "left-out" })],
    [null, baked(37)],
    [null, told({ minutes: 37, nextTimeMin: -2 })],
  ] as const)("teaches nothing because of %s", (why, record) => {
    expect(whyNotCounted(record)).toBe(why);
  });

  it.each([
    ["madeOn", "2026-13-01"],
    ["madeOn", "yesterday"],
    ["minutes", 0],
    ["minutes", 601],
    ["nextTimeMin", 61],
    ["massAfterG", -1],
    ["tins", []],
    ["counts", "twice"],
    ["pictures", [{ hash: "../../etc/passwd", widthPx: 10, heightPx: 10 }]],
  ])("is refused with %s of %j, naming it", (field, value) => {
    const read = parseRecord({ ...LAYERS_RECORD, [field]: value });
    expect(read.ok).toBe(false);
    if (!read.ok) expect(read.issue.path.startsWith(field)).toBe(true);
  });

  it.each([
    [1000, 890, 0.11],
    [1000, 1020, -0.02],
    [0, 10, null],
    [null, 890, null],
    [1000, null, null],
  ])("of %j g batter and %j g cake lost %j", (massBeforeG, massAfterG, lost) => {
    const found = lostShare({ massBeforeG, massAfterG });
    if (lost === null) expect(found).toBeNull();
    else expect(found).toBeCloseTo(lost, 10);
  });

  it("brings two changes together unless both are of the same thing", () => {
    const mine = told({ taste: "sharp" });
    const theirs = told({ minutes: 38 });
    expect(mergedRecord(LAYERS_RECORD, mine, theirs)).toEqual(
      told({ taste: "sharp", minutes: 38 }),
    );
    expect(mergedRecord(LAYERS_RECORD, mine, told({ taste: "flat" }))).toBeNull();
  });
});

describe("a log from pages of the logbook", () => {
  const own = recipeKey(LAYERS_RECORD);
  const pages = [
    baked(37),
    told({ minutes: 30 }),
    baked(52, { recipe: { id: "loaf", name: "Quay loaf" }, scale: 2, fan: true }),
    baked(61, { counts: "confirmed", nextTimeMin: -3 }),
  ];

  it("is of the cake's own recipe, under the name that stands for it", () => {
    expect(logFor(pages, own, "recipe")).toEqual([
      {
        at: 0,
        bake: {
          recipe: "same",
          tins: [LAYERS_RECORD.tins[0]?.tin],
          ovenC: 177,
          minutes: 37,
          verdict: "right",
        },
      },
      {
        at: 3,
        bake: {
          recipe: "same",
          tins: [LAYERS_RECORD.tins[0]?.tin],
          ovenC: 177,
          minutes: 61,
          verdict: "right",
          nextTimeMin: -3,
          isConfirmed: true,
        },
      },
    ]);
  });

  it("is of the whole kitchen with what other recipes were written for", () => {
    const [, other] = logFor(pages, own, "kitchen");
    expect(other?.bake).toMatchObject({
      recipe: "loaf",
      scale: 2,
      fan: true,
      reference: LAYERS_RECORD.reference,
      batter: LAYERS_RECORD.batter,
    });
  });

  it("knows a recipe without an id by its name", () => {
    const bare = { recipe: { id: "", name: "Found on a card" } };
    expect(logFor([baked(20, bare)], recipeKey(bare), "recipe")).toHaveLength(1);
    expect(recipeKey(bare)).not.toBe(recipeKey({ recipe: { id: "Found on a card", name: "" } }));
  });
});
