import type { Metadata } from "next";
import { HowSure } from "@/components/how-sure/how-sure";
import type { PastBake } from "@/components/how-sure/past-chart";
import { ruleErrors, usualComparison } from "@/core/bake";
import { lessonsOfKitchen, logFor, type BakeRecord } from "@/core/logbook";
import { pastForecasts } from "@/core/plan";
import { EVERY_RECORD, kitchenDatabase, listRecords, stored } from "@/data";

export const metadata: Metadata = { title: "How sure is this?" };

/** Each is learnt from all before it, which takes its time: the newest. */
const MOST = 60;

/** Every bake that teaches, oldest first, against what was forecast and what would have been. */
function ownBakes(records: readonly BakeRecord[]): readonly PastBake[] {
  const counted = logFor(records, "", "kitchen");
  return pastForecasts(counted.map(({ bake }) => bake)).flatMap(({ at, ...minutes }) => {
    const record = records[counted[at]?.at ?? -1];
    return record === undefined
      ? []
      : [{ ...minutes, recipe: record.recipe.name || record.name, madeOn: record.madeOn }];
  });
}

/**
 * Worked out anew each time it is asked for, by the code that forecasts: it can't drift from it.
 */
export default async function HowSurePage() {
  const found = await stored(async () => {
    const database = kitchenDatabase();
    const newest = await listRecords(database, EVERY_RECORD, { limit: MOST, offset: 0 });
    return newest.records.map(({ record }) => record).toReversed();
  });
  const records = found.ok ? found.value : [];
  return (
    <HowSure
      comparison={usualComparison()}
      rules={ruleErrors()}
      own={ownBakes(records)}
      other={lessonsOfKitchen(records)}
    />
  );
}
