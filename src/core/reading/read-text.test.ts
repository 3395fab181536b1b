import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { pantryOf } from "../pantry";
import { heardLines, readAnyRecipe, readText } from ".";

const pantry = pantryOf();
const read = (text: string): ReturnType<typeof readText> =>
  readText(
    text.split("\n").map((line) => ({ text: line, is: null })),
    pantry,
  );

const SPOKEN = `right so this is the gull rock ginger cake and you want the oven at three fifty and two nine inch rounds greased and lined
beat a stick of butter with a cup and a half of brown sugar then two eggs and a cup of treacle
in goes two and a half cups of flour a tablespoon of ginger and a teaspoon of baking soda and stir it till it's smooth
pour it in the pans and bake it thirty to thirty five minutes start looking at twenty eight
let them sit ten minutes in the pans then turn them out on a rack
when they are cold beat eight ounces of cream cheese with two cups of powdered sugar and spread the frosting between and on top
keep what is left in the fridge`;

const WRITTEN = `Ferry crew lemon loaf

Serves 8

For the loaf
200 g butter, softened
200 g caster sugar
3 eggs
200 g self-raising flour
zest of 1 lemon

For the drizzle
juice of 1 lemon
80 g granulated sugar

Method
Heat the oven to 180C/160C fan and line a 2 lb loaf tin.
Cream the butter and sugar for 5 minutes. Beat in the eggs, then fold in the flour and the zest.
Scrape into the tin and bake for 45-50 minutes. Check at 40.
Stir the juice into the sugar and pour over the loaf while it is hot. Leave in the tin for 30 minutes, then turn out.
Keeps for four days in a tin.`;

describe("a recipe that is spoken", () => {
  const told = read(SPOKEN);

  it("has its tins, heat, minutes and first look", () => {
    expect(told.tins[0]).toEqual([{ shape: "round", diameterMm: 228.6, count: 2 }]);
    expect(told.heat?.tempC).toBeCloseTo(177, 0);
    expect(told.minutes).toEqual({ low: 30, high: 35 });
    expect(told.checkAtMin).toBe(28);
    expect(told.name).toMatch(/ginger cake/u);
  });

  it("has its ingredients with their amounts, each in its part", () => {
    const of = (part: string): readonly (string | null)[] =>
      told.lines.filter((line) => line.part === part).map(({ ingredient }) => ingredient);
    expect(of("frosting")).toEqual(["cream-cheese", "icing-sugar"]);
    expect(of("batter")).toEqual(
      expect.arrayContaining(["unsalted-butter", "egg", "plain-flour", "bicarbonate"]),
    );
    expect(told.lines.find(({ ingredient }) => ingredient === "plain-flour")?.text).toMatch(
      /^2\.5 cups/u,
    );
  });

  it("has each thing to do at its time", () => {
    const stage = (words: string): string | undefined =>
      told.steps.find(({ text }) => text.includes(words))?.stage;
    expect(stage("beat a stick")).toBe("before");
    expect(stage("bake it thirty")).toBe("oven");
    expect(stage("ten minutes in the pans")).toBe("hot");
    expect(stage("spread the frosting")).toBe("cold");
    expect(stage("in the fridge")).toBe("keep");
    expect(told.steps.find(({ text }) => text.includes("sit ten"))?.waitMin).toBe(10);
  });
});

describe("a recipe that is written", () => {
  const told = read(WRITTEN);

  it("has its name, tin and bake", () => {
    expect(told).toMatchObject({
      name: "Ferry crew lemon loaf",
      tins: [[{ shape: "loaf", count: 1 }]],
      heat: { tempC: 180, isFan: false },
      minutes: { low: 45, high: 50 },
      checkAtMin: 40,
      source: "oven",
    });
  });

  it("keeps sugar of the batter and of the drizzle apart, and lists nothing twice", () => {
    expect(told.lines.map(({ part, text }) => [part === "batter" ? part : "poured", text])).toEqual(
      [
        ["batter", "200 g butter"],
        ["batter", "200 g caster sugar"],
        ["batter", "3 eggs"],
        ["batter", "200 g self-raising flour"],
        ["batter", "zest of 1 lemon"],
        ["poured", "juice of 1 lemon"],
        ["poured", "80 g granulated sugar"],
      ],
    );
  });

  it("loses no sentence of its method", () => {
    const steps = told.steps.map(({ text }) => text).join(" ");
    for (const sentence of WRITTEN.split("Method\n")[1]?.split("\n") ?? [])
      expect(steps).toContain(sentence);
  });
});

