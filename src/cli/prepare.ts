import { databaseUrl, openDatabase } from "@/data/connection";
import { migrateDatabase } from "@/data/migrate";
import { seedDemoKitchen } from "@/data/seed";
import { storageIssue } from "@/data/storage-issue";
import { storageText } from "@/words";

/** Brings the kitchen's database up to date before the server starts, and lays in the demo kitchen the first time. */
const url = databaseUrl();
try {
  const connection = openDatabase(url);
  const now = new Date();
  const copy = await migrateDatabase(connection, url, now);
  if (copy !== null) console.log(`Kept a copy of your data before updating it: ${copy}`);
  if (await seedDemoKitchen(connection, now)) console.log("Laid in the demo kitchen of Lantern Row.");
  connection.client.close();
} catch (error) {
  const issue = storageIssue(error);
  console.error(`${storageText(issue)} (${url})`);
  if (issue === "unknown") console.error(error);
  process.exit(1);
}
