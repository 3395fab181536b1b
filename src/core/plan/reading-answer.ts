import { cupMl, good, METRIC_MEASURES, spoonsMl, US_MEASURES, type Result } from "../measure";
import type { Pantry } from "../pantry";
import { pageLines, PART_ROLES, type Part, type RecipeDoc } from "../recipe";
import { readText, type ToldRecipe } from "../reading";
import { workRecipe, type WorkedRecipe } from "./recipe-facts";

/** What `npm run read` prints of a text. */
type ReadingAnswer = Readonly<Record<string, unknown>>;

/** Kinds whose names the file interface has otherwise. */
const KIND_NAMES_OUT: Readonly<Record<string, string>> = { "set-pudding": "pudding" };
const SHELLS: Readonly<Record<string, string>> = { "closed-pot": "pot" };

/** A text's reading with what follows from it, as the file interface has it. */
export function readingAnswer(text: string, pantry: Pantry): Result<ReadingAnswer> {
  const reading = readText(pageLines(text), pantry);
  const doc = docOf(reading, text);
  const worked = workRecipe(doc, pantry, isMetricCups(text) ? METRIC_MEASURES : US_MEASURES);
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

/** A tin of the family that is told, of usual size: a muffin batter is known by its cups. */
function vesselOf({ tins }: ToldRecipe): RecipeDoc["bake"]["tins"] {
  const shape = tins[0]?.[0]?.shape;
  if (shape === "loaf") return [{ shape, lengthMm: 230, widthMm: 110, depthMm: 65 }];
  return shape === "cups" ? [{ shape: "well", rimMm: 70, depthMm: 32, count: 12 }] : [];
}

/** Cups of 250 mL where the text speaks as those do who use them. */
function isMetricCups(text: string): boolean {
  return (
    /\b(?:caster|desiccated|self[- ]raising|icing sugar|fan[- ]forced|bicarb)\b/iu.test(text) &&
    !/\b(?:maida|curd|OTG|kadai)\b/iu.test(text)
  );
}

function docOf(reading: ToldRecipe, original: string): RecipeDoc {
  const partOf = (role: (typeof PART_ROLES)[number]): Part => ({
    id: role,
    role,
    name: role,
    lines: reading.lines.flatMap((line, index) =>
      line.part === role
        ? [
            {
              id: `l${index}`,
              text: line.text,
              ...(line.ingredient === null ? {} : { ingredient: line.ingredient }),
            },
          ]
        : [],
    ),
    steps: reading.steps.flatMap((step, index) =>
      step.part === role && (role !== "batter" || step.stage === "before")
        ? [{ id: `s${index}`, text: step.text }]
        : [],
    ),
  });
  return {
    name: reading.name ?? "Recipe without a name",
    parts: PART_ROLES.map(partOf).filter(
      ({ lines, steps, role }) => role === "batter" || lines.length + steps.length > 0,
    ),
    bake: { tins: vesselOf(reading) },
    makes: "",
    notes: "",
    source: "",
    original,
  };
}
