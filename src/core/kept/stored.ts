import type * as z from "../zod";
import { bad, parseWith, type Result } from "../measure";

/** Turns a document of one version into the next one's, or leaves to the schema what is neither. */
export type Upgrade = (older: Fields) => Record<string, unknown>;

/** How one kind of document stands in the file: as text that names the version it was written in. */
export type StoredKind<T> = {
  /** The version that is written: as many as there are upgrades, and one. */
  readonly version: number;
  /**
   * The document that a text holds, brought up from whatever version wrote it.
   * @returns the first thing wrong with it; of a text of a later version, that version
   */
  readonly read: (text: string, usual?: T) => Result<T>;
  readonly write: (doc: T) => string;
  /**
   * A text that says only what differs from `usual`, a field or a box of a field at a time, for
   * lists that are sent far; `read` takes it with the same `usual`. A text of an older version, or
   * one that lacks a field, is left as it is.
   */
  readonly shortened: (text: string, usual: T) => string;
};

/** Where a stored document says its version; one written before there were any says nothing. */
const VERSION_FIELD = "v";
const FIRST_VERSION = 1;
/** Where a text says that it is a shortened one. */
const SHORT_FIELD = "short";

/**
 * A kind of stored document.
 * @param schema of the version that is written now
 * @param upgrades from the first version to the second, and so on; never changed once released
 */
export function storedKind<T extends object>(
  schema: z.ZodMiniType<T>,
  upgrades: readonly Upgrade[] = [],
): StoredKind<T> {
  const version = FIRST_VERSION + upgrades.length;
  return {
    version,
    read: (text, usual) => {
      const found = fieldsOf(text);
      if (found === null) return parseWith(schema, null);
      const {
        [VERSION_FIELD]: said = FIRST_VERSION,
        [SHORT_FIELD]: isShort = false,
        ...fields
      } = found;
      if (typeof said !== "number" || !Number.isInteger(said) || said < 1 || said > version)
        return bad({
          code: "not-a-choice",
          path: VERSION_FIELD,
          value: String(said),
          allowed: Array.from({ length: version }, (_, index) => String(index + 1)),
        });
      const upgraded = upgrades
        .slice(said - FIRST_VERSION)
        .reduce<Record<string, unknown>>((older, upgrade) => upgrade(older), fields);
      return parseWith(
        schema,
        usual !== undefined && isShort === true ? withUsual(upgraded, usual) : upgraded,
      );
    },
    write: (doc) => JSON.stringify({ [VERSION_FIELD]: version, ...doc }),
    shortened: (text, usual) => {
      const found = fieldsOf(text);
      return found === null ||
        (found[VERSION_FIELD] ?? FIRST_VERSION) !== version ||
        !isWhole(found, usual)
        ? text
        : JSON.stringify({ ...unlike(found, usual), [SHORT_FIELD]: true });
    },
  };
}

type Fields = Readonly<Record<string, unknown>>;

const isFields = (value: unknown): value is Fields =>
  typeof value === "object" && value !== null && !Array.isArray(value);

/** Whether a document says something of every field there usually is. */
function isWhole(doc: Fields, usual: object): boolean {
  return Object.entries(usual).every(([field, its]) => {
    const value = doc[field];
    return field in doc && (!isFields(its) || !isFields(value) || isWhole(value, its));
  });
}

/** What of a document is not as usual. */
function unlike(doc: Fields, usual: object): Fields {
  const other = new Map(Object.entries(usual) as [string, unknown][]);
  return Object.fromEntries(
    Object.entries(doc).flatMap(([field, value]) => {
      const its = other.get(field);
      if (JSON.stringify(value) === JSON.stringify(its)) return [];
      return [[field, isFields(value) && isFields(its) ? unlike(value, its) : value]];
    }),
  );
}

/** A document whose fields are as usual where it says nothing of them. */
function withUsual(doc: Fields, usual: object): Fields {
  const whole: Record<string, unknown> = { ...usual };
  for (const [field, value] of Object.entries(doc)) {
    const its = whole[field];
    whole[field] = isFields(value) && isFields(its) ? withUsual(value, its) : value;
  }
  return whole;
}

function fieldsOf(text: string): Fields | null {
  try {
    const found: unknown = JSON.parse(text);
    return isFields(found) ? found : null;
  } catch {
    return null;
  }
}
