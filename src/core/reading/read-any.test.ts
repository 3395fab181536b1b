import { describe, expect, it } from "vitest";
import { pantryOf } from "../pantry";
import { readRecipe, stepStages, type RecipeReading } from "../recipe";
import { readAnyRecipe } from ".";

const pantry = pantryOf();
function read(text: string): RecipeReading {
  const reading = readAnyRecipe(text, pantry);
  if (!reading.ok) throw new Error(JSON.stringify(reading.issue));
  return reading.value;
}

const SPOKEN =
  "okay this is the harbour spice cake so oven at three fifty and grease a nine by thirteen pan then beat two sticks of butter with two cups of brown sugar add three eggs one at a time and then two and a half cups of flour with a teaspoon of baking soda and a tablespoon of cinnamon pour it in the pan and bake it forty to forty five minutes let it sit fifteen minutes in the pan when it is cold beat eight ounces of cream cheese with two cups of powdered sugar and spread the frosting on top my neighbour likes it best keep it in the fridge for four days";

describe("a recipe that is dictated in one breath", () => {
  const { doc, rows, problems } = read(SPOKEN);

  it("becomes parts with their lines, weighed as they were told", () => {
    expect(doc.name).toBe("Harbour spice cake");
    expect(doc.parts.map(({ role }) => role)).toEqual(["batter", "frosting"]);
    expect(doc.parts[0]?.lines.map(({ text }) => text)).toEqual([
      "2 sticks of butter",
      "2 cups of brown sugar",
      "3 eggs",
      "2.5 cups of flour",
      "1 teaspoon of baking soda",
      "1 tablespoon of cinnamon",
    ]);
    expect(doc.parts[1]?.lines.map(({ text }) => text)).toEqual([
      "8 ounces of cream cheese",
      "2 cups of powdered sugar",
    ]);
  });

  it("has its tin, heat and the middle of its minutes, and says that they are a range", () => {
    expect(doc.bake.tins).toMatchObject([{ shape: "rectangle", lengthMm: 330.2, widthMm: 228.6 }]);
    expect(doc.bake).toMatchObject({ ovenC: 177, minutes: 43 });
    expect(problems.map(({ code }) => code)).toContain("minutes-range");
  });

  it("has its work in the order of a day: nothing cold or hot before it is baked", () => {
    const steps = doc.parts[0]?.steps.map(({ text }) => text) ?? [];
    const at = (words: string): number => steps.findIndex((text) => text.includes(words));
    expect(at("bake it forty")).toBeGreaterThan(at("beat two sticks"));
    expect(at("sit fifteen minutes")).toBeGreaterThan(at("bake it forty"));
  });

  it("keeps an amount of what the pantry does not know, as a line that is not understood", () => {
    const heard = read(
      "take 200 grams of flour and 50 grams of zorble and a cup of sugar and stir",
    );
    expect(heard.doc.parts[0]?.lines.map(({ text }) => text)).toEqual([
      "200 grams of flour",
      "50 grams of zorble",
      "1 cup of sugar",
    ]);
  });

  it("has a step for each thing to do", () => {
    const steps = doc.parts[0]?.steps.map(({ text }) => text) ?? [];
    expect(steps.length).toBeGreaterThanOrEqual(6);
    for (const text of steps) expect(text.split(" ").length).toBeLessThan(24);
  });

  it("shows every word of the original, and keeps what is for another day by itself", () => {
    const shown = rows.map(({ text }) => text).join(" ");
    for (const word of SPOKEN.split(/\s+/u)) expect(shown).toContain(word);
    const kept = doc.parts.flatMap(({ steps }) => steps).filter(({ stage }) => stage === "keep");
    expect(kept.map(({ text }) => text).join(" ")).toContain("keep it in the fridge for four days");
  });
});

describe("a recipe with a list", () => {
  const LISTED = "Ferry loaf\n200 g flour\n100 g sugar\n2 eggs\nMix and scrape into the tin.\n";

  it("is read by its lines, and by its sentences where those say nothing of the bake", () => {
    const { doc } = read(`${LISTED}Bake in a 9 x 13 inch pan at 350F for 1 hour and 5 minutes.`);
    expect(doc.bake.tins).toMatchObject([{ shape: "rectangle", lengthMm: 330.2 }]);
    expect(doc.bake).toMatchObject({ ovenC: 177, minutes: 65 });
    expect(doc.parts[0]?.lines).toHaveLength(3);
  });

  it("keeps the tin that a line of it names outright", () => {
    const text = `${LISTED}Tins: 20 cm round\nBake at 180 °C for 40 minutes.`;
    const plain = readRecipe(text, pantry);
    expect(read(text).doc.bake.tins).toEqual(plain.ok ? plain.value.doc.bake.tins : null);
  });

  it("that names no tin has none", () => {
    expect(read(`${LISTED}Bake at 180 °C for 40 minutes.`).doc.bake.tins).toEqual([]);
  });
});

