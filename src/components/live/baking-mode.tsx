"use client";

import { useCallback, useEffect, useRef, useState } from "react";
import { useRouter } from "next/navigation";
import { parseAsArrayOf, parseAsStringLiteral, useQueryState } from "nuqs";
import { afterLook, CORE_RANGE_C, type Look } from "@/core/bake";
import {
  bakedMinutes,
  clockToExtend,
  openTin,
  ovenFirst,
  tinsInOven,
  type BakeEvent,
  DEVICE_KINDS,
  isThere,
  NOTHING_RECEIVED,
} from "@/core/live";
import type { BakeDoc } from "@/core/kept";
import type { BakeRecord } from "@/core/logbook";
import { goingOf, type Task } from "@/core/day";
import { rungText } from "@/words/clocks";
import { nextText } from "@/words/live";
import type { KitchenPantry } from "@/core/pantry";
import { clockAt } from "../frame/now";
import type { Outcome } from "../frame/outcome";
import { Sheet } from "../frame/sheet";
import { useTell } from "../frame/toasts";
import { useSay, useUnits } from "../frame/units";
import { LiveStrip } from "./live-strip";
import { readyBell, ringBell } from "./bell";
import { Closing } from "./closing";
import { DevicePanel } from "./device-panel";
import { NoteSheet } from "./note-sheet";
import { SideCards } from "./side-cards";
import { StepPane } from "./step-pane";
import { useLiveBake } from "./use-live-bake";
import { useWakeLock } from "./use-wake-lock";
import { ClocksInBrief, BakingKey } from "./baking-key";

const MORE_MIN = 5;

type BakingModeProps = {
  readonly bake: {
    readonly id: string;
    readonly name: string;
    readonly doc: BakeDoc;
    readonly events: readonly BakeEvent[];
    readonly isEnded: boolean;
  };
  readonly pantry: KitchenPantry;
  /** How each cake's recipe went last time; null where there was none, or it is seen to. */
  readonly lastTimes: readonly (BakeRecord | null)[];
  /** The server's clock when it made the page, ms. */
  readonly serverMs: number;
  readonly stop: (id: string) => Promise<Outcome>;
};

/**
 * The bench, hands busy: one step a screen, clocks always in view, worked with a knuckle or five
 * keys.
 */
