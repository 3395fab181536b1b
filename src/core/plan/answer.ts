import * as z from "../zod";
import { bakeInside } from "../bake";
import { colourBowls, nextSpoon } from "../finish";
import type { BuildRemark } from "../build";
import { allergensOn } from "../caution";
import { ALLERGENS } from "../pantry";
import { bad, good, roundTo, type Result } from "../measure";
import { bakeDetail, insideCases, solvedTin } from "./bake-detail";
import { localMinute, type Doing, readDay, dayPlan, waysOut, type CakeOfDay } from "../day";
import { coolDetail } from "./cool-detail";
import { dayCake } from "./day-detail";
import { laidFruit, madeSpread } from "./finish-detail";
import type { CakeInput } from "./input";
import type { CakeRequest } from "./request";
import { serveDetail } from "./serve-detail";
import type { CakePlan } from "./plan";

const number = z.number();
const compared = z.enum(["less", "same", "more"]);
const minutes = {
  doorShutUntilMin: number,
  firstLookMin: number,
  likelyMin: number,
  notPastMin: number,
};
const saying = z.strictObject({ code: z.string(), text: z.string() });

/**
 * What `npm run plan` prints. Lengths to 0.1 mm, weights to 1 g, volumes to 1 mL, minutes whole.
 */
export const AnswerSchema = z.strictObject({
  scale: number,
  mix: z.strictObject({
    massG: number,
    volumeMl: number,
    specificGravity: number,
    kind: z.string(),
    eggs: z.optional(number),
  }),
  fill: z.strictObject({
    tins: z.array(
      z.strictObject({
        shape: z.string(),
        count: number,
        brimMl: number,
        batterMl: number,
        batterG: number,
        depthMm: number,
        fullFraction: number,
        limitMl: number,
        bakedEdgeMm: number,
        bakedCrownMm: number,
        peakCrownMm: number,
        verdict: z.enum(["fits", "crowns", "overflows", "too-thin"]),
      }),
    ),
    leftoverG: number,
    overG: number,
    cups: number,
  }),
  bake: z.strictObject({
    ovenC: number,
    dialC: number,
    ...minutes,
    tins: z.array(
      z.strictObject({
        ...minutes,
        crownMm: number,
        /** Cell by cell: its minutes, and crown and crust against the recipe's own bake. */
        solved: z.nullable(
          z.strictObject({ minutes: z.nullable(number), crown: compared, crust: compared }),
        ),
      }),
    ),
    dialMark: z.optional(z.string()),
    coreC: z.strictObject({ from: number, to: number }),
    trust: z.array(z.string()),
    foilLookMin: z.optional(number),
    otherHeats: z.array(z.strictObject({ ovenC: number, likelyMin: number })),
    /** Tins by their place in the request, first out first. */
    outOrder: z.array(z.array(number)),
    /** Tins to a load, by their place; with the oven's shelf known. */
    loads: z.optional(z.array(z.array(number))),
    tooLargeForShelf: z.optional(z.array(number)),
  }),
  cool: z.strictObject({
    tins: z.array(
      z.strictObject({
        turnOutMin: z.nullable(number),
        coldMin: number,
        fromMin: number,
        toMin: number,
        lukewarmMin: number,
        fridgeMin: number,
        freezerMin: number,
      }),
    ),
  }),
  build: z.strictObject({
    standing: z.string(),
    fillingMm: number,
    filling: z.string(),
    cakes: z.array(
      z.strictObject({
        cakes: number,
        tiers: z.array(
          z.strictObject({
            tin: number,
            layers: number,
            layerMm: number,
            domeMm: number,
            heightMm: number,
            trimmedG: number,
            cakeG: number,
          }),
        ),
      }),
    ),
    remarks: z.array(saying),
  }),
  finish: z.strictObject({
    cover: z.string(),
    frosting: z.string(),
    topCm2: number,
    topMm: number,
    sideMm: number,
    layers: number,
    volumeMl: number,
    massG: number,
    /** Everything that goes on or between, nothing to spare. */
    quantities: z.array(
      z.strictObject({
        thing: z.string(),
        stuff: z.string(),
        tin: number,
        cakes: number,
        volumeMl: z.nullable(number),
        massG: number,
        count: z.optional(number),
      }),
    ),
    /** What has to be made or bought, with what is to spare. */
    make: z.array(
      z.strictObject({ stuff: z.string(), volumeMl: z.nullable(number), massG: number }),
    ),
    /**
     * The frosting by its usual formula, rounded up to something measurable; its bowls by colour,
     * and the next spoonful.
     */
    frostingMade: z.optional(
      z.strictObject({
        massG: number,
        lines: z.array(z.strictObject({ name: z.string(), massG: number })),
        consistency: z.nullable(z.string()),
        bowls: z.optional(z.array(z.strictObject({ name: z.string(), massG: number }))),
        next: z.optional(
          z.strictObject({
            do: z.string(),
            name: z.optional(z.string()),
            teaspoons: z.optional(number),
            soFarTsp: z.optional(number),
          }),
        ),
      }),
    ),
    fruit: z.array(
      z.strictObject({
        tin: number,
        cakes: number,
        pieces: number,
        fruits: z.nullable(number),
        syrupMl: z.nullable(number),
      }),
    ),
  }),
  serve: z.strictObject({
    pieces: number,
    cakes: z.array(
      z.strictObject({
        tin: number,
        cakes: number,
        cut: z.nullable(z.string()),
        pieces: number,
        pieceG: number,
        nearest: z.optional(z.nullable(number)),
      }),
    ),
    roomHours: number,
    fridgeDays: number,
    freezerMonths: number,
    /** With the number of guests known: times these cakes that are enough. */
    timesForGuests: z.optional(number),
  }),
  /** The day, where the request says when the cake is wanted; tasks in the order they begin. */
  day: z.optional(
    z.strictObject({
      wantedAt: z.string(),
      startsAt: z.nullable(z.string()),
      handsMin: number,
      /** Minutes by which a better order could at most shorten it. */
      gapMin: z.nullable(number),
      tasks: z.array(
        z.strictObject({
          id: z.string(),
          from: z.string(),
          minutes: number,
          station: z.string(),
          needs: z.array(z.string()),
          text: z.string(),
          /** The recipe's own words for it. */ words: z.optional(z.string()),
          earlierByMin: number,
          laterByMin: number,
        }),
      ),
      /**
       * Where it can't be done: the task without a place, and the least changes that would make it
       * possible.
       */
      stuck: z.optional(z.string()),
      ways: z.optional(z.array(z.strictObject({ change: z.string(), byMin: z.optional(number) }))),
    }),
  ),
  /** Allergens of all of it, as far as its words tell; empty for a recipe nobody knows. */
  contains: z.array(z.enum(ALLERGENS)),
  cautions: z.array(saying),
  remarks: z.array(saying),
});
export type Answer = z.infer<typeof AnswerSchema>;

