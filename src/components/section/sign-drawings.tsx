import type { Look } from "@/core/bake";

/** What the colours of a crust are called, pale to dark. */
export const SHADES = [
  ["pale", "#f6e3b4"],
  ["straw", "#e9c583"],
  ["golden", "#cf9345"],
  ["brown", "#9c6230"],
  ["dark", "#5f3819"],
] as const;

/** A crust of one of the {@link SHADES}, 1 pale to 5 dark. */
export function Colour({ shade }: { readonly shade: NonNullable<Look["colour"]> }) {
  return (
    <svg viewBox="0 0 40 24" className="h-6 w-full max-w-10" aria-hidden>
      <path
        d="M2 22Q20-2 38 22Z"
        fill={SHADES[shade - 1]?.[1]}
        stroke="currentColor"
        strokeWidth="1.500"
      />
    </svg>
  );
}

/** A skewer: batter running off it, a few crumbs on it, or nothing. */
export function Tester({ seen }: { readonly seen: NonNullable<Look["tester"]> }) {
  return (
    <svg viewBox="0 0 60 28" className="h-7 w-15" aria-hidden>
      {seen === "wet" && (
        <path d="M12 9H38Q44 14 38 18Q34 27 30 19Q22 17 12 19Z" className="fill-batter" />
      )}
      {seen === "moist-crumbs" &&
        [
          [16, 9],
          [24, 19],
          [31, 9],
          [37, 18],
        ].map(([x, y]) => <circle key={x} cx={x} cy={y} r="3.500" className="fill-crumb" />)}
      <path d="M4 14H56" stroke="currentColor" strokeWidth="3.500" strokeLinecap="round" />
    </svg>
  );
}

/** What is set in its tin, with the part that still moves. */
export function Wobble({ seen }: { readonly seen: NonNullable<Look["wobble"]> }) {
  const waves = {
    all: "M7 9Q13 4 18 9T30 9T42 9T53 9",
    middle: "M7 9H22Q26 4 30 9T38 9H53",
    none: "M7 9H53",
  };
  return (
    <svg viewBox="0 0 60 28" className="h-7 w-15" aria-hidden>
      <path d="M7 10H53V25H7Z" className="fill-batter" />
      <path d={waves[seen]} fill="none" stroke="currentColor" strokeWidth="2.500" />
      <path
        d="M4 4V26H56V4"
        fill="none"
        stroke="currentColor"
        strokeWidth="3"
        strokeLinejoin="round"
      />
    </svg>
  );
}

/** The top of a cake under a finger: the dent it left, or none. */
export function Top({ isDented }: { readonly isDented: boolean }) {
  return (
    <svg viewBox="0 0 60 28" className="h-7 w-15" aria-hidden>
      <path
        d={isDented ? "M3 26V14Q16 7 22 9Q30 25 38 9Q44 7 57 14V26Z" : "M3 26V14Q30 1 57 14V26Z"}
        className="fill-crumb"
        stroke="currentColor"
        strokeWidth="2"
        strokeLinejoin="round"
      />
      {!isDented && (
        <path
          d="M30 27V15M25 19L30 14L35 19"
          className="stroke-ink"
          fill="none"
          strokeWidth="2.500"
        />
      )}
    </svg>
  );
}

/** The edge at the wall of its tin: touching, or with a gap. */
export function Edge({ isPulling }: { readonly isPulling: boolean }) {
  return (
    <svg viewBox="0 0 60 28" className="h-7 w-15" aria-hidden>
      <path
        d={isPulling ? "M20 26V12Q26 7 57 6V26Z" : "M10 26V12Q18 7 57 6V26Z"}
        className="fill-crumb"
      />
      <path
        d="M2 2H8V26H58"
        fill="none"
        stroke="currentColor"
        strokeWidth="3"
        strokeLinejoin="round"
      />
    </svg>
  );
}
