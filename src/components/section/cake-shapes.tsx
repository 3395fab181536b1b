import type { Coating } from "@/core/build";
import type { DrawnCake, PlacedTier } from "./cake-places";
import { cakePaths } from "./section-paths";
import type { Figure } from "./standing";
import { line, spreadFill } from "./strokes";
import { OnIt } from "./on-it";
import { RolledCake } from "./rolled-cake";

/**
 * A level line from side to side, or over each side of a ring, under a crown where one was left.
 */
function crownPath({ halfMm, holeMm, edgeMm, tier }: PlacedTier): string {
  const arch = (from: number, to: number): string =>
    `M${from} ${-edgeMm}Q${(from + to) / 2} ${-(edgeMm + 2 * tier.domeMm)} ${to} ${-edgeMm}Z`;
  return holeMm > 0 ? arch(-halfMm, -holeMm) + arch(holeMm, halfMm) : arch(-halfMm, halfMm);
}

/** One band of a section: a rectangle, or two with a ring's hole between them. */
function Bands({
  tier,
  fromMm,
  heightMm,
  insetMm = 0,
  className,
  isOutlined = false,
}: {
  readonly tier: PlacedTier;
  readonly fromMm: number;
  readonly heightMm: number;
  readonly insetMm?: number;
  readonly className: string;
  readonly isOutlined?: boolean;
}) {
  const outline = isOutlined
    ? { className: `${className} stroke-crust`, strokeWidth: 1.5, ...line }
    : { className };
  const y = -(fromMm + heightMm);
  const half = tier.halfMm - insetMm;
  if (tier.holeMm === 0)
    return <rect x={-half} y={y} width={2 * half} height={heightMm} {...outline} />;
  const width = half - tier.holeMm - insetMm;
  return (
    <>
      <rect x={-half} y={y} width={width} height={heightMm} {...outline} />
      <rect x={half - width} y={y} width={width} height={heightMm} {...outline} />
    </>
  );
}

/**
 * A tier's crumb: its slices, the crown left on it, and what lies between. A cake in one piece
 * keeps the shape of its tin.
 */
function Crumb({
  tier,
  filling,
  frosting,
  damMm,
}: {
  readonly tier: PlacedTier;
  readonly filling: Coating;
  readonly frosting: Coating;
  readonly damMm: number;
}) {
  const { geometry, layers, domeMm } = tier.tier;
  if (layers === 1) {
    const { crumb, top } = cakePaths(
      geometry,
      { edgeMm: tier.tier.layerMm, crownTopMm: tier.tier.layerMm + domeMm },
      domeMm > 0,
    );
    return (
      <g transform={`translate(0 ${-tier.footMm})`}>
        <path d={crumb} className="fill-crumb" />
        <path d={top} fill="none" className="stroke-crust" strokeWidth="1.5" {...line} />
      </g>
    );
  }
  return (
    <>
      {domeMm > 0 && (
        <path d={crownPath(tier)} className="fill-crumb stroke-crust" strokeWidth="1.5" {...line} />
      )}
      {tier.gaps.map(({ fromMm, heightMm }) => (
        <g key={fromMm}>
          {damMm > 0 && (
            <Bands
              tier={tier}
              fromMm={fromMm}
              heightMm={heightMm}
              className={spreadFill(frosting)}
            />
          )}
          <Bands
            tier={tier}
            fromMm={fromMm}
            heightMm={heightMm}
            insetMm={damMm}
            className={spreadFill(filling)}
          />
        </g>
      ))}
      {tier.slices.map(({ fromMm, heightMm }) => (
        <Bands
          key={fromMm}
          tier={tier}
          fromMm={fromMm}
          heightMm={heightMm}
          className="fill-crumb"
          isOutlined
        />
      ))}
    </>
  );
}

/**
 * The coat of a tier in section: all round and over the top, or the top alone following its crown.
 */
