import type * as z from "../zod";
import { bad, type Expected, type Result } from "./issue";
import { parseWith } from "./schema";

/**
 * What is written in a box, read and held to the range of the field it fills; an empty one is what
 * the field makes of nothing.
 * @param path the field, for the words of what is wrong
 * @param read null for what can't be read; @param expected what it should be, for a path without an
 * example of its own
 * @example boxed("ovenC", "400 C", (text) => readTempC(text, "C"), numberIn(100, 260, "°C"), "heat") // out of range
 */
export function boxed<T>(
  path: string,
  text: string,
  read: (text: string) => number | null,
  schema: z.ZodMiniType<T>,
  expected: Expected,
): Result<T> {
  const value = text.trim() === "" ? undefined : read(text);
  if (value === null) return bad({ code: "unreadable", path, value: text.trim(), expected });
  const parsed = parseWith(schema, value);
  return parsed.ok ? parsed : bad({ ...parsed.issue, path });
}