describe("any text", () => {
  it("is read without failing, and no number of it is none", () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 400 }), (text) => {
        const told = read(text);
        for (const { low, high } of told.minutes === null ? [] : [told.minutes]) {
          expect(Number.isFinite(low) && Number.isFinite(high)).toBe(true);
          expect(high).toBeGreaterThanOrEqual(low);
        }
        for (const step of told.steps)
          expect(step.waitMin === null || step.waitMin >= 0).toBe(true);
      }),
      { numRuns: 60 },
    );
  });

  it("that corrects itself counts once", () => {
    const told = read(
      "Quay cake\ntake six ounces of butter no sorry eight ounces of butter and four eggs",
    );
    expect(told.lines.map(({ text }) => text)).toEqual(["8 ounces of butter", "4 eggs"]);
  });

  it("that says the same amount twice counts it once", () => {
    const told = read(
      "Quay cake\nadd three cups of grated carrot that's about five carrots and a cup of sugar",
    );
    expect(told.lines.map(({ text }) => text)).toEqual([
      "3 cups of grated carrot",
      "1 cup of sugar",
    ]);
  });
});

describe("the minutes of the bake", () => {
  const minutesOf = (bake: string) =>
    read(
      `Pilot cake\n200 g flour\n200 g sugar\n4 eggs\nHeat the oven to 180 C. Mix it all.\n${bake}`,
    ).minutes;

  it.each([
    [
      "Pour into a 20 cm round tin and bake 40 to 45 minutes. For a loaf pan bake 60 minutes.",
      40,
      45,
    ],
    ["Cook time 42 mins\nPour into the tin and bake for 40 to 44 minutes.", 40, 44],
    [
      "Into the tin. Bake it, 55 minutes to an hour and 5. Turn the oven off and leave it in an hour.",
      55,
      65,
    ],
    ["Put it in and leave the door shut for 30 minutes, it bakes 50 to 55 minutes.", 50, 55],
  ])("of %j are the cake's own", (bake, low, high) => {
    expect(minutesOf(bake)).toEqual({ low, high });
  });
});

describe("what was given before", () => {
  const lines = (text: string) => read(text).lines.map((line) => line.text);

  it("is meant by a shorter name, and by some of it", () => {
    expect(
      lines(
        "Hazel torte\n6 eggs\n170 g caster sugar\n170 g ground hazelnuts\n150 g Greek yoghurt\n\nWhisk the eggs with 100 g of the sugar. Stir in the nuts and the yoghurt.\nBake at 180 C for 30 minutes, tent with foil if browning.",
      ),
    ).toEqual(["6 eggs", "170 g caster sugar", "170 g ground hazelnuts", "150 g Greek yoghurt"]);
  });

  it("is not what goes on top by a name of its own", () => {
    expect(
      lines(
        "Hazel torte\n6 eggs\n170 g caster sugar\n170 g ground hazelnuts\n150 g flour\n\nWhisk it all, bake at 180 C for 30 minutes.\nWhen it is cold, scatter with chopped hazelnuts.",
      ).some((line) => line.endsWith("hazelnuts") && !line.startsWith("170")),
    ).toBe(true);
  });

  it("is read in a cook's own short hand", () => {
    const { lines: told } = read(
      "Poppy loaf\n1 3/4 c AP flour, 1 c sugar, 2 tsp bp, 1/4 tsp bs, 3 eggs, 1/2 c veg oil\nStir it all and bake at 350 for 50 minutes.",
    );
    expect(told.map(({ ingredient }) => ingredient)).toEqual(
      expect.arrayContaining(["baking-powder", "bicarbonate"]),
    );
  });
});

describe("a step that works on what was given for one part alone", () => {
  it("is that part's, wherever it is told", () => {
    const told = read(
      "Net loft squares\n\nFor the squares\n175 g butter\n150 g dark brown sugar\n2 eggs\n240 g plain flour\n\nFor the icing\n150 g icing sugar\njuice of 1/2 lemon\n\nMelt the butter and sugar, beat in the eggs and the flour.\nPour into a 20 cm square tin and bake at 170 C for 35 minutes.\nWhen it is cold mix the icing sugar with the lemon and drizzle it over.",
    );
    expect(told.lines.map(({ text }) => text)).not.toContain("lemon");
    expect(told.steps.find(({ text }) => text.includes("icing sugar"))?.part).toBe("frosting");
    expect(told.steps.find(({ text }) => text.includes("Melt"))?.part).toBe("batter");
  });
});

