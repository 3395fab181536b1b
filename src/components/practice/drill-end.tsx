import Link from "next/link";
import type { ReactNode } from "react";
import type { Drill } from "@/core/practice";
import { LIMITS } from "@/words/practice";

type DrillEndProps = {
  readonly drill: Drill;
  readonly isRight: boolean;
  /** How it came out, in one line. */
  readonly verdict: string;
  /** The sentence to take along. */
  readonly lesson: string;
  readonly trouble: string;
  readonly onKeepAgain: () => void;
  readonly children: ReactNode;
};

/** The end of a drill: how it came out, why, what to take along, and the next one. */
export function DrillEnd({
  drill,
  isRight,
  verdict,
  lesson,
  trouble,
  onKeepAgain,
  children,
}: DrillEndProps) {
  return (
    <div className="space-y-4">
      <p role="status" className={`text-[21px] font-bold ${isRight ? "text-leaf" : "text-tomato"}`}>
        {verdict}
      </p>
      {children}
      <p className="max-w-[70ch] border-l-4 border-yolk pl-3 text-[17px] font-semibold">{lesson}</p>
      <div className="flex flex-wrap gap-2">
        <Link className="button button-next" href={`/practice/${drill}`} prefetch={false}>
          Another one
        </Link>
        <Link className="button" href="/practice">
          How am I doing?
        </Link>
      </div>
      {trouble !== "" && (
        <p role="alert" className="font-semibold text-tomato">
          This answer is not kept: {trouble}{" "}
          <button type="button" className="underline underline-offset-4" onClick={onKeepAgain}>
            Try again
          </button>
        </p>
      )}
      <p className="max-w-[70ch] text-[15px] text-ink-2">{LIMITS[drill]}</p>
    </div>
  );
}
