import { describe, expect, it } from "vitest";
import { FIRST_QUESTION, readQuestion, type Question } from "@/core/ask";
import { planCake, serveDetail, type ServedCake } from "@/core/plan";
import { keepingOf } from "@/core/serve";
import { METRIC } from ".";
import { cuttingIssueText, guestsText, keepingLines, knifeSteps, pieceText } from "./serving";
import { unitsOfRegion } from "./regions";

const US = unitsOfRegion("us");
const spaced = (text: string): string => text.replaceAll("\u00a0", " ");

function cake(changes: Partial<Question>): ServedCake {
  const { input } = readQuestion({ ...FIRST_QUESTION, ...changes }, { size: "metric", heat: "C" });
  const plan = input.ok ? planCake(input.value) : input;
  if (!input.ok || !plan.ok) throw new Error(JSON.stringify(plan));
  const [first] = serveDetail(input.value, plan.value).cakes;
  if (first === undefined) throw new Error("nothing served");
  return first;
}

describe("a piece in words", () => {
  it.each<[Partial<Question>, RegExp]>([
    [
      { tins: ["24 x 6 cm springform"], pieces: "12" },
      /^12\d mm long, 6\d mm across the back, \d+ g$/u,
    ],
    [{ tins: ["33 x 23 x 5 cm rectangle"], pieces: "15" }, /^7\d mm × 6\d mm, \d+ g$/u],
    [
      { tins: ["24 x 6 cm springform"], cut: "strips", pieces: "16" },
      /^about \d+ mm × \d+ mm, \d+ g$/u,
    ],
    [{ tins: ["12 cups"] }, /^one each, \d+ g$/u],
  ])("of %j is %s", (changes, words) => {
    expect(spaced(pieceText(cake(changes), METRIC))).toMatch(words);
  });
});

describe("the knife in words", () => {
  it.each<[Partial<Question>, string]>([
    [{ tins: ["24 x 6 cm springform"], pieces: "8" }, "Straight across through the middle."],
    [
      { tins: ["24 x 6 cm springform"], pieces: "7" },
      "Mark the pieces round the edge first: an odd number has no straight lines through.",
    ],
    [
      { tins: ["fluted ring 25 cm"] },
      "Mark opposite places on the rim first, then halve what lies between.",
    ],
    [
      { tins: ["33 x 23 x 5 cm rectangle"], pieces: "24" },
      "The long lines first, the middle one, then each half again.",
    ],
    [{ tins: ["24 x 6 cm springform"], pieces: "1" }, "It is served whole."],
    [{ tins: ["12 cups"] }, "It is served whole."],
  ])("for %j begins: %s", (changes, first) => {
    expect(knifeSteps(cake(changes), METRIC)[0]).toBe(first);
  });
});

it.each([
  ["ribbons", 23, 24, "23 pieces only come out as ribbons. Shown cut in 24."],
  [
    "too-many-pieces",
    90,
    16,
    "90 pieces are too many: each would be too narrow to stand. Shown cut in 16.",
  ],
  ["not-so", 6, null, "This cake can't be cut so in 6. Shown cut as usual for its shape."],
] as const)("%s of %d says what is shown instead", (code, pieces, nearest, text) => {
  expect(cuttingIssueText({ code, pieces, nearest })).toBe(text);
});

it("says how long it keeps in the kitchen's own degrees", () => {
  expect(
    spaced(
      keepingLines(
        keepingOf({ kind: "creamed", on: [], hasFreshFruit: false, hasColdPart: false }),
        METRIC,
      ).join(" "),
    ),
  ).toBe(
    "In a cool room, covered: 3 days. In the fridge, 5 °C or below: 6 days; let it come to the room before it is eaten. In the freezer: 3 months, in pieces, wrapped, with name and date on each.",
  );
  const cold = spaced(
    keepingLines(
      keepingOf({
        kind: "creamed",
        on: ["whipped-cream"],
        hasFreshFruit: false,
        hasColdPart: false,
      }),
      US,
    ).join(" "),
  );
  expect(cold).toContain("no more than 2 hours in all; 1 hour above 90 °F");
  expect(cold).toContain("In the fridge, 40 °F or below: 2 days.");
  expect(cold).toContain("In the freezer: a month");
});

it("says whether there is a piece for each guest, and what would give one", () => {
  const sizes = [
    { kind: "round", diameterMm: 230, pieces: 22 },
    { kind: "block", lengthMm: 230, widthMm: 230, pieces: 30 },
  ] as const;
  expect(spaced(guestsText({ asked: 20, times: 2, sizes }, 12, METRIC))).toBe(
    "12 pieces for 20 guests: make it 2 times, or larger. One cake that is: a round of 23 cm, or a sheet of 23 cm by 23 cm.",
  );
  expect(spaced(guestsText({ asked: 11, times: 1, sizes: [] }, 12, METRIC))).toBe(
    "Enough for 11 guests, 1 piece over. No single cake of a usual size is enough.",
  );
  expect(spaced(guestsText({ asked: 12, times: 1, sizes }, 12, US))).toContain(
    "Enough for 12 guests, to the piece. One cake that is: a round of 9 in",
  );
});
