import type { Frosting } from "../build";
import { assertNever } from "../measure";
import type { Rounding } from "./schema";

/** One line of a frosting's formula: grams of it in whatever the whole formula weighs. */
export type FormulaLine = { readonly name: string; readonly massG: number };

export type ScaledFormula = {
  readonly times: number;
  readonly lines: readonly FormulaLine[];
  readonly massG: number;
  /** Made beyond what is needed, for the sake of an amount that can be measured, g. */
  readonly overG: number;
};

const HALF_STICK_G = 56.7;
const PACK_G = 250;

/**
 * The usual formula of each frosting, by weight. Judgement: plain household ones; her own recipe is
 * better.
 */
export const USUAL_FORMULA: Readonly<Record<Frosting, readonly FormulaLine[]>> = {
  "butter-and-sugar": lines(["butter", 320], ["icing sugar", 640], ["milk", 40]),
  "cream-cheese": lines(["cream cheese", 450], ["butter", 220], ["icing sugar", 330]),
  "whipped-cream": lines(["whipping cream", 920], ["icing sugar", 80]),
  "meringue-butter": lines(["butter", 470], ["sugar", 330], ["egg white", 200]),
  "whipped-ganache": lines(["dark chocolate", 500], ["cream", 500]),
  "boiled-fudge": lines(["butter", 160], ["sugar", 520], ["milk", 200], ["cocoa", 120]),
  "water-icing": lines(["icing sugar", 840], ["water", 160]),
  marshmallow: lines(["sugar", 680], ["egg white", 150], ["water", 170]),
};

function lines(
  ...pairs: readonly (readonly [name: string, massG: number])[]
): readonly FormulaLine[] {
  return pairs.map(([name, massG]) => ({ name, massG }));
}

/** What the leading line is rounded up to, g: by how much there is of it. */
function stepOf(rounding: Rounding, leadG: number): number {
  switch (rounding) {
    case "grams":
      return leadG < 50 ? 5 : leadG < 250 ? 10 : 25;
    case "half-sticks":
      return HALF_STICK_G;
    case "packs":
      return PACK_G;
    default:
      return assertNever(rounding);
  }
}

/**
 * A formula scaled to at least `neededG`: its first line, which leads, is rounded up to something
 * measurable and the others follow.
 * @throws RangeError for a formula that weighs nothing
 */
export function scaledFormula(
  formula: readonly FormulaLine[],
  neededG: number,
  rounding: Rounding,
): ScaledFormula {
  const total = formula.reduce((sum, { massG }) => sum + massG, 0);
  const lead = formula.find(({ massG }) => massG > 0);
  if (lead === undefined || !(total > 0))
    throw new RangeError("a formula needs at least one line with a weight");
  if (neededG <= 0)
    return { times: 0, lines: formula.map(({ name }) => ({ name, massG: 0 })), massG: 0, overG: 0 };
  const leadG = (lead.massG * neededG) / total;
  const step = stepOf(rounding, leadG);
  const times = (Math.ceil(leadG / step - 1e-9) * step) / lead.massG;
  return {
    times,
    lines: formula.map(({ name, massG }) => ({ name, massG: massG * times })),
    massG: total * times,
    overG: total * times - neededG,
  };
}

/** What a cake needs of a spread; without a volume for what is only weighed. */
type Need<S extends string> = {
  readonly stuff: S;
  readonly massG: number;
  readonly volumeMl: number | null;
};

/** Sums what several cakes need of each spread, so that it is made once. */
export function sharedNeeds<S extends string>(
  cakes: readonly { readonly name: string; readonly needs: readonly Need<S>[] }[],
): readonly (Need<S> & { readonly cakes: readonly string[] })[] {
  const stuffs = [...new Set(cakes.flatMap(({ needs }) => needs.map(({ stuff }) => stuff)))];
  return stuffs.map((stuff) => {
    const takers = cakes.filter(({ needs }) => needs.some((need) => need.stuff === stuff));
    const needs = takers.flatMap((cake) => cake.needs.filter((need) => need.stuff === stuff));
    const volumeMl = needs.reduce<number | null>(
      (sum, need) => (sum === null || need.volumeMl === null ? null : sum + need.volumeMl),
      0,
    );
    return {
      stuff,
      massG: needs.reduce((sum, { massG }) => sum + massG, 0),
      volumeMl,
      cakes: takers.map(({ name }) => name),
    };
  });
}
