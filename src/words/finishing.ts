import type { Question } from "@/core/ask";
import { FROSTINGS, type Frosting } from "@/core/build";
import type {
  BuildRemark,
  Laid,
  PutOnPiece,
  Roll,
  Quantity,
  Coating,
  Standing,
  Stuff,
  Thing,
  Tier,
  Why,
} from "@/core/build";
import type {
  ToppingAmount,
  Consistency,
  Finish,
  NextSpoon,
  Pattern,
  Piped,
  PourWindow,
  Rounding,
  Swirl,
} from "@/core/finish";
import { assertNever, capitalised, INCH_MM, roundTo } from "@/core/measure";
import { sayIn } from "./vocabulary";
import { FROSTING_NAMES, PIECE_NAMES, SPREAD_NAMES } from "./kinds";
import {
  depthText,
  fraction,
  heatText,
  lengthText,
  minutesText,
  percentText,
  tinText,
  volumeText,
  weightText,
} from "./quantities";
import type { Units } from "./regions";

export const LAID_NAMES: Readonly<Record<Laid, string>> = {
  crumble: "crumble",
  "crumb-base": "crumb base",
  nuts: "chopped nuts",
  strands: "sprinkles",
  "tiny-balls": "nonpareils",
  scatter: "a scatter",
  "full-top": "berries or chips, close",
  "jam-film": "film of jam",
  "dusting-sugar": "dusting of sugar",
  chips: "chips",
  curls: "chocolate curls",
  shavings: "chocolate shavings",
  coconut: "coconut",
  praline: "crushed praline",
  "grated-carrot": "grated carrot",
  glitter: "edible glitter",
};
export const COVER_NAMES: Readonly<Record<Question["cover"], string>> = {
  "as-recipe": "As the recipe has it",
  none: "Nothing",
  top: "The top",
  "top-and-sides": "Top and sides",
  "half-naked": "Half-naked: sides scraped",
  naked: "Naked: filled and topped",
};
/** What the frosting is called: as the recipe calls its own, or by what it is. */
export const frostingName = ({ frosted, frosting, finish }: Question, units: Units): string =>
  frosted !== null && frosting === frosted.like && finish.part === ""
    ? inSentence(frosted.name)
    : sayIn(units)(FROSTING_NAMES[frosting]);

/** The frostings there are, the recipe's own by its own name. */
export const frostingChoices = (
  question: Question,
  units: Units,
): readonly (readonly [Frosting, string])[] =>
  FROSTINGS.map((each) => [each, frostingName({ ...question, frosting: each }, units)] as const);

const inSentence = (name: string): string =>
  /^\p{Lu}\p{Ll}/u.test(name) ? name.charAt(0).toLowerCase() + name.slice(1) : name;

export const STANDING_NAMES: Readonly<Record<Standing, string>> = {
  apart: "Each by itself",
  stacked: "Stacked into one",
  rolled: "Rolled up",
  tiers: "In tiers",
};
export const PIPED_NAMES: Readonly<Record<Piped, string>> = {
  shell: "shells",
  rope: "rope",
  pearl: "pearls",
  ruffle: "ruffle",
  star: "star line",
  round: "plain line",
};
export const SWIRL_NAMES: Readonly<Record<Swirl, string>> = {
  flat: "flat rosettes",
  low: "low swirls",
  medium: "swirls",
  tall: "tall swirls",
};
export const AMOUNT_NAMES: Readonly<Record<ToppingAmount, string>> = {
  light: "a little",
  usual: "usual",
  heavy: "plenty",
};
export const PATTERN_NAMES: Readonly<Record<Pattern, string>> = {
  rings: "in rings",
  packed: "as close as can be",
  grid: "in rows",
  staggered: "in shifted rows",
};
export const ROUNDING_NAMES: Readonly<Record<Rounding, string>> = {
  grams: "to grams that read well",
  "half-sticks": "to half sticks",
  packs: "to whole 250 g packs",
};
export const CONSISTENCY_NAMES: Readonly<Record<Consistency, string>> = {
  stiff: "stiff, for piping that stands",
  spreading: "spreads",
  pouring: "pours",
};

const THING_NAMES: Readonly<Record<Thing, string>> = {
  filling: "filling",
  dam: "dam",
  soak: "soak",
  "first-coat": "first coat",
  "final-coat": "final coat",
  top: "on top",
  border: "border",
  swirls: "swirls",
  pour: "poured",
  drips: "drips",
  topping: "scattered",
  covering: "covering",
  dressing: "put on",
};

/** What something is made of, as its baker says. */
export function stuffName(stuff: Stuff): string {
  if (stuff === "syrup") return "syrup";
  if (stuff === "rolled-covering") return "fondant";
  if (stuff === "own") return "something of your own";
  if (stuff in PIECE_NAMES) return PIECE_NAMES[stuff as PutOnPiece];
  return stuff in SPREAD_NAMES ? SPREAD_NAMES[stuff as Coating] : LAID_NAMES[stuff as Laid];
}

