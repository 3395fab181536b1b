import { bakeInside } from "../bake";
import { colourBowls, nextSpoon } from "../finish";
import { allergensOn } from "../caution";
import { good, roundTo, type Result } from "../measure";
import { pantryOf } from "../pantry";
import { amountIn, shoppingList, type ShoppingRow } from "../shopping";
import { bakeDetail, insideCases, solvedTin } from "./bake-detail";
import { coolDetail } from "./cool-detail";
import { dressDetail, type DressDetail } from "./dress-detail";
import { laidFruit, madeSpread } from "./finish-detail";
import type { CakeInput } from "./input";
import { needsOf } from "./needs";
import type { CakeRequest } from "./request";
import { serveDetail } from "./serve-detail";
import type { CakePlan } from "./plan";
import type { Answer, PlanWords } from "./answer-schema";
import { dayAnswer } from "./answer-day";

/** A plan as the answer to a request, rounded to what its figures can carry. */
export function planAnswer(plan: CakePlan, request: CakeRequest, words: PlanWords): Result<Answer> {
  const { input } = request;
  const { mix, fill, bake, build, finish } = plan;
  const fruit = laidFruit(input, plan);
  if (!fruit.ok) return fruit;
  const day = dayAnswer(request, plan, words);
  if (!day.ok) return day;
  const detail = bakeDetail(input, plan);
  const solved = solvedTins(input, plan);
  const made = frostingMade(request, plan);
  return good({
    scale: roundTo(plan.scale, 0.001),
    mix: {
      massG: Math.round(mix.massG),
      volumeMl: Math.round(mix.volumeMl),
      specificGravity: roundTo(mix.specificGravity, 0.01),
      kind: mix.kind,
      ...(plan.egg === null ? {} : { eggs: plan.egg.eggs }),
    },
    fill: {
      tins: fill.tins.map((tin) => ({
        shape: tin.geometry.tin.shape,
        count: tin.geometry.count,
        brimMl: Math.round(tin.brimMl),
        batterMl: Math.round(tin.batterMl),
        batterG: Math.round(tin.batterG),
        depthMm: roundTo(tin.depthMm, 0.1),
        fullFraction: roundTo(tin.fullFraction, 0.01),
        limitMl: Math.round(tin.limit.volumeMl),
        bakedEdgeMm: roundTo(tin.baked.edgeMm, 0.1),
        bakedCrownMm: roundTo(tin.baked.crownTopMm, 0.1),
        peakCrownMm: roundTo(tin.peak.crownTopMm, 0.1),
        verdict: tin.verdict,
      })),
      leftoverG: Math.round(fill.leftoverG),
      overG: Math.round(fill.overG),
      cups: fill.cups?.count ?? 0,
    },
    bake: {
      source: bake.source,
      ovenC: bake.source === "oven" ? roundTo(bake.ovenC, 0.1) : null,
      dialC: bake.source === "oven" ? bake.dialC : null,
      doorShutUntilMin: bake.doorShutUntilMin,
      firstLookMin: bake.firstLookMin,
      likelyMin: bake.likelyMin,
      notPastMin: bake.notPastMin,
      tins: bake.tins.map((each, index) => ({
        ...each,
        crownMm: roundTo(crownOf(plan, index), 0.1),
        ...learntOf(bake, index),
        solved: solved[index] ?? null,
      })),
      ...learntOf(bake, slowestOf(bake)),
      ...(bake.dialMark === null ? {} : { dialMark: bake.dialMark }),
      coreC: detail.doneness.coreC,
      trust: [...detail.doneness.trust],
      ...(detail.foilLookMin === null ? {} : { foilLookMin: detail.foilLookMin }),
      ...(detail.during.length === 0
        ? {}
        : {
            during: detail.during.map(({ do: what, atMin, dial, name }) => ({
              do: what,
              atMin,
              ...(dial === null ? {} : { dialC: dial.dialC }),
              ...(name === null ? {} : { name }),
            })),
          }),
      otherHeats: detail.otherHeats.map(({ ovenC, likelyMin }) => ({
        ovenC: roundTo(ovenC, 0.1),
        likelyMin,
      })),
      outOrder: detail.outOrder.map((group) => [...group]),
      ...(detail.shelves === null
        ? {}
        : {
            loads: detail.shelves.loads.map((load) => load.flat().map(({ tin }) => tin)),
            tooLargeForShelf: [...detail.shelves.tooLarge],
          }),
    },
    cool: {
      offOvenMin: plan.cool.offOvenMin ?? 0,
      covered: plan.cool.covered ?? false,
      overnight: plan.cool.overnight ?? false,
      tins: coolDetail(plan).map(({ out, ...cold }) => ({
        ...cold,
        stays: out.when === "never",
      })),
    },
    build: {
      standing: build.standing,
      fillingMm: roundTo(build.fillingMm, 0.1),
      filling: build.filling,
      cakes: build.cakes.map(({ cakes, tiers }) => ({
        cakes,
        tiers: tiers.map(({ index, layers, layerMm, domeMm, heightMm, trimmedG, cakeG }) => ({
          tin: index,
          layers,
          layerMm: roundTo(layerMm, 0.1),
          domeMm: roundTo(domeMm, 0.1),
          heightMm: roundTo(heightMm, 0.1),
          trimmedG: Math.round(trimmedG),
          cakeG: Math.round(cakeG),
        })),
      })),
      remarks: build.remarks.map((remark) => ({ code: remark.code, text: words.built(remark) })),
    },
    finish: {
      cover: finish.cover,
      frosting: finish.frosting,
      topCm2: Math.round(finish.topMm2 / 100),
      topMm: finish.coat.topMm,
      sideMm: finish.coat.sideMm,
      layers: finish.layers,
      volumeMl: Math.round(finish.volumeMl),
      massG: Math.round(finish.massG),
      quantities: finish.quantities.map(
        ({ thing, stuff, called, index, times, volumeMl, massG, count }) => ({
          thing,
          stuff,
          ...(called === undefined ? {} : { called }),
          tin: index,
          cakes: times,
          volumeMl: volumeMl === null ? null : roundTo(volumeMl, 0.1),
          massG: roundTo(massG, 0.1),
          ...(count === null ? {} : { count }),
        }),
      ),
      worn: plan.worn.map(({ name, like, as, massG }) => ({
        name,
        like,
        as,
        massG: Math.round(massG * plan.scale),
      })),
      dress: dressDetail(plan).map(dressed),
      make: finish.batches.map(({ stuff, called, volumeMl, massG }) => ({
        stuff,
        ...(called === undefined ? {} : { called }),
        volumeMl: volumeMl === null ? null : Math.round(volumeMl),
        massG: Math.round(massG),
      })),
      ...(made === null ? {} : { frostingMade: made }),
      fruit: fruit.value.map(({ index, cakes, layout }) => ({
        tin: index,
        cakes,
        pieces: layout.places.length,
        fruits: layout.fruits,
        syrupMl: layout.syrup === null ? null : Math.round(layout.syrup.volumeMl),
      })),
    },
    serve: served(serveDetail(input, plan)),
    ...(day.value === null ? {} : { day: day.value }),
    shopping: shoppingList(
      needsOf(input, plan, request.formula, request.made, pantryOf()).map((need) => ({
        ...need,
        cake: "",
      })),
    ).map(listed),
    contains: [
      ...allergensOn(
        finish.batches.map(({ stuff }) => stuff),
        input.recipe.holds ?? { allergens: [], hazards: [] },
      ),
    ],
    cautions: plan.cautions.map((caution) => ({
      code: caution.code,
      text: words.caution(caution),
    })),
    remarks: plan.remarks.map((remark) => ({ code: remark.code, text: words.remark(remark) })),
  });
}

