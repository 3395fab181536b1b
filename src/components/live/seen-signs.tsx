"use client";

import type { ReactNode } from "react";
import { doneness, type Look } from "@/core/bake";
import type { BatterKind } from "@/core/kind";
import { EDGE_WORDS, SPRING_WORDS, TESTER_WORDS, WOBBLE_WORDS } from "@/words/bakes";
import { useSay } from "../frame/units";

type SeenSignsProps = {
  readonly kind: BatterKind;
  readonly look: Look;
  readonly onLook: (look: Look) => void;
};

const COLOURS = [
  ["pale", "#f6e3b4"],
  ["straw", "#e9c583"],
  ["golden", "#cf9345"],
  ["brown", "#9c6230"],
  ["dark", "#5f3819"],
] as const;

/**
 * What was seen, as drawings to tap: a tester, the top under a finger, the edge, the colour. A
 * second tap takes one back.
 */
export function SeenSigns({ kind, look, onLook }: SeenSignsProps) {
  const say = useSay();
  const toggle = <K extends keyof Look>(sign: K, value: Look[K]): void =>
    onLook({ ...look, [sign]: look[sign] === value ? undefined : value });
  const { tester, trust } = doneness(kind);
  const trusted = (sign: (typeof trust)[number]): string =>
    trust.includes(sign) ? ", trust this" : "";
  return (
    <div className="grid gap-x-5 gap-y-3 sm:grid-cols-2">
      {tester !== null && (
        <Signs name={`A tester comes out${trusted("tester")}`}>
          {(["wet", "moist-crumbs", "clean"] as const).map((each) => (
            <SignButton
              key={each}
              name={TESTER_WORDS[each]}
              isOn={look.tester === each}
              onTap={() => toggle("tester", each)}
            >
              <Tester seen={each} />
            </SignButton>
          ))}
        </Signs>
      )}
      {tester === null && (
        <Signs name={`Nudged${trusted("wobble")}`}>
          {(["all", "middle", "none"] as const).map((each) => (
            <SignButton
              key={each}
              name={WOBBLE_WORDS[each]}
              isOn={look.wobble === each}
              onTap={() => toggle("wobble", each)}
            >
              <Wobble seen={each} />
            </SignButton>
          ))}
        </Signs>
      )}
      {tester !== null && (
        <Signs name={`Pressed lightly${trusted("spring")}`}>
          {(["dent-stays", "springs-back"] as const).map((each) => (
            <SignButton
              key={each}
              name={SPRING_WORDS[each]}
              isOn={look.spring === each}
              onTap={() => toggle("spring", each)}
            >
              <Top isDented={each === "dent-stays"} />
            </SignButton>
          ))}
        </Signs>
      )}
      {tester !== null && (
        <Signs name={`The edge${trusted("edge")}`}>
          {(["holds", "pulls"] as const).map((each) => (
            <SignButton
              key={each}
              name={EDGE_WORDS[each]}
              isOn={look.edge === each}
              onTap={() => toggle("edge", each)}
            >
              <Edge isPulling={each === "pulls"} />
            </SignButton>
          ))}
        </Signs>
      )}
      <Signs name={say`Colour`}>
        {COLOURS.map(([name, colour], index) => {
          const value = (index + 1) as 1 | 2 | 3 | 4 | 5;
          return (
            <SignButton
              key={name}
              name={name}
              isOn={look.colour === value}
              onTap={() => toggle("colour", value)}
            >
              <svg viewBox="0 0 40 24" className="h-6 w-full max-w-10" aria-hidden>
                <path
                  d="M2 22Q20-2 38 22Z"
                  fill={colour}
                  stroke="currentColor"
                  strokeWidth="1.500"
                />
              </svg>
            </SignButton>
          );
        })}
      </Signs>
    </div>
  );
}

function Signs({ name, children }: { readonly name: string; readonly children: ReactNode }) {
  return (
    <fieldset className="min-w-0">
      <legend className="mb-1 text-[18px] text-deep-text">{name}</legend>
      <div className="flex gap-1.5">{children}</div>
    </fieldset>
  );
}

function SignButton({
  name,
  isOn,
  onTap,
  children,
}: {
  readonly name: string;
  readonly isOn: boolean;
  readonly onTap: () => void;
  readonly children: ReactNode;
}) {
  return (
    <button
      type="button"
      aria-pressed={isOn}
      onClick={onTap}
      className="live-button min-w-0! flex-1 flex-col gap-1! px-1! py-1.5! text-[17px]!"
    >
      {children}
      <span>{name}</span>
    </button>
  );
}

/** A skewer: batter running off it, a few crumbs on it, or nothing. */
function Tester({ seen }: { readonly seen: NonNullable<Look["tester"]> }) {
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
function Wobble({ seen }: { readonly seen: NonNullable<Look["wobble"]> }) {
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
function Top({ isDented }: { readonly isDented: boolean }) {
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
function Edge({ isPulling }: { readonly isPulling: boolean }) {
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