describe("what stands under a heading of notes", () => {
  const { doc, rows } = read(
    [
      "Ferry loaf",
      "200 g flour",
      "100 g sugar",
      "2 eggs",
      "Method",
      "Mix it and bake in a loaf tin at 180 °C for 40 minutes.",
      "Notes",
      "50 g chopped walnuts",
      "Store it in a tin for 3 days.",
    ].join("\n"),
  );

  it("is no ingredient, though it reads like one", () => {
    expect(doc.parts.flatMap(({ lines }) => lines.map(({ text }) => text))).toEqual([
      "200 g flour",
      "100 g sugar",
      "2 eggs",
    ]);
    expect(rows.find(({ text }) => text === "50 g chopped walnuts")?.as).toBe("note");
    expect(doc.notes).toContain("50 g chopped walnuts");
  });

  it("is for another day where it tells of storing", () => {
    const kept = doc.parts.flatMap(({ steps }) => steps).filter(({ stage }) => stage === "keep");
    expect(kept.map(({ text }) => text)).toEqual(["Store it in a tin for 3 days."]);
  });
});

describe("a tin whose size nobody tells", () => {
  const bakeIn = (tin: string) =>
    read(`Net loft sponge\n200 g flour\n200 g butter\n3 eggs\nBake in ${tin} at 180 C for 40 min.`)
      .doc.bake;

  it("is of usual size, and says so", () => {
    expect(bakeIn("a springform tin")).toMatchObject({
      tins: [{ shape: "springform", diameterMm: 230 }],
      isSizeAssumed: true,
    });
  });

  it("is of its own where one is told", () => {
    expect(bakeIn("a 26 cm springform tin")).toMatchObject({ tins: [{ diameterMm: 260 }] });
    expect(bakeIn("a 26 cm springform tin").isSizeAssumed).toBeUndefined();
  });
});

describe("a recipe that offers other tins", () => {
  const TEXT = `Cups or layers
200 g flour
150 g sugar
3 eggs
150 g butter
Cream the butter and sugar, beat in the eggs, fold in the flour.
Bake 24 cupcakes at 350 for 18 minutes, or two 9 inch rounds at 325 for 30 minutes.`;

  it("keeps each with its own heat and minutes", () => {
    const { doc } = read(TEXT);
    expect(doc.bake).toMatchObject({
      ovenC: 177,
      minutes: 18,
      tins: [{ shape: "well", count: 24 }],
    });
    expect(doc.otherBakes).toMatchObject([
      { ovenC: 163, minutes: 30, tins: [{ shape: "round", count: 2 }] },
    ]);
  });

  it("keeps when the text says to look, for the tins it says it of", () => {
    const { doc } = read(TEXT.replace("18 minutes", "18 minutes, looking after 15"));
    expect(doc.bake).toMatchObject({ minutes: 18, checkAtMin: 15 });
    expect(doc.otherBakes?.[0]).not.toHaveProperty("checkAtMin");
  });

  it("takes the heat and minutes of the tins she chooses, and offers the first ones then", () => {
    const words = "two 9 inch rounds";
    const reading = readAnyRecipe(TEXT, pantry, [
      { text: TEXT.split("\n").at(-1) ?? "", fact: { is: "tins", words, isIt: true } },
    ]);
    const doc = reading.ok ? reading.value.doc : null;
    expect(doc?.bake).toMatchObject({ ovenC: 163, minutes: 30 });
    expect(doc?.otherBakes).toMatchObject([{ ovenC: 177, minutes: 18 }]);
  });

  it("has none where there is one", () => {
    expect(read(SPOKEN).doc.otherBakes).toBeUndefined();
  });
});

describe("what can't be read", () => {
  it("fails as ever: nothing, and too much", () => {
    expect(readAnyRecipe("  ", pantry)).toMatchObject({ ok: false, issue: { path: "recipeText" } });
    expect(readAnyRecipe("a".repeat(400_001), pantry)).toMatchObject({ ok: false });
  });

  it("is no reason to wait: a text longer than anybody tells is read by its lines", () => {
    const long = `Endless cake\n${"200 g flour\n".repeat(300)}${"and so it goes ".repeat(2500)}`;
    expect(read(long).doc.parts[0]?.lines).toHaveLength(300);
  });
});

describe("a page with a list", () => {
  const { doc } = read(
    [
      "Ferry lemon loaf",
      "200 g butter",
      "200 g sugar",
      "4 eggs",
      "200 g self-raising flour",
      "1. Cream the butter and sugar.",
      "2. Scrape into a 23 x 13 cm loaf tin and bake at 170 C for 50 minutes.",
      "3. Leave in the tin for 10 minutes, then turn out.",
      "4. When it is cold, drizzle with icing.",
    ].join("\n"),
  );

  it("has a stage for each step; a line whose parts are done at two times is two steps", () => {
    const steps = doc.parts[0]?.steps ?? [];
    expect(steps.map(({ text, stage }) => [stage, text])).toEqual([
      ["before", "Cream the butter and sugar."],
      ["before", "Scrape into a 23 x 13 cm loaf tin"],
      ["oven", "Bake at 170 C for 50 minutes."],
      ["hot", "Leave in the tin for 10 minutes, then turn out."],
      ["cold", "When it is cold, drizzle with icing."],
    ]);
    expect(stepStages(steps)).toEqual(["before", "before", "oven", "hot", "cold"]);
  });
});
