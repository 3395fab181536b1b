"use client";

import { useState } from "react";
import { changedLarder, type Got, type LarderMove, type LarderRow } from "@/core/shopping";
import { kitchenChanged } from "../frame/kitchen-changed";
import { useTell } from "../frame/toasts";
import { postToShopping } from "./post-to-shopping";

type KnownLarder = {
  readonly larder: ReadonlyMap<string, LarderRow>;
  /** @returns whether it was kept; where it was not, the page says why and nothing has changed */
  readonly move: (moves: readonly LarderMove[]) => Promise<boolean>;
  /** The same with a word of what was done and a way back to what was. */
  readonly change: (movesAt: (at: number) => readonly LarderMove[], told: string) => Promise<void>;
};

const NO_LINE = "The kitchen can’t be reached, so this was not kept. Try again when it can.";
const NOT_ALLOWED = "This device’s key does not allow changing what is in the kitchen.";

/**
 * What is known of things in the kitchen, and how to say more of them.
 * @param got all ticks that are known
 * @param hear takes note of ticks that the kitchen has
 */
export function useLarder(
  kept: readonly LarderRow[],
  got: readonly Got[],
  hear: (ticks: readonly Got[]) => void,
): KnownLarder {
  const tell = useTell();
  const [own, setOwn] = useState<readonly LarderRow[]>([]);
  const larder = new Map([...kept, ...own].map((row) => [row.key, row] as const));

  async function move(moves: readonly LarderMove[]): Promise<boolean> {
    const outcome = await postToShopping("larder", moves, NOT_ALLOWED);
    if (!outcome.ok) {
      tell(outcome.message === "" ? NO_LINE : outcome.message);
      return false;
    }
    setOwn((before) => [
      ...before,
      ...moves.map(({ change }) =>
        changedLarder(
          before.findLast(({ key }) => key === change.key) ??
            kept.find(({ key }) => key === change.key) ??
            null,
          change,
        ),
      ),
    ]);
    hear(moves.flatMap(({ ticks }) => ticks));
    kitchenChanged();
    return true;
  }

  async function change(
    movesAt: (at: number) => readonly LarderMove[],
    told: string,
  ): Promise<void> {
    const moves = movesAt(Date.now());
    const back = (at: number): readonly LarderMove[] =>
      moves.map(({ change: { key, name }, ticks }) => ({
        change: { key, name, has: larder.get(key)?.has ?? null, at },
        ticks: ticks.map((tick) => ({
          ...tick,
          how: "open" as const,
          ...got.findLast(({ cake, key: of }) => cake === tick.cake && of === tick.key),
          at,
        })),
      }));
    if (await move(moves)) tell(told, { name: "Undo", run: () => void move(back(Date.now())) });
  }
  return { larder, move, change };
}
