const MOST_ID = 100;

/**
 * The id of something in the kitchen as a page sent it; one that is none finds nothing, instead of
 * an error.
 */
export function idOf(id: unknown): string {
  return typeof id === "string" && id.length >= 1 && id.length <= MOST_ID ? id : "";
}
