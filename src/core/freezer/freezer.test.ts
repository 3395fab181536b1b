import fc from "fast-check";
import { format, parseISO } from "date-fns";
import { describe, expect, it } from "vitest";
import {
  bestBefore,
  comingOut,
  LABEL_SHEETS,
  labelPlaces,
  movedPortions,
  parcels,
  parsePortions,
  PUT_AWAY,
  PUT_AWAY_ROWS,
  putAwayIssue,
  putBack,
  SHEET_PAPERS,
  takeOutAt,
  thawing,
  urgency,
  type Portions,
} from ".";

const SPONGE: Portions = {
  name: "Gull Rock ginger layers",
  what: "cake",
  count: 12,
  left: 8,
  eachG: 85,
  keeping: { roomHours: 72, fridgeDays: 6, freezerMonths: 3 },
  isCold: false,
  allergens: ["wheat", "egg"],
  madeOn: "2026-09-12",
  place: "freezer",
  thawedOn: "",
  bestBefore: "",
  wantedAt: "",
  cakeId: null,
  notes: "",
};

describe("best before", () => {
  it.each([
    ["freezer", {}, "2026-12-12"],
    ["fridge", { place: "fridge" }, "2026-09-18"],
    ["room", { place: "room" }, "2026-09-15"],
    ["what the baker says", { bestBefore: "2026-10-01" }, "2026-10-01"],
    ["thawed into the fridge", { place: "fridge", thawedOn: "2026-11-01" }, "2026-11-04"],
    [
      "thawed, and good for a day",
      { place: "room", thawedOn: "2026-11-01", keeping: { ...SPONGE.keeping, roomHours: 30 } },
      "2026-11-02",
    ],
    [
      "two hours in the room: the same day",
      { place: "room", keeping: { ...SPONGE.keeping, roomHours: 2 } },
      "2026-09-12",
    ],
    // Three months after the end of November is the end of February.
    ["a short month", { madeOn: "2026-11-30" }, "2027-02-28"],
  ] as const)("%s", (_, changes, day) => {
    expect(bestBefore({ ...SPONGE, ...(changes as Partial<Portions>) })).toBe(day);
  });

  it("is past, soon or later by the day", () => {
    const on = (today: string) => urgency(SPONGE, today);
    expect([on("2026-12-13"), on("2026-12-12"), on("2026-12-05"), on("2026-12-04")]).toEqual([
      "past",
      "soon",
      "soon",
      "later",
    ]);
  });

  it("before it was made is refused, and so is the freezer for what does not freeze", () => {
    expect(putAwayIssue(SPONGE)).toBeNull();
    expect(putAwayIssue({ ...SPONGE, bestBefore: "2026-09-11" })).toEqual({
      code: "best-before-made",
      bestBefore: "2026-09-11",
      madeOn: "2026-09-12",
    });
    const never = { ...SPONGE, keeping: { ...SPONGE.keeping, freezerMonths: 0 } };
    expect(putAwayIssue(never)).toEqual({ code: "not-for-the-freezer" });
    expect(putAwayIssue({ ...never, bestBefore: "2026-10-01" })).toBeNull();
    expect(putAwayIssue({ ...never, place: "fridge" })).toBeNull();
  });
});

describe("portions that are moved", () => {
  it("count their days anew from the day they were thawed, and never longer than before", () => {
    const thawed = movedPortions(SPONGE, "fridge", "2026-11-01");
    expect([thawed.thawedOn, bestBefore(thawed)]).toEqual(["2026-11-01", "2026-11-04"]);
    expect(movedPortions(thawed, "room", "2026-11-02").thawedOn).toBe("2026-11-01");
    expect(movedPortions({ ...SPONGE, bestBefore: "2026-10-01" }, "fridge", "2026-11-01")).toEqual(
      thawed,
    );
    fc.assert(
      fc.property(
        fc.constantFrom("fridge", "room"),
        fc.integer({ min: 0, max: 40 }),
        (place, days) => {
          const keeping = { roomHours: 24 * days, fridgeDays: days, freezerMonths: 3 };
          const moved = movedPortions({ ...SPONGE, keeping }, place, "2026-10-01");
          expect(bestBefore(moved) <= "2026-10-04").toBe(true);
        },
      ),
    );
  });
});

it("portions put back after a move are where they were, and what was taken since stays taken", () => {
  const before = { ...SPONGE, bestBefore: "2026-10-01" };
  const taken = { ...movedPortions(before, "fridge", "2026-09-20"), left: 3 };
  expect(putBack(taken, before)).toEqual({ ...before, left: 3 });
});

