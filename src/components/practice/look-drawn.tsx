import type { ReactNode } from "react";
import { Thermometer } from "lucide-react";
import type { Look } from "@/core/bake";
import { EDGE_WORDS, SPRING_WORDS, TESTER_WORDS, WOBBLE_WORDS } from "@/words/bakes";
import { heatText, type Units } from "@/words";
import { Colour, Edge, SHADES, Tester, Top, Wobble } from "../section/sign-drawings";

/** What is seen through the open door, each sign drawn with its words. */
export function LookDrawn({ look, units }: { readonly look: Look; readonly units: Units }) {
  const { tester, spring, edge, wobble, colour, coreC } = look;
  return (
    <ul aria-label="What you see" className="flex flex-wrap gap-2">
      {tester !== undefined && (
        <Sign name="A tester" says={TESTER_WORDS[tester]}>
          <Tester seen={tester} />
        </Sign>
      )}
      {spring !== undefined && (
        <Sign name="Pressed lightly" says={SPRING_WORDS[spring]}>
          <Top isDented={spring === "dent-stays"} />
        </Sign>
      )}
      {edge !== undefined && (
        <Sign name="The edge" says={EDGE_WORDS[edge]}>
          <Edge isPulling={edge === "pulls"} />
        </Sign>
      )}
      {wobble !== undefined && (
        <Sign name="Nudged" says={WOBBLE_WORDS[wobble]}>
          <Wobble seen={wobble} />
        </Sign>
      )}
      {colour !== undefined && (
        <Sign name="The top" says={SHADES[colour - 1]?.[0] ?? ""}>
          <Colour shade={colour} />
        </Sign>
      )}
      {coreC !== undefined && (
        <Sign name="The probe" says={heatText(coreC, units)}>
          <Thermometer size={26} aria-hidden />
        </Sign>
      )}
    </ul>
  );
}

function Sign({
  name,
  says,
  children,
}: {
  readonly name: string;
  readonly says: string;
  readonly children: ReactNode;
}) {
  return (
    <li className="flex w-36 flex-col items-center gap-1 rounded-control border-[1.5px] border-line bg-white px-2 py-2 text-center max-sm:w-[calc(50%-4px)]">
      <span className="flex h-8 items-center justify-center">{children}</span>
      <span className="text-[14px] leading-tight text-ink-2">{name}</span>
      <span className="leading-tight font-semibold">{says}</span>
    </li>
  );
}
