import { databaseUrl, openDatabase } from "@/data/connection";
import { checkKitchen, migrateDatabase } from "@/data/migrate";
import { recordEndedBakes } from "@/data/records";
import { seedDemoKitchen } from "@/data/seed";
import { loggable, storageIssue } from "@/data/storage-issue";
import { storageText } from "@/words";

/**
 * Brings the kitchen's database up to date before the server starts, lays in the demo kitchen the
 * first time, and writes down ended bakes that are in no logbook yet.
 */
const url = databaseUrl();
try {
  const connection = openDatabase(url);
  const now = new Date();
  await checkKitchen(connection, url);
  const before = await migrateDatabase(connection, url, now);
  if (before !== null) console.log(`Backed up your data before updating it: ${before.name}`);
  const { DEMO_DAY } = process.env;
  if (await seedDemoKitchen(connection, DEMO_DAY === undefined ? now : new Date(DEMO_DAY)))
    console.log("Laid in the demo kitchen of Lantern Row.");
  await recordEndedBakes(connection, now);
  connection.client.close();
} catch (error) {
  const issue = storageIssue(error);
  console.error(`${storageText(issue)} (${withoutKeys(url)})`);
  if (issue === "unknown") console.error(loggable(error));
  process.exit(1);
}

/** An address without user, password, token or query. */
function withoutKeys(address: string): string {
  if (address.startsWith("file:")) return address.replace(/\?.*$/u, "");
  return URL.canParse(address)
    ? `${new URL(address).protocol}//${new URL(address).host}`
    : "DATABASE_URL";
}
