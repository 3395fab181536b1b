import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { METRIC_MEASURES } from "../measure";
import { pantryOf } from "../pantry";
import { sizedTins } from "../tin";
import {
  durationsIn,
  formulaOf,
  heatIn,
  parseRecipeDoc,
  readRecipe,
  readStep,
  RECIPE_LIMITS,
  stepPieces,
  writeCsv,
  writeJsonLd,
  writeMarkdown,
  type RecipeReading,
} from ".";
import { heatSourceIn } from "./heat-sources";
import { isoMinutes } from "./json-ld";
import { plainText } from "./html";

const PANTRY = pantryOf();

function read(text: string): RecipeReading {
  const result = readRecipe(text, PANTRY);
  if (!result.ok) throw new Error(JSON.stringify(result.issue));
  return result.value;
}

const PAGE = `Gull Rock ginger layers

Serves 12
You will need two greased 8-inch round cake tins.

Ingredients
For the cake:
- 225 g butter, softened
- 1 cup caster sugar
• 4 large eggs
225 g self-raising flour
pinch of salt

For the frosting:
200 g cream cheese
icing sugar

Method
1. Preheat the oven to 180C/160C fan/gas 4. Grease and line the tins.
2. Cream the butter and sugar together until pale and fluffy, about 5 minutes.
3. Divide between the tins and bake for 30-35 minutes until a skewer comes out clean.
4. Cool in the tins for 10 minutes, then turn out.
For the frosting
5. Beat everything until smooth.

Notes
Keeps 3 days in the fridge.`;

describe("a pasted page", () => {
  const { doc, rows, problems } = read(PAGE);

  it("gives its title, parts, lines and steps", () => {
    expect(doc.name).toBe("Gull Rock ginger layers");
    expect(
      doc.parts.map(({ name, role, lines, steps }) => [name, role, lines.length, steps.length]),
    ).toEqual([
      ["Cake", "batter", 5, 4],
      ["Frosting", "frosting", 2, 1],
    ]);
    expect(doc.parts[0]?.steps[1]?.text).toBe(
      "Cream the butter and sugar together until pale and fluffy, about 5 minutes.",
    );
    expect(doc).toMatchObject({
      portions: 12,
      makes: "Serves 12",
      notes: "Keeps 3 days in the fridge.",
    });
  });

  it("gives its tins, the conventional heat, and the middle of its minutes, and says that they were a range", () => {
    expect(doc.bake).toEqual({
      tins: [{ shape: "round", diameterMm: 203.2, depthMm: 50, depthAssumed: true, count: 2 }],
      ovenC: 180,
      minutes: 33,
    });
    expect(problems).toEqual([{ code: "minutes-range", minutes: { low: 30, high: 35 } }]);
  });

  it("keeps every line of the original, in order, with what it was taken for", () => {
    expect(rows.map(({ text }) => text).join("\n")).toBe(PAGE);
    expect(doc.original).toBe(PAGE);
    expect(rows.find(({ text }) => text === "icing sugar")).toMatchObject({
      as: "ingredient",
      doubts: ["no-amount"],
    });
  });

  it("is a whole recipe by its own schema", () => {
    expect(parseRecipeDoc(doc)).toEqual({ ok: true, value: doc });
  });
});

