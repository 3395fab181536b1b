export { BAKED_SHARE, coldMinutes, type ColdMinutes } from "./cold";
export { turnOut, type TurnOut } from "./turn-out";
