export { countedIn, poured, pouringFrom, nearG, tareAsked, type Pouring } from "./pouring";
export {
  DEVICE_KINDS,
  DeviceCommandSchema,
  DeviceNewsSchema,
  FAULTS,
  type DeviceCommand,
  type DeviceKind,
  type DeviceNews,
  type Fault,
} from "./protocol";
export { deviceTrouble, isThere, NOTHING_RECEIVED, received, type Received } from "./receiver";
export { drawn } from "./chance";
export { coreReads, hiddenBake, ovenReads, type HiddenBake, type Warmth } from "./simulated-heat";
export {
  scaleAfter,
  scaleShows,
  simulatedScale,
  tared,
  type SimulatedScale,
} from "./simulated-scale";
