import type { KitchenOven } from "@/core/bake";
import { FIRST_QUESTION, type Question } from "@/core/ask";
import type { Portions } from "@/core/freezer";
import type { LarderRow } from "@/core/shopping";
import type { Tin } from "@/core/tin";

/** The demo kitchen: Lantern Row, a small harbour town, its suppers and its ferry crews. */
type DemoTin = {
  readonly id: string;
  readonly name: string;
  readonly owned: number;
  readonly spec: Tin;
};
/** A cake by its recipe and by what its question says otherwise than the recipe. */
type DemoCake = {
  readonly id: string;
  readonly name: string;
  readonly recipe: string;
  /** The oven it is for. */ readonly oven?: string;
  /** The demo bake it came out of, by its date, and when it was eaten. */
  readonly baked?: { readonly on: string; readonly eatenOn: string };
  readonly question: Partial<Question>;
};
type DemoOven = { readonly id: string; readonly name: string; readonly spec: KitchenOven };

export const DEMO_OVENS: readonly DemoOven[] = [
  {
    id: "kitchen",
    name: "Kitchen oven",
    spec: {
      source: "electric",
      air: "either",
      dial: { scale: "C", step: 5 },
      shelf: { widthMm: 595, depthMm: 400, atOnce: 1, clearMm: 320 },
      warmUpMin: 17,
      readings: [
        { dialC: 150, trueC: 147 },
        { dialC: 160, trueC: 156 },
        { dialC: 170, trueC: 164 },
        { dialC: 180, trueC: 172 },
        { dialC: 180, trueC: 174 },
        { dialC: 180, trueC: 148 },
        { dialC: 190, trueC: 182 },
        { dialC: 200, trueC: 190 },
        { dialC: 220, trueC: 208 },
      ],
    },
  },
  {
    id: "galley",
    name: "Ferry galley",
    spec: {
      source: "gas",
      air: "still",
      dial: { scale: "gas", step: 1 },
      shelf: { widthMm: 430, depthMm: 345, atOnce: 1, clearMm: 260 },
      warmUpMin: 25,
      readings: [
        { dialC: 177, trueC: 188 },
        { dialC: 165, trueC: 173 },
      ],
    },
  },
  {
    id: "chapel",
    name: "Chapel hall, the small one",
    spec: {
      source: "countertop",
      air: "fan",
      dial: { scale: "C", step: 10 },
      shelf: { widthMm: 300, depthMm: 290, atOnce: 1, clearMm: 180 },
      warmUpMin: 8,
      readings: [],
    },
  },
];

export const DEMO_TINS: readonly DemoTin[] = [
  {
    id: "rounds",
    name: "The pair of rounds",
    owned: 2,
    spec: { shape: "round", diameterMm: 203, depthMm: 51 },
  },
  {
    id: "small-rounds",
    name: "Three small rounds",
    owned: 3,
    spec: { shape: "round", diameterMm: 152, depthMm: 51 },
  },
  {
    id: "springform",
    name: "Springform, dark",
    owned: 1,
    spec: { shape: "springform", diameterMm: 230, depthMm: 65, material: "dark", looseBase: true },
  },
  {
    id: "big-rectangle",
    name: "Supper rectangle",
    owned: 1,
    spec: { shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51 },
  },
  {
    id: "glass-dish",
    name: "Glass dish",
    owned: 1,
    spec: { shape: "rectangle", lengthMm: 330, widthMm: 230, depthMm: 50, material: "glass" },
  },
  {
    id: "square",
    name: "Chapel hall square",
    owned: 1,
    spec: { shape: "square", sideMm: 200, depthMm: 50 },
  },
  {
    id: "tray",
    name: "Shallow tray",
    owned: 2,
    spec: { shape: "rectangle", lengthMm: 380, widthMm: 255, depthMm: 25 },
  },
  {
    id: "loaf",
    name: "Loaf tin",
    owned: 2,
    spec: { shape: "loaf", lengthMm: 216, widthMm: 114, depthMm: 65 },
  },
  {
    id: "fluted",
    name: "Fluted ring",
    owned: 1,
    spec: { shape: "fluted", diameterMm: 250, depthMm: 90, material: "dark" },
  },
  {
    id: "tube",
    name: "Tall tube tin",
    owned: 1,
    spec: { shape: "tube", diameterMm: 250, depthMm: 105, brimMl: 4300 },
  },
  { id: "fish", name: "The fish", owned: 1, spec: { shape: "odd", brimMl: 1850 } },
  {
    id: "stepped",
    name: "Net mender's stepped tin",
    owned: 1,
    spec: {
      shape: "drawn",
      depthMm: 70,
      profile: [
        { heightMm: 0, widthMm: 150 },
        { heightMm: 30, widthMm: 158 },
        { heightMm: 32, widthMm: 200 },
        { heightMm: 70, widthMm: 208 },
      ],
    },
  },
  {
    id: "cups",
    name: "Dozen cups",
    owned: 2,
    spec: { shape: "well", rimMm: 70, floorMm: 52, depthMm: 32, count: 12 },
  },
  {
    id: "small-cups",
    name: "Small cups",
    owned: 1,
    spec: { shape: "well", rimMm: 46, floorMm: 34, depthMm: 20, count: 24 },
  },
];