describe("what is missing or doubled", () => {
  it("is said: tins, heat, minutes, steps", () => {
    expect(read("Plain thing\n200 g flour").problems.map(({ code }) => code)).toEqual([
      "no-steps",
      "no-tins",
      "no-heat",
      "no-minutes",
    ]);
    expect(read("Just a remark").problems[0]?.code).toBe("no-ingredients");
  });

  it("two recipes in one paste: the first is read, every line of the second is kept and marked", () => {
    const two = `${PAGE}\n\nQuay biscuits\nIngredients\n100 g butter\nMethod\nRub and bake for 12 minutes.`;
    const { doc, rows, problems } = read(two);
    expect(doc.parts).toHaveLength(2);
    expect(problems[0]).toEqual({ code: "second-recipe", rows: 5 });
    expect(rows.filter(({ as }) => as === "second-recipe").map(({ text }) => text)).toEqual([
      "Quay biscuits",
      "Ingredients",
      "100 g butter",
      "Method",
      "Rub and bake for 12 minutes.",
    ]);
  });

  it("is told apart from what is there: ingredients whose names are acts too", () => {
    const lines = [
      "zest of 1 orange",
      "juice of half a lemon",
      "zest and juice of 2 limes",
      "butter for greasing",
      "cream cheese, softened",
      "flour for dusting",
      "peel of 1 lemon",
      "cream 200 ml",
    ];
    const { rows } = read(
      [
        "Cake",
        "Ingredients",
        ...lines,
        "Method",
        "Butter the tin.",
        "Zest the lemon and cream the butter.",
        "Peel 3 pears.",
      ].join("\n"),
    );
    expect(rows.slice(2, 2 + lines.length).map(({ text, as }) => [text, as])).toEqual(
      lines.map((line) => [line, "ingredient"]),
    );
    expect(rows.slice(-3).map(({ as }) => as)).toEqual(["step", "step", "step"]);
  });

  it("steps without a heading belong to the first part, or to the part they name", () => {
    const { doc } = read(
      "Cake\n\nSponge:\n200 g flour\n2 eggs\n\nIcing:\n100 g icing sugar\n\nWhisk the eggs with the flour.\nBake for 20 minutes.\nFor the icing: beat until smooth.",
    );
    expect(doc.parts.map(({ name, lines, steps }) => [name, lines.length, steps.length])).toEqual([
      ["Sponge", 2, 2],
      ["Icing", 1, 1],
    ]);
  });

  it("an oven and a tin in short are heat and tin, not an ingredient", () => {
    const { rows, doc } = read(
      "Drizzle\nButter - 175g\nEggs - 3\n\nOven 170, loaf tin 2lb.\nBeat everything.",
    );
    expect(rows.map(({ as }) => as)).toEqual([
      "title",
      "ingredient",
      "ingredient",
      "blank",
      "heat",
      "step",
    ]);
    expect(doc.bake).toMatchObject({ ovenC: 170, tins: [{ shape: "loaf" }] });
  });

  it("is not guessed: a strange line among the ingredients stays unread", () => {
    const { rows } = read(
      "Cake\nIngredients\n200 g flour\nSee the long story of how my neighbour in the lighthouse found this one day last winter in a drawer\n2 eggs",
    );
    expect(rows.map(({ as }) => as)).toEqual([
      "title",
      "heading",
      "ingredient",
      "unread",
      "ingredient",
    ]);
  });
});

