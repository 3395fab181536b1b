"use client";

import { useCallback, useEffect, useRef, useState } from "react";
import * as z from "@/core/zod";
import { GotSchema, type Got } from "@/core/shopping";
import { parseWith, type Result } from "@/core/measure";
import { draftOf, dropDraft, putDraft } from "../frame/draft";
import { kitchenChanged } from "../frame/kitchen-changed";
import { postToShopping } from "./post-to-shopping";

const WAITING = "shopping";
const AGAIN_MS = 10_000;
const AT_ONCE = 200;
const NOT_ALLOWED = "This device’s key does not allow ticking.";
const TicksSchema = z.array(GotSchema);

type Ticks = {
  /** Everything ticked that is known here, the kitchen's and this page's own. */
  readonly got: readonly Got[];
  /** How many of this page's the kitchen has not got yet. */
  readonly waiting: number;
  /** Why the last try to keep them failed; empty while it did not. */
  readonly trouble: string;
  /** Ticks by what is said at a moment, ms since 1970. */
  readonly say: (ticksAt: (at: number) => readonly Got[]) => void;
  /** Ticks that the kitchen has already: shown, not sent. */
  readonly hear: (ticks: readonly Got[]) => void;
};

const waitingTicks = (): readonly Got[] =>
  draftOf(WAITING, (input): Result<readonly Got[]> => parseWith(TicksSchema, input))?.value ?? [];

/**
 * The ticks of a list. What is ticked shows at once and stands in the browser until the kitchen has
 * it, so that neither a shop without signal nor a closed page loses any; they are sent when there is
 * a line again, and the last word on each share stands.
 */
export function useTicks(kept: readonly Got[]): Ticks {
  const [own, setOwn] = useState<readonly Got[]>([]);
  const [trouble, setTrouble] = useState("");
  const [waiting, setWaiting] = useState(0);
  const unsent = useRef<readonly Got[]>([]);
  const isSending = useRef(false);
  const isTakenUp = useRef(false);

  const noteWaiting = useCallback((ticks: readonly Got[]): void => {
    unsent.current = ticks;
    setWaiting(ticks.length);
    if (ticks.length === 0) dropDraft(WAITING);
    else putDraft(WAITING, ticks, Date.now());
  }, []);

  /**
   * Takes up what waited from before: once, and ahead of the first tick of this page, which would
   * otherwise stand in its place.
   */
  const takeUp = useCallback((): void => {
    if (isTakenUp.current) return;
    isTakenUp.current = true;
    const before = waitingTicks();
    if (before.length === 0) return;
    setOwn((ticks) => [...before, ...ticks]);
    noteWaiting(before);
  }, [noteWaiting]);

  const send = useCallback(async (): Promise<void> => {
    if (isSending.current) return;
    isSending.current = true;
    while (unsent.current.length > 0) {
      const sent = unsent.current.slice(0, AT_ONCE);
      const outcome = await postToShopping("ticks", sent, NOT_ALLOWED);
      setTrouble(outcome.ok ? "" : outcome.message);
      if (!outcome.ok) break;
      kitchenChanged();
      noteWaiting(unsent.current.filter((tick) => !sent.includes(tick)));
    }
    isSending.current = false;
  }, [noteWaiting]);

  useEffect(() => {
    const begin = setTimeout(() => {
      takeUp();
      void send();
    });
    const again = (): void => void send();
    const timer = setInterval(again, AGAIN_MS);
    globalThis.addEventListener("online", again);
    return () => {
      clearTimeout(begin);
      clearInterval(timer);
      globalThis.removeEventListener("online", again);
    };
  }, [send, takeUp]);

  const say = (ticksAt: (at: number) => readonly Got[]): void => {
    takeUp();
    const ticks = ticksAt(Date.now());
    setOwn((before) => [...before, ...ticks]);
    noteWaiting([...unsent.current, ...ticks]);
    void send();
  };
  const hear = (ticks: readonly Got[]): void => setOwn((before) => [...before, ...ticks]);
  return { got: [...kept, ...own], waiting, trouble, say, hear };
}
