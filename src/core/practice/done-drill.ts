// "Is it done?": a bake whose oven and recipe keep something back. Nothing here is a fixed answer:
// the cake is solved, the signs follow from it, and what they mean is what the look at the bench
// says they mean.
import {
  afterLook,
  doneness,
  forecast,
  setShare,
  stretchOf,
  type BakeInside,
  type InsideCase,
  type Look,
  type Minutes,
} from "../bake";
import { fillLimit } from "../fill";
import type { BatterKind } from "../kind";
import { drawnNumber, hiddenBake, type HiddenBake } from "../live";
import { tinFamily, tinGeometry, type Tin, type TinFamily, type TinGeometry } from "../tin";
import type { DrillVerdict } from "./answers";

/** What is baked in each family of tins. */
const BAKED_IN: Readonly<Record<TinFamily, readonly BatterKind[]>> = {
  layer: ["creamed", "oil", "hot-liquid", "whisked", "baked-cheese"],
  sheet: ["oil", "brownie", "whisked"],
  ring: ["creamed", "pound"],
  loaf: ["pound", "quick-loaf"],
  cup: ["creamed", "muffin"],
};
/** What each is baked at, °C, where that is not {@link USUAL_C}. Judgements. */
const HEAT_C: Readonly<Partial<Record<BatterKind, number>>> = {
  "baked-cheese": 160,
  pound: 165,
  muffin: 190,
  whisked: 180,
};
const USUAL_C = 175;
/** How full her tins are of what they take at most. Judgement. */
const FULL = { least: 0.8, most: 1 } as const;
const ROOM_C = 20;

/** One bake to judge. */
export type DoneCase = {
  readonly seed: number;
  readonly kind: BatterKind;
  /** One of hers, and of a tray of cups one cup. */
  readonly geometry: TinGeometry;
  readonly batterMl: number;
  readonly dialC: number;
  /** What the recipe says of it: by the dial, as if the oven kept its word. */
  readonly minutes: Minutes;
  /** What nobody at the bench knows. */
  readonly hidden: HiddenBake;
};

/** Kinds of batter that can be practised in these tins: what a case is about. */
export const doneKinds = (tins: readonly Tin[]): readonly BatterKind[] => [
  ...new Set(tins.flatMap((tin) => BAKED_IN[tinFamily(tin)])),
];

/**
 * The case of a seed, of a kind in one of her tins.
 * @throws RangeError where no tin is one for it
 */
export function doneCase(seed: number, kind: BatterKind, tins: readonly Tin[]): DoneCase {
  const fit = tins.flatMap((tin) => {
    const geometry = tinGeometry(tin);
    return geometry.ok && BAKED_IN[tinFamily(tin)].includes(kind) ? [geometry.value] : [];
  });
  const [which, next] = drawnNumber({ seed });
  const [full, then] = drawnNumber(next);
  const geometry = fit[Math.floor(which * fit.length)];
  if (geometry === undefined)
    throw new RangeError(`none of ${tins.length} tins is one for ${kind}`);
  const share = FULL.least + (FULL.most - FULL.least) * full;
  const batterMl = Math.round(fillLimit(kind, geometry, {}).volumeMl * share);
  const dialC = HEAT_C[kind] ?? USUAL_C;
  const own = { geometry, batterMl, ovenC: dialC, isFan: false };
  const general = forecast(own, [{ cases: [own], minutes: null }], kind, false);
  const minutes = forecast(own, [{ cases: [own], minutes: general.likelyMin }], kind, false);
  return { seed, kind, geometry, batterMl, dialC, minutes, hidden: hiddenBake(then.seed) };
}

/** The curve goes on for those who wait too long. */
const GOES_ON = 1.5;

/** A case's bake solved twice: as the dial says, and at the heat the oven really has. */
export type DoneInsides = { readonly asTold: BakeInside; readonly real: BakeInside };

/** The bakes of {@link DoneInsides} as the solver takes them. */
export function doneBakes({ kind, geometry, batterMl, dialC, hidden }: DoneCase): {
  readonly asTold: InsideCase;
  readonly real: InsideCase;
} {
  const asTold = {
    geometry,
    batterMl,
    ovenC: dialC,
    isFan: false,
    hasStrips: false,
    doneC: doneness(kind).coreC.from,
    goesOn: 1,
  };
  return { asTold, real: { ...asTold, ovenC: dialC + hidden.offC, goesOn: GOES_ON } };
}

/** So many of the oven's minutes go by for one of the solver's clock. */
const stretch = ({ minutes, hidden }: DoneCase, { asTold }: DoneInsides): number =>
  stretchOf(asTold, minutes.likelyMin) * hidden.pace;

/** An opened door lets the air fall so far, °C, and it is back in so long, min. Judgements. */
const DOOR_C = 35;
const BACK_MIN = 2.5;
/** Below this the air bakes nothing, °C: the closed form's own zero (`bake/closed-form`). */
const BAKES_FROM_C = 70.8;

/** Minutes of heat that one look costs. */
export const lookCostsMin = ({ dialC, hidden }: DoneCase): number =>
  (DOOR_C * BACK_MIN) / (dialC + hidden.offC - BAKES_FROM_C);

/** The cake at one moment, as far as a cake can be told from outside and in. */
type State = { readonly coldestC: number; readonly browning: number };

/** The cake after so many minutes by the clock, with so many looks before. */
function stateAt(of: DoneCase, insides: DoneInsides, minute: number, looks: number): State {
  const seconds = (60 * Math.max(0, minute - looks * lookCostsMin(of))) / stretch(of, insides);
  const inside = insides.real;
  const next = inside.moments.find((each) => each.seconds >= seconds);
  const before = inside.moments.findLast((each) => each.seconds < seconds);
  if (next === undefined || before === undefined)
    return next ?? before ?? { coldestC: ROOM_C, browning: 0 };
  const part = (seconds - before.seconds) / (next.seconds - before.seconds);
  const between = (key: keyof State): number => before[key] + (next[key] - before[key]) * part;
  return { coldestC: between("coldestC"), browning: between("browning") };
}

