export { COVERS, FinishSchema, frostingFor, type Cover, type Finish, type FinishRequest } from "./coat";
export { COLD_FROSTINGS, FROSTINGS, type Frosting } from "./frostings";
