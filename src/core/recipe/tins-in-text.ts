import { readTin, shapeRow, SHAPES, tinCount, type Tin } from "../tin";

/** A stretch of text that names a tin: from its size, or its count, to the word for it. */
const PHRASE =
  /(?:\b(?:an?|one|two|three|four|five|six|\d{1,2})\s+(?:x\s+|×\s+)?)?(?:[a-z-]+,?\s+){0,3}?\d[^.;:()\n]{0,60}?\b(?:cake tins?|tins?|pans?|moulds?|molds?|trays?|rings?|rounds?|springforms?|cases|cups|holes?|wells)\b(?:\s+(?:tins?|pans?))?/giu;
/** Words of a phrase, besides those for its shape, that say something of the tin. */
const TELLING =
  /^(?:\d[\d.,/¼½¾]*|[¼½¾]|x|×|by|cm|mm|in|inch|inches|hole|glass|dark|silicone|ceramic|deep|one|two|three|four|five|six)$/iu;
/** Words that stand for any tin in a recipe, whatever they mean in a cupboard. */
const SAYS_NOTHING = /^(?:hole|sheets?|trays?|circular)$/iu;

const isTelling = (word: string): boolean =>
  TELLING.test(word) ||
  SHAPES.some((shape) => shapeRow(shape).read.exec(word.toLowerCase())?.[0].length === word.length);

/**
 * A loaf tin by the weight of bread it was sold for; inside sizes as usually made, mm. Judgement.
 */
const LOAF_BY_WEIGHT: readonly (readonly [RegExp, Tin])[] = [
  [
    /\b(?:2\s*-?\s*lb|900\s*-?\s*g|two-pound)\b[^.;\n]{0,20}\bloaf\b|\bloaf\b[^.;\n]{0,12}\b(?:2\s*-?\s*lb|900\s*-?\s*g)\b/iu,
    { shape: "loaf", lengthMm: 216, widthMm: 114, depthMm: 65, depthAssumed: true },
  ],
  [
    /\b(?:1\s*-?\s*lb|450\s*-?\s*g|one-pound)\b[^.;\n]{0,20}\bloaf\b|\bloaf\b[^.;\n]{0,12}\b(?:1\s*-?\s*lb|450\s*-?\s*g)\b/iu,
    { shape: "loaf", lengthMm: 160, widthMm: 90, depthMm: 60, depthAssumed: true },
  ],
];

/**
 * Tins named in a text: "two greased 8-inch round cake tins", "a lined 33 x 23 cm tray", "a 12-hole
 * muffin tin", "a 2 lb loaf tin". Phrases in which no size can be read are left out.
 */
export function tinsIn(text: string): readonly Tin[] {
  for (const [pattern, tin] of LOAF_BY_WEIGHT) if (pattern.test(text)) return [tin];
  const plain = text.replaceAll(/["”″](?=\s|$)/gu, " inch ");
  return [...plain.matchAll(PHRASE)].flatMap((match) => {
    const tin = tinFrom(match[0]);
    return tin === null ? [] : [tin];
  });
}

function tinFrom(phrase: string): Tin | null {
  const wells =
    /\b(\d{1,2}|six|twelve)[\s-]*(?:hole|cup|well|bun)s?\b|\b(\d{1,2})\s+(?:paper |muffin |cupcake |fairy[- ]cake )?cases\b/iu.exec(
      phrase,
    );
  if (wells !== null) {
    const count =
      { six: 6, twelve: 12 }[(wells[1] ?? "").toLowerCase()] ?? Number(wells[1] ?? wells[2]);
    const tin = readTin(`${count} cups`, "metric");
    return tin.ok && tinCount(tin.value.tin) <= 48 ? tin.value.tin : null;
  }
  const words = phrase
    .replaceAll(/(\d)\s*-\s*(?=[a-z])/giu, "$1 ")
    .replaceAll(/(\d)(?=cm|mm|in\b|inch)/giu, "$1 ")
    .split(/[\s,]+/u);
  const telling = words.filter((word) => isTelling(word) && !SAYS_NOTHING.test(word)).join(" ");
  const read = readTin(telling, /\bin(?:ch(?:es)?)?\b/iu.test(phrase) ? "us" : "metric");
  // A bare number is as likely an amount or a step as a size.
  return read.ok && !read.value.assumed.includes("unit") && !read.value.assumed.includes("size")
    ? read.value.tin
    : null;
}
