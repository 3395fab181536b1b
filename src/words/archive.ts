import type { ArchivedKind } from "@/core/kept";

const KINDS: Readonly<Record<ArchivedKind, string>> = {
  recipe: "Recipes",
  cake: "Cakes",
  tin: "Tins",
  oven: "Ovens",
  bake: "Pages of the logbook",
  portions: "In the freezer",
  ingredient: "Ingredients",
  larder: "What the kitchen has",
};

/** Of one kind of thing, how an archive stands to the kitchen. */
export type ArchiveCompared = {
  readonly kind: ArchivedKind;
  readonly new: number;
  readonly same: number;
  /** Names of those that are another state of something in the kitchen. */
  readonly changed: readonly string[];
};

/** So many changed things are named. */
const MOST_NAMED = 4;

/** What bringing an archive in would do to one kind of thing. */
export function archiveComparedText({ kind, new: added, same, changed }: ArchiveCompared): {
  readonly name: string;
  readonly says: string;
} {
  const named = changed.slice(0, MOST_NAMED).map((name) => `“${name}”`);
  const more = changed.length - named.length;
  const says = [
    added === 0 ? "" : `${added} new`,
    changed.length === 0
      ? ""
      : `${changed.length} otherwise than here: ${named.join(", ")}${more > 0 ? ` and ${more} more` : ""}`,
    same === 0 ? "" : `${same} the same`,
  ].filter((each) => each !== "");
  return { name: KINDS[kind], says: says.join("; ") };
}

/** What of an archive can't be used, and what is missing of it. */
export function archiveTroubleText(
  unread: readonly string[],
  missing: readonly string[],
  hasIndex: boolean,
): readonly string[] {
  const list = (names: readonly string[]): string =>
    `${names.slice(0, 10).join(", ")}${names.length > 10 ? ` and ${names.length - 10} more` : ""}`;
  return [
    hasIndex ? "" : "Its index can't be read: what is missing can't be told.",
    missing.length === 0 ? "" : `Missing, as it was cut off or taken apart: ${list(missing)}.`,
    unread.length === 0 ? "" : `Can't be read, and is left out: ${list(unread)}.`,
  ].filter((line) => line !== "");
}