/** The words of a plan, which the core leaves to whoever shows it. */
export type PlanWords = {
  readonly caution: (caution: CakePlan["cautions"][number]) => string;
  readonly built: (remark: BuildRemark) => string;
  readonly remark: (remark: CakePlan["remarks"][number]) => string;
  readonly doing: (doing: Doing) => string;
};

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
      ovenC: roundTo(bake.ovenC, 0.1),
      dialC: bake.dialC,
      doorShutUntilMin: bake.doorShutUntilMin,
      firstLookMin: bake.firstLookMin,
      likelyMin: bake.likelyMin,
      notPastMin: bake.notPastMin,
      tins: bake.tins.map((each, index) => ({
        ...each,
        crownMm: roundTo(crownOf(plan, index), 0.1),
        solved: solved[index] ?? null,
      })),
      ...(bake.dialMark === null ? {} : { dialMark: bake.dialMark }),
      coreC: detail.doneness.coreC,
      trust: [...detail.doneness.trust],
      ...(detail.foilLookMin === null ? {} : { foilLookMin: detail.foilLookMin }),
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
      tins: coolDetail(plan).map(
        ({ turnOutMin, coldMin, fromMin, toMin, lukewarmMin, fridgeMin, freezerMin }) => ({
          turnOutMin,
          coldMin,
          fromMin,
          toMin,
          lukewarmMin,
          fridgeMin,
          freezerMin,
        }),
      ),
    },
    build: {
      standing: build.standing,
      fillingMm: build.fillingMm,
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
        ({ thing, stuff, index, times, volumeMl, massG, count }) => ({
          thing,
          stuff,
          tin: index,
          cakes: times,
          volumeMl: volumeMl === null ? null : roundTo(volumeMl, 0.1),
          massG: roundTo(massG, 0.1),
          ...(count === null ? {} : { count }),
        }),
      ),
      make: finish.batches.map(({ stuff, volumeMl, massG }) => ({
        stuff,
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

/** The frosting as it is made, by the request's own part or its usual formula. */
function frostingMade(
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

/** The day of a plan; null where nobody says when it is wanted. */
function dayAnswer(
  { input, formula, made }: CakeRequest,
  plan: CakePlan,
  words: PlanWords,
): Result<NonNullable<Answer["day"]> | null> {
  const read = input.day === undefined ? good(null) : readDay(input.day);
  if (!read.ok)
    return bad({ ...read.issue, path: `day.${DAY_FIELDS[read.issue.path] ?? read.issue.path}` });
  if (input.day === undefined || read.value === null) return good(null);
  const cakes: readonly CakeOfDay[] = [
    { cake: dayCake(input, plan, formula, made), boxes: input.day, read: read.value },
  ];
  const { request, schedule } = dayPlan(cakes);
  const wantedAt = localMinute(read.value.wantedAt);
  const handsMin = request.tasks
    .filter(({ needs }) => needs.includes("hands"))
    .reduce((sum, { minutes }) => sum + minutes, 0);
  if (schedule === null) {
    const { stuck, ways } = waysOut(cakes);
    return good({
      wantedAt,
      startsAt: null,
      handsMin,
      gapMin: null,
      tasks: [],
      ...(stuck === null ? {} : { stuck: words.doing(stuck.doing) }),
      ways: ways.map((way) => ({
        change: way.change,
        ...("byMin" in way ? { byMin: way.byMin } : {}),
      })),
    });
  }
  const tasks = schedule.placed.flatMap(({ id, from, to, earlierBy, laterBy }) =>
    request.tasks
      .filter((task) => task.id === id)
      .map(({ station, needs, doing, words: said }) => ({
        id,
        from: localMinute(from),
        minutes: to - from,
        station,
        needs: [...needs],
        text: words.doing(doing),
        ...(said === undefined ? {} : { words: said }),
        earlierByMin: earlierBy,
        laterByMin: laterBy,
      })),
  );
  return good({
    wantedAt,
    startsAt: localMinute(schedule.startsAt),
    handsMin,
    gapMin: schedule.gapMin,
    tasks,
  });
}

/** What a box of the day is called in a request. */
const DAY_FIELDS: Readonly<Record<string, string>> = { dayFrom: "from", dayTo: "to" };
