"use client";

import Link from "next/link";
import { useDeferredValue, useMemo, useState } from "react";
import { bakeDetail, insideCases, type CakePlan } from "@/core/plan";
import { dialText, heatText, ovenText, minutesText, tinText } from "@/words";
import { checkText, donenessText, whyHeatText } from "@/words/bakes";
import { duringText } from "@/words/in-oven";
import { bakeKey, type BakeSpec } from "@/workers/bake-protocol";
import { useSay } from "../frame/units";
import type { OvenChoice } from "../frame/choices";
import { Notes } from "../ask/plan-figures";
import { More } from "../frame/more";
import { AlsoBaked } from "./also-baked";
import { BakeChart, type Ghost } from "./bake-chart";
import { BakeTins } from "./bake-tins";
import type { StationProps } from "../frame/station-props";
import { HeatChoices } from "./heat-choices";
import { heatPlans, solvedOf, specOf, type HeatWay } from "./heat-ways";
import { momentAt } from "./inside-at";
import { InsideDrawing } from "./inside-drawing";
import type { History } from "../logbook/history";
import { LearntNote } from "./learnt-note";
import { Lessons } from "./lessons";
import { LookAdvisor } from "./look-advisor";
import { Figures } from "../frame/figures";
import { OtherBake } from "./other-bake";
import { OvenChooser } from "./oven-chooser";
import { ShelfLoads } from "./shelf-loads";
import { useInsides } from "./use-insides";
import { WhileItBakes } from "./while-it-bakes";
import { StripsChoice } from "./strips-choice";

/** A bake of one tin that later changes are compared with. */
type Pinned = {
  readonly tin: number;
  readonly bake: BakeSpec;
  readonly likelyMin: number;
  readonly name: string;
};

type BakeStationProps = StationProps & {
  readonly ovens: readonly OvenChoice[];
  readonly history: History;
};

/** Bake: in an oven, or in what the recipe has instead. */
export function BakeStation(props: BakeStationProps) {
  return props.plan.bake.source === "oven" ? <OvenBake {...props} /> : <OtherBake {...props} />;
}

/**
 * Ways to set the dial with what each costs, when to look, and the inside of the cake at any minute.
 */
