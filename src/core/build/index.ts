export { FILLING_MM, stackHeight } from "./stack";
