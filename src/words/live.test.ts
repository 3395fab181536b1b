import { describe, expect, it } from "vitest";
import type { Doing, Task } from "@/core/day";
import { METRIC } from ".";
import { comingText, countdown, rungText, spareText, timerText } from "./clocks";
import { nextText, ordinal, stepWords, WAY_WORDS } from "./live";
import { deviceTroubleText, pouredText, toGoText } from "./devices";
import { unitsOfRegion } from "./regions";

const US = unitsOfRegion("us");
const spaced = (text: string): string => text.replaceAll("\u00a0", " ");
const task = (doing: Doing, minutes = 10): Task => ({
  id: "0.x",
  cake: 0,
  station: "mix",
  doing,
  minutes,
  needs: [],
  after: [],
});
const FACTS = { dialText: "gas\u00a04", doorShutMin: 28, firstLookMin: 33, source: "gas" } as const;

describe("words at the bench", () => {
  it.each([
    [6.34, "6:21"],
    [0, "0:00"],
    [-3, "0:00"],
    [0.001, "0:01"],
    [59.999, "1:00:00"],
    [65, "1:05:00"],
    [5 / 60, "0:05"],
  ])("count %d minutes down as %s", (minutes, expected) => {
    expect(countdown(minutes)).toBe(expected);
  });

  it("say what to do, why, and what is on the button", () => {
    const on = stepWords(task({ do: "warm-up", ovenC: 177 }, 15), METRIC, FACTS);
    expect(spaced(on.title)).toBe("Set the oven to gas 4");
    expect(spaced(on.why)).toBe(
      "Give it 15 min: it is warm through, not only its air. Light it as its maker says.",
    );
    expect(
      stepWords(task({ do: "bake", tins: 2, load: 1, loads: 1 }), METRIC, FACTS),
    ).toMatchObject({ title: "Both tins into the oven" });
    expect(
      spaced(stepWords(task({ do: "bake", tins: 1, load: 1, loads: 1 }), METRIC, FACTS).why),
    ).toContain("door stays shut for 28 min");
    const long =
      "Cream the butter and the sugar on medium speed for five minutes, until it is pale and fluffy, and scrape the bowl down twice.";
    expect(stepWords(task({ do: "step", text: long, isWait: false }), METRIC, FACTS).title).toBe(
      long.slice(0, -1),
    );
    expect(
      stepWords(task({ do: "step", text: `${long} ${long}`, isWait: false }), METRIC, FACTS).title
        .length,
    ).toBeLessThanOrEqual(90);
    expect(nextText({ do: "bake", tins: 2, load: 1, loads: 1 })).toBe("In, start the clock");
    expect(
      [true, false].map((isWait) => nextText({ do: "step", text: "Rest it.", isWait })),
    ).toEqual(["Start the clock", "Done, next"]);
    expect(stepWords(task({ do: "take-out", load: 1, loads: 1 }), METRIC, FACTS).why).toContain(
      "a wet one scalds",
    );
  });

  it("name clocks by what they wait for", () => {
    expect(timerText({ do: "turn-out", tins: 2 }, true, METRIC)).toBe("Standing in the tin");
    expect(spaced(timerText({ do: "warm-up", ovenC: 177 }, false, US))).toBe(
      "Oven coming up to 350 °F",
    );
    expect(rungText({ do: "look-and-bake-on", load: 1, loads: 1 }, false, METRIC)).toBe(
      "Look at the cake now",
    );
    expect(comingText({ do: "bake", tins: 2, load: 1, loads: 1 }, true, METRIC)).toBe(
      "look at the cake",
    );
    expect(comingText({ do: "cool" }, true, METRIC)).toBe("Cold at its core by now");
    expect(rungText({ do: "turn-out", tins: 2 }, false, METRIC)).toBe("Now: Turn out 2 cakes");
    expect(rungText({ do: "step", text: "Rest it.", isWait: true }, true, METRIC)).toBe(
      "Time is up: Rest it",
    );
  });

  it.each([
    [22.4, "22 min spare"],
    [0.2, "0 min spare"],
    [-12.4, "12 min late"],
    [-140, "2 h 20 min late"],
  ])("say %d minutes as %s", (spare, expected) => {
    expect(spaced(spareText(spare))).toBe(expected);
  });

  it("tell the scale to the gram, and what is still to pour", () => {
    expect(spaced(pouredText(417.6, METRIC))).toBe("418 g");
    expect(spaced(pouredText(100, US))).toBe("3.53 oz");
    expect([
      spaced(toGoText(418, 655, 7, METRIC)),
      toGoText(650, 655, 7, METRIC),
      spaced(toGoText(680, 655, 7, METRIC)),
    ]).toEqual(["237 g to go", "full", "25 g too much: spoon it out"]);
  });

  it("count tins, name faults, and give every way to save time its cost", () => {
    expect([0, 11, 12, 20, 21, 22, 110].map(ordinal)).toEqual([
      "first",
      "twelfth",
      "13th",
      "21st",
      "22nd",
      "23rd",
      "111th",
    ]);
    expect(deviceTroubleText("scale", "lost")).toBe(
      "Scale is gone. Pour by eye to the line, or by weight once it is back.",
    );
    expect(deviceTroubleText("core-probe", "jumped")).toBe(
      "Core probe jumped: that reading was not taken.",
    );
    for (const { what, cost } of Object.values(WAY_WORDS))
      expect([what.length > 8, cost.length > 8]).toEqual([true, true]);
  });
});
