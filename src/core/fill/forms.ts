// Tins of the cupboard for a batter, by the form the cake then has.
import { groups } from "d3-array";
import type { Batter } from "../mix";
import type { Shape, TinGeometry } from "../tin";
import type { FillOptions } from "./options";
import type { StockTin } from "./stock";
import { bestTinSets, type TinSet } from "./tin-sets";

/** What a cake is to those who see it: what is shaped like something stands by itself. */
export const FORMS = ["layers", "sheet", "ring", "loaf", "cups", "shaped"] as const;
export type Form = (typeof FORMS)[number];

const FORM_OF: Readonly<Record<Shape, Form>> = {
  round: "layers",
  springform: "layers",
  skillet: "layers",
  square: "sheet",
  rectangle: "sheet",
  ring: "ring",
  tube: "ring",
  fluted: "ring",
  loaf: "loaf",
  well: "cups",
  ramekin: "cups",
  mug: "cups",
  heart: "shaped",
  oval: "shaped",
  hexagon: "shaped",
  triangle: "shaped",
  dome: "shaped",
  drawn: "shaped",
  odd: "shaped",
};

/** The form of what is baked in a tin; null where there is none. */
export const formOf = (geometry: TinGeometry | undefined): Form | null =>
  geometry === undefined ? null : FORM_OF[geometry.tin.shape];

/** Sets of tins that give a cake of one form, the best first. */
export type FormSets = { readonly form: Form; readonly sets: readonly TinSet[] };

/** Shown of each other form. */
const OF_OTHERS = 3;
const USUAL = { mostTins: 6, mostKinds: 4, best: 20 } as const;
/** What has a form is baked in tins that are alike; layers of two sizes only where they stand apart. */
const ALIKE = { ...USUAL, mostKinds: 1 } as const;

/**
 * Which tins of the cupboard take this batter, those of the form it is built in first and the other
 * forms after them, each by {@link bestTinSets}; no set mixes forms, and what is stacked is of equal
 * tins. Forms with nothing are left out.
 * @param built the tins it is now planned in
 * @param isStacked whether its layers are stacked
 */
export function tinSetsByForm(
  batter: Batter,
  reference: readonly TinGeometry[],
  ownMl: number,
  stock: readonly StockTin[],
  options: FillOptions,
  built: { readonly tins: readonly TinGeometry[]; readonly isStacked: boolean },
): readonly FormSets[] {
  const first = formOf(built.tins[0]);
  const found = groups(stock, ({ geometry }) => FORM_OF[geometry.tin.shape]).map(([form, of]) => {
    const isFirst = form === first;
    const limits = isFirst && !built.isStacked && form !== "shaped" ? USUAL : ALIKE;
    const best = isFirst ? USUAL.best : OF_OTHERS;
    return { form, sets: bestTinSets(batter, reference, ownMl, of, options, { ...limits, best }) };
  });
  const rank = ({ form, sets }: FormSets): number =>
    form === first ? -1 : (sets[0]?.score ?? Infinity);
  return found.filter(({ sets }) => sets.length > 0).toSorted((a, b) => rank(a) - rank(b));
}
