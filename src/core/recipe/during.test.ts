import { describe, expect, it } from "vitest";
import { duringTold, type During } from "./during";

const told = (minutes: number | null, ...texts: readonly string[]): During =>
  duringTold(
    [
      {
        role: "batter",
        steps: ["Beat it all and fill the tin.", ...texts, "Cool in the tin."].map((text, at) => ({
          id: `s${at}`,
          text,
          ...(at > 0 && at <= texts.length ? { stage: "oven" as const } : {}),
        })),
      },
    ],
    minutes,
  );

describe("what a recipe does to its cake in the oven", () => {
  it.each<[string, number | null, During]>([
    ["Bake for 60 minutes, turning the tin round after 30.", 60, [{ do: "turn", atMin: 30 }]],
    ["Bake for 24 minutes. Rotate the pans halfway through.", 24, [{ do: "turn", atMin: 12 }]],
    ["Bake 32-36 minutes, swapping the shelves half way.", 34, [{ do: "swap", atMin: 17 }]],
    ["Switch the racks at ten minutes.", 20, [{ do: "swap", atMin: 10 }]],
    ["Cover with foil for the last 20 minutes.", 60, [{ do: "foil", atMin: 40 }]],
    [
      "After an hour, lay a sheet of brown paper over it if it is dark.",
      150,
      [{ do: "foil", atMin: 60, ifNeeded: true }],
    ],
    [
      "Bake covered for 45 minutes, then take off the foil and bake for another 25 minutes.",
      70,
      [{ do: "uncover", atMin: 45 }],
    ],
    [
      "Bake at 220 °C for 5 minutes, then lower the oven to 175 °C and bake for 15 minutes more.",
      20,
      [{ do: "heat", atMin: 5, ovenC: 175 }],
    ],
    [
      "Bake 25 minutes. Scatter the almonds over and bake another 20 minutes.",
      45,
      [{ do: "add", atMin: 25, name: "Scatter the almonds over" }],
    ],
    [
      "After the first half hour, lay the citron strips across it.",
      75,
      [{ do: "add", atMin: 30, name: "Lay the citron strips across it" }],
    ],
    [
      "Brush with honey ten minutes before the end.",
      50,
      [{ do: "add", atMin: 40, name: "Brush with honey ten minutes before the end" }],
    ],
  ])("%s", (text, minutes, during) => {
    expect(told(minutes, text)).toEqual(during);
  });

  it.each([
    "Bake for 40 minutes, until the edges turn golden.",
    "Bake for 40 minutes. If the top browns too fast, cover with foil.",
    "Bake for 40 minutes, check at 30: the top should spring back.",
    "Don't lift the lid for 40 minutes.",
    "Bake for 40 minutes, then turn it out.",
    // Nothing is done in the oven after the bake.
    "Rotate the pan after 40 minutes.",
  ])("is nothing with a minute in: %s", (text) => {
    expect(told(40, text)).toEqual([]);
  });

  it("takes no minute that no bake lasts, and no heat that no cake is baked at", () => {
    expect(told(null, "Cover with foil after 5 hours.")).toEqual([]);
    expect(told(60, "Bake for 30 minutes, then lower the oven to 90 °C and bake on.")).toEqual([]);
  });

  it("leaves halfway to its words where nobody knows of what", () => {
    expect(told(null, "Bake until done, turning the tin round halfway.")).toEqual([]);
  });

  it("comes in the order of its minutes, from whatever part tells it", () => {
    expect(
      duringTold(
        [
          {
            role: "batter",
            steps: [
              { id: "s1", text: "Bake for 50 minutes.", stage: "oven" },
              { id: "s2", text: "Cover with foil after 40 minutes.", stage: "oven" },
            ],
          },
          {
            role: "topping",
            steps: [{ id: "s1", text: "Sprinkle the seeds over after 20 minutes.", stage: "oven" }],
          },
        ],
        50,
      ).map(({ atMin }) => atMin),
    ).toEqual([20, 40]);
  });
});
