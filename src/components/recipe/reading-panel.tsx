"use client";

import { useMemo, useState } from "react";
import { flushSync } from "react-dom";
import { TriangleAlert } from "lucide-react";
import type { WorkedRecipe } from "@/core/plan";
import type { AnyReading, ToldDoubt } from "@/core/reading";
import type { Correction } from "@/core/recipe";
import {
  DOUBT_WORDS,
  DOUBTED_MARK,
  heatText,
  KIND_NAMES,
  KIND_REASONS,
  minutesText,
  PASTE_DOUBTS,
  problemText,
  tinText,
  volumeText,
  weightText,
  type Units,
} from "@/words";
import { useSay } from "../frame/units";
import { ReadingRows, rowId, type OpenRow } from "./reading-rows";
import { understoodOf } from "./understood";

type ReadingPanelProps = {
  readonly reading: AnyReading;
  readonly worked: WorkedRecipe;
  readonly units: Units;
  /** All that was put right in this browser's draft, of other recipes in the text too. */
  readonly corrections: readonly Correction[];
  readonly onCorrect: (corrections: readonly Correction[]) => void;
};

/** How a text was read: what it comes to, what to look at, then the text with its facts marked. */
export function ReadingPanel({
  reading,
  worked,
  units,
  corrections,
  onCorrect,
}: ReadingPanelProps) {
  const [lit, setLit] = useState<string | null>(null);
  const [open, setOpen] = useState<OpenRow | null>(null);
  const { corrections: live = [] } = reading.doc;
  const understood = useMemo(() => understoodOf(worked, units), [worked, units]);
  function jump(to: OpenRow): void {
    // A line far down is only shown once it is open.
    flushSync(() => setOpen(to));
    const button = document.getElementById(rowId(to.row, to.mark));
    button?.scrollIntoView({ block: "center" });
    button?.focus({ preventScroll: true });
  }
  return (
    <>
      <Summary
        reading={reading}
        worked={worked}
        units={units}
        onPoint={setLit}
        onJump={(is) => {
          const to = markAt(reading, is);
          if (to !== null) jump(to);
        }}
      />
      <Doubts reading={reading} worked={worked} onJump={jump} />
      {live.length > 0 && (
        <p className="mb-2 flex flex-wrap items-center gap-x-3 text-[14px] text-ink-2">
          {live.length === 1 ? "One thing" : `${live.length} things`} put right by you, kept with
          the recipe.
          <button
            type="button"
            className="button !min-h-8"
            onClick={() => onCorrect(withoutLast(corrections, live.at(-1)))}
          >
            Take the last back
          </button>
        </p>
      )}
      <ReadingRows
        rows={reading.rows}
        understood={understood}
        lit={lit}
        onPoint={setLit}
        open={open}
        onOpen={setOpen}
        onCorrect={(correction) => onCorrect([...corrections, correction])}
      />
    </>
  );
}

/** Corrections, those of other texts too, without the last that says just this. */
function withoutLast(
  corrections: readonly Correction[],
  last: Correction | undefined,
): readonly Correction[] {
  const said = JSON.stringify(last);
  const at = corrections.findLastIndex((each) => JSON.stringify(each) === said);
  return at < 0 ? corrections : corrections.toSpliced(at, 1);
}

/** The first mark of a kind, one that was taken before any other. */
function markAt({ rows }: AnyReading, is: string): OpenRow | null {
  const all = rows.flatMap(({ marks }, row) =>
    marks.flatMap((mark, index) =>
      mark.is === is ? [{ row, mark: index, isUsed: mark.isUsed }] : [],
    ),
  );
  const found = all.find(({ isUsed }) => isUsed) ?? all[0];
  return found === undefined ? null : { row: found.row, mark: found.mark };
}

/** More lines in doubt than this are told by their number. */
const MOST_DOUBTS = 6;

