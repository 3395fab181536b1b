"use client";

import { createContext, use, useState, type ReactNode } from "react";
import { METRIC, sayIn, type Say, type Units } from "@/words";
import { UNITS_COOKIE, unitsCookieText } from "./units-cookie";

type UnitsState = { readonly units: Units; readonly setUnits: (units: Units) => void };

const UnitsContext = createContext<UnitsState>({ units: METRIC, setUnits: () => undefined });

const YEAR_S = 31_536_000;

/**
 * Holds the kitchen's units for everything below; they are remembered in a cookie, so that the
 * server draws alike.
 */
export function UnitsProvider({
  initial,
  children,
}: {
  readonly initial: Units;
  readonly children: ReactNode;
}) {
  const [units, setUnits] = useState(initial);
  function choose(chosen: Units): void {
    setUnits(chosen);
    document.cookie = `${UNITS_COOKIE}=${unitsCookieText(chosen)}; path=/; max-age=${YEAR_S}; samesite=lax`;
  }
  return <UnitsContext value={{ units, setUnits: choose }}>{children}</UnitsContext>;
}

/** The kitchen's units, and the way to change them. */
export function useUnits(): UnitsState {
  return use(UnitsContext);
}

/** How the app's own sentences are said in this kitchen: its words for tins and frostings. */
export function useSay(): Say {
  return sayIn(use(UnitsContext).units);
}
