import { good, middle, type Result } from "../measure";
import type { Pantry } from "../pantry";
import {
  heatIn,
  pageLines,
  PART_ROLES,
  problemsOf,
  readRecipe,
  RECIPE_LIMITS,
  STAGES,
  type Part,
  type PartRole,
  type ReadingRow,
  type RecipeDoc,
  type RecipeReading,
} from "../recipe";
import { readTin, type Tin } from "../tin";
import { hasAct, type Chunk } from "./chunks";
import { readText, type ToldRecipe } from "./read-text";
import type { ToldStep } from "./steps-told";
import type { ToldTin } from "./tins-told";

/** Nobody dictates more, in characters; a longer text is read by its lines alone. */
const MOST_TOLD = 30_000;
/** A page with fewer lines of ingredients than this has no list: it is told. */
const FEWEST_LISTED = 3;

/**
 * A whole recipe from any text: one with a list of ingredients by its lines, running speech by its
 * clauses. Tins, heat and minutes that its lines do not give are taken from its sentences. Fails as
 * {@link readRecipe} does.
 * @example readAnyRecipe("take two cups of flour and a cup of sugar …", pantryOf())
 */
export function readAnyRecipe(original: string, pantry: Pantry): Result<RecipeReading> {
  const listed = readRecipe(original, pantry);
  if (!listed.ok) return listed;
  if (original.length > MOST_TOLD) return listed;
  const told = readText(pageLines(original), pantry);
  const rows = listed.value.rows.filter(({ as }) => as === "ingredient").length;
  const isTold = rows < FEWEST_LISTED && told.lines.length > rows;
  const { doc } = listed.value;
  const bake = isTold
    ? { ...doc.bake, ...bakeTold(told), tins: tinsOf([], told) }
    : { ...bakeTold(told), ...doc.bake, tins: tinsOf(doc.bake.tins, told) };
  const reading = isTold
    ? spokenReading({ ...doc, bake }, told)
    : { doc: { ...withStages(doc, told), bake }, rows: listed.value.rows };
  return good({ ...reading, problems: problemsOf(reading.doc, reading.rows, told.minutes) });
}

const tinsOf = (
  listed: RecipeDoc["bake"]["tins"],
  { tins }: ToldRecipe,
): RecipeDoc["bake"]["tins"] =>
  listed.length > 0
    ? listed
    : (tins[0] ?? []).flatMap((tin) => {
        const found = tinOfSize(tin);
        return found === null ? [] : [found];
      });

/** The oven's part of what is told, within what a recipe can hold. */
export function bakeTold({ heat, minutes, source }: ToldRecipe): Omit<RecipeDoc["bake"], "tins"> {
  const ovenC = heat === null ? 0 : Math.round(heat.tempC);
  const length = minutes === null ? 0 : Math.round(middle(minutes));
  return {
    ...(source === "oven" ? {} : { source }),
    ...(ovenC >= 100 && ovenC <= 260
      ? { ovenC, ...(heat?.isFan === true ? { fan: true } : {}) }
      : {}),
    ...(length >= 5 && length <= 240 ? { minutes: length } : {}),
  };
}

/** A tin that was told with its size, its depth as usual; null for one without. */
export function tinOfSize({ count, shape, wells, ...sizes }: ToldTin): Tin | null {
  const { diameterMm, sideMm, lengthMm, widthMm, depthMm } = sizes;
  const lengths = [diameterMm ?? sideMm ?? lengthMm, widthMm, depthMm].filter(
    (each) => each !== undefined,
  );
  if (shape === "dish" || shape === "mug") return null;
  if (shape !== "cups" && lengths.length === 0) return null;
  const name = shape === "cups" ? `${wells ?? 12} cups` : `${lengths.join(" x ")} mm ${shape}`;
  const read = readTin(count > 1 ? `${count} x ${name}` : name, "metric");
  return read.ok ? read.value.tin : null;
}

/** Tins of each told shape as they are written where no size is; their depth is the shape's own. */
const USUAL_SIZES: Readonly<Record<ToldTin["shape"], string>> = {
  round: "20 cm round",
  springform: "23 cm springform",
  square: "20 cm square",
  rectangle: "33 x 23 cm",
  loaf: "23 x 13 cm loaf",
  ring: "25 cm fluted",
  cups: "12 cups",
  skillet: "25 cm skillet",
  mug: "mug",
  dish: "33 x 23 cm",
};

/** The usual tin of a told shape, its depth assumed. */
export function usualTin(shape: ToldTin["shape"]): Tin {
  const read = readTin(USUAL_SIZES[shape], "metric");
  if (!read.ok) throw new RangeError(`a usual ${shape} is no tin: ${USUAL_SIZES[shape]}`);
  return read.value.tin;
}

