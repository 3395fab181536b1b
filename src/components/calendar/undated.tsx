"use client";

import { useDroppable } from "@dnd-kit/core";
import Link from "next/link";
import { CakeChip, type ChipCake, type ChipProps } from "./cake-chip";

/** Where a cake is put that has no day. */
export const UNDATED = "undated";

/** Cakes nobody said a day of, to be put on one. */
export function Undated({
  cakes,
  more,
  ...chip
}: ChipProps & { readonly cakes: readonly ChipCake[]; readonly more: number }) {
  const { setNodeRef, isOver } = useDroppable({ id: UNDATED });
  return (
    <section
      ref={setNodeRef}
      aria-labelledby="undated"
      className={`no-print mt-4 rounded-panel p-3 ${isOver ? "bg-yolk-soft" : ""}`}
    >
      <h2 id="undated" className="mb-1.5 text-[17px]">
        No day yet
      </h2>
      {cakes.length === 0 ? (
        <p className="text-ink-2">Every cake that is to be baked has its day.</p>
      ) : (
        <ul className="grid grid-cols-[repeat(auto-fill,minmax(11rem,1fr))] gap-2">
          {cakes.map((cake) => (
            <CakeChip key={cake.id} cake={cake} isDrawn={false} {...chip} />
          ))}
        </ul>
      )}
      {more > 0 && (
        <p className="mt-2 text-ink-2">
          And {more} more among{" "}
          <Link href="/cakes?show=to-bake" className="underline underline-offset-4">
            the cakes
          </Link>
          .
        </p>
      )}
    </section>
  );
}
