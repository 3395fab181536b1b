import { describe, expect, it } from "vitest";
import type { SaveOutcome } from "./outcome";
import { saveQueue } from "./save-queue";

/** A server that answers when it is told to. */
function server(): {
  readonly save: (value: string, version: number) => Promise<SaveOutcome<string>>;
  readonly asked: string[];
  readonly answer: (outcome: SaveOutcome<string>) => Promise<void>;
} {
  const asked: string[] = [];
  const open: ((outcome: SaveOutcome<string>) => void)[] = [];
  return {
    asked,
    save: (value, version) =>
      new Promise((resolve) => {
        asked.push(`${value}@${version}`);
        open.push(resolve);
      }),
    answer: async (outcome) => {
      open.shift()?.(outcome);
      await new Promise((resolve) => {
        setTimeout(resolve, 0);
      });
    },
  };
}

describe("saving one at a time", () => {
  it("sends nothing while a save is under way, then the last that was typed, on top of what was just kept", async () => {
    const { save, asked, answer } = server();
    const told: string[] = [];
    const queue = saveQueue<string>(3, "");
    queue.serve({
      save,
      onOutcome: (value, { ok }) => {
        told.push(`${value} ${ok}`);
      },
    });
    for (const text of ["b", "bo", "bow"]) queue.push(text);
    expect(asked).toEqual(["b@3"]);
    await answer({ ok: true, version: 4 });
    expect(asked).toEqual(["b@3", "bow@4"]);
    await answer({ ok: true, version: 5 });
    expect([told, queue.isSaving()]).toEqual([["b true", "bow true"], false]);
  });

  it("goes on with what was typed last though its page is gone", async () => {
    const { save, asked, answer } = server();
    const told: string[] = [];
    const queue = saveQueue<string>(1, "");
    let kept = 0;
    queue.serve({
      save,
      onOutcome: (value) => {
        told.push(value);
      },
    });
    queue.push("half");
    queue.push("half-typed");
    queue.leave(() => {
      kept += 1;
    });
    await answer({ ok: true, version: 2 });
    await answer({ ok: true, version: 3 });
    expect([asked, told, kept]).toEqual([["half@1", "half-typed@2"], [], 1]);
  });

  it("waits for a word after a save that failed", async () => {
    const { save, asked, answer } = server();
    const outcomes: SaveOutcome<string>[] = [];
    const queue = saveQueue<string>(1, "gone");
    queue.serve({
      save,
      onOutcome: (_, outcome) => {
        outcomes.push(outcome);
      },
    });
    queue.push("a");
    queue.push("ab");
    await answer({ ok: false, message: "full" });
    expect([asked, outcomes]).toEqual([["a@1"], [{ ok: false, message: "full" }]]);
    queue.setVersion(7);
    queue.push("ab");
    expect(asked.at(-1)).toBe("ab@7");
  });

  it("says so when nobody answers", async () => {
    const outcomes: SaveOutcome<string>[] = [];
    const queue = saveQueue<string>(1, "gone");
    queue.serve({
      save: () => Promise.reject(new Error("offline")),
      onOutcome: (_, outcome) => {
        outcomes.push(outcome);
      },
    });
    queue.push("a");
    await new Promise((resolve) => {
      setTimeout(resolve, 0);
    });
    expect(outcomes).toEqual([{ ok: false, message: "gone" }]);
  });
});
