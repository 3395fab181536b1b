import { parseArgs } from "node:util";
import { backUp, compareBackup, listBackups, restoreBackup } from "@/data/backups";
import { databaseUrl, openDatabase } from "@/data/connection";
import { migrateDatabase } from "@/data/migrate";
import { hasCode, loggable, storageIssue } from "@/data/storage-issue";
import { METRIC, storageText } from "@/words";
import { BACKUP_WHY, backupTime, bytesText, comparedText } from "@/words/backups";

/**
 * `npm run backup` backs the kitchen up. `npm run restore` lists the backups; with a name it says
 * what bringing that one back would change, and with `--yes` brings it back.
 */
const { positionals, values } = parseArgs({
  allowPositionals: true,
  options: { yes: { type: "boolean", default: false } },
});
const [what, name] = positionals;
const url = databaseUrl();
const connection = openDatabase(url);
try {
  await migrateDatabase(connection, url, new Date());
  if (!url.startsWith("file:"))
    console.log("This kitchen is on a database server: back it up there.");
  else if (what === "restore") await restore();
  else console.log(`Backed up as ${(await backUp(connection, url, "asked", new Date()))?.name}`);
} catch (error) {
  const issue = storageIssue(error);
  console.error(
    issue === "damaged"
      ? "This backup is damaged: its file is not what was written into it. Nothing was changed."
      : error instanceof RangeError || hasCode(error, "ENOENT")
        ? `There is no backup called “${name}”. Without a name they are listed.`
        : `${storageText(issue)} ${issue === "unknown" ? loggable(error) : ""}`.trim(),
  );
  process.exitCode = 1;
} finally {
  connection.client.close();
}

async function restore(): Promise<void> {
  if (name === undefined) {
    const backups = await listBackups(url);
    if (backups.length === 0) console.log("There is no backup yet: npm run backup");
    for (const each of backups)
      console.log(
        `${each.name}\n    ${backupTime(each.at, METRIC)}, ${BACKUP_WHY[each.why]}, ${bytesText(each.bytes)}`,
      );
    return;
  }
  for (const each of await compareBackup(connection, url, name)) {
    const compared = comparedText(each, METRIC);
    console.log(`${compared.name}: ${compared.says}`);
  }
  if (!values.yes) {
    console.log(`Nothing was changed. To bring it back: npm run restore -- ${name} --yes`);
    return;
  }
  const before = await restoreBackup(connection, url, name, new Date());
  console.log(`Brought back. What stood there is in ${before?.name}`);
}
