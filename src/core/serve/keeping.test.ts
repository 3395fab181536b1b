import { expect, it } from "vitest";
import { FROSTINGS } from "../build";
import { BATTER_KINDS } from "../mix";
import { keepingOf } from ".";

it("keeps as long as the cake and its frosting both do", () => {
  expect(keepingOf("creamed", [])).toEqual({ roomHours: 72, fridgeDays: 6, freezerMonths: 3, isCold: false });
  expect(keepingOf("creamed", ["whipped-cream"])).toEqual({ roomHours: 2, fridgeDays: 2, freezerMonths: 1, isCold: true });
  expect(keepingOf("whisked", ["butter-and-sugar"])).toEqual({ roomHours: 48, fridgeDays: 4, freezerMonths: 2, isCold: false });
});

it("allows what must be cold no more than two hours in the room, and no frosting makes a cake keep longer", () => {
  for (const kind of BATTER_KINDS) {
    const plain = keepingOf(kind, []);
    for (const frosting of FROSTINGS) {
      const frosted = keepingOf(kind, [frosting]);
      expect(frosted.roomHours).toBeLessThanOrEqual(plain.roomHours);
      expect(frosted.fridgeDays).toBeLessThanOrEqual(plain.fridgeDays);
      if (frosted.isCold) expect(frosted.roomHours).toBeLessThanOrEqual(2);
    }
  }
});
