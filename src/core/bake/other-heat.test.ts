import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { otherMinutes } from "./other-heat";

const MUG = { massG: 150, minutes: 1.5, checkAtMin: null };
const POT = { massG: 900, minutes: 45, checkAtMin: 35 };

describe("minutes in a microwave and in a closed pot", () => {
  it("are the recipe's own in its own amount, and looked at when it says", () => {
    expect(otherMinutes("microwave", 150, MUG, 0)).toEqual({
      doorShutUntilMin: 1.5,
      firstLookMin: 1.5,
      likelyMin: 1.5,
      // By hand: 1.5 · e^(1.5 · 0.12) = 1.796.
      notPastMin: 1.75,
    });
    // 45 · e^0.18 = 53.9.
    expect(otherMinutes("closed-pot", 900, POT, 0)).toMatchObject({
      firstLookMin: 35,
      likelyMin: 45,
      notPastMin: 54,
    });
  });

  it("go with the mass in a microwave, and with the square of its cube root in a pot", () => {
    expect(otherMinutes("microwave", 300, MUG, 0).likelyMin).toBe(3);
    // 45 · 0.5^(2/3) = 28.3, and 35 · 28.3/45 = 22.0.
    expect(otherMinutes("closed-pot", 450, POT, 0)).toMatchObject({
      firstLookMin: 22,
      likelyMin: 28,
    });
    // σ = √(0.12² + (0.25 · ln 2)²) = 0.210: 3 · e^(−0.337) = 2.14, 3 · e^0.316 = 4.11.
    expect(otherMinutes("microwave", 300, MUG, 0)).toMatchObject({
      firstLookMin: 2.25,
      notPastMin: 4,
    });
  });

  it("are usual and wide where the recipe says none", () => {
    // By hand: 150 g · (2.9·75 + 226) J/g over 528 W is 126 s.
    const untold = otherMinutes("microwave", 150, { ...MUG, minutes: null }, 0);
    expect(untold.likelyMin).toBe(2);
    expect(untold.notPastMin / untold.likelyMin).toBeGreaterThan(1.4);
    expect(otherMinutes("closed-pot", 900, { ...POT, minutes: null }, 40).likelyMin).toBe(40);
  });

  it("stand in order, and more batter never takes less", () => {
    fc.assert(
      fc.property(
        fc.constantFrom("microwave" as const, "closed-pot" as const),
        fc.double({ min: 60, max: 360, noNaN: true }),
        fc.double({ min: 1, max: 90, noNaN: true }),
        (source, massG, told) => {
          const own = { massG: 150, minutes: told, checkAtMin: null };
          const { firstLookMin, likelyMin, notPastMin } = otherMinutes(source, massG, own, 0);
          expect(firstLookMin).toBeLessThanOrEqual(likelyMin);
          expect(likelyMin).toBeLessThanOrEqual(notPastMin);
          expect(otherMinutes(source, massG * 1.2, own, 0).likelyMin).toBeGreaterThanOrEqual(
            likelyMin,
          );
        },
      ),
    );
  });
});
