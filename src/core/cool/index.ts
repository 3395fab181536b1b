export {
  chilledMinutes,
  coldMinutes,
  coolingCurve,
  OVERNIGHT_MIN,
  warmMinutes,
  type ChilledMinutes,
  type ColdMinutes,
  type CoolingPoint,
  type WarmMinutes,
} from "./cold";
export { CoolSchema, oneWayOut, TURNS, type CoolRequest, type Turns } from "./schema";
export { turnOut, turnsOf, type TurnOut } from "./turn-out";
