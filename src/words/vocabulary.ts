// What bakers of one language call by different words. Sentences are written with the word at the
// left; whoever reads them elsewhere gets her own.
import { KITCHEN_REGIONS, type Region, type Units } from "./regions";

/** The columns of the table; in `metric`, elsewhere, things are called as they are written. */
const COLUMNS: readonly Region[] = ["us", "canada", "uk", "australia", "india"];

/** Things of the kitchen, and how words are spelt. An `s` after one makes it plural everywhere. */
const THINGS: Readonly<Record<string, string>> = {
  tin: "pan|pan|tin|tin|tin",
  frosting: "frosting|icing|icing|icing|icing",
  "glacé icing": "powdered sugar glaze|glacé icing|glacé icing|glacé icing|glacé icing",
  colour: "color|colour|colour|colour|colour",
  coloured: "colored|coloured|coloured|coloured|coloured",
  centre: "center|centre|centre|centre|centre",
  grey: "gray|grey|grey|grey|grey",
  pasteurised: "pasteurized|pasteurized|pasteurised|pasteurised|pasteurised",
  recognised: "recognized|recognized|recognised|recognised|recognised",
  "fan oven": "convection oven|convection oven|fan oven|fan-forced oven|convection oven",
  "with the fan on": "on convection|on convection|with the fan on|fan-forced|on convection",
  "with a fan": "on convection|on convection|with a fan|fan-forced|on convection",
  "blown by a fan": "on convection|on convection|blown by a fan|fan-forced|on convection",
  fan: "convection|convection|fan|fan-forced|convection",
  hob: "stovetop|stovetop|hob|cooktop|gas stove",
  "cling film": "plastic wrap|plastic wrap|cling film|cling wrap|cling film",
  "paper case": "cupcake liner|cupcake liner|paper case|patty case|paper case",
  "baking paper": "parchment paper|parchment paper|baking paper|baking paper|butter paper",
  "jug of water": "pitcher of water|jug of water|jug of water|jug of water|jug of water",
  millilitre: "milliliter|millilitre|millilitre|millilitre|millilitre",
  centimetre: "centimeter|centimetre|centimetre|centimetre|centimetre",
  worktop: "counter|counter|worktop|bench|counter",
};

/** What one buys and weighs, by the pantry's name for it. */
const FOODS: Readonly<Record<string, string>> = {
  "plain flour": "all-purpose flour|all-purpose flour|plain flour|plain flour|maida",
  "wholemeal flour": "whole wheat flour|whole wheat flour|wholemeal flour|wholemeal flour|atta",
  semolina: "semolina|semolina|semolina|semolina|sooji",
  polenta: "cornmeal|cornmeal|polenta|polenta|cornmeal",
  cornflour: "cornstarch|cornstarch|cornflour|cornflour|cornflour",
  "biscuit crumbs":
    "graham cracker crumbs|graham cracker crumbs|biscuit crumbs|biscuit crumbs|biscuit crumbs",
  "bicarbonate of soda": "baking soda|baking soda|bicarbonate of soda|bicarb soda|baking soda",
  "powdered gelatine":
    "powdered gelatin|powdered gelatin|powdered gelatine|powdered gelatine|powdered gelatine",
  "gelatine leaves":
    "gelatin sheets|gelatin sheets|gelatine leaves|gelatine leaves|gelatine sheets",
  "ground flaxseed":
    "ground flaxseed|ground flaxseed|ground linseed|ground linseed|ground flaxseed",
  "caster sugar": "superfine sugar|superfine sugar|caster sugar|caster sugar|caster sugar",
  "icing sugar": "powdered sugar|icing sugar|icing sugar|icing sugar|icing sugar",
  "black treacle": "molasses|molasses|black treacle|treacle|treacle",
  "corn syrup": "corn syrup|corn syrup|liquid glucose|glucose syrup|liquid glucose",
  "boiled sweets": "hard candies|hard candies|boiled sweets|boiled lollies|boiled sweets",
  "alkalised cocoa":
    "Dutch-process cocoa|Dutch-process cocoa|alkalised cocoa|Dutch cocoa|alkalised cocoa",
  "vegetable shortening":
    "vegetable shortening|vegetable shortening|white vegetable fat|vegetable shortening|vegetable shortening",
  "soya milk": "soy milk|soy milk|soya milk|soy milk|soya milk",
  yoghurt: "plain yogurt|plain yogurt|yoghurt|yoghurt|yoghurt",
  "Greek yoghurt": "Greek yogurt|Greek yogurt|Greek yoghurt|Greek yoghurt|Greek yoghurt",
  "soured cream": "sour cream|sour cream|soured cream|sour cream|sour cream",
  "double cream": "heavy cream|heavy cream|double cream|thickened cream|whipping cream",
  "single cream": "light cream|light cream|single cream|pouring cream|light cream",
  "ground almonds": "almond flour|almond flour|ground almonds|almond meal|almond flour",
  "ground hazelnuts": "hazelnut flour|hazelnut flour|ground hazelnuts|hazelnut meal|hazelnut flour",
  "ground pistachios":
    "pistachio flour|pistachio flour|ground pistachios|pistachio meal|pistachio flour",
  "flaked almonds": "sliced almonds|sliced almonds|flaked almonds|flaked almonds|flaked almonds",
  "desiccated coconut":
    "unsweetened shredded coconut|unsweetened shredded coconut|desiccated coconut|desiccated coconut|desiccated coconut",
  sultanas: "golden raisins|golden raisins|sultanas|sultanas|sultanas",
  "glacé cherries": "candied cherries|glacé cherries|glacé cherries|glacé cherries|glacé cherries",
  "mixed peel": "candied peel|mixed peel|mixed peel|mixed peel|mixed peel",
  "apple sauce": "applesauce|applesauce|apple sauce|apple sauce|apple sauce",
  courgettes: "zucchini|zucchini|courgettes|zucchini|zucchini",
  beetroot: "beets|beets|beetroot|beetroot|beetroot",
  flavouring: "flavoring|flavouring|flavouring|flavouring|flavouring",
  "food colouring": "food coloring|food colouring|food colouring|food colouring|food colouring",
  "mixed spice": "pumpkin pie spice|pumpkin pie spice|mixed spice|mixed spice|mixed spice",
  "silver balls": "silver dragées|silver dragées|silver balls|silver cachous|silver balls",
  glycerine: "glycerin|glycerin|glycerine|glycerine|glycerine",
};