describe("thawing", () => {
  it("is in the room where that may be, in the fridge for what must stay cold", () => {
    expect(thawing(SPONGE)).toEqual({ where: "room", hours: { from: 1, to: 2 }, then: "warm" });
    expect(thawing({ ...SPONGE, isCold: true })).toEqual({
      where: "fridge",
      hours: { from: 6, to: 10 },
      then: "nothing",
    });
    expect(thawing({ what: "batter", isCold: false }).where).toBe("fridge");
  });

  it("begins so early that the slowest is in time", () => {
    const out = (what: Portions["what"], isCold: boolean, wanted: string): string =>
      format(takeOutAt({ what, isCold }, parseISO(wanted)), "yyyy-MM-dd HH:mm");
    expect(out("cake", false, "2026-12-05T15:00")).toBe("2026-12-05 13:00");
    expect(out("layers", true, "2026-12-05T19:00")).toBe("2026-12-05 07:00");
    // Half past six in the morning, and eleven at night, are the evening before.
    expect(out("layers", true, "2026-12-05T18:30")).toBe("2026-12-04 21:00");
    expect(out("layers", true, "2026-12-05T11:00")).toBe("2026-12-04 21:00");
    expect(out("cake", false, "2026-12-05T08:30")).toBe("2026-12-04 21:00");
  });

  it("stands on the day it comes out and on the day it is wanted, and on no other", () => {
    const rows = [
      { id: "layers", portions: { ...SPONGE, what: "layers", wantedAt: "2026-12-05T08:00" } },
      { id: "slices", portions: { ...SPONGE, what: "cake", wantedAt: "2026-12-05T15:00" } },
      { id: "eaten", portions: { ...SPONGE, left: 0, wantedAt: "2026-12-05T15:00" } },
      { id: "thawed", portions: { ...SPONGE, place: "fridge", wantedAt: "2026-12-05T15:00" } },
      { id: "any day", portions: { ...SPONGE, wantedAt: "" } },
    ] as const;
    const on = (from: string, to = from) => comingOut(rows, from, to).map(({ id }) => id);
    expect(on("2026-12-04")).toEqual(["layers"]);
    expect(on("2026-12-05")).toEqual(["layers", "slices"]);
    expect(on("2026-12-03")).toEqual([]);
    expect(on("2026-12-06", "2026-12-31")).toEqual([]);
    expect(on("2026-11-30", "2026-12-06")).toEqual(["layers", "slices"]);
  });

  it("takes longer in the fridge than in the room, whatever it is", () => {
    for (const what of PUT_AWAY) {
      const { inRoom, inFridge } = PUT_AWAY_ROWS[what];
      expect(inFridge.from).toBeLessThan(inFridge.to);
      if (inRoom !== null) expect(inRoom.to).toBeLessThan(inFridge.from);
    }
  });
});

describe("labels", () => {
  it.each(LABEL_SHEETS)(
    "of $id lie on their page without touching its edge or each other",
    (sheet) => {
      const page = SHEET_PAPERS[sheet.paper];
      const places = labelPlaces(sheet);
      expect(places).toHaveLength(sheet.columns * sheet.rows);
      for (const { xMm, yMm } of places) {
        expect(xMm).toBeGreaterThan(3);
        expect(yMm).toBeGreaterThan(3);
        expect(xMm + sheet.widthMm).toBeLessThan(page.widthMm - 3);
        expect(yMm + sheet.heightMm).toBeLessThan(page.heightMm - 3);
      }
      const [first, second] = places;
      if (first === undefined || second === undefined) throw new Error("no labels");
      expect(second.xMm - first.xMm).toBeCloseTo(sheet.widthMm + sheet.gapMm, 9);
    },
  );

  it("of a common sheet begin where such sheets are cut", () => {
    const firsts = LABEL_SHEETS.filter(({ id }) => id === "a4-21").map((it) => labelPlaces(it)[0]);
    expect(firsts).toHaveLength(1);
    expect(firsts[0]?.xMm).toBeCloseTo(7.21, 2);
    expect(firsts[0]?.yMm).toBeCloseTo(15.15, 2);
  });

  it("are one a parcel, and the last parcel holds the rest", () => {
    expect(parcels(10, 4)).toEqual([4, 4, 2]);
    expect(parcels(8, 8)).toEqual([8]);
    expect(parcels(0, 3)).toEqual([]);
    expect(() => parcels(4, 0)).toThrow("portions to a parcel must be 1 or more, got 0");
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 3000 }),
        fc.integer({ min: 1, max: 3000 }),
        (left, each) => {
          const all = parcels(left, each);
          expect(all.reduce((sum, count) => sum + count, 0)).toBe(left);
          expect(all.every((count) => count >= 1 && count <= each)).toBe(true);
        },
      ),
    );
  });
});

it.each([
  ["3,001 portions", { count: 3001 }],
  ["none at all", { count: 0 }],
  ["no name", { name: "  " }],
  ["a date that is none", { madeOn: "2026-02-30" }],
  ["a place nobody knows", { place: "shed" }],
])("portions of %s are refused", (_, changes) => {
  expect(parsePortions(SPONGE).ok).toBe(true);
  expect(parsePortions({ ...SPONGE, ...changes }).ok).toBe(false);
});