describe("a recipe that is told in passing", () => {
  it("has the minutes that stand with the look, and the heat without its fan's", () => {
    const told = read(
      "stir it all together\nit goes into a roasting tin lined with paper, mine's 30 by 20, oven 160 (fan) or 180, 35 to 40 mins but look at it at 30",
    );
    expect(told).toMatchObject({
      tins: [[{ shape: "rectangle", lengthMm: 300, widthMm: 200 }]],
      heat: { tempC: 180, isFan: false },
      minutes: { low: 35, high: 40 },
      checkAtMin: 30,
    });
  });

  it("has no step in a line of its times and its yield", () => {
    const told = read(
      "Quay ring\n\nPrep 20 min · Bake 50 min · Serves 12\n\n250 g butter\n250 g sugar\n4 eggs\n250 g flour\n\nBeat it all and bake in a 25 cm ring tin at 170 C for 50 minutes.",
    );
    expect(told.steps.map(({ text }) => text).join(" ")).not.toMatch(/Prep|Serves/u);
    expect(told.minutes).toEqual({ low: 50, high: 50 });
  });
});

describe("a text that nobody tells", () => {
  it.each([
    "1",
    ".",
    "… ",
    "20 cm tin ",
    "9 x ",
    "1/2 ",
    "half ",
    "(",
    "an hour and ",
    "gas 4 ",
    "pour in ",
  ])("%j over and over comes to an end", (word) => {
    const text = word.repeat(30_000 / word.length);
    const reading = readAnyRecipe(text, pantry);
    expect(reading.ok && reading.value.rows.length > 0).toBe(true);
  });

  it.each([
    ["lines without end", "200 g flour\n".repeat(30_000)],
    ["one line without end", "bake 10 minutes. ".repeat(20_000)],
  ])("%s are heard as far as anybody tells, and none is lost", (_name, text) => {
    const { lines, unread } = heardLines(text);
    expect([...lines.map((line) => line.text), ...unread].join("\n")).toBe(text);
    expect(lines.map((line) => line.text).join("\n").length).toBeLessThanOrEqual(30_000);
    expect(unread.length).toBeGreaterThan(0);
  });
});

it.each(["Net-mender's crumble bars", "Praline slice", "Quay crumb cake"])(
  "takes what “%s” is made of for its batter",
  (title) => {
    const told = read(
      `${title}\n\n175 g butter\n175 g light brown sugar\n3 eggs\n200 g self-raising flour\n100 g walnuts, chopped\n\nHeat the oven to 180 C. Beat everything together and spread into a 20 cm square tin. Bake for 35 minutes.`,
    );
    expect(told.lines.map(({ part }) => part)).toEqual(Array(5).fill("batter"));
  },
);

describe("a filling by its own name", () => {
  const told = read(`Slipway sandwich

225 g butter
225 g sugar
4 eggs
225 g self-raising flour

Lemon curd filling:
60 ml lemon juice
100 g sugar
2 eggs

Icing
150 g butter
300 g icing sugar

Heat the oven to 180 C. Line two 20 cm round tins. Beat everything for the cake and divide between them.
Bake for 25 minutes and leave until cold.
For the filling whisk juice, sugar and eggs over hot water until thick.
For the icing beat the butter and sugar.
Sandwich the cakes with the curd and cover the top with the icing.`);

  it("has the sentence that says it is for it, though others hold the same things", () => {
    const made = (words: RegExp): unknown => told.steps.find(({ text }) => words.test(text))?.part;
    expect(made(/whisk juice/u)).toBe("filling");
    expect(made(/For the icing/u)).toBe("frosting");
  });

  it("is no ingredient once more where it is spread", () => {
    expect(told.lines.filter(({ text }) => /curd/u.test(text))).toEqual([]);
    expect(told.lines).toHaveLength(9);
  });
});

it("stands under “To fill”, which is nothing to do", () => {
  const told = read(
    "Slipway sandwich\n\n225 g butter\n225 g sugar\n4 eggs\n225 g flour\n\nTo fill\n150 g jam\n200 ml double cream\n\nBake in two 20 cm tins at 180 C for 25 minutes. Whip the cream. Spread one cake with jam and cream and put the other on top.",
  );
  expect(told.steps.some(({ text }) => /fill/iu.test(text))).toBe(false);
  expect(told.lines.filter(({ part }) => part === "filling")).toHaveLength(2);
});