describe("schema.org recipes", () => {
  const node = {
    "@type": ["Thing", "Recipe"],
    name: "Kelp &amp; honey loaf",
    recipeYield: ["10", "10 slices"],
    cookTime: "PT1H5M",
    author: { name: "The ferry" },
    recipeIngredient: ["200 g flour", "<b>2</b> eggs", "For the glaze:", "100 g icing sugar"],
    recipeInstructions: [
      {
        "@type": "HowToSection",
        name: "Loaf",
        itemListElement: [
          { "@type": "HowToStep", text: "Heat the oven to 170&deg;C." },
          { text: "Bake in a 2 lb loaf tin for 1 hour 5 minutes." },
        ],
      },
      "Cool.",
    ],
    nutrition: { calories: "300" },
  };

  it("are read from a graph inside a saved page, sections, entities and durations included", () => {
    const html = `<!doctype html><html><head><script type="application/ld+json">{"@graph":[{"@type":"WebPage"},${JSON.stringify(node).replaceAll("</", "<\\/")}]}</script></head><body><p>Not this</p></body></html>`;
    const { doc, rows } = read(html);
    expect(doc.name).toBe("Kelp & honey loaf");
    expect(doc.bake).toEqual({
      tins: [{ shape: "loaf", lengthMm: 216, widthMm: 114, depthMm: 65, depthAssumed: true }],
      ovenC: 170,
      minutes: 65,
    });
    expect(doc.parts.map(({ name }) => name)).toEqual(["Batter", "Glaze", "Loaf"]);
    expect(doc.parts[0]?.lines.map(({ text }) => text)).toEqual(["200 g flour", "2 eggs"]);
    expect(doc).toMatchObject({ makes: "Serves 10", portions: 10, source: "The ferry" });
    expect(rows.filter(({ as }) => as === "unread").map(({ text }) => text)).toEqual([
      'nutrition: {"calories":"300"}',
    ]);
  });

  it("are never run: scripts of a page are dropped, markup inside strings is only text", () => {
    const { rows } = read(
      "<html><body><script>alert(1)</script><h1>Cake</h1><ul><li>200 g flour<img src=x onerror=alert(1)></li></ul></body></html>",
    );
    expect(rows.map(({ text, as }) => [text, as]).filter(([, as]) => as !== "blank")).toEqual([
      ["Cake", "title"],
      ["200 g flour", "ingredient"],
    ]);
    expect(plainText("<img src=x onerror=alert(1)>2 eggs")).toBe("2 eggs");
  });

  it("are followed through references, and a circle of them is kept as unread instead of turning for ever", () => {
    const graph = {
      "@graph": [
        {
          "@type": "Recipe",
          name: "Reef loaf",
          recipeIngredient: ["200 g flour"],
          recipeInstructions: [{ "@id": "#mix" }, { "@id": "#round" }, { "@id": "#nowhere" }],
        },
        { "@id": "#mix", "@type": "HowToStep", text: "Mix it all." },
        {
          "@id": "#round",
          "@type": "HowToSection",
          name: "Round",
          itemListElement: [{ "@id": "#round" }],
        },
      ],
    };
    const { rows, doc } = read(JSON.stringify(graph));
    expect(doc.parts[0]?.steps.map(({ text }) => text)).toEqual(["Mix it all."]);
    expect(rows.filter(({ as }) => as === "unread").map(({ text }) => text)).toEqual([
      "steps nested too deep, or in a circle",
      '{"@id":"#nowhere"}',
    ]);
  });

  it("two of them on one page: the first is read, the other named", () => {
    const { doc, problems } = read(
      JSON.stringify([
        { "@type": "Recipe", name: "First", recipeIngredient: ["200 g flour"] },
        { "@type": "Recipe", name: "Second" },
      ]),
    );
    expect(doc.name).toBe("First");
    expect(problems).toContainEqual({ code: "second-recipe", rows: 1 });
  });

  it("nested too deep, or damaged, are text like any other", () => {
    const deep = `${"[".repeat(5000)}${"]".repeat(5000)}`;
    expect(readRecipe(deep, PANTRY).ok).toBe(true);
    expect(readRecipe('{"@type":"Recipe","name":', PANTRY).ok).toBe(true);
  });

  it.each([
    ["PT45M", 45],
    ["PT1H10M", 70],
    ["P0DT2H", 120],
    ["PT90S", 2],
    ["45", null],
    ["PT0M", null],
  ])("%s is %j minutes", (text, minutes) => {
    expect(isoMinutes(text)).toBe(minutes);
  });
});

describe("writing", () => {
  const { doc } = read(PAGE);
  const kept = ({ name, parts, bake, makes, notes }: typeof doc): unknown => ({
    name,
    bake,
    makes,
    notes,
    parts: parts.map((part) => [
      part.name,
      part.role,
      part.lines.map(({ text }) => text),
      part.steps.map(({ text }) => text),
    ]),
  });

  it("Markdown reads back to the same recipe", () => {
    expect(kept(read(writeMarkdown(doc)).doc)).toEqual(kept(doc));
  });

  it("JSON-LD reads back to the same lines, steps, tins and minutes", () => {
    const again = read(writeJsonLd(doc)).doc;
    expect(kept(again)).toEqual(kept(doc));
  });

  it("keeps a heat that no step mentions, in both", () => {
    const baked = {
      ...doc,
      bake: { ...doc.bake, ovenC: 165, fan: true },
      parts: doc.parts.map((part) => ({ ...part, steps: [] })),
    };
    for (const text of [writeJsonLd(baked), writeMarkdown(baked)])
      expect(read(text).doc.bake).toMatchObject({ ovenC: 165, fan: true, tins: doc.bake.tins });
  });

  it("CSV has a row a line, with grams, and no sum for a spreadsheet to work out", () => {
    const csv = writeCsv(
      formulaOf(
        {
          parts: [
            {
              ...doc.parts[0],
              id: "p1",
              role: "batter",
              name: "=1+1",
              lines: [{ id: "l1", text: "200 g plain flour, sifted" }],
              steps: [],
            },
          ],
        },
        PANTRY,
        METRIC_MEASURES,
      ),
    );
    expect(csv).toBe(
      `part,line,ingredient,grams,baker's percent\n"'=1+1","200 g plain flour, sifted",plain flour,200.0,100.0\n`,
    );
  });
});

