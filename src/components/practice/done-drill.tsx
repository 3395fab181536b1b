"use client";

import { useEffect, useMemo, useState } from "react";
import { DoorOpen, Pause, Play } from "lucide-react";
import {
  doneBakes,
  doneCase,
  doneJudged,
  insideAt,
  lookCostsMin,
  probeAt,
  seenAt,
  type DoneInsides,
} from "@/core/practice";
import { doneness, type Look } from "@/core/bake";
import type { BatterKind } from "@/core/kind";
import type { Tin } from "@/core/tin";
import { heatText, minutesText, tinText } from "@/words";
import { adviceText, donenessText } from "@/words/bakes";
import { KIND_NAMES } from "@/words/kinds";
import { doneLesson, doneVerdictText, doneWhenText, hiddenText, lookText } from "@/words/practice";
import { InsideDrawing } from "../bake/inside-drawing";
import { useInsides } from "../bake/use-insides";
import { Tick } from "../frame/tick";
import { useSay, useUnits } from "../frame/units";
import { EmptyTin } from "../section/empty-tin";
import { DrillEnd } from "./drill-end";
import { LookDrawn } from "./look-drawn";
import { useAnswer, type KeepAnswer } from "./use-answer";

type DoneDrillProps = {
  readonly seed: number;
  readonly kind: BatterKind;
  readonly tins: readonly Tin[];
  readonly keep: KeepAnswer;
};

/** Sixty times as fast as a clock: a minute a second. */
const MINUTE_MS = 1000;
const PX_PER_MM = 0.6;
/** Nobody forgets a cake for longer than this, over its latest minutes. */
const FORGOTTEN = 1.5;

/** A bake with an oven that keeps something back: look when you like, and take it out. */
export function DoneDrill({ seed, kind, tins, keep }: DoneDrillProps) {
  const say = useSay();
  const { units } = useUnits();
  const of = useMemo(() => doneCase(seed, kind, tins), [seed, kind, tins]);
  const specs = useMemo(() => {
    const { asTold, real } = doneBakes(of);
    return [asTold, real].map(({ geometry, ...bake }) => ({ ...bake, tin: geometry.tin }));
  }, [of]);
  const solved = useInsides(specs);
  const [asTold, real] = specs.map((spec) => solved.of(spec));
  const insides: DoneInsides | null = asTold == null || real == null ? null : { asTold, real };
  const [minute, setMinute] = useState(0);
  const [looks, setLooks] = useState<readonly { readonly minute: number; readonly look: Look }[]>(
    [],
  );
  const [isOpen, setIsOpen] = useState(false);
  const [isRunning, setIsRunning] = useState(false);
  const [hasProbe, setHasProbe] = useState(false);
  const [outMin, setOutMin] = useState<number | null>(null);
  const answer = useAnswer(keep);
  const latest = Math.round(of.minutes.notPastMin * FORGOTTEN);

  useEffect(() => {
    if (!isRunning) return;
    const timer = setInterval(
      () =>
        setMinute((now) => {
          if (now + 1 >= latest) setIsRunning(false);
          return Math.min(latest, now + 1);
        }),
      MINUTE_MS,
    );
    return () => clearInterval(timer);
  }, [isRunning, latest]);

  const wait = (to: number): void => {
    setIsOpen(false);
    setMinute(Math.min(latest, to));
  };

  function open(): void {
    if (insides === null) return;
    setIsRunning(false);
    setIsOpen(true);
    const coreC = Math.round(probeAt(of, insides, minute, looks.length) * 2) / 2;
    const look = {
      ...seenAt(of, insides, minute, looks.length),
      ...(hasProbe ? { coreC } : {}),
    };
    setLooks([...looks, { minute, look }]);
  }

  function takeOut(): void {
    if (insides === null) return;
    setOutMin(minute);
    const { verdict, log } = doneJudged(of, insides, minute, paidLooks);
    answer.tell({
      drill: "done",
      about: kind,
      seed,
      verdict,
      log,
    });
  }

  const last = looks.at(-1);
  // The look with which it comes out lets no heat out that it would have needed.
  const paidLooks = looks.filter((each) => each.minute < (outMin ?? minute)).length;
  const { firstLookMin, likelyMin, notPastMin } = of.minutes;
  const facts = [
    ["Batter", KIND_NAMES[kind]],
    ["Tin", tinText(of.geometry.tin, units)],
    ["Dial", heatText(of.dialC, units)],
    ["Start checking at", minutesText(firstLookMin)],
    ["Likely", minutesText(likelyMin)],
    ["Latest", minutesText(notPastMin)],
  ] as const;
  return (
    <section className="panel space-y-4 px-6 py-5 max-sm:px-4" aria-label={say`The bake`}>
      <dl className="flex flex-wrap gap-x-8 gap-y-1">
        {facts.map(([name, value]) => (
          <div key={name}>
            <dt className="label">{say(name)}</dt>
            <dd className="text-[17px] font-semibold first-letter:uppercase">{say(value)}</dd>
          </div>
        ))}
      </dl>
      {outMin === null && (
        <>
          <p className="max-w-[70ch] text-[15px] text-ink-2">
            {donenessText(doneness(kind), units)}
          </p>
          <p className="flex items-end gap-3">
            <EmptyTin tin={of.geometry.tin} pxPerMm={PX_PER_MM} />
            <span className="figure-text text-[42px] leading-none" aria-live="off">
              {minute}
            </span>
            <span>{minute === 1 ? "minute" : "minutes"} in the oven</span>
          </p>
          <div className="flex flex-wrap gap-2" role="group" aria-label="Bake on">
            <button type="button" className="button" onClick={() => wait(minute + 1)}>
              1 minute
            </button>
            <button type="button" className="button" onClick={() => wait(minute + 5)}>
              5 minutes
            </button>
            {minute < of.minutes.firstLookMin && (
              <button
                type="button"
                className="button"
                onClick={() => wait(of.minutes.firstLookMin)}
              >
                To the first look
              </button>
            )}
            <button
              type="button"
              className="button"
              aria-pressed={isRunning}
              onClick={() => {
                setIsOpen(false);
                setIsRunning(!isRunning);
              }}
            >
              {isRunning ? <Pause size={17} aria-hidden /> : <Play size={17} aria-hidden />}
              {isRunning ? "Stop the clock" : "Let it run"}
            </button>
          </div>
          <div className="flex flex-wrap items-center gap-2">
            <button
              type="button"
              className="button button-next"
              disabled={insides === null || isOpen || minute === 0}
              onClick={open}
            >
              <DoorOpen size={17} aria-hidden /> Open the door
            </button>
            <button
              type="button"
              className="button"
              disabled={insides === null || minute === 0}
              onClick={takeOut}
            >
              Take it out
            </button>
            <Tick checked={hasProbe} onChange={setHasProbe}>
              I have a probe
            </Tick>
          </div>
          <div role="status">
            {insides === null && !solved.hasFailed && <p>Putting it in the oven …</p>}
            {solved.hasFailed && <p>This browser can’t work out the inside of a cake.</p>}
            {isOpen && last !== undefined && <LookDrawn look={last.look} units={units} />}
          </div>
        </>
      )}
      {outMin !== null && insides !== null && (
        <Cut
          {...{ of, insides, outMin, units, paidLooks, looks: looks.length }}
          trouble={answer.trouble}
          onKeepAgain={answer.again}
        />
      )}
      {looks.length > 0 && (
        <div>
          <h2 className="label">Your looks</h2>
          <ol className="text-[15px]">
            {looks.map(({ minute: at, look }, index) => (
              <li key={index}>
                {minutesText(at)}: {lookText(look)}
                {look.coreC === undefined ? "" : `, probe ${heatText(look.coreC, units)}`}
              </li>
            ))}
          </ol>
        </div>
      )}
    </section>
  );
}

