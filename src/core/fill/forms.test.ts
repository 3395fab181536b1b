import { describe, expect, it } from "vitest";
import type { Tin } from "../tin";
import { fillTins, timesFilled, tinSetsByForm, type FormSets, type StockTin } from ".";
import { batter, tin } from "./filling.test-data";

const EIGHTS = [tin({ shape: "round", diameterMm: 203, depthMm: 51, count: 2 })];
const stock = (id: string, owned: number, spec: Tin): StockTin => ({
  id,
  owned,
  geometry: tin(spec),
});
const CUPBOARD = [
  stock("eights", 2, { shape: "round", diameterMm: 203, depthMm: 51 }),
  stock("nine", 1, { shape: "round", diameterMm: 229, depthMm: 51 }),
  stock("six", 3, { shape: "round", diameterMm: 152, depthMm: 51 }),
  stock("slab", 1, { shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51 }),
  stock("loaf", 2, { shape: "loaf", lengthMm: 229, widthMm: 127, depthMm: 70 }),
  stock("cups", 2, { shape: "well", rimMm: 70, floorMm: 50, depthMm: 32, count: 12 }),
  stock("heart", 1, { shape: "heart", widthMm: 280, depthMm: 60 }),
];
const forms = (isStacked: boolean, tins = EIGHTS): readonly FormSets[] =>
  tinSetsByForm(batter("creamed", 1200), EIGHTS, 1200, CUPBOARD, {}, { tins, isStacked });

describe("tins of the cupboard by form", () => {
  it("puts the form that is built first, equal tins where it is stacked", () => {
    const [layers] = forms(true);
    expect(layers?.form).toBe("layers");
    expect(layers?.sets.length).toBeGreaterThan(1);
    expect(layers?.sets[0]?.tins).toEqual([{ id: "eights", pieces: 2 }]);
    for (const { tins } of layers?.sets ?? []) expect(tins).toHaveLength(1);
  });

  it("lets layers that stand apart be of two sizes", () => {
    const [layers] = forms(false);
    expect(layers?.sets.some(({ tins }) => tins.length > 1)).toBe(true);
  });

  it("never mixes forms: no loaf beside a heart", () => {
    const of = new Map([
      ["layers", ["eights", "nine", "six"]],
      ["sheet", ["slab"]],
      ["loaf", ["loaf"]],
      ["cups", ["cups"]],
      ["shaped", ["heart"]],
    ]);
    const found = forms(false);
    expect(found.map(({ form }) => form).toSorted()).toEqual([...of.keys()].toSorted());
    for (const { form, sets } of found)
      for (const { tins } of sets) for (const { id } of tins) expect(of.get(form)).toContain(id);
  });

  it("follows what is planned, not what the recipe was written for", () => {
    const loaf = [tin({ shape: "loaf", lengthMm: 229, widthMm: 127, depthMm: 70, count: 2 })];
    expect(forms(false, loaf)[0]?.form).toBe("loaf");
    expect(forms(false, [])[0]?.sets.length).toBeGreaterThan(0);
  });
});

describe("how often the same tins are filled", () => {
  it.each([
    [1200, 1],
    [2800, 2],
    [6000, 4],
  ] as const)("%d mL of batter in two 20 cm layers: %d", (volumeMl, times) => {
    const whole = batter("creamed", volumeMl);
    const fill = fillTins(whole, EIGHTS);
    expect(timesFilled(whole, fill)).toBe(times);
    // So often they take it, and once fewer they don't.
    const many = (count: number): number =>
      fillTins(
        whole,
        EIGHTS.map((each) => ({ ...each, count: each.count * count })),
      ).overG;
    expect(many(times)).toBe(0);
    if (times > 1) expect(many(times - 1)).toBeGreaterThan(0);
  });
});