function listed(row: ShoppingRow): Answer["shopping"][number] {
  const { key: item, aisle, netG, grossG, pieces, packs, isSome } = row;
  const inG = (amount: number): number | null =>
    packs === null ? null : amountIn({ in: packs.each.in, amount }, row.item, "g");
  const [eachG, overG] = [inG(packs?.each.amount ?? 0), inG(packs?.over ?? 0)];
  return {
    item,
    aisle,
    netG: netG === null ? null : roundTo(netG, 0.1),
    grossG: grossG === null ? null : roundTo(grossG, 0.1),
    pieces,
    ...(packs === null || eachG === null || overG === null
      ? {}
      : { packs: { count: packs.count, eachG, overG: Math.round(overG) } }),
    ...(isSome ? { some: true } : {}),
  };
}

function dressed(detail: DressDetail): Answer["finish"]["dress"][number] {
  const { dress, massG, pieces, toBuy, afterOvenMin, meltsAway } = detail;
  return {
    what: dress.what,
    ...(dress.name === undefined ? {} : { name: dress.name }),
    when: dress.when,
    massG: roundTo(massG, 0.1),
    ...(pieces === null ? {} : { pieces }),
    ...(toBuy === null ? {} : { toBuy }),
    ...(afterOvenMin === null ? {} : { fromMin: afterOvenMin[0], toMin: afterOvenMin[1] }),
    ...(meltsAway ? { meltsAway } : {}),
  };
}

