import type { NextRequest } from "next/server";

/** What a request brings, as long as it is no more than that; null for more. */
export async function upTo(request: NextRequest, most: number): Promise<Uint8Array | null> {
  if (Number(request.headers.get("content-length") ?? 0) > most) return null;
  const parts: Uint8Array[] = [];
  let length = 0;
  const reader = request.body?.getReader();
  if (reader === undefined) return new Uint8Array();
  for (;;) {
    const { done, value } = await reader.read();
    if (done) return Buffer.concat(parts);
    length += value.length;
    if (length > most) {
      await reader.cancel();
      return null;
    }
    parts.push(value);
  }
}
