/**
 * Why something could not be stored; matches the data layer's `StorageIssue` without depending on
 * it.
 */
type StorageTrouble =
  "busy" | "read-only" | "full" | "damaged" | "newer" | "unreachable" | "unknown";

const STORAGE_WORDS: Readonly<Record<StorageTrouble, string>> = {
  busy: "Another program is holding the kitchen's data file. Close it, then try again",
  "read-only":
    "The kitchen's data file can't be written to: it is read-only. Allow writing to it and its folder, then try again",
  full: "The disk is full. Free some space, then try again",
  damaged:
    "The kitchen's data file can't be read as a database. Stop the program, keep that file, and put the newest of the folder “backups” in its place under its name",
  newer:
    "The kitchen's data were last used by a newer version of Steady Tin. Use that version; this one leaves them as they are",
  unreachable:
    "The kitchen's data can't be reached. Check that its folder, or its server, is there",
  unknown: "The kitchen's data could not be used just now. Try again; the server's log says more",
};

/** What went wrong with storage, and what to do about it. */
export function storageText(issue: StorageTrouble): string {
  return `${STORAGE_WORDS[issue]}.`;
}