describe("steps", () => {
  it.each([
    ["Cream the butter and sugar for 5 minutes until pale.", "cream", 5, null, "until pale"],
    ["Whisk the eggs on high speed for 8 minutes until thick.", "whisk", 8, null, "until thick"],
    [
      "Bake for 1 hour 10 minutes until a tester comes out clean.",
      "bake",
      70,
      null,
      "until a tester comes out clean",
    ],
    ["Leave to cool on a rack for 2 hours.", "cool", null, 120, null],
    ["Chill overnight.", "rest", null, null, null],
    ["let it sit fifteen minutes in the pan", "rest", null, 15, null],
    ["bake it an hour and a quarter", "bake", 75, null, null],
    ["so oven at three fifty", "heat", null, null, null],
    ["Oven 375F.", "heat", null, null, null],
    ["Oven 180 °C", "heat", null, null, null],
    [
      "Melt the chocolate, then leave to cool for 15 minutes until just warm.",
      "melt",
      null,
      15,
      "until just warm",
    ],
    [
      "Toast the nuts at 175 °C for 10 minutes, chop them, and leave to cool for 20 minutes.",
      "melt",
      10,
      20,
      null,
    ],
    ["Heat the oven to 180 °C.", "heat", null, null, null],
    ["Fold in the flour until no streak is left.", "fold", null, null, "until no streak is left"],
    ["Divide the batter between the tins.", "fill", null, null, null],
    [
      "Pour the stout into a large pan, add the butter and warm it gently until melted.",
      "melt",
      null,
      null,
      "until melted",
    ],
    ["Tip the pears into a wide pan over a low heat with the sugar.", "melt", null, null, null],
    ["Pour into the lined pan and level it.", "fill", null, null, null],
    ["Spoon the batter into the pan, over the melted butter.", "fill", null, null, null],
  ] as const)("%j", (text, kind, minutes, wait, sign) => {
    const facts = readStep({ text });
    expect([facts.kind, facts.minutes?.low ?? null, facts.wait?.low ?? null, facts.sign]).toEqual([
      kind,
      minutes,
      wait,
      sign,
    ]);
  });

  it.each([
    [
      "Toast the nuts at 175 °C for 10 minutes, chop them, and leave to cool for 20 minutes.",
      "leave to cool for 20 minutes",
    ],
    [
      "Peel the pears and leave them to drain for 1.5 hours; keep the juice.",
      "leave them to drain for 1.5 hours",
    ],
    ["Chill overnight.", null],
    ["Whisk for 8 minutes.", null],
  ])("%j waits in the words %j", (text, words) => {
    expect(readStep({ text }).waitText).toBe(words);
  });

  it.each([
    ["180C/160C fan/gas 4", 180, false],
    ["fan 160°C", 160, true],
    ["350F", 176.7, false],
    ["325 degrees F", 162.8, false],
    ["gas mark 4", 177, false],
    ["gas 6", 200, false],
    ["Oven 170, loaf tin", 170, false],
    ["oven to 350", 176.7, false],
    ["the oven for 200 g", null, null],
    ["bake at 350 for ages", 176.7, false],
    ["200 g at 20 °C", null, null],
  ])("heat in %j is %j", (text, tempC, isFan) => {
    const heat = heatIn(text);
    expect(heat === null ? null : Math.round(heat.tempC * 10) / 10).toBe(tempC);
    expect(heat?.isFan ?? null).toBe(isFan);
  });

  it.each([
    ["Microwave on high for 90 seconds.", "microwave"],
    ["Melt the butter in the microwave.", null],
    ["Bake at 180 °C.", null],
    ["Lower the tin into a lidded pot of sand.", "closed-pot"],
    ["Baked in: closed pot", "closed-pot"],
  ])("what %j is baked in", (text, source) => {
    expect(heatSourceIn(text)).toBe(source);
  });

  it.each([
    ["two greased 8-inch round cake tins", [{ shape: "round", count: 2 }]],
    ["a lined 33 x 23 cm tray", [{ shape: "rectangle" }]],
    ["a 12-hole muffin tin", [{ shape: "well", count: 12 }]],
    ["one 2 lb loaf tin", [{ shape: "loaf" }]],
    ["loaf tin 2lb", [{ shape: "loaf", lengthMm: 216 }]],
    ["a 23cm springform tin", [{ shape: "springform", diameterMm: 230 }]],
    ['an 8" square pan', [{ shape: "square" }]],
    ["12 paper cases", [{ shape: "well", count: 12 }]],
    ["bake for 30 minutes in the tins", []],
    ["2 tins of peaches", []],
  ])("tins in %j", (text, tins) => {
    expect(sizedTins(text)).toHaveLength(tins.length);
    expect(sizedTins(text)).toMatchObject(tins);
  });

  it("know the lines they mention, the longer name first", () => {
    const lines = [
      { id: "l1", name: "caster sugar", ingredient: PANTRY.byId.get("caster-sugar") ?? null },
      { id: "l2", name: "brown sugar", ingredient: PANTRY.byId.get("light-brown-sugar") ?? null },
      { id: "l3", name: "eggs", ingredient: PANTRY.byId.get("egg") ?? null },
    ];
    const text = "Beat the brown sugar with an egg, then the sugar.";
    const pieces = stepPieces(text, lines);
    expect(pieces.filter(({ line }) => line !== null)).toEqual([
      { text: "brown sugar", line: "l2" },
      { text: "egg", line: "l3" },
      { text: "sugar", line: expect.stringMatching(/l[12]/u) as string },
    ]);
    expect(pieces.map((piece) => piece.text).join("")).toBe(text);
  });

  it("take flouring the tin for an act, and egg whites for something else than eggs", () => {
    const lines = [
      { id: "l1", name: "plain flour", ingredient: PANTRY.byId.get("plain-flour") ?? null },
      { id: "l2", name: "eggs", ingredient: PANTRY.byId.get("egg") ?? null },
    ];
    const mentioned = (text: string): readonly (string | null)[] =>
      stepPieces(text, lines).flatMap(({ line }) => (line === null ? [] : [line]));
    expect(mentioned("Grease and flour the tin.")).toEqual([]);
    expect(mentioned("Whisk the egg whites.")).toEqual([]);
    expect(mentioned("Fold the flour into the eggs.")).toEqual(["l1", "l2"]);
  });

  it("give no line's weight to another kind of it, nor to what says its own amount", () => {
    const lines = [
      { id: "l1", name: "caster sugar", ingredient: PANTRY.byId.get("caster-sugar") ?? null },
      { id: "l2", name: "butter", ingredient: PANTRY.byId.get("unsalted-butter") ?? null },
    ];
    const mentioned = (text: string): readonly string[] =>
      stepPieces(text, lines).flatMap(({ line }) => (line === null ? [] : [line]));
    expect(mentioned("Dust with icing sugar.")).toEqual([]);
    expect(mentioned("Stir in the peanut butter.")).toEqual([]);
    expect(mentioned("Strew 20 g sugar over it.")).toEqual([]);
    expect(mentioned("Strew 2 tbsp of soft butter over it.")).toEqual([]);
    expect(mentioned("Beat the caster sugar with the butter.")).toEqual(["l1", "l2"]);
    expect(mentioned("Beat for 5 minutes with the sugar.")).toEqual(["l1"]);
  });

  it("minutes of several kinds are found in order", () => {
    expect(durationsIn("1 hour 10 minutes, then 30 seconds, then 5-10 mins")).toEqual([
      { low: 70, high: 70 },
      { low: 0.5, high: 0.5 },
      { low: 5, high: 10 },
    ]);
    expect(durationsIn("bake 45 minutes to 1 hour")).toEqual([{ low: 45, high: 60 }]);
  });
});

