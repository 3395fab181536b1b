import { afterEach, beforeEach, describe, expect, it } from "vitest";
import type { Got } from "@/core/shopping";
import { FIRST_QUESTION } from "@/core/ask";
import { freshKitchen, NOW, type FreshKitchen } from "./fresh-kitchen.test-data";
import { addCake, deleteCake, keepGot, listCakesBetween, listGot, nextWantedOn } from ".";

let kitchen: FreshKitchen;
beforeEach(async () => {
  kitchen = await freshKitchen();
});
afterEach(() => kitchen.remove());

const tick = (of: Partial<Got> = {}): Got => ({
  cake: "a",
  key: "unsalted-butter",
  how: "bought",
  netG: 200,
  pieces: null,
  at: NOW.getTime() - 5000,
  ...of,
});

describe("ticks of a shopping list", () => {
  it("are those of the cakes that are asked about, each share once", async () => {
    const { connection } = kitchen;
    await keepGot(connection, [tick(), tick({ key: "egg", netG: null, pieces: 2.5 })], NOW);
    await keepGot(connection, [tick({ cake: "b" })], NOW);
    const got = await listGot(connection, ["a"]);
    expect(got).toHaveLength(2);
    expect(got).toContainEqual(tick({ key: "egg", netG: null, pieces: 2.5 }));
    expect(await listGot(connection, [])).toEqual([]);
  });

  it("stand by when they were told, not when they arrived: two phones", async () => {
    const { connection } = kitchen;
    const later = tick({ how: "open", at: NOW.getTime() - 1000 });
    await keepGot(connection, [later], NOW);
    await keepGot(connection, [tick({ how: "had" })], NOW);
    expect(await listGot(connection, ["a"])).toEqual([later]);
    await keepGot(connection, [tick({ how: "had", at: NOW.getTime() })], NOW);
    expect((await listGot(connection, ["a"]))[0]?.how).toBe("had");
  });

  it("of a clock that is ahead count as told now, so that they can be taken back", async () => {
    const { connection } = kitchen;
    await keepGot(connection, [tick({ at: NOW.getTime() + 86_400_000 })], NOW);
    await keepGot(
      connection,
      [tick({ how: "open", at: NOW.getTime() + 1 })],
      new Date(NOW.getTime() + 2),
    );
    expect((await listGot(connection, ["a"]))[0]?.how).toBe("open");
  });
});

describe("cakes of a stretch of days", () => {
  it("are those wanted from its first day to its last, the first wanted first", async () => {
    const { connection } = kitchen;
    for (const [id, wantedAt] of [
      ["late", "2026-12-07T10:00"],
      ["early", "2026-12-05T15:00"],
      ["after", "2026-12-20T15:00"],
      ["someday", ""],
      ["gone", "2026-12-06T15:00"],
    ] as const) {
      const question = { ...FIRST_QUESTION, day: { ...FIRST_QUESTION.day, wantedAt } };
      await addCake(connection, { id, name: id, doc: { question, recipe: null } }, NOW);
    }
    await deleteCake(connection, "gone", NOW);
    const cakes = await listCakesBetween(connection, "2026-12-05", "2026-12-07");
    expect(cakes.map(({ id, wantedOn }) => [id, wantedOn])).toEqual([
      ["early", "2026-12-05"],
      ["late", "2026-12-07"],
    ]);
    expect(await nextWantedOn(connection, "2026-12-07")).toBe("2026-12-20");
    expect(await nextWantedOn(connection, "2026-12-20")).toBeNull();
  });
});
