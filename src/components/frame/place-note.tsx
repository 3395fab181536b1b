"use client";

import type { Issue } from "@/core/measure";
import { issueText, type Units } from "@/words";

/**
 * What is wrong with a thing on a drawing, said where it is: shares of the drawing from its left
 * and from its bench line.
 */
export function PlaceNote({
  issue,
  units,
  left,
  bottom,
}: {
  readonly issue: Issue;
  readonly units: Units;
  readonly left: number;
  readonly bottom: number;
}) {
  return (
    <p
      role="alert"
      className="absolute z-10 w-64 max-w-[80%] -translate-x-1/2 translate-y-1/2 rounded-control border-[1.5px] border-tomato bg-white px-3 py-1.5 text-[15px] leading-snug font-semibold text-tomato"
      style={{ left: `${left * 100}%`, bottom: `${bottom * 100}%` }}
    >
      {issueText(issue, units)}
    </p>
  );
}
