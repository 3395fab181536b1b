import { describe, expect, it } from "vitest";
import { coolingOfParts } from "./cooling-told";

const parts = (...texts: readonly string[]) => [
  {
    steps: ["Beat it all and fill the tin.", "Bake for 40 minutes.", ...texts].map((text, at) => ({
      id: `s${at}`,
      text,
    })),
  },
];

describe("how a recipe has its cake out of the tin", () => {
  it.each([
    ["Cool in the tin for 15 minutes, then turn out and cool on a rack for 2 hours.", 15],
    ["Stand 10 mins. in the tins before turning out on racks.", 10],
    ["Ten minutes in the pan, then out onto the rack.", 10],
    ["Turn out after a quarter of an hour.", 15],
    ["Let it sit five minutes and turn it out.", 5],
    ["Take them out of the pans after 5 minutes so they don't sweat.", 5],
    ["Stand the tins on racks 20 minutes, turn the cakes out and peel off the paper.", 20],
    ["Rest it in the muffin tray 5 to 7 minutes, then lift out onto a rack.", 6],
    ["Leave in the tin until barely warm, about 40 minutes, then lift it out.", 40],
    ["Leave it in the pan. Leave it in the pan for one hour.", 60],
  ])("%s", (text, inTinMin) => {
    expect(coolingOfParts(parts(text))).toEqual({ inTinMin });
  });

  it.each([
    "Leave in the tin till quite cold.",
    "Now leave it in the pan on a rack.",
    "Set the pan on a rack and don't touch it until it is completely cool.",
    "Let it get cold in the tin, 4 hours.",
    "Turn the tin upside down over a bottle and leave it hanging for 2 hours.",
  ])("%s: until it is cold", (text) => {
    expect(coolingOfParts(parts(text))).toEqual({ until: "cold" });
  });

  it.each([
    ["Cool for 10 minutes, then frost it in the pan."],
    ["Leave in the tin until cold.", "Cut into twelve and serve straight from the tin."],
    ["It stays in the dish."],
  ])("%s: it stays", (...texts) => {
    expect(coolingOfParts(parts(...texts))).toEqual({ stays: true });
  });

  it.each([
    ["Cool in the tins overnight.", { until: "cold", overnight: true }],
    ["Leave the cake in its tin until the next day.", { until: "cold", overnight: true }],
    [
      "Ten minutes in the tin, then out onto a rack, a clean tea towel over it, covered till tomorrow.",
      { inTinMin: 10, covered: true, overnight: true },
    ],
    ["Turn the oven off and leave it inside with the door ajar for an hour.", { offOvenMin: 60 }],
    ["Switch off the oven. Leave it in with the door ajar for 20 minutes.", { offOvenMin: 20 }],
    [
      "Stand 5 minutes in the tin, then invert onto a plate so the pears are on top.",
      { inTinMin: 5, turned: "once" },
    ],
    [
      "Cool in the tin for 10 minutes, turn out and set it right way up on a rack.",
      { inTinMin: 10, turned: "twice" },
    ],
    ["Leave it to cool under a damp cloth.", { covered: true }],
    [
      "Let it stand 5 minutes in the tin. Put a platter on top and flip.",
      { inTinMin: 5, turned: "once" },
    ],
    ["Leave in the switched-off oven for 60 minutes with the door ajar.", { offOvenMin: 60 }],
    [
      "Cool in the tins for 10 minutes, turn out, peel off the paper, and leave on a rack for 90 minutes.",
      { inTinMin: 10 },
    ],
  ])("%s: %j", (text, told) => {
    expect(coolingOfParts(parts(text))).toEqual(told);
  });

  it.each([
    "Cover the cake with the icing and let it set.",
    "Chill it overnight in the fridge, covered.",
    "Turn off the mixer and leave the cream for 5 minutes.",
    "Turn out onto a rack and cool for 1 hour.",
    "Simmer the juice in the pan for 5 minutes.",
    "Warm the jam in a small pan until it spreads and brush it over.",
    "Keep in a tin for a week.",
    "Dust with sugar after 20 minutes.",
  ])("%s: nothing of the tin", (text) => {
    expect(coolingOfParts(parts(text))).toBeNull();
  });

  it("is told by a topping's steps where the batter's say nothing, and by nothing before the bake", () => {
    expect(
      coolingOfParts([
        {
          steps: [
            { id: "s1", text: "Rest the batter in the tin for 20 minutes.", stage: "before" },
          ],
        },
        { steps: [{ id: "s2", text: "Leave 5 minutes in the tray.", stage: "hot" }] },
      ]),
    ).toEqual({ inTinMin: 5 });
  });
});
