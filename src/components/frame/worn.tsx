"use client";

import { X } from "lucide-react";
import type { ReactNode } from "react";

/** Something that was put on, with its boxes and a button that takes it off. */
export function Worn({
  name,
  removeLabel = `Take off the ${name}`,
  note,
  onRemove,
  children,
}: {
  readonly name: string;
  readonly removeLabel?: string;
  readonly note?: string;
  readonly onRemove: () => void;
  readonly children: ReactNode;
}) {
  return (
    <li className="rounded-control border-[1.5px] border-line bg-white py-1.5 pl-2.5">
      <div className="flex items-start gap-1.5">
        <div className="flex min-w-0 flex-1 flex-wrap items-start gap-1.5">{children}</div>
        <button
          type="button"
          className="flex size-10 shrink-0 items-center justify-center"
          aria-label={removeLabel}
          onClick={onRemove}
        >
          <X size={17} aria-hidden />
        </button>
      </div>
      {note !== undefined && <p className="pt-1 pr-2 text-[14px] text-ink-2">{note}</p>}
    </li>
  );
}
