import type { NextRequest } from "next/server";

/**
 * The JSON a page of this kitchen posted; null for anything else. Its content type is one that
 * other sites' pages can't send unasked.
 */
export async function postedJson(request: NextRequest): Promise<unknown> {
  if (request.headers.get("content-type") !== "application/json") return null;
  return (await request.json().catch(() => null)) as unknown;
}
