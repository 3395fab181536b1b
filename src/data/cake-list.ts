import { and, count, desc, isNull, not, sql, type Column, type SQL } from "drizzle-orm";
import { FIRST_QUESTION } from "@/core/ask";
import { BAKED_AHEAD_DAYS, STORED_QUESTION, type CakeState } from "@/core/kept";
import { lastBakeOf } from "./cakes";
import type { Connection } from "./connection";
import { holdsWords } from "./holds-words";
import { cakes } from "./schema";

/**
 * A cake as lists need it. Of its question what differs from the first one, as it is stored: a page
 * of them is read where it is shown, a few at a time. Dates are `2026-12-05` or empty.
 */
type ListedCake = {
  readonly id: string;
  readonly name: string;
  readonly question: string;
  readonly wantedOn: string;
  /** Its newest page in the logbook. */
  readonly bakedOn: string;
  readonly eatenOn: string;
};

/**
 * `day`: those to come, the first wanted first, then those without a date, then those whose date is
 * past, the last first.
 */
export const CAKE_ORDERS = ["day", "changed", "name"] as const;
export type CakeOrder = (typeof CAKE_ORDERS)[number];

/** Which cakes are listed, and in which order; an empty text and state are all. */
export type CakeFilter = {
  readonly text: string;
  readonly state: CakeState | "";
  readonly order: CakeOrder;
  /** The date that divides what is to come from what is past. */
  readonly today: string;
};
export const LAST_CHANGED: CakeFilter = { text: "", state: "", order: "changed", today: "" };

/** The state that `cakeState` of the core tells, for the database. */
function isIn(state: CakeState, bakedOn: SQL): SQL | undefined {
  const isOfDate = (doneOn: SQL | Column): SQL =>
    sql`(${doneOn} <> '' and (${cakes.wantedOn} = '' or ${doneOn} >= date(${cakes.wantedOn}, ${`-${BAKED_AHEAD_DAYS} days`})))`;
  const isEaten = isOfDate(cakes.eatenOn);
  if (state === "eaten") return isEaten;
  const isBaked = isOfDate(bakedOn);
  return and(not(isEaten), state === "baked" ? isBaked : not(isBaked));
}

function inOrder(order: CakeOrder, today: string): readonly SQL[] {
  if (order === "name") return [sql`${cakes.name} collate nocase`];
  if (order === "changed") return [desc(cakes.updatedAt)];
  return [
    sql`case when ${cakes.wantedOn} = '' then 1 when ${cakes.wantedOn} >= ${today} then 0 else 2 end`,
    sql`case when ${cakes.wantedOn} >= ${today} then ${cakes.wantedOn} end`,
    desc(cakes.wantedOn),
    desc(cakes.updatedAt),
  ];
}

/** With as much of its question as makes it this cake's. */
const shortened = (cake: ListedCake): ListedCake => ({
  ...cake,
  question: STORED_QUESTION.shortened(cake.question, FIRST_QUESTION),
});

/**
 * The cakes that are not deleted.
 * @param page from `offset`, at most `limit`
 */
export async function listCakes(
  { db }: Connection,
  { text, state, order, today }: CakeFilter,
  page: { readonly limit: number; readonly offset?: number },
): Promise<{ readonly cakes: readonly ListedCake[]; readonly total: number }> {
  const bakedOn = lastBakeOf(db);
  const where = and(
    isNull(cakes.deletedAt),
    ...holdsWords(cakes.search, text),
    state === "" ? undefined : isIn(state, bakedOn),
  );
  const rows = await db
    .select({
      id: cakes.id,
      name: cakes.name,
      question: cakes.question,
      wantedOn: cakes.wantedOn,
      eatenOn: cakes.eatenOn,
      bakedOn,
    })
    .from(cakes)
    .where(where)
    .orderBy(...inOrder(order, today), cakes.id)
    .limit(page.limit)
    .offset(page.offset ?? 0);
  const [counted] = await db.select({ total: count() }).from(cakes).where(where);
  return { cakes: rows.map(shortened), total: counted?.total ?? 0 };
}
