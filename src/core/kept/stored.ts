import type * as z from "../zod";
import { bad, parseWith, type Result } from "../measure";

/** Turns a document of one version into the next one's, or leaves to the schema what is neither. */
export type Upgrade = (older: Readonly<Record<string, unknown>>) => Record<string, unknown>;

/** How one kind of document stands in the file: as text that names the version it was written in. */
export type StoredKind<T> = {
  /** The version that is written: as many as there are upgrades, and one. */
  readonly version: number;
  /**
   * The document that a text holds, brought up from whatever version wrote it.
   * @returns the first thing wrong with it; of a text of a later version, that version
   */
  readonly read: (text: string) => Result<T>;
  readonly write: (doc: T) => string;
};

/** Where a stored document says its version; one written before there were any says nothing. */
const VERSION_FIELD = "v";
const FIRST_VERSION = 1;

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
    read: (text) => {
      const found = fieldsOf(text);
      if (found === null) return parseWith(schema, null);
      const { [VERSION_FIELD]: said = FIRST_VERSION, ...fields } = found;
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
      return parseWith(schema, upgraded);
    },
    write: (doc) => JSON.stringify({ [VERSION_FIELD]: version, ...doc }),
  };
}

function fieldsOf(text: string): Readonly<Record<string, unknown>> | null {
  try {
    const found: unknown = JSON.parse(text);
    return typeof found === "object" && found !== null && !Array.isArray(found)
      ? (found as Readonly<Record<string, unknown>>)
      : null;
  } catch {
    return null;
  }
}
