export {
  bestBefore,
  movedPortions,
  type PutAwayIssue,
  putAwayIssue,
  putBack,
  urgency,
} from "./best-before";
export {
  LABEL_SHEETS,
  type LabelPlace,
  labelPlaces,
  type LabelSheet,
  MOST_LABELS,
  parcels,
  SHEET_PAPERS,
} from "./label-sheets";
export {
  type KeptPortions,
  parsePortions,
  type Place,
  PLACES,
  type Portions,
  PortionsDocSchema,
} from "./portions";
export { PUT_AWAY, PUT_AWAY_ROWS, type PutAwayWhat } from "./rows";
export { type ComingOut, comingOut, takeOutAt, type Thawing, thawing } from "./thawing";
