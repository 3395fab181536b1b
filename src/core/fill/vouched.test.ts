import { describe, expect, it } from "vitest";
import { KIND_FACTS } from "../kind";
import { tinGeometry, type Tin } from "../tin";
import { fillLimit, fillTins, vouchedRise } from ".";
import { batter, only, tin } from "./filling.test-data";

const WELL: Tin = { shape: "well", rimMm: 70, depthMm: 32 };

describe("cups of leavened batter", () => {
  const well = tin(WELL);

  it("take 60 to 65 mL, two thirds of the depth, and crown about 12 mm over the rim", () => {
    const { volumeMl } = fillLimit("creamed", well);
    expect(volumeMl).toBeGreaterThan(59);
    expect(volumeMl).toBeLessThan(65);
    const filled = only(fillTins(batter("creamed", volumeMl), [well]));
    expect(filled.verdict).toBe("crowns");
    expect(filled.peak.edgeMm).toBeLessThanOrEqual(29.01);
    expect(filled.peak.crownTopMm - 32).toBeGreaterThan(9);
    expect(filled.peak.crownTopMm - 32).toBeLessThan(12.1);
  });

  it("stay in at an ordinary 50 mL, and pass the rim with 75", () => {
    const dozen = fillTins(batter("creamed", 50 * 12), [tin({ ...WELL, count: 12 })]);
    expect([only(dozen).verdict, dozen.overG]).toEqual(["crowns", 0]);
    expect(only(fillTins(batter("creamed", 75), [well])).verdict).toBe("overflows");
  });

  it("hold no batter that is not there: what the edge can't take is in the crown", () => {
    const filled = only(fillTins(batter("muffin", 70), [well]));
    const geometry = tinGeometry(WELL);
    if (!geometry.ok) throw new Error("no tin");
    // Edge at the rim, the rest a paraboloid of half its height over the cut there.
    const r = 35 - 3 * Math.tan((13 * Math.PI) / 180);
    const cap = (0.5 * (filled.baked.crownTopMm - filled.baked.edgeMm) * Math.PI * r * r) / 1000;
    const below = (70 * KIND_FACTS.muffin.rise.mid - cap) / filled.brimMl;
    expect(filled.baked.edgeMm).toBeCloseTo(29, 6);
    expect(below).toBeGreaterThan(0.85);
    expect(below).toBeLessThan(0.93);
  });

  it("of what does not rise stay inside", () => {
    expect(only(fillTins(batter("baked-cheese", 85), [well])).verdict).not.toBe("crowns");
    expect(fillLimit("brownie", well).volumeMl).toBeLessThan(75);
  });
});

describe("pieces in a batter", () => {
  it("do not rise: half of it pieces, half the growth", () => {
    const round = tin({ shape: "springform", diameterMm: 200, depthMm: 90 });
    const mean = (share: number): number => {
      const { baked } = only(fillTins(batter("creamed", 900), [round], { piecesShare: share }));
      return baked.edgeMm + (baked.crownTopMm - baked.edgeMm) / 2;
    };
    const area = Math.PI * 100 * 100;
    expect(mean(0)).toBeCloseTo((900_000 * 1.75) / area, 3);
    expect(mean(0.5)).toBeCloseTo((900_000 * (0.5 + 0.5 * 1.75)) / area, 3);
  });
});

describe("a recipe's own tin", () => {
  const ring: Tin = { shape: "ring", diameterMm: 250, depthMm: 90 };
  const own = tin(ring);
  const pound = batter("pound", 0.74 * 4000);
  const brim = only(fillTins(pound, [own])).brimMl;
  const full = batter("pound", 0.74 * brim);

  it("bounds the rise of what it holds, so that it no longer passes its own rim", () => {
    expect(only(fillTins(full, [own])).verdict).toBe("overflows");
    const rise = vouchedRise(full, fillTins(full, [own]));
    expect(rise).toBeGreaterThan(1.1);
    expect(rise).toBeLessThan(KIND_FACTS.pound.rise.mid);
    expect(
      only(fillTins(full, [own], { vouched: { rise: rise ?? 0, onlyIn: null } })).verdict,
    ).not.toBe("overflows");
  });

  const risen = (ofBrim: number): number | null => {
    const poured = batter("pound", ofBrim * brim);
    return vouchedRise(poured, fillTins(poured, [own]));
  };

  it("says nothing where the usual rise stays inside, or where the batter stands above the brim already", () => {
    expect(risen(0.4)).toBeNull();
    expect(risen(1.3)).toBeNull();
  });

  it("of an assumed depth bounds it in tins like itself alone", () => {
    const vouched = { rise: 1.2, onlyIn: [ring] };
    const other = tin({ shape: "springform", diameterMm: 200, depthMm: 80 });
    expect(only(fillTins(batter("pound", 900), [other], { vouched })).baked).toEqual(
      only(fillTins(batter("pound", 900), [other])).baked,
    );
    expect(only(fillTins(batter("pound", 900), [own], { vouched })).baked.edgeMm).toBeLessThan(
      only(fillTins(batter("pound", 900), [own])).baked.edgeMm,
    );
  });
});
