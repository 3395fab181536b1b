export { cautionsFor, type Caution } from "./cautions";
