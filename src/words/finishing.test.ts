import { describe, expect, it } from "vitest";
import { FIRST_QUESTION } from "@/core/ask";
import type { Quantity, Why } from "@/core/build";
import { nextSpoon, POUR_WINDOWS } from "@/core/finish";
import { METRIC } from ".";
import {
  frostingName,
  buildRemarkText,
  finishedWith,
  nextSpoonText,
  pourText,
  quantityName,
  sheetText,
  stuffName,
  thickText,
  whyAmountText,
} from "./finishing";
import { unitsOfRegion } from "./regions";

const US = unitsOfRegion("us");
const plain = (text: string): string => text.replaceAll(/[\u00a0\u202f]/gu, " ");
const quantity = (why: Why, more: Partial<Quantity> = {}): Quantity => ({
  thing: "top",
  stuff: "butter-and-sugar",
  index: 0,
  times: 1,
  volumeMl: 250,
  massG: 200,
  count: null,
  piece: null,
  why,
  ...more,
});

describe("why a quantity is what it is", () => {
  it.each<[Why, string]>([
    [
      { how: "between", gaps: 3, thickMm: 5, areaMm2: 31_416 },
      "3 gaps × 5 mm × 314 cm² = 250 mL, 200 g, at 0.8 g to the mL.",
    ],
    [
      { how: "ring-between", gaps: 1, thickMm: 6, areaMm2: 31_416, insideMm2: 22_698 },
      "6 mm × (314 cm² − 227 cm² inside the dam) = 250 mL, 200 g, at 0.8 g to the mL.",
    ],
    [
      {
        how: "round",
        grownMm2: 36_644,
        grownHeightMm: 48,
        areaMm2: 31_416,
        heightMm: 40,
        hiddenMm3: 0,
        lessMm3: 120_000,
      },
      "366 cm² with the coat on × 48 mm high − 314 cm² × 40 mm of cake − 120 mL of first coat = 250 mL, 200 g, at 0.8 g to the mL.",
    ],
    [
      { how: "along", lengthMm: 641, sectionMm2: 72 },
      "64 cm of piping × 72 mm² of section = 250 mL, 200 g, at 0.8 g to the mL.",
    ],
    [{ how: "each", count: 12, eachMl: 31.02 }, "12 × 31 mL = 250 mL, 200 g, at 0.8 g to the mL."],
    [
      {
        how: "poured",
        areaMm2: 31_416,
        thickMm: 2.5,
        sideMm2: 46_000,
        sideThickMm: 1.8,
        poolFraction: 0.25,
      },
      "(314 cm² × 2.5 mm + 460 cm² of side × 2 mm) and 25 % for the pool, caught and used again = 250 mL, 200 g, at 0.8 g to the mL.",
    ],
    [
      { how: "rolled", areaMm2: 120_000, thickMm: 4 },
      "1200 cm² rolled out × 4 mm = 250 mL, 200 g, at 0.8 g to the mL.",
    ],
  ])("%j", (why, text) => {
    expect(plain(whyAmountText(quantity(why), METRIC))).toBe(text);
  });

  it("tells a swirl by the spoons of a kitchen that has no millilitres", () => {
    const swirls = quantity({ how: "each", count: 12, eachMl: 31.02 });
    expect(plain(whyAmountText(swirls, US))).toMatch(/^12 × 2 tbsp = /u);
  });

  it("of several cakes is one of them so many times; what is laid on has no volume", () => {
    expect(
      plain(
        whyAmountText(
          quantity(
            { how: "by-area", areaMm2: 31_416, gPerCm2: 0.2 },
            { times: 2, volumeMl: null, massG: 126, stuff: "nuts" },
          ),
          METRIC,
        ),
      ),
    ).toBe("2 × (314 cm² × 0.2 g to the cm²) = 126 g.".replace("126", "125"));
    expect(
      plain(
        whyAmountText(
          quantity(
            { how: "by-weight", cakeG: 1000, mlPerKg: 80 },
            { volumeMl: 80, massG: 96, stuff: "syrup" },
          ),
          METRIC,
        ),
      ),
    ).toBe("1 000 g of cake × 80 mL to the kg = 80 mL, 95 g.");
  });

  it("is in inches where the kitchen is", () => {
    expect(
      plain(whyAmountText(quantity({ how: "over", areaMm2: 31_416, thickMm: 6.35 }), US)),
    ).toContain("48.7 sq in × 1/4 in");
  });
});