function CutCoat({ tier, frosting }: { readonly tier: PlacedTier; readonly frosting: Coating }) {
  const { coat, halfMm, holeMm, edgeMm, topMm, footMm } = tier;
  if (coat.topMm === 0) return null;
  const className = `${spreadFill(frosting)} stroke-ink`;
  if (coat.sideMm === 0) {
    const { layerMm, domeMm, geometry } = tier.tier;
    const { coat: over } = cakePaths(
      geometry,
      { edgeMm: layerMm, crownTopMm: layerMm + domeMm },
      domeMm > 0,
      coat.topMm,
    );
    return (
      <path
        d={over}
        transform={`translate(0 ${-(edgeMm - layerMm)})`}
        className={className}
        strokeWidth="1.5"
        {...line}
      />
    );
  }
  const outer = halfMm + coat.sideMm;
  const block = (from: number, to: number): string =>
    `M${from} ${-footMm}V${-topMm + 4}Q${from} ${-topMm} ${from + 4} ${-topMm}H${to - 4}Q${to} ${-topMm} ${to} ${-topMm + 4}V${-footMm}Z`;
  const hole = Math.max(0, holeMm - coat.sideMm);
  return (
    <path
      d={holeMm > 0 ? block(-outer, -hole) + block(hole, outer) : block(-outer, outer)}
      className={className}
      strokeWidth="1.5"
      {...line}
    />
  );
}

/** A cake sawn through: slices, filling, dam, and the coat as thick as it is. */
export function cutCake(
  { tiers, build, finish, wears, worn, widthMm, heightMm }: DrawnCake,
  hasCoat: boolean,
): Figure {
  return {
    widthMm,
    heightMm,
    drawing: tiers.map((tier) =>
      tier.tier.roll !== null ? (
        <RolledCake
          key={tier.tier.index}
          tier={tier}
          filling={build.filling}
          fillingMm={build.fillingMm}
          frosting={finish.frosting}
          hasCoat={hasCoat}
        />
      ) : (
        <g key={tier.tier.index}>
          {hasCoat && <CutCoat tier={tier} frosting={finish.frosting} />}
          <Crumb
            tier={tier}
            filling={build.filling}
            frosting={finish.frosting}
            damMm={build.damMm}
          />
          {hasCoat && (
            <OnIt tier={tier} wears={wears} worn={worn} frosting={finish.frosting} isCut />
          )}
        </g>
      ),
    ),
  };
}

/** A cake from outside, as it stands on the table. */
export function wholeCake(cake: DrawnCake): Figure {
  const { tiers, build, finish, wears, worn, widthMm, heightMm } = cake;
  return {
    widthMm,
    heightMm,
    drawing: tiers.map((tier) => {
      const outer = tier.halfMm + tier.coat.sideMm;
      const isCoated = tier.coat.sideMm > 0;
      if (tier.tier.roll !== null)
        return (
          <g key={tier.tier.index}>
            <RolledCake
              tier={tier}
              filling={build.filling}
              fillingMm={build.fillingMm}
              frosting={finish.frosting}
              hasCoat
            />
            <OnIt tier={tier} wears={wears} worn={worn} frosting={finish.frosting} isCut={false} />
          </g>
        );
      return (
        <g key={tier.tier.index}>
          {!isCoated && <CutCoat tier={tier} frosting={finish.frosting} />}
          {isCoated ? (
            <rect
              x={-outer}
              y={-tier.topMm}
              width={2 * outer}
              height={tier.topMm - tier.footMm}
              rx="5"
              className={`${spreadFill(finish.frosting)} stroke-ink`}
              strokeWidth="1.75"
              {...line}
            />
          ) : (
            <Crumb tier={tier} filling={build.filling} frosting={finish.frosting} damMm={0} />
          )}
          {finish.cover === "half-naked" &&
            tier.slices.map(({ fromMm, heightMm: tall }) => (
              <rect
                key={fromMm}
                x={-outer + 3}
                y={-(fromMm + tall * 0.8)}
                width={2 * outer - 6}
                height={tall * 0.6}
                rx="3"
                className="fill-crumb/45"
              />
            ))}
          <OnIt tier={tier} wears={wears} worn={worn} frosting={finish.frosting} isCut={false} />
        </g>
      );
    }),
  };
}
