import { TURNS } from "../cool";
import * as z from "../zod";
import type { BuildRemark } from "../build";
import { ALLERGENS } from "../pantry";
import type { Doing } from "../day";
import { DURING, HEAT_SOURCES, STAGES } from "../recipe";
import { AISLES } from "../shopping";
import type { CakePlan } from "./plan";
import { WORN_AS } from "./recipe-worn";

const number = z.number();

const compared = z.enum(["less", "same", "more"]);

const minutes = {
  doorShutUntilMin: number,
  firstLookMin: number,
  likelyMin: number,
  notPastMin: number,
};

/** What a log teaches: ln of the minutes over those forecast, σ of that, and the bakes behind it. */
const learnt = z.optional(
  z.strictObject({ logRatio: number, sd: number, bakes: number, setAside: z.array(number) }),
);

const doubtSaid = z.strictObject({ about: z.string(), message: z.string() });
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
    source: z.enum(HEAT_SOURCES),
    /** Null where it is no oven. */
    ovenC: z.nullable(number),
    dialC: z.nullable(number),
    ...minutes,
    tins: z.array(
      z.strictObject({
        ...minutes,
        crownMm: number,
        learnt,
        /** Cell by cell: its minutes, and crown and crust against the recipe's own bake. */
        solved: z.nullable(
          z.strictObject({ minutes: z.nullable(number), crown: compared, crust: compared }),
        ),
      }),
    ),
    /** Of the tin that takes longest. */
    learnt,
    dialMark: z.optional(z.string()),
    coreC: z.strictObject({ from: number, to: number }),
    trust: z.array(z.string()),
    foilLookMin: z.optional(number),
    /** What is done to it in the oven, the first first. */
    during: z.optional(
      z.array(
        z.strictObject({
          do: z.enum(DURING),
          atMin: number,
          dialC: z.optional(number),
          name: z.optional(z.string()),
        }),
      ),
    ),
    otherHeats: z.array(z.strictObject({ ovenC: number, likelyMin: number })),
    /** Tins by their place in the request, first out first. */
    outOrder: z.array(z.array(number)),
    /** Tins to a load, by their place; with the oven's shelf known. */
    loads: z.optional(z.array(z.array(number))),
    tooLargeForShelf: z.optional(z.array(number)),
  }),
  cool: z.strictObject({
    offOvenMin: number,
    covered: z.boolean(),
    overnight: z.boolean(),
    tins: z.array(
      z.strictObject({
        turnOutMin: z.nullable(number),
        stays: z.boolean(),
        turned: z.enum(TURNS),
        soakUntilMin: number,
        meltsUntilMin: number,
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
        called: z.optional(z.string()),
        tin: number,
        cakes: number,
        volumeMl: z.nullable(number),
        massG: number,
        count: z.optional(number),
      }),
    ),
    /** What else the recipe's own steps put on, all of it for this cake, and how it lies. */
    worn: z.array(
      z.strictObject({
        name: z.string(),
        like: z.string(),
        as: z.enum(WORN_AS),
        massG: number,
      }),
    ),
    /** What is put on at a time of its own, in minutes after the oven where it goes on warm. */
    dress: z.array(
      z.strictObject({
        what: z.string(),
        name: z.optional(z.string()),
        when: z.string(),
        massG: number,
        pieces: z.optional(number),
        toBuy: z.optional(number),
        fromMin: z.optional(number),
        toMin: z.optional(number),
        meltsAway: z.optional(z.literal(true)),
      }),
    ),
    /** What has to be made or bought, with what is to spare. */
    make: z.array(
      z.strictObject({
        stuff: z.string(),
        /** What the recipe or its baker calls it. */
        called: z.optional(z.string()),
        volumeMl: z.nullable(number),
        massG: number,
      }),
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
          /** When it is done, by where the cake is. */ stage: z.enum(STAGES),
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
  /** What has to be bought or had for it, in the order of a shop. */
  shopping: z.array(
    z.strictObject({
      /** The pantry's id, `bought:` and what it is, or `named:` and the recipe's own words. */
      item: z.string(),
      aisle: z.enum(AISLES),
      netG: z.nullable(number),
      grossG: z.nullable(number),
      pieces: z.nullable(number),
      packs: z.optional(z.strictObject({ count: number, eachG: number, overG: number })),
      /** Whether some line of it says no amount. */
      some: z.optional(z.boolean()),
    }),
  ),
  contains: z.array(z.enum(ALLERGENS)),
  cautions: z.array(saying),
  remarks: z.array(saying),
  /** What of its recipe's text may have been read wrongly. */
  doubts: z.optional(z.array(doubtSaid)),
});

export type Answer = z.infer<typeof AnswerSchema>;

/** The words of a plan, which the core leaves to whoever shows it. */
export type PlanWords = {
  readonly caution: (caution: CakePlan["cautions"][number]) => string;
  readonly built: (remark: BuildRemark) => string;
  readonly remark: (remark: CakePlan["remarks"][number]) => string;
  readonly doing: (doing: Doing) => string;
};
