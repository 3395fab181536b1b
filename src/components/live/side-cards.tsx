"use client";

import { useState } from "react";
import type { BakeDoc } from "@/core/kept";
import { lateCakes, leastOffer, type Offer, deviceTrouble } from "@/core/live";
import type { Task } from "@/core/day";
import { minutesText, type Units } from "@/words";
import { countdown, spareText, timerText } from "@/words/clocks";
import { WAY_WORDS } from "@/words/live";
import { deviceTroubleText } from "@/words/devices";
import { doingText } from "@/words/day";
import { clockAt } from "../frame/now";
import { Sheet } from "../frame/sheet";
import type { LiveBake } from "./use-live-bake";

const MOST_TIMERS = 3;
const LATER_MIN = 15;
/** What may be ready before its clock says so. */
const ENDED_BY_HAND: readonly Task["doing"]["do"][] = [
  "warm-up",
  "soften-butter",
  "chill-coat",
  "step",
  "cool",
  "cool-ingredient",
  "cool-made",
];

type SideCardsProps = {
  readonly view: LiveBake;
  readonly doc: BakeDoc;
  readonly units: Units;
  readonly onOffer: (offer: Offer) => void;
  readonly onWantedLater: (cake: number, byMin: number) => void;
  readonly onEarlyDone: (task: string) => void;
};

/**
 * What is always in view: clocks that run, what is to spare, what comes next, what is wrong with a
 * device.
 */
export function SideCards({
  view,
  doc,
  units,
  onOffer,
  onWantedLater,
  onEarlyDone,
}: SideCardsProps) {
  const { present, now, offers, known } = view;
  const name = (cake: number): string =>
    doc.cakes.length > 1 ? ` · ${doc.cakes[cake]?.name ?? ""}` : "";
  const late = lateCakes(present);
  const spares = present.spareMin.flatMap((spare, cake) =>
    spare === null ? [] : [{ spare, cake }],
  );
  const troubles = [...known.devices].flatMap(([device, held]) => {
    const trouble = deviceTrouble(held, known.pageMs);
    return trouble === null ? [] : [deviceTroubleText(device, trouble)];
  });
  const [next] = doc.tasks
    .flatMap((task) => {
      const rest = present.rest.get(task.id);
      return rest === undefined ||
        task.id === present.current?.task.id ||
        present.states.get(task.id)?.is === "running"
        ? []
        : [{ task, from: rest.from }];
    })
    .sort((one, other) => one.from - other.from);
  return (
    <aside aria-label="Clocks" className="flex min-w-0 flex-col gap-3">
      {!known.isHeard && (
        <p role="alert" className="live-card border-deep-tomato! text-[18px]">
          The kitchen&apos;s server does not answer. What you do is kept here
          {known.unsent.length > 0 ? `, ${known.unsent.length} so far,` : ""} and told when it is
          back; clocks go on.
        </p>
      )}
      {known.refused !== null && (
        <p role="alert" className="live-card border-deep-tomato! text-[18px]">
          The kitchen does not take what is done here: {known.refused} It stays in this browser,{" "}
          {known.unsent.length} so far.
        </p>
      )}
      {troubles.map((text) => (
        <p key={text} role="alert" className="live-card border-deep-tomato! text-[18px]">
          {text}
        </p>
      ))}
      {present.timers.slice(0, MOST_TIMERS).map(({ task, endsAt, isStanding }) => {
        const isDue = endsAt <= now;
        return (
          <div
            key={task.id}
            className={`flex items-center justify-between gap-3 ${isDue ? "rounded-panel bg-yolk px-4.5 py-2.5 text-ink" : "live-card py-2.5!"}`}
            role="timer"
            aria-label={timerText(task.doing, isStanding, units)}
          >
            <div className="min-w-0">
              <p className={`text-[18px] leading-tight ${isDue ? "" : "text-deep-text"}`}>
                {timerText(task.doing, isStanding, units)}
                {name(task.cake)}
              </p>
              <p className="flex items-baseline gap-3">
                <span className="figure-text text-[46px] leading-[1.05]">
                  {countdown(endsAt - now)}
                </span>
                <span className={`text-[18px] ${isDue ? "" : "text-deep-text"}`}>
                  {isDue ? "now" : `at ${clockAt(endsAt, units)}`}
                </span>
              </p>
            </div>
            {!isStanding && !isDue && ENDED_BY_HAND.includes(task.doing.do) && (
              <button
                type="button"
                className="min-h-16 shrink-0 rounded-control border-2 border-deep-line px-3 text-[18px] hover:border-white"
                aria-label={`Ready already: ${timerText(task.doing, isStanding, units)}`}
                onClick={() => onEarlyDone(task.id)}
              >
                Ready
              </button>
            )}
          </div>
        );
      })}
      {present.timers.length > MOST_TIMERS && (
        <p className="text-[18px] text-deep-text">
          and {present.timers.length - MOST_TIMERS} more, the next at{" "}
          {clockAt(present.timers[MOST_TIMERS]?.endsAt ?? now, units)}
        </p>
      )}
      {spares.map(({ spare, cake }) => (
        <div
          key={cake}
          className={`live-card ${spare <= -1 ? "border-deep-tomato!" : ""}`}
          role="status"
          aria-label={`Ready by ${clockAt(present.wantedAt[cake] ?? now, units)}${name(cake)}`}
        >
          <p className="text-[18px] text-deep-text">
            Ready by {clockAt(present.wantedAt[cake] ?? now, units)}
            {name(cake)}
          </p>
          <p className="flex flex-wrap items-baseline gap-x-3">
            <span
              className={`figure-text text-[38px] leading-tight ${spare <= -1 ? "text-deep-tomato" : ""}`}
            >
              {spareText(spare)}
            </span>
            {spare <= -1 && (
              <span className="text-[18px]">
                as it goes, at {clockAt(present.readyAt[cake] ?? now, units)}
              </span>
            )}
          </p>
        </div>
      ))}
      {late.length > 0 && (
        <Shorter
          late={late}
          offers={offers}
          best={leastOffer(offers, present)}
          name={name}
          onOffer={onOffer}
          onWantedLater={onWantedLater}
        />
      )}
      {next !== undefined && (
        <div className="live-card">
          <p className="text-[18px] text-deep-text">Next, at {clockAt(next.from, units)}</p>
          <p className="text-[20px] leading-snug">
            {doingText(next.task.doing, units)}
            {name(next.task.cake)}
          </p>
        </div>
      )}
    </aside>
  );
}

