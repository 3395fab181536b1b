export {
  allergensOn,
  cautionsFor,
  CAUTION_STATIONS,
  recipeCautions,
  type Caution,
} from "./cautions";
