import { describe, expect, it } from "vitest";
import { FIRST_QUESTION } from "@/core/cake";
import { saving, type SaveState } from "./saving";

const start: SaveState = { question: FIRST_QUESTION, saved: FIRST_QUESTION, savedAt: 0, trouble: null, tries: 0 };

describe("saving a cake as it changes", () => {
  const typed = saving(start, { type: "changed", changes: { minutes: "40" } });

  it("leaves what was typed during a save unsaved", () => {
    const more = saving(typed, { type: "changed", changes: { minutes: "405" } });
    const landed = saving(more, { type: "saved", question: typed.question, at: 5 });
    expect(landed.question.minutes).toBe("405");
    expect(landed.saved.minutes).toBe("40");
    expect(landed.question).not.toBe(landed.saved);
  });

  it("keeps what was typed when a save fails, counts the tries, and forgets the trouble once it works", () => {
    const failed = saving(saving(typed, { type: "failed", trouble: "The disk is full." }), { type: "failed", trouble: "The disk is full." });
    expect(failed).toMatchObject({ trouble: "The disk is full", tries: 2, question: { minutes: "40" } });
    expect(saving(failed, { type: "saved", question: failed.question, at: 9 })).toMatchObject({ trouble: null, tries: 0, savedAt: 9 });
  });
});
