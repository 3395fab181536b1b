"use client";

import { Settings } from "lucide-react";
import Link from "next/link";
import type { ReactNode } from "react";
import { usePathname } from "next/navigation";
import type { Units } from "@/words";
import { useSay, useUnits } from "./units";

const PLACES = [
  { href: "/", name: "Home" },
  { href: "/try", name: "Try a tin" },
  { href: "/cakes", name: "Cakes" },
  { href: "/shopping", name: "Shopping" },
  { href: "/freezer", name: "Freezer" },
  { href: "/recipes", name: "Recipes" },
  { href: "/tins", name: "Tins" },
  { href: "/ovens", name: "Ovens" },
  { href: "/logbook", name: "Logbook" },
] as const;

/** The bar at the top: where to go, the kitchen's units, and what else is always at hand. */
export function Header({ children }: { readonly children: ReactNode }) {
  const say = useSay();
  const path = usePathname();
  const isHere = (href: string): boolean =>
    href === "/"
      ? path === "/"
      : path.startsWith(href) || (href === "/cakes" && /^\/(?:calendar|day)/u.test(path));
  // The bench in use has the whole page.
  if (path.startsWith("/bakes/")) return null;
  return (
    <header className="no-print bg-ink text-white">
      <div className="mx-auto flex max-w-7xl flex-wrap items-center gap-x-8 gap-y-1 px-4 py-1.5 md:px-6">
        <Link href="/" className="flex items-center gap-2.5 py-1">
          <Mark />
          <span className="figure-text text-[17px]">Steady Tin</span>
        </Link>
        <nav
          aria-label="Main"
          className="order-last flex w-full justify-between overflow-x-auto sm:justify-start sm:gap-1 sm:order-none sm:w-auto"
        >
          {PLACES.map(({ href, name }) => (
            <Link
              key={href}
              href={href}
              aria-current={isHere(href) ? "page" : undefined}
              className={`rounded-control px-3 py-2 whitespace-nowrap ${href === "/" ? "max-sm:hidden" : ""} max-sm:px-[2px] max-sm:text-[12.5px] aria-[current=page]:bg-white/15 aria-[current=page]:font-semibold hover:bg-white/10`}
            >
              {say(name)}
            </Link>
          ))}
        </nav>
        <div className="ml-auto flex items-center gap-3 max-sm:gap-2">
          <UnitsSwitch />
          {children}
          <Link
            href="/settings"
            aria-label="Settings"
            title="Settings"
            aria-current={isHere("/settings") ? "page" : undefined}
            className="flex size-9 items-center justify-center rounded-control aria-[current=page]:bg-white/15 hover:bg-white/10"
          >
            <Settings size={20} aria-hidden />
          </Link>
        </div>
      </div>
    </header>
  );
}

function UnitsSwitch() {
  const { units, setUnits } = useUnits();
  return (
    <>
      <Switch<Units["measure"]>
        className="max-sm:hidden"
        label="Measures"
        value={units.measure}
        choices={[
          ["metric", "cm, g"],
          ["us", "in, cups"],
        ]}
        onChoose={(measure) => setUnits({ ...units, measure })}
      />
      <Switch<Units["heat"]>
        label="Temperature"
        value={units.heat}
        choices={[
          ["C", "°C"],
          ["F", "°F"],
        ]}
        onChoose={(heat) => setUnits({ ...units, heat })}
      />
    </>
  );
}

type SwitchProps<T extends string> = {
  readonly className?: string;
  readonly label: string;
  readonly value: T;
  readonly choices: readonly (readonly [T, string])[];
  readonly onChoose: (value: T) => void;
};

function Switch<T extends string>({
  className = "",
  label,
  value,
  choices,
  onChoose,
}: SwitchProps<T>) {
  return (
    <div
      role="group"
      aria-label={label}
      className={`flex overflow-hidden rounded-control border-[1.5px] border-steel ${className}`}
    >
      {choices.map(([choice, name]) => (
        <button
          key={choice}
          type="button"
          aria-pressed={choice === value}
          onClick={() => onChoose(choice)}
          className="min-h-8 px-2.5 text-sm aria-pressed:bg-white aria-pressed:font-semibold aria-pressed:text-ink"
        >
          {name}
        </button>
      ))}
    </div>
  );
}

function Mark() {
  return (
    <svg viewBox="0 0 32 26" className="h-6 w-8" aria-hidden="true">
      <path d="M6.600 12h18.800l-1.300 9.500H7.900z" className="fill-yolk" />
      <path
        d="M1.500 3h4.300l2.300 20.500h15.800L26.200 3h4.300"
        fill="none"
        stroke="currentColor"
        strokeWidth="2.200"
        strokeLinejoin="round"
        strokeLinecap="round"
      />
    </svg>
  );
}