describe("bad input", () => {
  it.each<[string, string, object]>([
    ["nothing", "  \n ", { code: "missing" }],
    [
      "ten megabytes",
      "x".repeat(10_000_000),
      { code: "too-many", value: 10_000_000, max: RECIPE_LIMITS.original },
    ],
    [
      "more lines than any recipe has",
      "2 cups flour\n".repeat(5000),
      { code: "too-many", path: "recipeLines", value: 5000, max: RECIPE_LIMITS.rows },
    ],
    ["a program's file", "\u0000\u0001\u0002\u0003PNG\u0000\u0000", { code: "unreadable" }],
  ])("%s is refused", (_name, text, issue) => {
    expect(readRecipe(text, PANTRY)).toMatchObject({ ok: false, issue });
  });

  /** @param nodes how many sections, each naming the next one so many times over */
  const sections = (nodes: number, each: number): string =>
    JSON.stringify({
      "@graph": [
        {
          "@type": "Recipe",
          name: "Turns",
          recipeIngredient: ["1 egg"],
          recipeInstructions: { "@id": "n0" },
        },
        ...Array.from({ length: nodes }, (_, at) => ({
          "@id": `n${at}`,
          "@type": "HowToSection",
          itemListElement: Array.from({ length: each }, () => ({ "@id": `n${at + 1}` })),
        })),
        { "@id": `n${nodes}`, text: "mix" },
      ],
    });

  it.each<[string, string]>([
    ["sections that name each other twelve times over", sections(12, 12)],
    [
      "a section that names itself",
      JSON.stringify({
        "@graph": [
          {
            "@type": "Recipe",
            name: "Turns",
            recipeIngredient: ["1 egg"],
            recipeInstructions: { "@id": "n" },
          },
          { "@id": "n", "@type": "HowToSection", itemListElement: [{ "@id": "n" }] },
        ],
      }),
    ],
    [
      "five thousand lists within lists",
      `{"@type":"Recipe","name":"x","recipeIngredient":${"[".repeat(5000)}"1 egg"${"]".repeat(5000)}}`,
    ],
    ["a page of bold letters that are never closed", `<html><body>${"<b> ".repeat(20_000)}`],
    [
      "a page of boxes within boxes",
      `<html><body>${"<div>".repeat(8000)}1 egg${"</div>".repeat(8000)}`,
    ],
    ["boxes that are never closed", "<div>".repeat(80_000)],
    ["fractions of fractions", Array.from({ length: 200 }, () => "1/".repeat(200)).join("\n")],
    ["one line of figures", "1 ".repeat(50_000)],
    ["one line of amounts", "2 cups flour ".repeat(10_000)],
    ["lines of brackets", `${"(".repeat(1900)}\n`.repeat(50)],
  ])("%s come to an end", (_name, text) => {
    const reading = readRecipe(text, PANTRY);
    expect(reading.ok).toBe(true);
    if (reading.ok) expect(reading.value.rows.length).toBeLessThanOrEqual(RECIPE_LIMITS.rows);
  });

  it("a page nested deeper than any keeps its text", () => {
    const deep = `${"<div>".repeat(3000)}<p>200 g plain flour</p>${"</div>".repeat(3000)}`;
    const { rows } = read(`<html><body><h1>Deep cake</h1>${deep}<p>2 eggs</p></body></html>`);
    expect(rows.map(({ text }) => text)).toEqual(
      expect.arrayContaining(["Deep cake", "200 g plain flour", "2 eggs"]),
    );
  });

  it("thousands of lines are read or kept", () => {
    const text = [
      "Long cake",
      "Ingredients",
      ...Array.from({ length: 3000 }, (_, index) => `${index + 1} g plain flour`),
    ].join("\n");
    const { rows, doc } = read(text);
    expect(rows).toHaveLength(3002);
    expect(doc.parts[0]?.lines).toHaveLength(RECIPE_LIMITS.lines);
    expect(rows.filter(({ as }) => as === "unread")).toHaveLength(3000 - RECIPE_LIMITS.lines);
  });

  it("any text keeps every line of it, and never throws", () => {
    const word = fc.constantFrom(
      "200",
      "g",
      "flour",
      "½",
      "cup",
      "Method",
      "Ingredients",
      ":",
      "bake",
      "180",
      "°C",
      "мука",
      "小麦粉",
      "دقيق",
      "-",
      "(",
      "x",
      "For the",
      "frosting",
      "tins",
      "#",
      "\t",
      "<b>",
      "{",
      "🎂",
    );
    const line = fc
      .array(fc.oneof(word, fc.string({ unit: "grapheme", maxLength: 6 })), { maxLength: 8 })
      .map((words) => words.join(" ").replaceAll(/[\n\r\u2028\u2029]/gu, " "));
    fc.assert(
      fc.property(fc.array(line, { maxLength: 12 }), (lines) => {
        const text = lines.join("\n");
        fc.pre(!/^\s*<(?:!doctype|html|\?xml|\w+[\s>])/iu.test(text));
        const result = readRecipe(text, PANTRY);
        if (result.ok) {
          expect(result.value.rows.map((row) => row.text).join("\n")).toBe(text);
          expect(parseRecipeDoc(result.value.doc).ok).toBe(true);
        }
      }),
      { numRuns: 300 },
    );
  });
});
