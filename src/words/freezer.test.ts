import { describe, expect, it } from "vitest";
import { LABEL_SHEETS, type Portions } from "@/core/freezer";
import {
  eatByText,
  labelLines,
  labelSheetText,
  madeText,
  putAwayIssueText,
  takeOutText,
  thenText,
} from "./freezer";
import { METRIC, unitsOfRegion } from "./regions";

const US = unitsOfRegion("us");
const plain = (text: string): string => text.replaceAll(/[\u00a0\u202f]/gu, " ");
const LOAF: Portions = {
  name: "Pear loaf, sliced",
  what: "cake",
  count: 12,
  left: 8,
  eachG: 60,
  keeping: { roomHours: 72, fridgeDays: 6, freezerMonths: 3 },
  isCold: false,
  allergens: ["wheat", "egg"],
  madeOn: "2026-09-12",
  place: "freezer",
  thawedOn: "",
  bestBefore: "",
  wantedAt: "2026-12-05T15:00",
  cakeId: null,
  notes: "",
};

describe("what is put away is told", () => {
  it.each([
    ["2026-11-01", "best before 12 Dec"],
    ["2026-12-10", "best before 12 Dec: 2 days left"],
    ["2026-12-11", "best before 12 Dec: 1 day left"],
    ["2026-12-12", "best before the end of today"],
    ["2026-12-13", "was best before 12 Dec"],
    ["2027-01-13", "was best before 12 Dec 2026"],
  ])("by when it is eaten, on %s", (today, said) => {
    expect(eatByText(LOAF, METRIC, today)).toBe(said);
  });

  it("with when it was made, and thawed", () => {
    expect(madeText(LOAF, METRIC, "2026-12-01")).toBe("made 12 Sep");
    expect(madeText({ ...LOAF, thawedOn: "2026-11-30" }, US, "2026-12-01")).toBe(
      "made Sep 12, thawed Nov 30",
    );
  });

  it("with the hour it comes out, the day before where it thaws overnight", () => {
    expect(takeOutText(LOAF, METRIC)).toBe(
      "take out 8 pieces Sat 5 Dec at 13:00, to thaw in the room for Sat 5 Dec, 15:00",
    );
    expect(plain(takeOutText({ ...LOAF, what: "layers", left: 1, isCold: true }, US))).toBe(
      "take out 1 layer Fri, Dec 4 at 9:00 PM, to thaw in the fridge for Sat, Dec 5, 3:00 PM",
    );
  });

  it("on a label: years always, the parcel where there are several, warming in her degrees", () => {
    expect(labelLines(LOAF, { at: 2, of: 3, count: 3 }, METRIC)).toEqual([
      "Pear loaf, sliced",
      "3 pieces, parcel 2 of 3",
      "Made 12 Sep 2026, best before 12 Dec 2026",
      "Contains wheat, egg",
      "Thaw wrapped, 1 to 2 hours in the room. Warm, if you like: soft, 15 seconds a piece in the microwave; crisp, 8 minutes at 160\u00a0°C.",
    ]);
    const cold = labelLines(
      { ...LOAF, isCold: true, allergens: [] },
      { at: 1, of: 1, count: 8 },
      US,
    );
    expect(cold).toEqual([
      "Pear loaf, sliced",
      "8 pieces",
      "Made Sep 12, 2026, best before Dec 12, 2026",
      "Thaw wrapped, 6 to 10 hours in the fridge.",
    ]);
    expect(plain(thenText("warm", US))).toContain("8 minutes at 320 °F");
  });

  it("on sheets named by their size in her measures", () => {
    expect(LABEL_SHEETS.map((sheet) => labelSheetText(sheet, METRIC)).slice(0, 2)).toEqual([
      "A4, plain paper to cut: 10 of 95 × 55 mm",
      "A4, self-stick: 21 of 63.5 × 38.1 mm",
    ]);
    expect(labelSheetText(LABEL_SHEETS[4] ?? (LABEL_SHEETS[0] as never), US)).toBe(
      "Letter, self-stick: 30 of 2.63 × 1 in",
    );
  });

  it("with what is wrong, and what would be right", () => {
    expect(
      putAwayIssueText(
        { code: "best-before-made", bestBefore: "2025-09-11", madeOn: "2025-09-12" },
        METRIC,
      ),
    ).toBe("Best before 11 Sep 2025 is before it was made, 12 Sep 2025: choose a later day.");
    expect(putAwayIssueText({ code: "not-for-the-freezer" }, METRIC)).toContain("the fridge");
  });
});
