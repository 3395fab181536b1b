"use client";

import type { Quantity } from "@/core/build";
import { weightText, type Units } from "@/words";
import { quantityName, whyAmountText } from "@/words/finishing";

/** Quantities in a list, each with the formula behind it on demand. */
export function QuantityList({
  label,
  quantities,
  units,
}: {
  readonly label: string;
  readonly quantities: readonly Quantity[];
  readonly units: Units;
}) {
  if (quantities.length === 0) return null;
  return (
    <ul aria-label={label} className="px-6 py-1 max-sm:px-4">
      {quantities.map((quantity, index) => (
        <li key={index} className="border-t-[1.5px] border-line py-1.5 first:border-t-0">
          <div className="flex items-baseline justify-between gap-4">
            <span className="first-letter:uppercase">{quantityName(quantity)}</span>
            {quantity.massG > 0 && (
              <span className="figure-text text-[19px] whitespace-nowrap">
                {weightText(quantity.massG, units)}
              </span>
            )}
          </div>
          {/* What is only counted has no weight to explain. */}
          {quantity.massG > 0 && (
            <details className="text-[14px] text-ink-2">
              <summary>Why {weightText(quantity.massG, units)}?</summary>
              <p className="pb-1">{whyAmountText(quantity, units)}</p>
            </details>
          )}
        </li>
      ))}
    </ul>
  );
}