function OvenBake(props: BakeStationProps) {
  const say = useSay();
  const { question, read, plan, isStale, units, ovens, history, onChange } = props;
  const { bake } = plan;
  const slowest = bake.tins.reduce(
    (best, each, index) => (each.likelyMin > (bake.tins[best]?.likelyMin ?? 0) ? index : best),
    0,
  );
  const [chosen, setChosen] = useState<number | null>(null);
  const tin = chosen !== null && chosen < bake.tins.length ? chosen : slowest;
  const [asked, setAsked] = useState<number | null>(null);
  const [held, setPinned] = useState<Pinned | null>(null);
  const pinned = held?.tin === tin ? held : null;

  const input = read.input.ok && !isStale ? read.input.value : null;
  const cases = useMemo(() => (input === null ? null : insideCases(input, plan)), [input, plan]);
  // What stands below may lag a frame behind what is typed.
  const [calm, calmInput, calmPlan] = [
    useDeferredValue(question),
    useDeferredValue(input),
    useDeferredValue(plan),
  ];
  const detail = useMemo(
    () => (calmInput === null ? null : bakeDetail(calmInput, calmPlan)),
    [calmInput, calmPlan],
  );
  const plans = useMemo(() => heatPlans(calm, tin, units), [calm, tin, units]);
  const reference = useMemo(() => (cases === null ? null : specOf(cases.reference)), [cases]);
  const own = cases?.tins[tin];
  const wanted = useMemo(() => {
    if (cases === null || own === undefined || reference === null) return [];
    const others = cases.tins.filter((each) => each !== own).map(specOf);
    return [
      specOf(own),
      reference,
      ...plans.flatMap((each) => (each.bake === null ? [] : [each.bake])),
      ...others,
      ...(pinned === null ? [] : [pinned.bake]),
    ];
  }, [cases, own, reference, plans, pinned]);
  const insides = useInsides(wanted);

  const referenceMin = input?.recipe.reference.minutes ?? null;
  const ways: readonly HeatWay[] = plans.map((each) => ({
    ...each,
    solved:
      each.plan === null
        ? null
        : solvedOf(each.plan, tin, each.bake, reference, referenceMin, insides),
  }));
  const ownSpec = wanted[0] ?? null;
  const solved = solvedOf(plan, tin, ownSpec, reference, referenceMin, insides);
  const minutes = bake.tins[tin];
  const name = `${ovenText(bake.ovenC, units)}${question.strips ? ", strips" : ""}, ${minutesText(minutes?.likelyMin ?? 0)}`;
  // The first curve of a visit is what later changes are compared with.
  if (pinned === null && ownSpec !== null && minutes !== undefined && insides.of(ownSpec) !== null)
    setPinned({ tin, bake: ownSpec, likelyMin: minutes.likelyMin, name });
  const written = ways.find(({ school }) => school === "as-written") ?? null;
  const isOtherHeat = written?.plan != null && written.plan.bake.ovenC !== bake.ovenC;
  return (
    <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,360px)_minmax(0,1fr)]">
      <div className="space-y-3 max-lg:order-2">
        <OvenChooser
          question={question}
          plan={plan}
          ovens={ovens}
          units={units}
          onChange={onChange}
        />
        <HeatChoices
          question={question}
          read={read}
          ways={ways}
          units={units}
          onChange={onChange}
        />
        <StripsChoice question={question} input={input} onChange={onChange} />
        <WhileItBakes
          question={question}
          read={read}
          units={units}
          details={detail?.during ?? []}
          minutes={bake}
          onChange={onChange}
        />
        <AlsoBaked question={question} read={read} units={units} onChange={onChange} />
      </div>
      <section
        aria-label="The bake"
        className={`panel min-w-0 overflow-hidden ${isStale ? "opacity-50" : ""}`}
      >
        <Figures
          figures={[
            ["Dial to", dialText(bake, units)],
            ["Door shut until", minutesText(bake.doorShutUntilMin)],
            ["Start checking", minutesText(bake.firstLookMin)],
            ["Likely done", minutesText(bake.likelyMin)],
            ["Latest", minutesText(bake.notPastMin)],
          ]}
        />
        {ownSpec !== null && minutes !== undefined && (
          <Inside
            plan={plan}
            tin={tin}
            spec={ownSpec}
            insides={insides}
            units={units}
            asked={asked}
            onAsk={setAsked}
            pinned={pinned}
          />
        )}
        <p className="mx-6 mb-3 rounded-control border-l-4 border-yolk bg-enamel px-3 py-2 text-[15px] max-sm:mx-4">
          {whyHeatText(
            plan,
            slowest,
            solved,
            isOtherHeat ? { ovenC: written.plan.bake.ovenC, solved: written.solved } : null,
            units,
          )}
          {solved?.minutes != null && minutes !== undefined && (
            <span className="text-ink-2"> {checkText(solved.minutes, minutes)}</span>
          )}
          {pinned !== null && ownSpec !== null && bakeKey(pinned.bake) !== bakeKey(ownSpec) && (
            <button
              type="button"
              className="ml-2 underline underline-offset-2"
              onClick={() =>
                setPinned({ tin, bake: ownSpec, likelyMin: minutes?.likelyMin ?? 0, name })
              }
            >
              Compare with this from now on
            </button>
          )}
        </p>
        {detail !== null && (
          <BakeTins
            plan={plan}
            detail={detail}
            shown={tin}
            solvedOf={(index) =>
              solvedOf(plan, index, specAt(cases, index), reference, referenceMin, insides)
            }
            units={units}
            onShow={setChosen}
          />
        )}
        <LearntNote
          question={question}
          read={read}
          plan={plan}
          history={history}
          onChange={onChange}
        />
        <Lessons
          question={question}
          plan={plan}
          units={units}
          history={history}
          onChange={onChange}
        />
        {detail !== null && (
          <div className="space-y-1 border-t-[1.5px] border-line px-6 py-3 text-[15px] max-sm:px-4">
            <p>{donenessText(detail.doneness, units)}</p>
            {detail.during.length > 0 && (
              <ul aria-label="While it bakes">
                {detail.during.map((each, index) => (
                  <li key={index}>{duringText(each, plan.fill.tins.length, units)}.</li>
                ))}
              </ul>
            )}
            {detail.foilLookMin !== null && (
              <p>
                At {minutesText(detail.foilLookMin)}: brown enough already? Lay foil over it
                loosely, shiny or dull side alike.
              </p>
            )}
            {detail.shelves !== null && (
              <ShelfLoads
                plan={detail.shelves}
                oven={question.oven}
                tins={plan.fill.tins.map(({ geometry }) => geometry)}
                units={units}
              />
            )}
            <p>
              <Link className="underline underline-offset-2" href="/how-sure">
                How sure is this?
              </Link>{" "}
              <Link
                className="ml-4 underline underline-offset-2"
                href={`/practice/done?about=${plan.mix.kind}`}
                prefetch={false}
              >
                Practise the look
              </Link>
            </p>
            <More summary={say`The same tins at other temperatures`}>
              <ul className="flex flex-wrap gap-x-6 gap-y-1 py-1">
                {detail.otherHeats.map(({ ovenC, likelyMin }) => (
                  <li key={ovenC} className={ovenC === bake.ovenC ? "font-semibold" : ""}>
                    {ovenText(ovenC, units)}: {minutesText(likelyMin)}
                  </li>
                ))}
              </ul>
            </More>
            <More summary="I have looked: what now?">
              <LookAdvisor kind={plan.mix.kind} minutes={minutes ?? bake} units={units} />
            </More>
          </div>
        )}
        <Notes plan={plan} station="bake" units={units} />
      </section>
    </div>
  );
}

