// A log of bakes against what was forecast of them, and what it teaches of a plan's own tins.
import {
  closedFormMinutes,
  OVEN_LIMITS_C,
  ownClock,
  type BakeCase,
  type ReferenceBake,
} from "../bake";
import { fillTins, timesLaid, type OnBatter } from "../fill";
import type { BatterKind } from "../kind";
import {
  learntFrom,
  THIS_RECIPE,
  type BakeMade,
  type BakePlace,
  type LearntRatio,
  type LoggedBake,
} from "../logbook";
import { bad, good, issueAt, type Result } from "../measure";
import { scaledBatter, USUAL_KIND, type Batter } from "../mix";
import { isSameTin, tinFamily, type Tin, type TinGeometry } from "../tin";
import type { CakeInput } from "./input";
import { bakeCase, batterIn, geometries, ownOnBatter } from "./own-batter";

/** What a log teaches of a plan. */
export type LearntBakes = {
  /** In the order of the wanted tins. */
  readonly tins: readonly LearntRatio[];
  /** Bakes of the log that it rests on. */
  readonly bakes: number;
  /** Places in the log of those left out: too far from all others. */
  readonly setAside: readonly number[];
};

type Planned = {
  readonly cases: readonly BakeCase[];
  readonly references: readonly ReferenceBake[];
  readonly kind: BatterKind;
};

/** A recipe's own bake as one compares with it: its slowest tin, and its clock. */
type OwnBake = { readonly slowest: BakeCase; readonly clock: number };

/** A logged bake's recipe: its batter, what lies on it in its own tins, and its own bake. */
type Theirs = {
  readonly batter: Batter;
  readonly onBatter?: OnBatter | undefined;
  readonly own: OwnBake;
};

/** What the plan's log teaches; null where it has none. The recipe's other bakes count in it too. */
export function learntBakes(
  input: CakeInput,
  batter: Batter,
  { cases, references, kind }: Planned,
): Result<LearntBakes | null> {
  const { log } = input;
  const own = slowest(references[0]?.cases ?? []);
  if (log === undefined || own === undefined) return good(null);
  const tinName = tinNames();
  const thisOwn: OwnBake = { slowest: own, clock: ownClock(references, kind) };
  const planned: Theirs = { batter, onBatter: ownOnBatter(input.recipe), own: thisOwn };
  const made: BakeMade[] = [];
  for (const [index, logged] of log.entries()) {
    const bake = bakeMade(logged, planned, tinName);
    if (!bake.ok) return bad(issueAt(`log[${index}]`, bake.issue));
    made.push(bake.value);
  }
  // Bakes of the recipe elsewhere: they say nothing of her oven.
  const elsewhere = references.slice(1).flatMap(({ cases: tins, minutes }): readonly BakeMade[] => {
    const bake = slowest(tins);
    if (minutes === null || bake === undefined) return [];
    const place = { ...placeOf(THIS_RECIPE, bake, thisOwn, tinName), perC: 0 };
    return [{ ...place, logRatio: ratioOf(minutes, bake, thisOwn), verdict: "right" }];
  });
  const { ratios, setAside } = learntFrom(
    [...made, ...elsewhere],
    cases.map((bake) => placeOf(THIS_RECIPE, bake, thisOwn, tinName)),
    input.oven?.readings?.length ?? 0,
  );
  const ownAside = setAside.filter((at) => at < made.length);
  return good({ tins: ratios, bakes: made.length - ownAside.length, setAside: ownAside });
}

/**
 * The bakes of a log that can be worked through, each against the forecast from its own recipe's
 * bake; those of {@link THIS_RECIPE} have none here and are left out.
 */
export function loggedBakes(
  log: readonly LoggedBake[],
): readonly { readonly at: number; readonly bake: BakeMade }[] {
  const tinName = tinNames();
  return log.flatMap((logged, at) => {
    const bake = logged.recipe === THIS_RECIPE ? null : bakeMade(logged, null, tinName);
    return bake?.ok === true ? [{ at, bake: bake.value }] : [];
  });
}

