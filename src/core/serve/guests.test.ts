import { expect, it } from "vitest";
import { cakeTop, cutTop, discTop, sizesForGuests, usualPieces } from ".";
import { tinGeometry } from "../tin";

it("gives the smallest round and sheet with a piece for each guest", () => {
  // Sheets by 38 x 50: 15 x 15 cm is 4 rows of 3, 20 x 20 is 5 of 4, 23 x 23 is 6 of 5, 33 x 23 is
  // 6 of 7.
  const sheet = (guests: number): unknown =>
    sizesForGuests(guests, "dessert").find(({ kind }) => kind === "block");
  expect(sheet(12)).toEqual({ kind: "block", lengthMm: 150, widthMm: 150, pieces: 12 });
  expect(sheet(13)).toMatchObject({ lengthMm: 200, pieces: 20 });
  expect(sheet(30)).toMatchObject({ lengthMm: 230, widthMm: 230, pieces: 30 });
  expect(sheet(31)).toMatchObject({ lengthMm: 330, widthMm: 230, pieces: 42 });
  // A round of 20 cm: 12 wedges, or π·100² over 38·50 in strips.
  expect(sizesForGuests(16, "dessert")[0]).toMatchObject({
    kind: "round",
    diameterMm: 200,
    pieces: Math.round((Math.PI * 100 ** 2) / 1900),
  });
});

it("never gives too few, nor a size where the next smaller would do, and can really be cut", () => {
  for (let guests = 1; guests <= 90; guests += 1) {
    for (const size of ["party", "dessert"] as const) {
      for (const found of sizesForGuests(guests, size)) {
        expect(found.pieces).toBeGreaterThanOrEqual(guests);
        if (found.kind !== "round") continue;
        const smaller = discTop("round", found.diameterMm / 2 - 25, 0);
        if (found.diameterMm > 130)
          expect(
            Math.max(usualPieces(smaller, "wedges", size), usualPieces(smaller, "strips", size)),
          ).toBeLessThan(found.pieces);
      }
    }
  }
});

it("offers nothing beyond the largest tin, and refuses part of a guest", () => {
  expect(sizesForGuests(500, "dessert")).toEqual([]);
  expect(() => sizesForGuests(0, "party")).toThrow("guests must be a whole number from 1, got 0");
  const geometry = tinGeometry({ shape: "rectangle", lengthMm: 330, widthMm: 230, depthMm: 50 });
  if (!geometry.ok) throw new Error("no tin");
  expect(cutTop(cakeTop(geometry.value, 30), "grid", 42, "dessert").ok).toBe(true);
});
