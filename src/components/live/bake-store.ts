"use client";

import { v4 as newId } from "uuid";
import * as z from "@/core/zod";
import { bakeTime, type BakeDoc } from "@/core/kept";
import {
  bakeNow,
  begunDay,
  presentAt,
  openTin,
  parseBakeEvents,
  replayed,
  type BakeEvent,
  countedIn,
  DEVICE_KINDS,
  DeviceNewsSchema,
  isThere,
  NOTHING_RECEIVED,
  poured,
  pouringFrom,
  received,
  tareAsked,
  type DeviceCommand,
  type DeviceKind,
  type DeviceNews,
  type Pouring,
  type Received,
} from "@/core/live";
import { MS_PER_MIN } from "@/core/measure";
import { ticking } from "./ticking";
import { keep, kept, keptPouring } from "./kept-pouring";

/** A fact to be told, before it has its id and its time. */
export type Fact = BakeEvent extends infer E
  ? E extends BakeEvent
    ? Omit<E, "id" | "at"> & { readonly id?: string }
    : never
  : never;

/** What a page knows of its bake. */
export type BakeKnown = {
  readonly events: readonly BakeEvent[];
  /** Told here, and not yet kept by the server. */
  readonly unsent: readonly BakeEvent[];
  /** By the bake's own clock, ms since 1970. */
  readonly nowMs: number;
  readonly isHeard: boolean;
  /** Why the server does not take what was told, in its words; null while it does. */
  readonly refused: string | null;
  /** The page's own stopwatch, ms: how long a device has been silent. */
  readonly pageMs: number;
  readonly devices: ReadonlyMap<DeviceKind, Received>;
  /** Pouring on the scale, and the task it is for; null before a scale is there. */
  readonly pouring: { readonly task: string; readonly state: Pouring } | null;
};

/** A bake on a page: what is known of it, and ways to tell it things. */
export type BakeStore = {
  readonly subscribe: (tell: () => void) => () => void;
  readonly known: () => BakeKnown;
  readonly first: BakeKnown;
  readonly tell: (...facts: readonly Fact[]) => void;
  /**
   * Gives a clock so many minutes more than until `endsAt`, by the bake's clock as it is now, not
   * as it was last shown.
   */
  readonly giveMore: (task: string, endsAt: number, moreMin: number) => void;
  readonly command: (order: DeviceCommand) => void;
  readonly tare: () => void;
  /** What the scale had counted before it was set to nothing is batter in the tin. */
  readonly countIn: () => void;
  /** Listens to the server until what it returns is called. */
  readonly listen: (devices: readonly DeviceKind[]) => () => void;
};

const ToldSchema = z.object({ events: z.unknown(), nowMs: z.number() });

const ClockSchema = z.object({ nowMs: z.number() });

const RefusedSchema = z.object({ message: z.string() });

const RETRY_MS = 2000;

const CORE_EVERY_MIN = 1;

const OVEN_EVERY_MIN = 5;

/**
 * What a page and the server share of a bake. Facts are kept in the browser until the server has
 * them, and every event has an id of its own, so that nothing is lost by a reload or a dead server,
 * and nothing counts twice. Time is the server's, carried on by the page's own stopwatch, so that
 * the clock of the machine the page is on may show what it likes.
 */