/** One quantity by name: what it is of, and where it goes. */
export function quantityName(quantity: Quantity): string {
  const { thing, stuff, count: onEach, piece, times, called } = quantity;
  if (thing === "dressing") {
    const name = called ?? stuffName(stuff);
    return onEach === null ? name : `${onEach * times} ${name}`;
  }
  if (thing === "topping" || thing === "covering") return stuffName(stuff);
  // Shells are counted on each cake, swirls on all the cups together.
  const count = onEach !== null && piece === "swirl" ? onEach * times : onEach;
  const counted =
    count === null || piece === null ? "" : `${count} ${piece}${count === 1 ? "" : "s"}`;
  const named =
    thing === "border" && counted !== ""
      ? `border of ${counted}`
      : counted === ""
        ? THING_NAMES[thing]
        : counted;
  if (called !== undefined)
    return called.toLowerCase().includes(named.toLowerCase())
      ? called
      : `${named}, ${inSentence(called)}`;
  return `${named}, ${stuffName(stuff)}`;
}

/**
 * The formula behind a quantity, with its numbers; what stands before it is what `times` cakes
 * take.
 */
export function whyAmountText(
  { why, times, volumeMl, massG, stuff }: Quantity,
  units: Units,
): string {
  const many = times > 1 ? `${times} × (` : "";
  const close = times > 1 ? ")" : "";
  const result =
    volumeMl === null
      ? weightText(massG, units)
      : `${volumeText(volumeMl, units)}, ${weightText(massG, units)}`;
  const weighed =
    volumeMl === null || volumeMl === 0 || stuff === "syrup"
      ? ""
      : `, at ${roundTo(massG / volumeMl, 0.01)} g to the mL`;
  return `${many}${sumText(why, units)}${close} = ${result}${weighed}.`;
}

function sumText(why: Why, units: Units): string {
  const area = (mm2: number): string => exactArea(mm2, units);
  const thick = (mm: number): string => thickText(mm, units);
  switch (why.how) {
    case "between":
      return `${why.gaps === 1 ? "" : `${why.gaps} gaps × `}${thick(why.thickMm)} × ${area(why.areaMm2)}`;
    case "ring-between":
      return `${why.gaps === 1 ? "" : `${why.gaps} gaps × `}${thick(why.thickMm)} × (${area(why.areaMm2)} − ${area(why.insideMm2)} inside the dam)`;
    case "round":
      return `${area(why.grownMm2)} with the coat on × ${thick(why.grownHeightMm)} high − ${area(why.areaMm2)} × ${thick(why.heightMm)} of cake${why.hiddenMm3 > 0 ? ` − ${volumeText(why.hiddenMm3 / 1000, units)} under the tier above` : ""}${why.lessMm3 > 0 ? ` − ${volumeText(why.lessMm3 / 1000, units)} of first coat` : ""}`;
    case "over":
      return `${area(why.areaMm2)} × ${thick(why.thickMm)}`;
    case "along":
      return `${lengthText(why.lengthMm, units)} of piping × ${area(why.sectionMm2)} of section`;
    case "each":
      return `${why.count} × ${units.measure === "us" ? volumeText(why.eachMl, units) : `${roundTo(why.eachMl, 0.1)} mL`}`;
    case "poured":
      return `(${area(why.areaMm2)} × ${thick(why.thickMm)}${why.sideMm2 > 0 ? ` + ${area(why.sideMm2)} of side × ${thick(why.sideThickMm)}` : ""})${why.poolFraction > 0 ? ` and ${percentText(why.poolFraction)} for the pool, caught and used again` : ""}`;
    case "by-area":
      return `${area(why.areaMm2)} × ${roundTo(why.gPerCm2, 0.005)} g to the cm²`;
    case "by-weight":
      return `${weightText(why.cakeG, units)} of cake × ${roundTo(why.mlPerKg, 1)} mL to the kg`;
    case "pieces":
      return `${why.count} × ${roundTo(why.eachG, 0.1)} g`;
    case "told":
      return "as you said";
    case "rolled":
      return `${area(why.areaMm2)} rolled out × ${thick(why.thickMm)}`;
    default:
      return assertNever(why);
  }
}

/** Areas as a formula needs them: a bead's section in mm², a top in cm². */
function exactArea(mm2: number, units: Units): string {
  if (units.measure === "us")
    return `${roundTo(mm2 / INCH_MM ** 2, mm2 < INCH_MM ** 2 ? 0.01 : 0.1)} sq in`;
  return mm2 < 1000 ? `${Math.round(mm2)}\u00a0mm²` : `${Math.round(mm2 / 100)}\u00a0cm²`;
}

/** A thickness to the half millimetre where that matters, or to a sixteenth of an inch. */
export function thickText(mm: number, units: Units): string {
  if (units.measure === "metric")
    return mm < 10 ? `${roundTo(mm, 0.5)}\u00a0mm` : depthText(mm, units);
  return mm < INCH_MM / 11 ? "1/16\u00a0in" : depthText(mm, units);
}

