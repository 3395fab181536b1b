import { expect, it } from "vitest";
import { withSameWeights } from "./same-weight";

const AS_EGGS = "(as heavy as the eggs in their shells)";

it.each([
  "the same weight in butter, caster sugar and self-raising flour",
  "Same weight of butter, caster sugar & self-raising flour.",
  "- and their weight in butter, caster sugar, and self-raising flour",
  "equal weights of butter, caster sugar and self-raising flour",
])("“%s” is a line for each", (line) => {
  expect(
    withSameWeights(["For the sponge", "Four large eggs, weighed", line, "1 tsp salt"]),
  ).toEqual([
    "For the sponge",
    "Four large eggs, weighed",
    `240 g butter ${AS_EGGS}`,
    `240 g caster sugar ${AS_EGGS}`,
    `240 g self-raising flour ${AS_EGGS}`,
    "1 tsp salt",
  ]);
});

it("leaves lines alone where no eggs stand above them, or something else is said", () => {
  for (const lines of [
    ["the same weight of butter and sugar"],
    ["4 eggs", "a", "b", "c", "d", "the same weight of butter and sugar"],
    ["4 eggs", "200 g butter", "Use the same weight of margarine if you like."],
    ["4 eggs", "butter at the same weight"],
  ])
    expect(withSameWeights(lines)).toEqual(lines);
});
