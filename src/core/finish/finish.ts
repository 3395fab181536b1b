import {
  SPREAD_DENSITY,
  type Build,
  type BuiltCake,
  type Frosting,
  type Quantity,
  type Coating,
  type Stuff,
  type Tier,
  type Why,
} from "../build";
import { group, sum } from "d3-array";
import { bad, good, type Result } from "../measure";
import { inRadius, solidArea } from "../tin";
import { laidOn } from "./by-area";
import { coatedArea, coatFor, roundLength, topArea, type Coat, type FinishedTier } from "./coat";
import { borderCount, borderSection, swirlCount, swirlMl } from "./piping";
import { dressedWith, dressIssue } from "./dressed";
import { dripLength, dripMl, POURED, usualDrips } from "./pours";
import { ROLLED_DENSITY, rolledSheet, type RolledSheet } from "./rolled";
import type { Cover, FinishRequest } from "./schema";

export type FinishedCake = { readonly cakes: number; readonly tiers: readonly FinishedTier[] };

/** What has to be made of one spread: everything that takes it, and what is to spare. */
export type Batch = {
  readonly stuff: Stuff;
  /** What its baker calls it, where it is her own. */
  readonly called?: string;
  readonly neededMl: number | null;
  readonly neededG: number;
  readonly volumeMl: number | null;
  readonly massG: number;
};

export type Finish = {
  readonly cover: Cover;
  readonly frosting: Frosting;
  readonly marginFraction: number;
  /** What it wears besides its coat, as asked. */
  readonly wears: Pick<
    FinishRequest,
    "borders" | "swirls" | "pour" | "toppings" | "rolledMm" | "fruit" | "dress"
  >;
  readonly cakes: readonly FinishedCake[];
  /** Everything that goes on or between, nothing to spare. */
  readonly quantities: readonly Quantity[];
  readonly batches: readonly Batch[];
  /** The sheets to roll, one for each tier; none without a rolled covering. */
  readonly sheets: readonly RolledSheet[];
  /** Area of all tops, mm², domed as they are left. */
  readonly topMm2: number;
  /** On the first cake. */
  readonly coat: Coat;
  /** Slices of the first cake. */
  readonly layers: number;
  /** Frosting to make, inside and out, with what is to spare. */
  readonly volumeMl: number;
  readonly massG: number;
};

export const USUAL_MARGIN = 0.12;
export const USUAL_FROSTING: Frosting = "butter-and-sugar";

/**
 * What goes on the cakes as they were built. Coat: A(outset s)·(H + t) - A·H with s on the sides
 * and t on the top; a top alone its area, domed as it is, times t; lines of piping length times
 * section; toppings by area. What is made of a spread is what is spread plus the margin. Fails for
 * a coat that would close a ring's hole or be wider than the ledge between two tiers, naming the
 * place.
 * @param times how many times as thick as usual a coat is where nobody says
 */
