import Link from "next/link";
import type { ShownPicture } from "./history";

/** How a cake of this recipe looked: beside its name, and a way to the page it is on. */
export function StandingPicture({
  picture,
  name,
}: {
  readonly picture: ShownPicture | null;
  readonly name: string;
}) {
  if (picture === null) return null;
  const { hash, recordId } = picture;
  return (
    <Link href={`/logbook/${recordId}`} className="shrink-0">
      {/* Kept at its own size already, and served from this kitchen alone. */}
      {/* eslint-disable-next-line @next/next/no-img-element */}
      <img
        src={`/logbook/pictures/${hash}`}
        alt={`${name}, as it was baked`}
        width={56}
        height={56}
        className="size-14 rounded-control border-[1.5px] border-line object-cover"
      />
    </Link>
  );
}
