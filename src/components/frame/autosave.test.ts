import { describe, expect, it } from "vitest";
import { opened, saving, type SaveState } from "./autosave";

type Note = { readonly minutes: string; readonly name: string };
const start = opened<Note>({ minutes: "34", name: "Loaf" }, 0);
const typed = (state: SaveState<Note>, minutes: string): SaveState<Note> =>
  saving(state, { type: "changed", change: (note) => ({ ...note, minutes }), field: "minutes" });

describe("saving something as it changes", () => {
  it("leaves what was typed during a save unsaved", () => {
    const first = typed(start, "4");
    const landed = saving(typed(first, "40"), { type: "saved", value: first.value, at: 5 });
    expect(landed.value.minutes).toBe("40");
    expect(landed.saved.minutes).toBe("4");
    expect(landed.value).not.toBe(landed.saved);
  });

  it("keeps what was typed when a save fails, counts the tries, and forgets the trouble once it works", () => {
    const failed = saving(
      saving(typed(start, "40"), { type: "failed", trouble: "The disk is full." }),
      { type: "failed", trouble: "The disk is full." },
    );
    expect(failed).toMatchObject({
      trouble: "The disk is full",
      tries: 2,
      value: { minutes: "40" },
    });
    expect(saving(failed, { type: "saved", value: failed.value, at: 9 })).toMatchObject({
      trouble: null,
      tries: 0,
      savedAt: 9,
    });
  });
});

describe("going back", () => {
  it("takes all typing in one box as one step, and another box as the next", () => {
    const named = saving(typed(typed(start, "4"), "40"), {
      type: "changed",
      change: (note) => ({ ...note, name: "Ring" }),
      field: "name",
    });
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

describe("two pages at once", () => {
  const theirs = { value: { minutes: "34", name: "Ring" }, version: 7, at: 9 };
  const merge = (base: Note, mine: Note, other: Note): Note | null => {
    const one = (field: keyof Note): string | null =>
      mine[field] === other[field] || other[field] === base[field]
        ? mine[field]
        : mine[field] === base[field]
          ? other[field]
          : null;
    const [minutes, name] = [one("minutes"), one("name")];
    return minutes === null || name === null ? null : { minutes, name };
  };

  it("a page that changed nothing shows what the other kept, one step from what it showed", () => {
    const seen = saving(start, { type: "changed-elsewhere", theirs, merge });
    expect(seen).toMatchObject({ value: theirs.value, version: 7, savedAt: 9, conflict: null });
    expect(seen.value).toBe(seen.saved);
    expect(saving(seen, { type: "undone" }).value).toEqual(start.value);
  });

  it("changes of different boxes are brought together, and saved on top of the other's", () => {
    const both = saving(typed(start, "40"), { type: "changed-elsewhere", theirs, merge });
    expect(both).toMatchObject({
      value: { minutes: "40", name: "Ring" },
      saved: theirs.value,
      version: 7,
      conflict: null,
    });
  });

  it("changes of the same box wait for the baker, and nothing typed meanwhile is lost", () => {
    const same = { ...theirs, value: { minutes: "50", name: "Loaf" } };
    const torn = saving(typed(start, "40"), { type: "changed-elsewhere", theirs: same, merge });
    expect(torn.conflict).toEqual(same);
    const more = typed(torn, "41");
    expect(more).toMatchObject({ value: { minutes: "41" }, conflict: same });
    const mine = saving(more, { type: "settled", take: "mine" });
    expect(mine).toMatchObject({
      value: { minutes: "41" },
      saved: same.value,
      version: 7,
      conflict: null,
    });
    const other = saving(more, { type: "settled", take: "theirs" });
    expect(other).toMatchObject({ value: { minutes: "50" }, version: 7, conflict: null });
    expect(saving(other, { type: "undone" }).value.minutes).toBe("41");
  });

  it("there is nothing to settle where nothing is torn", () => {
    expect(saving(start, { type: "settled", take: "mine" })).toBe(start);
  });
});
