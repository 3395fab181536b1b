"use client";

import { useEffect, useMemo, useState, useSyncExternalStore } from "react";
import { plannedCake, type BakeDoc, type PlannedCake } from "@/core/kept";
import {
  begunDay,
  ovenLoads,
  revisedBy,
  type OvenLoad,
  presentAt,
  offersAt,
  replayed,
  rungAt,
  type Present,
  type BakeEvent,
  type Log,
  type Offer,
  type DeviceKind,
} from "@/core/live";
import type { Task } from "@/core/day";
import { pantryOf, type KitchenPantry } from "@/core/pantry";
import { useInsides } from "../bake/use-insides";
import { useUnits } from "../frame/units";
import { bakeStore, type BakeKnown, type BakeStore } from "./bake-store";
import { MS_PER_MIN } from "@/core/measure";

/** All that the bench shows. */
export type LiveBake = {
  readonly known: BakeKnown;
  readonly store: BakeStore;
  /** Minutes since 1970 by the bake's clock, with their fraction. */
  readonly now: number;
  readonly log: Log;
  readonly present: Present;
  readonly loads: readonly OvenLoad[];
  readonly offers: readonly Offer[];
  readonly planned: readonly (PlannedCake | null)[];
  /** Clocks that ran out since hands last did something. */
  readonly rung: readonly Task[];
};

/** A bake as it stands, four times a second. */
export function useLiveBake(
  id: string,
  doc: BakeDoc,
  events: readonly BakeEvent[],
  serverMs: number,
  pantry: KitchenPantry,
  devices: readonly DeviceKind[],
): LiveBake {
  const { units } = useUnits();
  const [store] = useState(() => bakeStore(id, doc, events, serverMs));
  const known = useSyncExternalStore(store.subscribe, store.known, () => store.first);
  const switchedOn = devices.join();
  useEffect(
    () => store.listen(switchedOn.split(",").filter((each): each is DeviceKind => each !== "")),
    [store, switchedOn],
  );

  const day = useMemo(() => begunDay(doc), [doc]);
  const planned = useMemo(() => {
    const kitchen = pantryOf(pantry.own, pantry.learnt);
    return doc.cakes.map((cake) =>
      plannedCake(cake.doc, { size: units.measure, heat: units.heat }, kitchen),
    );
  }, [doc, pantry, units]);
  const wanted = useMemo(
    () => doc.cakes.flatMap(({ slowest }) => (slowest === null ? [] : [slowest])),
    [doc],
  );
  const insides = useInsides(wanted);

  const log = useMemo(() => replayed(day.tasks, known.events), [day, known.events]);
  const now = known.nowMs / MS_PER_MIN;
  const rough = useMemo(() => presentAt(day, log, now), [day, log, now]);
  const loads = useMemo(
    () =>
      ovenLoads(doc, log, rough, (cake) => {
        const bake = doc.cakes[cake]?.slowest;
        return bake == null ? null : insides.of(bake);
      }),
    [doc, log, rough, insides],
  );
  const revised = useMemo(() => revisedBy(loads), [loads]);
  const present = revised.size === 0 ? rough : presentAt(day, log, now, revised);
  const isLate = present.spareMin.some((spare) => spare !== null && spare <= -1);
  // What could be shortened changes slowly: once a minute is enough.
  const minute = Math.floor(now);
  const offers = useMemo(
    () => (isLate ? offersAt(day, log, minute, revised) : []),
    [isLate, day, log, minute, revised],
  );
  return {
    known,
    store,
    now,
    log,
    present,
    loads,
    offers,
    planned,
    rung: rungAt(day.tasks, log, present, now),
  };
}
