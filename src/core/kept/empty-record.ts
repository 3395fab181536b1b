import type { Question } from "../ask";
import type { BakeRecord } from "../logbook";
import { kitchenGrams } from "../measure";
import type { CakeInput, CakePlan } from "../plan";
import type { PlannedCake } from "./planned-cake";

/** What a page of the logbook is about: a cake as it was planned, and the recipe it goes by. */
export type RecordedCake = PlannedCake & {
  readonly name: string;
  readonly recipe: BakeRecord["recipe"];
  readonly question: Question;
};

/** The page of a cake before anything has happened: what was planned of it. */
export function emptyRecord(cake: RecordedCake, madeOn: string): BakeRecord {
  const { name, recipe, question, input, plan } = cake;
  return {
    name,
    madeOn,
    recipe,
    batter: batterOf(plan),
    reference: referenceOf(input),
    scale: plan.scale,
    tins: plan.fill.tins.map(({ geometry, batterG }) => ({
      tin: geometry.tin,
      batterG: gramsKept(batterG * geometry.count),
      isWeighed: false,
      minutes: null,
      verdict: null,
      edgeMm: null,
      crownMm: null,
    })),
    oven: question.oven?.name ?? "",
    ovenC: plan.bake.ovenC,
    ...(plan.bake.source === "oven" ? { dialC: plan.bake.dialC } : {}),
    fan: input.oven?.fan ?? false,
    readC: [],
    forecast: {
      doorShutUntilMin: plan.bake.doorShutUntilMin,
      firstLookMin: plan.bake.firstLookMin,
      likelyMin: plan.bake.likelyMin,
      notPastMin: plan.bake.notPastMin,
    },
    looks: [],
    minutes: null,
    verdict: null,
    nextTimeMin: null,
    coreC: null,
    massBeforeG: gramsKept(plan.mix.massG),
    massAfterG: null,
    frosting: {
      askedG: plan.finish.massG > 0 ? gramsKept(plan.finish.massG) : null,
      usedG: null,
      leftG: null,
    },
    handsMin: { planned: null, took: null },
    taste: "",
    change: "",
    notes: "",
    pictures: [],
    counts: "usual",
    isSettled: false,
    ...(input.taught === undefined ? {} : { taught: takenOver(input) }),
  };
}

/** A spare that she typed stands over what was learnt of frosting. */
const takenOver = ({ taught = {}, finish }: CakeInput): NonNullable<BakeRecord["taught"]> =>
  finish?.marginFraction === undefined ? taught : { ...taught, frosting: undefined };

/** More than fifty kilos is nothing a kitchen's scale has said. */
const gramsKept = (massG: number): number | null => (massG > 50_000 ? null : kitchenGrams(massG));

function batterOf({ own: { kind, massG, volumeMl, piecesMl } }: CakePlan): BakeRecord["batter"] {
  return { kind, massG, volumeMl, ...(piecesMl > 0 ? { piecesMl } : {}) };
}

/** The recipe's own bake; none where no oven bakes it. */
function referenceOf({ recipe: { reference } }: CakeInput): BakeRecord["reference"] {
  const { source = "oven", tins, ovenC, fan, minutes } = reference;
  if (source !== "oven") return null;
  const known = typeof minutes === "number" && minutes >= 5 && minutes <= 240;
  return {
    tins,
    ovenC,
    ...(fan === undefined ? {} : { fan }),
    ...(known ? { minutes } : {}),
  };
}