type CutProps = {
  readonly of: ReturnType<typeof doneCase>;
  readonly insides: DoneInsides;
  readonly outMin: number;
  readonly looks: number;
  /** Those before it came out. */
  readonly paidLooks: number;
  readonly units: Parameters<typeof heatText>[1];
  readonly trouble: string;
  readonly onKeepAgain: () => void;
};

/** The cake cut open at her minute, beside the right one. */
function Cut({ of, insides, outMin, looks, paidLooks, units, trouble, onKeepAgain }: CutProps) {
  const judged = doneJudged(of, insides, outMin, paidLooks);
  const rightMin = Math.ceil(judged.rightFromMin);
  const doneC = doneness(of.kind).coreC.from;
  const cuts = [
    { title: "As you took it out", at: outMin },
    ...(judged.verdict === "right" ? [] : [{ title: "As it should have been", at: rightMin }]),
  ];
  return (
    <DrillEnd
      drill="done"
      isRight={judged.verdict === "right"}
      verdict={doneVerdictText(judged, outMin)}
      lesson={doneLesson(judged, looks)}
      trouble={trouble}
      onKeepAgain={onKeepAgain}
    >
      <p className="max-w-[70ch]">{doneWhenText(judged)}</p>
      <div className="grid max-w-3xl gap-6 sm:grid-cols-2">
        {cuts.map(({ title, at }) => {
          const moment = insideAt(of, insides, at, paidLooks);
          return moment === null ? null : (
            <div key={title}>
              <h2 className="label">{title}</h2>
              <InsideDrawing
                inside={insides.real}
                moment={moment}
                geometry={of.geometry}
                minute={at}
                doneC={doneC}
                units={units}
              />
            </div>
          );
        })}
      </div>
      <dl className="max-w-[70ch] space-y-1">
        <dt className="label">As it came out</dt>
        <dd>
          <span className="block first-letter:uppercase">{lookText(judged.seen)}.</span> The look at
          the bench would say: {adviceText(judged.advice, units)}
        </dd>
        <dt className="label">What nobody could know</dt>
        <dd>{hiddenText(of, paidLooks, lookCostsMin(of), units)}</dd>
      </dl>
    </DrillEnd>
  );
}