/** The first day that a demo cake is wanted on; all of them move on by weeks once it is past. */
export const DEMO_WEEK = "2026-12-05";

export const DEMO_CAKES: readonly DemoCake[] = [
  {
    id: "harbour-supper",
    name: "Harbour supper cake",
    recipe: "blackcurrant-poppy",
    oven: "kitchen",
    question: { tins: ["33 x 22.9 x 5.1 cm rectangle"], scale: "same-depth" },
  },
  {
    id: "ferry-morning",
    name: "Ferry crew, Sunday morning",
    recipe: "stout-gingerbread",
    oven: "galley",
    question: {
      tins: ["2 x 21.6 x 11.4 x 6.5 cm loaf"],
      day: { ...FIRST_QUESTION.day, wantedAt: "2026-12-06T10:30" },
    },
  },
  {
    id: "lifeboat-day",
    name: "Lifeboat day, four layers",
    recipe: "blackcurrant-poppy",
    oven: "kitchen",
    question: {
      tins: ["2 x 20.3 x 5.1 cm round"],
      scale: "times",
      amount: "1.25",
      cover: "top-and-sides",
      frosting: "meringue-butter",
      day: {
        ...FIRST_QUESTION.day,
        wantedAt: "2026-12-05T15:00",
        outFrom: "12:00",
        outTo: "12:45",
      },
      build: {
        ...FIRST_QUESTION.build,
        splits: 2,
        filling: "jam",
        fillingMm: "5 mm",
        damMm: "14 mm",
      },
      finish: {
        ...FIRST_QUESTION.finish,
        borders: [
          { at: "top", style: "shell", widthMm: "16 mm" },
          { at: "base", style: "pearl", widthMm: "10 mm" },
        ],
        fruit: {
          at: "top",
          pattern: "rings",
          widthMm: "22 mm",
          overlap: "",
          each: "1",
          syrup: false,
        },
        colours: [
          { name: "plain", share: "3" },
          { name: "plum", share: "1" },
        ],
      },
    },
  },
  {
    id: "lantern-night",
    name: "Lantern night cups",
    recipe: "cardamom-pear",
    question: {
      tins: ["12 cups 7 x 5.2 x 3.2 cm"],
      cover: "top",
      frosting: "cream-cheese",
      day: { ...FIRST_QUESTION.day, wantedAt: "2026-12-09T18:00" },
      finish: {
        ...FIRST_QUESTION.finish,
        swirl: "low",
        toppings: [{ what: "nuts", at: "top", amount: "light" }],
      },
    },
  },
  {
    id: "quay-cheesecake",
    name: "Cheesecake for the net menders",
    recipe: "lighthouse-cheese",
    oven: "kitchen",
    baked: { on: "2026-11-22", eatenOn: "" },
    question: {
      tins: ["23 x 6.5 cm springform"],
      day: { ...FIRST_QUESTION.day, wantedAt: "2026-11-23T16:00" },
    },
  },
  {
    id: "farewell-layers",
    name: "The old ferry's farewell",
    recipe: "blackcurrant-poppy",
    oven: "kitchen",
    baked: { on: "2026-11-14", eatenOn: "2026-11-15" },
    question: {
      tins: ["2 x 20.3 x 5.1 cm round"],
      day: { ...FIRST_QUESTION.day, wantedAt: "2026-11-14T16:00" },
    },
  },
];

