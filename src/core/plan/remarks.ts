import {
  isMuchThicker,
  materialAdvice,
  type BakeCase,
  type MaterialAdvice,
  type Minutes,
  type ReferenceBake,
} from "../bake";
import { canWearStrips, type Fill, type FillOptions } from "../fill";
import { KIND_FACTS, type BatterKind } from "../kind";
import { unusualGravity, type Batter } from "../mix";
import type { BakePlan } from "./bake-plan";
import type { CakeInput } from "./input";

/**
 * Something the plan rests on that the baker should know, with the facts its words need. Never an
 * error.
 */
export type Remark =
  | {
      readonly code: "batter-assumed";
      readonly kind: BatterKind;
      readonly lowMl: number;
      readonly highMl: number;
    }
  | { readonly code: "kind-assumed"; readonly kind: BatterKind }
  | { readonly code: "lines-unread"; readonly count: number }
  /** Main ingredients without a weight: the batter is judged by the recipe's tins instead. */
  | { readonly code: "main-missing"; readonly names: readonly string[] }
  | {
      readonly code: "unusual-gravity";
      readonly kind: BatterKind;
      readonly specificGravity: number;
      readonly low: number;
      readonly high: number;
      readonly kinds: readonly BatterKind[];
    }
  | { readonly code: "no-reference-minutes" }
  | { readonly code: "much-thicker" }
  | { readonly code: "outside-fit"; readonly ovenC: number }
  | { readonly code: "silicone" }
  | { readonly code: "loose-base" }
  | { readonly code: "strips-unsuited" }
  /** The recipe's own tins bound its rise, over raw volume. */
  | { readonly code: "rise-vouched"; readonly rise: number; readonly usual: number }
  /** The depth of the recipe's own tins was assumed, and this batter would rise past it. */
  | { readonly code: "depth-doubted"; readonly depthMm: number; readonly neededMm: number }
  | { readonly code: "fruit-not-in-reference"; readonly fruitG: number }
  /** Minutes for each mm of depth are fewer than the recipe's own, where that is not safe. */
  | { readonly code: "shorter-than-written"; readonly index: number; readonly minutes: number }
  | ({ readonly code: "other-material" } & MaterialAdvice);

/** The heats between which the closed form was fitted, °C. */
const FITTED_C = { min: 145, max: 200 } as const;

/**
 * Batters that run out through a loose base: those poured, not spooned, and not foamed. Judgement.
 */
const THIN_KINDS: readonly BatterKind[] = ["hot-liquid", "baked-cheese"];
const THIN_G_PER_ML = 0.95;

type Facts = {
  readonly input: CakeInput;
  readonly mix: Batter;
  readonly fill: Fill;
  readonly ownFill: Fill;
  readonly vouched: FillOptions["vouched"];
  readonly cases: readonly BakeCase[];
  readonly references: readonly ReferenceBake[];
  readonly bake: Pick<BakePlan, "source" | "ovenC" | "tins">;
};

