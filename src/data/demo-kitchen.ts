import type { BakeRecord, BakeVerdict } from "@/core/logbook";
import type { KitchenOven } from "@/core/bake";
import { FIRST_QUESTION, type Question } from "@/core/ask";
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
    question: { tins: ["2 x 21.6 x 11.4 x 6.5 cm loaf"] },
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
      finish: {
        ...FIRST_QUESTION.finish,
        swirl: "low",
        toppings: [{ what: "nuts", at: "top", amount: "light" }],
      },
    },
  },
];

/** A bake of the demo kitchen's last year, as it went into its logbook. */
type DemoBake = {
  readonly madeOn: string;
  readonly recipe: string;
  readonly oven: "kitchen" | "galley";
  readonly tins: readonly string[];
  readonly minutes: number;
  readonly verdict: BakeVerdict | null;
  readonly change: string;
  readonly taste: string;
};

const LAYERS = ["2 x 20.3 x 5.1 cm round"];
const SHEET = ["33 x 22.9 x 5.1 cm rectangle"];

/**
 * A year of bakes: an oven in which the layers take a little longer than they are written, a loaf
 * that once came out raw, one bake the door was left open in.
 */
export const DEMO_BAKES: readonly DemoBake[] = [
  bake("2025-12-06", "blackcurrant-poppy", "kitchen", LAYERS, 35, "under", "two minutes more", ""),
  bake(
    "2025-12-20",
    "ferry-fruit",
    "kitchen",
    ["20 x 7.5 cm round"],
    162,
    "right",
    "",
    "rich, better after a week",
  ),
  bake("2026-01-10", "blackcurrant-poppy", "kitchen", LAYERS, 38, "right", "", "sharp and light"),
  bake("2026-01-24", "malt-hazelnut", "kitchen", SHEET, 35, "right", "", "toast the nuts darker"),
  bake(
    "2026-02-07",
    "cardamom-pear",
    "galley",
    ["21.6 x 11.4 x 6.5 cm loaf"],
    58,
    "under",
    "look later, it sank in the middle",
    "",
  ),
  bake("2026-02-14", "lantern-sponge", "kitchen", LAYERS, 21, "right", "", ""),
  bake(
    "2026-03-07",
    "blackcurrant-poppy",
    "kitchen",
    ["3 x 15 x 7.5 cm round"],
    41,
    "right",
    "",
    "the small ones stand well",
  ),
  bake(
    "2026-03-21",
    "cardamom-pear",
    "galley",
    ["21.6 x 11.4 x 6.5 cm loaf"],
    66,
    "right",
    "",
    "more cardamom",
  ),
  bake("2026-04-04", "quay-white-ring", "kitchen", ["25 x 10.5 cm tube"], 44, "right", "", ""),
  bake(
    "2026-04-18",
    "stout-gingerbread",
    "kitchen",
    ["25 x 9 cm fluted"],
    50,
    "right",
    "",
    "dark and sticky",
  ),
  bake("2026-05-02", "rhubarb-cups", "kitchen", ["12 cups 7 x 5.2 x 3.2 cm"], 24, "right", "", ""),
  bake(
    "2026-05-23",
    "malt-hazelnut",
    "kitchen",
    SHEET,
    38,
    "over",
    "back to 35 minutes",
    "dry at the rim",
  ),
  bake(
    "2026-06-06",
    "blackcurrant-poppy",
    "kitchen",
    SHEET,
    33,
    "right",
    "",
    "cut into 24 for the regatta",
  ),
  bake(
    "2026-06-20",
    "blackcurrant-poppy",
    "kitchen",
    LAYERS,
    61,
    "right",
    "the door stood open, don't go by this one",
    "",
  ),
  bake("2026-07-04", "salt-pier-squares", "kitchen", ["20 x 5 cm square"], 31, "right", "", ""),
  bake(
    "2026-07-18",
    "chapel-almond",
    "kitchen",
    ["23 x 6.5 cm springform"],
    45,
    "right",
    "",
    "orange next time",
  ),
  bake("2026-08-08", "cardamom-pear", "galley", ["12 cups 7 x 5.2 x 3.2 cm"], 25, "right", "", ""),
  bake("2026-08-29", "harbour-pound", "kitchen", ["22 x 11.5 x 6.5 cm loaf"], 70, "right", "", ""),
  bake(
    "2026-09-12",
    "stout-gingerbread",
    "galley",
    ["2 x 21.6 x 11.4 x 6.5 cm loaf"],
    48,
    "right",
    "",
    "for the ferry crew",
  ),
  bake(
    "2026-10-03",
    "blackcurrant-poppy",
    "kitchen",
    LAYERS,
    39,
    "over",
    "a minute less",
    "a shade dry",
  ),
  bake("2026-10-24", "pistachio-chiffon", "kitchen", ["25 x 10.5 cm tube"], 57, "right", "", ""),
  bake(
    "2026-11-14",
    "blackcurrant-poppy",
    "kitchen",
    LAYERS,
    37,
    "right",
    "half the poppy seeds on top",
    "the best yet",
  ),
  bake("2026-11-22", "lighthouse-cheese", "kitchen", ["23 x 6.5 cm springform"], 60, null, "", ""),
];

/** What was weighed of some of them, by their day. */
export const DEMO_WEIGHED: Readonly<
  Record<string, Pick<BakeRecord, "massAfterG"> & { readonly usedG?: number }>
> = {
  "2026-01-10": { massAfterG: 915, usedG: 760 },
  "2026-06-06": { massAfterG: 1030 },
  "2026-10-03": { massAfterG: 905, usedG: 745 },
  "2026-11-14": { massAfterG: 912, usedG: 790 },
};

function bake(
  madeOn: string,
  recipe: string,
  oven: DemoBake["oven"],
  tins: readonly string[],
  minutes: number,
  verdict: BakeVerdict | null,
  change: string,
  taste: string,
): DemoBake {
  return { madeOn, recipe, oven, tins, minutes, verdict, change, taste };
}