/** What is put away in the demo kitchen, made so many days before it is laid in. */
export const DEMO_PORTIONS: readonly {
  readonly id: string;
  readonly madeDaysAgo: number;
  readonly portions: Omit<Portions, "madeOn" | "thawedOn" | "bestBefore" | "wantedAt" | "notes">;
  /** It is wanted in so many days, at four. */
  readonly wantedInDays?: number;
}[] = [
  {
    id: "ginger-slices",
    madeDaysAgo: 88,
    portions: {
      name: "Stout gingerbread, sliced",
      what: "cake",
      count: 16,
      left: 6,
      eachG: 70,
      keeping: { roomHours: 96, fridgeDays: 7, freezerMonths: 3 },
      isCold: false,
      allergens: ["wheat", "milk", "egg", "barley"],
      place: "freezer",
      cakeId: null,
    },
  },
  {
    id: "cheesecake-pieces",
    madeDaysAgo: 6,
    wantedInDays: 9,
    portions: {
      name: "Cheesecake for the net menders",
      what: "cake",
      count: 12,
      left: 8,
      eachG: 110,
      keeping: { roomHours: 2, fridgeDays: 4, freezerMonths: 1 },
      isCold: true,
      allergens: ["wheat", "milk", "egg"],
      place: "freezer",
      cakeId: "quay-cheesecake",
    },
  },
  {
    id: "bare-layers",
    madeDaysAgo: 20,
    portions: {
      name: "Poppy seed layers, bare",
      what: "layers",
      count: 2,
      left: 2,
      eachG: 480,
      keeping: { roomHours: 72, fridgeDays: 6, freezerMonths: 3 },
      isCold: false,
      allergens: ["wheat", "milk", "egg"],
      place: "freezer",
      cakeId: null,
    },
  },
  {
    id: "grated-carrot",
    madeDaysAgo: 1,
    portions: {
      name: "Carrots, peeled and grated",
      what: "vegetables",
      count: 1,
      left: 1,
      eachG: 320,
      keeping: { roomHours: 2, fridgeDays: 4, freezerMonths: 8 },
      isCold: true,
      allergens: [],
      place: "fridge",
      cakeId: null,
    },
  },
];

/**
 * What is in the cupboard roughly, and what Harbour Stores asks for a pack, in the town's own money;
 * packs are the usual ones.
 */
export const DEMO_LARDER: readonly Pick<LarderRow, "key" | "name" | "has" | "price">[] = (
  [
    ["caster-sugar", "caster sugar", { in: "g", amount: 1200 }, 1.6],
    ["icing-sugar", "icing sugar", { in: "g", amount: 300 }, 1.4],
    ["salt", "salt", "plenty", null],
    ["baking-powder", "baking powder", "plenty", null],
    ["egg", "eggs", null, 2.1],
    ["unsalted-butter", "unsalted butter", null, 2.3],
    ["plain-flour", "plain flour", null, 1.3],
    ["dark-chocolate", "dark chocolate", null, 1.9],
    ["double-cream", "double cream", null, 1.5],
    ["cream-cheese", "cream cheese", null, 1.7],
  ] as const
).map(([key, name, has, amount]) => ({
  key,
  name,
  has,
  price: amount === null ? null : { amount, sign: "£" },
}));
