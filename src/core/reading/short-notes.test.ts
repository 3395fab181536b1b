import { describe, expect, it } from "vitest";
import { pantryOf } from "../pantry";
import { workTold } from "../plan/told-doc";
import { pageLines, type PartRole } from "../recipe";
import { readText, type ToldRecipe } from "./read-text";

const told = (text: string): ToldRecipe => readText(pageLines(text), pantryOf());
const linesOf = ({ lines }: ToldRecipe, part: PartRole): readonly string[] =>
  lines.flatMap((line) => (line.part === part ? [line.text] : []));

const CARD = `Net loft coffee cake
6oz marg, 6oz sugar, 3 eggs, 6oz SR flour, 1 tbsp coffee essence, 2oz chopped walnuts
Icing: 4oz butter, 8oz icing sugar, 2 tsp coffee essence. Walnut halves for the top.
Cream marg & sugar, eggs in gradually, fold in rest of flour, coffee & nuts. Two 7" tins, gas 4, 25 mins.
When cold sandwich with half the icing and the rest on top. Decorate w/ walnut halves.`;

describe("a recipe noted on a card", () => {
  const card = told(CARD);

  it("tells tins, heat and minutes without a word of doing", () => {
    expect(card.tins).toEqual([[{ shape: "round", diameterMm: 177.8, count: 2 }]]);
    expect(card.heat?.tempC).toBe(177);
    expect(card.minutes).toEqual({ low: 25, high: 25 });
    expect(card.steps.find(({ text }) => text.startsWith("Two 7"))?.stage).toBe("oven");
  });

  it.each(["Two 8in tins, 180C, 25-30 min.", '8" tin, gas mark 4, 25 to 30 minutes.'])(
    "so too: %s",
    (bake) => {
      const { minutes, tins } = told(CARD.replace('Two 7" tins, gas 4, 25 mins.', bake));
      expect(minutes).toEqual({ low: 25, high: 30 });
      expect(tins[0]).toHaveLength(1);
    },
  );

  it("is told by minutes alone where nothing else tells a bake", () => {
    const { minutes, steps } = told(`Sister's apple loaf
3/4 cup butter
1 cup sugar
2 eggs
1 3/4 cups flour
Oven 350 F. Loaf pan 9x5 buttered.
Cream butter and sugar, then the rest. Into the pan.
55-65 min. 15 min in pan, then out.`);
    expect(minutes).toEqual({ low: 55, high: 65 });
    expect(steps.find(({ text }) => text.startsWith("15 min"))?.stage).toBe("hot");
  });

  it("lists a part behind its bare name, and does nothing there", () => {
    expect(linesOf(card, "frosting")).toEqual([
      "4oz butter",
      "8oz icing sugar",
      "2 tsp coffee essence",
    ]);
    expect(card.steps.some(({ text }) => text.includes("Icing:"))).toBe(false);
  });

  it.each([
    ["Drizzle: juice of 2 lemons, 3 oz sugar", ["juice of 2 lemons", "3 oz sugar"]],
    ["Drizzle: grated zest of a lime, 3 oz sugar", ["zest of 1 lime", "3 oz sugar"]],
  ])("so too where the list begins with words: %s", (line, lines) => {
    const loaf = told(`Ferry office loaf
8 oz butter
8 oz sugar
4 eggs
8 oz self raising flour
${line}
Beat it all together and bake in a 2lb loaf tin at 180C for 50 minutes. Pour over the warm loaf.`);
    expect(linesOf(loaf, "syrup")).toEqual(lines);
    expect(linesOf(loaf, "batter")).toHaveLength(4);
  });

  it("keeps what is in the batter apart from what goes on top of it", () => {
    expect(linesOf(card, "batter")).toContain("2oz chopped walnuts");
    expect(linesOf(card, "topping")).toEqual(["Walnut halves"]);
  });

  it("hears coffee essence as no almonds", () => {
    const essence = card.lines.find(({ text }) => text.endsWith("coffee essence"));
    expect(essence?.ingredient).toBe("other-extract");
  });
});

