import { cakeVolume, canWearStrips, type TinFill } from "../fill";
import { bad, good, type Result } from "../measure";
import { bakedMass, type BatterKind } from "../kind";
import {
  inRadius,
  movedArea,
  outlineAt,
  solidArea,
  tinFamily,
  volumeAt,
  type Outline,
  type TinFamily,
  type TinGeometry,
} from "../tin";
import { canBeRolled, rollBox, rollFrom, type Roll, type RolledFrom } from "./roll";
import type { Quantity } from "./quantity";
import type { BuildRequest, Standing } from "./schema";
import { SPREAD_DENSITY, SYRUP_DENSITY, type Frosting, type Coating } from "./spreads";
import { slicesLike, THINNEST_SLICE_MM, type SlicedHabit } from "./slices";
import { FILLING_MM, stackHeight, THICK_MM } from "./stack";

/** Cakes of one width, standing on the board or on a wider tier. */
export type Tier = {
  /** The tin's place in the plan. */
  readonly index: number;
  readonly geometry: TinGeometry;
  readonly family: TinFamily;
  /** At the edge of a layer. */
  readonly outline: Outline;
  /** Slices on one another. */
  readonly layers: number;
  /** Slices each baked cake of it is split into. */
  readonly slices: number;
  readonly layerMm: number;
  /** Crown left on the top slice, mm. */
  readonly domeMm: number;
  /** To the edge of the top slice. */
  readonly heightMm: number;
  /** Of the crowns cut off, g. */
  readonly trimmedG: number;
  /** As it stands, without filling, g. */
  readonly cakeG: number;
  /** A sheet that is rolled up; its geometry is a box of the roll's section. Null for all others. */
  readonly roll: Roll | null;
};

/** One cake as it stands on its board; its widest tier first. */
export type BuiltCake = { readonly cakes: number; readonly tiers: readonly Tier[] };

export type BuildRemark =
  | { readonly code: "one-layer-has-no-filling" }
  /** It is too thin, too thick or too short to be rolled up, and stands flat. */
  | { readonly code: "not-rolled"; readonly layerMm: number }
  | { readonly code: "supports-needed"; readonly tiers: number; readonly aboveG: number }
  | { readonly code: "soft-filling-without-dam"; readonly filling: Coating };

export type Build = {
  readonly standing: Standing;
  readonly fillingMm: number;
  readonly filling: Coating;
  /** What the recipe calls it, where it is the recipe's own. */
  readonly called?: string;
  readonly damMm: number;
  readonly cakes: readonly BuiltCake[];
  readonly quantities: readonly Quantity[];
  readonly remarks: readonly BuildRemark[];
};

/** What a cake's cover makes usual when nobody says otherwise. */
export type BuildHabit = {
  readonly kind: BatterKind;
  readonly frosting: Frosting;
  readonly standing: Standing;
  readonly isLevel: boolean;
  /** What the recipe fills its own layers with, what it calls that, and how thick; the frosting else. */
  readonly filled?: FilledHabit | undefined;
  readonly rolledFrom?: RolledFrom | undefined;
  /** How the recipe splits its own cakes. */
  readonly sliced?: SlicedHabit | undefined;
  /** Share of its weight that she found a cake to lose in the oven; its kind's else. */
  readonly massLoss?: number | undefined;
  /** How many times as thick as usual frosting lies between layers where nobody says. */
  readonly frostingTimes?: number | undefined;
};

export type FilledHabit = {
  readonly stuff: Coating;
  readonly called: string;
  /** Null for what is like its stuff. */ readonly gPerMl: number | null;
  readonly thickMm: number | null;
};

/** A dam leaves at least this much across for what it holds, mm. Judgement. */
const LEAST_POOL_MM = 20;
/** Fillings that run or slide without a dam. */
const SOFT: readonly Coating[] = ["jam", "curd", "custard"];

/**
 * How the baked cakes are put together: trimmed, split, stacked, filled and soaked. H = n·t +
 * (n-1)·f; filling = (n-1)·f·A inside the dam; the dam is the rest of the gap. Fails for slices
 * under 12 mm and for a dam that leaves no room, naming the place.
 */