export function BakingMode({
  bake: { id, name, doc, events, isEnded },
  pantry,
  lastTimes,
  serverMs,
  stop,
}: BakingModeProps) {
  const say = useSay();
  const { units } = useUnits();
  const router = useRouter();
  const tell = useTell();
  const [devices, setDevices] = useQueryState(
    "devices",
    parseAsArrayOf(parseAsStringLiteral(DEVICE_KINDS)).withDefault([]),
  );
  const view = useLiveBake(id, doc, events, serverMs, pantry, devices);
  const { present, log, loads, store, known, now, rung } = view;
  const [open, setOpen] = useState<"note" | "devices" | "give-up" | null>(null);
  // A task that is done ahead of its time, because she said so.
  const [ahead, setAhead] = useState<string | null>(null);
  const [seen, setSeen] = useState<{ readonly of: string; readonly look: Look }>({
    of: "",
    look: {},
  });
  const close = useCallback(() => setOpen(null), []);
  useWakeLock();

  const task = present.current?.task ?? null;
  // What is begun is gone on with, also after the page was opened anew.
  const isBegun =
    task !== null && (ahead === task.id || log.weighed.has(task.id) || log.ticked.has(task.id));
  const isEarly = present.current?.isEarly === true && !isBegun;
  const isDone = present.spareMin.every((spare) => spare === null);
  const looks = task === null ? 0 : log.looks.filter((look) => look.task === task.id).length;
  const tins = task?.doing.do === "look-and-bake-on" ? (task.doing.tins ?? 1) : 1;
  const inOven = task === null ? [] : tinsInOven(log.looks, task.id, tins);
  const lookedAt = tins > 1 ? (inOven[0]?.tin ?? null) : null;
  // Each look begins with nothing seen.
  const lookKey = `${task?.id ?? ""} ${looks} ${lookedAt ?? ""}`;
  const oven = task === null || !isEarly ? null : ovenFirst(doc, present.states, task);
  const load = loads.find(({ look }) => look.id === task?.id);
  const core = known.devices.get("core-probe");
  const typed = seen.of === lookKey ? seen.look : {};
  // A probe that touches the tin says nothing of the cake.
  const isCore =
    core?.value != null &&
    core.trouble === null &&
    core.value >= CORE_RANGE_C.min &&
    core.value <= CORE_RANGE_C.max;
  const look: Look = { ...typed, ...(isCore ? { coreC: Math.round(core.value * 10) / 10 } : {}) };
  // What was taken back is left out of it.
  const hasSeen = Object.values<unknown>(typed).some((sign) => sign !== undefined);
  const advice =
    load === undefined || !hasSeen
      ? null
      : afterLook(
          doc.cakes[load.bake.cake]?.kind ?? "creamed",
          look,
          Math.max(0, now - (load.inAt ?? now)),
          load.refit,
        );
  const filling = task?.doing.do === "fill" ? task : null;

  function onNext(): void {
    if (task === null || isDone) return;
    if (isEarly) {
      if (oven !== null) store.tell({ kind: "started", task: oven.warmUp.id });
      setAhead(task.id);
      return;
    }
    const going = goingOf(task);
    if (filling !== null) {
      onFilled(filling);
      return;
    }
    if (going === "by-looks") {
      onLooked(lookedAt === null ? {} : { tin: lookedAt });
      return;
    }
    store.tell({ kind: going === "by-clock" ? "started" : "done", task: task.id });
  }

  /** What was seen holds for one tin, or for all that are still in the oven. */
  function onLooked(of: { readonly tin?: number }): void {
    if (task !== null && advice !== null)
      store.tell({
        kind: "looked",
        task: task.id,
        look,
        moreMin: advice.verdict === "out" ? null : advice.moreMin,
        ...of,
      });
  }

  /** One more tin is filled: to what the scale says, or as it was planned. */
  function onFilled(fill: Task): void {
    const targets = doc.cakes[fill.cake]?.tinsG ?? [];
    const tin = openTin(log, fill.id, targets.length);
    const pouring = known.pouring?.task === fill.id ? known.pouring.state : null;
    const isOn =
      known.devices.get("scale")?.serial != null &&
      pouring !== null &&
      pouring.tin === tin &&
      pouring.phase === "pour" &&
      pouring.netG > 0;
    if (tin !== -1)
      store.tell({
        kind: "weighed",
        task: fill.id,
        tin,
        massG: isOn ? Math.round(pouring.netG) : (targets[tin] ?? 0),
        isWhole: true,
        isMeasured: isOn,
      });
    if (tin === -1 || tin === targets.length - 1) store.tell({ kind: "done", task: fill.id });
  }

  async function onGiveUp(): Promise<void> {
    const outcome = await stop(id).catch((): Outcome => ({
      ok: false,
      message: "The kitchen's server does not answer: the bake goes on.",
    }));
    if (outcome.ok) router.push(`/cakes/${doc.cakes[0]?.id ?? ""}?at=day`);
    else tell(outcome.message);
  }

  const onBack = (): void => {
    if (log.lastAct !== null) store.tell({ kind: "undone", of: log.lastAct });
  };
  const more = clockToExtend(present, rung, now);
  const onMore = (): void => {
    if (more !== null) store.giveMore(more.task.id, more.endsAt, MORE_MIN);
  };

  const keys: Readonly<Record<string, () => void>> = {
    " ": onNext,
    ArrowLeft: onBack,
    t: store.tare,
    T: store.tare,
    "+": onMore,
    n: () => setOpen("note"),
    N: () => setOpen("note"),
  };
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      readyBell();
      const target = event.target instanceof HTMLElement ? event.target : null;
      const isTyping = target?.closest("input, textarea, select, [role=dialog]") != null;
      // Space on a button is that button's own.
      const isPress = event.key === " " && target?.closest("button, a") != null;
      const act = latest.current[event.key];
      if (
        act === undefined ||
        isTyping ||
        isPress ||
        event.metaKey ||
        event.ctrlKey ||
        event.altKey ||
        event.repeat
      )
        return;
      event.preventDefault();
      act();
    };
    // What was tapped gives the keys back to the bench: the next space goes on.
    const onTap = (event: MouseEvent): void => {
      if (event.detail > 0 && event.target instanceof Element)
        event.target.closest<HTMLElement>("button")?.blur();
    };
    addEventListener("keydown", onKey);
    addEventListener("click", onTap);
    addEventListener("pointerdown", readyBell);
    return () => {
      removeEventListener("keydown", onKey);
      removeEventListener("click", onTap);
      removeEventListener("pointerdown", readyBell);
    };
  }, []);

  const bell = rung.map(({ id: each }) => each).join();
  const first = rung[0];
  const rings =
    first === undefined
      ? ""
      : rungText(first.doing, present.states.get(first.id)?.is === "over", units);
  const heard = useRef(bell);
  useEffect(() => {
    const before = heard.current.split(",");
    if (bell !== "" && bell.split(",").some((each) => !before.includes(each))) ringBell();
    heard.current = bell;
  }, [bell]);
  useEffect(() => {
    document.title = `${rings === "" ? "" : `${rings} · `}${name} · Steady Tin`;
  }, [rings, name]);

  const isOver = isEnded || log.ended !== null;
  const isRehearsal = doc.clock.speed > 1;
  // It ends by itself and is in no logbook.
  useEffect(() => {
    if (isRehearsal && isDone && !isOver)
      store.tell({ kind: "ended", bakedMin: null, verdict: null, change: "" });
  }, [isRehearsal, isDone, isOver, store]);
  const next = nextOf();

  /** What is on the button that goes on. */
  function nextOf(): string {
    if (isEarly) return oven === null ? "Do it now" : "Oven on, then this now";
    if (task === null) return `Next at ${clockAt(present.nextAt ?? now, units)}`;
    if (advice !== null)
      return advice.verdict === "out" ? "Out it comes" : `${advice.moreMin} min more`;
    if (filling === null) return nextText(task.doing);
    const tins = doc.cakes[filling.cake]?.tinsG.length ?? 0;
    return openTin(log, filling.id, tins) < tins - 1 ? say`Poured, next tin` : "Poured, next";
  }

  return (
    <div className="fixed inset-0 z-30 flex flex-col overflow-y-auto bg-deep text-white">
      {rung.length > 0 && (
        <div
          key={bell}
          className="flash pointer-events-none fixed inset-0 z-40 border-[10px] border-yolk"
          aria-hidden
        />
      )}
      <header className="z-10 border-b-[1.5px] border-deep-line bg-deep px-7 pt-3 max-lg:sticky max-lg:top-0 max-sm:px-4">
        <div className="flex flex-wrap items-center justify-between gap-x-4">
          <h1 className="min-w-0 truncate text-[20px]">
            {name}
            {doc.clock.speed > 1 && (
              <span className="text-yolk">
                {" "}
                · rehearsal<span className="max-sm:sr-only">, {doc.clock.speed} times as fast</span>
              </span>
            )}
          </h1>
          <p className="flex items-center gap-4 text-[19px]">
            <span className="figure-text text-[26px]" aria-label="The time">
              {clockAt(now, units)}
            </span>
            <button
              type="button"
              className="min-h-16 px-2 underline underline-offset-4"
              onClick={() => setOpen("devices")}
            >
              Devices
            </button>
            <button
              type="button"
              className="min-h-16 px-2 underline underline-offset-4"
              onClick={() => setOpen("give-up")}
            >
              Give up
            </button>
            <a
              className="flex min-h-16 items-center px-2 underline underline-offset-4"
              href={`/cakes/${doc.cakes[0]?.id ?? ""}?at=day`}
            >
              Leave
            </a>
          </p>
        </div>
        {!isOver && !isDone && <ClocksInBrief view={view} units={units} />}
        <div className="max-sm:hidden">
          <LiveStrip present={present} tasks={doc.tasks} now={now} />
        </div>
      </header>
      <p
        role="alert"
        className={
          rings === "" || isOver
            ? "sr-only"
            : "bg-yolk px-7 py-2 text-[26px] font-bold text-ink max-sm:px-4"
        }
      >
        {isOver ? "" : rings}
      </p>
      {isOver ? (
        <div className="space-y-5 px-7 py-8 max-sm:px-4">
          <h2 className="text-[46px] leading-[1.08]!">
            {log.ended === null
              ? "This bake was given up"
              : isRehearsal
                ? "The rehearsal is over"
                : "Kept for the logbook"}
          </h2>
          {log.ended !== null && !isRehearsal && (
            <a className="live-button max-w-md" href={`/logbook/${id}.0`}>
              Its page in the logbook
            </a>
          )}
          <a className="live-button live-next max-w-md" href={`/cakes/${doc.cakes[0]?.id ?? ""}`}>
            Back to the cake
          </a>
        </div>
      ) : (
        <>
          <div className="grid flex-1 content-start gap-x-7 gap-y-4 px-7 py-4 max-sm:px-4 lg:grid-cols-[minmax(0,1fr)_396px]">
            {isDone ? (
              <Closing
                bakedMin={loads[0] === undefined ? null : bakedMinutes(loads[0])}
                units={units}
                onBack={onBack}
                onEnd={(answer) => store.tell({ kind: "ended", ...answer })}
              />
            ) : (
              <StepPane
                view={view}
                doc={doc}
                units={units}
                task={task}
                isEarly={isEarly}
                look={look}
                lastTime={lastTimes[task?.cake ?? 0] ?? null}
                advice={advice}
                tinsLeft={inOven.length}
                lookedAt={lookedAt}
                oven={oven}
                onLookedAll={() => onLooked({})}
                onLook={(seenNow) =>
                  setSeen({ of: lookKey, look: { ...seenNow, coreC: undefined } })
                }
                onCountIn={store.countIn}
                onTick={(line, isTicked) => {
                  if (task !== null) store.tell({ kind: "ticked", task: task.id, line, isTicked });
                }}
              />
            )}
            <SideCards
              view={view}
              doc={doc}
              units={units}
              onOffer={({ way, takes }) =>
                store.tell({ kind: "shortened", way, takes: [...takes] })
              }
              onWantedLater={(cake, byMin) =>
                store.tell({
                  kind: "wanted",
                  cake,
                  wantedAt: Math.round((present.wantedAt[cake] ?? now) + byMin),
                })
              }
              onEarlyDone={(timed) => store.tell({ kind: "done", task: timed })}
            />
          </div>
          {!isDone && (
            <nav
              aria-label="What to do"
              className="sticky bottom-0 grid grid-cols-4 gap-3 bg-deep px-7 pt-2 pb-5 max-sm:gap-2 max-sm:px-4 max-sm:pb-3 lg:grid-cols-[repeat(4,minmax(0,190px))_minmax(0,1fr)]"
            >
              <button
                type="button"
                className="live-button live-next order-last max-lg:order-first max-lg:col-span-4"
                disabled={task === null || (goingOf(task) === "by-looks" && advice === null)}
                onClick={onNext}
                aria-keyshortcuts="Space"
              >
                {next}{" "}
                <span className="live-key max-lg:hidden" aria-hidden>
                  space
                </span>
              </button>
              <BakingKey
                name="Back"
                hint="←"
                shortcut="ArrowLeft"
                isOff={log.lastAct === null}
                onPress={onBack}
              />
              <BakingKey
                name="Tare"
                hint="T"
                shortcut="T"
                isOff={!isThere(known.devices.get("scale") ?? NOTHING_RECEIVED)}
                onPress={store.tare}
              />
              <BakingKey
                name="+5 min"
                hint="+"
                shortcut="+"
                isOff={more === null}
                onPress={onMore}
              />
              <BakingKey
                name="Note"
                hint="N"
                shortcut="N"
                isOff={false}
                onPress={() => setOpen("note")}
              />
            </nav>
          )}
        </>
      )}
      {open === "give-up" && (
        <Sheet isLarge title="Give this bake up?" onClose={close}>
          <p className="text-[18px]">
            Its clocks stop. What was done stays in the record; the cake and its plan stay as they
            are.
          </p>
          <button
            type="button"
            className="button mt-3 min-h-16 w-full text-[20px]"
            onClick={() => void onGiveUp()}
          >
            Give it up
          </button>
        </Sheet>
      )}
      {open === "note" && (
        <NoteSheet
          notes={log.notes}
          onNote={(text) => {
            store.tell({ kind: "note", text });
            close();
          }}
          onClose={close}
        />
      )}
      {open === "devices" && (
        <DevicePanel
          on={devices}
          received={known.devices}
          units={units}
          command={store.command}
          onClose={close}
          onSwitch={(kind, isOn) =>
            void setDevices(isOn ? [...devices, kind] : devices.filter((each) => each !== kind))
          }
        />
      )}
    </div>
  );
}