/** What each thing and food is called in each region. */
export const CALLED = new Map(
  Object.entries({ ...FOODS, ...THINGS }).map(([written, row]) => {
    const names = row.split("|");
    return [written, new Map(COLUMNS.map((region, index) => [region, names[index]]))];
  }),
);

/**
 * Says a sentence of the app in a region's words; what is put into it (a recipe's name, a line as
 * she wrote it) stays as it is.
 * @example say`Grease the tin of ${name}` // "Grease the pan of Tin Roof cake"
 */
export type Say = {
  (text: string): string;
  (parts: TemplateStringsArray, ...values: readonly (string | number)[]): string;
};

const LONGEST_FIRST = [...CALLED.keys()].toSorted((a, b) => b.length - a.length);
/** The app's own name stays. */
const ANY = new RegExp(`(?<!Steady )\\b(${LONGEST_FIRST.join("|")})(s?)\\b(?!-)`, "giu");

function sayFor(region: Region): Say {
  const inWords = (text: string): string =>
    text.replaceAll(ANY, (written, word: string, plural: string) => {
      const called = (CALLED.get(word) ?? CALLED.get(word.toLowerCase()))?.get(region);
      if (called === undefined) return written;
      const isCapital = word.charAt(0) !== word.charAt(0).toLowerCase();
      return `${isCapital ? called.charAt(0).toUpperCase() + called.slice(1) : called}${plural}`;
    });
  return (text, ...values: readonly (string | number)[]) =>
    typeof text === "string"
      ? inWords(text)
      : text
          .map((part, index) => `${inWords(part)}${index < values.length ? values[index] : ""}`)
          .join("");
}

const AS_WRITTEN = sayFor("metric");
const SAYS = new Map(KITCHEN_REGIONS.map((region) => [region, sayFor(region)]));

/** How sentences are said in a kitchen. */
export const sayIn = ({ region }: Pick<Units, "region">): Say => SAYS.get(region) ?? AS_WRITTEN;

/** What a food of the pantry is called in a kitchen; her own names stay. */
export const foodName = (name: string, { region }: Pick<Units, "region">): string =>
  (hasOtherNames(name) ? CALLED.get(name)?.get(region) : undefined) ?? name;

/** Whether a food has other names elsewhere. */
export const hasOtherNames = (name: string): boolean => Object.hasOwn(FOODS, name);
