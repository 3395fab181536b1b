"use client";

import type { ReactNode } from "react";
import { doneness, type Look } from "@/core/bake";
import type { BatterKind } from "@/core/kind";
import { EDGE_WORDS, SPRING_WORDS, TESTER_WORDS, WOBBLE_WORDS } from "@/words/bakes";
import { Colour, Edge, SHADES, Tester, Top, Wobble } from "../section/sign-drawings";
import { useSay } from "../frame/units";

type SeenSignsProps = {
  readonly kind: BatterKind;
  readonly look: Look;
  readonly onLook: (look: Look) => void;
};

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
        {SHADES.map(([name], index) => {
          const value = (index + 1) as 1 | 2 | 3 | 4 | 5;
          return (
            <SignButton
              key={name}
              name={name}
              isOn={look.colour === value}
              onTap={() => toggle("colour", value)}
            >
              <Colour shade={value} />
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
