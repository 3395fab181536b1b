import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { kitchenDatabase } from "@/data";
import { migrateDatabase } from "@/data/migrate";
import { GET } from "../app/health/route";

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), "steady-tin-health-"));
  vi.stubEnv("DATABASE_URL", `file:${join(folder, "kitchen.db")}`);
  vi.spyOn(console, "error").mockImplementation(() => undefined);
});
afterEach(() => {
  kitchenDatabase().client.close();
  delete (globalThis as { steadyTinConnection?: unknown }).steadyTinConnection;
  vi.unstubAllEnvs();
  vi.restoreAllMocks();
  rmSync(folder, { recursive: true });
});

const asked = async () => {
  const answer = await GET();
  return [answer.status, await answer.json()] as const;
};

describe("whoever watches the machine", () => {
  it("hears that the kitchen is open", async () => {
    await migrateDatabase(kitchenDatabase(), process.env["DATABASE_URL"] ?? "", new Date());
    expect(await asked()).toEqual([200, { kitchen: "open" }]);
  });

  it("hears that its file holds no kitchen", async () => {
    expect((await asked())[0]).toBe(503);
  });

  it("hears that its file is no database, and what to do", async () => {
    writeFileSync(join(folder, "kitchen.db"), "no database at all, ".repeat(400));
    expect(await asked()).toEqual([
      503,
      { message: expect.stringContaining("can't be read as a database") as string },
    ]);
  });
});
