"use client";

import Link from "next/link";
import { brimVolume, tinGeometry } from "@/core/tin";
import { brimText, SHELVES, tinText, type Units } from "@/words";
import type { TinChoice } from "../frame/choices";
import type { KeptOutcome, Outcome } from "../frame/outcome";
import { useSay, useUnits } from "../frame/units";
import { EmptyTin } from "../section/empty-tin";
import { AddTin } from "./add-tin";

/** Everything in the cupboard is drawn at this scale, px a mm. */
const SCALE = 0.5;
/** A tray is drawn with so many of its cups. */
const MOST_CUPS = 4;
/** Room above the tallest tin of a shelf, px. */
const AIR_PX = 16;

type CupboardProps = {
  readonly tins: readonly TinChoice[];
  readonly keep: (tin: Omit<TinChoice, "id">) => Promise<KeptOutcome>;
  readonly own: (id: string, owned: number) => Promise<Outcome>;
};

/**
 * The cupboard: a shelf for each sort of tin, each tin in section at one scale, with its size and
 * what it holds.
 */
export function Cupboard({ tins, keep, own }: CupboardProps) {
  const say = useSay();
  const { units } = useUnits();
  const shelves = SHELVES.map((shelf) => ({
    ...shelf,
    tins: tins.filter(({ tin }) => shelf.shapes.includes(tin.shape)),
  })).filter((shelf) => shelf.tins.length > 0);
  return (
    <>
      <AddTin tins={tins} units={units} keep={keep} own={own} />
      {tins.length === 0 && (
        <p className="panel p-6">
          {say`The cupboard is empty. Write the size of your first tin above: it is drawn as you write.`}
        </p>
      )}
      {shelves.length > 0 && (
        <div className="panel px-4 pb-4 md:px-6">
          {shelves.map((shelf) => (
            <Shelf key={shelf.name} name={say(shelf.name)} tins={shelf.tins} units={units} />
          ))}
        </div>
      )}
    </>
  );
}

function Shelf({
  name,
  tins,
  units,
}: {
  readonly name: string;
  readonly tins: readonly TinChoice[];
  readonly units: Units;
}) {
  const standing = tins.map((each) => {
    const geometry = tinGeometry(each.tin);
    return { ...each, geometry: geometry.ok ? geometry.value : null };
  });
  const tallest = Math.max(...standing.map(({ geometry }) => geometry?.depthMm ?? 0));
  return (
    <section aria-label={name} className="pt-4">
      <h2 className="text-[17px]">{name}</h2>
      <ul className="flex flex-wrap">
        {standing.map(({ id, name: tinName, tin, owned, geometry }) => (
          <li key={id} className="max-w-full basis-56 max-sm:grow">
            <Link href={`/tins/${id}`} className="group flex h-full flex-col">
              <span
                className="flex items-end justify-center border-b-4 border-ink px-4"
                style={{ height: `${tallest * SCALE + AIR_PX}px` }}
              >
                {Array.from({ length: Math.min(geometry?.count ?? 1, MOST_CUPS) }, (_, cup) => (
                  <EmptyTin key={cup} tin={tin} pxPerMm={SCALE} />
                ))}
              </span>
              <span className="px-3 pt-1.5 pb-2 text-center">
                <span className="block font-semibold break-words">
                  <span className="underline-offset-3 group-hover:underline">{tinName}</span>
                  {owned > 1 && <span className="font-normal"> · {owned} of them</span>}
                </span>
                <span className="block text-[14px] text-ink-2">{tinText(tin, units)}</span>
                <span className="block text-[14px] text-ink-2">
                  {geometry === null
                    ? "its sizes contradict each other"
                    : brimText(geometry, brimVolume(geometry), units)}
                </span>
              </span>
            </Link>
          </li>
        ))}
        <li
          aria-hidden
          className="grow border-b-4 border-ink"
          style={{ height: `${tallest * SCALE + AIR_PX}px` }}
        />
      </ul>
    </section>
  );
}
