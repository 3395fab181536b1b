import { INCH_MM, readUnit, remembered, unitSize, US_MEASURES } from "../measure";
import { sizeAfter, type Size, sizesIn } from "./sizes-told";

export const TOLD_SHAPES = [
  "round",
  "springform",
  "square",
  "rectangle",
  "loaf",
  "ring",
  "cups",
  "skillet",
  "mug",
  "dish",
] as const;

/** Names of tins that stand for their sizes. */
export type SoldAs = "2 lb loaf" | "1 lb loaf" | "half sheet" | "quarter sheet" | "jelly roll";

/** A tin as a text tells of it: only the sizes that it gives, mm. */
export type ToldTin = {
  readonly shape: (typeof TOLD_SHAPES)[number];
  readonly diameterMm?: number;
  readonly sideMm?: number;
  readonly lengthMm?: number;
  readonly widthMm?: number;
  readonly depthMm?: number;
  readonly wells?: number;
  /** What it is sold as, where that stands for its size: "a 2 lb loaf tin", "a half sheet". */
  readonly soldAs?: SoldAs;
  /** What it holds where that is told in place of a size, mL: "a 10-cup bundt". */
  readonly holdsMl?: number;
  readonly count: number;
};

/** A tin with where it stands. */
export type TinPlace = {
  readonly tin: ToldTin;
  readonly at: number;
  readonly end: number;
  /** One of several that are told in one breath: "three round tins, 25, 20 and 15 cm". */
  readonly isOfList?: boolean;
};

/** What a tin is called; before it stand the words that say more of it. */
const NOUN =
  /\b(?:(?:cake|loaf|sandwich|layer|muffin|cupcake|bun|baking|bread|brownie|traybake|roasting|tube|bundt|angel[- ]food|sheet|jelly[- ]roll|swiss[- ]roll|springform|spring[- ]?form|ring|fluted|square|round|rectangular|cast[- ]iron|pudding|gratin|oven|pie|lamington|savarin|[kg]ug[ae]lh[ou]pf|slice)\s+)*(?:cake ?tins?|tins?|pans?|moulds?|molds?|trays?|dish(?:es)?|skillets?|springforms?|spring[- ]forms?|rounds?|squares?|loaf pans?|basins?|ramekins?|mugs?|bundts?|tube|rings?|cases|liners|papers|cups|wells|holes?|layers|sheets?)\b/giu;

/** A vessel, but none that a cake is baked in. */
const NOT_BAKED_IN =
  /\b(?:sauce ?pan|frying|saucepans?|(?:pan|tin|dish|tray|cup|mug) of(?! (?:about )?\d)|roasting (?:tin|pan)|measuring|cookie sheet|tea ?cups?|pie dish of|water|biscuit tin|airtight|storage|paper towel|sheets? of|bottom sheet|clean|tin foil|custard cups?|baking (?:tray|sheet)\b(?! (?:cake|\d)))\b/iu;

/** "If you have no loaf tin". */
const NONE_BEFORE = /\b(?:no|without an?|not got an?)\s+$/u;

/** Trays of cups have no fewer and no more. */
const FEWEST_WELLS = 4;

const MOST_WELLS = 48;

const CUP_NOUN =
  /\b(?:muffin|cupcake|bun|fairy[- ]cake|patty)\b|\b(?:cases|liners|papers|wells|holes?|hole)\b/iu;

/** Nobody names more tins in one breath. */
const MOST_TINS = 40;

