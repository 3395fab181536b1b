import {
  heatsWhileBaking,
  lessonsOfKitchen,
  lessonsOfRecipe,
  recipeKey,
  whyNotCounted,
  type BakeRecord,
} from "@/core/logbook";
import { EVERY_RECORD, listRecords, type kitchenDatabase } from "@/data";
import type { History } from "@/components/logbook/history";

const pages = (found: readonly { readonly record: BakeRecord }[]): readonly BakeRecord[] =>
  found.map(({ record }) => record);

/** The newest bakes a page is given to learn from; its own recipe's first. */
const MOST = 100;

/**
 * What the logbook says to a recipe's cakes: the last bake of it, and the bakes that teach.
 * @param of its id in the kitchen and its name
 */
export async function historyOf(
  connection: ReturnType<typeof kitchenDatabase>,
  of: BakeRecord["recipe"],
): Promise<History> {
  const key = recipeKey({ recipe: of });
  const newest = { limit: MOST, offset: 0 };
  const isNamed = of.id !== "" || of.name !== "";
  const own = isNamed
    ? (await listRecords(connection, { ...EVERY_RECORD, recipe: key }, newest)).records
    : [];
  const others = (await listRecords(connection, EVERY_RECORD, newest)).records.filter(
    ({ record }) => !isNamed || recipeKey(record) !== key,
  );
  return {
    key,
    last: own.find(({ record }) => record.minutes !== null || record.change !== "") ?? null,
    bakes: [...own, ...others]
      .filter(({ record }) => whyNotCounted(record) === null)
      .slice(0, MOST),
    picture:
      own.flatMap(({ id: recordId, record }) =>
        record.pictures.filter(({ stands }) => stands === true).map((of) => ({ ...of, recordId })),
      )[0] ?? null,
    lessons: [...lessonsOfRecipe(pages(own), key), ...lessonsOfKitchen(pages([...own, ...others]))],
    heats: heatsWhileBaking(pages([...own, ...others])),
    untold: own.filter(({ record }) => whyNotCounted(record) === "verdict").length,
  };
}
