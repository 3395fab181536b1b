import { formatISO } from "date-fns";
import type { NextRequest } from "next/server";
import { revalidatePath } from "next/cache";
import { stored } from "@/data";
import { isAtTheBench } from "@/server/bay";
import {
  bringArchiveIn,
  comparedArchive,
  kitchenArchive,
  lookThrough,
} from "@/server/bring-archive";
import { upTo } from "@/server/up-to";
import { storageText } from "@/words";
import { archiveTroubleText } from "@/words/archive";

/** No archive is larger, bytes. */
const MOST_BYTES = 600_000_000;

const refused = (status: number, message: string): Response =>
  Response.json({ message }, { status });

/** The whole kitchen as one archive. */
export async function GET(): Promise<Response> {
  const now = new Date();
  const archive = await stored(() => kitchenArchive(now));
  if (!archive.ok) return refused(503, storageText(archive.issue));
  const day = formatISO(now, { representation: "date" });
  return new Response(archive.value, {
    headers: {
      "content-type": "application/zip",
      "content-disposition": `attachment; filename="steady-tin-${day}.zip"`,
    },
  });
}

/**
 * Looks through an archive, `?do=look`, or brings it in, `?do=bring`; with `&changed=take` also what
 * is otherwise in the kitchen.
 */
export async function POST(request: NextRequest): Promise<Response> {
  if (request.headers.get("content-type") !== "application/zip")
    return refused(415, "An archive arrives as a zip.");
  const bytes = await upTo(request, MOST_BYTES);
  if (bytes === null) return refused(413, `This archive is over ${MOST_BYTES / 1_000_000} MB.`);
  const looked = lookThrough(bytes);
  const { searchParams } = request.nextUrl;
  const isLook = searchParams.get("do") !== "bring";
  // To whoever only looks this is an answer like any other.
  if (looked === null)
    return refused(
      isLook ? 200 : 422,
      "This is no archive of a kitchen, or nothing of it can be read.",
    );
  if (isLook) {
    const compared = await stored(() => comparedArchive(looked));
    if (!compared.ok) return refused(503, storageText(compared.issue));
    const { unread, missing, hasIndex } = looked;
    return Response.json({
      compared: compared.value,
      pictures: looked.pictures.length,
      trouble: archiveTroubleText(unread, missing, hasIndex),
    });
  }
  if (isAtTheBench())
    return refused(
      409,
      "A bake is open on a page. End it, or close that page, then bring the archive in. Nothing was changed.",
    );
  const takesChanged = searchParams.get("changed") === "take";
  const brought = await stored(() => bringArchiveIn(looked, takesChanged, new Date()));
  if (!brought.ok) return refused(503, storageText(brought.issue));
  revalidatePath("/", "layout");
  return Response.json({ brought: brought.value });
}
