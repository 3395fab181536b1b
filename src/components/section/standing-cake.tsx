import type { CakePlan } from "@/core/plan";
import { drawnCake } from "./cake-places";
import { wholeCake } from "./cake-shapes";

/** A cake as it stands on the table when it is finished, small; its name stands beside it. */
export function StandingCake({
  plan,
  pxPerMm,
}: {
  readonly plan: CakePlan;
  /** The same for all that stand together. */ readonly pxPerMm: number;
}) {
  const { drawing, widthMm, heightMm } = wholeCake(drawnCake(plan));
  return (
    <svg
      viewBox={`${-widthMm / 2} ${-heightMm - 2} ${widthMm} ${heightMm + 2}`}
      width={widthMm * pxPerMm}
      className="max-h-full max-w-full overflow-visible"
      aria-hidden="true"
    >
      {drawing}
    </svg>
  );
}
