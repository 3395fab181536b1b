import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { mergedFields, mergedList, mergedValue } from ".";

type Line = { readonly id: string; readonly text: string };
const lines = (...texts: readonly string[]): readonly Line[] =>
  texts.map((text) => ({ id: text.charAt(0), text }));
const texts = (merged: ReturnType<typeof mergedList<Line>>): readonly string[] | null =>
  merged?.value.map(({ text }) => text) ?? null;

describe("two changes of one thing", () => {
  it("keep whichever was changed, and contradict each other where both were, to different things", () => {
    expect(mergedValue(1, 2, 1)).toEqual({ value: 2 });
    expect(mergedValue(1, 1, 3)).toEqual({ value: 3 });
    expect(mergedValue(1, 2, 2)).toEqual({ value: 2 });
    expect(mergedValue(1, 2, 3)).toBeNull();
  });

  it("come together field by field, one that was taken out too", () => {
    type Box = { readonly a?: number; readonly b?: number; readonly c?: number };
    expect(mergedFields<Box>({ a: 1, b: 1 }, { a: 2, b: 1 }, { a: 1, c: 5 })).toEqual({
      value: { a: 2, c: 5 },
    });
    expect(mergedFields<Box>({ a: 1 }, { a: 2 }, { a: 3 })).toBeNull();
  });
});

describe("two changes of one list", () => {
  const base = lines("a flour", "b sugar", "c eggs");

  it("come together line by line: changed, added, taken out, moved", () => {
    expect(
      texts(
        mergedList(
          base,
          lines("a rye", "b sugar", "c eggs"),
          lines("a flour", "b sugar", "c 3 eggs"),
        ),
      ),
    ).toEqual(["a rye", "b sugar", "c 3 eggs"]);
    expect(
      texts(
        mergedList(
          base,
          lines("a flour", "x salt", "b sugar", "c eggs"),
          lines("a flour", "b sugar"),
        ),
      ),
    ).toEqual(["a flour", "x salt", "b sugar"]);
    expect(
      texts(
        mergedList(
          base,
          lines("c eggs", "a flour", "b sugar"),
          lines("a flour", "b honey", "c eggs"),
        ),
      ),
    ).toEqual(["c eggs", "a flour", "b honey"]);
    expect(
      texts(
        mergedList(
          base,
          lines("a flour", "b sugar", "c eggs", "x salt"),
          lines("a flour", "b sugar", "c eggs", "y rum"),
        ),
      ),
    ).toEqual(expect.arrayContaining(["x salt", "y rum"]));
  });

  it("contradict each other in one line, in the order, or where one took out what the other changed", () => {
    expect(
      mergedList(base, lines("a rye", "b sugar", "c eggs"), lines("a oats", "b sugar", "c eggs")),
    ).toBeNull();
    expect(
      mergedList(
        base,
        lines("c eggs", "a flour", "b sugar"),
        lines("b sugar", "a flour", "c eggs"),
      ),
    ).toBeNull();
    expect(
      mergedList(base, lines("b sugar", "c eggs"), lines("a rye", "b sugar", "c eggs")),
    ).toBeNull();
  });

  it("with only one of them changed are that one, whichever it is", () => {
    const any = fc.uniqueArray(
      fc.record({
        id: fc.constantFrom("a", "b", "c", "d", "e", "f", "g", "h"),
        text: fc.string({ maxLength: 3 }),
      }),
      { selector: ({ id }) => id },
    );
    fc.assert(
      fc.property(any, any, (was, changed) => {
        expect(mergedList(was, changed, was)?.value).toEqual(changed);
        expect(mergedList(was, was, changed)?.value).toEqual(changed);
      }),
    );
  });
});