export function finishCakes(request: FinishRequest, build: Build, times = 1): Result<Finish> {
  const cover = request.cover ?? "top";
  const frosting = request.frosting ?? USUAL_FROSTING;
  const marginFraction = request.marginFraction ?? USUAL_MARGIN;
  const cakes = build.cakes.map((cake) => finished(cake, cover, request, times));
  const problem = cakes
    .flatMap(({ tiers }) =>
      tiers.map((each, index) => coatProblem(each, tiers[index - 1], request)),
    )
    .find((issue) => issue !== null);
  if (problem !== undefined) return problem;
  const named = dressIssue(request.dress);
  if (!named.ok) return named;
  const all = cakes.flatMap(({ cakes: times, tiers }) => tiers.map((each) => ({ each, times })));
  const own = all.flatMap(({ each, times }) => quantitiesOn(each, times, request, frosting));
  const quantities = [...build.quantities, ...own, ...dressedWith(all, request.dress)];
  const batches = batchesOf(quantities, marginFraction, build.called);
  // A filling that has a name of its own is made by itself.
  const main = batches.find(
    ({ stuff, called }) => stuff === frosting && (called === undefined || called !== build.called),
  );
  const first = cakes[0]?.tiers[0];
  if (first === undefined) throw new RangeError("frosting needs at least one cake");
  return good({
    cover,
    frosting,
    marginFraction,
    cakes,
    quantities,
    batches,
    wears: {
      borders: request.borders,
      swirls: request.swirls,
      pour: request.pour,
      toppings: request.toppings,
      rolledMm: request.rolledMm,
      fruit: request.fruit,
      dress: request.dress,
    },
    sheets:
      request.rolledMm === undefined
        ? []
        : cakes.flatMap(({ tiers }) =>
            tiers.filter(({ tier }) => tier.family !== "cup").map((each) => sheetOf(each)),
          ),
    topMm2: cakes.reduce(
      (sum, { cakes: times, tiers }) =>
        sum + times * tiers.reduce((tops, { tier }) => tops + topArea(tier), 0),
      0,
    ),
    coat: first.coat,
    layers: first.tier.layers,
    volumeMl: main?.volumeMl ?? 0,
    massG: main?.massG ?? 0,
  });
}

function finished(
  { cakes, tiers }: BuiltCake,
  cover: Cover,
  request: FinishRequest,
  times: number,
): FinishedCake {
  return {
    cakes,
    tiers: tiers.map((tier, index) => {
      const above = tiers[index + 1];
      // A cup carries its swirl or is spread, not both.
      const isSwirled = tier.family === "cup" && request.swirls !== undefined;
      return {
        tier,
        coat: coatFor(isSwirled ? "none" : cover, tier, request, times),
        hiddenMm2:
          above === undefined ? 0 : Math.min(solidArea(tier.outline), solidArea(above.outline)),
        isTop: above === undefined,
      };
    }),
  };
}

function coatProblem(
  { tier, coat }: FinishedTier,
  below: FinishedTier | undefined,
  { innerWall = true }: FinishRequest,
): ReturnType<typeof bad> | null {
  const holeMm = tier.outline.tubePerimeterMm / (2 * Math.PI);
  if (innerWall && holeMm > 0 && coat.sideMm >= holeMm) {
    return bad({
      code: "out-of-range",
      path: "finish.sideMm",
      value: coat.sideMm,
      min: 0.5,
      max: floorTo(holeMm, 0.5),
      unit: "mm",
      because: "hole-would-close",
    });
  }
  if (below === undefined || coat.sideMm === 0) return null;
  const ledgeMm = inRadius(below.tier.outline) - inRadius(tier.outline) + below.coat.sideMm;
  if (coat.sideMm <= ledgeMm) return null;
  return bad({
    code: "out-of-range",
    path: "finish.sideMm",
    value: coat.sideMm,
    min: 0.5,
    max: Math.max(0.5, floorTo(ledgeMm, 0.5)),
    unit: "mm",
    because: "coat-wider-than-ledge",
  });
}

const floorTo = (value: number, step: number): number =>
  Math.max(step, Math.ceil(value / step - 1) * step);

function sheetOf({ tier, coat }: FinishedTier): RolledSheet {
  return rolledSheet(
    tier.geometry,
    tier.outline,
    tier.layerMm,
    tier.heightMm + coat.topMm,
    coat.sideMm,
  );
}

