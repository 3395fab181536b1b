"use client";

import { useState, type ReactNode } from "react";

type MoreProps = {
  readonly summary: ReactNode;
  /** Something in it has to be seen: it opens, and stays open after. */
  readonly isNeeded?: boolean;
  readonly children: ReactNode;
};

/**
 * What is seldom needed, folded away. A box in it that is mended does not fold it away under the
 * baker's hands.
 */
export function More({ summary, isNeeded = false, children }: MoreProps) {
  const [isOpen, setIsOpen] = useState(false);
  return (
    <details
      className="text-[15px]"
      open={isOpen || isNeeded}
      onToggle={(event) => setIsOpen(event.currentTarget.open)}
    >
      <summary className="py-1 text-ink-2">{summary}</summary>
      {children}
    </details>
  );
}