type ShorterProps = Pick<SideCardsProps, "onOffer" | "onWantedLater"> & {
  readonly offers: readonly Offer[];
  readonly best: Offer | null;
  /** Cakes that are late. */
  readonly late: readonly number[];
  readonly name: (cake: number) => string;
};

/**
 * The least change that makes up what is late, or the one that saves most; all others on a sheet.
 */
function Shorter({ late, offers, best, name, onOffer, onWantedLater }: ShorterProps) {
  const [isOpen, setOpen] = useState(false);
  const close = (): void => setOpen(false);
  return (
    <div role="group" aria-label="What could be shorter" className="flex flex-col gap-2">
      {best !== null && (
        <button
          type="button"
          className="live-button flex-col items-start! gap-0! text-left text-[19px]!"
          onClick={() => onOffer(best)}
        >
          <span>
            {offerText(best)}
            {name(best.cake)}
          </span>
          <span className="text-[17px] font-normal text-deep-text">{WAY_WORDS[best.way].cost}</span>
        </button>
      )}
      <button type="button" className="live-button text-[19px]!" onClick={() => setOpen(true)}>
        {best === null ? "Have it wanted later" : "Other ways"}
      </button>
      {isOpen && (
        <Sheet isLarge title="What could be shorter" onClose={close}>
          <div className="flex flex-col gap-2">
            {offers.map((offer) => (
              <button
                key={`${offer.cake}.${offer.way}`}
                type="button"
                className="button min-h-16 flex-col items-start! gap-0! text-left text-[19px]"
                onClick={() => {
                  close();
                  onOffer(offer);
                }}
              >
                <span>
                  {offerText(offer)}
                  {name(offer.cake)}
                </span>
                <span className="text-[17px] font-normal text-ink-2">
                  {WAY_WORDS[offer.way].cost}
                </span>
              </button>
            ))}
            {late.map((cake) => (
              <button
                key={cake}
                type="button"
                className="button min-h-16 text-[19px]"
                onClick={() => {
                  close();
                  onWantedLater(cake, LATER_MIN);
                }}
              >
                Have it wanted {minutesText(LATER_MIN)} later{name(cake)}
              </button>
            ))}
          </div>
        </Sheet>
      )}
    </div>
  );
}

const offerText = ({ way, savesMin }: Offer): string =>
  `${WAY_WORDS[way].what}: ${minutesText(savesMin)} sooner`;
