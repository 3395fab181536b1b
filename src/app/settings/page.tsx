import type { Metadata } from "next";
import { FreshList } from "@/components/frame/kitchen-changed";
import { Trouble } from "@/components/frame/trouble";
import { Archive } from "@/components/settings/archive";
import { Backups } from "@/components/settings/backups";
import { Settings } from "@/components/settings/settings";
import { databaseUrl, listBackups, stored } from "@/data";
import { backupFailedAt } from "@/server/backing-up";
import { storageText } from "@/words";
import { backUpNow, bringBackBackup, compareWithBackup } from "./actions";

export const metadata: Metadata = { title: "Settings" };

export default async function SettingsPage() {
  const backups = await stored(() => listBackups(databaseUrl()));
  return (
    <div className="space-y-4">
      <FreshList />
      <h1 className="mt-2 text-[27px]">Settings</h1>
      <Settings />
      <Archive />
      {backups.ok ? (
        <Backups
          isOnServer={!databaseUrl().startsWith("file:")}
          backups={backups.value.map(({ at, ...backup }) => ({ ...backup, at: at.getTime() }))}
          failedAt={backupFailedAt()}
          actions={{ backUpNow, bringBackBackup, compareWithBackup }}
        />
      ) : (
        <Trouble text={storageText(backups.issue)} />
      )}
    </div>
  );
}
