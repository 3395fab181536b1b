import { groups } from "d3-array";
import { STEP_MIN } from "../day";
import { cupMl, eggWeight, good, parseWith, spoonsMl, type Result } from "../measure";
import { pantryOf } from "../pantry";
import {
  madeAndUsed,
  namedPart,
  partSpokenOf,
  readStep,
  RECIPE_LIMITS,
  ROLES_BESIDES,
  type PartRole,
  type Step,
} from "../recipe";
import { bakeTold, heardLines, isTask, readText, type ToldRecipe, type ToldStep } from "../reading";
import { benchTin, usualTin } from "../tin";
import {
  MOST_REFERENCES,
  parseCakeInput,
  TextInputSchema,
  type CakeInput,
  type TextInput,
} from "./input";
import { doubtsOf, type ReadDoubt } from "./reading-answer";
import type { WorkedRecipe } from "./recipe-facts";
import { workTold } from "./told-doc";

/** The heat where a text names none, °C: what is usual, so that there is a plan to mend. */
const USUAL_C = 177;

/** A request from a file; where its recipe is a text, what of it is in doubt. */
export type PlanFile = { readonly input: CakeInput; readonly told: ToldFile | null };

/** What of a request's text may be wrong. */
type ToldFile = { readonly doubts: readonly ReadDoubt[] };

/**
 * A request from a file, with lines and steps or with the recipe's text alone, or the first thing
 * wrong with it.
 */
export function parsePlanFile(file: unknown): Result<PlanFile> {
  if (!hasText(file)) return withTold(parseCakeInput(file), null);
  const asked = parseWith(TextInputSchema, file);
  if (!asked.ok) return asked;
  const {
    recipe: { text, ...given },
    ...rest
  } = asked.value;
  const told = readText(heardLines(text).lines, pantryOf());
  const worked = workTold(told, text, pantryOf());
  return withTold(parseCakeInput(inputFromText({ given, ...rest }, told, worked)), {
    doubts: doubtsOf(told, worked),
  });
}

const withTold = (input: Result<CakeInput>, told: ToldFile | null): Result<PlanFile> =>
  input.ok ? good({ input: input.value, told }) : input;

function hasText(input: unknown): boolean {
  const recipe: unknown =
    typeof input === "object" && input !== null && "recipe" in input ? input.recipe : null;
  return typeof recipe === "object" && recipe !== null && "text" in recipe;
}

/** A request whose recipe is a text, with what the text says put where nothing was given. */
function inputFromText(
  {
    given,
    tins,
    ...rest
  }: Omit<TextInput, "recipe"> & { readonly given: Omit<TextInput["recipe"], "text"> },
  told: ToldRecipe,
  { measures, kind }: WorkedRecipe,
): CakeInput {
  const { tbsp, tsp } = spoonsMl(measures);
  const reference = given.reference ?? referenceTold(told);
  const { steps, parts } = stepsAndParts(told);
  const alsoBaked = told.alternatives.flatMap(({ tins: others, heat, minutes }) => {
    const bake = bakeTold({ heat, minutes, checkAtMin: null, source: told.source });
    const tinsOf = others.map(benchTin);
    return bake.minutes === undefined || tinsOf.length === 0
      ? []
      : [{ ovenC: reference.ovenC, ...bake, tins: tinsOf }];
  });
  return {
    recipe: {
      ...(told.name === null ? {} : { name: told.name.slice(0, 200) }),
      lines: told.lines.flatMap(({ part, text }) => (part === "batter" ? [text] : [])),
      steps: [...steps],
      parts: [...parts],
      batter: { kind: kind.kind },
      measures: {
        cupMl: cupMl(measures),
        tablespoonMl: tbsp,
        teaspoonMl: tsp,
        eggG: eggWeight(measures),
      },
      ...(alsoBaked.length === 0 ? {} : { alsoBaked: alsoBaked.slice(0, MOST_REFERENCES) }),
      ...given,
      reference,
    },
    tins: tins ?? reference.tins,
    ...rest,
  };
}

type PlannedStep = Omit<Step, "id">;
type PartBesides = NonNullable<CakeInput["recipe"]["parts"]>[number];
type NumberedTask = Task & { readonly id: string };

