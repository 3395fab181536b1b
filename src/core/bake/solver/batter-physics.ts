/**
 * Effective properties of flour batter: raw density kg/m³, heat J/kgK, conductivity of its liquid
 * W/mK.
 */
export const BATTER = { densityKgPerM3: 950, heatJPerKgK: 2900, liquidWPerMK: 0.5 } as const;

/** Water activity, and the share of the batter that is water. */
export const WATER_ACTIVITY = 0.92;
export const WATER_SHARE = 0.26;
/** Heat of evaporation, J/kg. */
export const EVAPORATION_J_PER_KG = 2.26e6;

const PRESSURE_PA = 101_325;
const VAPOUR_J_PER_KGK = 461.5;
/** Water boils away at a hundred degrees; past this the vapour's share in conduction is kept. */
const VAPOUR_UP_TO_C = 99;

/** Saturation pressure of water, Pa, by Magnus. */
export function saturationPa(tempC: number): number {
  return 610.94 * Math.exp((17.625 * tempC) / (tempC + 243.04));
}

/**
 * e: volume over raw volume of batter heated to `tempC`, 1 to 1.95 by a smooth step from 30 to 90
 * °C.
 * @example expansion(30) // 1
 */
export function expansion(tempC: number): number {
  const part = Math.min(1, Math.max(0, (tempC - 30) / 60));
  return 1 + 0.95 * part * part * (3 - 2 * part);
}

/** Gas in raw batter, as a share of its volume. */
const RAW_GAS = 0.18;

/**
 * Conductivity of batter at `tempC`, W/mK: a foam of liquid and of gas whose vapour carries heat as
 * it evaporates on the warm side of each bubble and condenses on the cold one (Maxwell-Eucken).
 * @example conductivity(60) // about 0.51
 */
export function conductivity(tempC: number): number {
  const at = Math.min(tempC, VAPOUR_UP_TO_C);
  const gasShare = 1 - (1 - RAW_GAS) / expansion(at);
  const kelvin = at + 273.15;
  const diffusivity = 2.2e-5 * (kelvin / 273) ** 1.81;
  const heat = (2501 - 2.38 * at) * 1000;
  const pressure = WATER_ACTIVITY * saturationPa(at);
  const slope = (saturationPa(at + 0.01) - saturationPa(at - 0.01)) / 0.02;
  const gas =
    0.026 +
    ((heat * diffusivity) / (VAPOUR_J_PER_KGK * kelvin)) *
      WATER_ACTIVITY *
      slope *
      (PRESSURE_PA / (PRESSURE_PA - pressure));
  const liquid = BATTER.liquidWPerMK;
  return (
    (liquid * (gas + 2 * liquid + 2 * gasShare * (gas - liquid))) /
    (gas + 2 * liquid - gasShare * (gas - liquid))
  );
}

/**
 * A conductivity and its integral, tabulated: heat flows along differences of Φ = ∫k dT, exact for
 * any k(T).
 */
export type HeatPotential = {
  readonly k: (tempC: number) => number;
  readonly phi: (tempC: number) => number;
  /** Both for many temperatures at once, into arrays of the same length. */
  readonly fill: (tempsC: Float64Array, ks: Float64Array, phis: Float64Array) => void;
};

const TABLE_STEP_C = 0.25;
const TABLE_TO_C = 130;

/** The {@link HeatPotential} of a conductivity, W/mK, from 0 to 130 °C. */
export function heatPotential(of: (tempC: number) => number): HeatPotential {
  const size = TABLE_TO_C / TABLE_STEP_C + 1;
  const ks = Float64Array.from({ length: size }, (_, index) => of(index * TABLE_STEP_C));
  const phis = new Float64Array(size);
  for (let index = 1; index < size; index += 1)
    phis[index] =
      (phis[index - 1] ?? 0) + (TABLE_STEP_C * ((ks[index - 1] ?? 0) + (ks[index] ?? 0))) / 2;
  const read = (table: Float64Array, tempC: number): number => {
    const place = Math.min(size - 1.000001, Math.max(0, tempC / TABLE_STEP_C));
    const below = Math.floor(place);
    const low = table[below] ?? 0;
    return low + (place - below) * ((table[below + 1] ?? 0) - low);
  };
  return {
    k: (tempC) => read(ks, tempC),
    phi: (tempC) => read(phis, tempC),
    fill: (tempsC, ksOut, phisOut) => {
      for (let cell = 0; cell < tempsC.length; cell += 1) {
        const place = Math.min(
          size - 1.000001,
          Math.max(0, (tempsC[cell] as number) / TABLE_STEP_C),
        );
        const below = place | 0;
        const part = place - below;
        ksOut[cell] =
          (ks[below] as number) + part * ((ks[below + 1] as number) - (ks[below] as number));
        phisOut[cell] =
          (phis[below] as number) + part * ((phis[below + 1] as number) - (phis[below] as number));
      }
    },
  };
}
