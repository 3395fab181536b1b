import type { Part, RecipeDoc } from "./schema";

/**
 * A part that belongs to another recipe, filled with that recipe's lines and steps as they are now.
 * A part of its own, or one whose recipe or part is gone, is left as it stands: the copy made when
 * it was last there.
 * @param owner the other recipe, or null when it is gone
 */
export function withSharedPart(part: Part, owner: RecipeDoc | null): Part {
  const theirs =
    part.from === undefined ? undefined : owner?.parts.find(({ id }) => id === part.from?.part);
  if (theirs === undefined) return part;
  // Ids have to stay apart from those of this recipe's own lines and steps.
  const own = (id: string): string => `${part.id}-${id}`.slice(0, 40);
  return {
    ...part,
    lines: theirs.lines.map((line) => ({ ...line, swap: undefined, id: own(line.id) })),
    steps: theirs.steps.map((step) => ({ ...step, id: own(step.id) })),
  };
}
