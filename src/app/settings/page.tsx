import type { Metadata } from "next";
import { FreshList } from "@/components/frame/kitchen-changed";
import { Trouble } from "@/components/frame/trouble";
import { Archive } from "@/components/settings/archive";
import { Bin } from "@/components/settings/bin";
import { StartOver } from "@/components/settings/start-over";
import { Backups } from "@/components/settings/backups";
import { Settings } from "@/components/settings/settings";
import { HomeDoor } from "@/components/settings/home-door";
import { databaseUrl, kitchenDatabase, listBackups, listBin, listHouseKeys, stored } from "@/data";
import { backupFailedAt } from "@/server/backing-up";
import { homeAddresses } from "@/server/door/door";
import { openedAt } from "@/server/door/opened";
import { storageText } from "@/words";
import { inviteDevice, openHomeDoor, shutHomeDoor, takeAwayKey } from "./door-actions";
import { isThisMachine } from "../who-asks";
import {
  backUpNow,
  bringBackBackup,
  compareWithBackup,
  demoBack,
  fromBin,
  startEmpty,
} from "./actions";

export const metadata: Metadata = { title: "Settings" };

export default async function SettingsPage() {
  const keys = await stored(() => listHouseKeys(kitchenDatabase()));
  const bin = await stored(() => listBin(kitchenDatabase()));
  const backups = await stored(() => listBackups(databaseUrl()));
  return (
    <div className="space-y-4">
      <FreshList />
      <h1 className="mt-2 text-[27px]">Settings</h1>
      <Settings />
      {keys.ok && (
        <HomeDoor
          isThisMachine={await isThisMachine()}
          opened={openedAt()}
          addresses={homeAddresses()}
          keys={keys.value.map(({ madeAt, seenAt, ...key }) => ({
            ...key,
            madeAt: madeAt.getTime(),
            seenAt: seenAt.getTime(),
          }))}
          actions={{ openHomeDoor, shutHomeDoor, inviteDevice, takeAwayKey }}
        />
      )}
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
      {bin.ok && (
        <Bin
          rows={bin.value.map(({ deletedAt, ...row }) => ({
            ...row,
            deletedAt: deletedAt.getTime(),
          }))}
          bringBack={fromBin}
        />
      )}
      <StartOver actions={{ startEmpty, demoBack, bringBackBackup }} />
    </div>
  );
}
