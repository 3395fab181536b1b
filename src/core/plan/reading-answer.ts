import { cupMl, good, spoonsMl, type Result } from "../measure";
import type { Pantry } from "../pantry";
import { isWideRange, readStep, stepPieces, type FormulaRow } from "../recipe";
import { heardLines, readText, type ToldDoubt, type ToldRecipe } from "../reading";
import type { ToldTin } from "../tin";
import type { WorkedRecipe } from "./recipe-facts";
import { workTold } from "./told-doc";

/** What `npm run read` prints of a text. */
type ReadingAnswer = Readonly<Record<string, unknown>>;

/** Kinds whose names the file interface has otherwise. */
const KIND_NAMES_OUT: Readonly<Record<string, string>> = { "set-pudding": "pudding" };
const SIZES = ["diameterMm", "sideMm", "lengthMm", "widthMm", "depthMm"] as const;
const SHELLS: Readonly<Record<string, string>> = { "closed-pot": "pot" };

/**
 * A text's reading with what follows from it, as the file interface has it.
 * @param doubt what a doubt says
 */
export function readingAnswer(
  text: string,
  pantry: Pantry,
  doubt: (about: ReadDoubt) => string,
): Result<ReadingAnswer> {
  const { lines, unread } = heardLines(text);
  const reading = readText(lines, pantry);
  const worked = workTold(reading, text, pantry);
  const rows = worked.formula.parts.flatMap(({ rows: each }) => each);
  const massOf = new Map(rows.map((row) => [row.line.id, row]));
  const uses = usesOf(reading, rows);
  return good({
    recipes: 1 + reading.others.length,
    name: reading.name,
    source: SHELLS[reading.source] ?? reading.source,
    kind: KIND_NAMES_OUT[worked.kind.kind] ?? worked.kind.kind,
    batterG: worked.part.massG,
    isBatterCertain: false,
    tins: reading.tins.map((set) => set.map(tinOut)),
    ovenC: reading.heat === null ? null : Math.round(reading.heat.tempC),
    fan: reading.heat?.isFan ?? false,
    minutes: reading.minutes === null ? null : [reading.minutes.low, reading.minutes.high],
    checkAtMin: reading.checkAtMin,
    alternatives: reading.alternatives.map(({ tins, heat, minutes }) => ({
      tins: tins.map(tinOut),
      ovenC: heat === null ? null : Math.round(heat.tempC),
      minutes: minutes === null ? null : [minutes.low, minutes.high],
    })),
    measures: { cupMl: cupMl(worked.measures), tablespoonMl: spoonsMl(worked.measures).tbsp },
    lines: reading.lines.map((line, index) => {
      const row = massOf.get(`l${index}`);
      return {
        part: line.part,
        partName: line.partName,
        text: line.text,
        is: row?.ingredient?.name ?? line.text,
        massG: row?.massG ?? null,
        doubts: [
          ...(line.isPartSure ? [] : ["part"]),
          ...(row === undefined || row.massG === null || isWideRange(row) ? ["weight"] : []),
        ],
      };
    }),
    steps: reading.steps.map((step, index) => ({
      part: step.part,
      text: step.text,
      stage: step.stage,
      action: readStep({ text: step.text }).kind,
      uses: uses[index] ?? [],
      handsMin: step.handsMin,
      waitMin: step.waitMin,
      doubts: step.isStageSure ? [] : ["stage"],
    })),
    contains: worked.holds.allergens,
    cautions: cautionsOf(reading, worked),
    doubts: doubtsOf(reading, worked).map((about) => ({ about, message: doubt(about) })),
    unread,
  });
}

type Use = { readonly line: number; readonly massG: number | null };

/** A told tin in whole millimetres, with the sizes that are told. */
function tinOut(tin: ToldTin): Readonly<Record<string, unknown>> {
  const { shape, wells, count } = tin;
  const sizes = SIZES.flatMap((name) => {
    const mm = tin[name];
    return mm === undefined ? [] : [[name, Math.round(mm)] as const];
  });
  return { shape, ...Object.fromEntries(sizes), ...(wells === undefined ? {} : { wells }), count };
}

/**
 * The lines each step uses, by the names it says; how much of one is only known where no other step
 * of its part speaks of it.
 */
function usesOf(
  { steps, lines }: ToldRecipe,
  rows: readonly FormulaRow[],
): readonly (readonly Use[])[] {
  const named = rows.map(({ line, ingredient, read, massG }) => {
    const index = Number(line.id.slice(1));
    return { id: line.id, index, ingredient, name: read.name, massG, part: lines[index]?.part };
  });
  const found = steps.map(({ text, part }) => {
    const own = named.filter((line) => line.part === part);
    const ids = new Set(stepPieces(text, own).map(({ line }) => line));
    return own.filter(({ id }) => ids.has(id));
  });
  const timesUsed = (id: string): number =>
    found.filter((used) => used.some((line) => line.id === id)).length;
  return found.map((used) =>
    used.map(({ id, index, massG }) => ({
      line: index,
      massG: timesUsed(id) === 1 ? massG : null,
    })),
  );
}

/** What of a text's reading may be wrong; the kind follows from all of it. */
export type ReadDoubt = ToldDoubt | "kind";

/** Kinds that what is in the batter, or what is done with it, leaves no doubt of. */
const SURE_KINDS: readonly WorkedRecipe["kind"]["reason"][] = [
  "cream-cheese",
  "whipped-eggs-oil",
  "muffin",
  "oil",
  "set",
  "whites-only",
];
const CREAMS =
  /\bcream(?:ed|ing)?\b(?! (?:cheese|of))|\bbeat\b[^.]*\bbutter\b[^.]*\bsugar\b|\bbutter and\b[^.]*\bsugar\b/iu;

/** All that may be wrong of a text's reading. */
export const doubtsOf = (told: ToldRecipe, worked: WorkedRecipe): readonly ReadDoubt[] => [
  ...told.doubts,
  ...(isKindSure(worked, told) ? [] : (["kind"] as const)),
];

function isKindSure({ kind: { reason } }: WorkedRecipe, { steps }: ToldRecipe): boolean {
  return (
    SURE_KINDS.includes(reason) ||
    (reason === "creamed" &&
      steps.some(({ stage, text }) => stage === "before" && CREAMS.test(text)))
  );
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
