export { COVERS, FinishSchema, frostingFor, type Cover, type Finish, type FinishRequest } from "./coat";
export { COLD_FROSTINGS, FROSTING_DENSITY, FROSTINGS, FrostingSchema, type Frosting } from "./frostings";
