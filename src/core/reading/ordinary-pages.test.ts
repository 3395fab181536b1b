import { describe, expect, it } from "vitest";
import { pantryOf } from "../pantry";
import { workTold } from "../plan/told-doc";
import { pageLines, type PartRole } from "../recipe";
import { readText, type ToldRecipe } from "./read-text";

const told = (text: string): ToldRecipe => readText(pageLines(text), pantryOf());
const linesOf = ({ lines }: ToldRecipe, part: PartRole): readonly string[] =>
  lines.flatMap((line) => (line.part === part ? [line.text] : []));

describe("what can't be when it is judged", () => {
  const drip = told(`Mocha drip
For the cake
225 g butter
225 g sugar
4 eggs
225 g self-raising flour
For the ganache
100 g dark chocolate
100 ml double cream
Beat the cake's things together. Bake in two 20 cm tins at 180 C for 25 minutes.
Sandwich the cakes with jam and cover the top and sides with cream. Chill for 30 minutes.
For the ganache, heat the cream and pour it over the chopped chocolate. Stir until smooth.
Pour the ganache over the cake and let it drip down the sides.`);

  it("is nothing hot to a cake that was coated, and nothing kept of what is made", () => {
    const stages = drip.steps.flatMap(({ text, stage }) =>
      /^(?:Sandwich the|Chill|For the ganache|Stir|Pour the)/u.test(text) ? [stage] : [],
    );
    expect(stages).toEqual(["cold", "cold", "cold", "cold", "cold"]);
  });

  it("is one list of two minds", () => {
    const of = drip.lines.filter(({ partName }) => partName === "For the ganache");
    expect(new Set(of.map(({ part }) => part)).size).toBe(1);
  });
});

const SQUARES = `Sticky ginger squares

Makes: 15 squares   Prep: 20 minutes   Cook: 35-40 minutes

225g/8oz baking spread
175g/6oz light muscovado sugar
300g/11oz self-raising flour
1 tsp ground allspice
4 large eggs
3 bulbs of stem ginger from a jar, finely chopped

For the icing
75g/3oz icing sugar
3 tbsp stem ginger syrup from the jar
3 bulbs stem ginger, finely chopped

Line a 30x23cm tin with foil and brush with melted butter.
Measure everything into a bowl and beat well for 2 minutes. Turn into the tin.
Bake at 160C for 35-40 minutes or until it springs back when pressed in the centre with your fingertips.
Cool in the tin for 10 minutes then turn out.
Mix the icing sugar and ginger syrup. Pour over the cake. Sprinkle with the chopped stem ginger.`;

describe("a page of a paper", () => {
  const squares = told(SQUARES);

  it("does nothing that its labels, or the end of a sentence, say", () => {
    const texts = squares.steps.map(({ text }) => text);
    expect(texts.filter((text) => /Makes|Cook:/u.test(text))).toEqual([]);
    const bake = squares.steps.find(({ text }) => text.startsWith("Bake"));
    expect(bake?.text).toContain("when pressed");
    expect(bake?.stage).toBe("oven");
  });

  it("has ginger twice, in bulbs: in the batter, and on top", () => {
    expect(linesOf(squares, "batter")).toContain("3 bulbs of stem ginger");
    expect(linesOf(squares, "topping")).toEqual(["3 bulbs stem ginger"]);
    expect(linesOf(squares, "frosting")).toEqual([
      "75g/3oz icing sugar",
      "3 tbsp stem ginger syrup",
    ]);
    const ids = squares.lines.map(({ ingredient }) => ingredient);
    expect(ids).toContain("allspice");
    expect(ids).toContain("golden-syrup");
  });

  it("ends a sentence at its minutes, and cools out of the oven", () => {
    const { steps } = told(`Berry square
1/2 c. butter
3/4 c. sugar
2 eggs
2 c. flour
Cream butter and sugar, then the rest. Grease an 8-inch square pan.
Bake at 375 F 45 to 50 min. Cool 20 min before cutting. Serves 9.`);
    const [bake, cool] = steps.slice(-2);
    expect(bake).toMatchObject({ stage: "oven", waitMin: null });
    expect(cool).toMatchObject({ text: "Cool 20 min before cutting.", stage: "hot", waitMin: 20 });
  });

  it("leaves what the crumble has too to the batter, where it is only creamed", () => {
    const { steps } = told(`Crumb cake
Streusel:
1/2 cup brown sugar
1/2 cup flour
4 tbsp cold butter
Cake:
1/2 cup butter
3/4 cup sugar
2 eggs
2 cups flour
Grease an 8-inch square pan.
Cream butter and sugar. Add eggs, then flour. Spread in pan. Top with streusel.
Bake at 375 F for 45 minutes.`);
    expect(steps.find(({ text }) => text.startsWith("Cream"))?.part).toBe("batter");
  });
});

