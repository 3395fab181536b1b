import { describe, expect, it } from "vitest";
import { METRIC_MEASURES, US_MEASURES } from "../measure";
import { matchIngredient, pantryOf } from "../pantry";
import { readLine } from "./line";
import { lineMass } from "./line-mass";

type Style = readonly [
  text: string,
  id: string | null,
  grams: number | "no-amount" | "unknown-ingredient" | "not-by-piece" | "not-by-volume",
  measures?: "us",
];

// Worked out by hand from the catalogue: metric cup 250 mL, spoons 15 and 5 mL, eggs 50 g; US cup
// 236.588 mL, tablespoon 14.787, teaspoon 4.929. A metric cup is 1.0567 US cups, its tablespoon
// 0.0634, its teaspoon 0.02113; a US tablespoon is 1/16 cup, a teaspoon 1/48.
const LINES: readonly Style[] = [
  // weights
  ["200 g plain flour", "plain-flour", 200],
  ["200g plain flour", "plain-flour", 200],
  ["200 grams of plain flour", "plain-flour", 200],
  ["200 gm maida", "plain-flour", 200],
  ["0.2 kg flour", "plain-flour", 200],
  ["1/4 kg flour", "plain-flour", 250],
  ["half a kilo flour", "plain-flour", 500],
  ["1 kilo caster sugar", "caster-sugar", 1000],
  ["1,000 g icing sugar", "icing-sugar", 1000],
  ["1,5 kg mixed dried fruit", "mixed-dried-fruit", 1500],
  ["8 oz butter", "unsalted-butter", 226.8],
  ["8oz butter", "unsalted-butter", 226.8],
  ["8 ounces unsalted butter", "unsalted-butter", 226.8],
  ["1 lb pears", "pears", 453.6],
  ["2 lbs apples", "apples", 907.2],
  ["1 pound carrots", "carrots", 453.6],
  ["1 1/2 lb rhubarb", "rhubarb", 680.4],
  ["500 mg saffron", "turmeric", 0.5],
  ["about 300 g blackcurrants", "blackcurrants", 300],
  ["approx. 300g blackcurrants", "blackcurrants", 300],
  ["~ 150 g dates", "dates", 150],
  ["150-200 g walnuts", "walnuts", 175],
  ["150 to 200g walnuts", "walnuts", 175],
  ["150–200 g chopped walnuts", "walnuts", 175],
  // two systems side by side
  ["250g/9oz plain flour", "plain-flour", 250],
  ["250 g / 9 oz plain flour", "plain-flour", 250],
  ["9oz/250g plain flour", "plain-flour", 255.1],
  ["225 g (8 oz) butter", "unsalted-butter", 225],
  ["1 cup (120 g) plain flour", "plain-flour", 120, "us"],
  ["2 1/4 cups (280 g) all-purpose flour", "plain-flour", 280, "us"],
  ["2¼ cups (about 280 g) all-purpose flour", "plain-flour", 280, "us"],
  ["1 cup / 225 g butter", "unsalted-butter", 225, "us"],
  ["½ cup (1 stick; 113 g) butter", "unsalted-butter", 113, "us"],
  ["1 cup [200g] granulated sugar", "granulated-sugar", 200, "us"],
  ["3/4 cup or 150 g sugar", "granulated-sugar", 150, "us"],
  ["2 eggs (about 100 g)", "egg", 100],
  // cups
  ["1 cup plain flour", "plain-flour", 122, "us"],
  ["1 cup flour", "plain-flour", 128.9],
  ["1 c. flour", "plain-flour", 122, "us"],
  ["2 cups of all purpose flour", "plain-flour", 244, "us"],
  ["1-1/2 cups sugar", "granulated-sugar", 300, "us"],
  ["1½ cups sugar", "granulated-sugar", 300, "us"],
  ["1 ½ cups sugar", "granulated-sugar", 300, "us"],
  ["1.5 cups sugar", "granulated-sugar", 300, "us"],
  ["one and a half cups sugar", "granulated-sugar", 300, "us"],
  ["1 and a half cups sugar", "granulated-sugar", 300, "us"],
  ["4½-5½ cups icing sugar", "icing-sugar", 590, "us"],
  ["half a cup of honey", "honey", 169, "us"],
  ["a cup of milk", "whole-milk", 243, "us"],
  ["three quarters of a cup milk", "whole-milk", 182.3, "us"],
  ["1 packed cup dark brown sugar", "dark-brown-sugar", 220, "us"],
  ["1 cup packed brown sugar", "light-brown-sugar", 216, "us"],
  ["1 cup firmly packed light brown sugar", "light-brown-sugar", 216, "us"],
  ["1 cup brown sugar, packed", "light-brown-sugar", 216, "us"],
  ["1 cup brown sugar", "light-brown-sugar", 216, "us"],
  ["1 cup sifted cake flour", "cake-flour", 100, "us"],
  ["1 cup cake flour, sifted", "cake-flour", 112, "us"],
  ["2 cups flour, spooned and levelled", "plain-flour", 244, "us"],
  ["2 cups (spooned and leveled) flour", "plain-flour", 244, "us"],
  ["2 cups dipped flour", "plain-flour", 290, "us"],
  ["3/4 cup plus 2 tablespoons milk", "whole-milk", 212.6, "us"],
  ["3/4 cup + 2 tbsp milk", "whole-milk", 212.6, "us"],
  ["1 cup minus 1 tbsp plain flour", "plain-flour", 114.4, "us"],
  ["1 cup vegetable oil", "vegetable-oil", 216, "us"],
  ["⅔ cup natural yoghurt", "yoghurt", 160, "us"],
  ["2/3 cup plain yogurt", "yoghurt", 160, "us"],
  ["1 cup grated carrot", "carrots", 105, "us"],
  ["1 cup mashed ripe bananas", "banana", 235, "us"],
  ["1 cup chopped pecans, toasted", "pecans", 110, "us"],
  ["1 cup semi-sweet chocolate chips", "chocolate-chips", 170, "us"],
  ["1 cup boiling water", "water", 237, "us"],
  ["1 cup hot strong coffee", "coffee", 237, "us"],
  ["1 cup old-fashioned oats", "rolled-oats", 90, "us"],
  // millilitres and the like
  ["250 ml milk", "whole-milk", 256.8],
  ["250ml whole milk", "whole-milk", 256.8],
  ["2.5 dl milk", "whole-milk", 256.8],
  ["2,5 dl milk", "whole-milk", 256.8],
  ["25 cl double cream", "double-cream", 248.3],
  ["1/2 l milk", "whole-milk", 513.6],
  ["half a litre of milk", "whole-milk", 513.6],
  ["1/2 pint milk", "whole-milk", 291.8],
  ["1 pint buttermilk", "buttermilk", 486, "us"],
  ["8 fl oz buttermilk", "buttermilk", 243, "us"],
  ["4 fl. oz. single cream", "single-cream", 115.3],
  ["100 cc water", "water", 100.2],
  // spoons
  ["1 tsp baking powder", "baking-powder", 4.5, "us"],
  ["1 teaspoon baking powder", "baking-powder", 4.6],
  ["1 tsp. baking soda", "bicarbonate", 5, "us"],
  ["½ tsp bicarb", "bicarbonate", 2.5],
  ["1/2 teaspoon salt", "salt", 3, "us"],
  ["1/4 tsp fine sea salt", "salt", 1.5, "us"],
  ["2 tbsp cocoa powder", "cocoa-natural", 10.6, "us"],
  ["2 Tbsp cocoa", "cocoa-natural", 10.8],
  ["2 T cocoa", "cocoa-natural", 10.6, "us"],
  ["1 t vanilla", "vanilla-extract", 4.3, "us"],
  ["2 tablespoons lemon juice", "lemon-juice", 30.5, "us"],
  ["1 heaped tablespoon cornflour", "cornflour", 15.2],
  ["1 heaping tbsp cornstarch", "cornflour", 15, "us"],
  ["a heaped tablespoon of cornflour", "cornflour", 15.2],
  ["1 rounded tsp baking powder", "baking-powder", 6.8],
  ["1 level tsp baking powder", "baking-powder", 4.6],
  ["level teaspoon baking powder", "baking-powder", "no-amount"],
  ["2 dessertspoons caster sugar", "caster-sugar", 17.6],
  ["1 dsp caster sugar", "caster-sugar", 8.8],
  ["1-2 tsp vanilla extract", "vanilla-extract", 6.5, "us"],
  ["1 tablespoonful golden syrup", "golden-syrup", 21.6],
  ["2 tbls poppy seeds", "poppy-seeds", 17.6, "us"],
  ["3 tblsp poppy seeds", "poppy-seeds", 26.4, "us"],
  // fingers and bottles
  ["a pinch of salt", "salt", 0.3],
  ["pinch of salt", "salt", 0.3],
  ["2 pinches ground cloves", "cloves", 0.6],
  ["a good pinch of nutmeg", "nutmeg", 0.3],
  ["3 drops almond extract", "almond-extract", 0.1],
  ["a dash of milk", "whole-milk", 0.6],
  ["a knob of butter", "unsalted-butter", 15],
  ["a handful of raisins", "raisins", 30],
  ["2 handfuls flaked almonds", "flaked-almonds", 60],
  // sticks and packs
  ["1 stick butter", "unsalted-butter", 113.4, "us"],
  ["2 sticks (226 g) unsalted butter", "unsalted-butter", 226.8, "us"],
  ["1 1/2 sticks butter, softened", "unsalted-butter", 170.1, "us"],
  ["1 x 400 g tin peaches", "peaches", 400],
  ["2 x 400g tins of peaches, drained", "peaches", 800],
  ["2 (400 mL) cans coconut milk", "coconut-milk", 777.6],
  ["1 (15 oz) can pumpkin", "pumpkin-puree", 425.2, "us"],
  ["one 15-ounce can pumpkin puree", "pumpkin-puree", 425.2, "us"],
  ["1 15-oz can pumpkin", "pumpkin-puree", 425.2, "us"],
  ["1 can sweetened condensed milk", "condensed-milk", 397],
  ["1 tin condensed milk (397g)", "condensed-milk", 397],
  ["2 packs cream cheese", "cream-cheese", 400],
  ["1 packet cream cheese (8 oz)", "cream-cheese", 226.8],
  ["1 packet gelatine", "gelatine-powder", 7],
  ["1 jar jam", "jam", 340],
  ["1 bag chocolate chips", "chocolate-chips", 200],
  ["1 sachet dried yeast", "yeast", 7],
  // things counted
  ["3 eggs", "egg", 150],
  ["3 large eggs", "egg", 174],
  ["3 large eggs, at room temperature", "egg", 150, "us"],
  ["2 medium free-range eggs", "egg", 100],
  ["1 egg", "egg", 50],
  ["an egg", "egg", 50],
  ["four eggs, separated", "egg", 200],
  ["2-3 eggs", "egg", 125],
  ["3 egg whites", "egg-white", 99],
  ["4 large egg yolks", "egg-yolk", 68, "us"],
  ["whites of 3 eggs", "egg-white", 99],
  ["yolks of 2 eggs", "egg-yolk", 34],
  ["eggs - 3", "egg", 150],
  ["eggs (2)", "egg", 100],
  ["Eggs: 3", "egg", 150],
  ["2 bananas", "banana", 236],
  ["3 very ripe bananas, mashed", "banana", 354],
  ["2 large pears, peeled and diced", "pears", 300],
  ["half a lemon", "lemons", 50],
  ["juice of 1 lemon", "lemon-juice", 45],
  ["juice of half a lemon", "lemon-juice", 22.5],
  ["zest of 2 oranges", "orange-zest", 14],
  ["finely grated zest of 1 unwaxed lemon", "lemon-zest", 4],
  ["grated rind of 1 orange", "orange-zest", 7],
  ["1 vanilla pod, split", "vanilla-pod", 3],
  ["2 gelatine leaves", "gelatine-leaf", 4],
  ["1 cinnamon stick", "cinnamon-stick", 3],
  ["2 stalks rhubarb", "rhubarb", 120],
  ["6 dates, chopped", "dates", 108],
  // amount after the name
  ["Butter: 200 g", "unsalted-butter", 200],
  ["Butter - 200 g", "unsalted-butter", 200],
  ["Butter – 200g, softened", "unsalted-butter", 200],
  ["Plain flour 250g", "plain-flour", 250],
  ["Caster sugar, 150 g", "caster-sugar", 150],
  ["Milk 1/2 cup", "whole-milk", 121.5, "us"],
  ["Baking powder - 1 1/2 tsp", "baking-powder", 6.8, "us"],
  ["Cocoa powder (25 g)", "cocoa-natural", 25],
  ["Dark chocolate ... 100 g", "dark-chocolate", 100],
  // bullets, boxes, numbers
  ["- 200 g butter", "unsalted-butter", 200],
  ["• 200 g butter", "unsalted-butter", 200],
  ["* 2 eggs", "egg", 100],
  ["[ ] 2 eggs", "egg", 100],
  ["1. 200 g butter", "unsalted-butter", 200],
  ["3) 2 eggs", "egg", 100],
  ["☐ 100 g ground hazelnuts", "ground-hazelnuts", 100],
  // preparation in front and behind
  ["100 g melted butter", "unsalted-butter", 100],
  ["100 g butter, melted and cooled", "unsalted-butter", 100],
  ["125 g softened unsalted butter", "unsalted-butter", 125],
  ["60 g toasted hazelnuts, roughly chopped", "hazelnuts", 60],
  ["350 g rhubarb (trimmed weight), cut in 1 cm pieces", "rhubarb", 350],
  ["120 ml hot stout", "stout", 121.7],
  ["200 g dark chocolate (70 %), chopped", "dark-chocolate", 200],
  ["85 g butter (salted)", "unsalted-butter", 85],
  ["1 cup sour cream (full-fat), at room temperature", "soured-cream", 235, "us"],
  ["100 g self raising flour plus extra for dusting", "self-raising-flour", 100],
  // no amount, or not to be weighed
  ["salt to taste", "salt", "no-amount"],
  ["butter, for greasing", "unsalted-butter", "no-amount"],
  ["icing sugar for dusting", "icing-sugar", "no-amount"],
  ["vanilla", "vanilla-extract", "no-amount"],
  ["flour as needed", "plain-flour", "no-amount"],
  ["a little milk", "whole-milk", "no-amount"],
  ["some raspberries to decorate", "raspberries", "no-amount"],
  ["2 bay leaves", null, "unknown-ingredient"],
  ["3 flours", "plain-flour", "not-by-piece"],
  ["1 cup gelatine leaves", "gelatine-leaf", "not-by-volume"],
];

describe("ingredient lines as people write them", () => {
  const pantry = pantryOf();

  it("has at least 150 styles of them, each once", () => {
    expect(LINES.length).toBeGreaterThanOrEqual(150);
    expect(new Set(LINES.map(([text]) => text)).size).toBe(LINES.length);
  });

  it.each(LINES.map(([text, id, expected, measures]) => ({ text, id, expected, measures })))(
    "$text is $id, $expected",
    ({ text, id, expected, measures }) => {
      const line = readLine(text);
      const ingredient = matchIngredient(line.name, pantry)?.ingredient ?? null;
      expect(ingredient?.id ?? null).toBe(id);
      const mass = lineMass(line, ingredient, measures === "us" ? US_MEASURES : METRIC_MEASURES);
      const found = typeof mass === "string" ? mass : mass.massG;
      if (typeof expected === "number") {
        // Weights in the table are worked out by hand and rounded to the gram, or to the tenth
        // under 10 g.
        expect(found).toBeTypeOf("number");
        expect(Math.abs(Number(found) - expected)).toBeLessThanOrEqual(expected < 10 ? 0.06 : 0.6);
      } else expect(found).toBe(expected);
      expect(line.text).toBe(text);
    },
  );
});