/** The parts besides the batter, each list under its own name; nothing is done in them yet. */
const listedParts = ({ lines, name: title }: ToldRecipe): readonly Omit<PartBesides, "steps">[] =>
  ROLES_BESIDES.flatMap((role) =>
    groups(
      lines.filter(({ part }) => part === role),
      ({ partName }) => partName,
    ).map(([name, of]) => ({
      role,
      name: name === "" || name === title ? role : namedPart(name).name,
      lines: of.map(({ text }) => text),
    })),
  );

/**
 * What is done to the cake, in the text's own order, and in each part besides it. A part keeps what
 * makes it while the cake is in the oven or after. A step goes to the part it speaks of, or that the
 * step before it was of, or to the first that can be meant.
 */
function stepsAndParts(told: ToldRecipe): {
  readonly steps: readonly PlannedStep[];
  readonly parts: readonly PartBesides[];
} {
  const parts = listedParts(told).map((part) => ({ ...part, steps: [] as NumberedTask[] }));
  const tasks = tasksTold(told.steps).map((step, index) => ({ ...step, id: `s${index}` }));
  type Growing = (typeof parts)[number];
  let last: Growing | null = null;
  let lastRole: PartRole | null = null;
  for (const step of tasks) {
    const { part: role, stage, text } = step;
    if (role === "batter" || !["hot", "cold"].includes(stage)) continue;
    const goesOn: Growing | null = role === lastRole ? last : null;
    last = partSpokenOf(parts, text) ?? goesOn ?? parts.find((part) => part.role === role) ?? null;
    if (last === null) {
      last = { role, name: role, lines: [], steps: [] };
      parts.push(last);
    }
    last.steps.push(step);
    lastRole = role;
  }
  const made = parts.map(({ steps }) => madeAndUsed(steps).made);
  const inParts = new Set(made.flatMap((steps) => steps.map(({ id }) => id)));
  return {
    steps: tasks.filter(({ id }) => !inParts.has(id)).map(plannedStep),
    parts: parts.flatMap((part, at) => {
      const steps = (made[at] ?? []).map(plannedStep);
      return part.lines.length + steps.length === 0 ? [] : [{ ...part, steps }];
    }),
  };
}

/** What is longer is for the days around it: its words say so, and it takes no place in the day. */
const MOST_MIN = 24 * 60;

/** A step's minutes as they were told: those that are waited, or those hands are at it. */
function plannedStep({ text, stage, waitMin, handsMin, said }: Task): PlannedStep {
  const step = { text: [text, ...said].join(" ").slice(0, RECIPE_LIMITS.text), stage };
  const told = Math.round(handsMin ?? waitMin ?? 0);
  if (told > 0 && told <= MOST_MIN && (handsMin === null || waitMin === null))
    return { ...step, minutes: told, ...(waitMin === null ? {} : { kind: "rest" as const }) };
  const { kind, minutes, wait } = readStep({ text });
  const own = minutes?.high ?? wait?.high ?? STEP_MIN;
  // What is only said beside it has no say in how long it takes, and an oven warms as it does.
  if (said.length === 0 && own <= MOST_MIN) return step;
  if (kind === "heat") return { ...step, kind };
  return { ...step, kind, minutes: own <= MOST_MIN ? own : STEP_MIN };
}

/** A thing to do, with what is only said beside it. */
type Task = ToldStep & { readonly said: readonly string[] };

/** What is to be done, in order, nothing that is said left out. */
function tasksTold(steps: readonly ToldStep[]): readonly Task[] {
  const tasks: Task[] = [];
  let first: string[] = [];
  for (const step of steps) {
    const last = tasks.at(-1);
    if (isTask(step)) {
      tasks.push({ ...step, said: first });
      first = [];
    } else if (last === undefined) first.push(step.text);
    else if (last.stage !== step.stage) tasks.push({ ...step, said: [] });
    else tasks[tasks.length - 1] = { ...last, said: [...last.said, step.text] };
  }
  return tasks.length > 0 ? tasks : steps.map((step) => ({ ...step, said: [] }));
}

function referenceTold(told: ToldRecipe): CakeInput["recipe"]["reference"] {
  const own = (told.tins[0] ?? []).map(benchTin);
  return {
    ovenC: USUAL_C,
    ...bakeTold(told),
    tins: own.length > 0 ? own : [usualTin("round")],
  };
}
