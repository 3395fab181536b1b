import { capitalised } from "@/core/measure";
import {
  freshId,
  STAGES,
  withSharedPart,
  type Line,
  type Part,
  type PartRole,
  type RecipeDoc,
  type Step,
} from "@/core/recipe";

/**
 * Changes a baker makes to a recipe; each gives a new recipe, and the same one when there is
 * nothing to change.
 */
type Change = (doc: RecipeDoc) => RecipeDoc;

const inPart =
  (partId: string, change: (part: Part) => Part): Change =>
  (doc) => ({ ...doc, parts: doc.parts.map((part) => (part.id === partId ? change(part) : part)) });
const lineIds = (doc: RecipeDoc): readonly string[] =>
  doc.parts.flatMap(({ lines }) =>
    lines.flatMap(({ id, swap }) => [id, ...(swap?.was ?? []).map((was) => was.id)]),
  );
const stepIds = (doc: RecipeDoc): readonly string[] =>
  doc.parts.flatMap(({ steps }) => steps.map(({ id }) => id));

/** One line changed; a field set to undefined counts as not given. */
export function changeLine(lineId: string, changes: Partial<Omit<Line, "id">>): Change {
  return (doc) => ({
    ...doc,
    parts: doc.parts.map((part) => ({
      ...part,
      lines: part.lines.map((line) => (line.id === lineId ? { ...line, ...changes } : line)),
    })),
  });
}

export function addLine(partId: string): Change {
  return (doc) =>
    inPart(partId, (part) => ({
      ...part,
      lines: [...part.lines, { id: freshId("l", lineIds(doc)), text: "" }],
    }))(doc);
}

export function removeLine(lineId: string): Change {
  return (doc) => ({
    ...doc,
    parts: doc.parts.map((part) => ({
      ...part,
      lines: part.lines.filter(({ id }) => id !== lineId),
    })),
  });
}

/** Moves a line to where another of its part stands. */
export function moveLine(partId: string, fromId: string, toId: string): Change {
  return inPart(partId, (part) => ({ ...part, lines: moved(part.lines, fromId, toId) }));
}

/** What stands for the place after a part's last step. */
export const endOf = (partId: string): string => `end-${partId}`;

/**
 * Moves a step to where another stands, of its own part or of another one, or to the {@link endOf}
 * a part; it is done when that one is. Nothing goes into a part of another recipe.
 */
export function moveStep(stepId: string, toId: string): Change {
  return (doc) => {
    const step = doc.parts.flatMap(({ steps }) => steps).find(({ id }) => id === stepId);
    const target = doc.parts.find(
      ({ id, steps }) => toId === endOf(id) || steps.some((other) => other.id === toId),
    );
    if (step === undefined || target === undefined || target.from !== undefined) return doc;
    const other = target.steps.find(({ id }) => id === toId) ?? target.steps.at(-1);
    const put = other === undefined || other === step ? step : doneWhen(step, other);
    const isOwn = target.steps.includes(step);
    const rest = target.steps.filter((each) => each !== step);
    const before = rest.findIndex(({ id }) => id === toId);
    // Within a part it takes the other's place, from above as from below.
    const at = isOwn ? target.steps.findIndex(({ id }) => id === toId) : before;
    return inPart(target.id, (part) => ({
      ...part,
      steps: rest.toSpliced(at < 0 ? rest.length : at, 0, put),
    }))(isOwn ? doc : removeStep(stepId)(doc));
  };
}

/** A step put where another was is done when that one is. */
const doneWhen = (step: Step, other: Step | undefined): Step =>
  changed(step, { stage: other?.stage });

type StepFields = { readonly [Field in keyof Omit<Step, "id">]?: Step[Field] | undefined };

/** A step with other fields; what is undefined among them is by its words and its place again. */
function changed(step: Step, fields: StepFields): Step {
  const all: readonly (readonly [string, unknown])[] = Object.entries({ ...step, ...fields });
  return Object.fromEntries(all.filter(([, value]) => value !== undefined)) as Step;
}

function moved<T extends { readonly id: string }>(
  items: readonly T[],
  fromId: string,
  toId: string,
): T[] {
  const from = items.findIndex(({ id }) => id === fromId);
  const to = items.findIndex(({ id }) => id === toId);
  const item = items[from];
  if (item === undefined || to < 0 || from === to) return [...items];
  return items.toSpliced(from, 1).toSpliced(to, 0, item);
}

/** A step changed; what is undefined among the changes is by its words and its place again. */
export function changeStep(stepId: string, changes: StepFields): Change {
  return (doc) => ({
    ...doc,
    parts: doc.parts.map((part) => ({
      ...part,
      steps: part.steps.map((step) => (step.id === stepId ? changed(step, changes) : step)),
    })),
  });
}

export function addStep(partId: string): Change {
  return (doc) =>
    inPart(partId, (part) => ({
      ...part,
      steps: [...part.steps, { id: freshId("s", stepIds(doc)), text: "" }],
    }))(doc);
}

export function removeStep(stepId: string): Change {
  return (doc) => ({
    ...doc,
    parts: doc.parts.map((part) => ({
      ...part,
      steps: part.steps.filter(({ id }) => id !== stepId),
    })),
  });
}

/** A step given to another part, after what is done there at its time or earlier. */
export function stepToPart(stepId: string, partId: string): Change {
  return (doc) => {
    const step = doc.parts.flatMap(({ steps }) => steps).find(({ id }) => id === stepId);
    const target = doc.parts.find(({ id }) => id === partId);
    if (step === undefined || target === undefined || target.steps.includes(step)) return doc;
    const order = ({ stage }: Step): number => STAGES.indexOf(stage ?? "before");
    const later = target.steps.findIndex((other) => order(other) > order(step));
    const at = later < 0 ? target.steps.length : later;
    return inPart(partId, (part) => ({ ...part, steps: part.steps.toSpliced(at, 0, step) }))(
      removeStep(stepId)(doc),
    );
  };
}

export function addPart(role: PartRole): Change {
  const name = capitalised(role);
  return (doc) => ({
    ...doc,
    parts: [
      ...doc.parts,
      {
        id: freshId(
          "p",
          doc.parts.map(({ id }) => id),
        ),
        role,
        name,
        lines: [],
        steps: [],
      },
    ],
  });
}

/** Uses a part of another recipe here; what that recipe changes in it changes here too. */
export function borrowPart(recipe: string, part: Part): Change {
  return (doc) => {
    const id = freshId(
      "p",
      doc.parts.map((own) => own.id),
    );
    return {
      ...doc,
      parts: [
        ...doc.parts,
        withSharedPart(
          {
            id,
            role: part.role,
            name: part.name,
            lines: [],
            steps: [],
            from: { recipe, part: part.id },
          },
          { ...doc, parts: [part] },
        ),
      ],
    };
  };
}

/** Makes a used part this recipe's own: from now on it goes its own way. */
export function ownPart(partId: string): Change {
  return inPart(partId, (part) => ({ ...part, from: undefined }));
}

export function changePart(partId: string, changes: Partial<Pick<Part, "name" | "role">>): Change {
  return inPart(partId, (part) => ({ ...part, ...changes }));
}

/** Takes a part out, with its lines and steps; the last one stays. */
export function removePart(partId: string): Change {
  return (doc) =>
    doc.parts.length < 2 ? doc : { ...doc, parts: doc.parts.filter(({ id }) => id !== partId) };
}