/** The tins in one sentence, from left to right. */
export const tinsTold = remembered((sentence): readonly TinPlace[] => {
  const text = sentence.toLowerCase().replaceAll("’", "'");
  const found: TinPlace[] = [];
  const sizes = sizesIn(text);
  let last = 0;
  for (const match of text.matchAll(NOUN)) {
    const [at, end] = [match.index, match.index + match[0].length];
    if (found.length >= MOST_TINS) break;
    if (at < last || NONE_BEFORE.test(text.slice(Math.max(0, at - 20), at))) continue;
    const clause = Math.max(last, text.lastIndexOf(". ", at) + 1);
    const size =
      sizes.findLast((each) => each.at >= clause && each.end <= end + 1) ??
      sizeAfter(text, end, sizes);
    const isAfter = size !== undefined && size.at >= end;
    // "The pan, an 8 inch square pan": what follows a size says more of the tin.
    const tail = isAfter
      ? (/^[^,.;]{0,18}?(?=[,.;]|\bor\b|$)|^[^,.;]{0,18}/u.exec(text.slice(size.end))?.[0].length ??
        0)
      : 0;
    const near = text.slice(
      size === undefined ? Math.max(clause, at - 30) : Math.min(size.at, at),
      Math.max(end, (size?.end ?? 0) + tail),
    );
    const tin = tinOf(text, Math.min(size?.at ?? at, at), end, match[0], near, size ?? null);
    if (tin === null) continue;
    const place = { tin, at: Math.min(size?.at ?? at, at), end: Math.max(end, size?.end ?? 0) };
    // A tin told once more by another word is the same one.
    const before = found.at(-1);
    if (before !== undefined && size !== undefined && before.at === place.at) found.pop();
    const isSameCups =
      before?.tin.shape === "cups" && tin.shape === "cups" && before.tin.wells === tin.wells;
    const list = size === undefined || !isAfter ? [] : listed(text, sizes, size, tin.count);
    if (list.length > 0)
      for (const each of [size, ...list].filter((one) => one !== undefined))
        found.push({
          tin: { ...sizedAs(tin.shape, each), count: 1 },
          at: each.at,
          end: each.end,
          isOfList: true,
        });
    else if (!isSameCups) found.push(place);
    last = (list.at(-1)?.end ?? place.end) + (list.length > 0 ? 0 : tail);
  }
  const isOver = ({ at, end }: TinPlace): boolean =>
    found.some((other) => at < other.end && end > other.at);
  return [...found, ...bakedAt(text).filter((place) => !isOver(place))].toSorted(
    (a, b) => a.at - b.at,
  );
});

/** The sizes after the first of as many tins as there are sizes in a row; none for another number. */
function listed(text: string, sizes: readonly Size[], first: Size, count: number): readonly Size[] {
  const row = [first];
  for (const size of sizes.filter(({ at }) => at > first.at)) {
    const between = text.slice(row.at(-1)?.end ?? 0, size.at);
    if (!/^\s*(?:,|and|&|, and)\s*$/u.test(between) || size.mm.length > 1) break;
    row.push(size);
  }
  return count > 1 && row.length === count ? row.slice(1) : [];
}

/** "24 cupcakes at 350", "2 9-inch for 30 minutes": what is baked says what it is baked in. */
const CUPS_BAKED =
  /\b(\d{1,2}) (?:\p{L}+ )?(?:cupcakes|muffins|fairy cakes)(?=,? (?:at|for) (?:about )?\d| or \d)/gu;
const ROUNDS_BAKED = /\b([2-4]) (\d{1,2})[ -]?inch(?:es)?(?=,? (?:at|for) (?:about )?\d)/gu;

function bakedAt(text: string): readonly TinPlace[] {
  const place = ({ 0: { length }, index }: RegExpExecArray, tin: ToldTin): TinPlace => ({
    tin,
    at: index,
    end: index + length,
  });
  return [
    ...[...text.matchAll(CUPS_BAKED)]
      .filter(([, wells]) => Number(wells) >= FEWEST_WELLS && Number(wells) <= MOST_WELLS)
      .map((match) => place(match, { shape: "cups", wells: Number(match[1]), count: 1 })),
    ...[...text.matchAll(ROUNDS_BAKED)].map((match) =>
      place(match, {
        shape: "round",
        diameterMm: Number((INCH_MM * Number(match[2])).toFixed(2)),
        count: Number(match[1]),
      }),
    ),
  ];
}

