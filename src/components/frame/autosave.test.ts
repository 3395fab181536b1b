import { describe, expect, it } from "vitest";
import { opened, saving, type SaveState } from "./autosave";

type Note = { readonly minutes: string; readonly name: string };
const start = opened<Note>({ minutes: "34", name: "Loaf" }, 0);
const typed = (state: SaveState<Note>, minutes: string): SaveState<Note> => saving(state, { type: "changed", change: (note) => ({ ...note, minutes }), field: "minutes" });

describe("saving something as it changes", () => {
  it("leaves what was typed during a save unsaved", () => {
    const first = typed(start, "4");
    const landed = saving(typed(first, "40"), { type: "saved", value: first.value, at: 5 });
    expect(landed.value.minutes).toBe("40");
    expect(landed.saved.minutes).toBe("4");
    expect(landed.value).not.toBe(landed.saved);
  });

  it("keeps what was typed when a save fails, counts the tries, and forgets the trouble once it works", () => {
    const failed = saving(saving(typed(start, "40"), { type: "failed", trouble: "The disk is full." }), { type: "failed", trouble: "The disk is full." });
    expect(failed).toMatchObject({ trouble: "The disk is full", tries: 2, value: { minutes: "40" } });
    expect(saving(failed, { type: "saved", value: failed.value, at: 9 })).toMatchObject({ trouble: null, tries: 0, savedAt: 9 });
  });
});

describe("going back", () => {
  it("takes all typing in one box as one step, and another box as the next", () => {
    const named = saving(typed(typed(start, "4"), "40"), { type: "changed", change: (note) => ({ ...note, name: "Ring" }), field: "name" });
    const back = saving(named, { type: "undone" });
    expect(back.value).toEqual({ minutes: "40", name: "Loaf" });
    expect(saving(back, { type: "undone" }).value).toEqual(start.value);
    expect(saving(saving(back, { type: "undone" }), { type: "redone" }).value).toEqual(back.value);
  });

  it("stops at the first state, and forgets what lay ahead once something else is changed", () => {
    expect(saving(start, { type: "undone" })).toBe(start);
    expect(saving(start, { type: "redone" })).toBe(start);
    const again = typed(saving(typed(start, "4"), { type: "undone" }), "5");
    expect(again.future).toEqual([]);
  });

  it("is not a step when nothing changed", () => {
    expect(saving(start, { type: "changed", change: (note) => note })).toBe(start);
  });
});
