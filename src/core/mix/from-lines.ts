import {
  isSelfRaising,
  massOfGroups,
  readStep,
  type BalanceRules,
  type PartFormula,
} from "../recipe";
import type { FoodGroup } from "../pantry";
import { KIND_FACTS, type BatterKind } from "../kind";
import { BATTER_LIMITS, type Batter } from "./batter";

/** Why a batter was taken for its kind. */
export type KindReason =
  | "cream-cheese"
  | "set"
  | "dried-fruit"
  | "chocolate-little-flour"
  | "whites-only"
  | "whipped-eggs-oil"
  | "whipped-eggs"
  | "whites-folded"
  | "hot-liquid"
  | "oil"
  | "melted"
  | "melted-sweet"
  | "creamed-heavy"
  | "creamed"
  | "muffin"
  | "quick"
  | "name"
  | "usual";

export type RecognisedKind = { readonly kind: BatterKind; readonly reason: KindReason };

/** Where the batter is baked, as far as it tells its kind. */
export type BakedIn = "loaf" | "cups" | "other";

const EGGS: readonly FoodGroup[] = ["egg", "egg-white", "egg-yolk"];
const THIN: readonly FoodGroup[] = ["milk", "cultured-milk", "water", "acid-liquid", "cream"];

/**
 * The kind of batter a part's lines and steps make, with the reason; rules in order, the first that
 * holds decides. Judgement: the shares are those at which bakers call a batter by that name.
 */
export function recogniseKind(part: PartFormula, bakedIn: BakedIn): RecognisedKind {
  const { massG, flourG, totals } = part;
  const of = (...groups: FoodGroup[]): number => massOfGroups(part, groups);
  // What is done in the oven or after it is done to a cake, not to its batter.
  const steps = part.part.steps.filter(({ stage = "before" }) => stage === "before");
  const text = steps
    .map((step) => step.text)
    .join(" ")
    .toLowerCase();
  const lines = part.part.lines
    .map((line) => line.text)
    .join(" ")
    .toLowerCase();
  const hasStep = (kind: string): boolean =>
    steps.some(
      (step) =>
        readStep(step).kind === kind ||
        (step.kind === undefined &&
          step.text.split(/[.;]\s/u).some((each) => readStep({ text: each }).kind === kind)),
    );
  const toFlour = (grams: number): number => (flourG === 0 ? Infinity : grams / flourG);
  const eggs = of(...EGGS);
  const isWhitesApart =
    /\bwhites\b|\begg white\b|\bwhite of\b/u.test(text) &&
    /(?:peaks?|whip|whisk|stiff|foam|froth|snow)/u.test(text) &&
    /fold|incorporat|heave|lighten/u.test(text);
  const leavener = of("leavener", "soda");
  const isSelfRaised = part.rows.some(({ ingredient }) => isSelfRaising(ingredient));
  const hasLeavening = leavener > 0 || isSelfRaised;
  const shortening = of("butter", "oil");

  if (of("soft-cheese") >= 0.3 * massG && flourG < 0.1 * massG)
    return { kind: "baked-cheese", reason: "cream-cheese" };
  const isFlourless = of("flour", "oats", "nut-meal", "chocolate", "cocoa") < LITTLE_FLOUR * massG;
  const sets = eggs > 0 ? of("milk", "cream", "cultured-milk", "water") + eggs : 0;
  if (
    isFlourless &&
    !hasLeavening &&
    !isWhitesApart &&
    (of("puree") >= 0.25 * massG || sets >= 0.5 * massG)
  )
    return { kind: "set-pudding", reason: "set" };
  const isFruitCake = of("dried-fruit") >= MUCH_FRUIT * massG && flourG > 0;
  // Fruit that is soaked and bound without fat is stirred into a loaf.
  if (isFruitCake && shortening < 0.02 * massG && bakedIn === "loaf" && hasLeavening)
    return { kind: "quick-loaf", reason: "quick" };
  if (isFruitCake) return { kind: "rich-fruit", reason: "dried-fruit" };
  if (
    of("egg-white") >= flourG &&
    of("egg-white") > 0 &&
    of("egg", "egg-yolk") === 0 &&
    totals.fat < 0.05 * massG
  )
    return { kind: "white-foam", reason: "whites-only" };
  const cocoaMass = of("chocolate") + 2 * of("cocoa");
  if (
    cocoaMass > toleratedCocoa(flourG) &&
    flourG < 0.22 * massG &&
    toFlour(leavener) < 0.015 &&
    !isSelfRaised &&
    !isWhitesApart
  )
    return { kind: "brownie", reason: "chocolate-little-flour" };
  const isRibbon =
    /\bribbons?\b|\bleaves? a trail\b|\b(?:doubled?|trebled?|tripled?) in (?:size|volume)\b/u.test(
      text,
    );
  const isWhippedEggs = toFlour(eggs) >= 1.2 && (isWhitesApart || isRibbon || hasStep("whisk"));
  if (isWhippedEggs && of("oil") > 0.2 * flourG && isWhitesApart)
    return { kind: "chiffon", reason: "whipped-eggs-oil" };
  // The fat of nuts that stand in for flour is in their meal, and weighs on no foam.
  const lean = of("flour", "starch") > 0 ? totals.fat - 0.1 * eggs : shortening;
  if (isWhippedEggs && lean < 0.35 * Math.max(flourG, of("nut-meal")))
    return { kind: "whisked", reason: "whipped-eggs" };
  if (isWhitesApart && eggs > 0) return { kind: "folded-whites", reason: "whites-folded" };
  const thin = toFlour(of(...THIN));
  const isHot =
    /\b(?:boiling|hot|just[- ]boiled|steaming)\s+(?:water|coffee|milk|stout|beer|tea|liquid|mixture)|(?:stout|water|coffee|milk) (?:is |until )?(?:hot|boiling|steaming)|bring the (?:stout|milk|water|beer)/u.test(
      `${lines} ${text}`,
    );
  const isPouredBoiling =
    /\b(?:boil|simmer|bubble)\w*\b[^.]{0,80}\b(?:pour|tip|stir|add|goes)\b[^.]{0,50}\b(?:flour|dry|sugar)\b/u.test(
      text,
    );
  const isSyrupMelted = MELTS_SYRUP.test(text) && toFlour(of("syrup")) >= 0.4;
  if (flourG > 0 && (((isHot || isPouredBoiling) && thin >= 0.6) || isSyrupMelted))
    return { kind: "hot-liquid", reason: "hot-liquid" };
  const isMelted = MELTS_BUTTER.test(`${lines}. ${text}`);
  const isCreamed = hasStep("cream") || CREAMS.test(text) || (!isMelted && BEATS_BUTTER.test(text));
  if (bakedIn === "cups" && !isCreamed && hasLeavening && toFlour(totals.sugar) < 0.9)
    return { kind: "muffin", reason: "muffin" };
  if (bakedIn === "loaf" && !isCreamed && hasLeavening && toFlour(totals.fat) < 0.75)
    return { kind: "quick-loaf", reason: "quick" };
  if (of("oil") > of("butter")) return { kind: "oil", reason: "oil" };
  if (!isCreamed && isMelted) {
    const isDense =
      toFlour(totals.sugar) >= 1 &&
      thin < 0.1 &&
      toFlour(leavener) < 0.03 &&
      toFlour(of("puree")) < 0.3 &&
      !isWhitesApart;
    return isDense
      ? { kind: "brownie", reason: "melted-sweet" }
      : { kind: "oil", reason: "melted" };
  }
  if (
    isCreamed &&
    toFlour(of("butter")) >= 0.8 &&
    toFlour(eggs) >= 0.8 &&
    toFlour(leavener) < 0.02 &&
    thin < 0.15 &&
    !isSelfRaised
  ) {
    return { kind: "pound", reason: "creamed-heavy" };
  }
  return { kind: "creamed", reason: isCreamed ? "creamed" : "usual" };
}

