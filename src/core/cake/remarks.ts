import { isMuchThicker, materialAdvice, type BakeCase, type MaterialAdvice, type ReferenceBake } from "../bake";
import { canWearStrips, type Fill } from "../fill";
import { unusualGravity, type Batter, type BatterKind } from "../mix";
import type { CakeInput } from "./input";

/** Something the plan rests on that the baker should know, with the facts its words need. Never an error. */
export type Remark =
  | { readonly code: "batter-assumed"; readonly kind: BatterKind; readonly lowMl: number; readonly highMl: number }
  | { readonly code: "kind-assumed"; readonly kind: BatterKind }
  | { readonly code: "lines-unread"; readonly count: number }
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
  | ({ readonly code: "other-material" } & MaterialAdvice);

/** The heats between which the closed form was fitted, °C. */
const FITTED_C = { min: 145, max: 200 } as const;

/** Batters that run out through a loose base: those poured, not spooned, and not foamed. Judgement. */
const THIN_KINDS: readonly BatterKind[] = ["hot-liquid", "baked-cheese"];
const THIN_G_PER_ML = 0.95;

type Facts = {
  readonly input: CakeInput;
  readonly mix: Batter;
  readonly fill: Fill;
  readonly cases: readonly BakeCase[];
  readonly references: readonly ReferenceBake[];
  readonly trueC: number;
};

/** What the plan assumed, and where it is on thin ground. */
export function remarksFor({ input, mix, fill, cases, references, trueC }: Facts): readonly Remark[] {
  const remarks: Remark[] = [];
  if (mix.basis === "tins") {
    const [lowMl, highMl] = mix.volumeRangeMl;
    remarks.push({ code: "batter-assumed", kind: mix.kind, lowMl, highMl });
  }
  if (input.recipe.batter?.kind === undefined) remarks.push({ code: "kind-assumed", kind: mix.kind });
  const lines = input.recipe.lines?.length ?? 0;
  if (lines > 0) remarks.push({ code: "lines-unread", count: lines });
  const gravity = unusualGravity(mix);
  if (gravity !== null) remarks.push({ code: "unusual-gravity", kind: mix.kind, specificGravity: mix.specificGravity, ...gravity });
  if (references.every(({ minutes }) => minutes === null)) remarks.push({ code: "no-reference-minutes" });
  else if (cases.some((bake) => isMuchThicker(bake, references))) remarks.push({ code: "much-thicker" });
  if (trueC < FITTED_C.min || trueC > FITTED_C.max) remarks.push({ code: "outside-fit", ovenC: trueC });
  if (cases.some(({ geometry }) => geometry.material === "silicone")) remarks.push({ code: "silicone" });
  if (mix.specificGravity >= THIN_G_PER_ML && THIN_KINDS.includes(mix.kind) && input.tins.some(({ looseBase }) => looseBase === true)) remarks.push({ code: "loose-base" });
  if (input.strips === true && !fill.tins.every(({ geometry }) => canWearStrips(geometry))) remarks.push({ code: "strips-unsuited" });
  const written = references[0]?.cases[0]?.geometry.material ?? "bright";
  const advice = cases.map((bake) => materialAdvice(bake, written)).find((found) => found !== null);
  if (advice !== undefined) remarks.push({ code: "other-material", ...advice });
  return remarks;
}
