import { describe, expect, it } from "vitest";
import { pantryOf } from "../pantry";
import { readAnyRecipe } from "../reading";
import { FEW_WORDS } from "./answer-words.test-data";
import { planFileAnswer } from "./plan-file";
import { recipeFacts, workRecipe, type RecipeFacts } from "./recipe-facts";

const TEXT = `Fog bell lemon roll

4 eggs
120 g caster sugar
100 g plain flour
1 tsp baking powder

For the filling:
150 g lemon curd
200 ml double cream

Heat the oven to 200 C. Line a 33 x 23 cm baking tin with paper.
Whisk the eggs and sugar until thick. Fold in the flour and baking powder. Spread in the tin.
Bake for 10 to 12 minutes.
Turn out at once onto a sugared towel, roll it up from the short side, towel and all, and leave until cold.
Whip the cream. Unroll, spread with the curd and the cream, and roll up again without the towel.`;

function factsOf(text: string): RecipeFacts {
  const read = readAnyRecipe(text, pantryOf());
  if (!read.ok) throw new RangeError(JSON.stringify(read.issue));
  return recipeFacts(read.value.doc, workRecipe(read.value.doc, pantryOf()));
}

describe("a recipe that rolls its sheet up", () => {
  it("says so, from which side, round what, and that it leaves its tin at once", () => {
    expect(factsOf(TEXT)).toMatchObject({
      rolled: "short",
      filled: { like: "whipped-cream", name: "Filling" },
      cool: { inTinMin: 1 },
    });
    expect(factsOf(TEXT.replace("short side", "long edge")).rolled).toBe("long");
    const inFilm = TEXT.replace(/roll it up from[^.]*\./u, "roll up tightly in cling film.");
    expect(factsOf(inFilm).rolled).toBe("short");
  });

  it.each([
    [
      "a rolling boil",
      TEXT.replace(/roll it up[^,]*, towel and all, /u, "")
        .replace("Unroll, spread", "Spread")
        .replace(/, and roll up[^.]*/u, ""),
    ],
    ["a round tin", TEXT.replace("33 x 23 cm baking tin", "23 cm round tin")],
  ])("is not %s", (_, text) => {
    expect(factsOf(text).rolled).toBeUndefined();
  });

  it.each(["roll it in the coconut", "roll each square in crumbs", "roll them in cocoa, cold"])(
    "does not roll its sheet where it says: %s",
    (words) => {
      const text = TEXT.replace(
        /Turn out at once[^.]*\./u,
        `Turn out, cool, cut in squares and ${words}.`,
      ).replace(/ Unroll[^.]*\./u, "");
      expect(factsOf(text).rolled).toBeUndefined();
    },
  );

  it("is planned as a roll, filled and rolled once, by its own steps", () => {
    const answer = planFileAnswer(
      { recipe: { text: TEXT }, day: { wantedAt: "2026-12-05T15:00" } },
      FEW_WORDS,
    );
    if (!answer.ok) throw new RangeError(JSON.stringify(answer));
    expect(answer.value.build).toMatchObject({ standing: "rolled", filling: "whipped-cream" });
    expect(answer.value.fill.tins[0]?.verdict).not.toBe("too-thin");
    const { tasks } = answer.value.day ?? { tasks: [] };
    expect(tasks.filter(({ text }) => /Unroll/u.test(text))).toHaveLength(1);
    expect(tasks.some(({ id }) => /roll1|split-and-fill/u.test(id))).toBe(false);
    const out = tasks.find(({ id }) => id === "0.turn-out1");
    expect(out?.words).toContain("leave until cold");
  });

  it("is rolled by the plan where only she says so: warm at once, and again when it is filled", () => {
    const answer = planFileAnswer(
      {
        recipe: {
          lines: ["4 eggs", "120 g sugar", "100 g flour"],
          reference: {
            tins: [{ shape: "rectangle", lengthMm: 330, widthMm: 230, depthMm: 25 }],
            ovenC: 200,
            minutes: 11,
          },
        },
        tins: [{ shape: "rectangle", lengthMm: 330, widthMm: 230, depthMm: 25 }],
        build: { standing: "rolled", filling: "jam" },
        day: { wantedAt: "2026-12-05T15:00" },
      },
      FEW_WORDS,
    );
    if (!answer.ok) throw new RangeError(JSON.stringify(answer));
    const { tasks } = answer.value.day ?? { tasks: [] };
    const at = (id: string): number => tasks.findIndex((task) => task.id === `0.${id}`);
    expect(at("roll1")).toBe(at("turn-out1") + 1);
    expect(at("split-and-fill")).toBeGreaterThan(at("cool1"));
  });
});
