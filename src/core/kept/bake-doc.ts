import * as z from "../zod";
import { doneness, type Minutes } from "../bake";
import { kitchenGrams, parseWith, type Result } from "../measure";
import { BATTER_KINDS } from "../kind";
import { TaskSchema, type Schedule, type Stretch, type DayPlan } from "../day";
import { TinSchema } from "../tin";
import { insideCases, type CakeInput, type CakePlan } from "../plan";
import { CakeDocSchema, type CakeDoc } from "./cake-doc";

const minute = z.number().check(z.gte(0), z.lte(1e9));
const stretch = z.strictObject({ from: z.number(), to: z.number() });
const MinutesSchema = z.strictObject({
  doorShutUntilMin: minute,
  firstLookMin: minute,
  likelyMin: minute,
  notPastMin: minute,
});

/**
 * The bake's own clock: it showed `bakeMs` when the machine's showed `realMs`, and goes `speed`
 * times as fast; faster than 1 in a rehearsal.
 */
const ClockSchema = z.strictObject({
  realMs: z.int().check(z.gte(0)),
  bakeMs: z.int().check(z.gte(0)),
  speed: z.number().check(z.gte(1), z.lte(2000)),
});
export type BakeClock = Readonly<z.infer<typeof ClockSchema>>;

/** How fast a rehearsal goes. */
export const REHEARSAL_SPEEDS = [10, 60, 300] as const;

/**
 * What a bake began with, never changed after: its cakes as they were planned, the day's tasks and
 * when each was to begin. All that happened since is told by its events.
 */
export const BakeDocSchema = z.strictObject({
  cakes: z
    .array(
      z.strictObject({
        id: z.string().check(z.minLength(1), z.maxLength(100)),
        name: z.string().check(z.maxLength(120)),
        doc: CakeDocSchema,
        kind: z.enum(BATTER_KINDS),
        /** Batter in each tin, g, in the order they are filled. */
        tinsG: z.array(z.number().check(z.gte(0))).check(z.maxLength(200)),
        ovenC: z.number(),
        minutes: MinutesSchema,
        /** The middle is done from here on, °C. */
        doneC: z.number(),
        /** The tin that takes longest, as the solver needs it: the curve of its middle. */
        slowest: z.nullable(
          z.strictObject({
            tin: TinSchema,
            batterMl: z.number().check(z.positive()),
            ovenC: z.number(),
            isFan: z.boolean(),
            isLined: z.boolean(),
            hasStrips: z.boolean(),
            doneC: z.number(),
            goesOn: z.number(),
          }),
        ),
      }),
    )
    .check(z.minLength(1), z.maxLength(8)),
  tasks: z.array(TaskSchema).check(z.minLength(1), z.maxLength(400)),
  plannedFrom: z.record(z.string(), z.number()),
  wantedAt: z.array(z.int()),
  away: z.array(stretch).check(z.maxLength(60)),
  endBy: z.record(z.string(), z.number()),
  clock: ClockSchema,
});
export type BakeDoc = Readonly<z.infer<typeof BakeDocSchema>>;

/** A bake from outside the program. */
export function parseBakeDoc(input: unknown): Result<BakeDoc> {
  return parseWith(BakeDocSchema, input);
}

/**
 * Hours away that have no end are told as far as anybody bakes, minutes: JSON knows no endless
 * numbers.
 */
const FAR_MIN = 20_000;

/** What a bake of planned cakes begins with. */
export function bakeDoc(
  cakes: readonly {
    readonly id: string;
    readonly name: string;
    readonly doc: CakeDoc;
    readonly input: CakeInput;
    readonly plan: CakePlan;
  }[],
  { request }: DayPlan,
  schedule: Schedule,
  clock: BakeClock,
): BakeDoc {
  const [least, most] = [schedule.startsAt - FAR_MIN, schedule.endsAt + FAR_MIN];
  const near = ({ from, to }: Stretch): Stretch => ({
    from: Math.max(least, from),
    to: Math.min(most, to),
  });
  return {
    cakes: cakes.map(({ id, name, doc, input, plan, plan: { bake, fill, mix } }) => ({
      id,
      name,
      doc,
      slowest: slowestTin(input, plan),
      kind: mix.kind,
      ovenC: bake.ovenC,
      doneC: doneness(mix.kind).coreC.from,
      tinsG: fill.tins.flatMap(({ geometry, batterG }) =>
        Array.from({ length: geometry.tin.shape === "well" ? 1 : geometry.count }, () =>
          kitchenGrams(geometry.tin.shape === "well" ? batterG * geometry.count : batterG),
        ),
      ),
      minutes: minutesOf(bake),
    })),
    tasks: [...request.tasks],
    plannedFrom: Object.fromEntries(schedule.placed.map(({ id, from }) => [id, from])),
    wantedAt: [...request.wantedAt],
    away: (request.away ?? []).map(near),
    endBy: Object.fromEntries(request.endBy ?? []),
    clock,
  };
}

function slowestTin(input: CakeInput, plan: CakePlan): BakeDoc["cakes"][number]["slowest"] {
  const index = plan.bake.tins.reduce(
    (best, { likelyMin }, tin) => (likelyMin > (plan.bake.tins[best]?.likelyMin ?? 0) ? tin : best),
    0,
  );
  const found = insideCases(input, plan)?.tins[index];
  if (found === undefined) return null;
  const { geometry, isLined = false, ...bake } = found;
  return { ...bake, isLined, tin: geometry.tin };
}

const minutesOf = ({
  doorShutUntilMin,
  firstLookMin,
  likelyMin,
  notPastMin,
}: Minutes): Minutes => ({ doorShutUntilMin, firstLookMin, likelyMin, notPastMin });

/** What a bake's clock shows, ms since 1970, when the machine's shows `realMs`. */
export function bakeTime({ realMs: then, bakeMs, speed }: BakeClock, realMs: number): number {
  return bakeMs + (realMs - then) * speed;
}
