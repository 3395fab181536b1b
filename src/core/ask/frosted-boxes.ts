// What goes on a cake by its recipe: the choice of a cover, and what frosting and filling are made by.
import type { BuildRequest } from "../build";
import { COVERS, type Cover } from "../finish";
import type { PartsMade } from "../plan";
import type { Question } from "./question-schema";

/** As the recipe frosts its own cake, fitted to the wanted tins. */
export const AS_RECIPE = "as-recipe";
/** Stands for the usual formula where the recipe has a frosting of its own. */
export const USUAL_WAY = "usual";

/** The covers a question can ask for. */
export const coversFor = ({ frosted, cover }: Question): readonly (Cover | typeof AS_RECIPE)[] =>
  frosted === null && cover !== AS_RECIPE ? COVERS : [AS_RECIPE, ...COVERS];

/** The parts of its recipe that frosting and filling are made by; empty for the usual ways. */
export function partsMadeFor({ build, finish, frosted, filled, frosting }: Question): PartsMade {
  const own = frosted !== null && frosting === frosted.like ? frosted.part : "";
  const ownFilling = filled !== null && build.filling === "same" ? filled.part : "";
  const chosen = (box: string, usual: string): string =>
    box === USUAL_WAY ? "" : box === "" ? usual : box;
  return {
    part: chosen(finish.part, own),
    fillingPart: chosen(finish.fillingPart, ownFilling),
    standsFor: {
      ...(frosted === null ? {} : { frosting: frosted.part }),
      ...(filled === null ? {} : { filling: filled.part }),
    },
  };
}

/** What a plan is told of the filling; nothing where it is the recipe's, or the frosting alone. */
export const fillingAsked = ({
  build: { filling },
  filled,
  frosting,
}: Question): Pick<BuildRequest, "filling"> =>
  filling === "same" || (filling === "frosting" && filled === null)
    ? {}
    : { filling: filling === "frosting" ? frosting : filling };

/** What a plan is told of the cover; nothing where it is as the recipe has it, which may be bare. */
export const coverAsked = ({ cover, frosted }: Question): { readonly cover?: Cover } =>
  cover !== AS_RECIPE ? { cover } : frosted === null ? { cover: "none" } : {};
