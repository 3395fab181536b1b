import type { TinGeometry } from "@/core/tin";
import { exactLengthText, type Units } from "@/words";
import { useSay } from "../frame/units";
import { emptyTinPath, LIP_MM } from "../section/section-paths";

/**
 * A tin sawn through along its length, with its width at the rim and its depth: redrawn at each
 * keystroke.
 */
export function TinDrawing({
  geometry,
  units,
}: {
  readonly geometry: TinGeometry;
  readonly units: Units;
}) {
  const say = useSay();
  const { path, widthMm, heightMm } = emptyTinPath(geometry);
  const rim = exactLengthText(widthMm - 2 * LIP_MM, units);
  const depth = exactLengthText(heightMm, units);
  return (
    <figure
      role="img"
      aria-label={say`The tin in section: ${rim} across the rim, ${depth} deep.`}
      className="mx-auto w-full max-w-md px-16 max-sm:px-12"
    >
      <p className="text-center text-[13px] text-ink-2">{rim}</p>
      <div className="mx-[2%] mb-1 h-1.5 border-x-[1.5px] border-t-[1.5px] border-steel" />
      <div className="relative">
        <svg
          viewBox={`${-widthMm / 2} ${-heightMm} ${widthMm} ${heightMm}`}
          className="block max-h-72 w-full overflow-visible"
          aria-hidden="true"
        >
          <path
            d={path}
            fill="none"
            vectorEffect="non-scaling-stroke"
            className="stroke-steel"
            strokeWidth="3.5"
            strokeLinejoin="round"
            strokeLinecap="round"
          />
        </svg>
        <span className="absolute top-1/2 left-full -translate-y-1/2 pl-2 text-[13px] whitespace-nowrap text-ink-2">
          {depth}
        </span>
      </div>
      <div className="-mx-16 h-1 bg-ink max-sm:-mx-12" />
    </figure>
  );
}
