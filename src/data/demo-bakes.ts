import type { BakeRecord, BakeVerdict, RecordedTin } from "@/core/logbook";

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

/** What was weighed, measured and read of some of them, by their day. */
export const DEMO_WEIGHED: Readonly<
  Record<
    string,
    Partial<Pick<BakeRecord, "massAfterG" | "readC" | "dialC" | "handsMin">> & {
      readonly usedG?: number;
      /** Of its first tins: poured, raw depth, cold rim and middle. */
      readonly tins?: Partial<RecordedTin>;
    }
  >
> = {
  "2026-01-10": { massAfterG: 915, usedG: 760, handsMin: { planned: 92, took: 110 } },
  "2026-06-06": { massAfterG: 1030 },
  "2026-10-03": {
    massAfterG: 905,
    usedG: 745,
    dialC: 185,
    readC: [176, 174, 177],
    tins: { batterG: 1001, isWeighed: true, levelMm: 19, edgeMm: 28, crownMm: 35 },
  },
  "2026-11-14": {
    massAfterG: 912,
    usedG: 790,
    dialC: 185,
    readC: [175, 178],
    handsMin: { planned: 92, took: 104 },
    tins: { batterG: 1006, isWeighed: true, levelMm: 19, edgeMm: 29, crownMm: 35 },
  },
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