/** Everything on one tier, for all cakes like it. */
function quantitiesOn(
  each: FinishedTier,
  times: number,
  request: FinishRequest,
  frosting: Frosting,
): readonly Quantity[] {
  const { tier } = each;
  const found: Quantity[] = [];
  const add = (
    thing: Quantity["thing"],
    stuff: Stuff,
    one: { readonly mm3?: number; readonly g?: number },
    why: Why,
    count: number | null = null,
    piece: Quantity["piece"] = null,
  ): void => {
    const volumeMl = one.mm3 === undefined ? null : (times * one.mm3) / 1000;
    const massG = one.g === undefined ? (volumeMl ?? 0) * densityOf(stuff) : times * one.g;
    if (massG > 0)
      found.push({ thing, stuff, index: tier.index, times, volumeMl, massG, count, piece, why });
  };
  addCoats(each, request, (thing, mm3, why) => add(thing, frosting, { mm3 }, why));
  addPiping(each, request, (thing, mm3, why, count, piece) =>
    add(thing, frosting, { mm3 }, why, count, piece),
  );
  addPours(each, request, (thing, stuff, mm3, why, count) =>
    add(thing, stuff, { mm3 }, why, count, count === null ? null : "drip"),
  );
  for (const { what, at, amount } of request.toppings ?? []) {
    const areaMm2 = at === "top" ? topArea(tier) - each.hiddenMm2 : sideArea(each);
    const gPerCm2 = laidOn(what, amount);
    add("topping", what, { g: (areaMm2 / 100) * gPerCm2 }, { how: "by-area", areaMm2, gPerCm2 });
  }
  if (request.rolledMm !== undefined && tier.family !== "cup") {
    const { areaMm2 } = sheetOf(each);
    add(
      "covering",
      "rolled-covering",
      { mm3: areaMm2 * request.rolledMm },
      { how: "rolled", areaMm2, thickMm: request.rolledMm },
    );
  }
  return found;
}

const densityOf = (stuff: Stuff): number =>
  stuff === "rolled-covering" ? ROLLED_DENSITY : SPREAD_DENSITY[stuff as Coating];

function sideArea({ tier, coat }: FinishedTier): number {
  return roundLength(tier.outline, coat.sideMm) * (tier.heightMm + coat.topMm);
}

function addCoats(
  { tier, coat, hiddenMm2 }: FinishedTier,
  { innerWall = true }: FinishRequest,
  add: (thing: "first-coat" | "final-coat" | "top", mm3: number, why: Why) => void,
): void {
  const { outline, heightMm } = tier;
  if (coat.topMm === 0) return;
  if (coat.sideMm === 0) {
    const areaMm2 = topArea(tier) - hiddenMm2;
    add("top", areaMm2 * coat.topMm, { how: "over", areaMm2, thickMm: coat.topMm });
    return;
  }
  const areaMm2 = solidArea(outline);
  const to = (
    sideMm: number,
    topMm: number,
  ): { readonly mm3: number; readonly why: Extract<Why, { how: "round" }> } => {
    const grownMm2 = coatedArea(outline, sideMm, innerWall);
    const hiddenMm3 = hiddenMm2 * topMm;
    const grownHeightMm = heightMm + topMm;
    // A crown that was left is coated over its curve.
    const mm3 =
      grownMm2 * grownHeightMm - areaMm2 * heightMm - hiddenMm3 + (topArea(tier) - areaMm2) * topMm;
    return {
      mm3,
      why: { how: "round", grownMm2, grownHeightMm, areaMm2, heightMm, hiddenMm3, lessMm3: 0 },
    };
  };
  const whole = to(coat.sideMm, coat.topMm);
  const first =
    coat.firstMm > 0
      ? to(Math.min(coat.firstMm, coat.sideMm), Math.min(coat.firstMm, coat.topMm))
      : null;
  if (first !== null) add("first-coat", first.mm3, first.why);
  const lessMm3 = first?.mm3 ?? 0;
  add("final-coat", whole.mm3 - lessMm3, { ...whole.why, lessMm3 });
}