it("names what is counted by what it is", () => {
  expect(
    quantityName(
      quantity(
        { how: "each", count: 1, eachMl: 1 },
        { thing: "border", count: 50, piece: "shell" },
      ),
    ),
  ).toBe("border of 50 shells, buttercream");
  expect(quantityName(quantity({ how: "each", count: 1, eachMl: 1 }, { thing: "border" }))).toBe(
    "border, buttercream",
  );
  expect(
    quantityName(
      quantity({ how: "each", count: 1, eachMl: 1 }, { thing: "swirls", count: 1, piece: "swirl" }),
    ),
  ).toBe("1 swirl, buttercream");
  expect(
    quantityName(
      quantity(
        { how: "each", count: 1, eachMl: 1 },
        { thing: "swirls", count: 1, times: 12, piece: "swirl" },
      ),
    ),
  ).toBe("12 swirls, buttercream");
  expect(
    quantityName(
      quantity({ how: "each", count: 1, eachMl: 1 }, { thing: "topping", stuff: "nuts" }),
    ),
  ).toBe("chopped nuts");
  expect([stuffName("syrup"), stuffName("rolled-covering"), stuffName("curd")]).toEqual([
    "syrup",
    "fondant",
    "curd",
  ]);
});

it("says what to do next in spoons that are in the drawer", () => {
  expect(nextSpoonText(nextSpoon("butter-and-sugar", 800, ["too-stiff"]))).toBe(
    "Beat in 2 tsp of milk, 10 g, then look again.",
  );
  expect(nextSpoonText(nextSpoon("butter-and-sugar", 800, ["too-soft", "too-soft"]))).toBe(
    "Beat in 4 tbsp of icing sugar, 31 g, then look again. So far 4 tbsp went in.",
  );
  expect(nextSpoonText(nextSpoon("water-icing", 310, ["too-soft"]))).toBe(
    "Beat in 2 tbsp and 1/4 tsp of icing sugar, 16 g, then look again.",
  );
  expect(
    (["whip", "chill", "boil", "warm"] as const).map(
      (act) => nextSpoonText({ do: act }).length > 20,
    ),
  ).toEqual([true, true, true, true]);
});

it("says when to pour, and what has to stand under a tier", () => {
  expect(plain(pourText(POUR_WINDOWS["boiled-fudge"], METRIC))).toBe(
    "Pour at 70 °C to 80 °C, over the cake while it is warm: 5 to 15 min after the oven.",
  );
  expect(plain(pourText(POUR_WINDOWS["pouring-ganache"], METRIC))).toBe(
    "Pour at 32 °C to 35 °C, over the cold cake.",
  );
  expect(
    plain(buildRemarkText({ code: "supports-needed", tiers: 2, aboveG: 640 }, METRIC)),
  ).toContain("supports cut level with the tier below to carry the 640 g above");
  expect(buildRemarkText({ code: "soft-filling-without-dam", filling: "curd" }, METRIC)).toBe(
    "Curd slides out under a layer: pipe a dam of frosting round it.",
  );
  expect(buildRemarkText({ code: "one-layer-has-no-filling" }, METRIC)).toContain(
    "split it, or stack two",
  );
});

it("gives thin things to the half millimetre, sheets by their sides", () => {
  expect([1.5, 6, 8.3, 12.4].map((mm) => plain(thickText(mm, METRIC)))).toEqual([
    "1.5 mm",
    "6 mm",
    "8.5 mm",
    "12 mm",
  ]);
  expect([1.5, 6.35].map((mm) => plain(thickText(mm, US)))).toEqual(["1/16 in", "1/4 in"]);
  expect(plain(sheetText({ lengthMm: 377, widthMm: 377, isRound: true, areaMm2: 1 }, METRIC))).toBe(
    "a round 38 cm across",
  );
  expect(
    finishedWith({
      cover: "none",
      frosting: "butter-and-sugar",
      quantities: [
        quantity({ how: "each", count: 1, eachMl: 1 }, { thing: "topping", stuff: "nuts" }),
      ],
    } as never),
  ).toBe("chopped nuts");
});

it("calls a frosting as her region does", () => {
  const asked = { ...FIRST_QUESTION, frosting: "water-icing" } as const;
  expect(frostingName(asked, METRIC)).toBe("glacé icing");
  expect(frostingName(asked, US)).toBe("powdered sugar glaze");
});
