import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { Got, LarderMove } from "@/core/shopping";
import { freshKitchen, NOW, type FreshKitchen } from "./fresh-kitchen.test-data";
import { keepGot, listGot, listLarder, moveLarder } from ".";

let kitchen: FreshKitchen;
beforeEach(async () => {
  kitchen = await freshKitchen();
});
afterEach(() => kitchen.remove());

const at = NOW.getTime();
const tick = (how: Got["how"], of: Partial<Got> = {}): Got => ({
  cake: "a",
  key: "plain-flour",
  how,
  netG: 500,
  pieces: null,
  at,
  ...of,
});
const move = (change: Partial<LarderMove["change"]>, ...ticks: readonly Got[]): LarderMove => ({
  change: { key: "plain-flour", name: "plain flour", at, ...change },
  ticks,
});
const hasOf = async (): Promise<unknown> => (await listLarder(kitchen.connection))[0]?.has;

describe("what the kitchen has", () => {
  it("keeps what was said of a thing, and leaves what was not", async () => {
    const { connection } = kitchen;
    await moveLarder(connection, [move({ has: { in: "g", amount: 400 } })], NOW);
    await moveLarder(connection, [move({ price: { amount: 1.3, sign: "£" } })], NOW);
    expect(await listLarder(connection)).toEqual([
      {
        key: "plain-flour",
        name: "plain flour",
        has: { in: "g", amount: 400 },
        pack: null,
        price: { amount: 1.3, sign: "£" },
        at,
      },
    ]);
  });

  it("counts a basket once that two phones put away", async () => {
    const { connection } = kitchen;
    await keepGot(connection, [tick("bought", { at: at - 10 })], NOW);
    const away = move({ more: { g: 1500, pieces: null } }, tick("open"));
    await Promise.all([moveLarder(connection, [away], NOW), moveLarder(connection, [away], NOW)]);
    expect(await hasOf()).toEqual({ in: "g", amount: 1500 });
    // Who comes second hears what there is.
    const [row] = await moveLarder(connection, [away], NOW);
    expect(row?.has).toEqual({ in: "g", amount: 1500 });
    expect(await listGot(connection, ["a"])).toMatchObject([{ how: "open" }]);
  });

  it("adds up what two phones say of different cakes", async () => {
    const { connection } = kitchen;
    await moveLarder(connection, [move({ has: { in: "g", amount: 2000 } })], NOW);
    await Promise.all(
      ["a", "b"].map((cake) =>
        moveLarder(
          connection,
          [move({ more: { g: -500, pieces: null } }, tick("used", { cake }))],
          NOW,
        ),
      ),
    );
    expect(await hasOf()).toEqual({ in: "g", amount: 1000 });
  });

  it("names a row that can't be read, and goes on", async () => {
    const { connection } = kitchen;
    await moveLarder(connection, [move({ has: "plenty" })], NOW);
    await connection.client.execute("insert into larder values ('broken', '{')");
    const told = vi.spyOn(console, "error").mockImplementation(() => undefined);
    expect(await listLarder(connection)).toHaveLength(1);
    expect(told).toHaveBeenCalledOnce();
    told.mockRestore();
  });
});
