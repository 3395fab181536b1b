// Into how many slices a recipe cuts each of its cold cakes.
import type { Formula, Stage } from "../recipe";
import { tinFamily, type Tin } from "../tin";
import { sentencesOf } from "./recipe-frosting";

/** What is cut is the cake: no fruit, and no cream that is divided. */
const CUTS = new RegExp(
  String.raw`\b(?:split|cut|slice|halve|saw|divide)\b(?: carefully| then)? ` +
    String.raw`(?:(?:it|them|each|both|through|horizontally)\b|` +
    String.raw`(?:(?:the|your|each|every|both|of|cold|cooled|baked|whole|domed|level|levelled|top|bottom|larger|smaller) )*` +
    String.raw`(?:\p{L}+ )?(?:cakes?|sponges?|layers?|rounds?|tortes?|loaf|loaves|sheet)\b)`,
  "iu",
);
const LEVEL =
  /\bhorizontal(?:ly)?\b|\b(?:through|across) (?:the|its|their) (?:middles?|waists?|equators?)\b|\binto (?:[\p{L}\d]+ )?(?:(?:even|equal|thin|thinner|round) )*(?:layers|discs|disks|rounds)\b/iu;
const SPLITS = /\bsplit\b/iu;
const SO_THAT_LAYERS = /\blayers\b/iu;
const IN_SLICES = /\b(?:in half|in two|halve[sd]?|(?:in|into) (?:two|three|four|2|3|4|thirds))\b/iu;
/** A cake that is only halved is put together again, or it is shared out. */
const FILLS_IT =
  /\bsandwich|\bfill|\bbetween\b|\bspread\b[^.;]*\b(?:cut|bottom|lower|half|one|layers)\b|\b(?:lid|top half|other half|put (?:it )?back together)\b/iu;
/** Across its length, or for the plate. */
const NOT_IN_LAYERS =
  /\b(?:crosswise|lengthways?|lengthwise|widthways|widthwise|down the (?:middle|length)|squares|fingers|wedges|bars|pieces|portions|slices|triangles|diamonds|servings?|cubes|strips)\b/iu;
const NOT_DONE = /\b(?:don['’]?t|do not|never|no need to|without|instead of|one of the)\b/iu;
const AFTER: readonly Stage[] = ["hot", "cold"];
const TIMES: readonly (readonly [RegExp, number])[] = [
  [/\b(?:in half|in two|halves?d?|once)\b/iu, 2],
  [/\b(?:four|4)\b/iu, 4],
  [/\b(?:three|3|thirds|twice)\b/iu, 3],
];

/** Slices each of a recipe's cakes is split into; null where it leaves them whole, or bakes cups. */
export function splitByRecipe(formula: Formula, tins: readonly Tin[]): number | null {
  if (tins.length === 0 || tins.every((tin) => tinFamily(tin) === "cup")) return null;
  const after = formula.parts
    .flatMap((of) => sentencesOf(of))
    .flatMap(({ text, stage }) => (AFTER.includes(stage) ? [text] : []));
  const fills = after.some((text) => FILLS_IT.test(text));
  const says = after.find(
    (text) =>
      CUTS.test(text) &&
      !NOT_IN_LAYERS.test(text) &&
      !NOT_DONE.test(text) &&
      (LEVEL.test(text) ||
        ((SPLITS.test(text) || IN_SLICES.test(text)) && fills) ||
        (SPLITS.test(text) && SO_THAT_LAYERS.test(text))),
  );
  if (says === undefined) return null;
  // "Sandwich with two thirds of the jam" says nothing of slices.
  const [cut = says] = /^.*?\b(?:sandwich|fill|spread|and then)\b/iu.exec(says) ?? [];
  return TIMES.find(([words]) => words.test(cut))?.[1] ?? 2;
}
