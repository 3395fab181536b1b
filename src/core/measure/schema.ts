import * as z from "../zod";
import { bad, good, type Issue, type Result, type Unit } from "./issue";

type RangeFacts = {
  readonly min: number;
  readonly max: number;
  readonly unit: Unit;
  readonly whole: boolean;
};

function ranged(facts: RangeFacts, description?: string): z.ZodMiniNumber<number> {
  const { min, max, whole } = facts;
  return z.number().check(
    (context) => {
      const { value } = context;
      if (value >= min && value <= max && (!whole || Number.isInteger(value))) return;
      context.issues.push({ code: "custom", input: value, params: facts });
    },
    z.meta({
      ...(whole ? { type: "integer" } : {}),
      minimum: min,
      maximum: max,
      ...(description === undefined ? {} : { description }),
    }),
  );
}

/**
 * A finite number from `min` to `max`; one check carries both bounds and the unit, so that a
 * message can name them.
 * @param description what the field means, for the schema of the plan file
 */
export function numberIn(
  min: number,
  max: number,
  unit: Unit,
  description?: string,
): z.ZodMiniNumber<number> {
  return ranged({ min, max, unit, whole: false }, description);
}

/** A whole number from `min` to `max`. */
export function wholeIn(min: number, max: number): z.ZodMiniNumber<number> {
  return ranged({ min, max, unit: "count", whole: true });
}

/**
 * The value as the schema types it, or the first thing wrong with it as an {@link Issue}.
 * @example parseWith(numberIn(10, 200, "mm"), 5) // { ok: false, issue: { code: "out-of-range", value: 5, … } }
 */
export function parseWith<T>(schema: z.ZodMiniType<T>, input: unknown): Result<T> {
  const reply = schema.safeParse(input);
  if (reply.success) return good(reply.data);
  const found = reply.error.issues[0];
  if (found === undefined) throw new RangeError("a refused value came without a reason");
  return bad(issueFrom(input, furthest(found)));
}

/**
 * A plain union reports its branches inside one issue: the branch that got furthest says what was
 * meant.
 */
function furthest(issue: z.core.$ZodIssue): z.core.$ZodIssue {
  if (issue.code !== "invalid_union" || issue.errors.length === 0) return issue;
  const inner = issue.errors
    .flat()
    .map((nested) => furthest({ ...nested, path: [...issue.path, ...nested.path] }));
  const meant =
    inner.find((nested) => nested.code === "custom") ??
    inner.find((nested) => nested.path.length > issue.path.length);
  return meant ?? inner.find((nested) => nested.code === "invalid_value") ?? issue;
}

function issueFrom(input: unknown, found: z.core.$ZodIssue): Issue {
  const path = pathText(found.path);
  const value = found.path.reduce<unknown>(
    (inner, part) => (inner as Record<PropertyKey, unknown> | undefined)?.[part],
    input,
  );
  switch (found.code) {
    case "custom": {
      const { min, max, unit, whole } = found.params as RangeFacts;
      if (whole && !Number.isInteger(value))
        return { code: "not-whole", path, value: value as number, min, max };
      return { code: "out-of-range", path, value: value as number, min, max, unit };
    }
    case "invalid_value":
      return value === undefined
        ? { code: "missing", path, expected: found.values.map(String).join(", ") }
        : { code: "not-a-choice", path, value: shown(value), allowed: found.values.map(String) };
    case "invalid_union": {
      const choices = "options" in found ? (found.options as readonly unknown[]).map(String) : [];
      return value === undefined
        ? { code: "missing", path, expected: choices.join(", ") }
        : { code: "not-a-choice", path, value: shown(value), allowed: choices };
    }
    case "unrecognized_keys": {
      const key = found.keys[0] ?? "";
      return { code: "unknown-field", path: path === "" ? key : `${path}.${key}`, value: key };
    }
    case "too_small":
      return { code: "missing", path, expected: path };
    case "too_big":
      return {
        code: "too-many",
        path,
        value: (value as { length: number }).length,
        max: Number(found.maximum),
      };
    case "invalid_type":
      return value === undefined
        ? { code: "missing", path, expected: found.expected }
        : { code: "wrong-type", path, value: shown(value), expected: found.expected };
    default:
      return { code: "wrong-type", path, value: shown(value), expected: found.code };
  }
}

function pathText(path: readonly PropertyKey[]): string {
  return path.reduce<string>((text, part) => {
    if (typeof part === "number") return `${text}[${part}]`;
    return text === "" ? String(part) : `${text}.${String(part)}`;
  }, "");
}

function shown(value: unknown): string {
  const text = typeof value === "string" ? value : (JSON.stringify(value) as string | undefined);
  return (text ?? "nothing").slice(0, 80);
}
