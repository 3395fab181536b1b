import type { Ingredient } from "../ingredient";
import { row } from "./row";

/** What fewer kitchens have: candied and tinned things, cereals, cheeses, fruits of one region. */
export const LESS_USUAL: readonly Ingredient[] = [
  row(
    "tutti-frutti",
    "dried-fruit",
    "tutti frutti|tutti-frutti|candied papaya|candied fruit|candied fruits",
    165,
    [22, 0, 72, 0, 1, 0.1],
    { packG: 200 },
  ),
  row("browning", "syrup", "browning|burnt sugar|cake browning", 320, [30, 0, 60, 0, 5, 0.5]),
  row(
    "sugar-pearls",
    "sugar",
    "silver balls|sugar pearls|dragees|silver dragees|edible glitter|popping candy",
    200,
    [1, 0, 97, 0, 2, 0],
    { isInclusion: true, hazards: ["hard-sweets"] },
  ),
  row("plantain", "puree", "plantain|plantains|ripe plantain", 225, [65, 0, 15, 1, 16, 0], {
    eachG: 180,
    yieldShare: 0.65,
  }),
  row(
    "cornflakes",
    "other",
    "cornflakes|corn flakes|cereal|puffed rice",
    28,
    [4, 1, 8, 7, 78, 1.1],
    {
      isInclusion: true,
      allergens: ["barley"],
      packG: 500,
    },
  ),
  row("glycerine", "flavouring", "glycerine|glycerin", 300, [1, 0, 0, 0, 0, 0]),
  row("gooseberries", "fresh-fruit", "gooseberries|gooseberry", 150, [88, 0, 4, 1, 0, 0], {
    eachG: 4,
  }),
  row(
    "mixed-berries",
    "fresh-fruit",
    "mixed berries|berries|frozen berries|summer berries|huckleberries|saskatoons|saskatoon berries|lingonberries",
    145,
    [86, 0, 8, 1, 0, 0],
    { packG: 300 },
  ),
  row(
    "cordial",
    "syrup",
    "cordial|elderflower cordial|elderflower syrup",
    290,
    [40, 0, 55, 0, 0, 0],
  ),
  row("custard", "cream", "custard|pastry cream|ready-made custard", 255, [74, 3, 12, 3, 5, 0.1], {
    allergens: ["milk", "egg"],
  }),
  row(
    "hard-cheese",
    "other",
    "grated cheese|cheddar|cheddar cheese|hard cheese|grated cheddar|parmesan|queso",
    113,
    [37, 33, 0, 25, 0, 1.8],
    { allergens: ["milk"], keeps: "fridge, 3 weeks once opened" },
  ),
  row("pandan-juice", "water", "pandan juice|pandan extract|pandan", 237, [98, 0, 1, 0, 0, 0]),
  row(
    "redcurrant-jelly",
    "syrup",
    "redcurrant jelly|currant jelly|fruit jelly",
    320,
    [32, 0, 64, 0, 0, 0],
  ),
  row(
    "rusk-crumbs",
    "other",
    "rusk crumbs|rusks|rusk|crushed rusks",
    105,
    [7, 8, 12, 11, 60, 0.8],
    {
      allergens: ["wheat", "milk"],
    },
  ),
  row(
    "fondant",
    "sugar",
    "fondant|sugarpaste|ready-to-roll icing|rolled fondant",
    300,
    [9, 1, 88, 0, 2, 0],
  ),

  row("sweet-potato", "puree", "sweet potatoes|sweet potato", 200, [77, 0, 4, 2, 13, 0.1], {
    eachG: 200,
    yieldShare: 0.82,
    hazards: [],
  }),
  row("quince", "fresh-fruit", "quinces|quince", 150, [84, 0, 9, 0, 2, 0], { eachG: 180 }),
  row("grapes", "fresh-fruit", "grapes|grape", 150, [81, 0, 16, 1, 0, 0], { eachG: 5 }),
  row("kiwi", "fresh-fruit", "kiwis|kiwi|kiwi fruit", 180, [83, 0, 9, 1, 0, 0], { eachG: 75 }),
  row("grapefruit", "fresh-fruit", "grapefruits|grapefruit", 210, [90, 0, 7, 1, 0, 0], {
    eachG: 230,
  }),
  row("calamansi", "acid-liquid", "calamansi|calamansi juice", 244, [91, 0, 3, 0, 0, 0]),
  row(
    "passionfruit",
    "fresh-fruit",
    "passion fruit|passionfruit|passion fruits|passionfruits|passion fruit pulp|passionfruit pulp",
    236,
    [73, 1, 11, 2, 0, 0],
    {
      eachG: 18,
    },
  ),
  row(
    "baking-ammonia",
    "leavener",
    "baking ammonia|hartshorn|ammonium carbonate|salt of hartshorn",
    180,
    [0, 0, 0, 0, 0, 0],
  ),
  row("pine-nuts", "nuts", "pine nuts|pine kernels", 135, [2, 68, 4, 14, 0, 0]),
  row(
    "pudding-powder",
    "starch",
    "vanilla pudding powder|pudding powder|instant pudding|pudding mix",
    140,
    [8, 0, 5, 0, 84, 0.5],
  ),
  row(
    "edible-flowers",
    "other",
    "edible flowers|flower petals|rose petals",
    null,
    [80, 0, 5, 1, 0, 0],
    {
      isInclusion: true,
    },
  ),
];
