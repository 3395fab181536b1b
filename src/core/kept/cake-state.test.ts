import { describe, expect, it } from "vitest";
import { cakeState, type CakeDates } from "./cake-state";

const of = (dates: Partial<CakeDates>) =>
  cakeState({ wantedOn: "2026-12-05", bakedOn: "", eatenOn: "", ...dates });

describe("what became of a cake", () => {
  it("is to bake until it was baked, and then baked until it was eaten", () => {
    expect(of({})).toBe("to-bake");
    expect(of({ bakedOn: "2026-12-04" })).toBe("baked");
    expect(of({ bakedOn: "2026-12-04", eatenOn: "2026-12-05" })).toBe("eaten");
  });

  it("is eaten too where nobody wrote the bake down", () => {
    expect(of({ eatenOn: "2026-12-06" })).toBe("eaten");
    expect(of({ wantedOn: "", eatenOn: "2026-12-06" })).toBe("eaten");
  });

  it.each([
    ["2026-11-29", "baked"],
    ["2026-11-28", "to-bake"],
    ["2026-12-09", "baked"],
  ])("baked on %s and wanted on 5 December is %s", (bakedOn, state) => {
    expect(of({ bakedOn })).toBe(state);
  });

  it("is eaten where it was eaten before the day it was wanted", () => {
    expect(of({ bakedOn: "2026-12-03", eatenOn: "2026-12-04" })).toBe("eaten");
    expect(of({ eatenOn: "2026-11-29" })).toBe("eaten");
    expect(of({ eatenOn: "2026-11-28" })).toBe("to-bake");
  });

  it("is to bake again when it is given a date after it was eaten", () => {
    expect(of({ bakedOn: "2026-11-21", eatenOn: "2026-11-22" })).toBe("to-bake");
  });

  it("counts across the change of the clocks by the calendar", () => {
    expect(of({ wantedOn: "2026-10-31", bakedOn: "2026-10-25" })).toBe("baked");
    expect(of({ wantedOn: "2026-10-31", bakedOn: "2026-10-24" })).toBe("to-bake");
  });

  it("without a date is baked by any bake", () => {
    expect(of({ wantedOn: "", bakedOn: "2024-01-01" })).toBe("baked");
  });
});