export function bakeStore(
  id: string,
  doc: BakeDoc,
  events: readonly BakeEvent[],
  serverMs: number,
): BakeStore {
  const day = begunDay(doc);
  const first: BakeKnown = {
    events,
    unsent: [],
    nowMs: bakeTime(doc.clock, serverMs),
    isHeard: true,
    refused: null,
    pageMs: 0,
    devices: new Map(DEVICE_KINDS.map((kind) => [kind, NOTHING_RECEIVED])),
    pouring: null,
  };
  const listeners = new Set<() => void>();
  let known = first;
  let aheadMs = serverMs - (typeof performance === "undefined" ? 0 : performance.now());
  let isSending = false;

  const set = (changes: Partial<BakeKnown>): void => {
    known = { ...known, ...changes };
    for (const tell of listeners) tell();
  };
  const nowMs = (): number => Math.round(bakeTime(doc.clock, performance.now() + aheadMs));
  const unsentKey = `steady-tin-unsent-${id}`;
  const pouringKey = `steady-tin-pouring-${id}`;

  /** What the server has told, in the order it did, then what it does not know yet. */
  function merged(told: readonly BakeEvent[], unsent: readonly BakeEvent[]): void {
    const isTold = new Set(told.map((event) => event.id));
    const before = known.events.filter(
      (event) => !known.unsent.includes(event) && !isTold.has(event.id),
    );
    const all = new Map([...before, ...told].map((event) => [event.id, event]));
    const left = unsent.filter((event) => !all.has(event.id));
    set({ events: [...all.values(), ...left], unsent: left });
    keep(unsentKey, left.length === 0 ? null : left);
  }

  function tell(...facts: readonly Fact[]): void {
    const told = facts
      .map((fact): BakeEvent => ({ ...fact, id: fact.id ?? newId(), at: nowMs() }))
      .filter((event) => !known.events.some((other) => other.id === event.id));
    if (told.length === 0) return;
    set({ nowMs: nowMs() });
    merged([], [...known.unsent, ...told]);
    void send();
  }

  function giveMore(task: string, endsAt: number, moreMin: number): void {
    tell({ kind: "extended", task, leftMin: Math.max(0, endsAt - nowMs() / MS_PER_MIN) + moreMin });
  }

  async function send(): Promise<void> {
    if (isSending || known.unsent.length === 0) return;
    isSending = true;
    const sent = known.unsent;
    try {
      const answer = await fetch(`/bakes/${id}/events`, {
        method: "POST",
        headers: { "content-type": "application/json" },
        body: JSON.stringify(sent),
        keepalive: true,
      });
      if (answer.ok) {
        // A server that keeps things is heard. What it has told by the stream meanwhile has its
        // place already.
        set({ isHeard: true, refused: null });
        merged(
          sent.filter((event) => known.unsent.includes(event)),
          known.unsent,
        );
      } else if (answer.status >= 500) set({ isHeard: false });
      else {
        // It would say the same again: what was told stays here until the page is opened anew.
        const said = RefusedSchema.safeParse(await answer.json().catch(() => null));
        set({
          isHeard: true,
          refused: said.success ? said.data.message : `It answered ${answer.status}.`,
        });
      }
    } catch {
      set({ isHeard: false });
    }
    isSending = false;
    if (known.unsent.length > 0 && known.refused === null)
      setTimeout(() => void send(), known.isHeard ? 0 : RETRY_MS);
  }

  function command(order: DeviceCommand): void {
    void fetch(`/bakes/${id}/device`, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify(order),
    }).catch(() => null);
  }

  function setPouring(task: string, state: Pouring): void {
    set({ pouring: { task, state } });
    keep(pouringKey, { task, state });
  }

  function tare(): void {
    const { pouring } = known;
    const scale = known.devices.get("scale") ?? NOTHING_RECEIVED;
    if (!isThere(scale)) return;
    if (pouring !== null) setPouring(pouring.task, tareAsked(pouring.state, scale.value ?? 0));
    command({ do: "tare", device: "scale" });
  }

  function countIn(): void {
    if (known.pouring !== null) setPouring(known.pouring.task, countedIn(known.pouring.state));
  }

  /**
   * Pouring goes on with each reading; what was in a tin when the scale was lost is told, and
   * poured on from.
   */
  function pour(held: Received): void {
    const log = replayed(day.tasks, known.events);
    const { states } = presentAt(day, log, nowMs() / MS_PER_MIN);
    const filling = day.tasks.find(
      (task) => task.doing.do === "fill" && states.get(task.id)?.is === "open",
    );
    if (filling === undefined) return;
    const targets = doc.cakes[filling.cake]?.tinsG ?? [];
    const weighed = log.weighed.get(filling.id);
    const open = openTin(log, filling.id, targets.length);
    if (open === -1) return;
    const mine =
      known.pouring?.task === filling.id
        ? known.pouring.state
        : keptPouring(pouringKey, filling.id);
    const isBehind = mine === null || mine.tin < open - (mine.phase === "swap" ? 1 : 0);
    const at = isBehind ? pouringFrom(open, weighed?.get(open)?.massG ?? 0) : mine;
    if (held.trouble === "lost") {
      lost(filling.id, at);
      return;
    }
    const next = poured(at, held, targets);
    if (next.pouring !== known.pouring?.state) setPouring(filling.id, next.pouring);
    if (next.tare) command({ do: "tare", device: "scale" });
    if (next.full !== null) tellWeighed(filling.id, next.full.tin, next.full.massG, targets.length);
  }

  function lost(task: string, at: Pouring): void {
    if (at.phase !== "pour" || at.netG <= at.beforeG) return;
    tell({
      kind: "weighed",
      task,
      tin: at.tin,
      massG: Math.round(at.netG),
      isWhole: false,
      isMeasured: true,
    });
    setPouring(task, pouringFrom(at.tin, Math.round(at.netG)));
  }

  function tellWeighed(task: string, tin: number, massG: number, tins: number): void {
    // One id for all screens that read the same scale.
    tell({
      kind: "weighed",
      task,
      tin,
      massG,
      isWhole: true,
      isMeasured: true,
      id: `weighed-${task}-${tin}-${known.events.filter(({ kind }) => kind === "undone").length}`,
    });
    if (tin === tins - 1) tell({ kind: "done", task });
  }

  function onDevice(news: DeviceNews): void {
    const held = received(
      known.devices.get(news.device) ?? NOTHING_RECEIVED,
      news,
      performance.now(),
    );
    set({ devices: new Map([...known.devices, [news.device, held]]) });
    if (news.device === "scale") pour(held);
    else if (news.kind === "reading" && held.trouble === null && held.value !== null)
      tellHeat(news.device === "core-probe" ? "core" : "oven", held.value);
  }

  /** A reading a minute of the core, one in five of the oven: enough for a curve. */
  function tellHeat(of: "core" | "oven", tempC: number): void {
    const atMin = nowMs() / MS_PER_MIN;
    const present = presentAt(day, replayed(day.tasks, known.events), atMin);
    const load = bakeNow(day.tasks, present);
    const warming = day.tasks.find(
      ({ id: warm, doing }) => doing.do === "warm-up" && present.states.get(warm)?.is === "running",
    )?.id;
    const task = of === "core" ? load : (load ?? warming);
    if (task === undefined) return;
    tell({
      kind: "temperature",
      of,
      task,
      tempC,
      id: `${of}-${task}-${Math.floor(atMin / (of === "core" ? CORE_EVERY_MIN : OVEN_EVERY_MIN))}`,
    });
  }

  function onLost(): void {
    set({ isHeard: false });
    // Whatever stood on the server's devices is not heard any more either.
    for (const [device, held] of known.devices)
      if (held.serial !== null) onDevice({ kind: "lost", device, serial: held.serial });
  }

  function listen(devices: readonly DeviceKind[]): () => void {
    const left = parseBakeEvents(kept(unsentKey));
    if (left.ok)
      merged(
        [],
        [
          ...known.unsent,
          ...left.value.filter((event) => !known.unsent.some((other) => other.id === event.id)),
        ],
      );
    void send();
    set({
      devices: new Map(
        [...known.devices].map(([kind, held]) => [
          kind,
          devices.includes(kind) ? held : NOTHING_RECEIVED,
        ]),
      ),
    });
    let isOver = false;
    let close = (): void => undefined;
    const connect = (): void => {
      if (isOver) return;
      const source = new EventSource(`/bakes/${id}/live?devices=${devices.join(",")}`);
      const heard = (serverNow: number): void => {
        aheadMs = serverNow - performance.now();
        set({ isHeard: true, nowMs: nowMs() });
        void send();
      };
      source.addEventListener("told", ({ data }: MessageEvent<string>) => {
        const told = ToldSchema.safeParse(JSON.parse(data));
        const events = told.success ? parseBakeEvents(told.data.events) : null;
        if (!told.success) return;
        heard(told.data.nowMs);
        if (events?.ok === true) merged(events.value, known.unsent);
      });
      source.addEventListener("clock", ({ data }: MessageEvent<string>) => {
        const clock = ClockSchema.safeParse(JSON.parse(data));
        if (clock.success) heard(clock.data.nowMs);
      });
      source.addEventListener("device", ({ data }: MessageEvent<string>) => {
        const news = DeviceNewsSchema.safeParse(JSON.parse(data));
        if (news.success) onDevice(news.data);
      });
      source.addEventListener("error", () => {
        onLost();
        // A line that broke is taken up again by the browser, one that was refused is not.
        if (source.readyState === EventSource.CLOSED && !isOver) setTimeout(connect, RETRY_MS);
      });
      close = () => source.close();
    };
    connect();
    const stop = ticking(() => {
      set({ nowMs: nowMs(), pageMs: performance.now() });
    });
    return () => {
      isOver = true;
      close();
      stop();
    };
  }

  return {
    subscribe: (each) => {
      listeners.add(each);
      return () => listeners.delete(each);
    },
    known: () => known,
    first,
    tell,
    giveMore,
    command,
    tare,
    countIn,
    listen,
  };
}
