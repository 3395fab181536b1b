import type { ShelvedTin, Shelf } from "@/core/bake";
import { useSay } from "../frame/units";

type ShelfDrawingProps = {
  readonly shelf: Shelf;
  readonly standing: readonly ShelvedTin[];
  readonly names: readonly string[];
  readonly widthPx: number;
};

/** Wires of the shelf are drawn this far apart, mm. */
const WIRE_MM = 35;

/** A shelf from above with the tins that stand on it, to scale; the door is in front, below. */
export function ShelfDrawing({ shelf, standing, names, widthPx }: ShelfDrawingProps) {
  const say = useSay();
  const { widthMm, depthMm } = shelf;
  const said =
    standing.length === 0
      ? "an empty shelf"
      : `from above: ${standing.map(({ tin }) => names[tin] ?? say`a tin`).join(", ")}`;
  const wires = Array.from(
    { length: Math.floor(widthMm / WIRE_MM) },
    (_, index) => ((index + 1) * widthMm) / (Math.floor(widthMm / WIRE_MM) + 1),
  );
  return (
    <svg
      viewBox={`-6 -6 ${widthMm + 12} ${depthMm + 22}`}
      width={widthPx}
      className="block max-w-full"
      role="img"
      aria-label={said}
    >
      <rect
        width={widthMm}
        height={depthMm}
        rx="6"
        className="fill-paper stroke-steel"
        strokeWidth="1.5"
        vectorEffect="non-scaling-stroke"
      />
      {wires.map((x) => (
        <line
          key={x}
          x1={x}
          x2={x}
          y1="0"
          y2={depthMm}
          className="stroke-line"
          strokeWidth="1"
          vectorEffect="non-scaling-stroke"
        />
      ))}
      {standing.map((tin, index) => {
        const y = depthMm - tin.yMm;
        return tin.isRound ? (
          <circle
            key={index}
            cx={tin.xMm}
            cy={y}
            r={tin.widthMm / 2}
            className="fill-batter stroke-steel"
            strokeWidth="2"
            vectorEffect="non-scaling-stroke"
          />
        ) : (
          <rect
            key={index}
            x={tin.xMm - tin.widthMm / 2}
            y={y - tin.depthMm / 2}
            width={tin.widthMm}
            height={tin.depthMm}
            rx="10"
            className="fill-batter stroke-steel"
            strokeWidth="2"
            vectorEffect="non-scaling-stroke"
          />
        );
      })}
      <line
        x1="-4"
        x2={widthMm + 4}
        y1={depthMm + 10}
        y2={depthMm + 10}
        className="stroke-ink"
        strokeWidth="4"
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  );
}
