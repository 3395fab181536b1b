"use client";

import Link from "next/link";
import { FIRST_QUESTION } from "@/core/cake";
import { brimVolume, tinGeometry, writeTin } from "@/core/tin";
import { tinText, volumeText } from "@/words";
import { benchHref } from "../bench/bench-address";
import type { TinChoice } from "../bench/choices";
import { useUnits } from "../frame/units";
import { EmptyTin } from "../section/empty-tin";

/** The tins of the kitchen at one scale, with their size and what they hold. */
export function TinList({ tins }: { readonly tins: readonly TinChoice[] }) {
  const { units } = useUnits();
  if (tins.length === 0) return <p className="panel p-6">The cupboard is empty. On the bench, the size of any tin can be written down as it is.</p>;
  return (
    <ul className="grid gap-3 sm:grid-cols-2 lg:grid-cols-4">
      {tins.map(({ id, name, tin, owned }) => {
        const geometry = tinGeometry(tin);
        const brim = geometry.ok ? volumeText(brimVolume(geometry.value), units) : "";
        return (
          <li key={id}>
            <Link href={benchHref({ ...FIRST_QUESTION, tins: [writeTin(tin)] })} className="panel flex h-full flex-col overflow-hidden hover:border-ink">
              <span className="flex h-24 items-end justify-center border-b-4 border-ink">
                <EmptyTin tin={tin} pxPerMm={0.62} />
              </span>
              <span className="px-4 py-3">
                <span className="block font-semibold">
                  {name}
                  {owned > 1 && <span className="font-normal text-ink-2"> · {owned} of them</span>}
                </span>
                <span className="block text-[14px] text-ink-2">{tinText(tin, units)}</span>
                <span className="block text-[14px] text-ink-2">
                  {brim}
                  {tin.shape === "well" ? " to the brim in each" : " to the brim"}
                </span>
              </span>
            </Link>
          </li>
        );
      })}
    </ul>
  );
}
