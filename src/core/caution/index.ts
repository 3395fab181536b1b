export { cautionsFor, FINISH_CAUTIONS, type Caution } from "./cautions";
