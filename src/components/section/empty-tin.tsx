import { tinGeometry, type Tin } from "@/core/tin";
import { emptyTinPath } from "./section-paths";

/** One tin in section, empty, at a given scale; decoration beside its name. */
export function EmptyTin({ tin, pxPerMm }: { readonly tin: Tin; readonly pxPerMm: number }) {
  const geometry = tinGeometry(tin);
  if (!geometry.ok) return null;
  const { path, widthMm, heightMm } = emptyTinPath(geometry.value);
  return (
    <svg
      viewBox={`${-widthMm / 2} ${-heightMm} ${widthMm} ${heightMm}`}
      width={widthMm * pxPerMm}
      height={heightMm * pxPerMm}
      className="overflow-visible"
      aria-hidden="true"
    >
      <path
        d={path}
        fill="none"
        vectorEffect="non-scaling-stroke"
        className="stroke-steel"
        strokeWidth="2.5"
        strokeLinejoin="round"
        strokeLinecap="round"
      />
    </svg>
  );
}
