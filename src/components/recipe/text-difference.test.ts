import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { textDifference } from "./text-difference";

describe("the difference of two texts", () => {
  it("keeps what is common, in order", () => {
    expect(textDifference(["a", "b", "c"], ["a", "x", "c"])).toEqual([
      { is: "same", text: "a" },
      { is: "gone", text: "b" },
      { is: "new", text: "x" },
      { is: "same", text: "c" },
    ]);
  });

  it("leads from the one to the other, whatever they are", () => {
    const lines = fc.array(fc.constantFrom("a", "b", "c", "d"), { maxLength: 12 });
    fc.assert(
      fc.property(lines, lines, (before, after) => {
        const changes = textDifference(before, after);
        expect(changes.filter(({ is }) => is !== "new").map(({ text }) => text)).toEqual(before);
        expect(changes.filter(({ is }) => is !== "gone").map(({ text }) => text)).toEqual(after);
      }),
    );
  });
});