function Doubts({
  reading,
  worked,
  onJump,
}: {
  readonly reading: AnyReading;
  readonly worked: WorkedRecipe;
  readonly onJump: (to: OpenRow) => void;
}) {
  const say = useSay();
  const { problems, rows, doubts } = reading;
  const codes = problems.map(({ code }) => code);
  const isSaid = (about: ToldDoubt): boolean =>
    (about === "recipes" && codes.includes("second-recipe")) ||
    (about === "tins" && codes.includes("no-tins")) ||
    (about === "heat" && codes.includes("no-heat")) ||
    (about === "minutes" && (codes.includes("no-minutes") || codes.includes("minutes-range")));
  const unweighed = worked.formula.parts
    .flatMap((part) => part.rows)
    .filter(({ massG }) => massG === null).length;
  const ofRows = rows.flatMap(({ text, doubts: of }, row) =>
    of.slice(0, 1).map((doubt) => ({ key: `row-${row}`, row, text, doubt })),
  );
  const ofText = doubts.filter((about) => !isSaid(about));
  if (problems.length + unweighed + ofRows.length + ofText.length === 0) return null;
  return (
    <ul aria-label="What to look at" className="my-3 space-y-1 text-[15px]">
      {problems.map((each) => (
        <Doubt key={each.code} text={say(problemText(each))} />
      ))}
      {unweighed > 0 && (
        <Doubt
          text={`${unweighed === 1 ? "One line has" : `${unweighed} lines have`} no weight yet: see below.`}
        />
      )}
      {ofText.map((about) => {
        const kind = DOUBTED_MARK[about];
        const to = kind === null ? null : markAt(reading, kind);
        return (
          <Doubt
            key={about}
            text={say(PASTE_DOUBTS[about])}
            {...(to === null ? {} : { onJump: () => onJump(to) })}
          />
        );
      })}
      {ofRows.slice(0, MOST_DOUBTS).map(({ key, row, text, doubt }) => (
        <Doubt
          key={key}
          text={`“${text.slice(0, 48)}${text.length > 48 ? "…" : ""}”: ${DOUBT_WORDS[doubt]}`}
          onJump={() => onJump({ row, mark: null })}
        />
      ))}
      {ofRows.length > MOST_DOUBTS && (
        <li className="text-ink-2">and {ofRows.length - MOST_DOUBTS} more lines below</li>
      )}
    </ul>
  );
}

function Doubt({ text, onJump }: { readonly text: string; readonly onJump?: () => void }) {
  return (
    <li className="flex gap-2 font-semibold">
      <TriangleAlert size={18} aria-hidden className="mt-0.5 shrink-0 text-crust" />{" "}
      {onJump === undefined ? (
        text
      ) : (
        <button type="button" className="text-left underline underline-offset-4" onClick={onJump}>
          {text}
        </button>
      )}
    </li>
  );
}

function Summary({
  reading: { doc },
  worked: { batter, kind },
  units,
  onPoint,
  onJump,
}: Pick<ReadingPanelProps, "reading" | "worked" | "units"> & {
  readonly onPoint: (at: string | null) => void;
  readonly onJump: (is: string) => void;
}) {
  const say = useSay();
  const { tins, ovenC, minutes, checkAtMin } = doc.bake;
  const facts = [
    ["tin", tins.map((tin) => tinText(tin, units)).join(" and ")],
    ["heat", ovenC === undefined ? "" : heatText(ovenC, units)],
    ["minutes", minutes === undefined ? "" : minutesText(minutes)],
    ["look", checkAtMin === undefined ? "" : `check from ${minutesText(checkAtMin)}`],
  ] as const;
  return (
    <>
      <h2 className="text-xl">{doc.name}</h2>
      <p className="text-[15px]">
        {KIND_NAMES[kind.kind]}{" "}
        <span className="text-ink-2">({say(KIND_REASONS[kind.reason])})</span>
        {batter !== null &&
          `, ${weightText(batter.batter.massG, units)}, about ${volumeText(batter.batter.volumeMl, units)}`}
      </p>
      <p className="flex flex-wrap gap-x-4 text-[15px]">
        {facts
          .filter(([, text]) => text !== "")
          .map(([is, text]) => (
            <button
              key={is}
              type="button"
              className={`mark mark-${is}`}
              title="Where it stands in the text"
              onPointerEnter={() => onPoint(is)}
              onPointerLeave={() => onPoint(null)}
              onFocus={() => onPoint(is)}
              onBlur={() => onPoint(null)}
              onClick={() => onJump(is)}
            >
              {text}
            </button>
          ))}
      </p>
    </>
  );
}
