/** The value of a JSON column; null for a damaged one, which the core's schemas then refuse. */
export function parsedJson(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return null;
  }
}