export function buildCakes(
  request: BuildRequest,
  fills: readonly TinFill[],
  habit: BuildHabit,
): Result<Build> {
  const standing = request.standing ?? habit.standing;
  const filled = request.filling === undefined ? habit.filled : undefined;
  const fillingMm = request.fillingMm ?? filled?.thickMm ?? usualFilling(request, habit);
  const filling = request.filling ?? filled?.stuff ?? habit.frosting;
  const { called, gPerMl = null } = filled ?? {};
  const damMm = request.damMm ?? 0;
  const tiers: Tier[] = [];
  for (const [index, fill] of fills.entries()) {
    const tier = tierOf(fill, index, {
      standing,
      splits: request.splits ?? null,
      sliced: habit.sliced ?? null,
      fillingMm,
      kind: habit.kind,
      massLoss: habit.massLoss,
      isLevel: request.top === undefined ? habit.isLevel : request.top === "level",
      measuredMm: request.heightsMm?.[index] ?? null,
      rolledFrom: request.rolledFrom ?? habit.rolledFrom ?? "short",
    });
    if (tier.slices > 1 && tier.layerMm < THINNEST_SLICE_MM) {
      return bad({
        code: "out-of-range",
        path: "build.splits",
        value: tier.slices,
        min: 1,
        max: Math.max(1, Math.floor((tier.layerMm * tier.slices) / THINNEST_SLICE_MM)),
        unit: "count",
        because: "split-too-thin",
      });
    }
    const mostDamMm = inRadius(tier.outline) - LEAST_POOL_MM / 2;
    if (tier.layers > 1 && damMm > mostDamMm) {
      return bad({
        code: "out-of-range",
        path: "build.damMm",
        value: damMm,
        min: 3,
        max: Math.floor(mostDamMm),
        unit: "mm",
        because: "dam-leaves-no-room",
      });
    }
    tiers.push(tier);
  }
  const cakes =
    standing === "tiers"
      ? tiered(tiers)
      : tiers.map((tier, index) => ({
          cakes: cakesOf(fills[index]?.geometry ?? tier.geometry, standing),
          tiers: [tier],
        }));
  const quantities = cakes.flatMap(({ cakes: times, tiers: on }) =>
    on.flatMap((tier) =>
      quantitiesOf(tier, times, { ...request, fillingMm, filling, called, gPerMl, damMm }, habit),
    ),
  );
  return good({
    standing,
    fillingMm,
    filling,
    ...(called === undefined ? {} : { called }),
    damMm,
    cakes,
    quantities,
    remarks: [
      ...(standing === "rolled" ? notRolled(tiers) : []),
      ...remarksOf(request, cakes, { filling, damMm }),
    ],
  });
}

/** The frosting between layers is as thick as that cake's frosting is; anything else as usual, mm. */
const usualFilling = (
  { filling }: BuildRequest,
  { frosting, filled, frostingTimes = 1 }: BuildHabit,
): number =>
  filled === undefined && (filling === undefined || filling === frosting)
    ? Math.min(THICK_MM.max, Math.max(THICK_MM.min, FILLING_MM * frostingTimes))
    : FILLING_MM;

const isStacked = (geometry: TinGeometry, standing: Standing): boolean =>
  (standing === "stacked" || standing === "tiers") && canWearStrips(geometry);
const cakesOf = (geometry: TinGeometry, standing: Standing): number =>
  isStacked(geometry, standing) ? 1 : geometry.count;

type TierChoices = {
  readonly kind: BatterKind;
  readonly massLoss: number | undefined;
  readonly standing: Standing;
  /** Null for about as thick as the recipe's own. */
  readonly splits: number | null;
  readonly sliced: SlicedHabit | null;
  readonly fillingMm: number;
  readonly isLevel: boolean;
  readonly measuredMm: number | null;
  readonly rolledFrom: RolledFrom;
};

function tierOf(
  { geometry, baked, batterG, fruitG }: TinFill,
  index: number,
  choices: TierChoices,
): Tier {
  const { kind, standing, splits, sliced, fillingMm, isLevel, measuredMm } = choices;
  const family = tinFamily(geometry.tin);
  const edgeMm = measuredMm ?? baked.edgeMm;
  const crownMm = Math.min(edgeMm, baked.crownTopMm - baked.edgeMm);
  const tins = isStacked(geometry, standing) ? geometry.count : 1;
  const slices = family === "cup" ? 1 : (splits ?? slicesLike(sliced, edgeMm));
  const levelled = family === "cup" ? 0 : isLevel ? tins : tins - 1;
  const wholeMl = cakeVolume(geometry, baked.edgeMm, crownMm);
  const bakedG = bakedMass(kind, batterG, choices.massLoss) + fruitG;
  const crownG =
    ((cakeVolume(geometry, edgeMm, crownMm) - volumeAt(geometry, edgeMm)) * bakedG) / wholeMl;
  const layers = tins * slices;
  const layerMm = edgeMm / slices;
  // A low dome spread level is half as high; a sheet that was measured is as thick as that.
  const roll =
    standing === "rolled"
      ? rollFrom(
          geometry,
          choices.rolledFrom,
          edgeMm + (measuredMm === null ? crownMm / 2 : 0),
          fillingMm,
        )
      : null;
  if (roll !== null) return rolledTier(index, roll, bakedG);
  return {
    index,
    geometry,
    family,
    outline: outlineAt(geometry, edgeMm),
    layers,
    slices,
    layerMm,
    domeMm: levelled === tins ? 0 : crownMm,
    heightMm: stackHeight(layers, layerMm, fillingMm),
    trimmedG: levelled * crownG,
    cakeG: tins * bakedG - levelled * crownG,
    roll: null,
  };
}

