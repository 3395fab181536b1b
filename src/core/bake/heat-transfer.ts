/** Stefan and Boltzmann's constant, W/m²K⁴ (CODATA 2018, exact since 2019). */
export const STEFAN_BOLTZMANN = 5.670374419e-8;
/** Convection to a tin's outside, W/m²K: judgements, from the range given for domestic ovens. */
export const CONVECTION = { still: 7, fan: 14 } as const;