function addPiping(
  { tier, coat, isTop }: FinishedTier,
  { borders = [], swirls }: FinishRequest,
  add: (
    thing: "border" | "swirls",
    mm3: number,
    why: Why,
    count: number | null,
    piece: Quantity["piece"],
  ) => void,
): void {
  if (tier.family === "cup") {
    if (swirls !== undefined)
      add(
        "swirls",
        swirlMl(swirls.style) * 1000,
        { how: "each", count: 1, eachMl: swirlMl(swirls.style) },
        1,
        "swirl",
      );
    return;
  }
  for (const border of borders) {
    const lengthMm = borderLength(tier, coat, border.at, border.widthMm);
    const sectionMm2 = borderSection(border.style, border.widthMm);
    add(
      "border",
      lengthMm * sectionMm2,
      { how: "along", lengthMm, sectionMm2 },
      borderCount(border, lengthMm),
      border.style === "shell" || border.style === "pearl" ? border.style : null,
    );
  }
  if (swirls !== undefined && isTop) {
    const count = swirlCount(swirls);
    const eachMl = swirlMl(swirls.style);
    add("swirls", count * eachMl * 1000, { how: "each", count, eachMl }, count, "swirl");
  }
}

/**
 * Along the middle of a bead: on the top inside the edge of the coat, at the base outside its wall.
 */
export function borderLength(tier: Tier, coat: Coat, at: "top" | "base", widthMm: number): number {
  return Math.max(
    0,
    roundLength(tier.outline, coat.sideMm + (at === "top" ? -widthMm / 2 : widthMm / 2)),
  );
}

function addPours(
  each: FinishedTier,
  { pour }: FinishRequest,
  add: (
    thing: "pour" | "drips",
    stuff: Coating,
    mm3: number,
    why: Why,
    count: number | null,
  ) => void,
): void {
  const { tier, coat, hiddenMm2 } = each;
  if (pour === undefined) return;
  const areaMm2 = topArea(tier) - hiddenMm2;
  const isOver = pour.sides === "all" && tier.family !== "cup";
  const sideMm2 = isOver ? sideArea(each) : 0;
  const poolFraction = isOver ? POURED.poolFraction : 0;
  add(
    "pour",
    pour.what,
    (areaMm2 * POURED.topMm + sideMm2 * POURED.sideMm) * (1 + poolFraction),
    {
      how: "poured",
      areaMm2,
      thickMm: POURED.topMm,
      sideMm2,
      sideThickMm: POURED.sideMm,
      poolFraction,
    },
    null,
  );
  if (pour.sides !== "drips" || tier.family === "cup") return;
  const count = pour.drips ?? usualDrips(roundLength(tier.outline, coat.sideMm));
  const eachMl = dripMl(dripLength(tier.heightMm + coat.topMm));
  add("drips", pour.what, count * eachMl * 1000, { how: "each", count, eachMl }, count);
}

/**
 * What is laid on by weight, soaked or rolled is bought or made as it is; only what is spread is
 * made with some to spare.
 */
function batchesOf(
  quantities: readonly Quantity[],
  marginFraction: number,
  ownFilling: string | undefined,
): readonly Batch[] {
  const nameOf = ({ stuff, called = "" }: Quantity): string => `${stuff} ${called}`;
  return [...group(quantities, nameOf).values()].flatMap((of): readonly Batch[] => {
    const [first] = of;
    if (first === undefined) return [];
    const { stuff, called } = first;
    const neededG = sum(of, ({ massG }) => massG);
    const isMeasured = of.every(({ volumeMl }) => volumeMl !== null);
    const neededMl = isMeasured ? sum(of, ({ volumeMl }) => volumeMl ?? 0) : null;
    const toldG = sum(
      of.filter(({ why }) => why.how === "told"),
      ({ massG }) => massG,
    );
    // Nothing is added to what its baker weighs herself, or her recipe fills with.
    const isOwn = called !== undefined && called === ownFilling;
    const spare = stuff in SPREAD_DENSITY && neededG > 0 && !isOwn ? marginFraction : 0;
    const more = 1 + (toldG === 0 ? spare : spare * (1 - toldG / neededG));
    return [
      {
        stuff,
        ...(called === undefined ? {} : { called }),
        neededMl,
        neededG,
        volumeMl: neededMl === null ? null : neededMl * more,
        massG: neededG * more,
      },
    ];
  });
}