/** Kinds that go by a name bakers keep to, and those that a batter of that name may look like. */
const NAMED: readonly {
  readonly name: RegExp;
  readonly kind: BatterKind;
  readonly needs: readonly FoodGroup[];
  readonly instead: readonly BatterKind[];
}[] = [
  { name: /\bpound cake\b/iu, kind: "pound", needs: ["butter"], instead: ["creamed"] },
  {
    name: /\b(?:brownies?|blondies?)\b/iu,
    kind: "brownie",
    needs: ["butter"],
    instead: ["creamed", "oil"],
  },
  {
    name: /\bchiffon\b/iu,
    kind: "chiffon",
    needs: ["oil"],
    instead: ["whisked", "oil", "creamed"],
  },
  {
    name: /\bangel (?:food|cake)\b/iu,
    kind: "white-foam",
    needs: ["egg-white"],
    instead: ["whisked", "folded-whites", "creamed"],
  },
];

/** A batter's kind with what the cake's name says of it, where its lines allow that. */
export function kindByName(
  recognised: RecognisedKind,
  name: string,
  part: PartFormula,
): RecognisedKind {
  const named = NAMED.find(
    ({ name: says, needs, instead }) =>
      says.test(name) &&
      instead.includes(recognised.kind) &&
      needs.every((group) => massOfGroups(part, [group]) > 0),
  );
  return named === undefined ? recognised : { kind: named.kind, reason: "name" };
}

/** Butter that is beaten with sugar, whatever else the step does. */
const CREAMS =
  /\bcream(?:ed|ing)?\s+(?:the |your |together |up )*(?:(?:soft|softened|room temperature) )?(?:butter|margarine|fat|shortening|sugar)\b/u;
