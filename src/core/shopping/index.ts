export { AISLES, type Aisle } from "./aisles";
export { gotFor, GotSchema, latestGot, shoppingLists, type Got, type HowGot } from "./got";
export { shoppingList, type ShoppingRow } from "./list";
export { type Bought, type CakeNeed, type Item, type Need } from "./need";
export { writeListCsv } from "./write-list";
