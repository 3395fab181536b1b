import Link from "next/link";
import { Snowflake } from "lucide-react";
import { thawing, type ComingOut } from "@/core/freezer";
import type { Units } from "@/words";
import { takeOutText, thenText } from "@/words/freezer";

/** What comes out of the freezer for a day, or on it, and what is done with it once it is thawed. */
export function OutOfFreezer({
  thaws,
  units,
}: {
  readonly thaws: readonly ComingOut[];
  readonly units: Units;
}) {
  if (thaws.length === 0) return null;
  return (
    <section aria-labelledby="out-of-freezer" className="panel px-6 py-3 max-sm:px-4">
      <h2 id="out-of-freezer" className="flex items-center gap-2 text-[17px]">
        <Snowflake size={18} aria-hidden /> Out of the freezer
      </h2>
      <ul>
        {thaws.map(({ id, portions }) => {
          const then = thenText(thawing(portions).then, units);
          return (
            <li key={id} className="py-0.5">
              <Link
                href={`/freezer/${id}`}
                className="font-semibold break-words underline-offset-4 hover:underline"
              >
                {portions.name}
              </Link>
              : {takeOutText(portions, units)}.{then === "" ? "" : ` ${then}.`}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
