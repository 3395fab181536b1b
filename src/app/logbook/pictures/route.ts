import type { NextRequest } from "next/server";
import { keepPicture, stored } from "@/data";
import { bareJpeg } from "@/server/bare-jpeg";
import { upTo } from "@/server/up-to";
import { storageText } from "@/words";

/** A picture as pages send it, shrunk already, is never larger, bytes; nor wider or higher, px. */
const MOST_BYTES = 4_000_000;
const MOST_PX = 4000;

const refused = (status: number, message: string): Response =>
  Response.json({ message }, { status });

/**
 * Keeps a JPEG, without anything but its picture, and answers with its hash and size. It is on the
 * disk before the answer is given.
 */
export async function POST(request: NextRequest): Promise<Response> {
  if (request.headers.get("content-type") !== "image/jpeg")
    return refused(415, "A picture arrives as a JPEG.");
  const bytes = await upTo(request, MOST_BYTES);
  if (bytes === null)
    return refused(413, `This picture is over ${MOST_BYTES / 1_000_000} MB, even shrunk.`);
  const jpeg = bareJpeg(bytes);
  if (jpeg === null) return refused(422, "This is no picture that can be read.");
  const { widthPx, heightPx } = jpeg;
  if (widthPx > MOST_PX || heightPx > MOST_PX)
    return refused(422, `This picture is ${widthPx} by ${heightPx} px; up to ${MOST_PX} are kept.`);
  const kept = await stored(() => keepPicture(jpeg.bytes));
  return kept.ok
    ? Response.json({ hash: kept.value, widthPx, heightPx })
    : refused(503, storageText(kept.issue));
}
