import { describe, expect, it } from "vitest";
import { doneness, ovenOffset } from "@/core/bake";
import { FIRST_QUESTION, readQuestion } from "@/core/ask";
import { planCake } from "@/core/plan";
import { dialText, METRIC } from ".";
import { adviceText, againstText, checkText, donenessText, offsetText, whyHeatText } from "./bakes";
import { unitsOfRegion } from "./regions";

const US = unitsOfRegion("us");
/** Between a figure and its unit. */
const spaced = (text: string): string => text.replaceAll("\u00a0", " ");

describe("words of the bake", () => {
  it.each([
    [{ dialC: 177, dialMark: "4", dialScale: "gas" }, "gas 4"],
    [{ dialC: 176.7, dialMark: null, dialScale: "F" }, "350 °F"],
    [{ dialC: 171, dialMark: null, dialScale: "C" }, "171 °C"],
    [{ dialC: 171, dialMark: null, dialScale: null }, "340 °F"],
  ] as const)("the dial %j is %s in a kitchen of °F", (dial, text) => {
    expect(spaced(dialText(dial, US))).toBe(text);
  });

  it.each([
    ["less", "less", "flatter, less to trim; paler"],
    ["same", "same", "crown and colour as in the recipe"],
    ["more", "same", "higher crown, more to trim; colour as in the recipe"],
  ] as const)("crown %s and crust %s", (crown, crust, text) => {
    expect(againstText({ crown, crust }, METRIC)).toBe(text);
  });

  it("says how far an oven is off, and how sure that is", () => {
    expect(spaced(offsetText(ovenOffset([{ dialC: 180, trueC: 174 }], 180), METRIC))).toBe(
      "6 °C cooler than its dial says, give or take 6 °C",
    );
    expect(spaced(offsetText(ovenOffset([{ dialC: 180, trueC: 180 }], 180), METRIC))).toBe(
      "true to its dial, give or take 6 °C",
    );
    expect(offsetText(null, METRIC)).toContain("no readings yet");
  });

  it("says when a cake is done by the two signs to trust", () => {
    expect(spaced(donenessText(doneness("creamed"), METRIC))).toBe(
      "Done when a tester comes out clean and the top springs back: trust these two. A probe in the middle then reads 96 to 98 °C.",
    );
    expect(spaced(donenessText(doneness("baked-cheese"), METRIC))).toBe(
      "Done when the edge is set and the middle trembles and the core is at 71 to 74 °C: trust these two.",
    );
  });

  it("says what to do after a look", () => {
    expect(spaced(adviceText({ verdict: "wait", moreMin: 5, signs: [], foil: true }, METRIC))).toBe(
      "5 min more, then look again. Lay foil over it loosely: it is dark enough.",
    );
    expect(
      adviceText(
        {
          verdict: "out",
          because: "two-signs",
          signs: ["tester", "spring"],
          isPale: true,
        },
        METRIC,
      ),
    ).toBe("Out: two signs agree. It is pale, but colour alone is no reason to wait.");
  });

  it.each([
    [38, "Worked out cell by cell it comes to 38 min too."],
    [40, "Worked out cell by cell it comes to 40 min too."],
    [41, "Worked out cell by cell it comes to 41 min, inside the window."],
    [46, "Worked out cell by cell it comes to 46 min: look early and often."],
    [32, "Worked out cell by cell it comes to 32 min: look early and often."],
  ])("checks a forecast of 39, 33 to 45, against a solved %d", (solved, text) => {
    expect(
      spaced(
        checkText(solved, {
          doorShutUntilMin: 27,
          firstLookMin: 33,
          likelyMin: 39,
          notPastMin: 45,
        }),
      ),
    ).toBe(text);
  });

  it("gives the reason for the heat from the numbers of the plan", () => {
    const { input } = readQuestion(
      { ...FIRST_QUESTION, tins: ["18 x 7.5 cm round"] },
      { size: "metric", heat: "C" },
    );
    const plan = input.ok ? planCake(input.value) : input;
    if (!plan.ok) throw new Error(JSON.stringify(plan.issue));
    const solved = { crown: "more", crust: "same", minutes: 60, rimAheadMin: 31 } as const;
    const deeper = Math.round(
      (plan.value.fill.tins[0]?.depthMm ?? 0) - (plan.value.reference.tins[0]?.depthMm ?? 0),
    );
    expect(
      spaced(
        whyHeatText(
          plan.value,
          0,
          solved,
          { ovenC: 180, solved: { ...solved, rimAheadMin: 36 } },
          METRIC,
        ),
      ),
    ).toBe(
      `Why lower: the batter is ${deeper} mm deeper than in the recipe's own tins, so the middle needs longer to catch up. At 165 °C the rim is set 31 min before the middle; at 180 °C it would be 36 min.`,
    );
  });
});