/**
 * How far from done, °C, a sign still shows: a tester is wet below the first and dry from the
 * second on; a top springs back, and an edge pulls away, from these. Judgements.
 */
const WET_BELOW = 5;
const CRUMBS_BELOW = 0.8;
const SPRINGS_FROM = 1;
const PULLS_FROM = 0.4;
const TREMBLES_BELOW = 1.5;
/** What browns less by the model than this, s at 140 °C, such as cups, has no colour to go by. */
const LEAST_BROWNING = 1;
/** Browning over that of a done cake at the heat of the dial, for each colour from straw on. */
const COLOURS = [0.15, 0.5, 1.7, 3] as const;

/**
 * What is seen, felt and measured when the door is opened.
 * @param minute by the clock, since it went in
 * @param looks before this one
 */
export function seenAt(of: DoneCase, insides: DoneInsides, minute: number, looks: number): Look {
  const { coldestC, browning } = stateAt(of, insides, minute, looks);
  const { coreC, tester } = doneness(of.kind);
  const missing = coreC.from - coldestC;
  const usual = insides.asTold.browning;
  const colour = COLOURS.filter((times) => browning >= times * usual).length + 1;
  const tones: Look =
    usual < LEAST_BROWNING ? {} : { colour: colour as NonNullable<Look["colour"]> };
  if (tester === null)
    return {
      ...tones,
      wobble: missing > TREMBLES_BELOW ? "all" : coldestC > coreC.to ? "none" : "middle",
    };
  return {
    ...tones,
    tester:
      missing > WET_BELOW
        ? "wet"
        : missing > CRUMBS_BELOW || (tester === "moist-crumbs" && coldestC <= coreC.to)
          ? "moist-crumbs"
          : "clean",
    spring: missing > SPRINGS_FROM ? "dent-stays" : "springs-back",
    edge: missing > PULLS_FROM ? "holds" : "pulls",
  };
}

/** What a probe in the middle reads, °C. */
export const probeAt = (
  of: DoneCase,
  insides: DoneInsides,
  minute: number,
  looks: number,
): number => stateAt(of, insides, minute, looks).coldestC + of.hidden.probeOffC;

/** The inside at that moment, the nearest that was kept; null before there is one. */
export function insideAt(
  of: DoneCase,
  insides: DoneInsides,
  minute: number,
  looks: number,
): BakeInside["moments"][number] | null {
  const seconds = (60 * (minute - looks * lookCostsMin(of))) / stretch(of, insides);
  return insides.real.moments.findLast((each) => each.seconds <= seconds) ?? null;
}

/** It may stay so much longer than it needs before anybody tastes it: a share. Judgement. */
const FORGIVEN = { least: 0.06, most: 0.14 } as const;
const FORGIVEN_MIN = 1.5;
/** Out of the oven the middle goes on by so much, °C; and a clock is not more exact than this, min. */
const COOKS_ON_C = 1;
const EARLY_FORGIVEN_MIN = 0.5;

/** What came out. */
export type DoneJudged = {
  readonly verdict: DrillVerdict;
  /** It was right from here to here, minutes by her clock with her looks. */
  readonly rightFromMin: number;
  readonly rightToMin: number;
  /** The logarithm of her minutes over the nearest right ones; 0 inside. */
  readonly log: number;
  /** Share of the cut that is not set, 0 to 1. */
  readonly rawShare: number;
  /** Minutes by which its rim was done before it came out. */
  readonly rimOverMin: number;
  /** What could be seen as it came out. */
  readonly seen: Look;
  /** What the look at the bench would have said of that. */
  readonly advice: ReturnType<typeof afterLook>;
};

/**
 * How a cake came out that was taken out at a minute.
 * @param looks before that: one with which it comes out costs it nothing
 */
export function doneJudged(
  of: DoneCase,
  insides: DoneInsides,
  minute: number,
  looks: number,
): DoneJudged {
  const lost = looks * lookCostsMin(of);
  const times = stretch(of, insides);
  const inside = insides.real;
  const { coreC } = doneness(of.kind);
  /** By the clock, when its coldest part is so hot; null for never. */
  const hotAt = (tempC: number): number | null => {
    const hot = inside.moments.find(({ coldestC }) => coldestC >= tempC);
    return hot === undefined ? null : (hot.seconds / 60) * times + lost;
  };
  const done = (inside.doneMinute ?? inside.moments.length) * times + lost;
  const from = Math.min(done, hotAt(coreC.from - COOKS_ON_C) ?? done);
  const within = (share: number): number => done + Math.max(FORGIVEN_MIN, share * done);
  const to = Math.min(
    within(FORGIVEN.most),
    Math.max(within(FORGIVEN.least), hotAt(coreC.to) ?? 0),
  );
  const isEarly = minute < from - EARLY_FORGIVEN_MIN;
  const isLate = minute > to;
  const moment = insideAt(of, insides, minute, looks);
  const seen = seenAt(of, insides, minute, looks);
  return {
    verdict: isEarly ? "early" : isLate ? "late" : "right",
    rightFromMin: from,
    rightToMin: to,
    log: isEarly ? Math.log(minute / from) : isLate ? Math.log(minute / to) : 0,
    rawShare: moment === null ? 1 : 1 - setShare(inside, moment, coreC.from),
    rimOverMin: Math.max(0, minute - lost - (inside.rimDoneMinute ?? Infinity) * times),
    seen,
    advice: afterLook(of.kind, seen, minute, of.minutes),
  };
}
