/** Why something could not be stored or read, as far as a baker can do something about it. */
export type StorageIssue =
  "busy" | "read-only" | "full" | "damaged" | "newer" | "unreachable" | "unknown";

export type Stored<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly issue: StorageIssue };

const BY_CODE: readonly (readonly [prefix: string, issue: StorageIssue])[] = [
  ["SQLITE_BUSY", "busy"],
  ["SQLITE_LOCKED", "busy"],
  ["SQLITE_READONLY", "read-only"],
  ["SQLITE_PERM", "read-only"],
  ["EACCES", "read-only"],
  ["EROFS", "read-only"],
  ["SQLITE_FULL", "full"],
  ["SQLITE_IOERR", "full"],
  ["ENOSPC", "full"],
  ["EDQUOT", "full"],
  ["EFBIG", "full"],
  ["SQLITE_CORRUPT", "damaged"],
  ["SQLITE_NOTADB", "damaged"],
  ["SQLITE_CANTOPEN", "unreachable"],
  ["NEWER_KITCHEN", "newer"],
  ["NO_ANSWER", "unreachable"],
  ["ECONNREFUSED", "unreachable"],
  ["ENOTFOUND", "unreachable"],
];

/** The error and all that caused it, outermost first. */
function chain(error: unknown): readonly unknown[] {
  const links: unknown[] = [];
  for (let link = error; link instanceof Error && links.length < 10; link = link.cause)
    links.push(link);
  return links;
}

/** Whether an error, or one of its causes, carries a code that starts with `prefix`. */
export function hasCode(error: unknown, prefix: string): boolean {
  return chain(error).some((link) => {
    const { code, extendedCode } = link as { code?: unknown; extendedCode?: unknown };
    return [code, extendedCode].some((text) => typeof text === "string" && text.startsWith(prefix));
  });
}

/** The {@link StorageIssue} behind an error of the database or of the file system. */
export function storageIssue(error: unknown): StorageIssue {
  return BY_CODE.find(([prefix]) => hasCode(error, prefix))?.[1] ?? "unknown";
}

/**
 * What a log may say of an error: its kinds and codes, never its words, which can hold a recipe's
 * text or an address with its key.
 */
export function loggable(error: unknown): string {
  return chain(error)
    .map((link) => {
      const { name, code, extendedCode } = link as {
        name?: unknown;
        code?: unknown;
        extendedCode?: unknown;
      };
      return [name, extendedCode ?? code]
        .filter((part) => typeof part === "string" && /^[\w.]{1,60}$/u.test(part))
        .join(" ");
    })
    .join(" < ");
}

/**
 * The work's value, or what kept it from being done; the kind of trouble goes to the server's log,
 * never what was to be stored.
 */
export async function stored<T>(work: () => Promise<T>): Promise<Stored<T>> {
  try {
    return { ok: true, value: await work() };
  } catch (error) {
    const issue = storageIssue(error);
    console.error(`storage ${issue}: ${loggable(error)}`);
    return { ok: false, issue };
  }
}
