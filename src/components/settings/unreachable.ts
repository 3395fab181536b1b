/** What came of asking a kitchen that does not answer. */
export const UNREACHABLE = {
  ok: false,
  message: "The kitchen's server can't be reached. Nothing was changed; try again.",
} as const;
