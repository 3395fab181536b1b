import type { Step } from "./schema";

/** What is put onto, into or around the cake itself. */
const ONTO =
  /\b(?:spread|frost|ice|coat|pour|drizzle|top|pipe|dust|sprinkle|scatter|decorate|brush|spoon|glaze|swirl|smooth|cover|fill|sandwich|stack|lay|place|put|dip|dollop|finish|poke|prick|soak|use|serve)\b[^.;]{0,80}\b(?:cakes?|cupcakes?|layers?|sponges?|loa(?:f|ves)|rings?|squares|bars|muffins|buns|traybakes?|brownies|tops?|sides|each|over it|on it|all over|them)\b/iu;
/** What is said of the cake in or out of its tin, whatever it is called. */
const OF_CAKE =
  /\bturn(?:ed)? (?:it |them )?(?:out|over)\b|\b(?:cool|stand|rest|leave|left|sit)\b[^.;]*\bin (?:the|its|their) (?:tins?|pans?|dish|skillet)\b|\bwhile (?:it is |it's |they are |they're |still )*(?:hot|warm)\b/iu;
/** What is done to make something in a bowl or a pot. */
const MAKES =
  /\b(?:beat|whip|whisk|melt|simmer|boil|heat|stir|mix|sift|cream|blend|dissolve|bring|cook|warm|combine|toast|chop|make)(?:s|ed|ing)?\b/iu;

/** A part's steps: those that make it, and those that put it onto the cake. */
export type MadeAndUsed<S extends Step = Step> = {
  readonly made: readonly S[];
  readonly onto: readonly S[];
};

/**
 * The steps of a part besides the batter, parted where it goes onto the cake. Only steps that say
 * their stage are parted: what comes after the oven and is not plainly made in a bowl is done to
 * the cake, and so is all after it.
 */
export function madeAndUsed<S extends Step>(steps: readonly S[]): MadeAndUsed<S> {
  const from = steps.findIndex(
    ({ stage, text }) =>
      stage !== undefined &&
      stage !== "oven" &&
      (ONTO.test(text) || (stage !== "before" && (OF_CAKE.test(text) || !MAKES.test(text)))),
  );
  return from < 0
    ? { made: steps, onto: [] }
    : { made: steps.slice(0, from), onto: steps.slice(from) };
}
