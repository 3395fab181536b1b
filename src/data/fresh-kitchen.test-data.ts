import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { openDatabase, type Connection } from "./connection";
import { migrateDatabase } from "./migrate";

export const NOW = new Date("2026-11-28T15:00:00Z");

/**
 * A kitchen of a test's own, empty, in a folder that goes with it. It does not wait long for a
 * lock.
 */
export type FreshKitchen = {
  readonly folder: string;
  readonly url: string;
  readonly connection: Connection;
  readonly remove: () => void;
};

export async function freshKitchen(): Promise<FreshKitchen> {
  const folder = mkdtempSync(join(tmpdir(), "kitchen-"));
  const url = `file:${join(folder, "kitchen.db")}`;
  const connection = openDatabase(url, { busyMs: 600 });
  await migrateDatabase(connection, url, NOW);
  return {
    folder,
    url,
    connection,
    remove: () => {
      connection.client.close();
      rmSync(folder, { recursive: true });
    },
  };
}
