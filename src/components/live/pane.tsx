"use client";

import type { ReactNode } from "react";

/** What is longer than this stands in letters that are less large. */
const LONG_TITLE = 60;

export function Pane({
  step,
  title,
  why,
  children,
}: {
  readonly step: string;
  readonly title: string;
  readonly why: string;
  readonly children?: ReactNode;
}) {
  return (
    <section aria-label="The step" className="flex min-w-0 flex-col gap-3">
      <p className="text-[19px] font-semibold text-yolk">{step}</p>
      <div aria-live="polite">
        <h2
          className={`leading-[1.08]! break-words ${title.length > LONG_TITLE ? "text-[clamp(24px,2.7vw,32px)] leading-[1.2]!" : "text-[clamp(30px,4.2vw,46px)]"}`}
        >
          {title}
        </h2>
        {why !== "" && (
          <p className="mt-2 max-w-[52ch] text-[22px] leading-snug text-deep-text">{why}</p>
        )}
      </div>
      {children}
    </section>
  );
}
