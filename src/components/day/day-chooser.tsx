"use client";

import Link from "next/link";
import { useRouter } from "next/navigation";
import { addDays, formatISO, parseISO } from "date-fns";
import { CalendarDays, ChevronLeft, ChevronRight } from "lucide-react";

const shifted = (on: string, days: number): string =>
  formatISO(addDays(parseISO(on), days), { representation: "date" });

/** The ways to other days. @param on the day that is shown, `2026-12-05` */
export function DayChooser({ on }: { readonly on: string }) {
  const router = useRouter();
  return (
    <div className="no-print flex flex-wrap items-center gap-2">
      <Link
        className="button !px-2.5"
        aria-label="The day before"
        href={`/day?on=${shifted(on, -1)}`}
      >
        <ChevronLeft size={18} aria-hidden />
      </Link>
      <input
        type="date"
        aria-label="Day"
        className="field !w-[9.2rem] !px-2"
        value={on}
        onChange={({ target: { value } }) => {
          if (value !== "") router.push(`/day?on=${value}`);
        }}
      />
      <Link
        className="button !px-2.5"
        aria-label="The day after"
        href={`/day?on=${shifted(on, 1)}`}
      >
        <ChevronRight size={18} aria-hidden />
      </Link>
      <Link className="button" href={`/calendar?on=${on}&as=week`}>
        <CalendarDays size={17} aria-hidden /> Its week
      </Link>
    </div>
  );
}
