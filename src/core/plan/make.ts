import { bad, eggWeight, good, readNumber, readMassG, type Result } from "../measure";
import {
  altitudeChanges,
  eggsIn,
  scaleTimes,
  settleEggs,
  type AltitudeChanges,
  type EggChoice,
  type LeaveningSchool,
  type RecipeDoc,
} from "../recipe";
import { readTin, type SizeHabit } from "../tin";
import { planCake } from "./plan";
import type { RecipeFacts, WorkedRecipe } from "./recipe-facts";

export const MAKES = ["written", "times", "portions", "eggs", "line", "tins"] as const;

/** How much of a recipe to make, as the baker writes it. */
export type MakeRequest = {
  readonly make: (typeof MAKES)[number];
  /** The amount in her words: `1.5`, `18`, `640 g`, `23 cm`; empty for the recipe as written. */
  readonly of: string;
  /** The line whose weight is given. */
  readonly line: string;
  readonly leavening: LeaveningSchool;
  /** Metres; 0 is off. */
  readonly altitude: number;
};

/** How a recipe is scaled, once its eggs are settled. */
export type Scaling = {
  readonly times: number;
  readonly leavening: LeaveningSchool;
  readonly egg: EggChoice | null;
  readonly altitude: AltitudeChanges | null;
};

/** Factors a recipe can be scaled by. */
const TIMES = { min: 0.05, max: 20 } as const;
/** Heat only matters for minutes, which are not asked for here, °C. */
const ANY_HEAT_C = 175;
const THIN_AIR_M = { from: 900, to: 5000 } as const;

/**
 * The factor a request comes to, before the eggs are settled: 1 for an empty one. Fails with an
 * issue at `make` for what can't be read or is out of 0.05 to 20 times, at `portions`, `eggs` or
 * `line` when the recipe gives nothing to go by, and with the tin's own issue for a tin.
 */
export function makeTimes(
  { make, of, line }: MakeRequest,
  doc: RecipeDoc,
  worked: WorkedRecipe,
  facts: RecipeFacts,
  habit: SizeHabit,
): Result<number> {
  if (make === "written" || of.trim() === "") return good(1);
  const times =
    make === "tins" ? timesForTin(of, facts, habit) : timesForAmount(make, of, line, doc, worked);
  if (!times.ok || (times.value >= TIMES.min && times.value <= TIMES.max)) return times;
  return bad({ code: "out-of-range", path: "make", value: times.value, ...TIMES, unit: "times" });
}

function timesForAmount(
  make: "times" | "portions" | "eggs" | "line",
  of: string,
  line: string,
  doc: RecipeDoc,
  { formula }: WorkedRecipe,
): Result<number> {
  const amount = make === "line" ? readMassG(of) : readNumber(of);
  if (amount === null || amount <= 0)
    return bad({ code: "unreadable", path: make, value: of.trim(), expected: "amount" });
  const by = {
    times: { by: "times", times: amount },
    portions: { by: "portions", portions: amount },
    eggs: { by: "eggs", eggs: amount },
    line: { by: "line", line, massG: amount },
  } as const;
  const times = scaleTimes(by[make], formula, doc.portions ?? null);
  return times === null ? bad({ code: "missing", path: make, expected: make }) : good(times);
}

/**
 * As deep as in the recipe's own tins; by each tin's own limit where a ring, a loaf or a cup is
 * involved.
 */
function timesForTin(
  text: string,
  { batter, bake }: RecipeFacts,
  habit: SizeHabit,
): Result<number> {
  const tin = readTin(text, habit);
  if (!tin.ok) return tin;
  if (bake.tins.length === 0)
    return bad({ code: "missing", path: "tinsOfRecipe", expected: "tins" });
  const plan = planCake({
    recipe: { batter, reference: { tins: bake.tins, ovenC: bake.ovenC ?? ANY_HEAT_C } },
    tins: [tin.value.tin],
    scale: "same-depth",
  });
  return plan.ok ? good(plan.value.scale) : plan;
}

/**
 * The scaling a factor comes to: odd eggs settled (unless the eggs in hand chose the factor),
 * leavening by its school, thin air by its own.
 */
export function settledScaling(
  times: number,
  { make, leavening, altitude }: MakeRequest,
  worked: WorkedRecipe,
): Scaling {
  const eggs = eggsIn(worked.formula);
  const egg =
    eggs > 0 && times !== 1 && make !== "eggs"
      ? settleEggs(eggs, times, eggWeight(worked.measures))
      : null;
  const thinAirM = Math.min(altitude, THIN_AIR_M.to);
  return {
    times: egg === null ? times : egg.times,
    leavening,
    egg,
    altitude: thinAirM > THIN_AIR_M.from ? altitudeChanges(thinAirM) : null,
  };
}
