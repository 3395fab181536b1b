import { mergedFields, mergedList, type Merged } from "../measure";
import type { Line, Part, RecipeDoc } from "./schema";

/**
 * Two changes of one recipe brought together: each line, each step and each field keeps what was
 * changed in it. Null when both changed the same one to different things, which only the baker can
 * settle.
 * @param base what both began from
 */
export function mergedRecipe(
  base: RecipeDoc,
  mine: RecipeDoc,
  theirs: RecipeDoc,
): RecipeDoc | null {
  const rest = (of: RecipeDoc): RecipeDoc => ({ ...of, parts: [] });
  const fields = mergedFields(rest(base), rest(mine), rest(theirs));
  const parts = mergedList<Part>(base.parts, mine.parts, theirs.parts, mergedPart);
  return fields === null || parts === null ? null : { ...fields.value, parts: [...parts.value] };
}

function mergedPart(base: Part, mine: Part, theirs: Part): Merged<Part> | null {
  const rest = (of: Part): Part => ({ ...of, lines: [], steps: [] });
  const fields = mergedFields(rest(base), rest(mine), rest(theirs));
  const lines = mergedList<Line>(base.lines, mine.lines, theirs.lines);
  const steps = mergedList(base.steps, mine.steps, theirs.steps);
  if (fields === null || lines === null || steps === null) return null;
  return { value: { ...fields.value, lines: [...lines.value], steps: [...steps.value] } };
}
