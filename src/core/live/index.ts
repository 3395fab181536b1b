export { dayByClock, recordsOfBake } from "./bake-records";
export { begunDay } from "./begun-day";
export { drawnNumber } from "./chance";
export {
  DEVICE_KINDS,
  type DeviceCommand,
  DeviceCommandSchema,
  type DeviceKind,
  type DeviceNews,
  DeviceNewsSchema,
  type Fault,
  FAULTS,
} from "./device-protocol";
export { type BakeEvent, type Log, openTin, parseBakeEvents, replayed, tinsInOven } from "./log";
export { lateCakes, leastOffer, type Offer, offersAt } from "./offers";
export { bakedMinutes, bakeNow, type OvenLoad, ovenLoads, revisedBy } from "./oven-load";
export { countedIn, nearG, poured, type Pouring, pouringFrom, tareAsked } from "./pouring";
export { type Present, presentAt, type BegunDay, ovenFirst } from "./present";
export { deviceTrouble, isThere, NOTHING_RECEIVED, received, type Received } from "./receiver";
export { clockToExtend, rungAt } from "./rung";
export { coreReads, hiddenBake, type HiddenBake, ovenReads, type Warmth } from "./simulated-heat";
export {
  scaleAfter,
  scaleShows,
  simulatedScale,
  type SimulatedScale,
  tared,
} from "./simulated-scale";
