import { createClient } from "@libsql/client";

/** Takes the database's write lock, as another program would, until it is released. */
export async function holdWriteLock(
  url: string,
): Promise<{ readonly release: () => Promise<void> }> {
  const client = createClient({ url, timeout: 5000 });
  const held = await client.transaction("write");
  return {
    release: async () => {
      await held.rollback();
      client.close();
    },
  };
}
