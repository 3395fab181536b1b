export { chilledMinutes, coldMinutes, type ChilledMinutes, type ColdMinutes } from "./cold";
export { CoolSchema, type CoolRequest } from "./schema";
export { turnOut, type TurnOut } from "./turn-out";
