import { describe, expect, it } from "vitest";
import { FROSTINGS } from "../build";
import { BATTER_KINDS } from "../kind";
import { COLD_ROOM_HOURS, keepingOf, type KeepingOf } from ".";

const PLAIN: KeepingOf = { kind: "creamed", on: [], hasFreshFruit: false, hasColdPart: false };

it("keeps as long as the cake and its frosting both do", () => {
  expect(keepingOf(PLAIN)).toEqual({
    roomHours: 72,
    fridgeDays: 6,
    freezerMonths: 3,
    because: null,
  });
  expect(keepingOf({ ...PLAIN, on: ["whipped-cream"] })).toEqual({
    roomHours: 2,
    fridgeDays: 2,
    freezerMonths: 1,
    because: "whipped-cream",
  });
  expect(keepingOf({ ...PLAIN, kind: "whisked", on: ["butter-and-sugar"] })).toEqual({
    roomHours: 48,
    fridgeDays: 4,
    freezerMonths: 2,
    because: null,
  });
});

describe("what must be kept cold", () => {
  it.each<[string, Partial<KeepingOf>, string]>([
    ["a baked cheese cake", { kind: "baked-cheese" }, "kind"],
    ["a set pudding", { kind: "set-pudding" }, "kind"],
    ["fresh fruit on top", { hasFreshFruit: true }, "fruit"],
    ["a recipe's own cream", { hasColdPart: true }, "part"],
    ["curd", { on: ["curd"] }, "curd"],
  ])("%s stands two hours in the room", (_, changes, because) => {
    expect(keepingOf({ ...PLAIN, ...changes })).toMatchObject({
      roomHours: COLD_ROOM_HOURS,
      because,
    });
  });

  it("no frosting makes a cake keep longer", () => {
    for (const kind of BATTER_KINDS) {
      const plain = keepingOf({ ...PLAIN, kind });
      for (const frosting of FROSTINGS) {
        const frosted = keepingOf({ ...PLAIN, kind, on: [frosting] });
        expect(frosted.roomHours).toBeLessThanOrEqual(plain.roomHours);
        expect(frosted.fridgeDays).toBeLessThanOrEqual(plain.fridgeDays);
        if (frosted.because !== null)
          expect(frosted.roomHours).toBeLessThanOrEqual(COLD_ROOM_HOURS);
      }
    }
  });
});
