"use client";

import { useState } from "react";
import * as z from "@/core/zod";
import {
  LarderRowSchema,
  latestGot,
  type Got,
  type LarderMove,
  type LarderRow,
} from "@/core/shopping";
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

/** The things that were spoken of, as the kitchen has them now: another phone may have said more. */
const KeptSchema = z.object({ rows: z.array(LarderRowSchema) });
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
  // What the kitchen says of a thing counts before what this page said of it at the same moment.
  const larder = new Map(
    [...own, ...kept]
      .toSorted((one, other) => one.at - other.at)
      .map((row) => [row.key, row] as const),
  );

  async function move(moves: readonly LarderMove[]): Promise<boolean> {
    const outcome = await postToShopping("larder", moves, NOT_ALLOWED);
    if (!outcome.ok) {
      tell(outcome.message === "" ? NO_LINE : outcome.message);
      return false;
    }
    const said = KeptSchema.safeParse(outcome.body);
    if (said.success) setOwn((before) => [...before, ...said.data.rows]);
    hear(moves.flatMap(({ ticks }) => ticks));
    kitchenChanged();
    return true;
  }

  async function change(
    movesAt: (at: number) => readonly LarderMove[],
    told: string,
  ): Promise<void> {
    const moves = movesAt(Date.now());
    const known = [...latestGot(got).values()];
    const back = (at: number): readonly LarderMove[] =>
      moves.map(({ change: { key, name }, ticks }) => ({
        change: { key, name, has: larder.get(key)?.has ?? null, at },
        ticks: ticks.map((tick) => ({
          ...tick,
          how: "open" as const,
          ...known.find(({ cake, key: of }) => cake === tick.cake && of === tick.key),
          at,
        })),
      }));
    if (await move(moves)) tell(told, { name: "Undo", run: () => void move(back(Date.now())) });
  }
  return { larder, move, change };
}
