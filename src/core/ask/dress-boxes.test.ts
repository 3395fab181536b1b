import { describe, expect, it } from "vitest";
import { NEW_DRESS, readDress, type DressBoxes } from "./dress-boxes";

const box = (changes: Partial<DressBoxes[number]>): DressBoxes[number] => ({
  what: "jam",
  when: "warm",
  ...NEW_DRESS,
  ...changes,
});

describe("the boxes of what is put on", () => {
  it.each([
    [{}, { what: "jam", when: "warm" }],
    [{ much: "120" }, { what: "jam", when: "warm", massG: 120 }],
    [
      { what: "cherries", when: "cold", much: "12" },
      { what: "cherries", when: "cold", count: 12 },
    ],
    [
      { what: "cherries", when: "cold", much: "100 g" },
      { what: "cherries", when: "cold", massG: 100 },
    ],
    [
      { what: "own", when: "cold", name: " paper boat ", much: "1" },
      { what: "own", when: "cold", name: "paper boat", count: 1 },
    ],
    [
      { what: "syrup", poked: true, name: "left over" },
      { what: "syrup", when: "warm", poked: true },
    ],
  ] as const)("%o is read", (changes, value) => {
    expect(readDress(box(changes), 0)).toEqual({ ok: true, value });
  });

  it.each([
    [{ much: "a lot" }, { code: "unreadable", path: "dress[2].dressMuch", value: "a lot" }],
    [{ much: "30 kg" }, { code: "out-of-range", path: "dress[2].dressMuch", max: 20_000 }],
    [
      { what: "cherries", much: "501" },
      { path: "dress[2].dressMuch", value: 501, max: 500 },
    ],
    [
      { what: "own", much: "80 g" },
      { code: "missing", path: "dress[2].dressName" },
    ],
    [
      { what: "own", name: "almonds" },
      { code: "missing", path: "dress[2].dressMuch" },
    ],
  ] as const)("%o is not, and says where", (changes, issue) => {
    expect(readDress(box(changes), 2)).toMatchObject({ ok: false, issue });
  });
});
