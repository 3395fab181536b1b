import { describe, expect, it } from "vitest";
import { madeAndUsed } from "./onto-cake";
import type { Stage, Step } from "./schema";

const step = (text: string, stage?: Stage): Step => ({
  id: text,
  text,
  ...(stage === undefined ? {} : { stage }),
});
const parted = (...steps: readonly Step[]) => {
  const { made, onto } = madeAndUsed(steps);
  return [made.map(({ text }) => text), onto.map(({ text }) => text)];
};

describe("a part's steps, parted where it goes onto the cake", () => {
  it.each(["Spread over the cooled cake.", "Sandwich the layers with it.", "Decorate with pears."])(
    "%s is done to the cake",
    (text) => {
      const beat = step("Beat the butter and icing sugar until pale.", "cold");
      expect(parted(beat, step(text, "cold"))).toEqual([[beat.text], [text]]);
    },
  );

  it("goes on with the cake once it has begun with it", () => {
    expect(
      parted(
        step("Melt the chocolate with the cream.", "hot"),
        step("Pour it over the cake.", "cold"),
        step("Whip what is left.", "cold"),
      ),
    ).toEqual([
      ["Melt the chocolate with the cream."],
      ["Pour it over the cake.", "Whip what is left."],
    ]);
  });

  it("leaves steps that say no stage as they are", () => {
    const steps = [step("Beat until smooth."), step("Spread over the cake.")];
    expect(madeAndUsed(steps)).toEqual({ made: steps, onto: [] });
  });

  it("keeps what is poured into a bowl with the making", () => {
    expect(parted(step("Pour the hot cream onto the chocolate and stir.", "cold"))[1]).toEqual([]);
  });
});