/** A recipe made of what was told, and each clause with what it was taken for. */
function spokenReading(
  doc: RecipeDoc,
  told: ToldRecipe,
): { readonly doc: RecipeDoc; readonly rows: readonly ReadingRow[] } {
  const lines = told.lines
    .slice(0, RECIPE_LIMITS.lines)
    .map((line, index) => ({ ...line, id: `l${index + 1}` }));
  const all = told.steps.flatMap(brokenDown);
  const steps = all
    .filter(isStep)
    .slice(0, RECIPE_LIMITS.steps)
    .map((step, index) => ({ ...step, id: `s${index + 1}` }));
  const roles = PART_ROLES.filter(
    (role) => role === "batter" || lines.some((line) => line.part === role),
  );
  const notes = all.filter((step) => !isStep(step)).map(({ text }) => text);
  return {
    doc: {
      ...doc,
      name: told.name === null ? doc.name : capital(told.name).slice(0, 200),
      parts: roles.map((role) =>
        partOf(
          role,
          lines,
          steps.map((step) => ({
            ...step,
            part: roles.includes(step.part) ? step.part : "batter",
          })),
        ),
      ),
      notes: notes.join("\n").slice(0, 20_000),
    },
    rows: all.flatMap((step) => rowsOf(step, steps, lines)),
  };
}

/**
 * The steps of a page, each with its stage where all that is told in it is done at one; one that
 * tells of several keeps what its place among the others says.
 */
function withStages(doc: RecipeDoc, told: ToldRecipe): RecipeDoc {
  const clauses = told.steps.flatMap(({ clauses: of, stage, isStageSure }) =>
    of.map(({ written }) => ({ written, stage, isSure: isStageSure })),
  );
  return {
    ...doc,
    parts: doc.parts.map((part) => ({
      ...part,
      steps: part.steps.map((step) => {
        const own = clauses.filter(({ written }) => step.text.includes(written));
        const [first] = own;
        const isOne =
          first !== undefined && own.every(({ stage, isSure }) => isSure && stage === first.stage);
        return isOne ? { ...step, stage: first.stage } : step;
      }),
    })),
  };
}

const capital = (name: string): string => name.charAt(0).toUpperCase() + name.slice(1);

/** A step of fewer words than this goes on with what is told next. */
const SHORT_WORDS = 5;

/** Speech without a stop, a step at each thing to do. */
function brokenDown(step: ToldStep): readonly ToldStep[] {
  const groups: Chunk[][] = [];
  for (const clause of step.clauses) {
    const group = groups.at(-1);
    const words = group?.flatMap((each) => each.words).length ?? 0;
    const isNew = hasAct(clause) && (words >= SHORT_WORDS || group?.some(hasAct) === false);
    if (group === undefined || isNew) groups.push([clause]);
    else group.push(clause);
  }
  return groups.map((clauses) => ({
    ...step,
    clauses,
    text: clauses.map(({ written }) => written).join(" "),
  }));
}

/** Work is a step; what is only said, or is for another day, is a note. */
function isStep({ clauses, stage, text }: ToldStep): boolean {
  return (
    stage !== "keep" &&
    text.length <= RECIPE_LIMITS.text &&
    (stage === "oven" || clauses.some(hasAct) || heatIn(text) !== null)
  );
}

const NAMES: Readonly<Record<PartRole, string>> = {
  batter: "Batter",
  filling: "Filling",
  frosting: "Frosting",
  topping: "Topping",
  syrup: "Syrup",
  soak: "Soak",
};

function partOf(
  role: PartRole,
  lines: readonly { readonly id: string; readonly part: PartRole; readonly text: string }[],
  steps: readonly (Pick<ToldStep, "part" | "stage" | "text"> & { readonly id: string })[],
): Part {
  const order = (stage: ToldStep["stage"]): number => STAGES.indexOf(stage);
  return {
    id: `p-${role}`,
    role,
    name: NAMES[role],
    lines: lines
      .filter(({ part }) => part === role)
      .map(({ id, text }) => ({ id, text: text.slice(0, RECIPE_LIMITS.text) })),
    steps: steps
      .filter(({ part }) => part === role)
      .toSorted((a, b) => order(a.stage) - order(b.stage))
      .map(({ id, text, stage }) => ({ id, text, stage })),
  };
}

/** A step with the lines it tells, as rows of the reading. */
function rowsOf(
  step: ToldStep,
  steps: readonly { readonly id: string; readonly text: string }[],
  lines: readonly (ToldRecipe["lines"][number] & { readonly id: string })[],
): readonly ReadingRow[] {
  const id = steps.find(({ text }) => text === step.text)?.id ?? null;
  return [
    { text: step.text, as: id === null ? "note" : "step", id, doubts: [] },
    ...lines
      .filter(({ from }) => step.clauses.includes(from))
      .map((line): ReadingRow => ({
        text: line.text,
        as: "ingredient",
        id: line.id,
        doubts: line.isPartSure ? [] : ["which-part"],
      })),
  ];
}