it("takes a packet of baking powder for a sachet, and a Gugelhupf tin for a ring", () => {
  const kuchen = told(`Marble ring
250 g butter
200 g sugar
4 eggs
500 g flour
1 packet baking powder
Beat everything and put it in a greased gugelhupf tin (24 cm). Bake at 175 C for 60 minutes.`);
  expect(kuchen.tins).toMatchObject([[{ shape: "ring", diameterMm: 240 }]]);
  const { formula } = workTold(kuchen, "", pantryOf());
  const powder = formula.parts[0]?.rows.find(
    ({ ingredient }) => ingredient?.id === "baking-powder",
  );
  expect(powder?.massG).toBe(15);
});

describe("a line of a list", () => {
  /** What a line tells, under a line of eggs. */
  const rowOf = (line: string): readonly string[] =>
    told(
      `Quay cake\n2 eggs\n${line}\nBeat it all together. Bake in a 20 cm tin at 180 C for 30 minutes.`,
    )
      .lines.map(({ text }) => text)
      .slice(1);

  it.each([
    [
      "8 ounces (225 grams) cream cheese, at room temperature",
      ["8 ounces (225 grams) cream cheese"],
    ],
    ["1 cup (226 g) butter, softened", ["1 cup (226 g) butter"]],
    ["1 cup (2 sticks; 226 g) unsalted butter", ["1 cup (2 sticks; 226 g) unsalted butter"]],
    ["5 large egg whites (about 150 g)", ["5 large egg whites (150 g)"]],
    ["1 cup (200 g) lightly packed brown sugar", ["1 cup (200 g) lightly packed brown sugar"]],
    ["2 large, very ripe pears, peeled", ["2 large, very ripe pears"]],
    [
      "1 tsp each cinnamon, ginger and nutmeg",
      ["1 tsp each cinnamon", "1 tsp ginger", "1 tsp nutmeg"],
    ],
    [
      "200 g each of flour, sugar and butter",
      ["200 g each of flour", "200 g sugar", "200 g butter"],
    ],
    [
      "1 can (12 oz) evaporated milk, 1 can (14 oz) condensed milk",
      ["1 can (12 oz) evaporated milk", "1 can (14 oz) condensed milk"],
    ],
    ["3 cups (300 g) grated carrots, 5 to 6 medium carrots", ["3 cups (300 g) grated carrots"]],
  ])("%s", (line, lines) => {
    expect(rowOf(line)).toEqual(lines);
  });

  it("is none of the rest of something, and stays in its tin out of the oven", () => {
    const { lines, steps } = told(`Pear loaf
2 eggs
200 g self-raising flour
125 g light brown soft sugar
50 g crystallised ginger
Mix with half the ginger. Bake in a 900 g loaf tin at 180 C for 50 minutes. Leave in tin 20 minutes.
Scatter with the rest of the ginger.`);
    expect(lines.map(({ ingredient }) => ingredient)).toEqual([
      "egg",
      "self-raising-flour",
      "light-brown-sugar",
      "stem-ginger",
    ]);
    expect(steps.find(({ text }) => text.startsWith("Leave"))?.stage).toBe("hot");
  });

  it("makes a curd beside the baked cake, and keeps a meringue apart", () => {
    const cake = told(`Lemon meringue cake
Cake layer
125g butter
1 cup caster sugar
3 eggs
225g self-raising flour
Lemon curd filling
2 eggs
80ml lemon juice
60g butter
Meringue
4 egg whites
1 cup caster sugar
Beat butter and sugar, then the rest. Bake in a 22cm springform pan at 180°C for 45 minutes. Turn out onto a rack to cool.
To make the curd, whisk eggs in a saucepan over low heat. Add juice and butter. Cook until thick. Cool.
Sandwich with curd. Beat egg whites until soft peaks form. Spread over top and sides.
Store airtight at room temp.`);
    const stageOf = (words: string) => cake.steps.find(({ text }) => text.includes(words))?.stage;
    for (const words of ["To make the curd", "Add juice", "Cook until", "Sandwich"])
      expect(stageOf(words)).toBe("cold");
    expect(stageOf("Store airtight")).toBe("keep");
    expect(linesOf(cake, "filling")).toEqual(["2 eggs", "80ml lemon juice", "60g butter"]);
    expect(linesOf(cake, "frosting")).toEqual(["4 egg whites", "1 cup caster sugar"]);
    expect(cake.lines.some(({ ingredient }) => ingredient === "yoghurt")).toBe(false);
  });

  it("is none of what is only spoken of: the three milks", () => {
    const { lines } = told(`Regatta cake
The cake: 5 eggs, 1 cup sugar, 1 cup flour
The soak: 1 can (12 oz) evaporated milk, 1 can (14 oz) condensed milk, 1/4 cup cream
The top: 2 cups cream, 3 tbsp sugar
Bake in a 9 by 13 inch dish at 350 F for 35 minutes. Mix the three milks and pour over the cake.
Whip the cream with the sugar and spread on top.`);
    expect(lines.filter(({ part }) => part === "soak")).toHaveLength(3);
    expect(lines.filter(({ part }) => part === "topping")).toHaveLength(2);
    expect(lines.some(({ ingredient }) => ingredient === "whole-milk")).toBe(false);
  });

  it("is as heavy as the eggs where it says so", () => {
    const { lines } = told(`Sponge
4 eggs
the same weight in butter, caster sugar and self-raising flour
Cream the butter and sugar, beat in the eggs, fold in the flour. Bake in a 20 cm tin at 180 C for 30 minutes.`);
    expect(lines.map(({ text }) => text)).toEqual([
      "4 eggs",
      "240 g butter",
      "240 g caster sugar",
      "240 g self-raising flour",
    ]);
  });

  it("is in the list though nobody knows it, and a tin by itself is nothing to do", () => {
    const { lines, steps, tins } = told(`Bay cake

20 cm round tin

300 g plain flour
2 bay leaves
4 eggs

Mix. Bake at 170 C for 40 minutes.`);
    expect(lines.map(({ text }) => text)).toEqual(["300 g plain flour", "2 bay leaves", "4 eggs"]);
    expect(steps.map(({ text }) => text)).toEqual(["Mix.", "Bake at 170 C for 40 minutes."]);
    expect(tins).toHaveLength(1);
  });

  it("is raw between its tin and the oven, whatever is laid on it", () => {
    const { steps, lines } = told(`Net loft apple tray

Dough: 350 g flour, 1 sachet baking powder, 150 g quark, 6 tbsp milk, 6 tbsp oil, 75 g sugar
Topping: 1.5 kg tart apples, juice of half a lemon, 50 g raisins
Crumble: 200 g flour, 100 g sugar, 125 g cold butter

Knead the dough. Roll out onto a greased baking tray (30 x 40 cm). Lay the apples on it like roof tiles, scatter the raisins over. Rub the crumble ingredients together with your fingers and sprinkle over the apples. Bake in the preheated oven at 190 °C for about 40 minutes. Dust with icing sugar when lukewarm.`);
    for (const words of ["Roll out", "Lay the apples", "Rub the crumble"])
      expect(steps.find(({ text }) => text.includes(words))?.stage).toBe("before");
    expect(steps.find(({ text }) => text.includes("Dust with"))?.stage).toBe("cold");
    const laid = lines.filter(({ text }) => /apples|lemon|raisins/u.test(text));
    expect(laid.map(({ part }) => part)).toEqual(["topping", "topping", "topping"]);
  });

  it("has a head of times with bars, and what is measured at the end of a list is of it", () => {
    const { steps, lines } = told(`Poppy ring
Prep 15 min | Bake 50-55 min | Serves 16

3 cups flour
2 cups sugar
1 1/2 tsp each vanilla, almond extract and butter flavoring
3 eggs

GLAZE
3/4 cup powdered sugar
1/2 tsp each of the same flavorings

Preheat oven to 350°. Grease & flour a 10-inch bundt pan. Beat all cake ingredients together for 2 min. Pour in pan. Bake 50-55 min.`);
    expect(steps.map(({ text }) => text)[0]).toMatch(/^Preheat/u);
    expect(steps).toHaveLength(5);
    expect(lines.find(({ text }) => text.includes("butter"))?.ingredient).toBe("other-extract");
    expect(lines.at(-1)?.text).toBe("1/2 tsp each of the same flavorings");
  });

  it("is no more sugar for what remains of it, and no step for its number or its labels", () => {
    const { lines, steps } = told(`Breakwater angel roll

Servings: 10    Oven: 350F    Time: 15 minutes

1 cup cake flour
1 1/2 cups superfine sugar, divided
12 large egg whites

STEP 1
Sift flour with 1/2 cup of the sugar.
STEP 2
Beat the whites to soft peaks; add the remaining cup of sugar gradually. Fold in the flour. Spread in a 10x15-inch pan.
STEP 3
Bake 15-18 minutes.`);
    expect(lines.map(({ text }) => text)).toEqual([
      "1 cup cake flour",
      "1 1/2 cups superfine sugar",
      "12 large egg whites",
    ]);
    expect(steps[0]?.text).toMatch(/^Sift/u);
    expect(steps.some(({ text }) => /^STEP/u.test(text))).toBe(false);
  });
});
