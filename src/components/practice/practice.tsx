"use client";

import Link from "next/link";
import { scaleLinear, scalePoint } from "d3-scale";
import {
  DRILLS,
  judgementOf,
  type Drill,
  type Judgement,
  type PracticeAnswer,
} from "@/core/practice";
import { percentText } from "@/words";
import { DRILL_NAMES, judgementText } from "@/words/practice";
import { useSay } from "../frame/units";

/** What can be practised, and how she judges. */
export function Practice({ answers }: { readonly answers: readonly PracticeAnswer[] }) {
  const say = useSay();
  return (
    <article className="max-w-4xl space-y-4">
      <header>
        <h1 className="mt-2 text-[27px]">Practice</h1>
        <p className="max-w-[70ch] pt-1 text-[17px]">
          {say`Learn in ten minutes what usually takes ten ruined cakes. Each drill takes two minutes, in your own tins; what you got wrong comes again sooner.`}
        </p>
      </header>
      {DRILLS.map((drill) => (
        <DrillRow key={drill} drill={drill} judgement={judgementOf(answers, drill)} />
      ))}
    </article>
  );
}

function DrillRow({
  drill,
  judgement,
}: {
  readonly drill: Drill;
  readonly judgement: Judgement | null;
}) {
  const say = useSay();
  const { name, idea } = DRILL_NAMES[drill];
  return (
    <section className="panel space-y-3 px-6 py-4 max-sm:px-4" aria-labelledby={`drill-${drill}`}>
      <div className="flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
        <h2 id={`drill-${drill}`} className="text-xl">
          {say(name)}
        </h2>
        <Link className="button button-next" href={`/practice/${drill}`} prefetch={false}>
          Practise
        </Link>
      </div>
      <p className="max-w-[70ch]">{say(idea)}</p>
      {judgement === null ? (
        <p className="text-ink-2">Not tried yet.</p>
      ) : (
        <>
          <p className="font-semibold">{judgementText(judgement)}</p>
          <JudgementChart judgement={judgement} />
        </>
      )}
    </section>
  );
}

const WIDTH = 640;
const HEIGHT = 110;
const EDGE = { top: 10, bottom: 10, left: 76, right: 10 } as const;
/** The chart never looks closer than this, as a logarithm: a tenth. */
const LEAST_SHOWN = 0.1;
const DOT_PX = 5;

/** Her last answers, the oldest first, against right: above it too late, below it too early. */
function JudgementChart({ judgement: { answers, bias } }: { readonly judgement: Judgement }) {
  const most = Math.max(LEAST_SHOWN, ...answers.map(({ log }) => Math.abs(log)));
  const x = scalePoint(
    answers.map((_, index) => index),
    [EDGE.left, WIDTH - EDGE.right],
  ).padding(0.5);
  const y = scaleLinear([most, -most], [EDGE.top, HEIGHT - EDGE.bottom]);
  const ends = [
    { log: most, says: `${percentText(Math.expm1(most))} late` },
    { log: 0, says: "right" },
    { log: -most, says: `${percentText(-Math.expm1(-most))} early` },
  ];
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="block w-full max-w-3xl"
      role="img"
      aria-label={`The last ${answers.length} answers, from ${ends[2]?.says ?? ""} to ${ends[0]?.says ?? ""}`}
    >
      {ends.map(({ log, says }) => (
        <g key={says} className="text-[13px]">
          <line
            x1={EDGE.left}
            x2={WIDTH}
            y1={y(log)}
            y2={y(log)}
            className={log === 0 ? "stroke-ink" : "stroke-line"}
            strokeWidth={log === 0 ? 3 : 1.5}
          />
          <text x="0" y={y(log)} dy="0.35em" className="fill-ink-2">
            {says}
          </text>
        </g>
      ))}
      {answers.length > 2 && (
        <line
          x1={EDGE.left}
          x2={WIDTH}
          y1={y(Math.log1p(bias))}
          y2={y(Math.log1p(bias))}
          className="stroke-yolk"
          strokeWidth="2.500"
          strokeDasharray="7 5"
        />
      )}
      {answers.map(({ id, log, verdict }, index) => (
        <circle
          key={id}
          cx={x(index)}
          cy={y(log)}
          r={DOT_PX}
          strokeWidth="2"
          className={verdict === "right" ? "fill-leaf stroke-leaf" : "fill-paper stroke-tomato"}
        />
      ))}
    </svg>
  );
}