/** What the plan assumed, and where it is on thin ground. */
export function remarksFor({
  input,
  mix,
  fill,
  ownFill,
  vouched,
  cases,
  references,
  bake,
}: Facts): readonly Remark[] {
  const remarks: Remark[] = [];
  const trueC = bake.ovenC;
  if (mix.basis === "tins") {
    const [lowMl, highMl] = mix.volumeRangeMl;
    remarks.push({ code: "batter-assumed", kind: mix.kind, lowMl, highMl });
  }
  if (input.recipe.batter?.kind === undefined)
    remarks.push({ code: "kind-assumed", kind: mix.kind });
  const missing = input.recipe.holds?.missing ?? [];
  if (missing.length > 0) remarks.push({ code: "main-missing", names: missing });
  const lines = input.recipe.lines?.length ?? 0;
  if (lines > 0) remarks.push({ code: "lines-unread", count: lines });
  const gravity = unusualGravity(mix);
  if (gravity !== null)
    remarks.push({
      code: "unusual-gravity",
      kind: mix.kind,
      specificGravity: mix.specificGravity,
      ...gravity,
    });
  const isOven = bake.source === "oven";
  if (references.every(({ minutes }) => minutes === null))
    remarks.push({ code: "no-reference-minutes" });
  else if (isOven && cases.some((bake) => isMuchThicker(bake, references)))
    remarks.push({ code: "much-thicker" });
  if (!isOven) return [...remarks, ...riseRemarks(mix.kind, ownFill, vouched)];
  if (trueC < FITTED_C.min || trueC > FITTED_C.max)
    remarks.push({ code: "outside-fit", ovenC: trueC });
  if (cases.some(({ geometry }) => geometry.material === "silicone"))
    remarks.push({ code: "silicone" });
  if (
    mix.specificGravity >= THIN_G_PER_ML &&
    THIN_KINDS.includes(mix.kind) &&
    input.tins.some(({ looseBase }) => looseBase === true)
  )
    remarks.push({ code: "loose-base" });
  if (input.strips === true && !fill.tins.every(({ geometry }) => canWearStrips(geometry)))
    remarks.push({ code: "strips-unsuited" });
  remarks.push(
    ...riseRemarks(mix.kind, ownFill, vouched),
    ...fruitRemarks(fill, ownFill),
    ...shorterRemarks(input, mix.kind, fill, ownFill, bake.tins),
  );
  const written = references[0]?.cases[0]?.geometry.material ?? "bright";
  const advice = cases.map((bake) => materialAdvice(bake, written)).find((found) => found !== null);
  if (advice !== undefined) remarks.push({ code: "other-material", ...advice });
  return remarks;
}

/** What the recipe's own tins say of its rise; an assumed depth is doubted before that. */
function riseRemarks(
  kind: BatterKind,
  ownFill: Fill,
  vouched: FillOptions["vouched"],
): readonly Remark[] {
  if (vouched === undefined) return [];
  if (vouched.onlyIn === null)
    return [{ code: "rise-vouched", rise: vouched.rise, usual: KIND_FACTS[kind].rise.mid }];
  const [deepest] = ownFill.tins.toSorted((a, b) => b.geometry.depthMm - a.geometry.depthMm);
  if (deepest === undefined) return [];
  const { depthMm } = deepest.geometry;
  // As much deeper as the usual rise is more than the one that fits.
  return [
    {
      code: "depth-doubted",
      depthMm,
      neededMm: Math.ceil((depthMm * KIND_FACTS[kind].rise.mid) / vouched.rise),
    },
  ];
}

/** A little fruit changes no minutes. */
const LITTLE_FRUIT = 0.05;

function fruitRemarks(fill: Fill, ownFill: Fill): readonly Remark[] {
  const fruitG = fill.tins.reduce(
    (sum, { geometry, fruitG: each }) => sum + geometry.count * each,
    0,
  );
  const isMuch = fill.tins.some(({ fruitMl, batterMl }) => fruitMl > LITTLE_FRUIT * batterMl);
  return isMuch && ownFill.tins.every(({ fruitMl }) => fruitMl === 0)
    ? [{ code: "fruit-not-in-reference", fruitG }]
    : [];
}

/** Kinds and ingredients that are not safe until they are cooked through. */
function mustCookThrough({ recipe }: CakeInput, kind: BatterKind): boolean {
  const raw = ["raw-root", "raw-bean", "raw-kernel"] as const;
  return (
    kind === "set-pudding" || raw.some((hazard) => recipe.holds?.hazards.includes(hazard) === true)
  );
}

function shorterRemarks(
  input: CakeInput,
  kind: BatterKind,
  fill: Fill,
  ownFill: Fill,
  minutes: readonly Minutes[],
): readonly Remark[] {
  const written = input.recipe.reference.minutes;
  if (written === undefined || !mustCookThrough(input, kind)) return [];
  const ownDepthMm = Math.max(...ownFill.tins.map(({ depthMm }) => depthMm));
  return fill.tins
    .flatMap(({ depthMm }, index): readonly Remark[] => {
      const least = Math.round((written * depthMm) / ownDepthMm);
      const likelyMin = minutes[index]?.likelyMin;
      return likelyMin !== undefined && likelyMin < least
        ? [{ code: "shorter-than-written", index, minutes: least }]
        : [];
    })
    .slice(0, 1);
}
