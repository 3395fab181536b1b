import { FIRST_QUESTION, type Question } from "@/core/cake";
import type { Tin } from "@/core/tin";

/** The demo kitchen: Lantern Row, a small harbour town, its suppers and its ferry crews. */
type DemoTin = { readonly id: string; readonly name: string; readonly owned: number; readonly spec: Tin };
type DemoCake = { readonly id: string; readonly name: string; readonly question: Question };

export const DEMO_TINS: readonly DemoTin[] = [
  { id: "rounds", name: "The pair of rounds", owned: 2, spec: { shape: "round", diameterMm: 203, depthMm: 51 } },
  { id: "small-rounds", name: "Three small rounds", owned: 3, spec: { shape: "round", diameterMm: 152, depthMm: 51 } },
  { id: "springform", name: "Springform, dark", owned: 1, spec: { shape: "springform", diameterMm: 230, depthMm: 65, material: "dark" } },
  { id: "big-rectangle", name: "Supper rectangle", owned: 1, spec: { shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51 } },
  { id: "glass-dish", name: "Glass dish", owned: 1, spec: { shape: "rectangle", lengthMm: 330, widthMm: 230, depthMm: 50, material: "glass" } },
  { id: "square", name: "Chapel hall square", owned: 1, spec: { shape: "square", sideMm: 200, depthMm: 50 } },
  { id: "tray", name: "Shallow tray", owned: 2, spec: { shape: "rectangle", lengthMm: 380, widthMm: 255, depthMm: 25 } },
  { id: "loaf", name: "Loaf tin", owned: 2, spec: { shape: "loaf", lengthMm: 216, widthMm: 114, depthMm: 65 } },
  { id: "fluted", name: "Fluted ring", owned: 1, spec: { shape: "fluted", diameterMm: 250, depthMm: 90, material: "dark" } },
  { id: "tube", name: "Tall tube tin", owned: 1, spec: { shape: "tube", diameterMm: 250, depthMm: 105 } },
  { id: "cups", name: "Dozen cups", owned: 2, spec: { shape: "well", rimMm: 70, floorMm: 52, depthMm: 32, count: 12 } },
  { id: "small-cups", name: "Small cups", owned: 1, spec: { shape: "well", rimMm: 46, floorMm: 34, depthMm: 20, count: 24 } },
];

export const DEMO_CAKES: readonly DemoCake[] = [
  {
    id: "harbour-supper",
    name: "Harbour supper cake",
    question: {
      ...FIRST_QUESTION, recipe: "Blackcurrant and poppy seed layers", from: "2 x 20.3 x 5.1 cm round", heat: "177 °C", weight: "1030 g", volume: "1192 mL",
      tins: ["33 x 22.9 x 5.1 cm rectangle"],
    },
  },
  {
    id: "ferry-morning",
    name: "Ferry crew, Sunday morning",
    question: {
      ...FIRST_QUESTION, recipe: "Stout gingerbread ring", from: "25 x 9 cm fluted ring dark", heat: "170 °C", minutes: "46 min", kind: "hot-liquid",
      weight: "1171 g", volume: "1136 mL", tins: ["2 x 21.6 x 11.4 x 6.5 cm loaf"], cover: "none",
    },
  },
  {
    id: "lantern-night",
    name: "Lantern night cups",
    question: {
      ...FIRST_QUESTION, recipe: "Cardamom pear loaf", from: "21.6 x 11.4 x 6.5 cm loaf", heat: "175 °C", minutes: "60 min", kind: "quick-loaf",
      weight: "860 g", tins: ["12 cups 7 x 5.2 x 3.2 cm"], frosting: "cream-cheese",
    },
  },
];