/** A remark on how a cake is put together. */
export function buildRemarkText(remark: BuildRemark, units: Units): string {
  const say = sayIn(units);
  switch (remark.code) {
    case "one-layer-has-no-filling":
      return "One layer has nothing to fill: split it, or stack two.";
    case "not-rolled":
      return `A sheet ${depthText(remark.layerMm, units)} thick does not roll up here: it stands flat. Those of ${depthText(5, units)} to ${depthText(40, units)} bend.`;
    case "supports-needed":
      return `${remark.tiers} tiers: a board under each upper one, and supports cut level with the tier below to carry the ${weightText(remark.aboveG, units)} above.`;
    case "soft-filling-without-dam":
      return say`${capitalised(SPREAD_NAMES[remark.filling])} slides out under a layer: pipe a dam of frosting round it.`;
    default:
      return assertNever(remark);
  }
}

/** When and how warm something is poured. */
export function pourText({ pourC, onto, minutesAfterOven }: PourWindow, units: Units): string {
  const warm = `Pour at ${heatText(pourC[0], units)} to ${heatText(pourC[1], units)}`;
  if (minutesAfterOven === null) return `${warm}, over the ${onto} cake.`;
  return `${warm}, over the cake while it is ${onto}: ${minutesAfterOven[0]} to ${minutesText(minutesAfterOven[1])} after the oven.`;
}

/** Teaspoons in quarters, three of them a tablespoon. */
function spoonsText(teaspoons: number): string {
  const tablespoons = Math.floor(teaspoons / 3);
  const rest = teaspoons - 3 * tablespoons;
  return [tablespoons === 0 ? "" : `${tablespoons} tbsp`, rest === 0 ? "" : `${fraction(rest)} tsp`]
    .filter((each) => each !== "")
    .join(" and ");
}

/** The next thing to do with a frosting, and what went in so far. */
export function nextSpoonText(next: NextSpoon): string {
  switch (next.do) {
    case "add": {
      const soFar = next.soFarTsp === 0 ? "" : ` So far ${spoonsText(next.soFarTsp)} went in.`;
      return `Beat in ${spoonsText(next.teaspoons)} of ${next.name}, ${Math.max(1, Math.round(next.massG))} g, then look again.${soFar}`;
    }
    case "chill":
      return "Chill it ten minutes, bowl and all, then beat it again: more of anything would thin it.";
    case "whip":
      return "Whip on, a few seconds at a time: it stiffens fast, and goes to butter soon after.";
    case "boil":
      return "Warm it gently and let it boil on for a minute, then beat it as it cools.";
    case "warm":
      return "Warm the bowl over hot water for half a minute, then beat it: it is cold, not dry.";
  }
}

/** What goes on in a few words, under the strip. */
export function finishedWith({ cover, frosting, quantities }: Finish): string {
  const more = [
    ...new Set(
      quantities
        .filter(({ thing }) =>
          ["border", "swirls", "pour", "drips", "topping", "covering", "dressing"].includes(thing),
        )
        .map(({ thing, stuff, called }) =>
          thing === "topping"
            ? LAID_NAMES[stuff as Laid]
            : thing === "dressing"
              ? (called ?? stuffName(stuff))
              : THING_NAMES[thing],
        ),
    ),
  ];
  return [cover === "none" ? "" : SPREAD_NAMES[frosting], ...more]
    .filter((each) => each !== "")
    .join(", ");
}

/** How a tier stands: layers and height. */
export function layersText(layers: number, layerMm: number, units: Units): string {
  return layers === 1 ? depthText(layerMm, units) : `${layers} × ${depthText(layerMm, units)}`;
}

/** A roll's size, and how often the sheet goes round. */
export function rolledText({ lengthMm, diameterMm, turns }: Roll, units: Units): string {
  return `${depthText(diameterMm, units)} thick and ${depthText(lengthMm, units)} long, ${fractionText(turns)} times round`;
}

const fractionText = (turns: number): string => turns.toFixed(1).replace(/\.0$/u, "");

/** What a tier is of and how it stands. */
export function tierText({ geometry: { tin }, layers, layerMm, roll }: Tier, units: Units): string {
  if (roll !== null)
    return `a sheet ${depthText(roll.layerMm, units)} thick, rolled up ${rolledText(roll, units)}`;
  const one = tin.shape === "well" ? tin : { ...tin, count: 1 };
  return `${tinText(one, units)}: ${layersText(layers, layerMm, units)}`;
}

/** Sizes of a rolled sheet. */
export function sheetText(
  { lengthMm, widthMm, isRound }: Finish["sheets"][number],
  units: Units,
): string {
  return isRound
    ? `a round ${lengthText(lengthMm, units)} across`
    : `${lengthText(lengthMm, units)} by ${lengthText(widthMm, units)}`;
}
