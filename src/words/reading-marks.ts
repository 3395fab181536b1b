import type { Mark, MarkedRow, ToldDoubt } from "@/core/reading";
import type { Correction } from "@/core/recipe";

type MarkKind = Mark["is"];

/** What each stretch of a text was taken for. */
export const MARK_NAMES: Readonly<Record<MarkKind, string>> = {
  ingredient: "ingredient",
  tin: "tin",
  heat: "oven heat",
  minutes: "baking minutes",
  look: "first look",
  time: "time",
};

/** What a mark became, or that the recipe does not go by it. */
export function markText({ is, isUsed }: Mark): string {
  if (isUsed || is === "time") return MARK_NAMES[is];
  return is === "tin" ? "a tin that is not taken" : "a temperature that is not taken";
}

/** What a line can be said to be. */
export const CHOICE_NAMES: Readonly<Record<NonNullable<Correction["as"]>, string>> = {
  title: "the name",
  part: "a part's heading",
  ingredient: "an ingredient",
  step: "a step",
  note: "a note",
};

/** What of a text's reading may be wrong, said to who pastes it. */
export const PASTE_DOUBTS: Readonly<Record<ToldDoubt, string>> = {
  recipes: "There may be more than one recipe here.",
  name: "The name is a guess.",
  tins: "Look at the tin: it is told without a size, in more ways than one, or not at all.",
  heat: "Look at the temperature: it is told more than once, or not at all.",
  minutes: "Look at the minutes: they are told more than once, or not at all.",
  check: "Look at when to look first: it is one of several times.",
};

/** The kind of mark that a doubt is about; null for one about the whole. */
export const DOUBTED_MARK: Readonly<Record<ToldDoubt, MarkKind | null>> = {
  recipes: null,
  name: null,
  tins: "tin",
  heat: "heat",
  minutes: "minutes",
  check: "look",
};

/** What is said of words that were marked, as what can be done about them. */
export function factChoice({ is, isUsed }: Mark): {
  readonly fact: NonNullable<Correction["fact"]>["is"];
  readonly isIt: boolean;
  readonly text: string;
} | null {
  switch (is) {
    case "tin":
      return isUsed
        ? { fact: "tins", isIt: false, text: "It is not baked in this" }
        : { fact: "tins", isIt: true, text: "It is baked in this tin" };
    case "heat":
      return isUsed
        ? { fact: "heat", isIt: false, text: "This is not its temperature" }
        : { fact: "heat", isIt: true, text: "Bake it at this temperature" };
    case "minutes":
      return { fact: "minutes", isIt: false, text: "This is not how long it bakes" };
    case "look":
    case "time":
      return { fact: "minutes", isIt: true, text: "Bake it this long" };
    case "ingredient":
      return null;
  }
}

/** The words of a mark in its line. */
export const markedWords = ({ text }: MarkedRow, { from, to }: Mark): string =>
  text.slice(from, to);