/** One logged bake against its forecast. */
function bakeMade(
  logged: LoggedBake,
  planned: Theirs | null,
  tinName: (tin: Tin) => string,
): Result<BakeMade> {
  const { recipe, scale = 1, minutes, verdict, nextTimeMin, isConfirmed } = logged;
  const found = recipe === THIS_RECIPE && planned !== null ? good(planned) : otherRecipe(logged);
  if (!found.ok) return found;
  const { batter, onBatter = [], own } = found.value;
  const tins = geometries(logged.tins, "tins");
  if (!tins.ok) return tins;
  const made = {
    batter: scaledBatter(batter, scale),
    onBatter: timesLaid(onBatter, scale),
  };
  const bake = slowest(casesOf(made, tins.value, logged)) ?? own.slowest;
  const taken = minutes + (nextTimeMin ?? 0);
  return good({
    ...placeOf(recipe, bake, own, tinName),
    logRatio: ratioOf(Math.max(1, taken), bake, own),
    verdict: nextTimeMin === undefined ? verdict : "right",
    ...(isConfirmed === undefined ? {} : { isConfirmed }),
  });
}

/** Another recipe's batter and own bake, as far as the log tells them. */
function otherRecipe({ reference, batter: given = {} }: LoggedBake): Result<Theirs> {
  if (reference === undefined)
    return bad({ code: "missing", path: "reference", expected: "number" });
  const tins = geometries(reference.tins, "reference.tins");
  if (!tins.ok) return tins;
  const batter = batterIn(given, tins.value, "batter");
  if (!batter.ok) return batter;
  const cases = casesOf({ batter: batter.value }, tins.value, reference);
  const [first] = cases;
  if (first === undefined)
    return bad({ code: "missing", path: "reference.tins", expected: "size" });
  const minutes = reference.minutes ?? null;
  return good({
    batter: batter.value,
    own: {
      slowest: slowest(cases) ?? first,
      clock: ownClock([{ cases, minutes }], given.kind ?? USUAL_KIND),
    },
  });
}

function casesOf(
  { batter, onBatter }: Pick<Theirs, "batter" | "onBatter">,
  tins: readonly TinGeometry[],
  { ovenC, fan = false }: { readonly ovenC: number; readonly fan?: boolean | undefined },
): readonly BakeCase[] {
  return fillTins(batter, tins, { onBatter }).tins.map((each) =>
    bakeCase(each, { ovenC, isFan: fan }),
  );
}

/** The tin its minutes belong to. */
const slowest = (cases: readonly BakeCase[]): BakeCase | undefined =>
  cases.toSorted((a, b) => closedFormMinutes(b) - closedFormMinutes(a))[0];

/** ln of the minutes it took over those its recipe's own bake lets one expect. */
const ratioOf = (minutes: number, bake: BakeCase, { clock }: OwnBake): number =>
  Math.log(minutes / (clock * closedFormMinutes(bake)));

/** So far on either side the model's minutes are compared for a degree's worth, °C. */
const AROUND_C = 6;

function placeOf(
  recipe: string,
  bake: BakeCase,
  { slowest: own }: OwnBake,
  tinName: (tin: Tin) => string,
): BakePlace {
  const at = (ovenC: number): number => Math.log(closedFormMinutes({ ...bake, ovenC }));
  const low = Math.max(OVEN_LIMITS_C.min, bake.ovenC - AROUND_C);
  const high = Math.min(OVEN_LIMITS_C.max, bake.ovenC + AROUND_C);
  return {
    recipe,
    family: familyName(bake.geometry.tin),
    ownFamily: familyName(own.geometry.tin),
    tin: tinName(bake.geometry.tin),
    ownTin: tinName(own.geometry.tin),
    perC: (at(high) - at(low)) / (high - low),
  };
}

/** What lets heat through alike. */
const METALS: Readonly<Partial<Record<NonNullable<Tin["material"]>, string>>> = {
  dark: "dark",
  "cast-iron": "dark",
  glass: "glass",
  ceramic: "glass",
};

const familyName = (tin: Tin): string =>
  `${tinFamily(tin)} ${METALS[tin.material ?? "bright"] ?? "bright"}`;

/** Names for tins: the same one for the same size, however many of it. */
function tinNames(): (tin: Tin) => string {
  const known: Tin[] = [];
  return (tin) => {
    const one = { ...tin, count: 1 } as Tin;
    const at = known.findIndex((each) => isSameTin(each, one));
    return String(at < 0 ? known.push(one) - 1 : at);
  };
}
