import type { Connection } from "./connection";
import { cakes } from "./schema";

/**
 * Reads a row of the kitchen, as whoever watches it from outside asks for.
 * @throws what storage throws where it can't be read, or holds no kitchen
 */
export async function lookIn({ db }: Connection): Promise<void> {
  await db.select({ id: cakes.id }).from(cakes).limit(1);
}
