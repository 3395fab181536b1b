import { cupMl, good, spoonsMl, type Result } from "../measure";
import type { Pantry } from "../pantry";
import { pageLines } from "../recipe";
import { readText, type ToldRecipe } from "../reading";
import type { WorkedRecipe } from "./recipe-facts";
import { workTold } from "./told-doc";

/** What `npm run read` prints of a text. */
type ReadingAnswer = Readonly<Record<string, unknown>>;

/** Kinds whose names the file interface has otherwise. */
const KIND_NAMES_OUT: Readonly<Record<string, string>> = { "set-pudding": "pudding" };
const SHELLS: Readonly<Record<string, string>> = { "closed-pot": "pot" };

/** A text's reading with what follows from it, as the file interface has it. */
export function readingAnswer(text: string, pantry: Pantry): Result<ReadingAnswer> {
  const reading = readText(pageLines(text), pantry);
  const worked = workTold(reading, text, pantry);
  const rows = worked.formula.parts.flatMap(({ rows: each }) => each);
  const massOf = new Map(rows.map((row) => [row.line.id, row]));
  return good({
    recipes: 1,
    name: reading.name,
    source: SHELLS[reading.source] ?? reading.source,
    kind: KIND_NAMES_OUT[worked.kind.kind] ?? worked.kind.kind,
    batterG: worked.part.massG,
    isBatterCertain: false,
    tins: reading.tins,
    ovenC: reading.heat === null ? null : Math.round(reading.heat.tempC),
    fan: reading.heat?.isFan ?? false,
    minutes: reading.minutes === null ? null : [reading.minutes.low, reading.minutes.high],
    checkAtMin: reading.checkAtMin,
    measures: { cupMl: cupMl(worked.measures), tablespoonMl: spoonsMl(worked.measures).tbsp },
    lines: reading.lines.map((line, index) => {
      const row = massOf.get(`l${index}`);
      return {
        part: line.part,
        partName: line.partName,
        text: line.text,
        is: row?.ingredient?.name ?? line.text,
        massG: row?.massG ?? null,
        doubts: line.isPartSure ? [] : ["part"],
      };
    }),
    steps: reading.steps.map((step) => ({
      part: step.part,
      text: step.text,
      stage: step.stage,
      handsMin: step.handsMin,
      waitMin: step.waitMin,
      doubts: step.isStageSure ? [] : ["stage"],
    })),
    contains: worked.holds.allergens,
    cautions: cautionsOf(reading, worked),
    doubts: [],
    unread: [],
  });
}

/** Cautions by the names of the file interface. */
function cautionsOf({ source }: ToldRecipe, { holds, kind }: WorkedRecipe): readonly string[] {
  const isCold =
    holds.hazards.includes("cold-part") ||
    kind.kind === "baked-cheese" ||
    kind.kind === "set-pudding";
  return [
    ...holds.hazards,
    ...(isCold ? ["cold-chain"] : []),
    ...(holds.hazards.includes("raw-egg-part") ? ["raw-egg"] : []),
    ...(holds.hazards.includes("microwave-melting") || source === "microwave" ? ["microwave"] : []),
    ...(source === "closed-pot" ? ["pot"] : []),
    ...(holds.allergens.includes("nuts") || holds.allergens.includes("peanut") ? ["nuts"] : []),
  ];
}
