import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { FIRST_QUESTION, type Question } from "../ask";
import { mergedCake, parseCakeDoc, type CakeDoc } from "./cake-doc";

const cake = (changes: Partial<Question>): CakeDoc => ({
  question: { ...FIRST_QUESTION, ...changes },
  recipe: null,
});
const base = cake({});

describe("two changes of one cake", () => {
  it("of different boxes are both kept", () => {
    expect(mergedCake(base, cake({ minutes: "40" }), cake({ tins: ["23 cm round"] }))).toEqual(
      cake({ minutes: "40", tins: ["23 cm round"] }),
    );
  });

  it("of the same box to the same thing are no contradiction", () => {
    expect(mergedCake(base, cake({ minutes: "40" }), cake({ minutes: "40" }))).toEqual(
      cake({ minutes: "40" }),
    );
  });

  it("of the same box to different things are left to the baker", () => {
    expect(mergedCake(base, cake({ minutes: "40" }), cake({ minutes: "41" }))).toBeNull();
    expect(mergedCake(base, cake({ tins: ["a"] }), cake({ tins: ["b"] }))).toBeNull();
  });

  it("of different boxes of the finish are both kept, too", () => {
    const finish = (changes: Partial<Question["finish"]>): CakeDoc =>
      cake({ finish: { ...FIRST_QUESTION.finish, ...changes } });
    expect(mergedCake(base, finish({ topMm: "9 mm" }), finish({ sideMm: "5 mm" }))).toEqual(
      finish({ topMm: "9 mm", sideMm: "5 mm" }),
    );
    expect(mergedCake(base, finish({ topMm: "9 mm" }), finish({ topMm: "5 mm" }))).toBeNull();
  });

  it("come to the same whichever page saves first", () => {
    const change = fc.record({
      minutes: fc.constantFrom("34 min", "40"),
      heat: fc.constantFrom("180 °C", "170"),
      weight: fc.constantFrom("", "900 g"),
    });
    fc.assert(
      fc.property(change, change, (one, other) => {
        expect(mergedCake(base, cake(one), cake(other))).toEqual(
          mergedCake(base, cake(other), cake(one)),
        );
      }),
    );
  });
});

describe("a cake from outside", () => {
  it("kept before boxes were added reads with what those begin with", () => {
    const added = [
      "amount",
      "portion",
      "recipeEggs",
      "eggs",
      "fullAtMost",
      "crowning",
      "fruit",
      "dividing",
      "build",
      "finish",
      "guests",
      "day",
    ];
    const old = Object.fromEntries(
      Object.entries(FIRST_QUESTION).filter(([box]) => !added.includes(box)),
    );
    expect(parseCakeDoc({ question: old, recipe: null })).toEqual({ ok: true, value: base });
  });

  it("names what is wrong with it", () => {
    expect(
      parseCakeDoc({ question: { ...FIRST_QUESTION, scale: "huge" }, recipe: null }),
    ).toMatchObject({ ok: false, issue: { code: "not-a-choice", path: "question.scale" } });
    expect(parseCakeDoc({ question: FIRST_QUESTION })).toMatchObject({
      ok: false,
      issue: { path: "recipe" },
    });
  });
});
