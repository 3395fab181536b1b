import type { NextRequest } from "next/server";
import { findPicture, stored } from "@/data";
import { storageText } from "@/words";

type Params = { readonly params: Promise<{ readonly hash: string }> };

/** A kept picture: what its hash names never changes. */
export async function GET(_: NextRequest, { params }: Params): Promise<Response> {
  const { hash } = await params;
  const found = await stored(() => findPicture(hash));
  if (!found.ok) return new Response(storageText(found.issue), { status: 503 });
  if (found.value === null)
    return new Response("This picture is not in the kitchen.", { status: 404 });
  return new Response(found.value, {
    headers: {
      "content-type": "image/jpeg",
      "content-length": String(found.value.length),
      "cache-control": "private, max-age=31536000, immutable",
    },
  });
}
