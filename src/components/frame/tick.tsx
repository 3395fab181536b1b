"use client";

import type { ReactNode } from "react";

type TickProps = {
  readonly checked: boolean;
  readonly onChange: (checked: boolean) => void;
  /** What is ticked, in words. */
  readonly children: ReactNode;
  readonly className?: string;
};

/** A box to tick, with its words beside it. */
export function Tick({ checked, onChange, children, className = "min-h-10" }: TickProps) {
  return (
    <label className={`flex cursor-pointer items-center gap-2 ${className}`}>
      <input
        type="checkbox"
        className="size-5 accent-ink"
        checked={checked}
        onChange={(event) => onChange(event.target.checked)}
      />
      {children}
    </label>
  );
}
