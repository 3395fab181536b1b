export { allergensOn, cautionsFor, CAUTION_STATIONS, FINISH_CAUTIONS, recipeCautions, sourceCautions, type Caution } from "./cautions";
