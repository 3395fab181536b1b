import type { HeatReason } from "@/core/bake";
import type { Question } from "@/core/ask";
import type { FillVerdict } from "@/core/fill";
import type { Frosting, Coating, PutOnPiece } from "@/core/build";
import type { BatterKind } from "@/core/kind";
import type { RecipeWear } from "@/core/plan";

/** What a baker calls each kind of batter. */
export const KIND_NAMES: Readonly<Record<BatterKind, string>> = {
  creamed: "creamed butter",
  oil: "oil",
  "hot-liquid": "thin, hot liquid last",
  whisked: "whisked sponge",
  chiffon: "chiffon",
  "white-foam": "angel food",
  "folded-whites": "whites folded in",
  pound: "pound",
  "quick-loaf": "quick loaf",
  muffin: "muffin",
  "rich-fruit": "rich fruit",
  brownie: "brownie",
  "baked-cheese": "cheesecake",
  "set-pudding": "set pudding",
};

export const FROSTING_NAMES: Readonly<Record<Frosting, string>> = {
  "butter-and-sugar": "buttercream",
  "cream-cheese": "cream cheese",
  "whipped-cream": "whipped cream",
  "meringue-butter": "meringue buttercream",
  "whipped-ganache": "whipped ganache",
  "boiled-fudge": "boiled fudge",
  "water-icing": "glacé icing",
  marshmallow: "marshmallow",
};

/** Everything that is spread, filled or poured. */
export const SPREAD_NAMES: Readonly<Record<Coating, string>> = {
  ...FROSTING_NAMES,
  jam: "jam",
  curd: "curd",
  custard: "custard",
  "pouring-ganache": "ganache glaze",
};

/** How what a recipe puts on by itself lies on the cake. */
export const WORN_NAMES: Readonly<Record<RecipeWear["as"], string>> = {
  "over-top": "over the top",
  drips: "over the top, with drips",
  "over-all": "over top and sides",
  strewn: "strewn on top",
  unseen: "not drawn",
};

/** How much of the recipe to make. */
export const SCALE_NAMES: Readonly<Record<Question["scale"], string>> = {
  keep: "Keep the recipe",
  "same-depth": "As deep as written",
  "fill-limit": "As full as is safe",
  times: "Multiply by",
  depth: "To a depth of",
  guests: "For so many guests",
};

/** The verdict on a filled tin in a few words. */
export const VERDICT_WORDS: Readonly<Record<FillVerdict, string>> = {
  fits: "space to rise",
  crowns: "domes above the rim",
  overflows: "may overflow",
  "too-thin": "too thin",
};

/** Why the heat is what it is. */
export const HEAT_WORDS: Readonly<Record<HeatReason, string>> = {
  "as-written": "as the recipe says",
  "not-thicker": "no deeper than written: as it is",
  gentler: "lower: deeper than written",
  low: "low, for the flattest top",
  chosen: "your own choice",
};

/** The schools of heat. */
export const SCHOOL_NAMES: Readonly<Record<Question["school"], string>> = {
  gentler: "Lower if deeper",
  "as-written": "As written",
  low: "Low and slow",
  own: "My own temperature",
};

export const PIECE_NAMES: Readonly<Record<PutOnPiece, string>> = {
  strawberries: "strawberries",
  "strawberry-halves": "strawberry halves",
  "strawberry-slices": "strawberry slices",
  raspberries: "raspberries",
  blueberries: "blueberries",
  blackberries: "blackberries",
  cherries: "cherries",
  "fig-quarters": "quarters of fig",
  "peach-slices": "peach slices",
  "orange-slices": "orange slices",
  "lemon-slices": "lemon slices",
  "walnut-halves": "walnut halves",
  "pecan-halves": "pecan halves",
  hazelnuts: "hazelnuts",
  almonds: "almonds",
  "chocolate-buttons": "chocolate buttons",
  truffles: "truffles",
  "meringue-kisses": "meringue kisses",
  biscuits: "biscuits",
  "edible-flowers": "edible flowers",
  candles: "candles",
};