describe("lists behind headings", () => {
  it("are of what lies under the batter where they are for the pan", () => {
    const pears = told(`Pear upside-down
For the pan: 60 g butter, 100 g dark brown sugar, 3 ripe pears, peeled and sliced
Batter: 200 g plain flour, 1 tsp bicarbonate of soda, 120 g treacle, 100 g butter, 1 egg
Melt the 60 g butter in a 25 cm skillet, sprinkle the sugar over and arrange the pears on top.
Cream the butter, beat in the egg, add the rest. Pour over the pears. Bake at 180 C for 40 minutes.`);
    expect(linesOf(pears, "topping")).toEqual([
      "60 g butter",
      "100 g dark brown sugar",
      "3 ripe pears",
    ]);
    expect(linesOf(pears, "batter")).toHaveLength(5);
  });

  it("begin with what is grated of a fruit too", () => {
    const zest = told(`Quay squares
225 g butter
225 g sugar
275 g self-raising flour
4 eggs
grated zest of 2 lemons

Beat everything. Bake in a 20 cm square tin at 160 C for 35 minutes.`);
    expect(zest.steps.some(({ text }) => text.includes("zest"))).toBe(false);
    expect(linesOf(zest, "batter")).toContain("zest of 2 lemons");
  });
});

describe("a filling with a list of its own", () => {
  const TEXT = `Buttermilk layers with caramel

For the sponge
300 g plain flour
400 g brown sugar
240 ml buttermilk
3 large eggs

For the caramel filling
200 g caster sugar
90 g butter
120 ml double cream

For the frosting
300 g dark chocolate
300 ml double cream

Heat the oven to 170 C. Line three 20 cm tins. Whisk everything and divide between the tins.
Bake for 28-32 minutes. Leave for 15 minutes, then turn out to cool.
For the caramel: melt the sugar in a heavy pan until amber, whisk in the butter, then the cream. Cool for 2 hours until thick.
Fill with the caramel and cover the top and sides with the frosting.`;

  it("is none of the batter, though it has sugar, butter and cream", () => {
    const layers = told(TEXT);
    expect(linesOf(layers, "batter")).toHaveLength(4);
    expect(linesOf(layers, "filling")).toHaveLength(3);
  });

  it("is made by the steps that say its name, after the bake they stand after", () => {
    const caramel = told(TEXT).steps.filter(({ text }) => /caramel: melt|Cool for 2/u.test(text));
    expect(caramel.map(({ part, stage }) => [part, stage])).toEqual([
      ["filling", "cold"],
      ["filling", "cold"],
    ]);
  });

  it("may be the batter where no other list is one: a cheesecake's", () => {
    const cheese = told(
      TEXT.replace(
        /For the sponge[\s\S]*?eggs/u,
        "For the base\n200 g biscuits\n80 g butter",
      ).replace(
        /For the caramel filling[\s\S]*?cream/u,
        "For the filling\n600 g cream cheese\n150 g sugar\n3 eggs",
      ),
    );
    expect(linesOf(cheese, "batter")).toContain("600 g cream cheese");
  });
});

describe("what is no step, and when steps are done", () => {
  const drip = told(`Mast Lane chocolate drip cake

Serves 14

225 g butter
225 g sugar
4 eggs
225 g flour

For the drip
100 g dark chocolate
100 ml double cream

Heat the oven to 180C. Line two 20cm tins.
Beat everything and bake for 25 minutes. Cool in the tins for 10 minutes, then turn out.
Stack the cold layers with jam between. Chill for 30 minutes.
For the drip, heat the cream, pour over the chocolate and stir. Leave to cool for 10 minutes, then spoon round the edge of the cake so that it drips down the sides.`);

  it("leaves out a row of times", () => {
    const { steps } = told(CARD.replace("Icing:", "Prep: 20 mins  Bake: 40 mins\nIcing:"));
    expect(steps.some(({ text }) => text.includes("Prep"))).toBe(false);
  });

  it("leaves out the title and how many it serves, and lends their part to nothing", () => {
    expect(drip.steps.some(({ text }) => /Serves|Mast Lane/u.test(text))).toBe(false);
    expect(drip.steps.find(({ text }) => text.startsWith("Heat the oven"))?.part).toBe("batter");
  });

  it("cools the drip when it is made, and the cake when it is hot", () => {
    const stageOf = (start: string): string | undefined =>
      drip.steps.find(({ text }) => text.startsWith(start))?.stage;
    expect(stageOf("Leave to cool for 10 minutes")).toBe("cold");
    expect(stageOf("Cool in the tins")).toBe("hot");
  });
});

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
});
