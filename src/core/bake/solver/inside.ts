import { closedFormMinutes, type BakeCase } from "../closed-form";
import { DONE_C, solverCase } from "./tin-case";
import { solving, type Moment } from "./solve";

/** What is to be solved: one tin of batter, and for how long. */
export type InsideCase = BakeCase & {
  readonly hasStrips: boolean;
  /** The coldest part is done at this, °C. */
  readonly doneC: number;
  /** The curve goes on until this many times the minutes it takes. */
  readonly goesOn: number;
};

/**
 * The inside of a cake as it bakes, on the model's own clock: only ratios to another bake mean
 * minutes.
 */
export type BakeInside = {
  readonly moments: readonly Moment[];
  /** When the coldest part is done; null when it is not within five hours. */
  readonly doneMinute: number | null;
  /** When the rim, at half its height, is as warm as that. */
  readonly rimDoneMinute: number | null;
  /** At that minute: (highest - edge) / edge, and the top's browning in seconds at 140 °C. */
  readonly crownIndex: number;
  readonly browning: number;
  /**
   * Layers to each of the columns the section cuts, and the columns' edges, mm from the middle
   * outwards.
   */
  readonly layers: number;
  readonly sectionEdgesMm: readonly number[];
};

/** A cake that is not set by now never will be, minutes. */
const MOST_MINUTES = 300;
/**
 * A moment is kept so often, s: a curve and a section need no more, and they have to be carried
 * from the worker.
 */
const KEPT_EACH_S = 40;
/** A curve goes on so much longer than the bake when nobody says. */
const GOES_ON = 1.3;

/**
 * The inside of one bake, solved step by step: between the steps, every twenty seconds of the bake,
 * it tells what share of the work is done, by the closed form's minutes, 0 to 0.99. Stop asking,
 * and it stops. Same numbers in a browser, a worker, Node.
 */
export function* solvingInside(bake: InsideCase): Generator<number, BakeInside, void> {
  const endSeconds = 60 * closedFormMinutes(bake) * bake.goesOn;
  const given = solverCase(bake, bake.hasStrips);
  const moments: Moment[] = [];
  let doneSeconds: number | null = null;
  let rimSeconds: number | null = null;
  let [before, done]: [Moment | undefined, Moment | undefined] = [undefined, undefined];
  const work = solving(given, Infinity, MOST_MINUTES * 60);
  for (let next = work.next(); next.done !== true; next = work.next()) {
    const moment = next.value;
    if (moment.seconds % KEPT_EACH_S === 0) moments.push(moment);
    if (doneSeconds === null && moment.coldestC >= bake.doneC) {
      doneSeconds = crossing(before, moment, bake.doneC, ({ coldestC }) => coldestC);
      done = moment;
    }
    if (rimSeconds === null && moment.rimC >= bake.doneC)
      rimSeconds = crossing(before, moment, bake.doneC, ({ rimC }) => rimC);
    before = moment;
    if (doneSeconds !== null && moment.seconds >= doneSeconds * bake.goesOn) break;
    yield Math.min(0.99, moment.seconds / endSeconds);
  }
  const shown = done ?? before;
  return {
    moments,
    doneMinute: inMinutes(doneSeconds),
    rimDoneMinute: inMinutes(rimSeconds),
    crownIndex: shown?.crownIndex ?? 0,
    browning: shown?.browning ?? 0,
    layers: given.layersM.length,
    sectionEdgesMm: given.mesh.sectionEdgesM.map((edge) => edge * 1000),
  };
}

/** The inside of one bake, solved to its end. */
export function bakeInside(bake: BakeCase & Partial<InsideCase>): BakeInside {
  const work = solvingInside({ hasStrips: false, doneC: DONE_C, goesOn: GOES_ON, ...bake });
  for (;;) {
    const next = work.next();
    if (next.done === true) return next.value;
  }
}

function crossing(
  before: Moment | undefined,
  after: Moment,
  atC: number,
  of: (moment: Moment) => number,
): number {
  if (before === undefined) return after.seconds;
  const part = (atC - of(before)) / Math.max(1e-9, of(after) - of(before));
  return before.seconds + (after.seconds - before.seconds) * part;
}

function inMinutes(seconds: number | null): number | null {
  return seconds === null ? null : seconds / 60;
}

/**
 * How one bake comes out against another, as far as a model can tell: absolute figures are not good
 * enough.
 */
export type InsideCompared = "less" | "same" | "more";

/** Differences smaller than these can't be seen on a cake. Judgement. */
const CROWN_SEEN = 0.02;
const BROWNING_SEEN = 1.35;

/** Crown and crust of one bake against another's. */
export function comparedInsides(
  own: BakeInside,
  reference: BakeInside,
): { readonly crown: InsideCompared; readonly crust: InsideCompared } {
  const crown = own.crownIndex - reference.crownIndex;
  const crust = Math.log((own.browning + 1) / (reference.browning + 1)) / Math.log(BROWNING_SEEN);
  return { crown: compared(crown / CROWN_SEEN), crust: compared(crust) };
}

function compared(steps: number): InsideCompared {
  return steps <= -1 ? "less" : steps >= 1 ? "more" : "same";
}

/** How much of a section's area is as hot as a done cake, 0 to 1. */
export function setShare(inside: BakeInside, moment: Moment, doneC: number): number {
  let set = 0;
  let all = 0;
  moment.tempsC.forEach((tempC, cell) => {
    const column = Math.floor(cell / inside.layers);
    const area =
      (moment.heightsM[cell] ?? 0) *
      ((inside.sectionEdgesMm[column + 1] ?? 0) - (inside.sectionEdgesMm[column] ?? 0));
    all += area;
    if (tempC >= doneC) set += area;
  });
  return all === 0 ? 0 : set / all;
}