function rolledTier(index: number, roll: Roll, cakeG: number): Tier {
  const geometry = rollBox(roll);
  return {
    index,
    geometry,
    family: tinFamily(geometry.tin),
    outline: outlineAt(geometry, geometry.depthMm),
    layers: 1,
    slices: 1,
    layerMm: geometry.depthMm,
    domeMm: 0,
    heightMm: geometry.depthMm,
    trimmedG: 0,
    cakeG,
    roll,
  };
}

/** Flat cakes on one another, the widest below; what is not flat stays by itself. */
function tiered(tiers: readonly Tier[]): readonly BuiltCake[] {
  const flat = tiers
    .filter(({ geometry }) => canWearStrips(geometry))
    .toSorted((one, other) => solidArea(other.outline) - solidArea(one.outline));
  const rest = tiers
    .filter(({ geometry }) => !canWearStrips(geometry))
    .map((tier) => ({ cakes: tier.geometry.count, tiers: [tier] }));
  return flat.length === 0 ? rest : [{ cakes: 1, tiers: flat }, ...rest];
}

type Filled = {
  readonly fillingMm: number;
  readonly filling: Coating;
  readonly called: string | undefined;
  readonly gPerMl: number | null;
  readonly damMm: number;
  readonly soakMlPerKg?: number | undefined;
};

function quantitiesOf(
  tier: Tier,
  times: number,
  { fillingMm, filling, called, gPerMl, damMm, soakMlPerKg }: Filled,
  { frosting }: BuildHabit,
): readonly Quantity[] {
  const gaps = tier.layers - 1;
  const areaMm2 = solidArea(tier.outline);
  const insideMm2 = damMm === 0 ? areaMm2 : movedArea(tier.outline, -damMm);
  const found: Quantity[] = [];
  const spread = (
    thing: "filling" | "dam",
    stuff: Coating,
    volumeMm3: number,
    why: Quantity["why"],
  ): void => {
    const volumeMl = (times * volumeMm3) / 1000;
    found.push({
      thing,
      stuff,
      index: tier.index,
      times,
      volumeMl,
      massG: volumeMl * ((thing === "filling" ? gPerMl : null) ?? SPREAD_DENSITY[stuff]),
      count: null,
      piece: null,
      ...(thing === "filling" && called !== undefined ? { called } : {}),
      why,
    });
  };
  if (tier.roll !== null)
    spread("filling", filling, fillingMm * tier.roll.spreadMm2, {
      how: "over",
      areaMm2: tier.roll.spreadMm2,
      thickMm: fillingMm,
    });
  if (gaps > 0) {
    spread("filling", filling, gaps * fillingMm * insideMm2, {
      how: "between",
      gaps,
      thickMm: fillingMm,
      areaMm2: insideMm2,
    });
    if (damMm > 0)
      spread("dam", frosting, gaps * fillingMm * (areaMm2 - insideMm2), {
        how: "ring-between",
        gaps,
        thickMm: fillingMm,
        areaMm2,
        insideMm2,
      });
  }
  if (soakMlPerKg !== undefined && tier.family !== "cup") {
    const volumeMl = (times * tier.cakeG * soakMlPerKg) / 1000;
    found.push({
      thing: "soak",
      stuff: "syrup",
      index: tier.index,
      times,
      volumeMl,
      massG: volumeMl * SYRUP_DENSITY,
      count: null,
      piece: null,
      why: { how: "by-weight", cakeG: tier.cakeG, mlPerKg: soakMlPerKg },
    });
  }
  return found;
}

/** Sheets that were to be rolled up and are not. */
const notRolled = (tiers: readonly Tier[]): readonly BuildRemark[] =>
  tiers.flatMap(({ roll, layerMm, geometry }) =>
    roll === null && canBeRolled(geometry) ? [{ code: "not-rolled", layerMm }] : [],
  );

function remarksOf(
  request: BuildRequest,
  cakes: readonly BuiltCake[],
  { filling, damMm }: { readonly filling: Coating; readonly damMm: number },
): readonly BuildRemark[] {
  const remarks: BuildRemark[] = [];
  const isStackedUp = cakes.some(({ tiers }) => tiers.some(({ layers }) => layers > 1));
  const isFilled =
    isStackedUp || cakes.some(({ tiers }) => tiers.some(({ roll }) => roll !== null));
  if (!isFilled && (request.filling !== undefined || request.fillingMm !== undefined || damMm > 0))
    remarks.push({ code: "one-layer-has-no-filling" });
  if (isStackedUp && damMm === 0 && SOFT.includes(filling))
    remarks.push({ code: "soft-filling-without-dam", filling });
  for (const { tiers } of cakes) {
    if (tiers.length > 1)
      remarks.push({
        code: "supports-needed",
        tiers: tiers.length,
        aboveG: tiers.slice(1).reduce((sum, { cakeG }) => sum + cakeG, 0),
      });
  }
  return remarks;
}