/** The frosting as it is made, by the request's own part or its usual formula. */
export function frostingMade(
  { input: { finish: request = {} }, formula, made: { part: own } }: CakeRequest,
  { finish }: CakePlan,
): Answer["finish"]["frostingMade"] | null {
  const made = madeSpread(
    finish.frosting,
    finish.massG,
    request.rounding ?? "grams",
    formula?.parts.find(({ part }) => part.id === own) ?? null,
  );
  if (made === null) return null;
  const { massG, lines } = made.formula;
  const next =
    request.feels === undefined || request.feels.length === 0
      ? null
      : nextSpoon(finish.frosting, massG, request.feels);
  return {
    massG: Math.round(massG),
    lines: lines.map((line) => ({ name: line.name, massG: Math.round(line.massG) })),
    consistency: made.consistency,
    ...(request.colours === undefined || request.colours.length === 0
      ? {}
      : {
          bowls: colourBowls(massG, request.colours).bowls.map((bowl) => ({
            name: bowl.name,
            massG: Math.round(bowl.massG),
          })),
        }),
    ...(next === null
      ? {}
      : {
          next:
            next.do === "add"
              ? { do: next.do, name: next.name, teaspoons: next.teaspoons, soFarTsp: next.soFarTsp }
              : { do: next.do },
        }),
  };
}

function served({
  cakes,
  pieces,
  keeping,
  guests,
}: ReturnType<typeof serveDetail>): Answer["serve"] {
  const { roomHours, fridgeDays, freezerMonths } = keeping;
  return {
    pieces,
    cakes: cakes.map((cake) => ({
      tin: cake.index,
      cakes: cake.cakes,
      cut: cake.cutting?.style ?? null,
      pieces: cake.pieces,
      pieceG: Math.round(cake.pieceG),
      ...(cake.issue === null ? {} : { nearest: cake.issue.nearest }),
    })),
    roomHours,
    fridgeDays,
    freezerMonths,
    ...(guests === null ? {} : { timesForGuests: guests.times }),
  };
}

/** Each tin solved against the recipe's own bake. */
function solvedTins(
  input: CakeInput,
  plan: CakePlan,
): readonly Answer["bake"]["tins"][number]["solved"][] {
  const cases = insideCases(input, plan);
  if (cases === null) return [];
  const reference = bakeInside(cases.reference);
  return cases.tins.map((bake, index) => {
    const {
      minutes: solvedMin,
      crown,
      crust,
    } = solvedTin(
      bakeInside(bake),
      reference,
      input.recipe.reference.minutes ?? null,
      plan.bake.tins[index]?.likelyMin ?? 0,
    );
    return { minutes: solvedMin, crown, crust };
  });
}

function crownOf(plan: CakePlan, index: number): number {
  const baked = plan.fill.tins[index]?.baked;
  return baked === undefined ? 0 : baked.crownTopMm - baked.edgeMm;
}

/** What the log teaches of one tin, if there is one. */
function learntOf(
  { learnt }: CakePlan["bake"],
  index: number,
): Pick<Answer["bake"]["tins"][number], "learnt"> {
  const ratio = learnt?.tins[index];
  if (learnt === null || ratio === undefined) return {};
  return {
    learnt: {
      logRatio: roundTo(ratio.logRatio, 0.0001),
      sd: roundTo(ratio.sd, 0.0001),
      bakes: learnt.bakes,
      setAside: [...learnt.setAside],
    },
  };
}

const slowestOf = ({ tins, likelyMin }: CakePlan["bake"]): number =>
  tins.findIndex((each) => each.likelyMin === likelyMin);
