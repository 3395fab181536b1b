import {
  chosenHeat, dialFor, forecast, OVEN_LIMITS_C, thicknessRatio, type BakeCase, type HeatReason, type Minutes,
  type ReferenceBake,
} from "../bake";
import { cautionsFor, type Caution } from "../caution";
import { canWearStrips, fillTins, scaleFactor, type Fill } from "../fill";
import { frostingFor, type Finish } from "../finish";
import { bad, good, issueAt, type Result } from "../measure";
import { ASSUMED_FILL, batterFrom, batterFromTins, KIND_FACTS, scaledBatter, USUAL_KIND, type Batter, type Spread } from "../mix";
import { tinGeometry, volumeAt, type Tin, type TinGeometry } from "../tin";
import type { CakeInput, Recipe } from "./input";
import { remarksFor, type Remark } from "./remarks";

export type Bake = Minutes & {
  /** True heat of the oven, °C. */
  readonly ovenC: number;
  readonly dialC: number;
  readonly reason: HeatReason;
  /** In the order of the wanted tins. */
  readonly tins: readonly Minutes[];
};

export type CakePlan = {
  readonly scale: number;
  /** The recipe's own tins, filled with the recipe's batter. */
  readonly reference: Fill;
  readonly mix: Batter;
  readonly fill: Fill;
  readonly bake: Bake;
  readonly finish: Finish;
  readonly cautions: readonly Caution[];
  readonly remarks: readonly Remark[];
};

/**
 * The whole plan of a cake: the recipe's batter in the wanted tins, what it does there, how long it bakes and what
 * covers it. Pure; the same input always gives the same plan.
 * Fails with the first contradiction in the input, its path leading to the field.
 */
export function planCake(input: CakeInput): Result<CakePlan> {
  const hasStrips = input.strips ?? false;
  const reference = geometries(input.recipe.reference.tins, "recipe.reference.tins");
  if (!reference.ok) return reference;
  const wanted = geometries(input.tins, "tins");
  if (!wanted.ok) return wanted;
  const batter = recipeBatter(input.recipe, reference.value);
  if (!batter.ok) return batter;

  const scale = scaleFactor(input.scale ?? "keep", batter.value, reference.value, wanted.value, hasStrips);
  const mix = scaledBatter(batter.value, scale);
  const basis = input.scale === "fill-limit" ? "limit" : undefined;
  const fill = fillTins(mix, wanted.value, hasStrips, basis);
  const ownFill = fillTins(batter.value, reference.value, false);
  const bake = bakeFor(input, ownFill, fill, mix);
  if (!bake.ok) return bake;
  const finish = frostingFor(input.finish ?? {}, fill.tins);
  if (!finish.ok) return finish;

  const wears = hasStrips && wanted.value.some(canWearStrips);
  return good({
    scale,
    reference: ownFill,
    mix,
    fill,
    bake: bake.value.bake,
    finish: finish.value,
    cautions: cautionsFor({ fill, finish: finish.value, hasStrips: wears }),
    remarks: remarksFor({ input, mix, fill, cases: bake.value.cases, reference: bake.value.reference, trueC: bake.value.bake.ovenC }),
  });
}

function geometries(tins: readonly Tin[], path: string): Result<readonly TinGeometry[]> {
  const found: TinGeometry[] = [];
  for (const [index, tin] of tins.entries()) {
    const geometry = tinGeometry(tin);
    if (!geometry.ok) return bad(issueAt(`${path}[${index}]`, geometry.issue));
    found.push(geometry.value);
  }
  return good(found);
}

function recipeBatter(recipe: Recipe, tins: readonly TinGeometry[]): Result<Batter> {
  const given = recipe.batter ?? {};
  const known = batterFrom(given);
  if (!known.ok) return bad(issueAt("recipe.batter", known.issue));
  if (known.value !== null) return good(known.value);
  const kind = given.kind ?? USUAL_KIND;
  const heldAt = (share: number): number =>
    tins.reduce((sum, geometry) => sum + geometry.count * volumeAt(geometry, share * KIND_FACTS[kind].fullAtMost * geometry.depthMm), 0);
  const volumes: Spread = { low: heldAt(ASSUMED_FILL.low), mid: heldAt(ASSUMED_FILL.mid), high: heldAt(ASSUMED_FILL.high) };
  return good(batterFromTins(kind, volumes));
}

type BakeAndCases = { readonly bake: Bake; readonly cases: readonly BakeCase[]; readonly reference: ReferenceBake };

function bakeFor(input: CakeInput, ownFill: Fill, fill: Fill, mix: Batter): Result<BakeAndCases> {
  const written = { ovenC: input.recipe.reference.ovenC, isFan: input.recipe.reference.fan ?? false };
  const oven = input.oven ?? {};
  const isFan = oven.fan ?? false;
  const reference: ReferenceBake = {
    cases: ownFill.tins.map(({ geometry, batterMl }) => ({ geometry, batterMl, ...written })),
    minutes: input.recipe.reference.minutes ?? null,
  };
  const at = (ovenC: number): readonly BakeCase[] => fill.tins.map(({ geometry, batterMl }) => ({ geometry, batterMl, ovenC, isFan }));
  const thickness = Math.max(...at(written.ovenC).map((bake) => thicknessRatio(bake, reference)));
  const { trueC, reason } = chosenHeat(input.heat ?? "gentler", written, isFan, thickness);
  if (trueC < OVEN_LIMITS_C.min || trueC > OVEN_LIMITS_C.max) {
    return bad({ code: "out-of-range", path: "heat", value: trueC, ...OVEN_LIMITS_C, unit: "°C", because: "heat-never-sets" });
  }
  const cases = at(trueC);
  const tins = cases.map((bake) => forecast(bake, reference, mix.kind, (input.strips ?? false) && canWearStrips(bake.geometry)));
  const earliest = (of: (minutes: Minutes) => number): number => Math.min(...tins.map(of));
  const latest = (of: (minutes: Minutes) => number): number => Math.max(...tins.map(of));
  return good({
    reference,
    cases,
    bake: {
      ovenC: trueC,
      dialC: dialFor(trueC, oven.readsC ?? 0, oven.dialStepC ?? 1),
      reason,
      // With tins of different sizes the door opens for the quickest and the last comes out with the slowest.
      doorShutUntilMin: earliest((minutes) => minutes.doorShutUntilMin),
      firstLookMin: earliest((minutes) => minutes.firstLookMin),
      likelyMin: latest((minutes) => minutes.likelyMin),
      notPastMin: latest((minutes) => minutes.notPastMin),
      tins,
    },
  });
}

