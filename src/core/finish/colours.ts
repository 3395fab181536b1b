/** One bowl of coloured frosting. */
export type ColourBowl = { readonly name: string; readonly massG: number };

/** A bowl smaller than this is hard to colour or pipe, g. */
const LEAST_BOWL_G = 40;

/**
 * Frosting divided over bowls by shares, each rounded to 5 g, the last taking what is left.
 * @param shares more than 0 each; they need not add up to anything
 * @throws RangeError for no shares, or one that is not above 0
 */
export function colourBowls(
  massG: number,
  shares: readonly { readonly name: string; readonly share: number }[],
): { readonly bowls: readonly ColourBowl[]; readonly tooSmall: readonly string[] } {
  const total = shares.reduce((sum, { share }) => sum + share, 0);
  if (shares.length === 0 || shares.some(({ share }) => !(share > 0)))
    throw new RangeError(
      `shares must be above 0, got ${shares.map(({ share }) => share).join(", ")}`,
    );
  let poured = 0;
  let due = 0;
  const bowls = shares.map(({ name, share }, index): ColourBowl => {
    due += (massG * share) / total;
    const upTo = index === shares.length - 1 ? massG : Math.round(due / 5) * 5;
    const bowl = { name, massG: upTo - poured };
    poured = upTo;
    return bowl;
  });
  return {
    bowls,
    tooSmall: bowls.filter((bowl) => bowl.massG < LEAST_BOWL_G).map(({ name }) => name),
  };
}
