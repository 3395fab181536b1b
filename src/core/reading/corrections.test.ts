import { describe, expect, it } from "vitest";
import { pantryOf } from "../pantry";
import { parseRecipeDoc, type Correction } from "../recipe";
import { readAnyRecipe, type AnyReading } from ".";

const pantry = pantryOf();
function read(text: string, corrections: readonly Correction[] = []): AnyReading {
  const reading = readAnyRecipe(text, pantry, corrections);
  if (!reading.ok) throw new Error(JSON.stringify(reading.issue));
  return reading.value;
}

const TEXT = `Quay squares
175 g butter
150 g sugar
240 g flour
2 eggs
2 tbsp jam
Line a 20 cm square tin, or a 33 x 23 cm tin.
Heat the oven to 170C (150 fan).
Beat everything and bake for 35 minutes, look at 30.
Leave in the tin for 10 minutes, then turn out.
Spread the jam on top.`;

describe("what was put right in a reading", () => {
  it("moves a line to another part, with its weight", () => {
    const { doc, rows } = read(TEXT, [{ text: "2 tbsp jam", role: "topping" }]);
    expect(doc.parts.map(({ role, lines }) => [role, lines.map(({ text }) => text)])).toEqual([
      ["batter", ["175 g butter", "150 g sugar", "240 g flour", "2 eggs"]],
      ["topping", ["2 tbsp jam"]],
    ]);
    expect(rows.find(({ text }) => text === "2 tbsp jam")).toMatchObject({ role: "topping" });
  });

  it("makes a note of a line, or a line of a note", () => {
    const without = read(TEXT, [{ text: "2 tbsp jam", as: "note" }]);
    expect(without.doc.parts.flatMap(({ lines }) => lines)).toHaveLength(4);
    expect(without.doc.notes).toContain("2 tbsp jam");
    const again = read(TEXT, [
      { text: "2 tbsp jam", as: "note" },
      { text: "2 tbsp jam", as: "ingredient" },
    ]);
    expect(again.doc.parts.flatMap(({ lines }) => lines)).toHaveLength(5);
  });

  it("names the recipe, and a part", () => {
    const said = read(TEXT.replace("175 g butter", "A thing of my aunt's\n175 g butter"), [
      { text: "Quay squares", as: "note" },
      { text: "A thing of my aunt's", as: "title" },
    ]);
    expect(said.doc.name).toBe("A thing of my aunt's");
    const parted = read(TEXT.replace("2 tbsp jam", "The red\n2 tbsp jam"), [
      { text: "The red", as: "part" },
    ]);
    expect(parted.rows.find(({ text }) => text === "The red")?.as).toBe("part");
  });

  it("says when a step is done, and so where in the day it stands", () => {
    const { doc } = read(TEXT, [{ text: "Spread the jam on top.", stage: "hot" }]);
    const steps = doc.parts.flatMap((part) => part.steps);
    expect(steps.find(({ text }) => text === "Spread the jam on top.")?.stage).toBe("hot");
  });

  const line = "Line a 20 cm square tin, or a 33 x 23 cm tin.";
  const oven = "Heat the oven to 170C (150 fan).";
  const bake = "Beat everything and bake for 35 minutes, look at 30.";
  it.each<[string, Correction["fact"] & { text: string }, object]>([
    [
      "another tin",
      { text: line, is: "tins", words: "33 x 23 cm tin", isIt: true },
      { tins: [{ shape: "rectangle", lengthMm: 330, widthMm: 230 }] },
    ],
    ["no tin", { text: line, is: "tins", words: "20 cm square tin", isIt: false }, { tins: [] }],
    [
      "the fan's heat",
      { text: oven, is: "heat", words: "150 fan", isIt: true },
      { ovenC: 150, fan: true },
    ],
    [
      "other minutes",
      { text: bake, is: "minutes", words: "30 minutes", isIt: true },
      { minutes: 30 },
    ],
  ])("takes %s", (_name, { text, ...fact }, wanted) => {
    expect(read(TEXT, [{ text, fact }]).doc.bake).toMatchObject(wanted);
  });

  it("takes a heat or minutes away, and leaves what they are not alone", () => {
    const fact = (is: "heat" | "minutes", words: string): Correction => ({
      text: oven,
      fact: { is, words, isIt: false },
    });
    expect(read(TEXT, [fact("heat", "170C")]).doc.bake.ovenC).toBeUndefined();
    expect(read(TEXT, [fact("heat", "150 fan")]).doc.bake.ovenC).toBe(170);
    expect(read(TEXT, [fact("minutes", "35 minutes")]).doc.bake.minutes).toBeUndefined();
    expect(read(TEXT, [fact("minutes", "3 minutes")]).doc.bake.minutes).toBe(35);
    expect(read(TEXT, [fact("heat", "900 C")]).doc.bake.ovenC).toBe(170);
  });

  it("is of one of two lines that say the same, and not of the other", () => {
    const twice = TEXT.replace("2 tbsp jam", "2 tbsp jam\n1 tsp vanilla\n1 tsp vanilla");
    const { doc, rows } = read(twice, [{ text: "1 tsp vanilla", nth: 1, role: "topping" }]);
    const roles = doc.parts.flatMap(({ role, lines }) =>
      lines.flatMap(({ text }) => (text === "1 tsp vanilla" ? [role] : [])),
    );
    expect(roles).toEqual(["batter", "topping"]);
    const both = rows.filter(({ text }) => text === "1 tsp vanilla");
    expect(both.map(({ nth, role }) => [nth, role])).toEqual([
      [0, "batter"],
      [1, "topping"],
    ]);
  });

  it("says nothing of another text, nor is it kept with that", () => {
    const other = TEXT.replace(oven, "Heat the oven to 190C.").replace("2 tbsp jam", "2 tbsp curd");
    const { doc } = read(other, [
      { text: oven, fact: { is: "heat", words: "150 fan", isIt: true } },
      { text: "2 tbsp jam", role: "topping" },
    ]);
    expect(doc.bake).toMatchObject({ ovenC: 190 });
    expect(doc.corrections).toBeUndefined();
  });

  it("that was said last counts, wherever on the page it stands", () => {
    const heat = (text: string, words: string): Correction => ({
      text,
      fact: { is: "heat", words, isIt: true },
    });
    const lines = `${TEXT}\nOr bake it at 160C.`;
    const [low, high] = [heat("Or bake it at 160C.", "160C"), heat(oven, "170C")];
    expect(read(lines, [low, high]).doc.bake.ovenC).toBe(170);
    expect(read(lines, [high, low]).doc.bake.ovenC).toBe(160);
  });

  it("is kept with the recipe, which is whole by its own schema", () => {
    const { doc } = read(TEXT, [{ text: "2 tbsp jam", role: "topping" }]);
    expect(doc.corrections).toHaveLength(1);
    expect(parseRecipeDoc(doc)).toEqual({ ok: true, value: doc });
    expect(read(TEXT).doc.corrections).toBeUndefined();
  });
});
