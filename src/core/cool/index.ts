export { chilledMinutes, coldMinutes, type ChilledMinutes, type ColdMinutes } from "./cold";
export { turnOut, type TurnOut } from "./turn-out";