const BEATS_BUTTER =
  /\bbeat\b[^.;]{0,30}\bbutter\b[^.;]{0,30}\bsugar\b|\bsoft(?:ened)? butter\b[^;]{0,40}\bbeat (?:it|that) with the sugar\b|\bbutter (?:and|with)\b[^.;]{0,30}\bsugar\b[^.;]{0,60}\b(?:pale|light|fluffy|creamy)\b/u;

/** Much treacle or syrup is melted with the fat, and makes a batter that is poured. */
const MELTS_SYRUP =
  /\bmelt\w*\b[^;]{0,80}\b(?:treacle|syrup|molasses|honey)\b|\b(?:treacle|syrup|molasses|honey)\b[^;]{0,60}\bmelt/u;

/** Melted butter holds no air: it goes into a batter as oil does. */
const MELTS_BUTTER =
  /\bmelt\w*\b[^.;]{0,60}\bbutter\b|\bbutter\b[^.;]{0,25}\b(?:is |are |has )?melt(?:ed|s)\b|\bbutter\b[^.;]{0,40}\b(?:heat|warm|stir)\b[^.;]{0,20}\b(?:until|till)\b[^.;]{0,12}\bmelt/u;

/** With this share of dried fruit a batter is a fruit cake. Judgement. */
const MUCH_FRUIT = 0.28;
/**
 * With less flour, meal or chocolate than this nothing but egg, starch or root holds a batter: it
 * sets, it does not rise.
 */
const LITTLE_FLOUR = 0.08;

/** How much of the usual balance each kind is held to. */
export function balanceRules(kind: BatterKind): BalanceRules {
  if (kind === "creamed" || kind === "oil" || kind === "hot-liquid") return "all";
  return kind === "quick-loaf" || kind === "muffin" ? "leavening" : "soda";
}

/** More chocolate (cocoa counted twice) than this makes a brownie of a batter with little flour. */
function toleratedCocoa(flourG: number): number {
  return 0.6 * flourG;
}

/** The batter of a recipe's lines, with what it rests on. */
export type LinesBatter = {
  readonly batter: Batter;
  /** Without gas in it, g/mL. */
  readonly gasFreeGPerMl: number;
  /**
   * Share of the poured volume that is gas; a remark when it is below 0 or above {@link MOST_GAS}.
   */
  readonly gasShare: number;
  /** Lines that have no weight and are therefore missing from it. */
  readonly unweighed: number;
};

/** No batter holds more gas than this. */
export const MOST_GAS = 0.78;

/**
 * Batter from a part's lines: volume = aerated mass / SG + Σ inclusions / ρ, gas-free density ρ0 =
 * Σm / Σ(m/ρ). The kind's usual specific gravity, or the baker's own, is that of the batter without
 * what stays in pieces in it. Null when its lines weigh less than any batter: a pinch of salt is
 * none.
 * @param weighedGravity the baker's own, g/mL; null for the kind's
 */
export function batterOfLines(
  part: PartFormula,
  kind: BatterKind,
  weighedGravity: number | null,
): LinesBatter | null {
  const known = part.rows.flatMap(({ ingredient, massG }) =>
    massG === null
      ? []
      : [
          {
            massG,
            density: ingredient?.batterGPerMl ?? 1.1,
            isInclusion: ingredient?.isInclusion ?? false,
          },
        ],
  );
  const massG = known.reduce((sum, each) => sum + each.massG, 0);
  if (massG < BATTER_LIMITS.massG.min) return null;
  const smooth = known.filter(({ isInclusion }) => !isInclusion);
  const smoothG = smooth.reduce((sum, each) => sum + each.massG, 0);
  const smoothMl = smooth.reduce((sum, each) => sum + each.massG / each.density, 0);
  const piecesMl = known
    .filter(({ isInclusion }) => isInclusion)
    .reduce((sum, each) => sum + each.massG / each.density, 0);
  const usual = KIND_FACTS[kind].specificGravity;
  const gravity =
    weighedGravity === null
      ? usual
      : { low: weighedGravity, mid: weighedGravity, high: weighedGravity };
  const volumeAt = (specificGravity: number): number => smoothG / specificGravity + piecesMl;
  const volumeMl = volumeAt(gravity.mid);
  const gasFreeGPerMl = smoothMl === 0 ? usual.mid : smoothG / smoothMl;
  return {
    batter: {
      kind,
      massG,
      volumeMl,
      piecesMl,
      volumeRangeMl: [volumeAt(gravity.high), volumeAt(gravity.low)],
      specificGravity: massG / volumeMl,
      basis: weighedGravity === null ? "lines" : "weight-and-volume",
    },
    gasFreeGPerMl,
    gasShare: 1 - gravity.mid / gasFreeGPerMl,
    unweighed: part.rows.filter((row) => row.massG === null).length,
  };
}
