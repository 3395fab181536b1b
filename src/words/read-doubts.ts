import type { ReadDoubt } from "@/core/plan";

/** What each doubt of a text's reading says. */
export const READ_DOUBTS: Readonly<Record<ReadDoubt, string>> = {
  recipes: "There may be more than one recipe in this text.",
  name: "The name is a guess.",
  tins: "The tins are told without a size, in more ways than one, or not at all.",
  heat: "The temperature is told more than once, or not at all.",
  minutes: "The minutes are told more than once, or not at all.",
  check: "When to look first is read from one of several times.",
  kind: "The kind of batter is a guess from what is in it.",
};