function specAt(cases: ReturnType<typeof insideCases>, index: number): BakeSpec | null {
  const found = cases?.tins[index];
  return found === undefined ? null : specOf(found);
}

type InsideProps = {
  readonly plan: CakePlan;
  readonly tin: number;
  readonly spec: BakeSpec;
  readonly insides: ReturnType<typeof useInsides>;
  readonly units: StationProps["units"];
  readonly asked: number | null;
  readonly onAsk: (minute: number) => void;
  readonly pinned: Pinned | null;
};

/** The chart of the bake and the cake cut open beside it, as far as they have been solved. */
function Inside({ plan, tin, spec, insides, units, asked, onAsk, pinned }: InsideProps) {
  const say = useSay();
  const fill = plan.fill.tins[tin];
  const minutes = plan.bake.tins[tin];
  const inside = insides.of(spec);
  const was = pinned === null ? null : insides.of(pinned.bake);
  const ghost = useMemo(
    (): Ghost | null =>
      was === null || pinned === null || was === inside
        ? null
        : { inside: was, likelyMin: pinned.likelyMin, name: pinned.name },
    [was, pinned, inside],
  );
  const [last, setLast] = useState(inside);
  if (inside !== null && inside !== last) setLast(inside);
  const shown = inside ?? last;
  if (fill === undefined || minutes === undefined) return null;
  if (shown === null) {
    return (
      <p
        className="flex min-h-72 items-center justify-center px-6 text-[15px] text-ink-2"
        role="status"
      >
        {insides.hasFailed
          ? "The inside of the cake can't be worked out in this browser. The minutes above come from the closed form and stand all the same."
          : `Working out the inside of the cake… ${Math.round(insides.share * 100)} %`}
      </p>
    );
  }
  if (shown.doneMinute === null) {
    return (
      <p className="px-6 pb-4 font-semibold text-tomato max-sm:px-4">
        At this temperature the middle never sets: it is still at{" "}
        {heatText(shown.moments.at(-1)?.middleC ?? 0, units)}
        {say` after five hours. Choose more heat, or less batter in the tin.`}
      </p>
    );
  }
  const minute = asked ?? minutes.doorShutUntilMin;
  const moment = momentAt(shown, minutes.likelyMin, minute);
  return (
    <div
      aria-busy={insides.isSolving}
      className="grid items-start gap-x-5 px-4 pb-3 max-sm:px-2 md:grid-cols-[minmax(0,1fr)_minmax(0,260px)]"
    >
      <div>
        {plan.bake.tins.length > 1 && (
          <p className="px-2 text-[15px] text-ink-2">
            In the{" "}
            {tinText(
              { ...fill.geometry.tin, ...(fill.geometry.tin.shape === "well" ? {} : { count: 1 }) },
              units,
            )}
            :
          </p>
        )}
        <BakeChart
          inside={shown}
          minutes={minutes}
          doneC={spec.doneC}
          ghost={ghost}
          minute={minute}
          units={units}
          onMinute={onAsk}
        />
        {ghost !== null && (
          <p className="px-2 text-[14px] text-ink-2">Dotted: as it was at {ghost.name}.</p>
        )}
      </div>
      {moment !== null && (
        <InsideDrawing
          inside={shown}
          moment={moment}
          geometry={fill.geometry}
          minute={minute}
          doneC={spec.doneC}
          units={units}
        />
      )}
    </div>
  );
}
