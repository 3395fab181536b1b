import { recipeKey, whyNotCounted, type BakeRecord } from "@/core/logbook";
import { allRecords, recordEndedBakes } from "@/data";
import type { kitchenDatabase } from "@/data";
import type { History } from "@/components/logbook/history";

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
  await recordEndedBakes(connection, new Date());
  const pages = await allRecords(connection);
  const key = recipeKey({ recipe: of });
  const isOwn = ({ record }: (typeof pages)[number]): boolean => recipeKey(record) === key;
  const own = of.id === "" && of.name === "" ? [] : pages.filter(isOwn);
  const others = pages.filter((page) => !own.includes(page));
  return {
    key,
    last: own.find(({ record }) => record.minutes !== null || record.change !== "") ?? null,
    bakes: [...own, ...others]
      .filter(({ record }) => whyNotCounted(record) === null)
      .slice(0, MOST),
    untold: own.filter(({ record }) => whyNotCounted(record) === "verdict").length,
  };
}
