import { describe, expect, it } from "vitest";
import { BATTER, conductivity, expansion, heatPotential, saturationPa } from "./batter-physics";

describe("the physics of batter", () => {
  // Steam tables, rounded to a pascal. The formula was fitted below 60 °C; above it runs up to 3 %
  // high.
  it.each([
    [0, 611],
    [20, 2339],
    [40, 7384],
    [60, 19_946],
    [80, 47_414],
    [100, 101_418],
  ])("water at %d °C has a vapour pressure of %d Pa", (tempC, pressurePa) => {
    expect(Math.abs(saturationPa(tempC) / pressurePa - 1)).toBeLessThan(tempC > 60 ? 0.03 : 0.005);
  });

  it("swells from 30 to 90 °C, half of it by the middle, and never shrinks", () => {
    expect([expansion(-10), expansion(30), expansion(60), expansion(90), expansion(140)]).toEqual([
      1, 1, 1.475, 1.95, 1.95,
    ]);
    for (let tempC = 0; tempC < 120; tempC += 1)
      expect(expansion(tempC + 1)).toBeGreaterThanOrEqual(expansion(tempC));
  });

  it("conducts less than its liquid while cold, since a fifth of it is gas, and more once vapour carries heat across the bubbles", () => {
    // Maxwell and Eucken for 18 % of still air at 0.026 W/mK in 0.5: 0.385. Cold vapour adds a
    // little.
    const still = (0.5 * (0.026 + 1 + 0.36 * (0.026 - 0.5))) / (0.026 + 1 - 0.18 * (0.026 - 0.5));
    expect(still).toBeCloseTo(0.385, 3);
    expect(conductivity(0)).toBeGreaterThan(still);
    expect(conductivity(0)).toBeLessThan(BATTER.liquidWPerMK);
    expect(conductivity(60)).toBeCloseTo(0.51, 2);
    expect(conductivity(90)).toBeGreaterThan(BATTER.liquidWPerMK * 1.5);
    expect(conductivity(130)).toBe(conductivity(99));
  });
});

describe("a heat potential", () => {
  const { k, phi, fill } = heatPotential(conductivity);

  it("is the integral of its conductivity: its slope is k", () => {
    for (const tempC of [5, 25, 55, 85])
      expect((phi(tempC + 0.25) - phi(tempC - 0.25)) / 0.5).toBeCloseTo(k(tempC), 3);
    // Of a conductivity that grows evenly the integral is exact: 1·T + 0.01·T²/2.
    expect(heatPotential((tempC) => 1 + 0.01 * tempC).phi(80)).toBeCloseTo(80 + 32, 9);
  });

  it("reads many at once as one by one, and stays at its ends beyond them", () => {
    const temps = Float64Array.from([-5, 0, 33.3, 99.9, 129.9, 400]);
    const [ks, phis] = [new Float64Array(6), new Float64Array(6)];
    fill(
      temps.map((tempC) => Math.max(0, tempC)),
      ks,
      phis,
    );
    expect([...ks]).toEqual([...temps].map(k));
    expect([...phis]).toEqual([...temps].map(phi));
    expect(k(-5)).toBe(k(0));
    expect(k(400)).toBeCloseTo(k(130), 4);
  });
});
