import { describe, expect, it } from "vitest";
import { pantryOf } from "../pantry";
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
