export { AISLES, type Aisle } from "./aisles";
export { costOf, type Cost } from "./cost";
export {
  gotFor,
  GotSchema,
  latestGot,
  shoppingLists,
  type Got,
  type HowGot,
  type HowListed,
  type ListedRow,
} from "./got";
export {
  amountIn,
  changedLarder,
  itemOf,
  LarderRowSchema,
  readItemAmount,
  readPrice,
  type ItemAmount,
  type KnownItem,
  type LarderChange,
  type LarderRow,
  type Price,
} from "./larder";
export { leftOver, type LeftOver } from "./left-over";
export { shoppingList, usualPack, type ShoppingRow } from "./list";
export { itemKey, type Bought, type CakeNeed, type Item, type Need } from "./need";
export { LarderMoveSchema, broughtHome, takenOut, type LarderMove } from "./larder-moves";
export { writeListCsv } from "./write-list";
