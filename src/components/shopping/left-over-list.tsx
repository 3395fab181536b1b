"use client";

import Link from "next/link";
import type { LeftOver } from "@/core/shopping";
import type { Units } from "@/words";
import { leftOverText } from "@/words/shopping";

/** What will be over of fresh things, each with the recipes that take it. */
export function LeftOverList({
  left,
  units,
}: {
  readonly left: readonly LeftOver[];
  readonly units: Units;
}) {
  return (
    left.length > 0 && (
      <section aria-label="Left over afterwards" className="panel p-6 max-sm:p-4">
        <h2 className="mb-1 text-[19px]">Left over afterwards</h2>
        <ul>
          {left.map((each) => {
            const { ingredient } = each;
            const { name, amount, keeps } = leftOverText(each, units);
            return (
              <li
                key={ingredient.id}
                className="flex flex-wrap items-baseline gap-x-3 border-t-[1.5px] border-line py-2 first:border-0"
              >
                <span className="figure-text w-20 text-[17px]">{amount}</span>
                <span className="font-semibold">{name}</span>
                <span className="text-[14px] text-ink-2">{keeps}</span>
                <Link
                  className="ml-auto underline underline-offset-4"
                  href={`/recipes?q=${encodeURIComponent(lastWord(ingredient.name))}`}
                >
                  Recipes with {name}
                </Link>
              </li>
            );
          })}
        </ul>
      </section>
    )
  );
}

/** What recipes call it, whatever kind of it they name: butter of unsalted butter. */
const lastWord = (name: string): string => name.split(" ").at(-1) ?? name;