function tinOf(
  text: string,
  at: number,
  end: number,
  noun: string,
  near: string,
  size: Size | null,
): ToldTin | null {
  const around = text.slice(Math.max(0, at - 24), Math.min(text.length, end + 18));
  const own = text.slice(Math.max(0, at - 12), end + 12);
  if (
    /^\s*(?:of\b(?!\s*(?:about\s+)?\d+(?:[.,]\d+)?\s*(?:x|×|by|-|cm|mm|inch|in\b|"|lit))|lid\b)/u.test(
      text.slice(end, end + 18),
    ) ||
    (size === null && NOT_BAKED_IN.test(own))
  )
    return null;
  if (
    NOT_BAKED_IN.test(own) &&
    (size?.mm.length ?? 0) < 2 &&
    !/\b(?:cake|loaf|square|round)\b/u.test(near)
  )
    return null;
  if (size === null && /^(?:squares?|rounds?|layers|sheets?|rings?|tube|basins?)$/u.test(noun))
    return null;
  const cups = cupsOf(text, at, end, around, noun);
  if (cups !== null) return cups;
  if (/^(?:cups|cases|liners|papers|wells|holes?)$/u.test(noun)) return null;
  const shape = shapeOf(near, size);
  if (shape === null) return null;
  const count = countOf(text, size === null ? at : Math.min(at, size.at), end);
  return { ...sizedAs(shape, size), ...(size === null ? soldAs(shape, around) : {}), count };
}

const SOLD_AS: readonly (readonly [SoldAs, ToldTin["shape"], RegExp])[] = [
  ["2 lb loaf", "loaf", /\b(?:2\s*-?\s*(?:lbs?|pounds?)|900\s*-?\s*g)\b/u],
  ["1 lb loaf", "loaf", /\b(?:1\s*-?\s*(?:lbs?|pounds?)|450\s*-?\s*g)\b/u],
  ["half sheet", "rectangle", /\bhalf[- ]sheet\b/u],
  ["quarter sheet", "rectangle", /\bquarter[- ]sheet\b/u],
  ["jelly roll", "rectangle", /\b(?:jelly|swiss)[- ]roll\b/u],
];
/** "A 10-cup bundt", "a ring tin of about 2 litres". */
const HOLDS = /(\d+(?:[.,]\d+)?)[\s-]*(cups?|lit(?:re|er)s?|l|ml|quarts?)\b/u;

/** What stands for the size of a tin of which none is told. */
function soldAs(shape: ToldTin["shape"], around: string): Pick<ToldTin, "soldAs" | "holdsMl"> {
  const sold = SOLD_AS.find(([, of, words]) => of === shape && words.test(around))?.[0];
  if (sold !== undefined) return { soldAs: sold };
  const holds = shape === "ring" || shape === "mug" ? HOLDS.exec(around) : null;
  const unit = holds === null ? null : readUnit(holds[2] ?? "");
  const size = unit === null ? null : unitSize(unit.unit, US_MEASURES);
  return size?.of === "volume"
    ? { holdsMl: Math.round(size.ml * Number((holds?.[1] ?? "").replace(",", "."))) }
    : {};
}

function cupsOf(
  text: string,
  at: number,
  end: number,
  around: string,
  noun: string,
): ToldTin | null {
  if (!CUP_NOUN.test(noun) && !CUP_NOUN.test(text.slice(at, end))) {
    const cupTin = /(\d{1,2})[\s-]*cup\s+(?:muffin|cupcake|bun\b)/u.exec(around);
    if (cupTin === null) return null;
  }
  if (/\bliners?\b/u.test(noun) && /\b(?:tin|pan|loaf)\b/u.test(noun)) return null;
  const before = text.slice(Math.max(0, at - 40), end);
  const wells =
    /(\d{1,2})[\s-]*(?:hole|cup|well|count|bun|muffin|cupcake|fairy|paper|large|standard|deep|regular)\b/u.exec(
      before,
    )?.[1] ??
    /(\d{1,2})\s+(?:\p{L}+\s+){0,2}(?:cases|liners|papers|wells|holes)/u.exec(before)?.[1] ??
    /\b(?:makes|for|into|about)\s+(\d{1,2})\b(?!\s*(?:(?:-|–|to|or)\s*\d+\s*)?(?:min|hour|hr|inch|cm|°|deg|g\b))/u.exec(
      text,
    )?.[1];
  const trays =
    /\b([2-4])\s+(?:[\d-]+\s*)?(?:\p{L}+[\s-]+){0,2}(?:muffin|cupcake|bun)\s+(?:tins|pans|trays)/u.exec(
      text,
    )?.[1];
  const isFew = wells === undefined || Number(wells) < FEWEST_WELLS || Number(wells) > MOST_WELLS;
  if (
    isFew &&
    (/^(?:wells|holes?|papers)$/u.test(noun) ||
      !/\b(?:muffin|cupcake|bun|fairy|patty|cases|liners)/u.test(text))
  )
    return null;
  if (isFew) return { shape: "cups", count: 1 };
  return {
    shape: "cups",
    wells: Number(wells),
    count: trays === undefined ? 1 : Number(trays),
  };
}

/** A tin's side is no less, mm: what is less is its depth. */
const LEAST_SIDE_MM = 60;

function shapeOf(near: string, size: Size | null): ToldTin["shape"] | null {
  const has = (pattern: RegExp): boolean => pattern.test(near);
  if (has(/\bspring[- ]?forms?\b/u)) return "springform";
  if (has(/\bloaf\b|\bbread (?:pan|tin)/u)) return "loaf";
  if (has(/\b(?:bundt|fluted|tube|ring|angel[- ]food|[kg]ug[ae]lh[ou]pf|savarin|chiffon|hole)\b/u))
    return "ring";
  if (has(/\bskillet|cast[- ]iron\b/u)) return "skillet";
  if (has(/\bmugs?\b/u)) return "mug";
  const [first, second] = size?.mm ?? [];
  // "20 x 10 cm round" is deep, "20 x 20 cm rounds" are no rounds.
  if (second !== undefined && second <= 0.6 * (first ?? 0) && has(/\bround\b/u)) return "round";
  if (first !== undefined && second !== undefined && second >= LEAST_SIDE_MM)
    return Math.abs(first - second) < 3 ? "square" : "rectangle";
  if (has(/\bsquare\b/u)) return "square";
  if (
    has(
      /\b(?:half|quarter) sheet|jelly[- ]roll|swiss[- ]roll|rectang|oblong|lamington|traybake|sheet (?:pan|cake)|slice tin/u,
    )
  )
    return "rectangle";
  if (has(/\b(?:round|sandwich|layers?|cake (?:tin|pan)|circular)\w*\b/u)) return "round";
  if (has(/\b(?:dish|basin)\b/u)) return first === undefined ? "dish" : "round";
  if (size === null) return null;
  return "round";
}

function sizedAs(shape: ToldTin["shape"], size: Size | null): Omit<ToldTin, "count"> {
  const [first, second, third] = (size?.mm ?? []).map((mm) => Number(mm.toFixed(2)));
  if (first === undefined) return { shape };
  if (shape === "square") {
    const depthMm = second !== undefined && second < LEAST_SIDE_MM ? second : third;
    return { shape, sideMm: first, ...(depthMm === undefined ? {} : { depthMm }) };
  }
  if (
    second !== undefined &&
    second >= LEAST_SIDE_MM &&
    !["round", "ring", "springform", "skillet"].includes(shape)
  )
    return {
      shape,
      lengthMm: Math.max(first, second),
      widthMm: Math.min(first, second),
      ...(third === undefined ? {} : { depthMm: third }),
    };
  if (shape === "loaf" || shape === "rectangle") return { shape, lengthMm: first };
  return { shape, diameterMm: first, ...(second === undefined ? {} : { depthMm: second }) };
}

const COUNT_BEFORE =
  /\b([2-9]|both|pair of)\s+(?:x\s+|×\s+)?(?:(?:\d\s*-?\s*(?:lb|kg|pound)|greased|lined|buttered|oiled|loose[- ]bottomed|deep|shallow|round|square|non[- ]?stick|small|large|same|of|my|your|the|identical|matching|inch|cake|sandwich|loaf|layer|springform|straight[- ]sided|tall|and|floured|paper[- ]lined|heavy|light|dark|metal|foil|metal|disposable)[\s,-]+)*$/u;

function countOf(text: string, at: number, end: number): number {
  const before = text.slice(Math.max(0, at - 60), at);
  const crossed =
    /([2-9])\s*(?:x|×)\s*$/u.exec(before)?.[1] ??
    /^([2-4])\s*(?:x|×)\s*\d/u.exec(text.slice(at))?.[1];
  const after = /^\s*(?:\(\s*(?:x\s*)?([2-9])\s*\)|x\s*([2-9])\b)/u.exec(text.slice(end));
  const told = COUNT_BEFORE.exec(before)?.[1];
  const said = crossed ?? after?.[1] ?? after?.[2] ?? told;
  if (said === "both" || said === "pair of") return 2;
  return said === undefined ? 1 : Number(said);
}
