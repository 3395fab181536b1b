/** What a number counts; the interface turns it into the baker's own units. */
export type Unit =
  "mm" | "mL" | "g" | "g/mL" | "mL/kg" | "°C" | "°C difference" | "min" | "°" | "count" | "times";

/** Why a range is narrower than the general one. */
export type RangeReason =
  | "base-would-close"
  | "corner-rounder-than-side"
  | "fillet-deeper-than-tin"
  | "tube-wider-than-tin"
  | "floor-wider-than-rim"
  | "water-disagrees-with-size"
  | "half-disagrees-with-brim"
  | "profile-goes-from-floor-to-rim"
  | "profile-rises"
  | "hole-would-close"
  | "heat-never-sets"
  | "split-too-thin"
  | "dam-leaves-no-room"
  | "coat-wider-than-ledge"
  | "fruit-wider-than-cake";

/** What a box takes, where its field has no example of its own. */
export type Expected =
  | "amount"
  | "heat"
  | "length"
  | "minutes"
  | "number"
  | "profile"
  | "share"
  | "size"
  | "text"
  | "thickness"
  | "time"
  | "volume"
  | "weight";

/**
 * An expected failure as data: what is wrong, where, with which value. The words are the
 * interface's.
 */
export type Issue =
  | {
      readonly code: "out-of-range";
      readonly path: string;
      readonly value: number;
      readonly min: number;
      readonly max: number;
      readonly unit: Unit;
      readonly because?: RangeReason;
    }
  | {
      readonly code: "not-whole";
      readonly path: string;
      readonly value: number;
      readonly min: number;
      readonly max: number;
    }
  | {
      readonly code: "not-a-choice";
      readonly path: string;
      readonly value: string;
      readonly allowed: readonly string[];
    }
  | {
      readonly code: "wrong-type";
      readonly path: string;
      readonly value: string;
      readonly expected: string;
    }
  | { readonly code: "missing"; readonly path: string; readonly expected: string }
  | { readonly code: "unknown-field"; readonly path: string; readonly value: string }
  | {
      readonly code: "unreadable";
      readonly path: string;
      readonly value: string;
      readonly expected: Expected;
    }
  | {
      readonly code: "not-extrapolated";
      readonly path: string;
      readonly source: "closed-pot" | "microwave";
      /** How many times the recipe's own mass a vessel like its own may hold. */
      readonly min: number;
      readonly max: number;
    }
  | {
      readonly code: "contradicts";
      readonly path: string;
      /** The field beside it that says something else. */
      readonly with: string;
    }
  | {
      readonly code: "too-many";
      readonly path: string;
      readonly value: number;
      readonly max: number;
    };

export type Result<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly issue: Issue };

/** A success holding `value`. */
export function good<T>(value: T): Result<T> {
  return { ok: true, value };
}

/** A failure holding `issue`. */
export function bad(issue: Issue): { readonly ok: false; readonly issue: Issue } {
  return { ok: false, issue };
}

/** The issue with its path put under `prefix`: a tin's `depthMm` becomes `tins[1].depthMm`. */
export function issueAt(prefix: string, issue: Issue): Issue {
  return { ...issue, path: issue.path === "" ? prefix : `${prefix}.${issue.path}` };
}

/**
 * Marks a branch the types say can't be reached.
 * @throws RangeError always, naming the value that got there
 */
export function assertNever(value: never): never {
  throw new RangeError(`unexpected value ${JSON.stringify(value)}`);
}
